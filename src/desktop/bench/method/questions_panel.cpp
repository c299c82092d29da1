#include "desktop/bench/method/questions_panel.hpp"

#include "desktop/bench/method/typed_time.hpp"
#include "desktop/views/passphrase.hpp"
#include "desktop/widgets/appearance.hpp"
#include "report/base/words.hpp"
#include "report/method/parts.hpp"

#include <QHBoxLayout>
#include <QHeaderView>
#include <QKeyEvent>
#include <QTimer>
#include <algorithm>
#include <cmath>

namespace fusain::desktop {
namespace {

// The source and how sure it is are in the Library; here only what happens and why.
QString aboutRule(const readiness::Rule& rule) {
    const QString reason = report::say(std::string_view(rule.reason));
    if (rule.effect == readiness::Effect::None)
        return QObject::tr("Safety: %1").arg(reason);
    QStringList effect{report::say(effectText(rule.effect))};
    if (!rule.effectSize.empty())
        effect << report::say(std::string_view(rule.effectSize));
    effect << reason;
    return QObject::tr("If not as asked: %1").arg(effect.join(QStringLiteral("; ")));
}

// Keys that go to a question; the others do something at this step already.
constexpr std::string_view letters = "BDEFGHIJKLMOPQSTUVWYZ";

QString letterOf(int row) {
    return row < static_cast<int>(letters.size())
               ? QString(QLatin1Char(letters[static_cast<std::size_t>(row)])).toLower()
               : QString();
}

// What happens to the fat of this test when it is not as asked.
QString pushOf(const readiness::Rule& rule) {
    switch (rule.effect) {
    case readiness::Effect::Over:
        return QObject::tr("↑ higher");
    case readiness::Effect::Under:
        return QObject::tr("↓ lower");
    case readiness::Effect::Noise:
        return QObject::tr("↕ either way");
    case readiness::Effect::None:
        break;
    }
    return {};
}

// What the protocol asks for, as it is read out.
QString wanted(const readiness::Rule& rule) {
    using readiness::Comparison;
    if (rule.type == readiness::AnswerType::Choice)
        return report::say(std::string_view(rule.limitChoice));
    const QString limit = QStringLiteral("%1 %2")
                              .arg(number(rule.limit, rule.limit == std::floor(rule.limit) ? 0 : 3),
                                   report::say(std::string_view(rule.unit)))
                              .trimmed();
    switch (rule.okIf) {
    case Comparison::AtLeast:
        return QObject::tr("at least %1").arg(limit);
    case Comparison::MoreThan:
        return QObject::tr("more than %1").arg(limit);
    case Comparison::AtMost:
        return QObject::tr("at most %1").arg(limit);
    case Comparison::LessThan:
        return QObject::tr("less than %1").arg(limit);
    case Comparison::Equals:
        break;
    }
    return limit;
}

} // namespace

QuestionsPanel::QuestionsPanel(Session& session, std::span<const StepText> steps, Step step)
    : StepPanel(session, steps, step), question_(label({}, "title")), effect_(label({}, "soft")),
      choices_(new QWidget), typed_(new QLineEdit), rebook_(button(tr("Rebook…"))),
      change_(button(tr("Change the answer"))), override_(button(tr("Override finding…"))), all_(button({})),
      carry_(button({})),
      sheet_(table({QString(), tr("question"), tr("asked for"), tr("fat reads"), tr("last time"), tr("today")},
                   tr("Questions and answers"))) {
    new QHBoxLayout(choices_);
    choices_->layout()->setContentsMargins(0, 0, 0, 0);
    typed_->setAccessibleName(tr("Answer"));
    typed_->setMaximumWidth(scaled(340));
    sheet_->horizontalHeader()->setStretchLastSection(false);
    sheet_->horizontalHeader()->setSectionResizeMode(1, QHeaderView::Stretch);
    for (const auto& [column, width] :
         {std::pair(0, 28), std::pair(2, 104), std::pair(3, 96), std::pair(4, 110), std::pair(5, 190)})
        sheet_->setColumnWidth(column, scaled(width));
    sheet_->setFocusPolicy(Qt::TabFocus); // a click leaves the keys with the question
    body()->itemAt(1)->widget()->hide();  // the sheet says what is to be asked
    body()->addLayout(inOneRow({all_, carry_}));
    for (QWidget* widget : std::initializer_list<QWidget*>{question_, choices_, typed_, effect_, change_,
                                                           rebook_, override_, sheet_})
        body()->addWidget(widget);
    body()->setStretchFactor(sheet_, 1);
    for (QPushButton* each : {change_, rebook_, override_})
        body()->setAlignment(each, Qt::AlignLeft);
    for (QPushButton* each : {all_, carry_})
        each->setFocusPolicy(Qt::TabFocus);
    connect(all_, &QPushButton::clicked, this, &QuestionsPanel::allAsAsked);
    connect(carry_, &QPushButton::clicked, this, &QuestionsPanel::takeOver);
    connect(change_, &QPushButton::clicked, this, [this] {
        correcting_ = true;
        showQuestion();
    });
    connect(rebook_, &QPushButton::clicked, this, &QuestionsPanel::rebook);
    connect(override_, &QPushButton::clicked, this, &QuestionsPanel::goOnPast);
    auto* clock = new QTimer(this);
    connect(clock, &QTimer::timeout, this, [this] {
        if (isVisible())
            Q_EMIT touched(); // a wait may be over
    });
    clock->start(5000);
    connect(sheet_, &QTableWidget::currentCellChanged, this, [this] {
        correcting_ = false;
        showQuestion();
    });
    connect(typed_, &QLineEdit::returnPressed, this, &QuestionsPanel::primary);
    connect(typed_, &QLineEdit::textChanged, this, &StepPanel::touched);
}

int QuestionsPanel::row() const {
    return sheet_->currentRow();
}

const readiness::Rule* QuestionsPanel::current() const {
    const int at = row();
    return at >= 0 && at < static_cast<int>(rules_.size()) ? rules_[static_cast<std::size_t>(at)] : nullptr;
}

std::vector<const readiness::Rule*> QuestionsPanel::unanswered() const {
    std::vector<const readiness::Rule*> left;
    std::ranges::copy_if(rules_, std::back_inserter(left),
                         [this](const readiness::Rule* rule) { return !run().answerTo(rule->id); });
    return left;
}

// What is measured or counted is not said to a list, but for what an instrument says now.
std::vector<const readiness::Rule*> QuestionsPanel::toldAsList() const {
    auto left = unanswered();
    std::erase_if(left, [this](const readiness::Rule* rule) {
        return rule->type == readiness::AnswerType::Number && !readNow(*rule);
    });
    return left;
}

// A temperature that is asked for is the room's.
std::optional<double> QuestionsPanel::readNow(const readiness::Rule& rule) const {
    return rule.type == readiness::AnswerType::Number && rule.unit == "C" ? live("room", "c") : std::nullopt;
}

// What is in this sheet and not answered yet was read out as a list, and nothing of it was otherwise.
void QuestionsPanel::allAsAsked() {
    const auto left = toldAsList();
    session_.report(run().answerOpen([&](const readiness::Rule& rule) -> std::optional<readiness::Answer> {
        if (std::ranges::find(left, &rule) == left.end())
            return std::nullopt;
        readiness::Answer asAsked;
        if (const auto read = readNow(rule))
            asAsked.number = std::round(10.0 * *read) / 10.0;
        else
            asAsked.keptAsTold = readiness::KeptAsTold::List;
        return asAsked;
    }));
}

void QuestionsPanel::takeOver() {
    const auto left = unanswered();
    session_.report(run().answerOpen([&](const readiness::Rule& rule) -> std::optional<readiness::Answer> {
        const auto said = said_.today.find(rule.id);
        return said != said_.today.end() && std::ranges::find(left, &rule) != left.end()
                   ? std::optional(said->second.answer)
                   : std::nullopt;
    }));
}

QString QuestionsPanel::answerText(const AnsweredQuestion& answered) const {
    const QString text = report::givenText(answered.answer);
    if (answered.finding.kept)
        return text + tr("  ✓ as asked");
    if (!answered.acceptedReason.empty())
        return text + tr("  accepted: %1").arg(QString::fromStdString(answered.acceptedReason));
    if (const auto until = answered.waitUntil())
        return text + tr("  ▲ wait %1 min, until %2")
                          .arg(std::ceil(answered.finding.wait.value()))
                          .arg(report::clock(*until));
    return text + QStringLiteral("  ▲ ") + report::say(actionText(answered.finding.action));
}

void QuestionsPanel::refresh() {
    rules_ = run().questions(step());
    const int at = row();
    correcting_ = false;
    const QSignalBlocker blocker(sheet_);
    fillSheet();
    int firstOpen = -1;
    for (int i = 0; i < static_cast<int>(rules_.size()) && firstOpen < 0; ++i)
        if (const auto* answer = run().answerTo(rules_[static_cast<std::size_t>(i)]->id);
            !answer || answer->open())
            firstOpen = i;
    // After an answer the next open question comes up by itself, unless this one still needs a decision.
    const auto* here = at >= 0 && at < static_cast<int>(rules_.size())
                           ? run().answerTo(rules_[static_cast<std::size_t>(at)]->id)
                           : nullptr;
    sheet_->setCurrentCell(here && here->open() ? at : firstOpen >= 0 ? firstOpen : std::max(0, at), 0);
    showQuestion();
}

void QuestionsPanel::fillSheet() {
    if (isVisible() && std::exchange(lookedUpFor_, run().record().id) != run().record().id)
        said_ = saidBefore(session_, rules_);
    sheet_->setRowCount(static_cast<int>(rules_.size()));
    std::size_t toTakeOver = 0;
    for (int i = 0; i < sheet_->rowCount(); ++i) {
        const readiness::Rule& rule = *rules_[static_cast<std::size_t>(i)];
        const auto* answer = run().answerTo(rule.id);
        const auto said = said_.today.find(rule.id);
        const auto last = said_.last.find(rule.id);
        toTakeOver += !answer && said != said_.today.end() ? 1 : 0;
        setRow(sheet_, i,
               {letterOf(i), report::say(std::string_view(rule.question)), wanted(rule), pushOf(rule),
                last == said_.last.end() ? QString() : report::givenText(last->second),
                answer ? answerText(*answer)
                : said != said_.today.end()
                    ? tr("said at %1: %2")
                          .arg(report::clock(said->second.at), report::givenText(said->second.answer))
                : readNow(rule) ? tr("the room: %1 °C now").arg(number(*readNow(rule), 1))
                                : QString()});
    }
    const std::size_t left = toldAsList().size();
    all_->setText(tr("All %1 as asked, read out as a list (Alt+&A)").arg(left));
    all_->setVisible(left > 0);
    carry_->setText(tr("Use %n answer(s) of today (Alt+&C)", nullptr, static_cast<int>(toTakeOver)));
    carry_->setVisible(toTakeOver > 0);
}

void QuestionsPanel::showQuestion() {
    const readiness::Rule* rule = current();
    if (!rule || !session_.run())
        return;
    question_->setText(report::say(std::string_view(rule->question)));
    QString about = aboutRule(*rule);
    if (session_.clientSays())
        about.prepend(tr("The client says: \"%1\"\n").arg(session_.clientSays()(*rule)));
    effect_->setText(about);
    const auto* open = openAnswer();
    const bool blocked = open && open->finding.action == readiness::Action::Blocked;
    rebook_->setVisible(open && !blocked);
    override_->setVisible(blocked && may(session_.atTheBench().role, Right::Override));
    qDeleteAll(choices_->findChildren<QPushButton*>(QString(), Qt::FindDirectChildrenOnly));
    const bool chosen = rule->type == readiness::AnswerType::Choice;
    for (int i = 0; chosen && i < static_cast<int>(rule->choices.size()); ++i) {
        const std::string& choice = rule->choices[static_cast<std::size_t>(i)];
        const QString text = report::say(std::string_view(choice));
        auto* option = button(QStringLiteral("%1   %2").arg(i + 1).arg(text));
        option->setAccessibleName(text);
        choices_->layout()->addWidget(option);
        connect(option, &QPushButton::clicked, this, [this, choice] {
            give({std::nullopt, false, std::nullopt, choice});
        });
    }
    const bool decides = openAnswer() && !correcting_;
    choices_->setVisible(chosen && !decides);
    typed_->setVisible(!chosen && !decides);
    change_->setVisible(decides);
    typed_->clear();
    typed_->setPlaceholderText(rule->type == readiness::AnswerType::Number
                                   ? report::say(std::string_view(rule->unit))
                                   : tr("07:15, yesterday 19:00, 90 min, 2 days, never"));
    typed_->setMinimumWidth(scaled(340));
    if (!chosen && !decides && isVisible())
        typed_->setFocus();
    else if (isVisible())
        setFocus();
    Q_EMIT touched();
}

// An answer that awaits a decision is not overwritten by the next one.
void QuestionsPanel::give(const readiness::Answer& answer) {
    if (openAnswer() && !correcting_)
        return;
    if (const readiness::Rule* rule = current())
        session_.report(run().answer(rule->id, answer));
}

QString QuestionsPanel::primaryText() const {
    const auto* rule = current();
    if (const auto* answer = openAnswer();
        answer && answer->finding.action == readiness::Action::Blocked && !correcting_)
        return tr("End test: contraindication…");
    if (const auto* answer = openAnswer(); answer && !correcting_)
        return waitedLongEnough(*answer) ? tr("Waited long enough: save it") : tr("Continue with a reason…");
    return rule && rule->type != readiness::AnswerType::Choice ? tr("Save the answer") : QString();
}

bool QuestionsPanel::primaryEnabled() const {
    return true;
}

void QuestionsPanel::primary() {
    const auto* rule = current();
    if (!rule)
        return;
    if (const auto* answered = openAnswer(); answered && !correcting_) {
        if (answered->finding.action == readiness::Action::Blocked)
            return rebook();
        if (!waitedLongEnough(*answered))
            return goOnPast();
        session_.report(run().answerAfterWaiting(rule->id));
        return;
    }
    if (rule->type == readiness::AnswerType::Choice)
        return;
    keepTyped(*rule);
}

void QuestionsPanel::keepTyped(const readiness::Rule& rule) {
    std::optional<readiness::Answer> answer;
    if (rule.type == readiness::AnswerType::Number) {
        if (const auto value = readNumber(typed_->text(), report::say(std::string_view(rule.unit))))
            answer = readiness::Answer{std::nullopt, false, *value, {}};
    } else {
        answer = readTime(typed_->text(), session_.now());
    }
    if (answer)
        return give(*answer);
    session_.report(failure(
        {FUSAIN_TEXT("\"{1}\" was not understood."), {typed_->text().toStdString()}}, {},
        {FUSAIN_TEXT("Type a time like 07:15, yesterday 19:00, 90 min, 2 days or never; or a number."), {}}));
}

// A letter goes to its question and answers nothing.
bool QuestionsPanel::goToLetter(const QString& typed) {
    for (int at = 0; at < sheet_->rowCount(); ++at)
        if (!typed.isEmpty() && letterOf(at) == typed.toLower()) {
            sheet_->setCurrentCell(at, 0);
            return true;
        }
    return false;
}

const AnsweredQuestion* QuestionsPanel::openAnswer() const {
    const auto* rule = current();
    const auto* answer = rule ? run().answerTo(rule->id) : nullptr;
    return answer && answer->open() ? answer : nullptr;
}

bool QuestionsPanel::waitedLongEnough(const AnsweredQuestion& answer) const {
    const auto until = answer.waitUntil();
    return until && session_.now() >= *until;
}

void QuestionsPanel::rebook() {
    const QString reason = askReason(
        this, tr("Rebook"), tr("The test ends here without a result and the appointment is free. Why?"));
    if (!reason.isEmpty())
        session_.report(session_.endRun(reason.toStdString()));
}

void QuestionsPanel::goOnPast() {
    const auto* answer = run().answerTo(current()->id);
    const bool blocked = answer && answer->finding.action == readiness::Action::Blocked;
    const QString act = blocked ? tr("Override finding") : tr("Continue with a reason");
    const QString reason =
        askReason(this, act,
                  blocked ? tr("Why is the test justified? The reason goes on the record.")
                          : tr("Why is it acceptable to continue? The reason goes on the record."));
    if (!reason.isEmpty() && (!blocked || provesWhoItIs(session_, this, act)))
        session_.report(run().acceptDeviation(current()->id, reason.toStdString()));
}

QString QuestionsPanel::verdict() const {
    int open = 0, unanswered = 0;
    for (const auto* rule : rules_) {
        const auto* answer = run().answerTo(rule->id);
        unanswered += answer ? 0 : 1;
        open += answer && answer->open() ? 1 : 0;
    }
    if (const auto* answer = openAnswer())
        if (const auto until = answer->waitUntil())
            return waitedLongEnough(*answer)
                       ? tr("It is %1: the wait is over.").arg(report::clock(session_.now()))
                       : tr("Wait until %1, rebook, or continue with a reason.").arg(report::clock(*until));
    if (const auto* answer = openAnswer(); answer && answer->finding.action == readiness::Action::Blocked)
        return tr("Contraindication: end the test. Only a physiologist can override it.");
    if (open > 0)
        return tr("%1 to decide: change the answer, rebook, or continue with a reason.").arg(open);
    return unanswered > 0 ? tr("%1 of %2 questions left. Number keys answer; a letter goes to its question.")
                                .arg(unanswered)
                                .arg(rules_.size())
                          : tr("All answered.");
}

StandBack QuestionsPanel::standBack() const {
    return {question_->text(), verdict()};
}

QWidget* QuestionsPanel::firstField() const {
    const auto* rule = current();
    return rule && rule->type != readiness::AnswerType::Choice ? static_cast<QWidget*>(typed_) : nullptr;
}

void QuestionsPanel::keyPressEvent(QKeyEvent* event) {
    if (event->modifiers() & (Qt::ControlModifier | Qt::AltModifier | Qt::MetaModifier))
        return StepPanel::keyPressEvent(event); // copying from the sheet answers nothing
    const auto* rule = current();
    const int digit = event->key() - Qt::Key_1;
    if (rule && rule->type == readiness::AnswerType::Choice && digit >= 0 &&
        digit < static_cast<int>(rule->choices.size()))
        give({std::nullopt, false, std::nullopt, rule->choices[static_cast<std::size_t>(digit)]});
    else if (event->key() == Qt::Key_A && all_->isVisible())
        allAsAsked();
    else if (event->key() == Qt::Key_C && carry_->isVisible())
        takeOver();
    else if (event->key() == Qt::Key_Down || event->key() == Qt::Key_Up)
        sheet_->setCurrentCell(
            std::clamp(row() + (event->key() == Qt::Key_Down ? 1 : -1), 0, sheet_->rowCount() - 1), 0);
    else if (!goToLetter(event->text()))
        StepPanel::keyPressEvent(event);
}

} // namespace fusain::desktop

#include "moc_questions_panel.cpp"
