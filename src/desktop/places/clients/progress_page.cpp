#include "desktop/places/clients/progress_page.hpp"

#include "core/anthropometry/ages.hpp"
#include "core/quality/precision.hpp"
#include "desktop/services/computing.hpp"
#include "desktop/services/cross_calibrations.hpp"
#include "desktop/services/plans.hpp"
#include "desktop/views/mark_delegates.hpp"
#include "desktop/widgets/appearance.hpp"
#include "procedure/meaning/retest_time.hpp"
#include "record/all/record.hpp"
#include "record/library/catalogue.hpp"
#include "report/base/words.hpp"
#include "report/figures/change_figure.hpp"
#include "report/pages/trend_model.hpp"

#include <QVBoxLayout>
#include <algorithm>
#include <cmath>

namespace fusain::desktop {
namespace {

// Said where a change does not exceed the LSC: beyond it, it is above 97 % by construction.
QString withinError(const Change& change) {
    const QString percent = number(100.0 * change.directionProbability(), 0);
    return change.difference < 0.0 ? QObject::tr("within error (%1 % lower)").arg(percent)
                                   : QObject::tr("within error (%1 % higher)").arg(percent);
}

constexpr int PictureColumn = 5;

// Without a difference there is nothing to draw.
QVariant markOf(const Comparison& comparison, int push) {
    using State = report::ChangeMark::State;
    if (!(comparison.change.leastSignificant > 0.0))
        return {};
    const State state = comparison.verdict == Verdict::Real         ? State::Exceeds
                        : comparison.verdict == Verdict::MayBeNoise ? State::Within
                                                                    : State::NotComparable;
    return pictureOf(
        report::ChangeMark{comparison.change.difference / comparison.change.leastSignificant, state, push});
}

QString verdictWords(const Comparison& comparison, int push) {
    const QString verdict = comparison.verdict == Verdict::Real         ? QObject::tr("exceeds the LSC")
                            : comparison.verdict == Verdict::MayBeNoise ? withinError(comparison.change)
                                                                        : report::say(comparison.why);
    return push > 0   ? QObject::tr("%1; the preparation alone reads higher").arg(verdict)
           : push < 0 ? QObject::tr("%1; the preparation alone reads lower").arg(verdict)
                      : verdict;
}

void grey(QTableWidget& table, int row, const QColor& soft) {
    for (int column = 3; column < table.columnCount(); ++column)
        table.item(row, column)->setForeground(soft);
}

} // namespace

ProgressPage::ProgressPage(Session& session)
    : session_(session), quantity_(new QComboBox), from_(new QComboBox), to_(new QComboBox),
      regions_(new QCheckBox(tr("by region"))), zoom_(button({})),
      trend_(new FigureView(tr("The quantity over time"), 150)),
      changes_(table({tr("quantity"), tr("then"), tr("now"), tr("change"), tr("LSC (95 %)"), tr("on the LSC"),
                      tr("verdict")},
                     tr("What changed between the two visits"))),
      balance_(new FigureView(tr("What made the mass change"), 120)), words_(label({})) {
    for (const FollowedText& text : followedQuantities())
        quantity_->addItem(report::say(text.title), static_cast<int>(text.quantity));
    quantity_->insertSeparator(quantity_->count());
    for (const FollowedText& text : followedRegions())
        quantity_->addItem(report::say(text.title), static_cast<int>(text.quantity));
    quantity_->insertSeparator(quantity_->count());
    for (const FollowedText& text : followedGirths())
        quantity_->addItem(report::say(text.title), static_cast<int>(text.quantity));
    quantity_->setCurrentIndex(quantity_->findData(static_cast<int>(Followed::FatMass)));
    quantity_->setAccessibleName(tr("Quantity"));
    from_->setAccessibleName(tr("Earlier visit"));
    to_->setAccessibleName(tr("Later visit"));
    for (QComboBox* visit : {from_, to_})
        visit->setMaximumWidth(scaled(206));
    quantity_->setMaximumWidth(scaled(190));
    changes_->setColumnWidth(0, scaled(198));
    for (const int column : {1, 2, 3})
        changes_->setColumnWidth(column, scaled(60));
    changes_->setColumnWidth(4, scaled(86));
    changes_->setColumnWidth(PictureColumn, scaled(112));
    changes_->setItemDelegateForColumn(PictureColumn, new MarkDelegate(session, Qt::UserRole, changes_));
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 8, 0, 0);
    layout->addLayout(
        inOneRow({label(tr("Show"), "soft", false), quantity_, label(tr("compare"), "soft", false), from_,
                  label(tr("with"), "soft", false), to_}));
    layout->addLayout(pictures(), 3);
    layout->addWidget(changes_, 3);
    changes_->setMinimumHeight(scaled(150)); // a few rows, whatever stands round it
    auto* foot = new QHBoxLayout;
    foot->setContentsMargins(0, scaled(4), 0, 0);
    foot->setSpacing(scaled(20));
    foot->addWidget(balance_, 1);
    foot->addWidget(words_, 1, Qt::AlignTop);
    layout->addLayout(foot);
    connect(quantity_, &QComboBox::currentIndexChanged, this, &ProgressPage::show);
    connect(from_, &QComboBox::currentIndexChanged, this, &ProgressPage::show);
    connect(to_, &QComboBox::currentIndexChanged, this, &ProgressPage::show);
}

