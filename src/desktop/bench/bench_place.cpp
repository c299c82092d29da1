#include "desktop/bench/bench_place.hpp"

#include "desktop/bench/chamber_panels.hpp"
#include "desktop/bench/closing_panels.hpp"
#include "desktop/bench/dxa_panels.hpp"
#include "desktop/bench/impedance_panels.hpp"
#include "desktop/bench/lungs_panel.hpp"
#include "desktop/bench/questions_panel.hpp"
#include "desktop/bench/reading_panels.hpp"
#include "desktop/bench/scan_panel.hpp"
#include "desktop/bench/sweep_panel.hpp"
#include "desktop/bench/thoracic_gas_panel.hpp"
#include "desktop/bench/trials_panel.hpp"
#include "desktop/bench/volume_panel.hpp"
#include "procedure/worked_sheet.hpp"
#include "report/words.hpp"

#include <QHBoxLayout>
#include <QKeyEvent>

namespace fusain::desktop {
namespace {

QStringList fromTexts(const std::vector<std::string>& texts) {
    QStringList list;
    for (const std::string& text : texts)
        list << report::say(std::string_view(text));
    return list;
}

QString markOf(StepState state) {
    switch (state) {
    case StepState::Done:
        return QStringLiteral("✓  ");
    case StepState::Current:
        return QStringLiteral("▶  ");
    case StepState::Attention:
        return QStringLiteral("▲  ");
    case StepState::Waiting:
        break;
    }
    return QStringLiteral("·   ");
}

bool typing(const QWidget* focus) {
    return qobject_cast<const QLineEdit*>(focus) || focus->inherits("QPlainTextEdit") ||
           focus->inherits("QComboBox");
}

QWidget* withHeading(const QString& text, QWidget* content, int width) {
    auto* box = new QWidget;
    auto* layout = new QVBoxLayout(box);
    layout->setContentsMargins(12, 12, 12, 8);
    layout->addWidget(label(text, "heading"));
    layout->addWidget(content, 1);
    box->setFixedWidth(width);
    return box;
}

} // namespace

BenchPlace::BenchPlace(Session& session)
    : Place(session), runSheet_(new QListWidget), panels_(new QStackedWidget),
      sheet_(table({tr(""), tr("value"), tr("±")}, tr("Worked sheet"))), pages_(new QStackedWidget),
      empty_(label(tr("No test is running.\n\nChoose an appointment in Day (Alt+D) or a client in Clients "
                      "(Alt+C) and start one there."),
                   "heading")),
      verdict_(label({}, "verdict")), primary_(button({}, true)), standTitle_(label({})),
      standReading_(label({})), standVerdict_(label({})), standSay_(label({})), standKey_(label({}, "soft")) {
    setFocusPolicy(Qt::StrongFocus);
    runSheet_->setAccessibleName(tr("Run sheet"));
    sheetSide_ = withHeading(tr("Worked sheet"), sheet_, 284);
    sheet_->setColumnWidth(0, 54);
    sheet_->setColumnWidth(1, 136);
    sheet_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);

    auto* work = new QWidget;
    auto* columns = new QHBoxLayout(work);
    columns->setContentsMargins(0, 0, 0, 0);
    columns->setSpacing(0);
    columns->addWidget(withHeading(tr("Run sheet"), runSheet_, 216));
    columns->addWidget(panels_, 1);
    columns->addWidget(sheetSide_);

    auto* foot = new QFrame;
    foot->setObjectName(QStringLiteral("verdictLine"));
    auto* footLine = new QHBoxLayout(foot);
    footLine->setContentsMargins(20, 10, 20, 10);
    footLine->addWidget(verdict_, 1);
    primary_->setToolTip(tr("Space"));
    footLine->addWidget(primary_);

    auto* desk = new QWidget;
    auto* deskLayout = new QVBoxLayout(desk);
    deskLayout->setContentsMargins(0, 0, 0, 0);
    deskLayout->setSpacing(0);
    deskLayout->addWidget(work, 1);
    deskLayout->addWidget(foot);

