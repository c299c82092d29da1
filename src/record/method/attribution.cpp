#include "record/method/attribution.hpp"

#include "record/base/json_lists.hpp"

#include <algorithm>
#include <array>

namespace fusain {
namespace {

constexpr std::array<std::string_view, 3> originNames{"typed", "link", "file"};

struct Field {
    const char* key;
    std::string Attribution::*member;
};
constexpr std::array fields{Field{"device", &Attribution::device}, Field{"link", &Attribution::link},
                            Field{"test", &Attribution::test}, Field{"client", &Attribution::client},
                            Field{"by", &Attribution::by}};

} // namespace

Json attributionJson(const Attribution& attribution) {
    Json json{{"origin", originNames[static_cast<std::size_t>(attribution.origin)]},
              {"at", isoText(attribution.at)}};
    for (const auto& [key, member] : fields)
        if (!(attribution.*member).empty())
            json[key] = attribution.*member;
    if (attribution.missingLines > 0)
        json["missing_lines"] = attribution.missingLines;
    return json;
}

Attribution attributionFromJson(const Json& json) {
    Attribution attribution;
    const std::string name = json.value("origin", "typed");
    const auto origin = std::ranges::find(originNames, name);
    if (origin == originNames.end())
        throw Json::other_error::create(501, "origin \"" + name + "\" is none of typed, link, file", &json);
    attribution.origin = static_cast<Origin>(origin - originNames.begin());
    attribution.at = instantAt(json, "at");
    for (const auto& [key, member] : fields)
        attribution.*member = json.value(key, "");
    attribution.missingLines = json.value("missing_lines", 0);
    return attribution;
}

Json toJson(const Reading& reading) {
    Json json = attributionJson(reading);
    json["value"] = reading.value;
    return json;
}
Reading readingFromJson(const Json& json) {
    return {attributionFromJson(json), json.at("value").get<double>()};
}

} // namespace fusain
