#include "desktop/bench/method/reading_panels.hpp"

#include "report/base/words.hpp"

#include <cmath>

namespace fusain::desktop {
ConfirmPanel::ConfirmPanel(Session& session, std::span<const StepText> sheet, Step step,
                           const QStringList& items, QString primary)
    : StepPanel(session, sheet, step), primary_(std::move(primary)) {
    for (const QString& item : items) {
        auto* line = label(QStringLiteral("–  ") + item, "heading");
        body()->addWidget(line);
    }
    body()->addStretch();
}

void ConfirmPanel::primary() {
    session_.report(run().confirm(step()));
}

ReadingPanel::ReadingPanel(Session& session, std::span<const StepText> sheet, Step step, Source source)
    : StepPanel(session, sheet, step), source_(std::move(source)), live_(label({}, "live")),
      field_(new ValueField(source_.name, {})), accepted_(label({}, "heading")) {
    field_->setDimension(source_.dimension, session.units());
    body()->addWidget(live_);
    body()->addWidget(field_);
    body()->addWidget(accepted_);
    body()->addStretch();
    connect(field_, &ValueField::edited, this, &StepPanel::touched);
    connect(field_, &ValueField::entered, this, &ReadingPanel::primary);
    connect(&session.hub(), &link::InstrumentHub::frameArrived, this, [this](const link::Frame& frame) {
        if (isVisible() && frame.role == source_.role)
            showLive();
    });
}

QString ReadingPanel::shown(double kept) const {
    const auto unit = unitOf(source_.dimension, session_.units());
    return number(shownFromKept(source_.dimension, kept, session_.units()), source_.decimals) +
           QLatin1Char(' ') + QString::fromUtf8(unit.data(), static_cast<qsizetype>(unit.size()));
}

void ReadingPanel::showLive() {
    if (const auto value = live(source_.role, source_.key)) {
        live_->setText(shown(*value));
        Q_EMIT touched();
    }
}

void ReadingPanel::refresh() {
    field_->setDimension(source_.dimension, session_.units());
    live_->setVisible(session_.hub().isLive(QLatin1String(source_.role)));
    if (isVisible() && !source_.cue.isEmpty())
        session_.hub().send(QLatin1String(source_.role), source_.cue);
    const auto reading = source_.accepted(run());
    accepted_->setText(reading
                           ? tr("Accepted: %1 (%2, %3).")
                                 .arg(shown(reading->value),
                                      reading->origin == Origin::Link ? tr("from the instrument") : tr("typed"),
                                      report::clock(reading->at))
                           : QString());
}

std::optional<std::pair<double, Origin>> ReadingPanel::candidate() const {
    if (!field_->edit()->text().isEmpty()) {
        if (const auto typed = field_->value())
            return std::pair(*typed, Origin::Typed);
        return std::nullopt;
    }
    if (const auto value = live(source_.role, source_.key))
        return std::pair(*value, Origin::Link);
    return std::nullopt;
}

QString ReadingPanel::primaryText() const {
    return tr("Accept the reading");
}

void ReadingPanel::primary() {
    const auto taken = candidate();
    if (!taken) {
        session_.report(
            failure({FUSAIN_TEXT("\"{1}\" is not a number."), {field_->edit()->text().toStdString()}}, {},
                    {FUSAIN_TEXT("Type digits with a point or a comma."), {}}));
        return;
    }
    if (session_.report(source_.accept(run(), taken->first, taken->second)))
        field_->clear();
}

QString ReadingPanel::verdict() const {
    if (const auto taken = candidate())
        if (const QString judged = source_.judge(taken->first); !judged.isEmpty())
            return judged;
    if (const auto reading = source_.accepted(run()))
        if (const QString judged = source_.judge(reading->value); !judged.isEmpty())
            return judged;
    return StepPanel::verdict();
}

StandBack ReadingPanel::standBack() const {
    const auto taken = candidate();
    return {taken ? shown(taken->first) : QString(), verdict()};
}

QWidget* ReadingPanel::firstField() const {
    return session_.hub().isLive(QLatin1String(source_.role)) ? nullptr : field_->edit();
}

} // namespace fusain::desktop

#include "moc_reading_panels.cpp"
