#include "desktop/places/day/now_band.hpp"

#include "desktop/widgets/appearance.hpp"
#include "desktop/widgets/parts.hpp"

#include <QHBoxLayout>
#include <QTimer>
#include <QVBoxLayout>

namespace fusain::desktop {

NowBand::NowBand() : sentence_(label({}, "nowSentence")), more_(label({}, "soft")), button_(button({}, true)) {
    setObjectName(QStringLiteral("now"));
    auto* words = new QVBoxLayout;
    words->setSpacing(2);
    words->addWidget(sentence_);
    words->addWidget(more_);
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(scaled(16), scaled(10), scaled(16), scaled(10));
    row->setSpacing(scaled(16));
    row->addLayout(words, 1);
    row->addWidget(button_);
    connect(button_, &QPushButton::clicked, this, [this] { Q_EMIT acted(fact_); });
}

void NowBand::showFact(const NowFact& fact) {
    fact_ = fact;
    announce(sentence_, (fact.urgent ? QStringLiteral("▲ ") : QString()) + fact.sentence);
    more_->setText(fact.more);
    more_->setVisible(!fact.more.isEmpty());
    button_->setText(fact.button);
    button_->setVisible(!fact.button.isEmpty());
}

ProblemCards::ProblemCards() {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(scaled(6));
}

namespace {

/// As high as its words need at the width that it has: the list under it gives way.
class WholeWords : public QLabel {
public:
    explicit WholeWords(const QString& words) {
        setTextFormat(Qt::PlainText);
        setText(words);
        setWordWrap(true);
    }

protected:
    void resizeEvent(QResizeEvent* event) override {
        QLabel::resizeEvent(event);
        setMinimumHeight(heightForWidth(width()));
    }
};

} // namespace

// The button that was pressed is still at work: it goes with the next turn of events.
void ProblemCards::clear() {
    while (QLayoutItem* item = layout()->takeAt(0)) {
        if (QWidget* card = item->widget()) {
            card->hide();
            card->deleteLater();
        }
        delete item;
    }
}

void ProblemCards::showProblems(const std::vector<DayProblem>& problems) {
    clear();
    for (const DayProblem& problem : problems) {
        auto* card = new QFrame;
        card->setObjectName(QStringLiteral("problemCard"));
        auto* row = new QHBoxLayout(card);
        row->setContentsMargins(scaled(10), scaled(4), scaled(6), scaled(4));
        row->addWidget(new WholeWords(problem.words), 1);
        if (!problem.button.isEmpty()) {
            auto* solve = button(problem.button);
            connect(solve, &QPushButton::clicked, this, problem.solve);
            row->addWidget(solve);
        }
        layout()->addWidget(card);
        card->show(); // added to a page that is seen already
    }
    setVisible(!problems.empty());
}

} // namespace fusain::desktop

#include "moc_now_band.cpp"
