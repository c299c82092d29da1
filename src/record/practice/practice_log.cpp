#include "record/practice/practice_log.hpp"

#include "core/base/message.hpp"
#include "record/base/fields.hpp"

#include <algorithm>

namespace fusain {
namespace {

constexpr Named<HelpLevel> helpLevels[] = {
    {"prompts", HelpLevel::Prompts}, {"when-asked", HelpLevel::WhenAsked}, {"none", HelpLevel::None}};

const Fields<PracticeLog::Act>& loggedActFields() {
    using Act = PracticeLog::Act;
    static const auto fields =
        Fields<Act>("act beside the screen")
            .required("at", &Act::at, "when it was said or done")
            .required("act", &Act::id, "id of the act")
            .optional("mended", &Act::mended, "something was wrong and is so no longer")
            .optional("called_for", &Act::calledFor, "the case had a reason for it");
    return fields;
}

const Fields<PracticeLog::Recording>& loggedRecordingFields() {
    using Recording = PracticeLog::Recording;
    static const auto fields = Fields<Recording>("recording")
                                   .required("at", &Recording::at, "when it began")
                                   .optional("spoilt_by", &Recording::spoiltBy, "names of faults");
    return fields;
}

const Fields<PracticeLog>& logFields() {
    using Log = PracticeLog;
    static const auto fields =
        Fields<Log>("practice log")
            .format("fusain-practice-log", 1, Presence::Required)
            .required("case", &Log::caseId, "id of the practice case")
            .required("trainee", &Log::trainee, "staff id")
            .word("help", &Log::help, helpLevels, "how much was told")
            .optional("hints", &Log::hints, "asked for", between(0.0, 10000.0))
            .list("acts", &Log::acts, loggedActFields(), "said or done beside the screen, in order")
            .list("recordings", &Log::recordings, loggedRecordingFields(), "each as it began, in order");
    return fields;
}

} // namespace

std::string_view helpText(HelpLevel level) {
    switch (level) {
    case HelpLevel::Prompts:
        return FUSAIN_TEXT("a prompt at each step");
    case HelpLevel::WhenAsked:
        return FUSAIN_TEXT("a hint when asked");
    case HelpLevel::None:
        break;
    }
    return FUSAIN_TEXT("no help");
}

bool PracticeLog::did(std::string_view act) const {
    return std::ranges::find(acts, act, &Act::id) != acts.end();
}

const PracticeLog::Recording* PracticeLog::before(Instant at) const {
    const Recording* latest = nullptr;
    for (const Recording& each : recordings)
        if (each.at.milliseconds <= at.milliseconds)
            latest = &each;
    return latest;
}

Json toJson(const PracticeLog& log) {
    return logFields().write(log);
}

Expected<PracticeLog> practiceLogFromJson(const Json& json, const std::string& where) {
    return readDocument(where, [&] { return logFields().read(json); });
}

DocumentKind practiceLogKind() {
    return {"Practice log", logFields().notes()};
}

} // namespace fusain