    auto* stand = new QWidget;
    auto* standLayout = new QVBoxLayout(stand);
    standLayout->setContentsMargins(56, 40, 56, 40);
    for (QLabel* each : {standTitle_, standReading_, standVerdict_})
        each->setAlignment(Qt::AlignLeft | Qt::AlignVCenter);
    standTitle_->setStyleSheet(QStringLiteral("font-size: 40px; font-weight: 600;"));
    standReading_->setStyleSheet(
        QStringLiteral("font-family: 'Atkinson Hyperlegible Mono'; font-size: 150px; font-weight: 600;"));
    standVerdict_->setStyleSheet(QStringLiteral("font-size: 64px; font-weight: 600;"));
    standSay_->setStyleSheet(QStringLiteral("font-size: 28px;"));
    standKey_->setStyleSheet(QStringLiteral("font-size: 26px;"));
    standLayout->addWidget(standTitle_);
    standLayout->addStretch(1);
    standLayout->addWidget(standReading_);
    standLayout->addStretch(1);
    standLayout->addWidget(standVerdict_);
    standLayout->addStretch(1);
    standLayout->addWidget(standSay_);
    standLayout->addStretch(1);
    standLayout->addWidget(standKey_);

    auto* nothing = new QWidget;
    auto* nothingLayout = new QVBoxLayout(nothing);
    nothingLayout->setContentsMargins(56, 56, 56, 56);
    nothingLayout->addWidget(empty_);
    nothingLayout->addStretch();

    for (QWidget* page : {nothing, desk, stand})
        pages_->addWidget(page);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->addWidget(pages_);

    buildTankPanels();
    buildChamberPanels();
    buildImpedancePanels();
    buildDxaPanels();
    connect(primary_, &QPushButton::clicked, this, &BenchPlace::primary);
    const auto chosen = [this](const QListWidgetItem* item) {
        session_.report(session_.run()->goTo(Step(runSheet_->row(item))));
    };
    connect(runSheet_, &QListWidget::itemClicked, this, chosen);
    connect(runSheet_, &QListWidget::itemActivated, this, chosen);
}

void BenchPlace::adopt(std::string_view method, std::initializer_list<StepPanel*> panels) {
    auto* stack = new QStackedWidget;
    for (StepPanel* panel : panels) {
        stack->addWidget(panel);
        connect(panel, &StepPanel::touched, this, &BenchPlace::showFoot);
    }
    stacks_[std::string(method)] = stack;
    panels_->addWidget(stack);
}

void BenchPlace::buildTankPanels() {
    using enum HydrostaticStep;
    const auto sheet = hydrostaticSteps();
    const Protocol& protocol = session_.catalogue().protocolFor(methodHydrostatic);
    const QStringList ready{
        tr("Surfaces disinfected, 15 minutes of contact."), tr("Rinsed until the smell is gone."),
        tr("Filled to below the overflow; filling takes 2 to 4 hours."), tr("Water between 32 and 36 °C."),
        tr("Floor dry, ladder fast, towel and robe at hand.")};
    const QStringList out{tr("Belt off before standing up."),
                          tr("One hand on the rail, you in front of the client."),
                          tr("Towel and robe; sit down for a minute if dizzy.")};
    const QStringList after{tr("Drain the tank, or cover it for the next client."),
                            tr("Take the chair off the load cell."),
                            tr("Rinse the nose clip and the mouthpiece; put them to disinfect.")};
    adopt(methodHydrostatic,
          {new ConfirmPanel(session_, sheet, TankReady, ready, tr("The tank is ready")),
           new LoadCellPanel(session_), waterTemperaturePanel(session_),
           new QuestionsPanel(session_, sheet, Screening), new QuestionsPanel(session_, sheet, Readiness),
           dryMassPanel(session_), new LungsPanel(session_),
           new ConfirmPanel(session_, sheet, Rehearsal,
                            fromTexts(protocol.safety) + fromTexts(protocol.rehearsal), tr("Rehearsed")),
           new TrialsPanel(session_),
           new ConfirmPanel(session_, sheet, OutSafely, out, tr("The client is out")),
           new ResultPanel(session_, sheet, Result), new InterpretationPanel(session_, sheet, Interpretation),
           new SignPanel(session_, sheet, Sign), new ReportPanel(session_, sheet, Report),
           new ConfirmPanel(session_, sheet, After, after, tr("Finish"))});
}

