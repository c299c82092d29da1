#include "desktop/places/practice/practice_strip.hpp"

#include "desktop/widgets/appearance.hpp"
#include "desktop/widgets/parts.hpp"
#include "report/base/words.hpp"

#include <QHBoxLayout>
#include <QShortcut>
#include <QVBoxLayout>

namespace fusain::desktop {

PracticeStrip::PracticeStrip(PracticeRun& run, QWidget* parent)
    : QFrame(parent), run_(run), words_(label({})), acts_(new QComboBox), do_(button(tr("Do this"))),
      hint_(button(tr("Hint   Ctrl+J"))) {
    setObjectName(QStringLiteral("verdictLine"));
    acts_->setAccessibleName(tr("Say or do beside the screen"));
    acts_->setMinimumWidth(scaled(430));
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(24, 4, 24, 6);
    layout->setSpacing(4);
    layout->addWidget(words_);
    layout->addLayout(inOneRow({label(tr("Say or do   Ctrl+D"), "soft", false), acts_, do_, hint_}));
    connect(do_, &QPushButton::clicked, this, &PracticeStrip::act);
    connect(hint_, &QPushButton::clicked, this, [this] {
        hintText_ = run_.hint();
        say();
    });
    connect(&run, &PracticeRun::changed, this, &PracticeStrip::refresh);
    connect(new QShortcut(QKeySequence(Qt::CTRL | Qt::Key_D), this), &QShortcut::activated, this, [this] {
        acts_->setFocus();
        acts_->showPopup();
    });
    connect(new QShortcut(QKeySequence(Qt::CTRL | Qt::Key_J), this), &QShortcut::activated, hint_,
            &QPushButton::click);
    // Enter on the list does what was chosen, and only there.
    connect(new QShortcut(QKeySequence(Qt::Key_Return), acts_, nullptr, nullptr, Qt::WidgetShortcut),
            &QShortcut::activated, this, &PracticeStrip::act);
    refresh();
}

void PracticeStrip::refresh() {
    setVisible(run_.current());
    if (!run_.current()) {
        shown_ = nullptr;
        return;
    }
    if (shown_ != run_.current()) {
        shown_ = run_.current();
        acts_->clear();
        for (const PracticeAct* each : run_.acts())
            acts_->addItem(report::say(std::string_view(each->say)), QString::fromStdString(each->id));
        answer_.clear();
    }
    if (const int step = run_.step(); step != step_) {
        step_ = step;
        hintText_.clear();
        answer_.clear();
    }
    hint_->setVisible(run_.log().help == HelpLevel::WhenAsked);
    say();
}

void PracticeStrip::say() {
    QStringList lines;
    if (const QString remark = run_.remark(); !remark.isEmpty())
        lines << tr("%1 says: “%2”")
                     .arg(QString::fromStdString(run_.current()->name).section(QLatin1Char(' '), 0, 0), remark);
    if (!answer_.isEmpty())
        lines << answer_;
    const QString prompt = hintText_.isEmpty() ? run_.prompt() : hintText_;
    if (!prompt.isEmpty())
        lines << tr("Hint: %1").arg(prompt);
    words_->setText(lines.join(QLatin1Char('\n')));
    words_->setVisible(!lines.isEmpty());
}

void PracticeStrip::act() {
    const QString what = acts_->currentText();
    answer_ = what + QStringLiteral("  →  ") + run_.act(acts_->currentData().toString().toStdString());
    say();
    Q_EMIT acted();
}

void PracticeStrip::actBy(const std::string& id) {
    acts_->setCurrentIndex(acts_->findData(QString::fromStdString(id)));
    act();
}

} // namespace fusain::desktop

#include "moc_practice_strip.cpp"
