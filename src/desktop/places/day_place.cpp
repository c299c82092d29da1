#include "desktop/places/day_place.hpp"

#include "procedure/tank_plan.hpp"
#include "report/words.hpp"

#include <QDateTimeEdit>
#include <QDialog>
#include <QDialogButtonBox>
#include <QHBoxLayout>
#include <QVBoxLayout>

namespace fusain::desktop {
namespace {

QString text(const std::string& value) {
    return QString::fromStdString(value);
}

QString stateWords(const std::string& state) {
    if (state == "running")
        return QObject::tr("▶ at the bench");
    if (state == "done")
        return QObject::tr("✓ signed");
    if (state == "measured")
        return QObject::tr("measured, not signed");
    if (state == "aside")
        return QObject::tr("set aside");
    if (state == "refused")
        return QObject::tr("ended without a result");
    return QObject::tr("booked");
}

QString stateWords(CheckState state) {
    switch (state) {
    case CheckState::Failed:
        return QObject::tr("failed");
    case CheckState::CertificateExpired:
        return QObject::tr("cannot count, the certificate has expired");
    case CheckState::Overdue:
        return QObject::tr("is due");
    case CheckState::Valid:
        break;
    }
    return {};
}

} // namespace

DayPlace::DayPlace(Session& session)
    : Place(session), title_(label({}, "title")),
      visits_(
          table({tr("time"), tr("client"), tr("method"), tr("state"), tr("note")}, tr("Appointments today"))),
      tasks_(table({tr("from"), tr("to"), tr("tank")}, tr("What the tank needs"))), due_(label({})),
      pages_(new QStackedWidget), team_(new TeamPage(session)) {
    auto* start = button(tr("Start or go on"), true);
    auto* bookVisit = button(tr("Book an appointment…"));
    auto* team = button(tr("Team morning"));
    auto* buttons = inOneRow({start, bookVisit, team});
    auto* left = new QVBoxLayout;
    left->addWidget(label(tr("Appointments"), "heading"));
    left->addWidget(visits_, 1);
    left->addLayout(buttons);
    auto* right = new QVBoxLayout;
    right->addWidget(label(tr("Tank, worked back from the first client"), "heading"));
    right->addWidget(tasks_);
    right->addWidget(label(tr("Due now"), "heading"));
    right->addWidget(due_);
    right->addStretch();
    tasks_->setFixedHeight(150);
    auto* day = new QWidget;
    auto* columns = new QHBoxLayout(day);
    columns->setContentsMargins(0, 0, 0, 0);
    columns->setSpacing(24);
    columns->addLayout(left, 3);
    columns->addLayout(right, 2);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(24, 16, 24, 16);
    layout->addWidget(title_);
    layout->addWidget(thinRule());
    pages_->addWidget(day);
    pages_->addWidget(team_);
    layout->addWidget(pages_, 1);
    connect(team, &QPushButton::clicked, this, [this] { showTeam(true); });
    connect(team_, &TeamPage::openBench, this, &DayPlace::openBench);
    connect(team_, &TeamPage::left, this, [this] { showTeam(false); });
    visits_->setColumnWidth(0, 64);
    visits_->setColumnWidth(1, 140);
    visits_->setColumnWidth(2, 144);
    visits_->setColumnWidth(3, 130);
    tasks_->setColumnWidth(0, 64);
    tasks_->setColumnWidth(1, 64);
    connect(start, &QPushButton::clicked, this, &DayPlace::startSelected);
    connect(visits_, &QTableWidget::cellActivated, this, &DayPlace::startSelected);
    connect(bookVisit, &QPushButton::clicked, this, &DayPlace::book);
}

QString DayPlace::where() const {
    return pages_->currentIndex() == 1 ? tr("Day  ›  Team morning") : tr("Day");
}

void DayPlace::showTeam(bool on) {
    pages_->setCurrentIndex(on ? 1 : 0);
    Q_EMIT moved();
    refresh();
    enter();
}

void DayPlace::enter() {
    if (pages_->currentIndex() == 1)
        return team_->enter();
    visits_->setFocus();
}

void DayPlace::refresh() {
    if (pages_->currentIndex() == 1)
        team_->refresh();
    const Instant now = session_.now();
    title_->setText(report::longDay(now) + QStringLiteral(", ") + report::clock(now));
    shown_ = session_.book().visitsBetween(report::startOfLocalDay(now), report::startOfLocalDay(now, 1));
    const int row = std::max(0, visits_->currentRow());
    visits_->setRowCount(static_cast<int>(shown_.size()));
    for (int i = 0; i < visits_->rowCount(); ++i) {
        const auto& visit = shown_[static_cast<std::size_t>(i)];
        const auto client = session_.book().client(visit.clientId);
        setRow(visits_, i,
               {report::clock(visit.at), client ? session_.nameOf(*client) : QString(),
                report::say(methodTitle(visit.method)), stateWords(visit.state), text(visit.note)});
    }
    if (visits_->rowCount() > 0)
        visits_->setCurrentCell(std::min(row, visits_->rowCount() - 1), 0);
    tasks_->setRowCount(0);
    if (!shown_.empty()) {
        const auto first = std::ranges::find(shown_, std::string(methodHydrostatic), &store::Visit::method);
        const auto tasks = first == shown_.end() ? std::vector<TankTask>{} : planTank(first->at);
        for (int i = 0; i < static_cast<int>(tasks.size()); ++i)
            setRow(tasks_, i,
                   {report::clock(tasks[static_cast<std::size_t>(i)].from),
                    report::clock(tasks[static_cast<std::size_t>(i)].to),
                    report::say(tasks[static_cast<std::size_t>(i)].title)});
    }
    QStringList due;
    for (const auto& test : session_.book().runningTests()) {
        const auto client = session_.book().client(common(test).subject.clientId);
        due << tr("▶ %1: the test of %2 is not signed.")
                   .arg(client ? session_.nameOf(*client) : QString(), report::day(common(test).startedAt));
    }
    for (const Instrument& instrument : session_.catalogue().instruments) {
        const auto checks = session_.book().checks(instrument.id);
        for (const CheckDefinition& check : instrument.checks)
            if (const CheckStatus status = statusOf(check, checks, now); !status.good())
                due << tr("▲ %1: \"%2\" %3.")
                           .arg(report::say(std::string_view(instrument.name)),
                                report::say(std::string_view(check.title)), stateWords(status.state));
    }
    due_->setText(due.isEmpty() ? tr("Nothing. A quiet morning.") : due.join(QLatin1Char('\n')));
}

void DayPlace::startSelected() {
    const int row = visits_->currentRow();
    if (row < 0 || row >= static_cast<int>(shown_.size()))
        return;
    const store::Visit visit = shown_[static_cast<std::size_t>(row)];
    const auto client = session_.book().client(visit.clientId);
    if (!client)
        return;
    const bool opened = visit.testId.empty() ? Place::startTest(*client, visit.id, visit.method)
                                             : session_.report(session_.resumeRun(visit.testId));
    if (opened)
        Q_EMIT openBench();
}

void DayPlace::book() {
    QDialog dialog(this);
    dialog.setWindowTitle(tr("Book an appointment"));
    auto* layout = new QVBoxLayout(&dialog);
    auto* who = new QComboBox;
    who->setAccessibleName(tr("Client"));
    for (const Client& client : session_.book().clients())
        who->addItem(session_.nameOf(client), text(client.id));
    auto* when = new QDateTimeEdit(QDateTime::fromMSecsSinceEpoch(session_.now().milliseconds));
    when->setDisplayFormat(QStringLiteral("yyyy-MM-dd HH:mm"));
    when->setAccessibleName(tr("Date and time"));
    auto* method = new QComboBox;
    for (const std::string_view each : methods)
        method->addItem(report::say(methodTitle(each)), text(std::string(each)));
    method->setAccessibleName(tr("Method"));
    auto* note = new QLineEdit;
    note->setPlaceholderText(tr("note"));
    auto* buttons = new QDialogButtonBox;
    buttons->addButton(tr("Book"), QDialogButtonBox::AcceptRole);
    buttons->addButton(tr("Go back"), QDialogButtonBox::RejectRole);
    for (QWidget* widget : std::initializer_list<QWidget*>{who, method, when, note, buttons})
        layout->addWidget(widget);
    connect(buttons, &QDialogButtonBox::accepted, &dialog, &QDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, &dialog, &QDialog::reject);
    if (dialog.exec() != QDialog::Accepted || who->currentIndex() < 0)
        return;
    session_.report(session_.book().save(store::Visit{session_.freshId("visit"),
                                                      who->currentData().toString().toStdString(),
                                                      {when->dateTime().toMSecsSinceEpoch()},
                                                      method->currentData().toString().toStdString(),
                                                      "booked",
                                                      {},
                                                      note->text().toStdString()},
                                         session_.atTheBench().id));
}

} // namespace fusain::desktop
