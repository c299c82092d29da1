#include "desktop/bench/reading_panels.hpp"

#include "core/water/density.hpp"
#include "report/words.hpp"

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

LoadCellPanel::LoadCellPanel(Session& session)
    : StepPanel(session, hydrostaticSteps(), HydrostaticStep::LoadCell), live_(label({}, "live")),
      tare_(new ValueField(tr("Chair and belt in the water"), tr("kg (0 when zeroed)"))),
      nominal_(new ValueField(tr("Reference mass, as marked"), tr("kg"))),
      reading_(new ValueField(tr("Shown with the reference mass"), tr("kg"))), history_(label({}, "soft")) {
    nominal_->setValue(5.0, 3);
    tare_->setValue(0.0, 3);
    for (QWidget* widget : std::initializer_list<QWidget*>{live_, tare_, nominal_, reading_, history_})
        body()->addWidget(widget);
    body()->addStretch();
    for (ValueField* field : {tare_, nominal_, reading_})
        connect(field, &ValueField::edited, this, &StepPanel::touched);
    connect(&session.hub(), &link::InstrumentHub::frameArrived, this, [this](const link::Frame& frame) {
        if (isVisible() && frame.role == "load-cell")
            showLive();
    });
}

bool LoadCellPanel::linked() const {
    return session_.hub().isLive(QStringLiteral("load-cell"));
}

void LoadCellPanel::showLive() {
    if (const auto kg = live("load-cell", "kg"))
        live_->setText(number(*kg, 3) + QStringLiteral(" kg"));
}

void LoadCellPanel::refresh() {
    live_->setVisible(linked());
    const auto earlier = session_.book().checks("load-cell");
    history_->setText(
        earlier.empty()
            ? tr("No earlier check in this lab book.")
            : tr("Last check %1: off by %2 kg.")
                  .arg(
                      report::day(earlier.back().at) + QLatin1Char(' ') + report::clock(earlier.back().at),
                      QString::fromStdString(signedFixed(earlier.back().reading - earlier.back().nominal, 3))));
    if (const auto& check = tank().test().loadCell) {
        tare_->setValue(check->tare.value(), 3);
        nominal_->setValue(check->referenceNominal.value(), 3);
        reading_->setValue(check->referenceReading.value(), 3);
    }
}

QString LoadCellPanel::primaryText() const {
    if (linked())
        return stage_ == Stage::Zero ? tr("Zero with chair and belt") : tr("Take the reference reading");
    return tr("Keep the check");
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
        Q_EMIT touched();
        return;
    }
    const double reading = linked() ? live("load-cell", "kg").value_or(0.0) : *reading_->value();
    const double nominal = nominal_->value().value_or(5.0);
    session_.hub().send(QStringLiteral("load-cell"), QStringLiteral("cue reference 0"));
    stage_ = Stage::Zero;
    if (!session_.report(tank().checkLoadCell(Kilograms(tare_->value().value_or(0.0)), Kilograms(nominal),
                                              Kilograms(reading))))
        return;
    session_.report(session_.keepCheck("load-cell", "load-cell", nominal, {reading}));
}

QString LoadCellPanel::verdict() const {
    if (const auto& check = tank().test().loadCell; check && !run().isDone(HydrostaticStep::LoadCell))
        return tr("Off by %1 kg, more than %2: repeat the check, or the physiologist decides (Ctrl+G).")
            .arg(QString::fromStdString(signedFixed(check->error().value(), 3)), number(loadCellTolerance, 3));
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

ReadingPanel* waterTemperaturePanel(Session& session) {
    return new ReadingPanel(
        session, hydrostaticSteps(), HydrostaticStep::WaterTemperature,
        {"thermometer",
         "c",
         QObject::tr("Water temperature"),
         Dimension::Temperature,
         2,
         {},
         [](Procedure& run, double value, Origin origin) {
             return static_cast<HydrostaticProcedure&>(run).readWaterTemperature(Celsius(value), origin);
         },
         [](const Procedure& run) {
             return static_cast<const HydrostaticProcedure&>(run).test().waterTemperature;
         },
         [](double value) {
             switch (water::judgeTemperature(Celsius(value))) {
             case water::TemperatureVerdict::Refused:
                 return QObject::tr("No test below 20 or above 40 °C.");
             case water::TemperatureVerdict::Unusual:
                 return QObject::tr("Outside 32 to 36 °C: uncomfortable, and it will be flagged.");
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
         [](Procedure& run, double value, Origin origin) {
             return static_cast<HydrostaticProcedure&>(run).weighDry(Kilograms(value), origin);
         },
         [](const Procedure& run) { return static_cast<const HydrostaticProcedure&>(run).test().dryMass; },
         [](double value) {
             return value < 10.0 || value > 300.0 ? QObject::tr("A dry mass lies between 10 and 300 kg.")
                                                  : QString();
         }});
}

namespace {

// On the floor scale, for a method that weighs a dressed person.
template <class Method>
ReadingPanel* floorScalePanel(Session& session, std::span<const StepText> sheet, Step step) {
    return new ReadingPanel(
        session, sheet, step,
        {"floor-scale", "kg", QObject::tr("Mass"), Dimension::Mass, 2, QStringLiteral("cue step-on"),
         [](Procedure& run, double value, Origin origin) {
             return static_cast<Method&>(run).weigh(Kilograms(value), origin);
         },
         [](const Procedure& run) { return static_cast<const Method&>(run).test().mass; },
         [](double value) {
             return value < 10.0 || value > 300.0 ? QObject::tr("A mass lies between 10 and 300 kg.")
                                                  : QString();
         }});
}

} // namespace

ReadingPanel* impedanceMassPanel(Session& session) {
    return floorScalePanel<ImpedanceProcedure>(session, impedanceSteps(), ImpedanceStep::Mass);
}

ReadingPanel* dxaMassPanel(Session& session) {
    return floorScalePanel<DxaProcedure>(session, dxaSteps(), DxaStep::Mass);
}

ReadingPanel* chamberMassPanel(Session& session) {
    return new ReadingPanel(
        session, chamberSteps(), ChamberStep::Mass,
        {"chamber-scale", "kg", QObject::tr("Mass"), Dimension::Mass, 3, QStringLiteral("cue step-on"),
         [](Procedure& run, double value, Origin origin) {
             return static_cast<ChamberProcedure&>(run).weigh(Kilograms(value), origin);
         },
         [](const Procedure& run) { return static_cast<const ChamberProcedure&>(run).test().mass; },
         [](double value) {
             return value < 10.0 || value > 250.0 ? QObject::tr("A mass lies between 10 and 250 kg.")
                                                  : QString();
         }});
}

} // namespace fusain::desktop
