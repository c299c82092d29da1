#include "desktop/places/practice/cases_page.hpp"

#include "desktop/services/computing.hpp"
#include "desktop/widgets/appearance.hpp"
#include "link/simulation/all/faults.hpp"
#include "record/all/record.hpp"
#include "record/library/catalogue.hpp"
#include "report/base/words.hpp"
#include "report/figures/replay_figure.hpp"
#include "report/figures/rule_figure.hpp"

#include <QHBoxLayout>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>

namespace fusain::desktop {
CasesPage::CasesPage(Session& session, PracticeRun& run, Attempts& attempts)
    : session_(session), run_(run), attempts_(attempts), list_(new QListWidget), title_(label({}, "title")),
      story_(label({})), debriefTitle_(label(tr("The last time"), "heading")), debrief_(label({})),
      help_(new QComboBox), replay_(new FigureView(tr("What happened when"), 170)),
      truth_(new FigureView(tr("Measured and true"), 110)) {
    list_->setAccessibleName(tr("Cases"));
    list_->setFixedWidth(scaled(330));
    help_->setAccessibleName(tr("Help"));
    for (const HelpLevel level : {HelpLevel::Prompts, HelpLevel::WhenAsked, HelpLevel::None})
        help_->addItem(report::say(helpText(level)), static_cast<int>(level));
    help_->setCurrentIndex(1);
    auto* start = button(tr("Begin"), true);
    auto* right = new QVBoxLayout;
    right->setSpacing(10);
    right->addWidget(title_);
    right->addWidget(story_);
    right->addLayout(inOneRow({start, label(tr("with"), "soft", false), help_}));
    right->addWidget(debriefTitle_);
    right->addWidget(debrief_);
    right->addWidget(replay_);
    right->addWidget(truth_);
    right->addStretch(1);
    auto* layout = new QHBoxLayout(this);
    layout->setContentsMargins(24, 12, 24, 16);
    layout->setSpacing(24);
    layout->addWidget(list_);
    layout->addLayout(right, 1);
    for ([[maybe_unused]] const PracticeCase& each : session.catalogue().practice)
        list_->addItem(QString());
    connect(list_, &QListWidget::currentRowChanged, this, &CasesPage::showCase);
    connect(list_, &QListWidget::itemActivated, start, &QPushButton::click);
    connect(start, &QPushButton::clicked, this, [this] {
        if (const PracticeCase* practice = chosen())
            begin(practice->id);
    });
    list_->setCurrentRow(0);
}

const PracticeCase* CasesPage::chosen() const {
    const auto& cases = session_.catalogue().practice;
    const int row = list_->currentRow();
    return row >= 0 && row < static_cast<int>(cases.size()) ? &cases[static_cast<std::size_t>(row)] : nullptr;
}

bool CasesPage::begin(const std::string& caseId) {
    const auto& cases = session_.catalogue().practice;
    const auto practice = std::ranges::find(cases, caseId, &PracticeCase::id);
    if (practice == cases.end() || !run_.begin(*practice, static_cast<HelpLevel>(help_->currentData().toInt())))
        return false;
    Q_EMIT begun();
    return true;
}

void CasesPage::choose(const std::string& caseId) {
    const auto& cases = session_.catalogue().practice;
    list_->setCurrentRow(static_cast<int>(std::ranges::find(cases, caseId, &PracticeCase::id) - cases.begin()));
}

void CasesPage::refresh() {
    const auto& cases = session_.catalogue().practice;
    for (int row = 0; row < list_->count(); ++row) {
        const PracticeCase& each = cases[static_cast<std::size_t>(row)];
        const Attempt* last = attempts_.lastOf(each.id, session_.atTheBench().id);
        const QString state = !last ? QString()
                              : last->debrief.score() >= 1.0
                                  ? tr("   ✓")
                                  : tr("   %1 of %2").arg(last->debrief.met).arg(last->debrief.goals.size());
        list_->item(row)->setText(QStringLiteral("%1%2\n%3, %4")
                                      .arg(report::say(each.title), state,
                                           report::say(methodTitle(each.method)), report::say(each.level)));
    }
    showCase();
}

QStringList CasesPage::goalLines(const Attempt& attempt) {
    QStringList caught, missed, rest;
    for (const GoalOutcome& outcome : attempt.debrief.goals) {
        const PracticeGoal& goal = *outcome.goal;
        if (outcome.met) {
            (goal.kind == GoalKind::Catch ? caught : rest) << tr("✓ %1").arg(report::say(goal.say));
            continue;
        }
        if (goal.kind == GoalKind::Restraint) {
            rest << tr("▲ False alarm: %n reading(s) in order were corrected or discarded.", nullptr,
                       std::max(1, attempt.debrief.invented));
            continue;
        }
        QString line = tr("▲ Missed: %1").arg(report::say(goal.missed));
        if (!goal.cost.empty())
            line += tr("  Cost: %1.").arg(report::say(goal.cost));
        for (const PracticeFault& fault : attempt.practice->faults) {
            const auto* known = simulation::faultNamed(fault.name);
            if (known && givesFat(known->method) && goal.fact == "did." + std::string(known->act)) {
                const auto cost = attempts_.costOf(*attempt.practice, fault.name);
                const QString points = cost ? (cost->points < 0.0 ? QStringLiteral("−") : QStringLiteral("+")) +
                                                  number(std::abs(cost->points), 1)
                                            : QString();
                line += !cost           ? tr("  It leaves no value at all.")
                        : cost->refused ? tr("  The rules would refuse it. Used anyway, for this client: "
                                             "%1 % fat.")
                                              .arg(points)
                                        : tr("  For this person: %1 % fat.").arg(points);
            }
        }
        missed << line;
    }
    return missed + caught + rest;
}

QString CasesPage::textOf(const Attempt& attempt) {
    const Debrief& debrief = attempt.debrief;
    QStringList lines = goalLines(attempt);
    const QString help = attempt.log.help == HelpLevel::Prompts ? tr("with a prompt at each step")
                         : attempt.log.hints > 0 ? tr("hints asked for: %1").arg(attempt.log.hints)
                                                 : tr("without help");
    lines << tr("Caught %1, missed %2, false alarms %3; %4 min, %5.")
                 .arg(debrief.caught)
                 .arg(debrief.missed)
                 .arg(debrief.invented)
                 .arg(number(debrief.minutes, 0), help);
    if (const PracticeGoal* next = debrief.next(); next && !next->practise.empty())
        lines << tr("To practise next: %1.").arg(report::say(next->practise));
    return lines.join(QLatin1Char('\n'));
}

void CasesPage::showCase() {
    const PracticeCase* practice = chosen();
    title_->setText(practice ? report::say(practice->title) : QString());
    story_->setText(practice
                        ? tr("%1. %2").arg(QString::fromStdString(practice->name), report::say(practice->story))
                        : QString());
    const Attempt* last = practice ? attempts_.lastOf(practice->id) : nullptr;
    debriefTitle_->setText(
        last ? tr("The last time: %1, %2")
                   .arg(QString::fromStdString(session_.computing().staffNames()(last->log.trainee)),
                        report::day(last->at))
             : tr("The last time"));
    debrief_->setText(
        last ? textOf(*last)
             : tr("Not practised yet. Begin, act as with a client, and finish or end the test; then "
                  "come back. What can be said and done beside the screen is under Ctrl+D."));
    showReplay(last);
    showTruth(last);
}

// What was planted as bands, what the trainee decided as pins, along the time of the test.
void CasesPage::showReplay(const Attempt* attempt) {
    replay_->setVisible(attempt != nullptr);
    if (!attempt)
        return;
    report::ReplayModel model;
    model.minutes = attempt->replay.minutes;
    for (const Replay::Recording& each : attempt->replay.recordings) {
        QStringList faults;
        for (const std::string& name : each.spoiltBy)
            if (const auto* known = simulation::faultNamed(name))
                faults << report::say(known->say);
        model.bands.push_back({each.from, each.until, faults.join(QStringLiteral(", "))});
    }
    for (const Replay::Reading& each : attempt->replay.readings)
        model.pins.push_back({each.at,
                              (each.counts && each.spoilt ? tr("trial %1 accepted although it was spoilt")
                               : each.counts              ? tr("trial %1 accepted")
                               : each.spoilt              ? tr("trial %1 excluded")
                                                          : tr("trial %1 excluded without need"))
                                  .arg(each.number),
                              each.right()});
    const auto& acts = session_.catalogue().practiceActs;
    for (const Replay::Act& each : attempt->replay.acts)
        if (const auto act = std::ranges::find(acts, each.id, &PracticeAct::id); act != acts.end())
            model.pins.push_back({each.at, report::say(act->say), each.calledFor});
    std::ranges::stable_sort(model.pins, {}, &report::ReplayModel::Pin::at);
    replay_->setPaint([model, &palette = session_.palette()](QPainter& painter, const QRectF& area) {
        report::paintReplay(painter, area, model, palette);
    });
}

// The measured value with its interval as a spindle, the truth as the waist of a thin one.
void CasesPage::showTruth(const Attempt* attempt) {
    truth_->setVisible(attempt && attempt->debrief.measured);
    if (!truth_->isVisibleTo(this))
        return;
    const Debrief& debrief = attempt->debrief;
    report::RuleModel rule;
    rule.title =
        *debrief.holdsTruth()
            ? tr("% fat: the interval includes the true value, %1 %").arg(number(debrief.truth->value(), 1))
            : tr("% fat: the interval does not include the true value, %1 %")
                  .arg(number(debrief.truth->value(), 1));
    rule.unit = QStringLiteral("%");
    const double low = std::min(debrief.measured->value() - debrief.halfInterval->value(),
                                debrief.truth->value()),
                 high = std::max(debrief.measured->value() + debrief.halfInterval->value(),
                                 debrief.truth->value());
    rule.from = std::floor(low - 2.0);
    rule.to = std::ceil(high + 2.0);
    rule.spindles = {{debrief.truth->value(), 0.0, true},
                     {debrief.measured->value(), debrief.halfInterval->value(), false}};
    rule.reference = tr("Spindle: measured, 95 % interval. Line: true value");
    truth_->setPaint([rule, &palette = session_.palette()](QPainter& painter, const QRectF& area) {
        report::paintRule(painter, area, rule, palette);
    });
}

} // namespace fusain::desktop

#include "moc_cases_page.cpp"
