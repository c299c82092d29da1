#include "desktop/places/day/booking_dialog.hpp"

#include "desktop/services/computing.hpp"
#include "desktop/services/lab_undo.hpp"
#include "desktop/views/client_form.hpp"
#include "desktop/widgets/appearance.hpp"
#include "desktop/widgets/dialog_foot.hpp"
#include "procedure/day/retest.hpp"
#include "record/all/record.hpp"
#include "report/base/words.hpp"

#include <QFormLayout>
#include <algorithm>

namespace fusain::desktop {
namespace {

constexpr std::size_t mostClients = 50; ///< offered; the search finds the others

// The first takes what room there is.
QHBoxLayout* beside(std::initializer_list<QWidget*> widgets) {
    auto* row = new QHBoxLayout;
    for (QWidget* each : widgets)
        row->addWidget(each, row->count() == 0 ? 1 : 0);
    return row;
}

} // namespace

BookingDialog::BookingDialog(Session& session, Instant day, QWidget* parent)
    : QDialog(parent), session_(session), search_(new QLineEdit), who_(new QComboBox), add_(button({})),
      school_(new QComboBox), when_(new QDateTimeEdit(QDateTime::fromMSecsSinceEpoch(day.milliseconds))),
      note_(new QLineEdit), sheet_(new QCheckBox(tr("then the preparation sheet"))),
      telephone_(label({}, "soft")), reason_(label({}, "soft")), order_(label({}, "soft")) {
    setWindowTitle(tr("Book an appointment"));
    setMinimumWidth(scaled(620));
    who_->setMinimumWidth(scaled(260));
    search_->setPlaceholderText(tr("name, code or birth date"));
    search_->setAccessibleName(tr("Search clients"));
    who_->setAccessibleName(tr("Client"));
    when_->setDisplayFormat(QStringLiteral("yyyy-MM-dd HH:mm"));
    when_->setAccessibleName(tr("Date and time"));
    note_->setPlaceholderText(tr("note"));
    for (const RetestSchool& school : retestSchools())
        school_->addItem(report::say(school.title));
    school_->setAccessibleName(tr("When to test again"));
    const QString kept = QString::fromStdString(session.book().setting("retest-school"));
    for (int i = 0; i < school_->count(); ++i)
        if (kept == QLatin1String(retestSchools()[static_cast<std::size_t>(i)].id.data()))
            school_->setCurrentIndex(i);
    auto* row = new QHBoxLayout;
    const auto owned = session.ownedMethods();
    for (const std::string_view method : methods) {
        methods_ << new QCheckBox(report::say(methodTitle(method)));
        if (std::ranges::find(owned, method) == owned.end())
            methods_.back()->hide();
        row->addWidget(methods_.back());
    }
    auto* form = new QFormLayout(this);
    form->addRow(tr("Client"), beside({search_, who_, add_}));
    connect(add_, &QPushButton::clicked, this, &BookingDialog::addClient);
    form->addRow(tr("Telephone"), telephone_);
    form->addRow(tr("Methods"), row);
    form->addRow(tr("Again"), beside({school_, when_}));
    form->addRow(QString(), reason_);
    form->addRow(QString(), order_);
    auto* foot = footOf(this, tr("Book"), [this] {
                     if (book())
                         accept();
                 }).box;
    form->addRow(tr("Note"), beside({note_, sheet_, foot}));
    fillClients();
    connect(search_, &QLineEdit::textChanged, this, &BookingDialog::fillClients);
    connect(who_, &QComboBox::currentIndexChanged, this, &BookingDialog::newClientChosen);
    connect(school_, &QComboBox::activated, this, &BookingDialog::propose);
    for (QCheckBox* method : methods_)
        connect(method, &QCheckBox::toggled, this, &BookingDialog::explain);
    connect(when_, &QDateTimeEdit::dateTimeChanged, this, &BookingDialog::proposalChanged);
    newClientChosen();
    setFocusProxy(search_);
}

void BookingDialog::fillClients() {
    const QString before = who_->currentData().toString();
    const QSignalBlocker blocker(who_);
    const QString wanted = search_->text().simplified();
    who_->clear();
    const auto found = session_.book().findClients(wanted.toStdString(), mostClients);
    if (wanted.isEmpty() || found.size() > 1) // nobody is booked for coming first in the alphabet
        who_->addItem(wanted.isEmpty() ? tr("choose a client")
                                       : tr("%n found: choose one", nullptr, static_cast<int>(found.size())));
    for (const Client& client : found)
        who_->addItem(session_.nameOf(client), QString::fromStdString(client.id));
    add_->setText(wanted.isEmpty() || who_->count() > 0 ? tr("New client…") : tr("Add %1…").arg(wanted));
    who_->setCurrentIndex(std::max(0, who_->findData(before)));
    if (who_->currentData().toString() != before)
        newClientChosen();
}

void BookingDialog::addClient() {
    Client entered;
    if (session_.book().findClients(search_->text().toStdString(), 1).empty())
        entered.name = search_->text().simplified().toStdString();
    ClientForm form(session_, entered, this);
    if (form.exec() != QDialog::Accepted)
        return;
    search_->setText(QString::fromStdString(form.client().code));
    chooseClient(QString::fromStdString(form.client().id));
}

std::optional<AnyTest> BookingDialog::lastSigned() {
    const auto wanted = client();
    auto tests = wanted ? session_.book().testsOf(wanted->id) : std::vector<AnyTest>();
    std::erase_if(tests, [](const AnyTest& test) { return common(test).state != TestState::Signed; });
    std::ranges::sort(tests, std::ranges::greater(),
                      [](const AnyTest& test) { return common(test).startedAt; });
    const auto givesFat = [this](const AnyTest& test) {
        const auto computed = session_.computing().computed(test);
        return computed && computed->composition();
    };
    const auto found = std::ranges::find_if(tests, givesFat); // when to come again is judged by fat
    return found != tests.end() ? std::optional(*found)
           : tests.empty()      ? std::nullopt
                                : std::optional(tests.front());
}

// Somebody who was here is tested again by the same method; what is ticked for them stays when the interval
// changes.
void BookingDialog::newClientChosen() {
    const auto chosen = client();
    const bool shown = chosen && !chosen->telephone.empty() && !session_.namesHidden();
    telephone_->setText(shown ? report::plain(chosen->telephone) : chosen ? QStringLiteral("–") : QString());
    const auto last = lastSigned();
    if (last)
        chooseMethods({std::string(methodOf(*last))});
    propose();
}

void BookingDialog::chooseClient(const QString& id) {
    if (who_->findData(id) < 0)
        if (const auto wanted = session_.book().client(id.toStdString()))
            who_->addItem(session_.nameOf(*wanted), id);
    who_->setCurrentIndex(who_->findData(id));
}

void BookingDialog::chooseMethods(const std::vector<std::string>& wanted) {
    for (std::size_t i = 0; i < methods.size(); ++i)
        methods_[static_cast<qsizetype>(i)]->setChecked(std::ranges::find(wanted, methods[i]) != wanted.end());
}

std::vector<std::string> BookingDialog::chosenMethods() const {
    std::vector<std::string> chosen;
    for (std::size_t i = 0; i < methods.size(); ++i)
        if (methods_[static_cast<qsizetype>(i)]->isChecked())
            chosen.emplace_back(methods[i]);
    return chosen;
}

std::optional<Client> BookingDialog::client() const {
    return session_.book().client(who_->currentData().toString().toStdString());
}

Instant BookingDialog::when() const {
    return {when_->dateTime().toMSecsSinceEpoch()};
}

// The same time of day as the last test, at the school's interval.
void BookingDialog::propose() {
    reason_->clear();
    const auto wanted = client();
    const auto last = lastSigned();
    if (!last) {
        reason_->setText(wanted ? tr("A first test: any day.") : QString());
        return explain();
    }
    const auto computed = session_.computing().computed(*last);
    const RetestSchool& school = retestSchools()[static_cast<std::size_t>(school_->currentIndex())];
    const auto proposal =
        computed ? proposeRetest(school, outcomeOf(*computed),
                                 session_.computing().precisionOf(*computed, common(*last).startedBy))
                 : proposeRetest(school, std::nullopt);
    const QDateTime then = QDateTime::fromMSecsSinceEpoch(common(*last).startedAt.milliseconds);
    if (!proposal) {
        reason_->setText(tr("The last test gives no fat; choose another school or a day."));
        return explain();
    }
    // Days are counted on the calendar, so that the clock time stays the same when the clocks change.
    QDateTime next = then.addDays(7 * proposal->weeks);
    const int beyondFive = next.time().minute() % 5;
    next = next.addSecs(-60 * beyondFive - next.time().second());
    const QDateTime soonest = QDateTime::fromMSecsSinceEpoch(session_.now().milliseconds);
    while (next < soonest)
        next = next.addDays(1);
    when_->setDateTime(next);
    reason_->setText(tr("%n week(s) after %1, at the same time of day. %2", nullptr, proposal->weeks)
                         .arg(report::day(common(*last).startedAt), report::say(proposal->reason)));
    explain();
}

void BookingDialog::explain() {
    const PlanningPolicy policy = planningInForce(session_);
    const auto order = bestOrder(chosenMethods(), policy);
    QStringList lines;
    for (const Message& reason : reasonsFor(order, policy))
        lines << report::say(reason);
    order_->setText(lines.join(QLatin1Char('\n')));
    order_->setVisible(!lines.isEmpty());
    Q_EMIT proposalChanged();
}

std::vector<Appointment> BookingDialog::proposal(const DayBoard& board) const {
    const auto chosen = chosenMethods();
    if (clientId().isEmpty() || chosen.empty())
        return {};
    return board.proposed(clientId().toStdString(), chosen, when());
}

bool BookingDialog::book() {
    const auto wanted = client();
    const auto chosen = chosenMethods();
    if (!wanted || chosen.empty())
        return session_.report(failure({FUSAIN_TEXT("A booking needs a client and at least one method."), {}}));
    DayBoard board(session_);
    board.load(when());
    const auto school = retestSchools()[static_cast<std::size_t>(school_->currentIndex())].id;
    const std::string note = note_->text().toStdString();
    return session_.report(
        session_.undoing().act(tr("%1 booked").arg(session_.nameOf(*wanted)), [&]() -> Expected<void> {
            auto booked = chosen.size() == 1 ? board.book(wanted->id, chosen.front(), when(), note)
                                             : board.bookBattery(wanted->id, chosen, when(), note);
            return booked ? session_.book().setSetting("retest-school", std::string(school),
                                                       session_.atTheBench().id)
                          : booked;
        }));
}

} // namespace fusain::desktop

#include "moc_booking_dialog.cpp"
