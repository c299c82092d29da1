#include "desktop/bench/method/closing_panels.hpp"
#include "desktop/bench/tank/trials_panel.hpp"
#include "desktop/services/visit_reporter.hpp"
#include "desktop/views/conflict.hpp"
#include "desktop/views/talk_view.hpp"
#include "desktop/window/lock.hpp"
#include "fusain/run.hpp"
#include "link/simulation/all/played_run.hpp"
#include "procedure/all/methods.hpp"
#include "record/all/record.hpp"
#include "report/pages/preparation_page.hpp"
#include "store/book/signatures.hpp"

#include <QApplication>
#include <QDir>
#include <QElapsedTimer>
#include <QTextStream>

namespace fusain {
namespace {

using desktop::PlaceName;

void letTimePass(int milliseconds) {
    QElapsedTimer timer;
    timer.start();
    while (timer.elapsed() < milliseconds)
        QApplication::processEvents(QEventLoop::AllEvents, 20);
}

class Camera {
public:
    Camera(desktop::Shell& shell, QDir folder) : shell_(shell), folder_(std::move(folder)) {}
    void take(const QString& name) {
        letTimePass(150);
        good_ = shell_.grab().save(folder_.filePath(name + QStringLiteral(".png"))) && good_;
    }
    void takeWindow(QWidget& window, const QString& name) {
        window.resize(shell_.size());
        window.show();
        letTimePass(150);
        good_ = window.grab().save(folder_.filePath(name + QStringLiteral(".png"))) && good_;
        window.hide();
    }
    void takePage(const report::PageFlow& flow, int page, const QString& name) {
        QImage image(827, 1170, QImage::Format_RGB32);
        image.fill(Qt::white);
        QPainter painter(&image);
        flow.paint(painter, page, QRectF(0, 0, image.width(), image.height()));
        painter.end();
        good_ = image.save(folder_.filePath(name + QStringLiteral(".png"))) && good_;
    }
    bool keep(const QImage& image, const QString& name) {
        good_ = image.save(folder_.filePath(name + QStringLiteral(".png"))) && good_;
        return good_;
    }
    [[nodiscard]] bool good() const { return good_; }

private:
    desktop::Shell& shell_;
    QDir folder_;
    bool good_ = true;
};

// A running test by one method, opened on the bench.
bool openRunning(desktop::Shell& shell, desktop::Session& session, std::string_view method) {
    for (const AnyTest& test : session.book().runningTests())
        if (methodOf(test) == method && session.report(session.resumeRun(common(test).id))) {
            letTimePass(1500); // the links come up
            shell.open(PlaceName::Bench);
            return true;
        }
    return false;
}

// The analyzer on a person of the demo, at the end of its sweep.
bool impedanceBench(desktop::Shell& shell, desktop::Session& session, Camera& camera) {
    const auto client = session.book().client("marit");
    if (!client || !session.report(session.startRun(*client, {}, methodImpedance)))
        return false;
    auto& run = runningAs<ImpedanceMethod>(*session.run());
    using enum ImpedanceStep;
    Expected<void> done = run.confirm(WarmUp);
    if (done)
        done = run.checkModule(Ohms(500.0), Ohms(500.3));
    if (done)
        done = run.confirmIdentity(client->code, client->code, *client->height);
    if (done)
        done = run.answerOpen(simulation::wellPrepared);
    if (done)
        done = run.weigh(Kilograms(63.05), Attribution::typed());
    for (const ImpedanceStep step : {Electrodes, Posture})
        if (done)
            done = run.confirm(step);
    if (!session.report(done))
        return false;
    shell.open(PlaceName::Bench);
    letTimePass(300);
    shell.bench().currentPanel()->primary();
    letTimePass(13000);
    camera.take(QStringLiteral("impedance-bench"));
    session.closeRun();
    return true;
}

// The densitometer on a person of the demo, when its scan has come into the folder.
bool dxaBench(desktop::Shell& shell, desktop::Session& session, Camera& camera) {
    const auto client = session.book().client("marit");
    if (!client || !session.report(session.startRun(*client, {}, methodDxa)))
        return false;
    auto& run = runningAs<ScanMethod>(*session.run());
    using enum DxaStep;
    Expected<void> done = run.readPhantom(Percent(24.05), Percent(24.11));
    if (done)
        done = run.answerOpen(simulation::wellPrepared);
    if (done)
        done = run.weigh(Kilograms(63.05), Attribution::typed());
    if (done)
        done = run.stateDose(0, Microsieverts(0.0), 1);
    if (done)
        done = run.confirm(Positioning);
    if (!session.report(done))
        return false;
    shell.open(PlaceName::Bench);
    letTimePass(1500);
    auto* panel = shell.bench().currentPanel();
    panel->primary();
    letTimePass(1000);
    for (int waited = 0; waited < 60 && panel->standBack().reading.endsWith(QLatin1Char('%')); ++waited)
        letTimePass(500);
    letTimePass(500);
    camera.take(QStringLiteral("dxa-bench"));
    session.closeRun();
    return true;
}

void qualityPages(desktop::Shell& shell, Camera& camera) {
    shell.open(PlaceName::Quality);
    camera.take(QStringLiteral("quality"));
}

// A client's latest test by a method.
void findings(desktop::Shell& shell, desktop::Session& session, Camera& camera, const char* client,
              std::string_view method, const char* name) {
    shell.clients().showClient(QLatin1String(client));
    auto tests = session.book().testsOf(client);
    std::ranges::reverse(tests);
    const auto found =
        std::ranges::find_if(tests, [&](const AnyTest& test) { return methodOf(test) == method; });
    shell.clients().showFindings(static_cast<int>(found - tests.begin()));
    camera.take(QLatin1String(name));
}

void clientPages(desktop::Shell& shell, desktop::Session& session, Camera& camera) {
    using Page = desktop::ClientsPlace::Page;
    shell.open(PlaceName::Clients);
    shell.clients().showClient(QStringLiteral("ailsa"));
    camera.take(QStringLiteral("clients"));
    findings(shell, session, camera, "ailsa", methodHydrostatic, "findings");
    findings(shell, session, camera, "goran", methodDxa, "findings-dxa");
    shell.clients().showPage(Page::Progress);
    camera.take(QStringLiteral("progress"));
    shell.clients().showPage(Page::Plan);
    camera.take(QStringLiteral("plan"));
    shell.clients().showClient(QStringLiteral("dov"));
    shell.clients().showPage(Page::Methods);
    camera.take(QStringLiteral("methods"));
}

bool bench(desktop::Shell& shell, desktop::Session& session, Camera& camera) {
    if (!openRunning(shell, session, methodHydrostatic))
        return false;
    shell.bench().currentPanel()->primary();
    letTimePass(8000);
    camera.take(QStringLiteral("bench-trial"));
    shell.bench().setStandBack(true);
    camera.take(QStringLiteral("bench-stand-back"));
    shell.bench().setStandBack(false);
    return true;
}

// The bench in a case with an instrument that misbehaves, its debrief, and the other pages of the practice
// room.
bool practiceRoom(desktop::Shell& shell, desktop::Session& session, Camera& camera) {
    using Page = desktop::PracticePlace::Page;
    desktop::PracticePlace& practice = *shell.practice();
    if (!practice.cases().begin("tank-anxious"))
        return false;
    auto& run = runningAs<TankMethod>(*session.run());
    using enum HydrostaticStep;
    Expected<void> done = run.confirm(TankReady);
    if (done)
        done = run.checkLoadCell(Kilograms(0.0), Kilograms(5.0), Kilograms(5.003));
    if (done)
        done = run.readWaterTemperature(Celsius(34.2), Attribution::typed());
    if (done)
        done = run.answerOpen(simulation::wellPrepared);
    if (done)
        done = run.weighDry(Kilograms(71.0), Attribution::typed());
    if (done)
        done = run.measureResidualVolume(Litres(1.5), "oxygen dilution");
    if (!session.report(done))
        return false;
    shell.open(PlaceName::Bench);
    letTimePass(1500); // the links come up
    practice.strip().actBy("look-at-chair");
    done = run.confirm(Rehearsal);
    shell.open(PlaceName::Bench);
    for (int trial = 0; trial < 3; ++trial) {
        shell.bench().currentPanel()->primary();
        for (int waited = 0; waited < 60; ++waited) {
            letTimePass(250);
            if (shell.bench().currentPanel()->primaryText().startsWith(QObject::tr("Accept trial")))
                break;
        }
        letTimePass(500);
        if (trial == 1)
            practice.strip().actBy("calm");
        shell.bench().currentPanel()->primary();
        letTimePass(2500);
    }
    if (done && !run.isDone(Trials))
        done = run.confirm(Trials, "enough for a made-up person");
    for (const HydrostaticStep step : {OutSafely, Result})
        if (done)
            done = run.confirm(step);
    if (done)
        done = run.interpret("Tense at first; calmer from the second trial on.");
    const auto staff = session.book().staff();
    const auto physiologist = std::ranges::find(staff, Role::Physiologist, &Staff::role);
    if (done && physiologist != staff.end())
        done = session.signRun(session.atTheBench(), *physiologist);
    if (!session.report(done))
        return false;
    session.closeRun();
    shell.open(PlaceName::Practice);
    practice.cases().choose("tank-anxious");
    camera.take(QStringLiteral("practice"));
    practice.showPage(Page::Reading);
    practice.reading().open("read-evening");
    for (int line = 0; line < 4; ++line)
        practice.reading().mark(line, line == 0 ? Verdict::MayBeNoise : Verdict::NotComparable);
    practice.reading().check();
    camera.take(QStringLiteral("practice-reading"));
    return camera.good();
}

// The report on a visit, and a preparation sheet.
bool visitPages(desktop::Session& session, Camera& camera) {
    const auto client = session.book().client("ailsa");
    const auto days = client ? desktop::visitDays(session, client->id) : std::vector<Instant>{};
    if (days.empty())
        return false;
    const auto visit = desktop::visitReportOn(session, *client, days.front());
    if (!visit)
        return false;
    camera.takePage(clientCopy(*visit), 0, QStringLiteral("report-visit"));
    desktop::TalkView talk(session, *visit);
    talk.goTo(1);
    camera.takeWindow(talk, QStringLiteral("talk"));
    if (const auto dov = session.book().client("dov")) {
        const auto at = session.now().plusMinutes(50.0);
        camera.takePage(report::preparationPage(
                            desktop::sheetFor(session, *dov,
                                              std::vector<std::pair<std::string, Instant>>{
                                                  {std::string(methodImpedance), at},
                                                  {std::string(methodChamber), at.plusMinutes(30.0)},
                                                  {std::string(methodHydrostatic), at.plusMinutes(70.0)}}),
                            {session.letterhead(), session.nameOf(*dov), true}),
                        0, QStringLiteral("preparation"));
    }
    return true;
}

// Staff, lock, sign-in and two edits of one client, four in one: each is small.
bool peoplePicture(desktop::Shell& shell, desktop::Session& session, Camera& camera) {
    const auto client = session.book().client("ailsa");
    const auto staff = session.book().staff();
    const auto physiologist = std::ranges::find(staff, Role::Physiologist, &Staff::role);
    if (!client || physiologist == staff.end() ||
        !session.report(session.signatures().makeKey(physiologist->id, "four quiet herons walk")))
        return false;
    shell.open(PlaceName::Settings);
    shell.settings().showPage(desktop::SettingsPlace::Page::People);
    Client here = *client, there = *client;
    here.telephone = "Skerry Point 318";
    there.telephone = "Skerry Point 302";
    there.height = Metres(1.69);
    desktop::ClientConflict conflict(session, here, there);
    desktop::LockCover lock(session, &shell, desktop::LockCover::Why::Idle),
        signIn(session, &shell, desktop::LockCover::Why::Start);
    QImage four(shell.size(), QImage::Format_RGB32);
    four.fill(shell.palette().color(QPalette::Window));
    QPainter painter(&four);
    painter.setRenderHint(QPainter::SmoothPixmapTransform);
    const QSize quarter = shell.size() / 2;
    int place = 0;
    for (QWidget* each : std::initializer_list<QWidget*>{&shell, &lock, &signIn, &conflict}) {
        if (each == &lock || each == &signIn)
            each->resize(shell.size());
        each->show();
        letTimePass(150);
        QPixmap seen = each->grab();
        if (seen.width() > quarter.width())
            seen = seen.scaled(quarter, Qt::KeepAspectRatio, Qt::SmoothTransformation);
        const QPoint corner(place % 2 * quarter.width(), place / 2 * quarter.height());
        painter.drawPixmap(
            corner + QPoint((quarter.width() - seen.width()) / 2, (quarter.height() - seen.height()) / 2),
            seen);
        painter.drawRect(QRect(corner, quarter).adjusted(0, 0, -1, -1));
        ++place;
        if (each != &shell)
            each->hide();
    }
    painter.end();
    return camera.keep(four, QStringLiteral("people"));
}

} // namespace

int takePictures(desktop::Shell& shell, desktop::Session& session, const QString& folder) {
    QDir().mkpath(folder);
    Camera camera(shell, QDir(folder));
    const auto incomplete = [&] {
        QTextStream(stderr) << QStringLiteral("The pictures could not all be taken in ") << folder << ' '
                            << shell.lastProblem() << '\n';
        return 1;
    };
    if (session.practice())
        return practiceRoom(shell, session, camera) ? 0 : incomplete();
    camera.take(QStringLiteral("day"));
    clientPages(shell, session, camera);
    const bool benchStood = bench(shell, session, camera) && impedanceBench(shell, session, camera) &&
                            dxaBench(shell, session, camera);
    qualityPages(shell, camera);
    shell.open(PlaceName::Library);
    shell.library().search(QStringLiteral("Barbosa"));
    camera.take(QStringLiteral("library"));
    const bool visitStood = visitPages(session, camera), peopleStood = peoplePicture(shell, session, camera);
    if (camera.good() && benchStood && visitStood && peopleStood)
        return 0;
    return incomplete();
}

} // namespace fusain
