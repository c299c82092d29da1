#pragma once
#include "record/base/json.hpp"

#include <string>

namespace fusain {

/// A word of a document and what it stands for.
template <class Value>
struct Named {
    std::string_view word;
    Value value;
};

/// What the word under `key` stands for; throws Json::exception with the allowed words when it is none of them.
template <class Value, std::size_t count>
[[nodiscard]] Value named(const Json& json, const char* key, const Named<Value> (&words)[count]) {
    const auto text = json.at(key).get<std::string>();
    std::string known;
    for (const auto& [word, value] : words) {
        if (word == text)
            return value;
        known += (known.empty() ? "" : ", ") + std::string(word);
    }
    throw Json::other_error::create(501, std::string(key) + " is \"" + text + "\" but must be one of: " + known,
                                    &json);
}

/// The word for a value; every value of a list has one.
template <class Value, std::size_t count>
[[nodiscard]] std::string_view wordFor(Value value, const Named<Value> (&words)[count]) {
    for (const auto& each : words)
        if (each.value == value)
            return each.word;
    return {};
}

} // namespace fusain
