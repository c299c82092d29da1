#include "procedure/practice/replay.hpp"

#include <algorithm>

namespace fusain {

Replay replayOf(const AnyTest& test, const PracticeLog& log, Instant end) {
    const Instant start = common(test).startedAt;
    const auto since = [&](Instant at) { return minutesBetween(start, at); };
    Replay replay;
    replay.minutes = since(end);
    Methods::with(methodOf(test), [&]<class Method> {
        for (const auto& reading : Method::readings(std::get<typename Method::Record>(test))) {
            const auto* from = log.before(reading.at);
            replay.readings.push_back(
                {since(reading.at), reading.number, reading.counts(), from && !from->spoiltBy.empty()});
        }
    });
    for (std::size_t i = 0; i < log.recordings.size(); ++i) {
        const double from = since(log.recordings[i].at),
                     next = i + 1 < log.recordings.size() ? since(log.recordings[i + 1].at) : replay.minutes;
        const auto taken = std::ranges::find_if(replay.readings, [&](const Replay::Reading& reading) {
            return reading.at >= from && reading.at < next;
        });
        replay.recordings.push_back(
            {from, taken == replay.readings.end() ? next : taken->at, log.recordings[i].spoiltBy});
    }
    for (const PracticeLog::Act& act : log.acts)
        replay.acts.push_back({since(act.at), act.id, act.mended, act.calledFor});
    return replay;
}

} // namespace fusain
