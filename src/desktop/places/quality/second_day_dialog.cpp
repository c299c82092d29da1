#include "desktop/places/quality/second_day_dialog.hpp"

#include "desktop/services/day_board.hpp"
#include "desktop/widgets/appearance.hpp"
#include "desktop/widgets/dialog_foot.hpp"
#include "procedure/quality/quality_review.hpp"
#include "record/all/record.hpp"
#include "report/base/words.hpp"

#include <QDateTime>
#include <QVBoxLayout>
#include <algorithm>

namespace fusain::desktop {
namespace {

constexpr double minutesADay = 24.0 * 60.0;

} // namespace

SecondDayDialog::SecondDayDialog(Session& session, std::string method, QWidget* parent)
    : QDialog(parent), session_(session), method_(std::move(method)), client_(new QComboBox),
      days_(new QSpinBox), words_(label({}, "verdict")) {
    setWindowTitle(tr("Second day of a precision study"));
    setMinimumSize(scaled(560), scaled(260));
    client_->setAccessibleName(tr("Client"));
    days_->setAccessibleName(tr("Days later"));
    days_->setRange(static_cast<int>(leastDaysApart), static_cast<int>(mostDaysApart));
    days_->setMinimumHeight(scaled(32));
    days_->setSuffix(tr(" days later"));
    const Instant since = session_.now().plusMinutes(-mostDaysApart * minutesADay);
    for (const AnyTest& test : session_.book().testsSince(since, method_)) {
        if (common(test).state != TestState::Signed)
            continue;
        const std::string& client = common(test).subject.clientId;
        std::erase_if(first_, [&](const FirstDay& other) { return other.clientId == client; });
        first_.push_back({client, common(test).startedAt});
    }
    for (const FirstDay& each : first_) {
        const auto client = session_.book().client(each.clientId);
        client_->addItem(
            tr("%1, %2").arg(client ? report::plain(client->name) : QString(), report::day(each.at)));
    }
    auto* layout = new QVBoxLayout(this);
    layout->addWidget(
        label(tr("The same client, method and time of day, prepared as asked: only the day differs."), "soft"));
    layout->addWidget(client_);
    layout->addWidget(days_);
    layout->addWidget(words_);
    layout->addStretch(1);
    const DialogFoot foot = footOf(this, tr("Book the second day"));
    book_ = foot.primary;
    layout->addWidget(foot.box);
    connect(client_, &QComboBox::currentIndexChanged, this, &SecondDayDialog::judge);
    connect(days_, &QSpinBox::valueChanged, this, &SecondDayDialog::judge);
    judge();
}

std::optional<Instant> SecondDayDialog::when() const {
    const int row = client_->currentIndex();
    if (row < 0 || row >= static_cast<int>(first_.size()))
        return std::nullopt;
    // Days of the calendar: the clock time stays when the clocks change.
    const auto first = QDateTime::fromMSecsSinceEpoch(first_[static_cast<std::size_t>(row)].at.milliseconds);
    return Instant{first.addDays(days_->value()).toMSecsSinceEpoch()};
}

void SecondDayDialog::judge() {
    const auto at = when();
    const bool ahead = at && *at > session_.now();
    words_->setText(!at     ? tr("Nobody had this test in the last seven days.")
                    : ahead ? tr("%1 at %2.").arg(report::longDay(*at), report::clock(*at))
                            : tr("That moment has passed: choose more days."));
    book_->setEnabled(ahead);
}

bool SecondDayDialog::book() {
    const auto at = when();
    if (!at)
        return false;
    DayBoard board(session_);
    board.load(*at);
    return session_.report(board.book(first_[static_cast<std::size_t>(client_->currentIndex())].clientId,
                                      method_, *at, tr("precision study, second day").toStdString()));
}

} // namespace fusain::desktop

#include "moc_second_day_dialog.cpp"