// The chosen quantity large; mass and what it is made of beside it.
QLayout* ProgressPage::pictures() {
    regions_->setToolTip(tr("Arms, legs and trunk as well"));
    connect(regions_, &QCheckBox::toggled, this, &ProgressPage::show);
    connect(zoom_, &QPushButton::clicked, this, &ProgressPage::zoom);
    connect(trend_, &FigureView::dragged, this, &ProgressPage::choosePeriod);
    trend_->setStretching(44.0, 22.0);
    auto* beside = new QVBoxLayout;
    beside->setSpacing(0);
    for (const Followed each : {Followed::Mass, Followed::FatMass, Followed::FatFreeMass}) {
        auto* figure = new FigureView(report::sentence(report::say(textOf(each).title)), 46);
        figure->setFixedWidth(scaled(264));
        figure->setToolTip(tr("Click to enlarge."));
        connect(figure, &FigureView::clicked, this, [this, each] { choose(each); });
        beside->addWidget(figure, 1);
        small_.emplace_back(each, figure);
    }
    beside->addSpacing(scaled(6));
    auto* choices = inOneRow({zoom_, regions_});
    choices->setSpacing(scaled(14));
    beside->addLayout(choices);
    auto* row = new QHBoxLayout;
    row->setSpacing(scaled(16));
    row->addWidget(trend_, 1);
    row->addLayout(beside);
    return row;
}

void ProgressPage::choose(Followed quantity) {
    quantity_->setCurrentIndex(quantity_->findData(static_cast<int>(quantity)));
}

void ProgressPage::showTests(const std::vector<AnyTest>& tests) {
    tests_.clear();
    for (auto test = tests.rbegin(); test != tests.rend(); ++test)
        if (common(*test).state == TestState::Signed)
            if (auto result = session_.computing().computed(*test))
                tests_.push_back(std::move(*result));
    period_.reset();
    offerVisits();
    show();
}

// The last visit against the one before by the same method, unless somebody chooses.
void ProgressPage::offerVisits() {
    const QSignalBlocker a(from_), b(to_);
    from_->clear();
    to_->clear();
    for (const ComputedTest& test : tests_) {
        const QString name = QStringLiteral("%1, %2").arg(report::day(test.record().startedAt),
                                                          report::say(methodTitle(methodOf(test.test))));
        from_->addItem(name);
        to_->addItem(name);
    }
    if (tests_.empty())
        return;
    // The method with most visits is what is followed.
    std::map<std::string_view, int> count;
    for (const ComputedTest& test : tests_)
        ++count[methodOf(test.test)];
    const auto most = std::ranges::max_element(count, {}, [](const auto& each) { return each.second; })->first;
    int now = -1, before = -1;
    for (int i = static_cast<int>(tests_.size()) - 1; i >= 0; --i)
        if (methodOf(tests_[static_cast<std::size_t>(i)].test) == most)
            (now < 0 ? now : before) = i; // the first of them in the end
    to_->setCurrentIndex(now);
    from_->setCurrentIndex(before < 0 ? now : before);
}

Followed ProgressPage::quantity() const {
    return static_cast<Followed>(quantity_->currentData().toInt());
}

std::optional<std::pair<std::size_t, std::size_t>> ProgressPage::visits() const {
    if (from_->currentIndex() < 0 || from_->currentIndex() == to_->currentIndex())
        return std::nullopt;
    const auto [first, second] = std::minmax({from_->currentIndex(), to_->currentIndex()});
    return std::pair(static_cast<std::size_t>(first), static_cast<std::size_t>(second));
}

