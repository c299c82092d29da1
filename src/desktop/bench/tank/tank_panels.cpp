#include "desktop/bench/tank/tank_panels.hpp"

#include "core/anthropometry/limits.hpp"
#include "core/water/density.hpp"
#include "core/water/tank_filling.hpp"
#include "desktop/bench/method/floor_scale.hpp"
#include "desktop/widgets/appearance.hpp"
#include "report/base/words.hpp"
#include "report/figures/stations_figure.hpp"

#include <cmath>

namespace fusain::desktop {

LoadCellPanel::LoadCellPanel(Session& session)
    : MethodPanel(session, hydrostaticSteps(), HydrostaticStep::LoadCell), live_(label({}, "live")),
      stations_(new FigureView(tr("Stations of the check"), 72)), scale_(new CheckScale(session)),
      tare_(new ValueField(tr("Chair and belt in the water"), tr("kg (0 when zeroed)"))),
      nominal_(new ValueField(tr("Reference mass, as marked"), tr("kg"))),
      reading_(new ValueField(tr("Shown with the reference mass"), tr("kg"))), history_(label({}, "soft")) {
    nominal_->setValue(5.0, 3);
    tare_->setValue(0.0, 3);
    for (QWidget* widget :
         std::initializer_list<QWidget*>{stations_, live_, scale_, tare_, nominal_, reading_, history_})
        body()->addWidget(widget);
    stations_->setMaximumHeight(scaled(72));
    body()->addStretch();
    for (ValueField* field : {tare_, nominal_, reading_})
        connect(field, &ValueField::edited, this, [this] {
            if (session_.run())
                showStations();
            Q_EMIT touched();
        });
    whenFrame("load-cell", [this](const link::Frame&) { showLive(); });
}

bool LoadCellPanel::linked() const {
    return session_.hub().isLive(QStringLiteral("load-cell"));
}

void LoadCellPanel::showLive() {
    if (const auto kg = live("load-cell", "kg"))
        live_->setText(number(*kg, 3) + QStringLiteral(" kg"));
    showStations();
    Q_EMIT touched();
}

// Zero, the mass, the verdict; while the mass hangs its error moves on the scale.
void LoadCellPanel::showStations() {
    using enum report::Station::State;
    const LoadCellCheck* check = own().test().loadCell();
    const bool hanging = stage_ == Stage::Reference, settled = check && !hanging;
    const auto kg = linked() ? live("load-cell", "kg") : reading_->value();
    const double nominal = nominal_->value().value_or(5.0);
    std::vector<report::Station> stations{
        {tr("Zero with chair and belt"), settled ? tr("%1 kg").arg(number(check->tare.value(), 3)) : QString(),
         hanging || settled ? Done : Now},
        {tr("Reference mass %1 kg").arg(number(nominal, 3)),
         settled ? tr("%1 kg").arg(number(check->referenceReading.value(), 3)) : QString(),
         settled                ? Done
         : hanging || !linked() ? Now
                                : Waiting},
        {tr("Verdict"), settled ? tr("%1 kg").arg(report::signedNumber(check->error().value(), 3)) : QString(),
         !settled          ? Waiting
         : check->agrees() ? Done
                           : Failed}};
    stations_->setPaint([stations, &palette = session_.palette()](QPainter& painter, const QRectF& area) {
        report::paintStations(painter, area, stations, palette);
    });
    report::CheckScaleModel errors;
    errors.limit = loadCellTolerance;
    errors.unit = QStringLiteral("kg");
    if (settled)
        errors.errors = {check->error().value()};
    else if (kg && (hanging || !linked()))
        errors.live = *kg - tare_->value().value_or(0.0) - nominal;
    scale_->showErrors(std::move(errors));
}

QString LoadCellPanel::conclusion() const {
    const LoadCellCheck* check = own().test().loadCell();
    return check ? checkConclusion(check->error().value(), loadCellTolerance, 3, QStringLiteral("kg"))
                 : QString();
}

void LoadCellPanel::entered() {
    stage_ = Stage::Zero;
    tare_->setValue(0.0, 3);
    nominal_->setValue(5.0, 3);
    reading_->clear();
    scale_->readEarlier("load-cell", "load-cell");
}

void LoadCellPanel::refresh() {
    live_->setVisible(linked());
    const auto earlier = session_.book().checks("load-cell");
    history_->setText(
        earlier.empty()
            ? tr("No earlier check in this lab book.")
            : tr("Last check %1: off by %2 kg.")
                  .arg(report::day(earlier.back().at) + QLatin1Char(' ') + report::clock(earlier.back().at),
                       report::signedNumber(earlier.back().reading - earlier.back().nominal, 3)));
    if (const LoadCellCheck* check = own().test().loadCell()) {
        tare_->setValue(check->tare.value(), 3);
        nominal_->setValue(check->referenceNominal.value(), 3);
        reading_->setValue(check->referenceReading.value(), 3);
    }
    showStations();
}

QString LoadCellPanel::primaryText() const {
    if (linked())
        return stage_ == Stage::Zero ? tr("Zero with chair and belt")
                                     : tr("Accept %1 kg").arg(number(live("load-cell", "kg").value_or(0.0), 3));
    return tr("Save the check");
}

bool LoadCellPanel::primaryEnabled() const {
    return linked() || (tare_->value() && nominal_->value() && reading_->value());
}

void LoadCellPanel::primary() {
    if (linked() && stage_ == Stage::Zero) {
        session_.hub().send(QStringLiteral("load-cell"), QStringLiteral("zero"));
        session_.hub().send(QStringLiteral("load-cell"),
                            QStringLiteral("cue reference %1").arg(nominal_->value().value_or(5.0)));
        stage_ = Stage::Reference;
        showStations();
        Q_EMIT touched();
        return;
    }
    const auto tare = tare_->value(), nominal = nominal_->value();
    const auto reading = linked() ? live("load-cell", "kg") : reading_->value();
    if (!tare || !nominal || !reading) {
        session_.report(failure({FUSAIN_TEXT("A number is missing: tare, reference mass or its reading."), {}},
                                {}, {FUSAIN_TEXT("Type digits with a point or a comma."), {}}));
        return;
    }
    const Attribution from = linked() ? overLink("load-cell") : Attribution::typed();
    session_.hub().send(QStringLiteral("load-cell"), QStringLiteral("cue reference 0"));
    stage_ = Stage::Zero;
    if (!session_.report(own().checkLoadCell(Kilograms(*tare), Kilograms(*nominal), Kilograms(*reading), from)))
        return;
    session_.report(session_.keepCheck("load-cell", "load-cell", *nominal, {*reading}));
}

QString LoadCellPanel::verdict() const {
    if (const LoadCellCheck* check = own().test().loadCell(); check && !run().isDone(HydrostaticStep::LoadCell))
        return tr("Error %1 kg (limit %2). Repeat the check, or ask the physiologist to override (Ctrl+G).")
            .arg(report::signedNumber(check->error().value(), 3), number(loadCellTolerance, 3));
    if (stage_ == Stage::Reference)
        return tr("Zeroed. Hang the reference mass on the chair and let it come to rest.");
    return StepPanel::verdict();
}

StandBack LoadCellPanel::standBack() const {
    return {linked() ? number(live("load-cell", "kg").value_or(0.0), 3) + QStringLiteral(" kg") : QString(),
            verdict()};
}

QWidget* LoadCellPanel::firstField() const {
    return linked() ? nullptr : reading_->edit();
}

ReadingPanel* waterTemperaturePanel(Session& session) {
    return new ReadingPanel(
        session, hydrostaticSteps(), HydrostaticStep::WaterTemperature,
        {"thermometer",
         "c",
         QObject::tr("Water temperature"),
         Dimension::Temperature,
         2,
         {},
         [](Procedure& run, double value, const Attribution& from, const std::string&) {
             return runningAs<TankMethod>(run).readWaterTemperature(Celsius(value), from);
         },
         [](const Procedure& run) { return runningAs<TankMethod>(run).test().waterTemperature; },
         [](double value) {
             switch (water::judgeTemperature(Celsius(value))) {
             case water::TemperatureVerdict::Refused:
                 return QObject::tr("No test below 20 or above 40 °C.");
             case water::TemperatureVerdict::Unusual:
                 return QObject::tr("Outside the comfort range, %1–%2 °C. The result will carry a flag.")
                     .arg(number(water::leastComfortable.value(), 0),
                          number(water::mostComfortable.value(), 0));
             case water::TemperatureVerdict::Comfortable:
                 break;
             }
             return QString();
         }});
}

ReadingPanel* dryMassPanel(Session& session) {
    return new ReadingPanel(
        session, hydrostaticSteps(), HydrostaticStep::DryMass,
        {"floor-scale", "kg", QObject::tr("Dry mass"), Dimension::Mass, 2, QStringLiteral("cue step-on"),
         [](Procedure& run, double value, const Attribution& from, const std::string& keptBecause) {
             return runningAs<TankMethod>(run).weighDry(Kilograms(value), from, keptBecause);
         },
         [](const Procedure& run) { return runningAs<TankMethod>(run).test().dryMass; },
         [&session](double value) {
             return massOutOfRange(Kilograms(value), anthropometry::plausibleMass, session.units());
         }});
}

} // namespace fusain::desktop

#include "moc_tank_panels.cpp"
