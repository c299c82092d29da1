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
    auto json = parseJson(book_.setting(key, "[]"), key);
    const auto before = json ? waterLogFromJson(*json, key) : tl::unexpected(json.error());
    if (!before) // a log that cannot be read is not written over
        return tl::unexpected(before.error());
    json->push_back(toJson(entry));
    return book_.setSetting(key, json->dump(), entry.by);
}

std::optional<Problem> WaterBook::obstacle(Instant now) const {
    const auto today = on(now);
    if (!today)
        return today.error();
    if (today->empty())
        return Problem{
            {FUSAIN_TEXT("The tank water has not been logged today."), {}},
            {},
            {},
            {FUSAIN_TEXT("Nobody in the water. Measure chlorine, pH and temperature and log them under "
                         "Day."),
             {}}};
    const PlanningPolicy& planning = catalogue_.planning;
    const WaterLogEntry& latest = today->back();
    const auto findings =
        judgeCare(latest.reading, planning.water.limits, planning.tank.tank.volume, planning.water.stock);
    if (worst(findings) != water::CareVerdict::NobodyIn)
        return std::nullopt;
    return Problem{findings.front().what,
                   report::clock(latest.at).toStdString(),
                   {},
                   {FUSAIN_TEXT("Nobody goes into the tank until a later reading of the water is good."), {}}};
}

} // namespace fusain::desktop
