#include "desktop/places/clients/client_strip.hpp"

#include "desktop/services/computing.hpp"
#include "desktop/services/plans.hpp"
#include "desktop/widgets/appearance.hpp"
#include "desktop/widgets/parts.hpp"
#include "record/all/record.hpp"
#include "report/base/words.hpp"
#include "report/figures/spindles_figure.hpp"

#include <QHBoxLayout>
#include <algorithm>
#include <set>

namespace fusain::desktop {

ClientStrip::ClientStrip(Session& session)
    : session_(session), latest_(new FigureView(tr("Latest % fat by each method"), 60)),
      open_(label({}, "soft")) {
    layout_ = new QBoxLayout(QBoxLayout::LeftToRight, this);
    layout_->setContentsMargins(0, 0, 0, 0);
    layout_->setSpacing(scaled(20));
    layout_->addWidget(latest_, 1);
    layout_->addWidget(open_);
    open_->setAlignment(Qt::AlignTop);
    arrange();
}

void ClientStrip::resizeEvent(QResizeEvent* event) {
    QWidget::resizeEvent(event);
    arrange();
}

// Beside the figure where both have room, else under it.
void ClientStrip::arrange() {
    constexpr int widthOfBoth = 640, widthOfWords = 210;
    const bool beside = width() >= scaled(widthOfBoth) && latest_->isVisibleTo(this);
    layout_->setDirection(beside ? QBoxLayout::LeftToRight : QBoxLayout::TopToBottom);
    layout_->setSpacing(scaled(beside ? 20 : 4));
    open_->setMaximumWidth(beside ? scaled(widthOfWords) : QWIDGETSIZE_MAX);
    open_->setMinimumWidth(beside ? scaled(widthOfWords) : 0);
    open_->setMinimumHeight(std::max(0, open_->heightForWidth(beside ? scaled(widthOfWords) : width())));
}

void ClientStrip::showClient(const Client& client, const std::vector<AnyTest>& tests) {
    showLatest(tests);
    open_->setText(openMatters(client, tests).join(QLatin1Char('\n')));
    arrange(); // beside the figure a label is not asked how high it is
    setVisible(latest_->isVisibleTo(this) || !open_->text().isEmpty());
}

// The newest is the present one; what other methods gave before is an outline.
void ClientStrip::showLatest(const std::vector<AnyTest>& tests) {
    std::vector<report::NamedSpindle> rows;
    std::set<std::string_view> shown;
    for (const AnyTest& test : tests) {
        if (common(test).state != TestState::Signed || shown.contains(methodOf(test)))
            continue;
        const auto result = session_.computing().computed(test);
        const auto* body = result ? result->composition() : nullptr;
        if (!body)
            continue;
        shown.insert(methodOf(test));
        rows.push_back(
            {tr("%1, %2").arg(report::say(methodTitle(methodOf(test))), report::day(common(test).startedAt)),
             body->fatPercent.estimate().value(), body->fatPercent.halfInterval().value(), rows.empty()});
    }
    const int height = scaled(static_cast<int>(report::spindlesHeight(rows.size())));
    latest_->setFixedHeight(height);
    latest_->setVisible(!rows.empty());
    latest_->setPaint([rows, &palette = session_.palette()](QPainter& painter, const QRectF& area) {
        report::paintSpindles(painter, area, rows, palette);
    });
}

QStringList ClientStrip::openMatters(const Client& client, const std::vector<AnyTest>& tests) {
    QStringList lines;
    if (!client.telephone.empty() && !session_.namesHidden())
        lines << tr("Telephone: %1").arg(report::plain(client.telephone));
    if (!tests.empty())
        lines << tr("Last test: %1").arg(report::weekday(common(tests.front()).startedAt));
    std::vector<store::Visit> booked = session_.book().visitsOf(client.id);
    std::erase_if(booked, [now = session_.now()](const store::Visit& visit) {
        return visit.state != "booked" || visit.at < now;
    });
    const auto next = std::ranges::min_element(booked, {}, &store::Visit::at);
    if (next != booked.end())
        lines << tr("Booked: %1 %2, %3")
                     .arg(report::weekday(next->at), report::clock(next->at),
                          report::say(methodTitle(next->method)));
    for (const AnyTest& test : tests)
        if (common(test).state == TestState::Running)
            lines << tr("▲ Not signed: %1, %2")
                         .arg(report::say(methodTitle(methodOf(test))), report::day(common(test).startedAt));
    if (const auto plan = savedPlan(session_.book(), client.id);
        plan && !plan->notes.empty() && !session_.namesHidden())
        lines << tr("Wanted to note: %1").arg(report::plain(plan->notes));
    return lines;
}

} // namespace fusain::desktop

#include "moc_client_strip.cpp"
