#pragma once
#include "core/readiness/rule.hpp"
#include "core/units/units.hpp"
#include "record/base/document.hpp"
#include "record/base/document_kind.hpp"

#include <map>

namespace fusain {

/// What a lab asks and says before and during a test by one method.
struct Protocol {
    std::string id;
    std::string title;
    std::string method;
    std::vector<readiness::Rule> screening;              ///< contraindications and safety
    std::vector<readiness::Rule> readiness;              ///< preparation, with the effect of each deviation
    std::vector<std::string> safety;                     ///< shown at the tank, in order
    std::vector<std::string> rehearsal;                  ///< what to practise before the first trial
    std::map<std::string, std::vector<std::string>> say; ///< step id → calming sentences to say to the client
    Document document;                                   ///< as it was read, to be kept with each test

    [[nodiscard]] const readiness::Rule* find(const std::string& ruleId) const;
};

/// Reads and checks a protocol. The Problem names the file, the place ("/readiness/4/limit") and the reason.
[[nodiscard]] Expected<Protocol> protocolFromJson(const Json& json, const std::string& where);

/// Who is asked.
struct AskedPerson {
    Sex sex = Sex::Female;
    Years age;
    bool repeatTest = false;
};
/// Women are asked about pregnancy between these ages; an engineering choice, local rules decide.
inline constexpr Years childbearingFrom{11.0}, childbearingTo{55.0};
/// From here on frailty is asked about; an engineering choice.
inline constexpr Years frailtyAskedFrom{70.0};
/// Whether a condition of a rule or question holds for somebody. @return nothing for a condition that is not
/// about people
[[nodiscard]] std::optional<bool> holdsFor(const std::string& condition, const AskedPerson& person);

/// What the protocol wants to hear: "no", "at least 4 h ago", "at most 0.2 kg".
[[nodiscard]] Message wantedText(const readiness::Rule& rule);
/// How sure the source of a rule is, to be read after it; empty for grade A.
[[nodiscard]] std::string_view gradeText(std::string_view grade);
[[nodiscard]] std::string_view effectText(readiness::Effect effect);
[[nodiscard]] std::string_view actionText(readiness::Action action);

/// The keys of this kind of document.
[[nodiscard]] DocumentKind protocolKind();

} // namespace fusain
