#include "desktop/services/session.hpp"

#include "core/anthropometry/ages.hpp"
#include "desktop/services/background.hpp"
#include "desktop/services/book_care.hpp"
#include "desktop/services/computing.hpp"
#include "desktop/services/instrument_checks.hpp"
#include "desktop/services/lab_undo.hpp"
#include "desktop/services/water_book.hpp"
#include "desktop/services/workstation.hpp"
#include "procedure/all/cross_check.hpp"
#include "procedure/all/procedure.hpp"
#include "record/base/json.hpp"
#include "record/library/catalogue.hpp"
#include "report/base/language.hpp"
#include "report/base/words.hpp"
#include "store/book/signatures.hpp"

#include <QCryptographicHash>
#include <QGuiApplication>
#include <QLocale>
#include <QPalette>
#include <algorithm>

namespace fusain::desktop {
namespace {

// Themes for every day stay below; those for high contrast are black and white, 21.
constexpr double contrastOfUsualDesktops = 20.0;

} // namespace

Session::Session(std::unique_ptr<store::LabBook> book, LabCatalogue catalogue, Clock clock, OwnSettings own,
                 QObject* parent)
    : QObject(parent), book_(std::move(book)), catalogue_(std::make_unique<LabCatalogue>(std::move(catalogue))),
      clock_(std::move(clock)), references_(std::make_unique<LabReferences>(*book_, *catalogue_)),
      policies_(std::make_unique<LabPolicies>(*book_, *catalogue_, *references_)),
      checks_(std::make_unique<InstrumentChecks>(*book_, *catalogue_, clock_)),
      water_(std::make_unique<WaterBook>(*book_, *catalogue_)), care_(std::make_unique<BookCare>(*this)),
      computing_(std::make_unique<Computing>(*book_, *catalogue_, *references_, *policies_,
                                             [this](report::TestReport& report) {
                                                 report.lab = letterhead();
                                                 report.namesHidden = namesHidden_;
                                             })),
      signatures_(std::make_unique<store::Signatures>(*book_)), own_(std::move(own)),
      workstation_(std::make_unique<Workstation>(*book_, own_)), undoing_(new LabUndo(*this)),
      background_(new Background(this)) {
    toldUpTo_ = book_->lastEvent();
    const auto everyone = book_->staff();
    const std::string last = workstation_->setting("at-the-bench");
    for (const Staff& staff : everyone)
        if (atTheBench_.id.empty() || staff.id == last)
            atTheBench_ = staff;
    if (signatures_->everybodySignsIn() ||
        signatures_->keyOf(atTheBench_.id)) // who has a passphrase says it first
        atTheBench_ = {};
    // Until a person chooses: as the lab book of before had it, else as the desktop is.
    const std::string theme = book_->setting("theme");
    const QPalette desktop = QGuiApplication::palette();
    const bool darkDesktop = desktop.color(QPalette::Window).lightness() < 128;
    highContrast_ = ofPerson(QStringLiteral("high-contrast"),
                             report::contrastOf(desktop.color(QPalette::Window),
                                                desktop.color(QPalette::WindowText)) > contrastOfUsualDesktops)
                        .toBool();
    dark_ = ofPerson(QStringLiteral("dark"), theme.empty() ? darkDesktop : theme == "dark").toBool();
    for (const QString& role : link::InstrumentHub::roles())
        hub_.configure(role, link::LinkSettings::fromText(QString::fromStdString(
                                 workstation_->setting("link." + role.toStdString(), "none"))));
    book_->listen([this] { othersWrote(); });
    connect(&speaking_, &QTimer::timeout, this, [this] { workstation_->leases().speak(); });
    if (book_->address().onServer())
        speaking_.start(store::Leases::heartbeatSeconds * 1000);
}

Session::~Session() {
    for (const auto& each : open_)
        workstation_->leases().release(each->procedure->record().id);
}

std::string Session::labName() {
    const std::string name = book_->setting("lab-name", book_->name());
    return practice_ ? tr("PRACTICE, not a client · %1").arg(QString::fromStdString(name)).toStdString() : name;
}

std::string Session::journalHead() {
    constexpr std::size_t shown = 16; // of the hash: as many as the check of it asks for
    return book_->head().empty() ? std::string()
                                 : std::to_string(book_->lastEvent()) + ':' + book_->head().substr(0, shown);
}

report::Letterhead Session::letterhead() {
    const std::string usualPaper =
        QLocale::system().measurementSystem() == QLocale::ImperialUSSystem ? "letter" : "a4";
    return {labName(),
            book_->setting("lab-address"),
            book_->setting("lab-telephone"),
            QByteArray::fromBase64(QByteArray::fromStdString(book_->setting("lab-logo"))),
            book_->setting("lab-paper", usualPaper) == "letter" ? report::Paper::Letter : report::Paper::A4,
            journalHead()};
}

std::vector<std::string_view> Session::ownedMethods() {
    const QStringList said =
        QString::fromStdString(book_->setting("methods")).split(QLatin1Char(','), Qt::SkipEmptyParts);
    std::vector<std::string_view> owned;
    for (const std::string_view method : methods)
        if (said.isEmpty() || said.contains(QString::fromUtf8(method.data(), qsizetype(method.size()))))
            owned.push_back(method);
    return owned;
}

bool Session::owns(const Instrument& instrument) {
    return instrument.servesAny(ownedMethods());
}

Expected<void> Session::isThemselves(const std::string& staff, const std::string& typed) {
    if (signatures_->keyOf(staff) && pins_.opens(staff, typed, now())) // a key may have been revoked since
        return {};
    return signatures_->isPassphraseOf(staff, typed);
}

bool Session::setAtTheBench(const Staff& staff, const std::string& passphrase) {
    if (!report(isThemselves(staff.id, passphrase)))
        return false;
    atTheBench_ = staff;
    for (const auto& each : open_)
        each->procedure->setAtTheBench(staff);
    report(workstation_->setSetting("at-the-bench", staff.id, staff.id));
    recallLook();
    Q_EMIT personChanged();
    return true;
}

void Session::recallLook() {
    const std::pair before(dark_, highContrast_);
    dark_ = ofPerson(QStringLiteral("dark"), dark_).toBool();
    highContrast_ = ofPerson(QStringLiteral("high-contrast"), highContrast_).toBool();
    if (before != std::pair(dark_, highContrast_))
        Q_EMIT appearanceChanged();
}

const report::Palette& Session::palette() const {
    if (highContrast_)
        return dark_ ? report::strongDarkPalette() : report::strongLightPalette();
    return dark_ ? report::darkPalette() : report::lightPalette();
}

report::PenMarks& Session::marksOf(const std::string& client, Instant day) {
    return marks_[{client, QDateTime::fromMSecsSinceEpoch(day.milliseconds).date().toJulianDay()}];
}

void Session::setNamesHidden(bool hidden) {
    namesHidden_ = hidden;
    Q_EMIT changed(Changes::ofWhatIsShown());
}

void Session::setDark(bool dark) {
    dark_ = dark;
    setOfPerson(QStringLiteral("dark"), dark);
    Q_EMIT appearanceChanged();
}

void Session::setHighContrast(bool high) {
    highContrast_ = high;
    setOfPerson(QStringLiteral("high-contrast"), high);
    Q_EMIT appearanceChanged();
}

QVariant Session::ofPerson(const QString& key, const QVariant& otherwise) const {
    return own_.value(OwnSettings::ofPerson(atTheBench_.id, key), otherwise);
}

void Session::setOfPerson(const QString& key, const QVariant& value) {
    own_.set(OwnSettings::ofPerson(atTheBench_.id, key), value);
}

UnitSystem Session::units() {
    const std::string chosen = book_->setting("units");
    if (chosen.empty()) // nobody has decided yet: as the window's language has it
        return report::usualUnits(report::windowLanguage());
    return chosen == "us" ? UnitSystem::UsCustomary : UnitSystem::Metric;
}

QString Session::nameOf(const Client& client) const {
    const QString name = QString::fromStdString(namesHidden_ ? client.code : client.name);
    return client.unreadable.empty() ? name : tr("▲ %1 (record damaged)").arg(name);
}

std::string Session::freshId(const std::string& prefix) {
    const std::string id = prefix + "-" + std::to_string(book_->eventCount() + 1);
    if (!book_->address().onServer())
        return id;
    // Two workstations may count to the same number at once.
    const auto mark = QCryptographicHash::hash(workstation_->name().toUtf8(), QCryptographicHash::Blake2b_256);
    return id + "-" + mark.toHex().left(6).toStdString();
}

QString Session::wayOut(std::string_view method) {
    return QString::fromStdString(book_->setting("way-out." + std::string(method)));
}

const Protocol& Session::protocolFor(std::string_view method) const {
    return catalogue_->protocolFor(method);
}

std::vector<Message> Session::objectionsTo(const Client& client, const std::string& visitId,
                                           std::string_view method) {
    std::vector<Message> objections;
    for (const auto& each : open_)
        if (each->procedure->method() == method && each->procedure->record().state == TestState::Running) {
            const auto other = book_->client(each->procedure->record().subject.clientId);
            objections.push_back({FUSAIN_TEXT("A test of {1} is open on this instrument."),
                                  {other ? other->code : each->procedure->record().subject.clientId}});
        }
    constexpr double early = 120.0; // minutes
    for (const store::Visit& visit : book_->visitsOf(client.id))
        if (visit.id == visitId && report::day(visit.at) != report::day(now()))
            objections.push_back(
                {FUSAIN_TEXT("The appointment is on {1}, not today."), {report::day(visit.at).toStdString()}});
        else if (visit.id == visitId && minutesBetween(now(), visit.at) > early)
            objections.push_back({FUSAIN_TEXT("The appointment is at {1}. It is {2} now."),
                                  {report::clock(visit.at).toStdString(), report::clock(now()).toStdString()}});
    return objections;
}

std::optional<Message> Session::massDoubt(Kilograms mass) {
    const RawTest& now = run()->record();
    return fusain::massDoubt(book_->testsOf(now.subject.clientId), now, mass, &report::sameDay);
}

std::optional<Problem> Session::obstacleToTests(std::string_view method) const {
    if (auto obstacle = checks_->obstacleToTests(method))
        return obstacle;
    return method == methodHydrostatic ? water_->obstacle(now()) : std::nullopt;
}

Expected<std::unique_ptr<Procedure>> Session::begin(const Client& client, std::string_view method,
                                                    std::optional<Instant> takenAt) {
    if (!client.height)
        return failure({FUSAIN_TEXT("The height of this client is missing; the equations need it."), {}}, {},
                       {FUSAIN_TEXT("Measure and enter it in the dossier."), {}});
    const Years age = client.ageAt(takenAt.value_or(now()));
    if (age < anthropometry::adultAge && !client.guardianConsent)
        return failure({FUSAIN_TEXT("The client is under 18 and the guardian's consent is not recorded."), {}},
                       {}, {FUSAIN_TEXT("Record it in the dossier first."), {}});
    const bool repeat = std::ranges::any_of(book_->testsOf(client.id),
                                            [&](const AnyTest& test) { return methodOf(test) == method; });
    const TestSubject subject{client.id, client.sex, age, *client.height, repeat};
    return beginTest(policies_->forNewTest(method), catalogue_->protocolFor(method), freshId("test"), subject,
                     atTheBench_, *book_, clock_, takenAt);
}

Expected<void> Session::startRun(const Client& client, const std::string& visitId, std::string_view method,
                                 const std::string& override) {
    if (auto obstacle = obstacleToTests(method)) {
        if (override.empty())
            return tl::unexpected(*obstacle);
        if (!may(atTheBench_.role, Right::Override))
            return failure({FUSAIN_TEXT("Only the physiologist may start a test past a check."), {}}, {},
                           {FUSAIN_TEXT("Make the check, or ask the physiologist to take the bench."), {}});
    }
    if (auto measures = allowed(atTheBench_.role, Right::Measure); !measures)
        return measures;
    if (atTheBench_.id.empty())
        return failure({FUSAIN_TEXT("No operator is chosen. This lab book has no staff yet."), {}}, {},
                       {FUSAIN_TEXT("Add staff under Settings (Alt+S), People."), {}});
    if (book_->identities().locked()) // an age would be computed from nothing
        return tl::unexpected(store::identitiesAreSealed());
    std::unique_ptr<Procedure> begun;
    const auto started = book_->together([&]() -> Expected<void> {
        auto made = begin(client, method, std::nullopt);
        if (!made)
            return tl::unexpected(made.error());
        begun = std::move(*made);
        if (auto taken = workstation_->leases().take(begun->record().id, atTheBench_.id); !taken)
            return taken;
        return noteStart(*begun, client, visitId, override);
    });
    if (!started)
        return started;
    putOnBench(std::move(begun));
    tellChanges(true);
    return {};
}

Expected<void> Session::noteStart(Procedure& run, const Client& client, const std::string& visitId,
                                  const std::string& override) {
    for (store::Visit visit : book_->visitsOf(client.id))
        if (visit.id == visitId) {
            visit.state = "running";
            visit.testId = run.record().id;
            if (auto saved = book_->save(visit, atTheBench_.id); !saved)
                return saved;
        }
    if (!override.empty())
        if (auto noted = run.addNote(checks_->obstacleToTests(run.method()) ? NoteKind::CheckOverridden
                                                                            : NoteKind::WaterOverridden,
                                     override);
            !noted)
            return noted;
    return run.method() == methodChamber ? noteWetHair(run, client) : Expected<void>();
}

Expected<void> Session::importTest(const Client& client, Instant takenAt, std::string_view method,
                                   const std::function<Expected<void>(Procedure&)>& readings) {
    return book_->together([&]() -> Expected<void> {
        auto begun = begin(client, method, takenAt);
        return begun ? readings(**begun) : tl::unexpected(begun.error());
    });
}

// Wet hair and warm skin ruin the chamber: say so when the same person was in the tank today.
Expected<void> Session::noteWetHair(Procedure& run, const Client& client) {
    for (const AnyTest& test : book_->testsOf(client.id))
        if (methodOf(test) == methodHydrostatic && report::day(common(test).startedAt) == report::day(now())) {
            Q_EMIT problemRaised(
                {{FUSAIN_TEXT("This client was in the tank today: hair and skin may be wet or warm, which "
                              "makes the chamber read too lean."),
                  {}},
                 {},
                 {},
                 {FUSAIN_TEXT("Dry well and wait; better, measure in the chamber before the tank."), {}}});
            return run.addNote(NoteKind::TankToday, {});
        }
    return {};
}

Expected<void> Session::resumeRun(const std::string& testId) {
    for (const auto& each : open_)
        if (each->procedure->record().id == testId) {
            onBench_ = each.get();
            tellChanges(true);
            return {};
        }
    const auto test = book_->test(testId);
    if (!test) {
        const auto away = book_->notOurs(); // then nobody can say
        return away ? tl::unexpected(*away)
                    : failure({FUSAIN_TEXT("The test {1} is not in this lab book."), {testId}});
    }
    const auto policy = policyOf(*test, *catalogue_);
    if (!policy)
        return tl::unexpected(policy.error());
    const auto protocol = protocolOf(*test, *catalogue_);
    if (!protocol)
        return tl::unexpected(protocol.error());
    if (auto taken = takeUp(*test); !taken)
        return taken;
    auto resumed = resumeTest(*policy, *protocol, book_->takeUp(testId), atTheBench_, *book_, clock_);
    if (!resumed)
        return tl::unexpected(resumed.error());
    putOnBench(std::move(*resumed));
    tellChanges(true);
    return {};
}

// A test that is over is only looked at.
Expected<void> Session::takeUp(const AnyTest& test) {
    if (common(test).state != TestState::Running)
        return {};
    auto taken = workstation_->leases().take(common(test).id, atTheBench_.id);
    if (const QString elsewhere = workstation_->elsewhere(common(test).id); !taken && !elsewhere.isEmpty())
        taken.error().what = {FUSAIN_TEXT("This test is {1}."), {elsewhere.toStdString()}};
    return taken;
}

Expected<void> Session::takeOverRun(const std::string& testId, const std::string& reason) {
    if (auto taken = workstation_->leases().takeOver(testId, atTheBench_.id, reason); !taken)
        return taken;
    return resumeRun(testId);
}

// What another workstation wrote is shown; a test that it took over is no longer this one's.
void Session::othersWrote() {
    std::vector<std::pair<std::string, QString>> gone;
    for (const auto& each : open_)
        if (const QString where = workstation_->elsewhere(each->procedure->record().id); !where.isEmpty())
            gone.emplace_back(each->procedure->record().id, where);
    for (const auto& [test, unused] : gone)
        close(test);
    const std::vector<Problem> added = catchUpWithOthers();
    tellChanges(!gone.empty() || !added.empty(), true);
    for (const Problem& each : added)
        Q_EMIT problemRaised(each);
    for (const auto& [test, where] : gone) {
        const bool waits = book_->waitsFor(test);
        Q_EMIT problemRaised(
            {{FUSAIN_TEXT("This test was taken over. It is {1}."), {where.toStdString()}},
             {},
             {waits ? FUSAIN_TEXT("What was accepted here while the server was away still waits.")
                    : FUSAIN_TEXT("What was accepted here is in the record."),
              {}},
             {FUSAIN_TEXT("It can be taken back from Bench, with a reason."), {}}});
    }
}

// Whoever lost a test may still have entries that waited for the server: they come into the test that goes on
// here, and its numbers are those of the record.
std::vector<Problem> Session::catchUpWithOthers() {
    std::vector<Problem> added;
    for (const auto& each : open_) {
        const std::string test = each->procedure->record().id;
        if (!book_->movedOn(test) || book_->waitsFor(test))
            continue;
        const auto events = book_->takeUp(test);
        if (const auto taken = each->procedure->takeUp(events); !taken)
            added.push_back(taken.error());
        else
            added.push_back({{FUSAIN_TEXT("{1} has added to this test on another workstation at {2}."),
                              {computing_->staffNames()(events.back().by), isoText(events.back().at)}},
                             {},
                             {FUSAIN_TEXT("It is shown here now."), {}},
                             {FUSAIN_TEXT("Look at it before you continue."), {}}});
    }
    return added;
}

Expected<void> Session::endRun(const std::string& reason) {
    return run()->refuse(reason, [this] { return saveVisitOfRun("refused"); });
}

Expected<void> Session::saveVisitOfRun(const std::string& state) {
    for (store::Visit visit : book_->visitsOf(run()->record().subject.clientId))
        if (visit.testId == run()->record().id) {
            visit.state = state;
            if (auto saved = book_->save(visit, atTheBench_.id); !saved)
                return saved;
        }
    return {};
}

void Session::closeRun() {
    if (run())
        close(run()->record().id);
    tellChanges(true);
}

void Session::leave(const std::string& testId) {
    close(testId);
    tellChanges(true);
}

void Session::close(const std::string& testId) {
    const auto closed = [&](const auto& each) { return each->procedure->record().id == testId; };
    const bool shown = run() && run()->record().id == testId;
    workstation_->leases().release(testId);
    std::erase_if(open_, closed);
    if (shown)
        onBench_ = open_.empty() ? nullptr : open_.back().get(); // what was there before comes back
}

std::vector<const Procedure*> Session::openRuns() const {
    std::vector<const Procedure*> runs;
    for (const auto& each : open_)
        runs.push_back(each->procedure.get());
    return runs;
}

RecordedFor recordedFor(const Procedure& run) {
    return {run.record().id, [&run] { return run.events().back().sequence; }};
}

void Session::putOnBench(std::unique_ptr<Procedure> procedure) {
    auto opened = std::make_unique<OpenTest>();
    opened->recordings = std::make_unique<Recordings>(hub_, recordedFor(*procedure), nullptr);
    opened->procedure = std::move(procedure);
    onBench_ = opened.get();
    connect(opened->recordings.get(), &Recordings::advanced, this, [this, whose = opened.get()] {
        if (whose == onBench_)
            Q_EMIT recorded();
    });
    open_.push_back(std::move(opened));
}

void Session::tellChanges(bool shown, bool elsewhere) {
    Changes changes = Changes::ofEvents(book_->subjectsSince(toldUpTo_));
    toldUpTo_ = book_->lastEvent();
    changes.shown = shown || changes.none();
    changes.elsewhere = elsewhere;
    Q_EMIT changed(changes);
}

bool Session::report(const Expected<void>& outcome) {
    if (outcome)
        tellChanges();
    else
        Q_EMIT problemRaised(outcome.error());
    return outcome.has_value();
}

Expected<void> Session::signRun(const Staff& technician, const std::optional<Staff>& physiologist,
                                const std::string& passphrase) {
    const auto result = computing_->computed(snapshotOf(*run()));
    if (!result)
        return tl::unexpected(result.error());
    // Before the act: a wrong one is to stay in the journal.
    const std::string& signer = physiologist ? physiologist->id : technician.id;
    if (auto proved = signatures_->isPassphraseOf(signer, passphrase); !proved)
        return proved;
    const auto done = run()->sign(technician, physiologist, [&]() -> Expected<void> {
        const RawTest& record = run()->record();
        const store::StoredResult signedResult{record.id, record.version, 1, now(), result->document()};
        if (auto stored = book_->save(signedResult, atTheBench_.id); !stored)
            return stored;
        if (auto saved = saveVisitOfRun("done"); !saved)
            return saved;
        return signatures_->sign(record.id, record.version, signer, passphrase);
    });
    if (done)
        Q_EMIT testSigned();
    return done;
}

Expected<void> Session::noteReassigned(const std::string& code, const std::string& file,
                                       const std::string& reason) {
    for (const Client& client : book_->findClients(code))
        if (client.code == code) {
            Event event;
            event.at = now();
            event.by = atTheBench_.id;
            event.kind = "scan.reassigned";
            event.subject = client.id;
            event.data = Json{{"file", file},
                              {"to_test", run()->record().id},
                              {"to_client", run()->record().subject.clientId},
                              {"reason", reason}};
            const auto kept = book_->append(std::move(event));
            return kept ? Expected<void>() : tl::unexpected(kept.error());
        }
    return {}; // nobody in this lab book has that code
}

Expected<void> Session::keepCheck(const std::string& instrument, const std::string& check, double nominal,
                                  const std::vector<double>& readings, const std::string& note) {
    return checks_->keep(freshId("check"), instrument, check, nominal, readings, atTheBench_.id, note);
}

Expected<void> Session::recompute(const AnyTest& test, const AnyPolicy& policy) {
    return computing_->recompute(test, policy, now(), atTheBench_.id);
}

} // namespace fusain::desktop

#include "moc_session.cpp"
