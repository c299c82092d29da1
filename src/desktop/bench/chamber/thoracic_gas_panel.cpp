#include "desktop/bench/chamber/thoracic_gas_panel.hpp"

#include "desktop/widgets/appearance.hpp"
#include "desktop/widgets/flowing_row.hpp"
#include "procedure/chamber/result.hpp"
#include "report/base/words.hpp"

#include <QHBoxLayout>
#include <algorithm>

namespace fusain::desktop {
ThoracicGasPanel::ThoracicGasPanel(Session& session)
    : MethodPanel(session, chamberSteps(), ChamberStep::ThoracicGas),
      barometric_(new ValueField(tr("Air pressure"), tr("mmHg"))),
      typed_(new ValueField(tr("Or: thoracic gas measured elsewhere"), tr("L BTPS"))), method_(new QLineEdit),
      state_(label({}, "heading")) {
    method_->setPlaceholderText(tr("by which method"));
    method_->setAccessibleName(tr("Method of the thoracic gas"));
    method_->setMaximumWidth(scaled(240));
    auto* keep = button(tr("Save thoracic gas volume"));
    auto* predicted = button(tr("Use the prediction"));
    for (QWidget* widget : std::initializer_list<QWidget*>{state_, barometric_, typed_, method_})
        body()->addWidget(widget);
    body()->addLayout(new FlowingRow({keep, predicted}));
    body()->addStretch();
    connect(keep, &QPushButton::clicked, this, &ThoracicGasPanel::keepTyped);
    connect(method_, &QLineEdit::returnPressed, this, &ThoracicGasPanel::keepTyped);
    connect(predicted, &QPushButton::clicked, this, &ThoracicGasPanel::goPredicted);
    whenRecorded([this] {
        judge();
        Q_EMIT touched();
    });
}

bool ThoracicGasPanel::linked() const {
    const ChamberCalibration* calibration = own().test().calibration();
    return session_.hub().isLive(chamberRole) && calibration && calibration->fromPressures;
}

void ThoracicGasPanel::refresh() {
    judge();
    const auto& gas = own().test().thoracicGas;
    QStringList lines;
    if (gas)
        lines << tr("Measured: %1 L (%2).")
                     .arg(number(gas->volume.value(), 2), QString::fromStdString(gas->method));
    if (const auto predicted = predictThoracicGas(run().record().subject, own().setting().policy))
        lines << tr("Predicted from height and age: %1 L (SE %2). The SE is worth %3 %-points of fat.")
                     .arg(number(predicted->volume.value(), 2), number(predicted->standardError.value(), 2),
                          number(0.4 * predicted->standardError.value() * 495.0 /
                                     std::max(1.0, own().test().mass ? own().test().mass->value : 70.0),
                                 1));
    state_->setText(lines.join(QLatin1Char('\n')));
}

QString ThoracicGasPanel::primaryText() const {
    if (!linked())
        return tr("Save thoracic gas volume");
    if (recording<PantingRecording>().recording())
        return tr("Recording…");
    return result_ && result_->accepted ? tr("Accept %1 L").arg(number(result_->thoracicGas.value(), 2))
                                        : tr("Start the panting");
}

// The room's own pressure, where it is measured.
void ThoracicGasPanel::entered() {
    typed_->clear();
    method_->clear();
    const auto room = live("room", "mmhg");
    barometric_->setValue(room.value_or(760.0), room ? 1 : 0);
}

void ThoracicGasPanel::judge() {
    const PantingRecording& panting = recording<PantingRecording>();
    const ChamberCalibration* calibration = own().test().calibration();
    result_.reset();
    if (!panting.complete() || !calibration || !calibration->fromPressures)
        return;
    const auto& pressures = *calibration->fromPressures;
    const double share = own().trials().rawVolume / pressures.cylinderVolume;
    const Litres air =
        pressures.airAt(pressures.empty.ratio - share * (pressures.empty.ratio - pressures.cylinder.ratio));
    if (const auto barometric = barometric_->value())
        result_ = airdisplacement::judgePanting(panting.samples(), air, MillimetresOfMercury(*barometric));
}

void ThoracicGasPanel::primary() {
    if (!linked())
        return keepTyped();
    PantingRecording& panting = recording<PantingRecording>();
    if (panting.recording())
        return;
    if (!result_ || !result_->accepted)
        return repeat();
    const auto kept = own().measureThoracicGas(result_->thoracicGas, "panting in the chamber", panting.from());
    if (kept)
        panting.clear();
    session_.report(kept);
}

void ThoracicGasPanel::repeat() {
    if (const auto bar = run().barTo(step()))
        return static_cast<void>(
            session_.report(failure(*bar, {}, {FUSAIN_TEXT("Use the predicted volume."), {}})));
    if (linked())
        session_.report(recording<PantingRecording>().start());
}

void ThoracicGasPanel::keepTyped() {
    const auto volume = typed_->value();
    if (!volume) {
        session_.report(
            failure({FUSAIN_TEXT("\"{1}\" is not a number."), {typed_->edit()->text().toStdString()}}, {},
                    {FUSAIN_TEXT("Type litres with a point or a comma."), {}}));
        return;
    }
    session_.report(own().measureThoracicGas(Litres(*volume), method_->text().toStdString()));
}

void ThoracicGasPanel::goPredicted() {
    const QString reason =
        askReason(this, tr("Use the prediction"),
                  tr("Why was it not measured? A predicted volume makes the interval wider."));
    if (!reason.isEmpty())
        session_.report(run().confirm(step(), reason.toStdString()));
}

QString ThoracicGasPanel::verdict() const {
    if (recording<PantingRecording>().recording())
        return tr("Three gentle puffs, cheeks held.");
    return result_ ? report::say(result_->message) : StepPanel::verdict();
}

StandBack ThoracicGasPanel::standBack() const {
    return {result_ ? number(result_->thoracicGas.value(), 2) + QStringLiteral(" L") : QString(), verdict()};
}

QWidget* ThoracicGasPanel::firstField() const {
    return linked() ? nullptr : typed_->edit();
}

} // namespace fusain::desktop

#include "moc_thoracic_gas_panel.cpp"
