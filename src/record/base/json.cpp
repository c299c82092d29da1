#include "record/base/json.hpp"

namespace fusain {

Problem documentProblem(const std::string& where, const Json::exception& error) {
    std::string reason = error.what();
    if (const auto bracket = reason.find("] ");
        reason.starts_with("[json.exception") && bracket != std::string::npos)
        reason = reason.substr(bracket + 2);
    return {{FUSAIN_TEXT("This document cannot be used: {1}."), {reason}},
            where,
            {FUSAIN_TEXT("Nothing was changed."), {}},
            {FUSAIN_TEXT("Correct the file, or restore it from a copy."), {}}};
}

namespace {

// Whether lists and objects lie inside each other deeper than any document of ours: such a text costs memory
// and time far beyond its size.
bool deeperThan(std::string_view text, int most) {
    int depth = 0;
    bool inText = false, escaped = false;
    for (const char c : text) {
        if (inText) {
            inText = escaped || c != '"';
            escaped = !escaped && c == '\\';
        } else if (c == '"') {
            inText = true;
        } else if (c == '[' || c == '{') {
            if (++depth > most)
                return true;
        } else if (c == ']' || c == '}') {
            --depth;
        }
    }
    return false;
}

} // namespace

Expected<Json> parseJson(std::string_view text, const std::string& where) {
    if (deeperThan(text, deepestDocument))
        return failure({FUSAIN_TEXT("This document cannot be used: it is nested more than {1} deep."),
                        {std::to_string(deepestDocument)}},
                       where, {FUSAIN_TEXT("Is it the right file?"), {}},
                       {FUSAIN_TEXT("Nothing was changed."), {}});
    return readDocument(where, [&] { return Json::parse(text); });
}

Instant instantAt(const Json& json, const char* key) {
    const auto instant = instantFromIso(json.at(key).get<std::string>());
    if (!instant)
        throw Json::other_error::create(501, std::string(key) + " is not a time like 2026-03-12T07:40:00.000Z",
                                        &json);
    return *instant;
}

} // namespace fusain