// Across two methods only by a cross-calibration that this lab adopted.
Comparison ProgressPage::compared(Followed quantity, const ComputedTest& then, const ComputedTest& now,
                                  const LabPrecision& own) {
    const std::string from(methodOf(then.test)), to(methodOf(now.test));
    if (quantity == Followed::FatPercent && from != to)
        if (const auto line = adoptedCalibration(session_.book(), from, to))
            return compareConverted(then, now, *line);
    return compare(quantity, then, now, own);
}

// When a usual change could first be told from noise.
QString ProgressPage::nextDate(const ComputedTest& now, const LabPrecision& own) const {
    std::vector<ComputedTest> upToNow;
    std::ranges::copy_if(tests_, std::back_inserter(upToNow), [&](const ComputedTest& test) {
        return methodOf(test.test) == methodOf(now.test) && test.record().startedAt <= now.record().startedAt;
    });
    const auto next = nextTest(upToNow, own);
    if (!next || now.record().subject.age < anthropometry::adultAge)
        return {};
    QString words =
        tr("A fat loss of %1 kg a week becomes measurable from %2. Retesting earlier is unlikely to show a "
           "change.")
            .arg(number(usualPace, 2), report::day(next->at));
    if (next->atOwnPace)
        words += tr(" At this client's own pace (%1 kg a week): from %2.")
                     .arg(report::signedNumber(next->ownPace.value(), 2), report::day(*next->atOwnPace));
    return words;
}

LabPrecision ProgressPage::precision(const ComputedTest& test) {
    return session_.computing().precisionOf(test, test.record().startedBy);
}

void ProgressPage::show() {
    showTrend();
    showComparison();
}

std::vector<Series> ProgressPage::shownSeries(Followed quantity, const LabPrecision& own) const {
    auto lines = seriesOf(quantity, tests_, own);
    if (period_)
        for (Series& line : lines)
            std::erase_if(line.points, [&](const Series::Point& point) {
                return point.at < period_->first || point.at > period_->second;
            });
    std::erase_if(lines, [](const Series& line) { return line.points.empty(); });
    return lines;
}

void ProgressPage::choosePeriod(double from, double to) {
    constexpr double millisecondsADay = 86'400'000.0;
    const auto first = report::trendDayAt(from, trend_->area(), drawn_),
               last = report::trendDayAt(to, trend_->area(), drawn_);
    if (!first || !last)
        return;
    const std::pair period(Instant{static_cast<qint64>(*first * millisecondsADay)},
                           Instant{static_cast<qint64>(*last * millisecondsADay)});
    std::map<std::string_view, std::pair<int, int>> visitsOf; // first and last of each method
    for (int i = 0; i < static_cast<int>(tests_.size()); ++i)
        if (const auto& test = tests_[static_cast<std::size_t>(i)];
            period.first <= test.record().startedAt && test.record().startedAt <= period.second)
            visitsOf.try_emplace(methodOf(test.test), i, i).first->second.second = i;
    const auto longest = std::ranges::max_element(
        visitsOf, {}, [](const auto& each) { return each.second.second - each.second.first; });
    if (longest == visitsOf.end() || longest->second.first == longest->second.second)
        return; // nothing to compare there
    period_ = period;
    const QSignalBlocker a(from_), b(to_);
    from_->setCurrentIndex(longest->second.first);
    to_->setCurrentIndex(longest->second.second);
    show();
}

// To the two visits that are compared, or back to the whole time.
void ProgressPage::zoom() {
    const auto chosen = visits();
    if (std::exchange(period_, std::nullopt).has_value() || !chosen)
        return show();
    period_ = {tests_[chosen->first].record().startedAt, tests_[chosen->second].record().startedAt};
    show();
}

void ProgressPage::showTrend() {
    const LabPrecision own = tests_.empty() ? LabPrecision{} : precision(tests_.back());
    report::TrendModel model = report::trendModel(quantity(), shownSeries(quantity(), own));
    zoom_->setText(period_ ? tr("All visits") : tr("Only this period"));
    zoom_->setVisible(period_ || tests_.size() > 2);
    regions_->setVisible(std::ranges::any_of(
        tests_, [](const ComputedTest& test) { return valueOf(Followed::TrunkLean, test).has_value(); }));
    drawn_ = model;
    if (const auto chosen = visits())
        if (const auto value = valueOf(quantity(), tests_[chosen->first], own))
            model.band = {value->value, quality::leastSignificantChange(value->visitError)};
    trend_->setPaint([model, &palette = session_.palette()](QPainter& painter, const QRectF& area) {
        report::paintTrend(painter, area, model, palette);
    });
    showSmall(own);
}