void BenchPlace::buildChamberPanels() {
    using enum ChamberStep;
    const auto sheet = chamberSteps();
    const QStringList ready{tr("On for at least half an hour; the machine's own manual wins."),
                            tr("Room 21 to 27 °C and steady; doors and windows shut, ventilation quiet."),
                            tr("Chamber empty, door shut, nothing leaning on it."),
                            tr("Cap, towel and nose clip at hand.")};
    const QStringList after{tr("Wipe seat and handles; wash the cap."),
                            tr("Throw the filter of the tube away."),
                            tr("Leave the door ajar so that the chamber dries.")};
    adopt(methodChamber,
          {new ConfirmPanel(session_, sheet, WarmUp, ready, tr("Warm and steady")), new ScalePanel(session_),
           new CalibrationPanel(session_), new QuestionsPanel(session_, sheet, Screening),
           new QuestionsPanel(session_, sheet, Readiness), chamberMassPanel(session_),
           new VolumePanel(session_), new ThoracicGasPanel(session_), new ResultPanel(session_, sheet, Result),
           new InterpretationPanel(session_, sheet, Interpretation), new SignPanel(session_, sheet, Sign),
           new ReportPanel(session_, sheet, Report),
           new ConfirmPanel(session_, sheet, After, after, tr("Finish"))});
}

void BenchPlace::buildImpedancePanels() {
    using enum ImpedanceStep;
    const auto sheet = impedanceSteps();
    const QStringList warm{tr("On for 10 to 15 minutes; the analyzer's own manual wins."),
                           tr("Room 22 to 26 °C; the person has had time to get used to it."),
                           tr("Cables apart from each other and from the mains.")};
    const QStringList electrodes{
        tr("Electrodes and plates cleaned since the last person."),
        tr("Socks and large metal off; skin wiped, no lotion; dry or callused skin moistened."),
        tr("Gel electrodes: sensing ones on the line of wrist and ankle, at least 5 cm from the others."),
        tr("Contacts: heels and balls of the feet on their plates, thumbs and fingers on theirs.")};
    const QStringList posture{
        tr("Arms about 30° from the trunk, thighs not touching: a dry towel between them if need be."),
        tr("Lying: flat for 5 to 10 minutes, every time the same. Standing: upright for 5 minutes."),
        tr("No talking, no deep breaths until the sweep is done.")};
    const QStringList after{tr("Electrodes off, or plates wiped with what your local rules ask for."),
                            tr("Leads hung up, not wound round the analyzer.")};
    adopt(methodImpedance,
          {new ConfirmPanel(session_, sheet, WarmUp, warm, tr("Warm and ready")), new ModulePanel(session_),
           new IdentityPanel(session_), new QuestionsPanel(session_, sheet, Screening),
           new QuestionsPanel(session_, sheet, Readiness), impedanceMassPanel(session_),
           new ConfirmPanel(session_, sheet, Electrodes, electrodes, tr("Electrodes are on")),
           new ConfirmPanel(session_, sheet, Posture, posture, tr("Posture is right")),
           new SweepPanel(session_), new ResultPanel(session_, sheet, Result),
           new InterpretationPanel(session_, sheet, Interpretation), new SignPanel(session_, sheet, Sign),
           new ReportPanel(session_, sheet, Report),
           new ConfirmPanel(session_, sheet, After, after, tr("Finish"))});
}

void BenchPlace::buildDxaPanels() {
    using enum DxaStep;
    const auto sheet = dxaSteps();
    const Protocol& protocol = session_.catalogue().protocolFor(methodDxa);
    const QStringList lines{
        tr("Chin: the head ends just under it."), tr("Shoulders: through the joint; hand and thigh apart."),
        tr("Spine and ribs: trunk without the arms."),
        tr("Hips: slanting through the necks of the thigh bones; legs apart in the middle."),
        tr("Android and gynoid stand where the lines of pelvis and chin put them.")};
    const QStringList after{tr("Table wiped with what your local rules ask for."),
                            tr("The densitometer's own record kept as your local rules ask for.")};
    adopt(methodDxa,
          {new PhantomPanel(session_), new QuestionsPanel(session_, sheet, Screening),
           new QuestionsPanel(session_, sheet, Readiness), dxaMassPanel(session_), new DosePanel(session_),
           new ConfirmPanel(session_, sheet, Positioning,
                            fromTexts(protocol.rehearsal) + fromTexts(protocol.safety), tr("Lies as always")),
           new ScanPanel(session_), new ConfirmPanel(session_, sheet, Lines, lines, tr("Lines are right")),
           new ResultPanel(session_, sheet, Result), new InterpretationPanel(session_, sheet, Interpretation),
           new SignPanel(session_, sheet, Sign), new ReportPanel(session_, sheet, Report),
           new ConfirmPanel(session_, sheet, After, after, tr("Finish"))});
}

StepPanel* BenchPlace::currentPanel() const {
    return static_cast<StepPanel*>(static_cast<QStackedWidget*>(panels_->currentWidget())->currentWidget());
}

