#pragma once
#include "record/base/json_fwd.hpp"

#include "record/base/calendar.hpp"

#include <nlohmann/json.hpp>
#include <optional>

namespace fusain {

/// How deep the parts of a document may lie in each other.
inline constexpr int deepestDocument = 64;

/// Parses one JSON text; one that is too deep is refused before it costs anything. @param where name of the
/// file or record, for the message
[[nodiscard]] Expected<Json> parseJson(std::string_view text, const std::string& where);

/// Problem for a document whose content does not fit: the library's words with the place, without its error
/// numbers.
[[nodiscard]] Problem documentProblem(const std::string& where, const Json::exception& error);

/// Runs `read`, which may use Json::at freely; a missing key or wrong type becomes a Problem naming file and
/// place.
template <class Read>
[[nodiscard]] auto readDocument(const std::string& where, Read&& read) -> Expected<decltype(read())> {
    try {
        return read();
    } catch (const Json::exception& error) {
        return tl::unexpected(documentProblem(where, error));
    }
}

/// The value under `key`, or nothing when the key is absent or null.
template <class T>
[[nodiscard]] std::optional<T> optionalAt(const Json& object, const char* key) {
    const auto found = object.find(key);
    if (found == object.end() || found->is_null())
        return std::nullopt;
    return found->get<T>();
}

/// The moment under `key`; throws Json::exception when it is no time like 2026-03-12T07:40:00.000Z.
[[nodiscard]] Instant instantAt(const Json& json, const char* key);

} // namespace fusain
