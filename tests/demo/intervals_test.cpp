// Every ± of the visit report, for everybody of the made-up lab and in every language, against what was
// computed: a 95 % interval or the limit of a change, and one of them for one value.
#include "demo_lab.hpp"
#include "desktop/services/session.hpp"
#include "desktop/services/visit_reporter.hpp"
#include "report/base/language.hpp"
#include "report/base/words.hpp"
#include "support/pdf_text.hpp"

#include <QRegularExpression>
#include <map>

namespace fusain::demo::intervals_test {
namespace {

// Half of the intervals and the limits that a result document holds, wherever they stand in it.
void collect(const Json& part, std::vector<double>& halves) {
    if (!part.is_structured())
        return;
    if (part.is_object()) {
        if (part.contains("ci95_high") && part.contains("ci95_low"))
            halves.push_back(0.5 * (part["ci95_high"].get<double>() - part["ci95_low"].get<double>()));
        for (const char* key : {"lsc95", "least_significant_kg"})
            if (part.contains(key))
                halves.push_back(part[key].get<double>());
    }
    for (const Json& inner : part)
        collect(inner, halves);
}

std::vector<double> computedHalves(const report::VisitReport& visit) {
    std::vector<double> halves;
    for (const report::TestReport& test : visit.tests)
        collect(test.computed.document(), halves);
    for (const MethodValue& value : visit.across.values)
        halves.push_back(value.fatPercent.halfInterval().value());
    for (const ModelValue& model : visit.across.models)
        halves.push_back(model.composition.fatPercent.halfInterval().value());
    for (const MethodPair& pair : visit.across.pairs)
        halves.push_back(pair.halfInterval.value());
    if (visit.across.best)
        halves.push_back(visit.across.best->fatPercent.halfInterval().value());
    return halves;
}

// Whether a printed number is one of the computed ones, rounded as it was printed.
bool isOneOf(const QString& printed, const std::vector<double>& halves) {
    const auto point = printed.indexOf(QRegularExpression(QStringLiteral("[.,]")));
    const int decimals = point < 0 ? 0 : static_cast<int>(printed.size() - point - 1);
    const double value = QString(printed).replace(QLatin1Char(','), QLatin1Char('.')).toDouble();
    const double rounding = 0.501 * std::pow(10.0, -decimals);
    return std::ranges::any_of(halves, [&](double half) { return std::abs(half - value) <= rounding; });
}

TEST_F(DemoLab, EveryIntervalOnAPageIsOneThatWasComputed) {
    report::loadFonts(QStringLiteral(FUSAIN_SOURCE_DIR "/data/fonts"));
    report::setLanguageFolder(store::dataFolder() + QStringLiteral("/page-languages"));
    const Instant now = clock;
    desktop::Session session(*store::LabBook::open(copied(), [now] { return now; }), *catalogue,
                             [now] { return now; });
    static const QRegularExpression interval(
        QStringLiteral("(\\d+[.,]\\d+)?\\s*(%|kg|L|°)?\\s*\\(?±\\s*(\\d+(?:[.,]\\d+)?)"));
    int read = 0;
    for (const Client& client : book->clients()) {
        const auto days = desktop::visitDays(session, client.id);
        if (days.empty() || isOneOfManyAlike(client))
            continue;
        const auto visit = desktop::visitReportOn(session, client, days.front());
        ASSERT_TRUE(visit) << client.name;
        const auto halves = computedHalves(*visit);
        for (const QString& code : report::pageLanguages()) {
            const report::InLanguage language(code);
            std::map<QString, QString> intervalOf; // of one value on the client's pages
            for (auto found = interval.globalMatch(testing::textOf(clientCopy(*visit))); found.hasNext();) {
                const auto match = found.next();
                ++read;
                EXPECT_TRUE(isOneOf(match.captured(3), halves))
                    << client.name << ' ' << code.toStdString() << ": " << match.captured(0).toStdString();
                if (match.captured(1).isEmpty() || match.captured(2) != QLatin1String("%"))
                    continue;
                const auto [known, first] = intervalOf.try_emplace(match.captured(1), match.captured(3));
                EXPECT_TRUE(first || known->second == match.captured(3))
                    << client.name << ": two intervals of " << match.captured(1).toStdString();
            }
            for (auto found = interval.globalMatch(testing::textOf(labCopy(*visit))); found.hasNext();) {
                const auto match = found.next();
                ++read;
                EXPECT_TRUE(isOneOf(match.captured(3), halves))
                    << client.name << " (lab) " << code.toStdString() << ": "
                    << match.captured(0).toStdString();
            }
        }
    }
    EXPECT_GT(read, 20);
}

} // namespace
} // namespace fusain::demo::intervals_test
