#include "record/base/event.hpp"

#include "record/base/json.hpp"

#include <array>
#include <sodium.h>

namespace fusain {

Json toJson(const Event& event) {
    return {{"sequence", event.sequence}, {"at", isoText(event.at)},  {"by", event.by},
            {"kind", event.kind},         {"subject", event.subject}, {"data", event.data}};
}

std::string chainHash(const std::string& previous, const Event& event) {
    const std::string text = previous + toJson(event).dump();
    std::array<unsigned char, 32> digest{};
    crypto_generichash(digest.data(), digest.size(), reinterpret_cast<const unsigned char*>(text.data()),
                       text.size(), nullptr, 0);
    std::array<char, 65> hexadecimal{};
    sodium_bin2hex(hexadecimal.data(), hexadecimal.size(), digest.data(), digest.size());
    return hexadecimal.data();
}

} // namespace fusain