QString BenchPlace::where() const {
    if (!session_.run())
        return tr("Bench");
    const auto client = session_.book().client(session_.run()->record().subject.clientId);
    return tr("Bench  ›  %1  ›  %2")
        .arg(client ? session_.nameOf(*client) : QString(),
             report::say(methodTitle(methodOf(session_.run()->snapshot()))));
}

void BenchPlace::enter() {
    refresh();
    auto* first = session_.run() && !standBack_ ? currentPanel()->firstField() : nullptr;
    if (first)
        first->setFocus();
    else
        setFocus();
}

void BenchPlace::refresh() {
    if (!session_.run()) {
        pages_->setCurrentIndex(0);
        return;
    }
    pages_->setCurrentIndex(standBack_ ? 2 : 1);
    const Step step = session_.run()->current();
    QStackedWidget* stack = stacks_[std::string(methodOf(session_.run()->snapshot()))];
    panels_->setCurrentWidget(stack);
    stack->setCurrentIndex(step.index());
    // From the result on the sheet stands in the panel itself.
    const bool wide = session_.run()->steps().size() - static_cast<std::size_t>(step.index()) <= 5;
    sheetSide_->setVisible(!wide);
    showRunSheet();
    currentPanel()->refresh();
    if (!wide)
        showWorkedSheet();
    showFoot();
    if (shownPanel_ != currentPanel() && isVisible()) {
        shownPanel_ = currentPanel();
        auto* first = standBack_ ? nullptr : currentPanel()->firstField();
        (first ? first : this)->setFocus();
    }
}

void BenchPlace::showRunSheet() {
    const int count = static_cast<int>(session_.run()->steps().size());
    while (runSheet_->count() > count)
        delete runSheet_->takeItem(runSheet_->count() - 1);
    while (runSheet_->count() < count)
        runSheet_->addItem(QString());
    for (int i = 0; i < count; ++i)
        runSheet_->item(i)->setText(markOf(session_.run()->stateOf(Step(i))) +
                                    report::say(session_.run()->textOf(Step(i)).title));
    const QSignalBlocker blocker(runSheet_);
    runSheet_->setCurrentRow(session_.run()->current().index());
}

// Readings as they come; the whole calculation once it can be made.
void BenchPlace::showWorkedSheet() {
    const AnyTest test = session_.run()->snapshot();
    QList<QStringList> rows;
    const auto reading = [&rows](const QString& symbol, double value, int decimals, const char* unit) {
        rows << QStringList{symbol,
                            QString::fromStdString(fixed(value, decimals)) + QLatin1Char(' ') +
                                QString::fromUtf8(unit),
                            {}};
    };
    if (const auto result = session_.computed(test)) {
        for (const WorkedLine& line : result->sheet())
            if (!line.symbol.empty())
                rows << QStringList{QString::fromStdString(line.symbol),
                                    QString::fromStdString(line.value + " " + line.unit),
                                    QString::fromStdString(line.plusMinus)};
    } else if (const auto* tank = std::get_if<HydrostaticTest>(&test)) {
        if (tank->waterTemperature)
            reading(QStringLiteral("Tw"), tank->waterTemperature->value, 2, "°C");
        if (tank->dryMass)
            reading(QStringLiteral("Ma"), tank->dryMass->value, 2, "kg");
        for (const auto& effort : tank->efforts)
            reading(QStringLiteral("VC"), effort.volume.value(), 2, "L");
    } else if (const auto* impedance = std::get_if<ImpedanceTest>(&test)) {
        reading(QStringLiteral("H"), centimetres(impedance->subject.height), 1, "cm");
        if (impedance->mass)
            reading(QStringLiteral("W"), impedance->mass->value, 2, "kg");
    } else if (const auto* scan = std::get_if<DxaTest>(&test)) {
        reading(QStringLiteral("H"), centimetres(scan->subject.height), 1, "cm");
        if (scan->mass)
            reading(QStringLiteral("W"), scan->mass->value, 2, "kg");
        if (scan->dose)
            reading(QStringLiteral("µSv"), scan->dose->withThisScan().value(), 0, "µSv");
    } else {
        const auto& chamber = std::get<ChamberTest>(test);
        if (chamber.mass)
            reading(QStringLiteral("M"), chamber.mass->value, 3, "kg");
        for (const auto& trial : chamber.trials)
            if (trial.counts() && trial.set == chamber.set)
                reading(QStringLiteral("V%1").arg(trial.number), trial.volume.value(), 3, "L");
    }
    sheet_->setRowCount(static_cast<int>(rows.size()));
    for (int row = 0; row < rows.size(); ++row)
        setRow(sheet_, row, rows[row]);
}

