#include "desktop/places/day/water_dialog.hpp"

#include "desktop/services/computing.hpp"
#include "desktop/widgets/appearance.hpp"
#include "desktop/widgets/dialog_foot.hpp"
#include "report/base/words.hpp"

#include <QVBoxLayout>

namespace fusain::desktop {
namespace {

QString markOf(water::CareVerdict verdict) {
    return verdict == water::CareVerdict::NobodyIn   ? QObject::tr("▲ Nobody in: ")
           : verdict == water::CareVerdict::PutRight ? QObject::tr("– Put right: ")
                                                     : QString();
}

} // namespace

WaterDialog::WaterDialog(Session& session, DayBoard& board, QWidget* parent)
    : QDialog(parent), session_(session), board_(board),
      chlorine_(new ValueField(tr("Free chlorine"), QStringLiteral("mg/L"))),
      combined_(new ValueField(tr("Combined chlorine"), QStringLiteral("mg/L"))),
      acidity_(new ValueField(tr("pH"), {})),
      temperature_(new ValueField(tr("Temperature at body depth"), QStringLiteral("°C"))), note_(new QLineEdit),
      verdict_(label({}, "verdict")) {
    setWindowTitle(tr("Water log"));
    setMinimumSize(scaled(640), scaled(560));
    note_->setPlaceholderText(tr("what was added or changed"));
    note_->setAccessibleName(tr("Note"));
    auto* log =
        table({tr("when"), tr("by"), tr("chlorine"), tr("pH"), tr("°C"), tr("verdict")}, tr("Read before"));
    log->setColumnWidth(0, scaled(160));
    log->setColumnWidth(1, scaled(120));
    for (const int column : {2, 3, 4})
        log->setColumnWidth(column, scaled(72));
    fillLog(*log);
    if (const auto frame = session.hub().latest(QStringLiteral("thermometer"));
        frame && session.hub().isLive(QStringLiteral("thermometer")))
        temperature_->setValue(frame->value("c"), 1);
    auto* layout = new QVBoxLayout(this);
    for (ValueField* field : {chlorine_, combined_, acidity_, temperature_}) {
        layout->addWidget(field);
        connect(field, &ValueField::edited, this, &WaterDialog::judge);
    }
    layout->addWidget(note_);
    layout->addWidget(verdict_);
    layout->addWidget(
        label(tr("Limits: the lab's planning policy. Chemicals only as their makers and your local rules "
                 "say, with nobody inside; never acid or ammonia with chlorine."),
              "soft"));
    layout->addWidget(log, 1);
    layout->addWidget(footOf(this, tr("Save the reading"), [this] { keep(); }).box);
    chlorine_->edit()->setFocus();
    judge();
}

std::optional<water::CareReading> WaterDialog::reading() const {
    const auto chlorine = chlorine_->value(), acidity = acidity_->value(), temperature = temperature_->value();
    if (!chlorine || !acidity || !temperature)
        return std::nullopt;
    return water::CareReading{MilligramsPerLitre(*chlorine),
                              combined_->value() ? std::optional(MilligramsPerLitre(*combined_->value()))
                                                 : std::nullopt,
                              *acidity, Celsius(*temperature)};
}

void WaterDialog::judge() {
    const auto read = reading();
    if (!read)
        return verdict_->setText(tr("Chlorine, pH and temperature, please."));
    if (const auto problem = water::problemWith(*read))
        return verdict_->setText(report::say(*problem));
    const WaterCare& care = board_.policy().water;
    const auto findings = judgeCare(*read, care.limits, board_.policy().tank.tank.volume, care.stock);
    QStringList lines;
    for (const water::CareFinding& finding : findings)
        lines << markOf(finding.verdict) + report::say(finding.what);
    verdict_->setText(lines.isEmpty() ? tr("✓ Within the limits.") : lines.join(QLatin1Char('\n')));
}

void WaterDialog::keep() {
    const auto read = reading();
    if (!read)
        return verdict_->setText(tr("Chlorine, pH and temperature, please."));
    if (session_.report(board_.logWater(*read, note_->text().toStdString())))
        accept();
}

void WaterDialog::fillLog(QTableWidget& log) {
    const WaterCare& care = board_.policy().water;
    for (const WaterLogEntry& entry : board_.waterLog()) {
        const auto findings =
            judgeCare(entry.reading, care.limits, board_.policy().tank.tank.volume, care.stock);
        const auto verdict = water::worst(findings);
        setRow(&log, log.rowCount(),
               {report::day(entry.at) + QLatin1Char(' ') + report::clock(entry.at),
                QString::fromStdString(session_.computing().staffNames()(entry.by)),
                number(entry.reading.freeChlorine.value(), 1), number(entry.reading.acidity, 1),
                number(entry.reading.temperature.value(), 1),
                verdict == water::CareVerdict::Good ? QStringLiteral("✓") : markOf(verdict).chopped(2)});
    }
}

} // namespace fusain::desktop

#include "moc_water_dialog.cpp"
