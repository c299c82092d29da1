#pragma once
#include "core/girth/sites.hpp"
#include "record/base/fields.hpp"

namespace fusain {

// For the sources of the records only.

template <>
struct FieldValue<girth::Site> {
    static constexpr std::string_view holds = "word";
    static std::string words() {
        std::string known;
        for (const girth::Site site : girth::sites)
            known += (known.empty() ? "" : ", ") + std::string(girth::textOf(site).key);
        return known;
    }
    static girth::Site read(const Json& json, const FieldNote& note) {
        const auto key = json.get<std::string>();
        const auto site = girth::siteFromKey(key);
        if (!site)
            refuse(json, note, "is \"" + key + "\"");
        return *site;
    }
    static Json write(girth::Site site) { return girth::textOf(site).key; }
};

} // namespace fusain
