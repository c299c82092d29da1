#include "desktop/bench/chamber/thoracic_gas_panel.hpp"

#include "procedure/chamber/result.hpp"
#include "report/base/words.hpp"

#include <QHBoxLayout>
#include <algorithm>

namespace fusain::desktop {
namespace {} // namespace

ThoracicGasPanel::ThoracicGasPanel(Session& session)
    : MethodPanel(session, chamberSteps(), ChamberStep::ThoracicGas),
      barometric_(new ValueField(tr("Air pressure"), tr("mmHg"))),
      typed_(new ValueField(tr("Or: thoracic gas measured elsewhere"), tr("L BTPS"))), method_(new QLineEdit),
      state_(label({}, "heading")) {
    barometric_->setValue(760.0, 0);
    method_->setPlaceholderText(tr("by which method"));
    method_->setAccessibleName(tr("Method of the thoracic gas"));
    method_->setMaximumWidth(240);
    auto* keep = button(tr("Keep thoracic gas"));
    auto* predicted = button(tr("Go on with the prediction"));
    auto* row = new QHBoxLayout;
    row->addWidget(keep);
    row->addWidget(predicted);
    row->addStretch();
    for (QWidget* widget : std::initializer_list<QWidget*>{state_, barometric_, typed_, method_})
        body()->addWidget(widget);
    body()->addLayout(row);
    body()->addStretch();
    connect(keep, &QPushButton::clicked, this, &ThoracicGasPanel::keepTyped);
    connect(method_, &QLineEdit::returnPressed, this, &ThoracicGasPanel::keepTyped);
    connect(predicted, &QPushButton::clicked, this, &ThoracicGasPanel::goPredicted);
    connect(&session.hub(), &link::InstrumentHub::frameArrived, this, &ThoracicGasPanel::take);
}

bool ThoracicGasPanel::linked() const {
    const auto& calibration = own().test().calibration;
    return session_.hub().isLive(chamberRole) && calibration && calibration->fromPressures;
}

void ThoracicGasPanel::refresh() {
    const auto& gas = own().test().thoracicGas;
    QStringList lines;
    if (gas)
        lines << tr("Measured: %1 L (%2).")
                     .arg(number(gas->volume.value(), 2), QString::fromStdString(gas->method));
    if (const auto predicted = predictThoracicGas(run().record().subject, own().setting().policy))
        lines << tr("Predicted from height and age: %1 ± %2 L, worth %3 % fat.")
                     .arg(number(predicted->volume.value(), 2), number(predicted->standardError.value(), 2),
                          number(0.4 * predicted->standardError.value() * 495.0 /
                                     std::max(1.0, own().test().mass ? own().test().mass->value : 70.0),
                                 1));
    state_->setText(lines.join(QLatin1Char('\n')));
}

QString ThoracicGasPanel::primaryText() const {
    if (!linked())
        return tr("Keep thoracic gas");
    if (panting_)
        return tr("Recording…");
    return result_ && result_->accepted ? tr("Keep this measurement") : tr("Start the panting");
}

void ThoracicGasPanel::start() {
    samples_.clear();
    result_.reset();
    panting_ = true;
    session_.hub().send(chamberRole, QStringLiteral("cue pant"));
    Q_EMIT touched();
}

void ThoracicGasPanel::take(const link::Frame& frame) {
    if (!panting_ || frame.role != "chamber" || !isVisible() || !session_.run())
        return;
    if (frame.has("airway"))
        samples_.push_back({Seconds(frame.value("t")), Pascals(frame.value("test")),
                            CentimetresOfWater(frame.value("airway"))});
    if (samples_.size() < 340)
        return;
    panting_ = false;
    const auto& test = own().test();
    const auto& calibration = *test.calibration->fromPressures;
    const double share = own().trials().rawVolume / calibration.cylinderVolume;
    const Litres air = calibration.airAt(calibration.empty.ratio -
                                         share * (calibration.empty.ratio - calibration.cylinder.ratio));
    result_ = airdisplacement::judgePanting(samples_, air,
                                            MillimetresOfMercury(barometric_->value().value_or(760.0)));
    Q_EMIT touched();
}

void ThoracicGasPanel::primary() {
    if (!linked())
        return keepTyped();
    if (panting_)
        return;
    if (!result_ || !result_->accepted)
        return start();
    const Litres gas = result_->thoracicGas;
    result_.reset();
    session_.report(own().measureThoracicGas(gas, "panting in the chamber"));
}

void ThoracicGasPanel::repeat() {
    if (linked())
        start();
}

void ThoracicGasPanel::keepTyped() {
    session_.report(
        own().measureThoracicGas(Litres(typed_->value().value_or(0.0)), method_->text().toStdString()));
}

void ThoracicGasPanel::goPredicted() {
    const QString reason =
        askReason(this, tr("Go on with the prediction"),
                  tr("Why was it not measured? The interval grows by what predicting costs."));
    if (!reason.isEmpty())
        session_.report(run().confirm(step(), reason.toStdString()));
}

QString ThoracicGasPanel::verdict() const {
    if (panting_)
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
