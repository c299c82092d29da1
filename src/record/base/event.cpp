#include "record/base/event.hpp"

#include "record/base/fingerprint.hpp"
#include "record/base/json.hpp"

namespace fusain {

Json toJson(const Event& event) {
    return {{"sequence", event.sequence}, {"at", isoText(event.at)},  {"by", event.by},
            {"kind", event.kind},         {"subject", event.subject}, {"data", event.data}};
}

std::string chainHash(const std::string& previous, const Event& event) {
    return hashOf(previous + toJson(event).dump());
}

} // namespace fusain