void ProgressPage::showSmall(const LabPrecision& own) {
    for (const auto& [each, figure] : small_) {
        const report::TrendModel model = report::trendModel(each, shownSeries(each, own));
        const bool chosen = each == quantity();
        figure->setPaint([model, chosen, &palette = session_.palette()](QPainter& painter, const QRectF& area) {
            report::paintSmallTrend(painter, area, model, chosen, palette);
        });
    }
}

// A row for a quantity that both visits give.
void ProgressPage::addChange(const FollowedText& text, const ComputedTest& then, const ComputedTest& now,
                             const LabPrecision& own, QStringList& sentences) {
    const auto before = valueOf(text.quantity, then, own), after = valueOf(text.quantity, now, own);
    if (!before || !after)
        return;
    const Comparison comparison = compared(text.quantity, then, now, own);
    const bool known = comparison.verdict != Verdict::NotComparable;
    const int push = known ? 0 : expectedPush(text.quantity, comparison.unlike);
    setRow(changes_, changes_->rowCount(),
           {report::say(text.title) + QStringLiteral(", ") + report::plain(text.unit),
            number(before->value, text.decimals), number(after->value, text.decimals),
            known ? report::signedNumber(comparison.change.difference, text.decimals) : QString(),
            known ? number(comparison.change.leastSignificant, text.decimals) : QString(), QString(),
            verdictWords(comparison, push)});
    changes_->item(changes_->rowCount() - 1, PictureColumn)->setData(Qt::UserRole, markOf(comparison, push));
    if (comparison.verdict == Verdict::MayBeNoise)
        grey(*changes_, changes_->rowCount() - 1, session_.palette().softInk);
    if (text.quantity == Followed::Mass && comparison.perWeek && comparison.verdict == Verdict::Real)
        sentences << report::say(rateSentence(*comparison.perWeek, now.shared().mass));
}

void ProgressPage::showComparison() {
    changes_->setRowCount(0);
    QStringList sentences;
    const auto chosen = visits();
    const ComputedTest* then = chosen ? &tests_[chosen->first] : nullptr;
    const ComputedTest* now = chosen ? &tests_[chosen->second] : nullptr;
    const LabPrecision own = now ? precision(*now) : LabPrecision{};
    if (now) {
        for (const auto texts : {followedQuantities(), followedGirths()})
            for (const FollowedText& text : texts)
                addChange(text, *then, *now, own, sentences);
        if (regions_->isChecked())
            for (const FollowedText& text : followedRegions())
                addChange(text, *then, *now, own, sentences);
    }
    report::BalanceModel balance;
    if (const auto made = then ? massBalance(*then, *now, own) : std::nullopt) {
        balance.mass = made->mass.value();
        for (const auto& part : made->parts)
            balance.parts.push_back(
                {report::say(part.name), part.change.difference, part.change.leastSignificant});
    }
    balance_->setVisible(!balance.parts.empty());
    balance_->setPaint([balance, &palette = session_.palette()](QPainter& painter, const QRectF& area) {
        report::paintBalance(painter, area, balance, palette);
    });
    for (const Series& line : seriesOf(quantity(), tests_, own))
        if (const auto trend = fusain::trendOf(line))
            sentences << tr("%1 over %2 visits: %3 ± %4 %5 a week (95 %)%6.")
                             .arg(report::seriesName(line))
                             .arg(line.points.size())
                             .arg(report::signedNumber(trend->perWeek, 2), number(trend->half95, 2),
                                  QString::fromUtf8(textOf(quantity()).unit.data()),
                                  trend->real() ? tr(": a trend")
                                                : tr(": no trend that can be told from noise"));
    if (then && methodOf(then->test) == methodOf(now->test))
        for (const Message& difference : preparationDifferences(
                 now->record(), then->record(),
                 session_.catalogue().protocolFor(methodOf(now->test), now->record().protocolId)))
            sentences << report::say(difference);
    if (now)
        sentences << nextDate(*now, own);
    if (const auto plan = now ? savedPlan(session_.book(), now->record().subject.clientId) : std::nullopt;
        plan && !plan->notes.empty())
        sentences << tr("The client wanted to note until next time: %1. Ask for it beside the change.")
                         .arg(report::plain(plan->notes));
    sentences.removeAll(QString());
    words_->setText(tests_.empty() ? tr("Progress is shown once a test is signed.")
                                   : sentences.join(QLatin1Char('\n')));
}

} // namespace fusain::desktop

#include "moc_progress_page.cpp"
