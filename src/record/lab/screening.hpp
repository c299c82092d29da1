#pragma once
#include "record/base/calendar.hpp"
#include "record/base/document_kind.hpp"
#include "record/base/json_fwd.hpp"

#include <optional>
#include <string>
#include <vector>

namespace fusain {

/// What a yes to a question means for a plan.
enum class ScreeningEffect {
    Eating,        ///< one of several about eating: two of them are a stop
    EatingHistory, ///< a stop, and pages in words only
    Stop,          ///< no plan here, and who helps instead
    Protein        ///< a plan, without a target for protein
};

/// One question about health, asked of a person apart from a test.
struct ScreeningQuestion {
    std::string id, question;
    std::string appliesIf; ///< "", "woman" or "from 70 years"
    ScreeningEffect effect = ScreeningEffect::Stop;
    int holdsDays = 0; ///< after so many days it has to be asked again
    std::string why, whom;
    std::string source, grade;
};
/// The questions of a lab: docs/formats/screening.md.
struct ScreeningQuestions {
    std::string id, title;
    int version = 1;
    std::vector<ScreeningQuestion> questions;
    /// Those that concern somebody.
    [[nodiscard]] std::vector<const ScreeningQuestion*> concerning(Sex sex, Years age) const;
};
[[nodiscard]] Expected<ScreeningQuestions> screeningQuestionsFromJson(const Json& json,
                                                                      const std::string& where);

enum class ScreeningAnswer { No, Yes, Declined };

/// An answer, and how long it holds.
struct ScreeningItem {
    std::string question; ///< id
    ScreeningAnswer answer = ScreeningAnswer::Declined;
    Instant at, until;
    std::string by;  ///< staff id
    std::string set; ///< id and version of the questions, as they were asked
};

/// Whether a question stands in the way. Declined and out of date count as not asked; a yes stays one until it
/// is asked anew.
enum class Clearance { Cleared, Said, NotAsked };

/// What one person answered, the latest of each question.
struct Screening {
    std::vector<ScreeningItem> items;
    [[nodiscard]] const ScreeningItem* find(const std::string& question) const;
    [[nodiscard]] Clearance clearanceOf(const std::string& question, Instant now) const;
    void put(ScreeningItem item); ///< in place of an earlier answer
};
[[nodiscard]] ScreeningItem screeningItem(const ScreeningQuestions& set, const ScreeningQuestion& question,
                                          ScreeningAnswer answer, Instant at, std::string by);
[[nodiscard]] Json toJson(const Screening& screening);
[[nodiscard]] Expected<Screening> screeningFromJson(const Json& json, const std::string& where);

/// A question that concerns somebody, and where they stand with it.
struct Asked {
    const ScreeningQuestion* question;
    Clearance clearance;
};
[[nodiscard]] std::vector<Asked> askedOf(const ScreeningQuestions& set, const Screening& screening, Sex sex,
                                         Years age, Instant now);

/// Two of the five about eating, or a history: no numbers for this person, on a plan or on a page.
[[nodiscard]] bool eatingConcern(const std::vector<Asked>& asked);

/// The keys of this kind of document.
[[nodiscard]] DocumentKind healthQuestionsKind();

/// The keys of this kind of document.
[[nodiscard]] DocumentKind healthAnswersKind();

} // namespace fusain
