#include "desktop/places/clients/test_rows.hpp"

#include "core/units/format.hpp"
#include "desktop/services/computing.hpp"
#include "desktop/views/mark_delegates.hpp"
#include "procedure/meaning/progress.hpp"
#include "record/all/record.hpp"
#include "report/base/words.hpp"

#include <cmath>
#include <set>

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

// A change in the client's unit where it is a mass, with its sign.
QString changeWords(Followed quantity, double difference, UnitSystem units) {
    if (quantity != Followed::FatMass)
        return QStringLiteral("%1 %2").arg(report::signedNumber(difference, textOf(quantity).decimals),
                                           report::plain(textOf(quantity).unit));
    return (difference < 0.0 ? QStringLiteral("−") : QStringLiteral("+")) +
           report::say(fusain::show(Kilograms(std::abs(difference)), units));
}

TableModel::Cell changeCell(Session& session, const Client& client, const ComputedTest* then,
                            const ComputedTest& now) {
    if (!then)
        return {};
    const Followed quantity = keyQuantity(now);
    const Comparison comparison =
        compare(quantity, *then, now, session.computing().precisionOf(now, now.record().startedBy));
    if (!comparison.known)
        return {};
    if (comparison.verdict == Verdict::NotComparable)
        return {QObject::tr("not comparable"), {}, report::say(comparison.why)};
    const double difference = comparison.change.difference;
    const QString change = changeWords(quantity, difference, client.units);
    return {comparison.verdict == Verdict::Real ? QObject::tr("%1, exceeds the LSC").arg(change)
                                                : QObject::tr("%1, within error").arg(change),
            difference, report::say(comparison.why)};
}

TableModel::Cell fatMassCell(const compartments::Composition& body, UnitSystem units) {
    return {
        report::say(fusain::show(body.fatMass.estimate(), units)), body.fatMass.estimate().value(),
        QObject::tr("fat-free mass: %1").arg(report::say(fusain::show(body.fatFreeMass.estimate(), units)))};
}

// What a test without fat is followed by, with its name.
TableModel::Cell insteadOfFat(const std::optional<ComputedTest>& result) {
    const auto value = result ? valueOf(keyQuantity(*result), *result) : std::nullopt;
    if (!value)
        return {};
    const FollowedText& text = textOf(keyQuantity(*result));
    return {QStringLiteral("%1 %2 %3")
                .arg(report::say(text.title), report::number(value->value, 1), report::plain(text.unit)),
            value->value, QObject::tr("± %1 (95 % CI)").arg(report::number(value->halfInterval(), 1))};
}

// The newest of each method is full, the others are outlines; all on one scale.
std::vector<QVariant> spindlesOf(const std::vector<std::optional<ComputedTest>>& results) {
    double from = 100.0, to = 0.0;
    const auto fatOf = [](const std::optional<ComputedTest>& result) {
        const auto* body = result ? result->composition() : nullptr;
        return body ? &body->fatPercent : nullptr;
    };
    for (const auto& result : results)
        if (const auto* fat = fatOf(result)) {
            from = std::min(from, fat->low().value());
            to = std::max(to, fat->high().value());
        }
    std::vector<QVariant> pictures;
    std::set<std::string_view> seen;
    for (const auto& result : results) {
        const auto* fat = fatOf(result);
        pictures.push_back(
            fat ? pictureOf(SpindleMark{fat->estimate().value(), fat->halfInterval().value(), from - 0.5,
                                        to + 0.5, seen.insert(methodOf(result->test)).second})
                : QVariant());
    }
    return pictures;
}

} // namespace

std::vector<TableModel::Row> rowsOfTests(Session& session, const Client& client,
                                         const std::vector<AnyTest>& tests) {
    std::vector<std::optional<ComputedTest>> results;
    for (const AnyTest& test : tests) {
        auto result = session.computing().computed(test);
        results.push_back(result ? std::optional(std::move(*result)) : std::nullopt);
    }
    const std::vector<QVariant> spindles = spindlesOf(results);
    std::vector<TableModel::Row> rows;
    for (std::size_t i = 0; i < tests.size(); ++i) {
        const RawTest& test = common(tests[i]);
        const auto* body = results[i] ? results[i]->composition() : nullptr;
        TableModel::Row row{report::plain(test.id),
                            {{report::day(test.startedAt), static_cast<qlonglong>(test.startedAt.milliseconds)},
                             {report::say(methodTitle(methodOf(tests[i])))}}};
        if (body)
            row.cells.insert(row.cells.end(),
                             {{QStringLiteral("%1 ± %2 %")
                                   .arg(report::number(body->fatPercent.estimate().value(), 1),
                                        report::number(body->fatPercent.halfInterval().value(), 1)),
                               body->fatPercent.estimate().value(), QObject::tr("± is the 95 % CI")},
                              {{},
                               body->fatPercent.estimate().value(),
                               QObject::tr("95 % CI %1 to %2 %")
                                   .arg(report::number(body->fatPercent.low().value(), 1),
                                        report::number(body->fatPercent.high().value(), 1)),
                               spindles[i]},
                              fatMassCell(*body, client.units)});
        else
            row.cells.insert(row.cells.end(), {insteadOfFat(results[i]), {}, {}});
        row.cells.push_back(results[i] ? changeCell(session, client, before(results, i), *results[i])
                                       : TableModel::Cell{});
        row.cells.push_back({stateOf(test)});
        rows.push_back(std::move(row));
    }
    return rows;
}

} // namespace fusain::desktop
