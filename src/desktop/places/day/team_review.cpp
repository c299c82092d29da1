#include "desktop/places/day/team_review.hpp"

#include "desktop/widgets/appearance.hpp"
#include "desktop/widgets/dialog_foot.hpp"
#include "record/all/record.hpp"
#include "report/base/words.hpp"

#include <QHBoxLayout>
#include <QVBoxLayout>
#include <algorithm>

namespace fusain::desktop {

TeamReview::TeamReview(Session& session, std::vector<Person> people, QWidget* parent)
    : QDialog(parent), session_(session), people_(std::move(people)),
      list_(
          new RecordsView({tr("code"), tr("fat"), tr("since the last"), tr("look at")}, tr("Results to sign"))),
      why_(label({}, "warning")), left_(label({}, "soft")), sentence_(new QLineEdit),
      findings_(new FindingsView(session)) {
    setWindowTitle(tr("Review and sign"));
    resize(scaled(1180), scaled(720));
    std::ranges::stable_sort(people_, {}, [](const Person& each) { return each.result.toLook.isEmpty(); });
    for (const Person& each : people_)
        sentences_[each.result.testId] = each.result.sentence;
    list_->setFixedWidth(scaled(470));
    list_->setColumnWidth(0, scaled(70));
    list_->setColumnWidth(1, scaled(136));
    list_->setColumnWidth(2, scaled(130));
    sentence_->setAccessibleName(tr("Sentence for this client"));
    sentence_->setPlaceholderText(tr("what it means, in a sentence that the client will read"));
    auto* right = new QVBoxLayout;
    right->addWidget(why_);
    right->addWidget(findings_, 1);
    right->addWidget(label(tr("Sentence for this client"), "heading"));
    right->addWidget(sentence_);
    auto* columns = new QHBoxLayout;
    columns->addWidget(list_);
    columns->addLayout(right, 1);
    auto* layout = new QVBoxLayout(this);
    layout->addLayout(columns, 1);
    layout->addWidget(left_);
    const DialogFoot foot = footOf(this, tr("Sign"));
    sign_ = foot.primary;
    layout->addWidget(foot.box);
    connect(list_, &RecordsView::currentIdChanged, this, &TeamReview::open);
    connect(sentence_, &QLineEdit::textChanged, this, &TeamReview::keepSentence);
    fill();
    list_->choose(people_.empty() ? QString() : report::plain(people_.front().result.testId));
    showLeft();
}

void TeamReview::fill() {
    std::vector<TableModel::Row> rows;
    for (const Person& each : people_) {
        const TeamResult& result = each.result;
        const bool flagged = !result.toLook.isEmpty();
        rows.push_back({report::plain(result.testId),
                        {{each.code},
                         {result.fatPercent ? tr("%1 ± %2 %")
                                                  .arg(report::number(*result.fatPercent, 1),
                                                       report::number(*result.halfInterval, 1))
                                            : QStringLiteral("–"),
                          result.fatPercent.value_or(-1.0)},
                         {result.change},
                         {!flagged                          ? QString()
                          : opened_.contains(result.testId) ? QStringLiteral("✓ ") + result.toLook.front()
                                                            : QStringLiteral("▲ ") + result.toLook.front(),
                          {},
                          result.toLook.join(QLatin1Char('\n'))}}});
    }
    list_->setRows(std::move(rows));
}

void TeamReview::open(const QString& testId) {
    const auto person =
        std::ranges::find(people_, testId.toStdString(), [](const Person& each) { return each.result.testId; });
    if (person == people_.end() || shown_ == person->result.testId)
        return;
    shown_ = person->result.testId;
    opened_.insert(shown_);
    why_->setText(person->result.toLook.join(QLatin1Char('\n')));
    why_->setVisible(!person->result.toLook.isEmpty());
    showText(sentence_, sentences_[shown_]);
    if (const auto test = session_.book().test(shown_))
        findings_->showTest(*test);
    fill();
    showLeft();
}

void TeamReview::keepSentence() {
    sentences_[shown_] = sentence_->text();
    showLeft();
}

int TeamReview::leftToOpen() const {
    return static_cast<int>(std::ranges::count_if(people_, [&](const Person& each) {
        return !each.result.toLook.isEmpty() && !opened_.contains(each.result.testId);
    }));
}

std::map<std::string, std::string> TeamReview::sentences() const {
    std::map<std::string, std::string> said;
    for (const auto& [test, sentence] : sentences_)
        said[test] = sentence.trimmed().toStdString();
    return said;
}

void TeamReview::showLeft() {
    const auto silent =
        std::ranges::find_if(sentences_, [](const auto& each) { return each.second.trimmed().isEmpty(); });
    const int left = leftToOpen();
    sign_->setText(tr("Sign %n result(s)", nullptr, static_cast<int>(people_.size())));
    sign_->setEnabled(left == 0 && silent == sentences_.end() && !people_.empty());
    left_->setText(left > 0 ? tr("%n result(s) marked ▲ must be opened first.", nullptr, left)
                   : silent != sentences_.end()
                       ? tr("A result has no sentence yet: %1.")
                             .arg(std::ranges::find(people_, silent->first,
                                                    [](const Person& each) { return each.result.testId; })
                                      ->code)
                       : tr("Every result is signed by itself, each with its own sentence."));
}

} // namespace fusain::desktop

#include "moc_team_review.cpp"
