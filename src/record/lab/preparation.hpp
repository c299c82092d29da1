#pragma once
#include "record/base/document_kind.hpp"
#include "record/base/json_fwd.hpp"

#include <string>
#include <vector>

namespace fusain {

/// Whether a line of a preparation sheet asks to leave something, to do it, to bring it, or to tell us of it.
enum class PreparationKind { Avoid, Do, Bring, Tell };

/// One line of the preparation sheets, for whichever of its rules a test will ask.
struct PreparationTopic {
    std::string id;
    PreparationKind kind = PreparationKind::Avoid;
    std::string sentence;           ///< {1}: the clock time from which on, worked back from the appointment
    std::string child;              ///< the sentence for a child; the adult's where it is empty
    std::string why;                ///< in one short sentence
    std::vector<std::string> rules; ///< of the protocols; the strictest of those that apply counts
    bool adultsOnly = false;
};

/// What clients are told before they come: docs/formats/preparation.md.
struct PreparationTexts {
    std::string id;
    std::vector<PreparationTopic> topics;
    std::vector<std::string> inTheLab; ///< rules that only the lab can keep, and that no sheet mentions
};

/// Reads and checks the texts: known kinds, no topic twice, a sentence and at least one rule each.
[[nodiscard]] Expected<PreparationTexts> preparationFromJson(const Json& json, const std::string& where);

/// The keys of this kind of document.
[[nodiscard]] DocumentKind preparationKind();

} // namespace fusain
