#include "desktop/places/practice/trainee_page.hpp"

#include "desktop/services/computing.hpp"
#include "desktop/widgets/appearance.hpp"
#include "record/all/record.hpp"
#include "record/library/catalogue.hpp"
#include "report/base/words.hpp"
#include "report/figures/practice_figure.hpp"

#include <QFileDialog>
#include <QVBoxLayout>
#include <algorithm>
#include <ranges>

namespace fusain::desktop {
TraineePage::TraineePage(Session& session, Attempts& attempts)
    : session_(session), attempts_(attempts), who_(new QComboBox),
      methods_(table({tr("method"), tr("cases met"), tr("without help")}, tr("Cases met by method"))),
      all_(table({tr("when"), tr("what"), tr("goals"), tr("measured"), tr("truth"), tr("minutes"), tr("help")},
                 tr("What was practised"))),
      course_(new FigureView(tr("Goals met over time"), 190)) {
    who_->setAccessibleName(tr("Trainee"));
    auto* sheet = button(tr("Sign-off sheet…"));
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(24, 12, 24, 16);
    layout->setSpacing(10);
    layout->addLayout(inOneRow({who_, sheet}));
    auto* upper = new QHBoxLayout;
    upper->addWidget(methods_, 2);
    upper->addWidget(course_, 3);
    layout->addLayout(upper);
    layout->addWidget(all_, 1);
    methods_->setMaximumHeight(scaled(190));
    methods_->setColumnWidth(0, scaled(190));
    methods_->setColumnWidth(1, scaled(90));
    all_->setColumnWidth(0, scaled(160));
    all_->setColumnWidth(1, scaled(300));
    for (const int column : {2, 3, 4, 5})
        all_->setColumnWidth(column, scaled(90));
    connect(who_, &QComboBox::currentIndexChanged, this, &TraineePage::showProgress);
    connect(sheet, &QPushButton::clicked, this, &TraineePage::saveSheet);
}

// Who practised, and who is at the bench now.
void TraineePage::fillTrainees() {
    const QSignalBlocker blocker(who_);
    const std::string was = who_->count() > 0 ? chosen() : session_.atTheBench().id;
    auto ids = attempts_.trainees();
    if (std::ranges::find(ids, session_.atTheBench().id) == ids.end())
        ids.push_back(session_.atTheBench().id);
    who_->clear();
    for (const std::string& id : ids) {
        who_->addItem(QString::fromStdString(session_.computing().staffNames()(id)),
                      QString::fromStdString(id));
        if (id == was)
            who_->setCurrentIndex(who_->count() - 1);
    }
}

void TraineePage::refresh() {
    fillTrainees();
    showProgress();
}

void TraineePage::showProgress() {
    methods_->setRowCount(0);
    for (const MethodProgress& line : attempts_.progressOf(chosen()))
        setRow(methods_, methods_->rowCount(),
               {report::say(methodTitle(line.method)),
                (line.complete() ? QStringLiteral("✓ ") : QString()) +
                    tr("%1 of %2").arg(line.met).arg(line.cases),
                QString::number(line.alone)});
    report::PracticeCourse course;
    QList<QStringList> rows;
    for (const Attempt* each : attempts_.all()) {
        if (each->log.trainee != chosen())
            continue;
        course.attempts.push_back({each->at, each->debrief.score(), each->helped()});
        rows.prepend({report::day(each->at) + QLatin1Char(' ') + report::clock(each->at),
                      report::say(each->practice->title),
                      tr("%1 of %2").arg(each->debrief.met).arg(each->debrief.goals.size()),
                      each->debrief.measured ? number(each->debrief.measured->value(), 1) : QStringLiteral("–"),
                      number(each->debrief.truth.value_or(Percent(0.0)).value(), 1),
                      number(each->debrief.minutes, 0), each->helped() ? tr("yes") : tr("no")});
    }
    for (const ReadingAttempt& each : attempts_.readings()) {
        if (each.trainee != chosen())
            continue;
        const auto& exercises = session_.catalogue().readings;
        const auto exercise = std::ranges::find(exercises, each.exercise, &ReadingExercise::id);
        rows.append(
            {report::day(each.at) + QLatin1Char(' ') + report::clock(each.at),
             tr("page read: %1").arg(exercise == exercises.end() ? QString() : report::say(exercise->title)),
             tr("%1 of %2").arg(each.right).arg(each.asked),
             {},
             {},
             {},
             {}});
    }
    std::ranges::stable_sort(rows, std::ranges::greater(), [](const QStringList& row) { return row.front(); });
    all_->setRowCount(0);
    for (const QStringList& row : rows)
        setRow(all_, all_->rowCount(), row);
    course_->setPaint([course, &palette = session_.palette()](QPainter& painter, const QRectF& area) {
        report::paintPracticeCourse(painter, area, course, palette);
    });
}

report::PageFlow TraineePage::signOffSheet() {
    fillTrainees();
    const std::string trainee = chosen();
    report::PageFlow flow(tr("%1 · practice").arg(QString::fromStdString(session_.labName())),
                          session_.letterhead());
    flow.title(
        tr("Practice record of %1").arg(QString::fromStdString(session_.computing().staffNames()(trainee))));
    flow.paragraph(
        tr("Simulated clients on simulated instruments. A case counts when its last attempt met every goal. "
           "What a trainee may do alone with clients is decided by the lab, not by this page."));
    const auto progress = attempts_.progressOf(trainee);
    for (const MethodProgress& line : progress) {
        flow.heading(tr("%1: %2 of %3 cases, %4 of them without help")
                         .arg(report::say(methodTitle(line.method)))
                         .arg(line.met)
                         .arg(line.cases)
                         .arg(line.alone));
        for (const PracticeCase& practice : session_.catalogue().practice) {
            if (practice.method != line.method)
                continue;
            const Attempt* last = attempts_.lastOf(practice.id, trainee);
            flow.row({report::say(practice.title), report::say(practice.level),
                      !last ? tr("not yet")
                      : last->debrief.score() >= 1.0
                          ? tr("✓ met, %1%2")
                                .arg(report::day(last->at), last->helped() ? tr(", with help") : QString())
                          : tr("%1 of %2").arg(last->debrief.met).arg(last->debrief.goals.size())},
                     {0.45, 0.15, 0.4});
        }
    }
    int right = 0, asked = 0;
    for (const ReadingAttempt& each : attempts_.readings())
        if (each.trainee == trainee) {
            right += each.right;
            asked += each.asked;
        }
    if (asked > 0)
        flow.paragraph(tr("Pages read: %1 of %2 changes judged rightly.").arg(right).arg(asked));
    flow.gap(20);
    for (const MethodProgress& line : progress)
        flow.row({report::say(methodTitle(line.method)), tr("may work alone: ______"),
                  tr("signed off by ____________________   date ____________")},
                 {0.28, 0.22, 0.5});
    return flow;
}

void TraineePage::saveSheet() {
    const QString path = QFileDialog::getSaveFileName(this, tr("Save the sheet"),
                                                      QStringLiteral("practice.pdf"), tr("PDF (*.pdf)"));
    if (!path.isEmpty())
        session_.report(report::writePdf(signOffSheet(), path, tr("Practice record")));
}

} // namespace fusain::desktop

#include "moc_trainee_page.cpp"
