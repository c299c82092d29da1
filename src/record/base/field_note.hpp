#pragma once
#include "record/base/calendar.hpp"
#include "record/base/json_fwd.hpp"

#include <limits>
#include <string>
#include <vector>

namespace fusain {

/// Between which numbers a field lies.
struct Limits {
    double lowest = -std::numeric_limits<double>::infinity();
    double highest = std::numeric_limits<double>::infinity();
    bool lowestOut = false; ///< the lowest itself is not allowed
    [[nodiscard]] bool allow(double value) const {
        return (lowestOut ? value > lowest : value >= lowest) && value <= highest;
    }
    /// "0.5 to 2.5", "0 or more", "more than 0"; empty without limits
    [[nodiscard]] std::string text() const;
};
[[nodiscard]] constexpr Limits between(double lowest, double highest) {
    return {lowest, highest, false};
}
[[nodiscard]] constexpr Limits atLeast(double lowest) {
    return {lowest, std::numeric_limits<double>::infinity(), false};
}
[[nodiscard]] constexpr Limits above(double lowest) {
    return {lowest, std::numeric_limits<double>::infinity(), true};
}
/// More than `lowest`, up to `highest`.
[[nodiscard]] constexpr Limits aboveUpTo(double lowest, double highest) {
    return {lowest, highest, true};
}

/// Required: has to be there. Optional: may be missing, always written. Sparse: written where it says
/// something.
enum class Presence { Required, Optional, Sparse };

/// What one key of a document holds.
struct FieldNote {
    std::string key;
    std::string holds; ///< "text", "number", "list of weighing trials"
    std::string unit;  ///< empty for none
    Limits limits;
    Presence presence = Presence::Required;
    std::string meaning;
    std::string words;            ///< the allowed ones; empty for any
    std::vector<FieldNote> inner; ///< keys of the part, or of each in the list
};

/// A finite number within the limits of the note; throws Json::exception for anything else, as do those below.
[[nodiscard]] double numberIn(const Json& json, const FieldNote& note);
[[nodiscard]] int wholeNumberIn(const Json& json, const FieldNote& note);
[[nodiscard]] Instant momentIn(const Json& json, const FieldNote& note);
[[nodiscard]] Date dateIn(const Json& json, const FieldNote& note);
[[nodiscard]] const Json& listIn(const Json& json, const FieldNote& note);
/// Throws for a version that a newer Fusain wrote, and for anything that is none.
void checkVersion(const Json& json, const FieldNote& note);
/// Throws with the key, what is wrong with its value, and what is allowed.
[[noreturn]] void refuse(const Json& json, const FieldNote& note, const std::string& wrong);
struct KnownKey {
    std::string key;
    bool required;
};
/// Throws when the object has a key that is none of these, or lacks one that is required.
void checkKeys(const Json& json, const std::vector<KnownKey>& keys);

/// The table of docs/formats: a row a key, the keys of parts as "part.key" and "list[].key".
[[nodiscard]] std::string markdownTable(const std::vector<FieldNote>& notes);

} // namespace fusain
