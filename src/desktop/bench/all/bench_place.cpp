#include "desktop/bench/all/bench_place.hpp"

#include "desktop/bench/chamber/method.hpp"
#include "desktop/bench/girth/method.hpp"
#include "desktop/bench/impedance/method.hpp"
#include "desktop/bench/scan/method.hpp"
#include "desktop/bench/tank/method.hpp"
#include "desktop/services/computing.hpp"
#include "desktop/services/workstation.hpp"
#include "desktop/views/look_on.hpp"
#include "desktop/views/passphrase.hpp"
#include "desktop/widgets/appearance.hpp"
#include "procedure/all/procedure.hpp"
#include "report/base/words.hpp"

#include <QApplication>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QPainter>
#include <QScopedValueRollback>
#include <QStyledItemDelegate>
#include <algorithm>

namespace fusain::desktop {
namespace {

/// A method with something that stands over every step: the water of the tank.
template <class Method>
concept HasStrip = requires(Session& session) {
    AtTheBench<Method>::strip(session);
};

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

// Whether Space belongs to what has the focus, and not to the button at the foot.
bool takesSpace(const QWidget* focus) {
    return typing(focus) || focus->inherits("QAbstractButton");
}

/// A step with its mark, and what it gave at the right.
class RunSheetDelegate : public QStyledItemDelegate {
public:
    using QStyledItemDelegate::QStyledItemDelegate;
    static constexpr int value = Qt::UserRole;
    void paint(QPainter* painter, const QStyleOptionViewItem& option, const QModelIndex& index) const override {
        QStyledItemDelegate::paint(painter, option, index);
        const QFontMetrics words(option.font);
        painter->save();
        painter->setFont(report::textFont(scaled(11)));
        painter->setPen(option.palette.color(QPalette::PlaceholderText));
        const QRect rest = option.rect.adjusted(words.horizontalAdvance(index.data().toString()) + scaled(26),
                                                0, -scaled(8), 0);
        painter->drawText(
            rest, Qt::AlignRight | Qt::AlignVCenter,
            painter->fontMetrics().elidedText(index.data(value).toString(), Qt::ElideRight, rest.width()));
        painter->restore();
    }
};

QWidget* withHeading(const QString& text, QWidget* content, int width) {
    auto* box = new QWidget;
    auto* layout = new QVBoxLayout(box);
    layout->setContentsMargins(12, 12, 12, 8);
    layout->addWidget(label(text, "heading"));
    layout->addWidget(content, 1);
    box->setFixedWidth(scaled(width));
    return box;
}

} // namespace

BenchPlace::BenchPlace(Session& session)
    : Place(session), runSheet_(new QListWidget), panels_(new QStackedWidget),
      header_(new ClientHeader(session)), result_(new ResultSoFar(session)), pages_(new QStackedWidget),
      stripBox_(new QWidget), strip_(new QVBoxLayout(stripBox_)), empty_(label({}, "heading")),
      open_(new RecordsView({tr("client"), tr("test"), tr("begun"), tr("state")}, tr("Open tests"))),
      concluded_(label({}, "soft")), verdict_(label({}, "verdict")), primary_(button({}, true)),
      standTitle_(new FittedText(110, false)), standReading_(new FittedText(220, true)),
      standVerdict_(new FittedText(110, false)), standKey_(new FittedText(110, false)) {
    // The button says which key works now.
    connect(qApp, &QApplication::focusChanged, this, [this](QWidget*, const QWidget* now) {
        if (isVisible() && now && isAncestorOf(now))
            showKey(); // alone: focus moves while the bench goes from one test to another
    });
    setFocusPolicy(Qt::StrongFocus);
    strip_->setContentsMargins(0, 0, 0, 0);
    concluded_->hide();
    for (QWidget* page : {nothingPage(), deskPage(), standBackPage()})
        pages_->addWidget(page);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->addWidget(pages_);
    Methods::each([this]<class Method> { adopt<Method>(); });
    // Tab follows the page: run sheet, step, button, worked sheet.
    QWidget* last = runSheet_;
    for (QWidget* field : panels_->findChildren<QWidget*>())
        if ((field->focusPolicy() & Qt::TabFocus) && field->window() == window()) {
            setTabOrder(last, field);
            last = field;
        }
    setTabOrder(last, primary_);
    setTabOrder(primary_, &result_->sheet());
    for (auto* list : findChildren<QAbstractItemView*>())
        list->installEventFilter(this);
    keepColumns(*open_, "open-tests", {{0, 220}, {1, 180}, {2, 260}});
    connect(primary_, &QPushButton::clicked, this, &BenchPlace::primary);
    const auto chosen = [this](const QListWidgetItem* item) {
        session_.report(session_.run()->goTo(Step(runSheet_->row(item))));
    };
    connect(runSheet_, &QListWidget::itemClicked, this, chosen);
    connect(runSheet_, &QListWidget::itemActivated, this, chosen);
    runSheet_->setItemDelegate(new RunSheetDelegate(runSheet_));
    connect(header_, &ClientHeader::noteAsked, this, &BenchPlace::addNote);
    connect(header_, &ClientHeader::endAsked, this, &BenchPlace::endTest);
    connect(header_, &ClientHeader::standBackAsked, this, [this] { setStandBack(true); });
}

QWidget* BenchPlace::nothingPage() {
    auto* page = new QWidget;
    auto* column = new QVBoxLayout(page);
    column->setContentsMargins(56, 56, 56, 56);
    column->addWidget(empty_);
    column->addWidget(open_, 1);
    column->addStretch();
    connect(open_, &RecordsView::activatedId, this, [this](const QString& id) {
        if (openOnBench(session_, this, id.toStdString()))
            enter();
    });
    return page;
}

// Run sheet, panel and worked sheet beside each other, the verdict line at the foot.
QWidget* BenchPlace::deskPage() {
    runSheet_->setAccessibleName(tr("Run sheet"));
    resultSide_ = withHeading(tr("Result so far"), result_, 308);
    auto* work = new QWidget;
    auto* columns = new QHBoxLayout(work);
    columns->setContentsMargins(0, 0, 0, 0);
    columns->setSpacing(0);
    columns->addWidget(withHeading(tr("Run sheet"), runSheet_, 232));
    columns->addWidget(panels_, 1);
    columns->addWidget(resultSide_);

    auto* foot = new QFrame;
    foot->setObjectName(QStringLiteral("verdictLine"));
    auto* footLine = new QHBoxLayout(foot);
    footLine->setContentsMargins(20, 10, 20, 10);
    auto* said = new QVBoxLayout;
    said->setSpacing(2);
    said->addWidget(concluded_);
    said->addWidget(verdict_);
    footLine->addLayout(said, 1);
    primary_->setToolTip(tr("Space"));
    footLine->addWidget(primary_);

    auto* page = new QWidget;
    auto* column = new QVBoxLayout(page);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(0);
    column->addWidget(header_);
    column->addWidget(thinRule());
    column->addWidget(stripBox_);
    column->addWidget(work, 1);
    column->addWidget(foot);
    return page;
}

// The same step, large, for somebody two metres away.
QWidget* BenchPlace::standBackPage() {
    auto* page = new QWidget;
    auto* column = new QVBoxLayout(page);
    column->setContentsMargins(32, 8, 32, 8);
    column->setSpacing(4);
    for (const auto& [text, share] : {std::pair(standTitle_, 10), std::pair(standReading_, 16),
                                      std::pair(standVerdict_, 29), std::pair(standKey_, 23)})
        column->addWidget(text, share);
    return page;
}

template <class Method>
void BenchPlace::adopt() {
    auto* stack = new QStackedWidget;
    for (const StepText& text : Running<Method>::sheet()) {
        StepPanel* panel = AtTheBench<Method>::panel(session_, text.step);
        stack->addWidget(panel);
        connect(panel, &StepPanel::touched, this, &BenchPlace::showFoot);
    }
    stacks_[Method::id] = stack;
    panels_->addWidget(stack);
    if constexpr (HasStrip<Method>) {
        strips_[Method::id] = AtTheBench<Method>::strip(session_);
        strip_->addWidget(strips_[Method::id]);
    }
}

// @param readings whether the step is one of those in which readings are taken
void BenchPlace::showStrip(bool readings) {
    const auto shown = strips_.find(session_.run()->method());
    stripBox_->setVisible(readings && shown != strips_.end());
    for (const auto& [method, strip] : strips_)
        strip->setVisible(shown != strips_.end() && strip == shown->second);
    Methods::with(session_.run()->method(), [&]<class Method> {
        if constexpr (HasStrip<Method>)
            AtTheBench<Method>::refreshStrip(*shown->second);
    });
}

StepPanel* BenchPlace::currentPanel() const {
    return static_cast<StepPanel*>(static_cast<QStackedWidget*>(panels_->currentWidget())->currentWidget());
}

QString BenchPlace::where() const {
    if (!session_.run())
        return tr("Bench");
    const auto client = session_.book().client(session_.run()->record().subject.clientId);
    return tr("Bench  ›  %1  ›  %2")
        .arg(client ? session_.nameOf(*client) : QString(), report::say(methodTitle(session_.run()->method())));
}

void BenchPlace::enter() {
    refresh();
    auto* first = session_.run() && !standBack_ ? currentPanel()->firstField() : nullptr;
    if (!session_.run() && open_->isVisibleTo(this))
        open_->setFocus();
    else if (first)
        first->setFocus();
    else
        setFocus();
}

void BenchPlace::refresh() {
    if (!session_.run()) {
        pages_->setCurrentIndex(0);
        return showOpenTests();
    }
    pages_->setCurrentIndex(standBack_ ? 2 : 1);
    const Step step = session_.run()->current();
    QStackedWidget* stack = stacks_.at(session_.run()->method());
    panels_->setCurrentWidget(stack);
    stack->setCurrentIndex(step.index());
    // From the result on the sheet stands in the panel itself; questions have nothing to compute yet.
    const StepKind kind = session_.run()->textOf(step).kind;
    const bool wide = kind == StepKind::Screening || kind == StepKind::Readiness ||
                      session_.run()->steps().size() - static_cast<std::size_t>(step.index()) <= 5;
    resultSide_->setVisible(!wide);
    header_->refresh();
    showStrip(session_.run()->steps().size() - static_cast<std::size_t>(step.index()) > 5);
    enterStep();
    showRunSheet();
    currentPanel()->refresh();
    if (!wide)
        result_->refresh();
    showFoot();
    if (shownPanel_ != currentPanel() && isVisible()) {
        shownPanel_ = currentPanel();
        auto* first = standBack_ ? nullptr : currentPanel()->firstField();
        (first ? first : this)->setFocus();
    }
}

QString BenchPlace::stateOf(const RawTest& record) const {
    if (isHandedOver(record))
        return tr("handed over, to be signed");
    const QString elsewhere = session_.workstation().elsewhere(record.id);
    return elsewhere.isEmpty() ? tr("not finished") : elsewhere;
}

// What was begun today or before is found here, wherever it was left.
void BenchPlace::showOpenTests() {
    std::vector<TableModel::Row> rows;
    for (const AnyTest& test : session_.book().runningTests()) {
        const RawTest& record = common(test);
        const auto client = session_.book().client(record.subject.clientId);
        rows.push_back(
            {report::plain(record.id),
             {{client ? session_.nameOf(*client) : QString()},
              {report::say(methodTitle(methodOf(test)))},
              {report::weekday(record.startedAt) + QLatin1Char(' ') + report::clock(record.startedAt),
               static_cast<qlonglong>(record.startedAt.milliseconds)},
              {stateOf(record)}}});
    }
    open_->setVisible(!rows.empty());
    empty_->setText(rows.empty()
                        ? tr("No test is running.\n\nChoose an appointment in Day (Alt+D) or a client in "
                             "Clients (Alt+C) and start one there.")
                        : tr("No test is on the bench. These tests are open. Enter resumes one."));
    open_->setRows(std::move(rows));
}

// The only moment at which a step gives an order to an instrument by itself: when the work comes to it.
void BenchPlace::enterStep() {
    const RawTest& test = session_.run()->record();
    const std::pair at(test.id, session_.run()->current().index());
    if (test.state != TestState::Running) // signed, or ended: what was concluded was another test's, or is over
        return concludeStep(-1);
    if (enteredAt_ == at)
        return;
    const auto before = std::exchange(enteredAt_, at);
    concludeStep(before.first == at.first && before.second < at.second ? before.second : -1);
    currentPanel()->entered();
}

// A check that has passed stays readable while the next step begins.
// @param step that has just been done; -1 for none
void BenchPlace::concludeStep(int step) {
    QString words;
    if (step >= 0 && session_.run()->isDone(Step(step))) {
        const auto* panel = static_cast<StepPanel*>(stacks_.at(session_.run()->method())->widget(step));
        words = panel->conclusion();
        if (words.isEmpty())
            words = valueOf(Step(step), snapshotOf(*session_.run()));
        const QString title = report::say(session_.run()->textOf(Step(step)).title);
        words = words.isEmpty() ? tr("✓ %1").arg(title) : tr("✓ %1: %2").arg(title, words);
    }
    concluded_->setText(words);
    concluded_->setVisible(!words.isEmpty());
}

void BenchPlace::showRunSheet() {
    const AnyTest test = snapshotOf(*session_.run()); // with its recordings: copied once
    const int count = static_cast<int>(session_.run()->steps().size());
    while (runSheet_->count() > count)
        delete runSheet_->takeItem(runSheet_->count() - 1);
    while (runSheet_->count() < count)
        runSheet_->addItem(QString());
    for (int i = 0; i < count; ++i) {
        QListWidgetItem* item = runSheet_->item(i);
        item->setText(markOf(session_.run()->stateOf(Step(i))) +
                      report::say(session_.run()->textOf(Step(i)).title));
        const QString value = valueOf(Step(i), test);
        item->setData(RunSheetDelegate::value, value);
        item->setToolTip(plainTip(value));
        item->setData(Qt::AccessibleDescriptionRole, value);
    }
    const QSignalBlocker blocker(runSheet_);
    runSheet_->setCurrentRow(session_.run()->current().index());
}

// What a step has given, for its line in the run sheet; questions say how many are not as asked.
QString BenchPlace::valueOf(Step step, const AnyTest& test) const {
    const Procedure& run = *session_.run();
    const StepKind kind = run.textOf(step).kind;
    if (kind == StepKind::Screening || kind == StepKind::Readiness) {
        const auto asked = run.questions(step);
        const auto broken = std::ranges::count_if(asked, [&](const readiness::Rule* rule) {
            const AnsweredQuestion* answer = run.answerTo(rule->id);
            return answer && !answer->finding.kept;
        });
        return broken > 0 ? tr("%1 not as asked").arg(broken) : run.isDone(step) ? tr("clear") : QString();
    }
    QString value;
    Methods::with(run.method(), [&]<class Method> {
        value = AtTheBench<Method>::valueOf(std::get<typename Method::Record>(test), step, session_.units());
    });
    return value;
}

void BenchPlace::showFoot() {
    if (!session_.run())
        return;
    const RawTest& test = session_.run()->record();
    StepPanel* panel = currentPanel();
    announce(verdict_, test.state == TestState::Refused
                           ? tr("Ended without a result: %1").arg(QString::fromStdString(test.refusal))
                           : panel->verdict());
    const QString text = panel->primaryText();
    primary_->setVisible(!text.isEmpty() && test.state != TestState::Refused);
    does_ = text;
    showKey();
    primary_->setEnabled(panel->primaryEnabled());
    if (standBack_)
        showStandBack();
}

void BenchPlace::showKey() {
    const QWidget* focus = focusWidget() ? focusWidget() : this;
    primary_->setText(does_ +
                      (takesSpace(focus) && focus != primary_ ? tr("   [Ctrl+Enter]") : tr("   [Space]")));
}

void BenchPlace::showStandBack() {
    const StandBack words = currentPanel()->standBack();
    const auto& text = session_.run()->textOf(session_.run()->current());
    // A step without a verdict says its instruction there, large: not twice.
    const QString instruction = report::say(text.instruction);
    standTitle_->say(instruction);
    standTitle_->setVisible(words.verdict != instruction);
    standReading_->say(words.reading);
    standReading_->setVisible(!words.reading.isEmpty());
    standVerdict_->say(words.verdict);
    const QString does = currentPanel()->primaryText();
    standKey_->say(does.isEmpty()                     ? tr("F11: back to the desk")
                   : currentPanel()->primaryEnabled() ? tr("Space: %1").arg(does)
                                                      : does);
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
        askReason(this, tr("Override a failed check"), tr("The physiologist decides and says why."));
    if (!reason.isEmpty() && provesWhoItIs(session_, this, tr("Override a failed check")))
        session_.report(session_.run()->confirm(session_.run()->current(), reason.toStdString()));
}

// A digit that is typed anywhere goes into the field of the step.
bool BenchPlace::takesDigit(const QKeyEvent& event) {
    const QString text = event.text();
    QLineEdit* field = currentPanel()->typingField();
    if (text.isEmpty() || !text.front().isDigit() || !field || !field->isVisible() || !field->isEnabled())
        return false;
    field->setFocus();
    field->insert(text);
    return true;
}

// A list would search its rows for what is typed; here Space, digits and letters belong to the step, wherever
// the focus is.
bool BenchPlace::eventFilter(QObject* watched, QEvent* event) {
    const auto* list = qobject_cast<const QAbstractItemView*>(watched);
    // Not in a table that is filled in, nor in the list that a box drops down.
    const bool reads =
        list && list->window() == window() && !(list->editTriggers() & QAbstractItemView::AnyKeyPressed);
    if (event->type() == QEvent::KeyPress && reads && session_.run()) {
        const auto* key = static_cast<QKeyEvent*>(event);
        const QString text = key->text();
        const bool plain = !(key->modifiers() & (Qt::ControlModifier | Qt::AltModifier | Qt::MetaModifier));
        if (plain && !text.isEmpty() && (key->key() == Qt::Key_Space || text.front().isLetterOrNumber()))
            return QCoreApplication::sendEvent(currentPanel(), event);
    }
    return Place::eventFilter(watched, event);
}

void BenchPlace::keyPressEvent(QKeyEvent* event) {
    if (!session_.run() || typing(focusWidget() ? focusWidget() : this))
        return Place::keyPressEvent(event);
    if (takesDigit(*event))
        return;
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
    default:
        toPanel(event);
    }
}