void BenchPlace::showFoot() {
    if (!session_.run())
        return;
    const RawTest& test = session_.run()->record();
    StepPanel* panel = currentPanel();
    verdict_->setText(test.state == TestState::Refused
                          ? tr("Ended without a result: %1").arg(QString::fromStdString(test.refusal))
                          : panel->verdict());
    const QString text = panel->primaryText();
    primary_->setVisible(!text.isEmpty() && test.state != TestState::Refused);
    primary_->setText(text + tr("   [Space]"));
    primary_->setEnabled(panel->primaryEnabled());
    if (standBack_)
        showStandBack();
}

void BenchPlace::showStandBack() {
    const StandBack words = currentPanel()->standBack();
    const auto& text = session_.run()->textOf(session_.run()->current());
    standTitle_->setText(report::say(text.title) + QStringLiteral(".  ") + report::say(text.instruction));
    standReading_->setText(words.reading);
    const bool sentence = words.reading.size() > 12;
    standReading_->setStyleSheet(
        sentence
            ? QStringLiteral("font-size: 64px; font-weight: 600;")
            : QStringLiteral("font-family: 'Atkinson Hyperlegible Mono'; font-size: 170px; font-weight: 600;"));
    standVerdict_->setStyleSheet(words.verdict.size() > 60
                                     ? QStringLiteral("font-size: 46px; font-weight: 600;")
                                     : QStringLiteral("font-size: 64px; font-weight: 600;"));
    standVerdict_->setText(words.verdict);
    QStringList calming;
    if (const auto said = session_.run()->protocol().say.find(std::string(text.id));
        said != session_.run()->protocol().say.end())
        for (const std::string& each : said->second)
            calming << QStringLiteral("“%1”").arg(report::say(std::string_view(each)));
    standSay_->setText(calming.join(QLatin1Char('\n')));
    standSay_->setVisible(!calming.isEmpty());
    standKey_->setText(
        currentPanel()->primaryText().isEmpty()
            ? tr("F11 back to the desk")
            : tr("Space: %1     R: repeat     F11: back to the desk").arg(currentPanel()->primaryText()));
}

void BenchPlace::setStandBack(bool on) {
    standBack_ = on && session_.run();
    refresh();
    setFocus();
    Q_EMIT standBackChanged(standBack_);
}

void BenchPlace::primary() {
    if (session_.run() && currentPanel()->primaryEnabled() &&
        session_.run()->record().state != TestState::Refused)
        currentPanel()->primary();
}

void BenchPlace::goBack() {
    const int step = session_.run()->current().index();
    if (standBack_)
        setStandBack(false);
    else if (step > 0)
        session_.report(session_.run()->goTo(Step(step - 1)));
}

void BenchPlace::addNote() {
    const QString note = askReason(this, tr("Add a note"), tr("The note is kept with the raw record."));
    if (!note.isEmpty())
        session_.report(session_.run()->addNote(note.toStdString()));
}

void BenchPlace::endTest() {
    const QString reason = askReason(this, tr("End without a result"),
                                     tr("Why does the test end here (rebooked, refused, unwell …)?"));
    if (!reason.isEmpty())
        session_.report(session_.endRun(reason.toStdString()));
}

void BenchPlace::goPastCheck() {
    const QString reason =
        askReason(this, tr("Go past a failed check"), tr("The physiologist decides and says why."));
    if (!reason.isEmpty())
        session_.report(session_.run()->confirm(session_.run()->current(), reason.toStdString()));
}

void BenchPlace::keyPressEvent(QKeyEvent* event) {
    if (!session_.run() || typing(focusWidget() ? focusWidget() : this))
        return Place::keyPressEvent(event);
    const bool control = event->modifiers() & Qt::ControlModifier;
    switch (event->key()) {
    case Qt::Key_Space:
        return primary();
    case Qt::Key_R:
        return currentPanel()->repeat();
    case Qt::Key_X:
        return currentPanel()->setAside();
    case Qt::Key_N:
        return addNote();
    case Qt::Key_Escape:
        return goBack();
    case Qt::Key_Z:
        if (control)
            session_.report(session_.run()->undo());
        return;
    case Qt::Key_E:
        return control ? endTest() : void();
    case Qt::Key_G:
        return control && session_.run()->textOf(session_.run()->current()).kind == StepKind::Check
                   ? goPastCheck()
                   : void();
    default:
        Place::keyPressEvent(event);
    }
}

} // namespace fusain::desktop
