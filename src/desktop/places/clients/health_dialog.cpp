#include "desktop/places/clients/health_dialog.hpp"

#include "desktop/widgets/appearance.hpp"
#include "desktop/widgets/dialog_foot.hpp"
#include "report/base/words.hpp"

#include <QHeaderView>
#include <QVBoxLayout>

namespace fusain::desktop {
namespace {

/// What stands in the box of a question; the first is chosen while nobody asked.
enum Row { NotAsked, No, Yes, Declined };

int rowOf(const Screening& before, const std::string& question, Instant now) {
    const ScreeningItem* item = before.find(question);
    if (!item ||
        (before.clearanceOf(question, now) == Clearance::NotAsked && item->answer != ScreeningAnswer::Declined))
        return NotAsked;
    return item->answer == ScreeningAnswer::No ? No : item->answer == ScreeningAnswer::Yes ? Yes : Declined;
}

} // namespace

HealthDialog::HealthDialog(const ScreeningQuestions& set, std::vector<const ScreeningQuestion*> questions,
                           Screening before, Instant now, std::string by, QWidget* parent)
    : QDialog(parent), set_(set), questions_(std::move(questions)), before_(std::move(before)), now_(now),
      by_(std::move(by)),
      table_(table({tr("question"), tr("answer"), tr("asked")}, tr("Questions about health"))),
      consent_(new QCheckBox(tr("The client agrees that the answers are kept in their record"))) {
    setWindowTitle(tr("Health questions"));
    setMinimumSize(scaled(900), scaled(640));
    table_->setColumnWidth(0, scaled(560));
    table_->setColumnWidth(1, scaled(160));
    table_->setWordWrap(true);
    table_->setSelectionMode(QAbstractItemView::NoSelection);
    table_->setRowCount(static_cast<int>(questions_.size()));
    for (int row = 0; row < table_->rowCount(); ++row) {
        const ScreeningQuestion& question = *questions_[static_cast<std::size_t>(row)];
        const ScreeningItem* asked = before_.find(question.id);
        setRow(table_, row,
               {report::say(std::string_view(question.question)),
                {},
                asked ? report::day(asked->at) : tr("not asked")});
        auto* box = new QComboBox;
        box->addItems({tr("– not asked"), tr("no"), tr("yes"), tr("rather not say")});
        box->setAccessibleName(report::say(std::string_view(question.question)));
        box->setCurrentIndex(rowOf(before_, question.id, now_));
        table_->setCellWidget(row, 1, box);
        answers_.push_back(box);
    }
    table_->resizeRowsToContents();
    auto* layout = new QVBoxLayout(this);
    layout->addWidget(label(tr("Asked kindly and alone. Nobody has to answer. While a question is unanswered, "
                               "no numbers for losing weight are given."),
                            "soft"));
    layout->addWidget(table_, 1);
    layout->addWidget(consent_);
    layout->addWidget(label(tr("Without consent the answers serve until another client is chosen."), "soft"));
    layout->addWidget(footOf(this, tr("Use these answers")).box);
    if (!answers_.empty())
        answers_.front()->setFocus();
}

void HealthDialog::answer(const std::string& question, ScreeningAnswer answer) {
    for (std::size_t i = 0; i < questions_.size(); ++i)
        if (questions_[i]->id == question)
            answers_[i]->setCurrentIndex(answer == ScreeningAnswer::No    ? No
                                         : answer == ScreeningAnswer::Yes ? Yes
                                                                          : Declined);
}

// An answer that was left as it stood keeps its date.
Screening HealthDialog::screening() const {
    Screening screening = before_;
    for (std::size_t i = 0; i < questions_.size(); ++i) {
        const int row = answers_[i]->currentIndex();
        if (row == NotAsked || row == rowOf(before_, questions_[i]->id, now_))
            continue;
        screening.put(screeningItem(set_, *questions_[i],
                                    row == No    ? ScreeningAnswer::No
                                    : row == Yes ? ScreeningAnswer::Yes
                                                 : ScreeningAnswer::Declined,
                                    now_, by_));
    }
    return screening;
}

} // namespace fusain::desktop

#include "moc_health_dialog.cpp"
