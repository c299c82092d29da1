#include "desktop/views/statement_list.hpp"

#include "desktop/widgets/appearance.hpp"
#include "desktop/widgets/parts.hpp"
#include "report/pages/test_report.hpp"

#include <QHBoxLayout>
#include <QVBoxLayout>

namespace fusain::desktop {
namespace {

constexpr std::size_t most = 3;

// A shape goes with the word: filled what exceeds its limit, open what does not.
QString signOf(const Statement& statement) {
    return std::visit(Overloaded{
                          [](const PlaceStatement& place) {
                              return place.place == ReferencePlace::Below ||
                                             place.place == ReferencePlace::Above
                                         ? QStringLiteral("◆")
                                         : QStringLiteral("◇");
                          },
                          [](const ChangeStatement& change) {
                              return change.comparison.verdict == Verdict::Real         ? QStringLiteral("◆")
                                     : change.comparison.verdict == Verdict::MayBeNoise ? QStringLiteral("◇")
                                                                                        : QStringLiteral("┄");
                          },
                          [](const SidesStatement& sides) {
                              return sides.balance.notable() ? QStringLiteral("◆") : QStringLiteral("◇");
                          },
                      },
                      statement);
}

} // namespace

StatementList::StatementList(QWidget* parent) : QWidget(parent) {
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(scaled(8));
    for (std::size_t i = 0; i < most; ++i) {
        Row row{new QWidget, label({}, "chip", false), label({}, "heading"), label({}, "soft")};
        auto* words = new QVBoxLayout;
        words->setSpacing(2);
        words->addWidget(row.statement);
        words->addWidget(row.forClient);
        auto* across = new QHBoxLayout(row.all);
        across->setContentsMargins(0, 0, 0, 0);
        across->setSpacing(scaled(12));
        row.verdict->setFixedWidth(scaled(214));
        across->addWidget(row.verdict, 0, Qt::AlignTop);
        across->addLayout(words, 1);
        layout->addWidget(row.all);
        rows_.push_back(row);
    }
    clear();
}

void StatementList::showReport(const report::TestReport& report) {
    for (std::size_t i = 0; i < rows_.size(); ++i) {
        const Row& row = rows_[i];
        const bool said = i < report.keyPoints.size();
        row.all->setVisible(said);
        if (!said)
            continue;
        const KeyPoint& point = report.keyPoints[i];
        const Statement* behind = statementBehind(point, report.statements);
        row.verdict->setText(behind ? signOf(*behind) + QStringLiteral("  ") + report::say(verdictOf(*behind))
                                    : tr("◇  to note"));
        row.statement->setText(report::sentence(behind ? labSentence(*behind) : point.evidence));
        row.forClient->setText(tr("For the client: %1").arg(report::say(point.sentence)));
    }
}

void StatementList::clear() {
    for (const Row& row : rows_) {
        for (QLabel* each : {row.verdict, row.statement, row.forClient})
            each->clear();
        row.all->hide();
    }
}

} // namespace fusain::desktop

#include "moc_statement_list.cpp"
