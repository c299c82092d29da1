#pragma once
#include "record/base/calendar.hpp"
#include "record/base/document_kind.hpp"
#include "record/base/json_fwd.hpp"

#include <string>
#include <vector>

namespace fusain {

/// How much a trainee is told: at each step, when asked, or nothing.
enum class HelpLevel { Prompts, WhenAsked, None };
[[nodiscard]] std::string_view helpText(HelpLevel level); ///< marked for translation

/// What happened in one practice test that the raw record does not hold.
struct PracticeLog {
    std::string caseId, trainee;
    HelpLevel help = HelpLevel::WhenAsked;
    int hints = 0; ///< asked for

    /// Something said or done beside the screen.
    struct Act {
        Instant at;
        std::string id;
        bool mended = false;    ///< something was wrong and is so no longer
        bool calledFor = false; ///< the case had a reason for it
    };
    std::vector<Act> acts;

    /// A submersion, volume trial, sweep or scan as it began, and what was wrong with it.
    struct Recording {
        Instant at;
        std::vector<std::string> spoiltBy; ///< names of faults
    };
    std::vector<Recording> recordings;

    [[nodiscard]] bool did(std::string_view act) const;
    /// The recording from which something that was accepted at `at` came; null before the first.
    [[nodiscard]] const Recording* before(Instant at) const;
};

[[nodiscard]] Json toJson(const PracticeLog& log);
[[nodiscard]] Expected<PracticeLog> practiceLogFromJson(const Json& json, const std::string& where);
[[nodiscard]] DocumentKind practiceLogKind();

} // namespace fusain
