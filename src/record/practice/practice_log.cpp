#include "record/practice/practice_log.hpp"

#include "record/base/json_lists.hpp"

#include <algorithm>
#include <array>

namespace fusain {
namespace {

struct HelpName {
    HelpLevel level;
    std::string_view id, text;
};
constexpr std::array helpNames{HelpName{HelpLevel::Prompts, "prompts", FUSAIN_TEXT("a prompt at each step")},
                               HelpName{HelpLevel::WhenAsked, "when-asked", FUSAIN_TEXT("a hint when asked")},
                               HelpName{HelpLevel::None, "none", FUSAIN_TEXT("no help")}};

const HelpName& named(HelpLevel level) {
    return *std::ranges::find(helpNames, level, &HelpName::level);
}

Instant instantOf(const Json& json) {
    const auto at = instantFromIso(json.at("at").get<std::string>());
    if (!at)
        throw Json::other_error::create(501, "at is not a time", &json);
    return *at;
}

Json toJson(const PracticeLog::Act& act) {
    return {{"at", isoText(act.at)}, {"act", act.id}, {"mended", act.mended}, {"called_for", act.calledFor}};
}
PracticeLog::Act actFrom(const Json& json) {
    return {instantOf(json), json.at("act").get<std::string>(), json.value("mended", false),
            json.value("called_for", false)};
}
Json toJson(const PracticeLog::Recording& recording) {
    return {{"at", isoText(recording.at)}, {"spoilt_by", recording.spoiltBy}};
}
PracticeLog::Recording recordingFrom(const Json& json) {
    return {instantOf(json), json.value("spoilt_by", std::vector<std::string>{})};
}

} // namespace

std::string_view helpText(HelpLevel level) {
    return named(level).text;
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
    Json acts = Json::array(), recordings = Json::array();
    for (const auto& act : log.acts)
        acts.push_back(toJson(act));
    for (const auto& recording : log.recordings)
        recordings.push_back(toJson(recording));
    return {{"format", "fusain-practice-log"},
            {"version", 1},
            {"case", log.caseId},
            {"trainee", log.trainee},
            {"help", named(log.help).id},
            {"hints", log.hints},
            {"acts", acts},
            {"recordings", recordings}};
}

Expected<PracticeLog> practiceLogFromJson(const Json& json, const std::string& where) {
    return readDocument(where, [&] {
        PracticeLog log;
        log.caseId = json.at("case").get<std::string>();
        log.trainee = json.at("trainee").get<std::string>();
        const std::string help = json.at("help").get<std::string>();
        const auto* level = std::ranges::find(helpNames, help, &HelpName::id);
        if (level == helpNames.end())
            throw Json::other_error::create(501, "help is prompts, when-asked or none", &json);
        log.help = level->level;
        log.hints = json.value("hints", 0);
        readList(json, "acts", log.acts, actFrom);
        readList(json, "recordings", log.recordings, recordingFrom);
        return log;
    });
}

} // namespace fusain
