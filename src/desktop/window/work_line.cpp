#include "desktop/window/work_line.hpp"

#include "desktop/widgets/appearance.hpp"
#include "desktop/widgets/parts.hpp"

#include <QVBoxLayout>
#include <cmath>

namespace fusain::desktop {
namespace {

constexpr int lookEvery = 100; // ms

} // namespace

WorkLine::WorkLine(Background& background, QWidget* parent)
    : QWidget(parent), background_(background), words_(label({}, "soft")), bar_(new QProgressBar),
      cancel_(button(tr("Cancel"))) {
    bar_->setTextVisible(false);
    bar_->setMaximumHeight(scaled(6));
    bar_->setAccessibleName(tr("Work under way"));
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    for (QWidget* part : std::initializer_list<QWidget*>{words_, bar_, cancel_})
        layout->addWidget(part);
    looking_.setInterval(lookEvery);
    connect(&looking_, &QTimer::timeout, this, &WorkLine::showShare);
    connect(cancel_, &QPushButton::clicked, this, [this] {
        cancel_->setEnabled(false); // it ends at the next piece
        background_.cancel();
    });
    connect(&background_, &Background::changed, this, &WorkLine::show);
    hide();
}

void WorkLine::show() {
    const QString name = background_.underWay();
    setVisible(!name.isEmpty());
    if (name.isEmpty())
        return looking_.stop();
    announce(words_, tr("%1…").arg(name));
    cancel_->setEnabled(true);
    cancel_->setAccessibleName(tr("Cancel: %1").arg(name));
    showShare();
    looking_.start();
}

void WorkLine::showShare() {
    const auto share = background_.share();
    bar_->setRange(0, share ? 100 : 0); // 0 to 0 moves to and fro
    if (share)
        bar_->setValue(static_cast<int>(std::floor(100.0 * *share)));
}

} // namespace fusain::desktop

#include "moc_work_line.cpp"
