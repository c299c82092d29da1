#pragma once
#include "record/base/document_kind.hpp"
#include "record/base/json_fwd.hpp"

#include <vector>

namespace fusain {

/// What a key point is for the client.
enum class KeyPointKind { Strength, Watch, Next };

/// One rule of what is worth saying: when a fact lies in a range, this sentence with this weight.
/// docs/formats/key-points.md lists the facts.
struct KeyPointRule {
    std::string id;
    KeyPointKind kind = KeyPointKind::Watch;
    std::string fact;               ///< e.g. "fat.change.real"
    double least = 0.0, most = 0.0; ///< the range, inclusive
    double weight = 1.0;            ///< clinical relevance; the size against the error multiplies it
    std::string size;               ///< fact that says how many times its error the finding is; may be empty
    bool minors = false;            ///< may be said to somebody under 18
    std::string sentence;           ///< for the client, kind and plain; {1} … are filled with `arguments`
    std::string evidence;           ///< for the physiologist, with the numbers
    std::vector<std::string> arguments; ///< facts for the placeholders of both
};

/// Reads and checks a rule: a known kind, a range, placeholders that have a fact.
[[nodiscard]] Expected<KeyPointRule> keyPointRuleFromJson(const Json& json, const std::string& where);

/// The keys of this kind of document.
[[nodiscard]] DocumentKind keyPointKind();

} // namespace fusain
