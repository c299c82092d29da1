#pragma once
#include "record/base/json.hpp"

#include <set>
#include <vector>

namespace fusain::testing {

/// Every place of a document, as pointers; of lists the first and the last element stand for all.
/// @param apart keys of documents of their own, which are not walked into
inline void placesOf(const Json& json, const Json::json_pointer& here, std::vector<Json::json_pointer>& places,
                     const std::set<std::string>& apart = {}) {
    if (json.is_object())
        for (const auto& [key, value] : json.items()) {
            places.push_back(here / key);
            if (!apart.contains(key))
                placesOf(value, here / key, places, apart);
        }
    if (json.is_array() && !json.empty())
        for (const std::size_t index : std::set<std::size_t>{0, json.size() - 1}) {
            places.push_back(here / index);
            placesOf(json[index], here / index, places, apart);
        }
}
inline std::vector<Json::json_pointer> placesOf(const Json& json, const std::set<std::string>& apart = {}) {
    std::vector<Json::json_pointer> places;
    placesOf(json, Json::json_pointer(), places, apart);
    return places;
}

inline bool isKey(const Json& json, const Json::json_pointer& place) {
    return json.at(place.parent_pointer()).is_object();
}

inline Json without(Json json, const Json::json_pointer& place) {
    Json& parent = json.at(place.parent_pointer());
    if (parent.is_array())
        parent.erase(static_cast<std::size_t>(std::stoul(place.back())));
    else
        parent.erase(place.back());
    return json;
}

inline Json with(Json json, const Json::json_pointer& place, Json value) {
    json.at(place) = std::move(value);
    return json;
}

/// A value of a kind that does not fit there.
inline Json otherKind(const Json& value) {
    return value.is_string() ? Json(42) : value.is_number() ? Json("forty-two") : Json("neither");
}

/// The key under another name, "heigth" for "height".
inline Json misspelt(Json json, const Json::json_pointer& place) {
    Json& parent = json.at(place.parent_pointer());
    parent[place.back() + "x"] = parent.at(place.back());
    parent.erase(place.back());
    return json;
}

} // namespace fusain::testing
