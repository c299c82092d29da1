#include "desktop/places/clients/test_rows.hpp"

#include "core/units/format.hpp"
#include "desktop/services/computing.hpp"
#include "procedure/meaning/progress.hpp"
#include "record/all/record.hpp"
#include "report/base/words.hpp"

#include <cmath>

namespace fusain::desktop {
namespace {

QString stateOf(const RawTest& test) {
    switch (test.state) {
    case TestState::Signed:
        return test.version > 1 ? QObject::tr("✓ signed, version %1").arg(test.version)
                                : QObject::tr("✓ signed");
    case TestState::Refused:
        return QObject::tr("no result: %1").arg(report::plain(test.refusal));
    case TestState::Running:
        break;
    }
    return QObject::tr("▲ not signed");
}

// The signed test before by the same method; null for the first.
const ComputedTest* before(const std::vector<std::optional<ComputedTest>>& results, std::size_t at) {
    for (std::size_t i = at + 1; i < results.size(); ++i)
        if (results[i] && results[i]->record().state == TestState::Signed &&
            methodOf(results[i]->test) == methodOf(results[at]->test))
            return &*results[i];
    return nullptr;
}

TableModel::Cell changeCell(Session& session, const Client& client, const ComputedTest* then,
                            const ComputedTest& now) {
    if (!then)
        return {};
    const Comparison comparison =
        compare(Followed::FatMass, *then, now, session.computing().precisionOf(now, now.record().startedBy));
    if (comparison.verdict == Verdict::NotComparable)
        return {QObject::tr("not comparable"), {}, report::say(comparison.why)};
    const double difference = comparison.change.difference;
    const QString mass = report::say(fusain::show(Kilograms(std::abs(difference)), client.units));
    const QString signedMass = (difference < 0.0 ? QStringLiteral("−") : QStringLiteral("+")) + mass;
    return {comparison.verdict == Verdict::Real ? QObject::tr("%1, exceeds the LSC").arg(signedMass)
                                                : QObject::tr("%1, within error").arg(signedMass),
            difference, report::say(comparison.why)};
}

// What a test without fat is followed by, with its name.
TableModel::Cell insteadOfFat(const std::optional<ComputedTest>& result) {
    for (const Followed quantity : {Followed::Waist, Followed::PhaseAngle})
        if (const auto value = result ? valueOf(quantity, *result) : std::nullopt) {
            const FollowedText& text = textOf(quantity);
            return {
                QStringLiteral("%1 %2 %3")
                    .arg(report::say(text.title), report::number(value->value, 1), report::plain(text.unit)),
                value->value, QObject::tr("± %1 (95 % CI)").arg(report::number(value->halfInterval(), 1))};
        }
    return {};
}

} // namespace

std::vector<TableModel::Row> rowsOfTests(Session& session, const Client& client,
                                         const std::vector<AnyTest>& tests) {
    std::vector<std::optional<ComputedTest>> results;
    for (const AnyTest& test : tests) {
        auto result = session.computing().computed(test);
        results.push_back(result ? std::optional(std::move(*result)) : std::nullopt);
    }
    std::vector<TableModel::Row> rows;
    for (std::size_t i = 0; i < tests.size(); ++i) {
        const RawTest& test = common(tests[i]);
        const auto* body = results[i] ? results[i]->composition() : nullptr;
        const auto mass = [&](const Measured<Kilograms>& value) {
            return TableModel::Cell{report::say(fusain::show(value.estimate(), client.units)),
                                    value.estimate().value()};
        };
        TableModel::Row row{report::plain(test.id),
                            {{report::day(test.startedAt), static_cast<qlonglong>(test.startedAt.milliseconds)},
                             {report::say(methodTitle(methodOf(tests[i])))}}};
        if (body)
            row.cells.insert(row.cells.end(),
                             {{QStringLiteral("%1 ± %2 %")
                                   .arg(report::number(body->fatPercent.estimate().value(), 1),
                                        report::number(body->fatPercent.halfInterval().value(), 1)),
                               body->fatPercent.estimate().value(), QObject::tr("± is the 95 % CI")},
                              mass(body->fatMass),
                              mass(body->fatFreeMass),
                              changeCell(session, client, before(results, i), *results[i])});
        else
            row.cells.insert(row.cells.end(), {insteadOfFat(results[i]), {}, {}, {}});
        row.cells.push_back({stateOf(test)});
        rows.push_back(std::move(row));
    }
    return rows;
}

} // namespace fusain::desktop
