#pragma once
#include "record/base/json.hpp"

#include <vector>

namespace fusain {

// Optional parts and lists of a document, written with toJson and read with a function of the caller.
template <class Items>
Json listOf(const Items& items) {
    Json list = Json::array();
    for (const auto& item : items)
        list.push_back(toJson(item));
    return list;
}

template <class T>
void setIf(Json& json, const char* key, const std::optional<T>& value) {
    if (value)
        json[key] = toJson(*value);
}

template <class T, class Read>
void readIf(const Json& json, const char* key, std::optional<T>& target, Read read) {
    if (json.contains(key))
        target = read(json.at(key));
}

template <class Items, class Read>
void readList(const Json& json, const char* key, Items& target, Read read) {
    if (json.contains(key))
        for (const Json& entry : json.at(key))
            target.push_back(read(entry));
}

} // namespace fusain