// What the bench does not know the step may: a number answers, a letter goes to its question, wherever the
// focus is.
void BenchPlace::toPanel(QKeyEvent* event) {
    if (forwarding_) // it has come back from the panel
        return Place::keyPressEvent(event);
    const QScopedValueRollback forwarding(forwarding_, true);
    QCoreApplication::sendEvent(currentPanel(), event);
}

void BenchPlace::addCommands(const PlaceCommands& add) {
    const auto open = [this] { return session_.run() ? QString() : tr("No test is open."); };
    add.aboutChosen(
        "bench.primary", tr("Do what the button at the foot says"), [this] { primary(); },
        QKeySequence(Qt::CTRL | Qt::Key_Return), open);
    add.aboutChosen(
        "bench.note", tr("Add a note…"), [this] { addNote(); }, {}, open);
    add.aboutChosen(
        "bench.end", tr("End without a result…"), [this] { endTest(); }, QKeySequence(Qt::CTRL | Qt::Key_E),
        open);
    add.aboutChosen(
        "bench.past-check", tr("Override a failed check…"), [this] { goPastCheck(); },
        QKeySequence(Qt::CTRL | Qt::Key_G),
        [this, open] {
            const QString why = open();
            return !why.isEmpty() ? why
                   : session_.run()->textOf(session_.run()->current()).kind == StepKind::Check
                       ? QString()
                       : tr("This step is no check.");
        });
    add.aboutChosen(
        "bench.back", tr("One step back"), [this] { goBack(); }, {}, open);
    add(
        "bench.stand-back", tr("Stand back, or return to the desk"), [this] { setStandBack(!standBack_); },
        QKeySequence(Qt::Key_F11), open);
    add.note(tr("Do what the button at the foot says"), tr("Space"));
    add.note(tr("Answer a question"), tr("1 to 9"));
    add.note(tr("Repeat"), tr("R"));
    add.note(tr("Exclude the chosen trial"), tr("X"));
    add.note(tr("Add a note"), tr("N"));
    add.note(tr("One step back"), tr("Esc"));
}

void BenchPlace::undo() {
    if (session_.run())
        session_.report(session_.run()->undo());
    else
        Place::undo();
}

} // namespace fusain::desktop

#include "moc_bench_place.cpp"
