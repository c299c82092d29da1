#include "desktop/bench/tank/tank_strip.hpp"

#include "desktop/services/water_book.hpp"
#include "desktop/widgets/appearance.hpp"
#include "desktop/widgets/parts.hpp"
#include "report/base/words.hpp"

#include <QHBoxLayout>
#include <cmath>

namespace fusain::desktop {
namespace {

constexpr double everyMinutes = 60.0;

QString ageOf(Instant read, Instant now) {
    const double minutes = minutesBetween(read, now);
    return minutes < everyMinutes ? QObject::tr("%1 min ago").arg(number(std::floor(minutes), 0))
                                  : QObject::tr("%1 h ago").arg(number(minutes / everyMinutes, 1));
}

} // namespace

TankStrip::TankStrip(Session& session)
    : session_(session), facts_(label({}, "soft", false)), verdict_(label({}, "heading", false)) {
    setObjectName(QStringLiteral("strip"));
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(scaled(20), scaled(6), scaled(20), scaled(6));
    row->setSpacing(scaled(16));
    row->addWidget(label(tr("Tank water"), "heading", false));
    row->addWidget(facts_);
    row->addStretch();
    row->addWidget(verdict_);
    connect(&session.hub(), &link::InstrumentHub::frameArrived, this, [this](const link::Frame& frame) {
        if (isVisible() && frame.role == "thermometer")
            showFacts();
    });
}

// With each reading of the thermometer.
void TankStrip::showFacts() {
    const Instant now = session_.now();
    QStringList facts;
    const QString role = QStringLiteral("thermometer");
    if (const auto frame = session_.hub().isLive(role) ? session_.hub().latest(role) : std::nullopt)
        facts << tr("%1 °C now").arg(number(frame->value("c"), 1));
    if (latest_) {
        const auto& reading = latest_->reading;
        facts << tr("free chlorine %1 mg/L").arg(number(reading.freeChlorine.value(), 1))
              << tr("pH %1").arg(number(reading.acidity, 1))
              << tr("read %1, %2").arg(report::clock(latest_->at), ageOf(latest_->at, now));
    }
    facts_->setText(facts.join(QStringLiteral("  ·  ")));
    setAccessibleName(tr("Tank water: %1. %2").arg(facts_->text(), verdict_->text()));
}

void TankStrip::refresh() {
    const Instant now = session_.now();
    const auto state = session_.water().stateAt(now);
    latest_ = state ? state->latest : std::nullopt;
    const auto obstacle = session_.water().obstacle(now);
    const QString verdict = obstacle ? tr("▲ Nobody in the water")
                            : !state || state->verdict() == water::CareVerdict::Good
                                ? tr("✓ Within the limits")
                                : tr("▲ Correct it after this client");
    announce(verdict_, verdict);
    QString why = obstacle ? report::say(*obstacle) : QString();
    if (!obstacle && state)
        for (const water::CareFinding& finding : state->findings)
            why += report::say(finding.what) + QLatin1Char('\n');
    setToolTip(plainTip(why.trimmed()));
    showFacts();
}

} // namespace fusain::desktop

#include "moc_tank_strip.cpp"
