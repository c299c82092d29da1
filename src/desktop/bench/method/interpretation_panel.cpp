#include "desktop/bench/method/interpretation_panel.hpp"

#include "desktop/services/computing.hpp"
#include "desktop/widgets/appearance.hpp"
#include "procedure/all/procedure.hpp"
#include "procedure/meaning/written_claims.hpp"
#include "procedure/meaning/written_numbers.hpp"
#include "report/base/words.hpp"
#include "report/pages/test_report.hpp"

#include <QKeyEvent>
#include <QScrollArea>

namespace fusain::desktop {
namespace {

constexpr int typingRests = 300; // ms
constexpr std::size_t most = 3;

std::vector<QString> linesOf(const QString& text) {
    std::vector<QString> lines;
    for (const QString& line : text.split(QLatin1Char('\n')))
        lines.push_back(line.trimmed());
    return lines;
}

} // namespace

InterpretationPanel::InterpretationPanel(Session& session, std::span<const StepText> sheet, Step step)
    : StepPanel(session, sheet, step),
      noChoice_(label(tr("This test has nothing to tick; write a sentence."), "soft")),
      findings_(label({}, "soft")), strange_(label({}, "warning")), text_(new QPlainTextEdit),
      page_(new PagePreview) {
    body()->itemAt(1)->widget()->hide(); // what is to be done is seen
    text_->setAccessibleName(tr("Interpretation"));
    text_->setTabChangesFocus(true);
    setFocusPolicy(Qt::StrongFocus);
    text_->setPlaceholderText(tr("What the client should know today, in your own words"));
    settled_.setSingleShot(true);
    settled_.setInterval(typingRests);
    auto* beside = new QHBoxLayout;
    beside->setSpacing(scaled(16));
    beside->addWidget(written(), 1);
    beside->addWidget(page_, 1);
    body()->addLayout(beside, 1);
    connect(text_, &QPlainTextEdit::textChanged, this, [this] {
        showTicks();
        settled_.start();
    });
    connect(&settled_, &QTimer::timeout, this, &InterpretationPanel::showPageAsWritten);
}

QWidget* InterpretationPanel::written() {
    auto* side = new QWidget;
    auto* layout = new QVBoxLayout(side);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(scaled(6));
    layout->addWidget(label(tr("For the client: tick what matters today (keys 1 to 3)"), "heading"));
    for (std::size_t i = 0; i < most; ++i) {
        Choice choice{new QWidget, new QCheckBox, label({}), label({}, "soft"), {}};
        auto* words = new QVBoxLayout;
        words->setSpacing(2);
        words->addWidget(choice.client);
        words->addWidget(choice.lab);
        auto* row = new QHBoxLayout(choice.row);
        row->setContentsMargins(0, 0, 0, 0);
        row->addWidget(choice.box, 0, Qt::AlignTop);
        row->addLayout(words, 1);
        connect(choice.box, &QCheckBox::toggled, this, [this, i](bool on) { take(i, on); });
        layout->addWidget(choice.row);
        choices_.push_back(choice);
    }
    layout->addWidget(noChoice_);
    layout->addWidget(text_, 2);
    layout->addWidget(strange_);
    layout->addWidget(label(tr("All findings"), "heading"));
    auto* all = new QScrollArea;
    all->setObjectName(QStringLiteral("plain"));
    all->setAccessibleName(tr("All findings"));
    all->setWidget(findings_);
    all->setWidgetResizable(true);
    all->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    findings_->setAlignment(Qt::AlignTop);
    layout->addWidget(all, 2);
    return side;
}

void InterpretationPanel::refresh() {
    if (!isVisible())
        return;
    auto report = session_.computing().reportOn(snapshotOf(run()));
    if (!report) {
        findings_->setText(report::say(report.error()));
        return;
    }
    QStringList lines;
    for (const Message& sentence : report::findingsOf(*report))
        lines << report::sentence(sentence);
    findings_->setText(lines.join(QLatin1Char('\n')));
    offer(*report);
    if (!text_->hasFocus() && text_->toPlainText().isEmpty())
        text_->setPlainText(QString::fromStdString(run().record().interpretation));
    showPage(std::move(*report));
}

// What is ticked is read by the client, in the client's language; beneath it what the lab reads.
void InterpretationPanel::offer(const report::TestReport& report) {
    noChoice_->setVisible(report.keyPoints.empty());
    for (std::size_t i = 0; i < choices_.size(); ++i) {
        Choice& choice = choices_[i];
        const bool offered = i < report.keyPoints.size();
        choice.row->setVisible(offered);
        choice.sentence.clear();
        if (!offered)
            continue;
        const KeyPoint& point = report.keyPoints[i];
        {
            const report::InLanguage language(report::spokenTo(report.client, report.record().startedAt));
            choice.sentence = report::say(point.sentence);
        }
        const Statement* behind = statementBehind(point, report.statements);
        choice.box->setAccessibleName(choice.sentence);
        choice.client->setText(QStringLiteral("%1  %2").arg(i + 1).arg(choice.sentence));
        choice.lab->setText(report::sentence(behind ? labSentence(*behind) : point.evidence));
    }
    showTicks();
}

void InterpretationPanel::take(std::size_t choice, bool on) {
    std::vector<QString> lines = linesOf(text_->toPlainText());
    std::erase(lines, choices_[choice].sentence);
    std::erase(lines, QString());
    if (on)
        lines.push_back(choices_[choice].sentence);
    text_->setPlainText(QStringList(lines.begin(), lines.end()).join(QLatin1Char('\n')));
}

// A tick says what is in the text, however it came there.
void InterpretationPanel::showTicks() {
    const auto lines = linesOf(text_->toPlainText());
    for (const Choice& choice : choices_)
        showChecked(choice.box,
                    !choice.sentence.isEmpty() && std::ranges::find(lines, choice.sentence) != lines.end());
}

void InterpretationPanel::showPageAsWritten() {
    if (!session_.run() || !isVisible())
        return;
    if (auto report = session_.computing().reportOn(snapshotOf(run())))
        showPage(std::move(*report));
    else
        page_->clear(report::say(report.error()));
}

void InterpretationPanel::showPage(report::TestReport report) {
    settled_.stop();
    const std::string text = text_->toPlainText().trimmed().toStdString();
    std::visit([&](auto& own) { own.interpretation = text; }, report.computed.test);
    QStringList strange;
    for (const WrittenNumber& number : numbersNotInTest(text, report.computed, report.statements))
        strange << report::plain(number.text);
    QStringList doubts;
    if (!strange.isEmpty())
        doubts << tr("Not a number of this test: %1. Check it before you save.")
                      .arg(strange.join(QStringLiteral(", ")));
    for (const ClaimAgainst& claim : claimsAgainst(text, report.statements))
        doubts << tr("\"%1\": the test says otherwise. %2")
                      .arg(report::plain(claim.sentence), report::say(labSentence(*claim.statement)));
    announce(strange_, doubts.join(QLatin1Char('\n')));
    strange_->setVisible(!doubts.isEmpty());
    const report::InLanguage language(report::spokenTo(report.client, report.record().startedAt));
    page_->setPages(report::clientCopy(report));
}

// What was written about one test is never there for another, and is still there when that test comes back.
void InterpretationPanel::entered() {
    const std::string test = run().record().id;
    if (draftOf_ == test)
        return;
    drafts_[draftOf_] = text_->toPlainText();
    draftOf_ = test;
    const auto draft = drafts_.find(test);
    text_->setPlainText(draft != drafts_.end() ? draft->second
                                               : QString::fromStdString(run().record().interpretation));
}

// A number ticks its sentence while nobody writes.
void InterpretationPanel::keyPressEvent(QKeyEvent* event) {
    const int digit = event->key() - Qt::Key_1;
    if (digit < 0 || digit >= static_cast<int>(choices_.size()) ||
        choices_[static_cast<std::size_t>(digit)].sentence.isEmpty())
        return StepPanel::keyPressEvent(event);
    QCheckBox* box = choices_[static_cast<std::size_t>(digit)].box;
    take(static_cast<std::size_t>(digit), !box->isChecked());
}

// The keys tick sentences first; Tab goes into the text.
QWidget* InterpretationPanel::firstField() const {
    return choices_.front().sentence.isEmpty() ? static_cast<QWidget*>(text_)
                                               : const_cast<InterpretationPanel*>(this);
}

void InterpretationPanel::primary() {
    session_.report(run().interpret(text_->toPlainText().trimmed().toStdString()));
}

} // namespace fusain::desktop

#include "moc_interpretation_panel.cpp"
