#include "desktop/bench/girth/tape_panel.hpp"

#include "report/base/words.hpp"

namespace fusain::desktop {
namespace {

constexpr double usualRule = 100.0; // cm
const QString centimetre = QStringLiteral("cm");

} // namespace

TapePanel::TapePanel(Session& session)
    : MethodPanel(session, girthSteps(), GirthStep::Tape), scale_(new CheckScale(session)),
      nominal_(new ValueField(tr("Length of the rule, as marked"), centimetre)),
      reading_(new ValueField(tr("What the tape shows"), centimetre)) {
    for (QWidget* widget : std::initializer_list<QWidget*>{nominal_, reading_, scale_})
        body()->addWidget(widget);
    body()->addStretch();
    for (ValueField* field : {nominal_, reading_})
        connect(field, &ValueField::edited, this, [this] {
            if (session_.run())
                showError();
            Q_EMIT touched();
        });
    connect(reading_, &ValueField::entered, this, &TapePanel::primary);
}

void TapePanel::entered() {
    nominal_->setValue(usualRule, 1);
    reading_->clear();
    scale_->readEarlier("tape", "rule");
}

void TapePanel::refresh() {
    if (const TapeCheck* check = own().test().tape()) {
        nominal_->setValue(check->nominal.value(), 1);
        reading_->setValue(check->reading.value(), 1);
    }
    showError();
}

void TapePanel::showError() {
    report::CheckScaleModel errors;
    errors.limit = tapeTolerance.value();
    errors.unit = centimetre;
    const auto nominal = nominal_->value(), reading = reading_->value();
    if (const TapeCheck* check = own().test().tape())
        errors.errors = {check->error().value()};
    else if (nominal && reading)
        errors.live = *reading - *nominal;
    scale_->showErrors(std::move(errors));
}

QString TapePanel::primaryText() const {
    return tr("Save the check");
}

bool TapePanel::primaryEnabled() const {
    return nominal_->value() && reading_->value();
}

void TapePanel::primary() {
    const auto nominal = nominal_->value(), reading = reading_->value();
    if (!nominal || !reading)
        return;
    if (session_.report(own().checkTape(Centimetres(*nominal), Centimetres(*reading))))
        session_.report(session_.keepCheck("tape", "rule", *nominal, {*reading}));
}

QString TapePanel::conclusion() const {
    const TapeCheck* check = own().test().tape();
    return check ? checkConclusion(check->error().value(), tapeTolerance.value(), 1, centimetre) : QString();
}

QString TapePanel::verdict() const {
    if (const TapeCheck* check = own().test().tape(); check && !run().isDone(GirthStep::Tape))
        return tr("Error %1 cm (limit %2). Take another tape, or ask the physiologist to override (Ctrl+G).")
            .arg(report::signedNumber(check->error().value(), 1), number(tapeTolerance.value(), 1));
    return StepPanel::verdict();
}

StandBack TapePanel::standBack() const {
    const auto reading = reading_->value();
    return {reading ? tr("%1 cm").arg(number(*reading, 1)) : QString(), verdict()};
}

} // namespace fusain::desktop

#include "moc_tape_panel.cpp"
