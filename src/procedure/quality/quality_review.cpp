#include "procedure/quality/quality_review.hpp"

#include <algorithm>
#include <functional>
#include <map>

namespace fusain {
namespace {

// Judges one stretch between two services against the baseline of its own first values.
void judgeStretch(ControlSeries& series, std::size_t from) {
    std::vector<double> values;
    for (std::size_t i = from; i < series.checks.size(); ++i)
        values.push_back(series.checks[i].reading);
    series.baseline = quality::baselineFrom(std::span(values).first(
        std::min<std::size_t>(values.size(), static_cast<std::size_t>(quality::leastBaseline))));
    if (series.baseline && series.baseline->standardDeviation > 0.0) {
        const auto points = quality::judgeChart(values, *series.baseline);
        series.points.insert(series.points.end(), points.begin(), points.end());
        series.stretches.push_back({series.checks[from].at, series.checks.back().at, *series.baseline});
        return;
    }
    for (const double value : values) {
        quality::ChartPoint point;
        point.ewma = value;
        series.points.push_back(point);
    }
}

Problem blockedBy(const Instrument& instrument, const CheckDefinition& check, CheckState state) {
    Message what;
    switch (state) {
    case CheckState::Failed:
        what = {FUSAIN_TEXT("No test may start: the last check \"{1}\" of {2} failed."),
                {check.title, instrument.name}};
        break;
    case CheckState::CertificateExpired:
        return {
            {FUSAIN_TEXT("No test may start: the certificate of \"{1}\" ran out on {2}."),
             {check.object, check.certificateUntil ? isoText(*check.certificateUntil) : std::string()}},
            {},
            {},
            {FUSAIN_TEXT("Enter the new certificate in Quality (Alt+Q), Reference object; the physiologist may "
                         "override with a reason."),
             {}}};
    default:
        what = {FUSAIN_TEXT("No test may start: the check \"{1}\" of {2} is due."),
                {check.title, instrument.name}};
    }
    return {
        std::move(what),
        {},
        {},
        {FUSAIN_TEXT("Make the check in Quality (Alt+Q); the physiologist may override with a reason."), {}}};
}

} // namespace

std::size_t ControlSeries::rejected() const {
    return static_cast<std::size_t>(
        std::ranges::count_if(points, [](const quality::ChartPoint& point) { return point.rejected(); }));
}

ControlSeries controlSeries(const CheckDefinition& definition, const std::vector<Check>& checks) {
    ControlSeries series;
    std::size_t stretch = 0;
    for (const Check& check : checks) {
        if (check.kind == "service") {
            judgeStretch(series, stretch);
            stretch = series.checks.size();
            series.services.push_back(check.at);
        } else if (check.kind == definition.id) {
            series.checks.push_back(check);
        }
    }
    judgeStretch(series, stretch);
    return series;
}

namespace {

void take(LabPrecision& own, const Study& study, double standardDeviation) {
    std::optional<StudiedError> other = own.of(study.quantity);
    std::optional<StudiedError>& known = study.quantity == "fat-percent"     ? own.fatPercent
                                         : study.quantity == "fat-mass"      ? own.fatMass
                                         : study.quantity == "fat-free-mass" ? own.fatFreeMass
                                                                             : other;
    // A study between days says more than one of the same day, whoever was measured.
    if (study.betweenDays || !known || !known->betweenDays)
        known = StudiedError{standardDeviation, study.betweenDays};
    if (other)
        own.others[study.quantity] = *other;
}

} // namespace

LabPrecision precisionInHandsOf(const Staff& colleague, const std::vector<Study>& studies,
                                const std::optional<MeasuredPerson>& person) {
    LabPrecision own;
    for (const bool everybody : {true, false})
        for (const std::string& group : {std::string(), std::string(roleText(colleague.role)), colleague.id})
            for (const Study& study : studies) {
                if (study.group != group || study.population.everybody() != everybody)
                    continue;
                if (!everybody && !(person && study.population.covers(person->sex, person->fat)))
                    continue;
                if (const auto precision = quality::precisionOf(study.people); precision && precision->enough())
                    take(own, study, precision->rootMeanSquareSd);
            }
    return own;
}

std::vector<std::vector<double>> repeatsFor(bool betweenDays, int repeats, std::vector<StudyValue> values,
                                            const std::function<bool(Instant, Instant)>& sameDay) {
    std::ranges::sort(values, std::ranges::greater(), &StudyValue::at);
    std::map<std::string, std::vector<StudyValue>> runs; // of each person, from the latest back
    const auto continues = [&](const StudyValue& later, const StudyValue& earlier) {
        const double days = minutesBetween(earlier.at, later.at) / (24.0 * 60.0);
        if (later.setting != earlier.setting)
            return false;
        return betweenDays ? days >= leastDaysApart - 0.5 && days <= mostDaysApart + 0.5
                           : sameDay(earlier.at, later.at);
    };
    for (const StudyValue& value : values) {
        auto& run = runs[value.clientId];
        if (static_cast<int>(run.size()) == repeats)
            continue;
        if (!run.empty() && !continues(run.back(), value))
            run.clear(); // too few in a row: those before them may do
        run.push_back(value);
    }
    std::vector<std::vector<double>> people;
    for (const auto& [client, run] : runs) {
        if (static_cast<int>(run.size()) < repeats)
            continue;
        std::vector<double>& own = people.emplace_back();
        for (auto value = run.rbegin(); value != run.rend(); ++value)
            own.push_back(value->value);
    }
    return people;
}

std::optional<Problem> obstacleToTests(std::string_view method, const std::vector<Instrument>& instruments,
                                       const std::function<std::vector<Check>(const std::string&)>& checksOf,
                                       Instant now) {
    for (const Instrument& instrument : instruments) {
        if (std::ranges::find(instrument.methods, method) == instrument.methods.end())
            continue;
        for (const CheckDefinition& check : instrument.checks)
            if (check.blocks)
                if (const CheckStatus status = statusOf(check, checksOf(instrument.id), now); !status.good())
                    return blockedBy(instrument, check, status.state);
    }
    return std::nullopt;
}

} // namespace fusain
