#include "desktop/services/water_book.hpp"

#include "record/base/json.hpp"
#include "record/library/catalogue.hpp"
#include "report/base/words.hpp"

namespace fusain::desktop {
namespace {

std::string keyOf(Instant day) {
    return "water-log." + report::day(day).toStdString();
}

} // namespace

Expected<std::vector<WaterLogEntry>> WaterBook::on(Instant day) const {
    const std::string key = keyOf(day);
    const auto json = parseJson(book_.setting(key, "[]"), key);
    return json ? waterLogFromJson(*json, key) : tl::unexpected(json.error());
}

Expected<void> WaterBook::log(const WaterLogEntry& entry) {
    const std::string key = keyOf(entry.at);
    return book_.changeSetting(key, entry.by, [&](const std::string& present) -> Expected<std::string> {
        auto json = parseJson(present.empty() ? "[]" : present, key);
        const auto before = json ? waterLogFromJson(*json, key) : tl::unexpected(json.error());
        if (!before) // a log that cannot be read is not written over
            return tl::unexpected(before.error());
        json->push_back(toJson(entry));
        return json->dump();
    });
}

Expected<WaterState> WaterBook::stateAt(Instant now) const {
    const auto today = on(now);
    if (!today)
        return tl::unexpected(today.error());
    WaterState state;
    if (!today->empty()) {
        const PlanningPolicy& planning = catalogue_.planning;
        state.latest = today->back();
        state.findings = judgeCare(state.latest->reading, planning.water.limits, planning.tank.tank.volume,
                                   planning.water.stock);
    }
    return state;
}

std::optional<Problem> WaterBook::obstacle(Instant now) const {
    const auto state = stateAt(now);
    if (!state)
        return state.error();
    if (!state->latest)
        return Problem{
            {FUSAIN_TEXT("The tank water has not been logged today."), {}},
            {},
            {},
            {FUSAIN_TEXT("Nobody in the water. Measure chlorine, pH and temperature and log them under "
                         "Day."),
             {}}};
    if (state->verdict() != water::CareVerdict::NobodyIn)
        return std::nullopt;
    return Problem{state->findings.front().what,
                   report::clock(state->latest->at).toStdString(),
                   {},
                   {FUSAIN_TEXT("Nobody goes into the tank until a later reading of the water is good."), {}}};
}

} // namespace fusain::desktop
