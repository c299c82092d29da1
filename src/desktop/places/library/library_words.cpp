#include "desktop/places/library/library_words.hpp"

#include "desktop/services/computing.hpp"
#include "record/base/json.hpp"
#include "report/base/words.hpp"

namespace fusain::desktop {

QString plainText(std::string_view value) {
    return QString::fromUtf8(value.data(), static_cast<qsizetype>(value.size())).toHtmlEscaped();
}

QString pageWords(std::string_view marked) {
    return report::say(marked).toHtmlEscaped();
}

QString pageRow(const QString& name, const QString& value) {
    return QStringLiteral("<p><b>%1</b><br>%2</p>").arg(name, value);
}

QString gradeWords(char grade) {
    return grade == 'A'   ? QObject::tr("certain")
           : grade == 'l' ? QObject::tr("the lab's own, answered for by its physiologist")
                          : QObject::tr("<b>not yet verified</b>; never a default");
}

QString chosenBy(Session& session, const std::string& setting, const std::string& id) {
    QString chosen = QObject::tr("in force (the default)");
    for (const Event& event : session.book().eventsOf(setting))
        if (event.data->value("value", "") == id)
            chosen = QObject::tr("in force, chosen by %1 on %2")
                         .arg(plainText(session.computing().staffNames()(event.by)), report::day(event.at));
    return chosen;
}

namespace {

QString tankRows(const HydrostaticPolicy& policy) {
    return pageRow(QObject::tr("Trials"), QObject::tr("%1, within %2 kg, %3 to %4 trials")
                                              .arg(report::say(trialRuleTitle(policy.trials.rule)))
                                              .arg(policy.trials.tolerance.value())
                                              .arg(policy.trials.minimumTrials)
                                              .arg(policy.trials.maximumTrials)) +
           pageRow(QObject::tr("Residual volume when not measured"), plainText(policy.residualVolumeEquation)) +
           pageRow(QObject::tr("Gas in the gut"),
                   QObject::tr("%1 ± %2 L").arg(policy.gutGas.value()).arg(policy.gutGasError.value())) +
           pageRow(
               QObject::tr("Stated errors"),
               QObject::tr("dry mass %1 kg, typed reading %2 kg, water %3 °C, measured residual volume %4 L")
                   .arg(policy.dryMassError.value())
                   .arg(policy.typedReadingError.value())
                   .arg(policy.waterTemperatureError.value())
                   .arg(policy.measuredResidualVolumeError.value()));
}

QString chamberRows(const ChamberPolicy& policy) {
    return pageRow(QObject::tr("Trials"),
                   QObject::tr(
                       "two within %1 mL are averaged; after %2 without agreement recalibrate, at most %3 sets")
                       .arg(1000.0 * policy.trials.tolerance.value())
                       .arg(policy.trials.trialsPerSet)
                       .arg(policy.trials.sets)) +
           pageRow(QObject::tr("Thoracic gas"),
                   QObject::tr("measured; else predicted, children by their own equation")) +
           pageRow(QObject::tr("Stated errors"),
                   QObject::tr("mass %1 kg, one volume %2 L, thoracic gas measured "
                               "%3 L or predicted %4 L, surface area %5 %")
                       .arg(policy.dryMassError.value())
                       .arg(policy.volumeTrialError.value())
                       .arg(policy.measuredThoracicGasError.value())
                       .arg(policy.predictedThoracicGasError.value())
                       .arg(100.0 * policy.surfaceAreaError));
}

QString densityRows(const DensityPolicy& policy) {
    return pageRow(QObject::tr("Density to fat"),
                   QObject::tr("adults %1; children %2")
                       .arg(plainText(policy.adultConversion), plainText(policy.childConversion)));
}

QString impedanceRows(const ImpedancePolicy& policy) {
    QStringList alongside;
    for (const std::string& id : policy.alongside)
        alongside << plainText(id);
    const impedance::SignalLimits& signal = policy.signalLimits(policy.geometry);
    return pageRow(QObject::tr("Electrodes"), report::say(impedance::geometryName(policy.geometry))) +
           pageRow(QObject::tr("Fat-free mass"),
                   QObject::tr("adults %1; children %2")
                       .arg(plainText(policy.adultFatFreeMass), plainText(policy.childFatFreeMass))) +
           pageRow(QObject::tr("Water, muscle, limbs"),
                   QStringLiteral("%1; %2; %3; %4")
                       .arg(plainText(policy.bodyWater), plainText(policy.skeletalMuscle),
                            plainText(policy.limbLean), plainText(policy.limbLeanOlder))) +
           pageRow(QObject::tr("Shown alongside"), alongside.join(QStringLiteral("; "))) +
           pageRow(QObject::tr("Water from the arc"),
                   plainText(std::string(impedance::fluidMethodTitle(policy.fluids)))) +
           pageRow(QObject::tr("Stated errors"),
                   QObject::tr("resistance %1 %, reactance %2 %, one limb %3 %, test module %4 %")
                       .arg(100.0 * policy.resistanceError)
                       .arg(100.0 * policy.reactanceError)
                       .arg(100.0 * policy.limbRepeatError)
                       .arg(100.0 * policy.moduleTolerance)) +
           pageRow(QObject::tr("Signal limits (lab-adjustable defaults)"),
                   QObject::tr("rise %1 %, drift %2 %, sum %3 %, arms %4 and %5 %, legs %6 and %7 %")
                       .arg(100.0 * signal.rise)
                       .arg(100.0 * signal.drift)
                       .arg(100.0 * signal.sum)
                       .arg(signal.armNote)
                       .arg(signal.armBad)
                       .arg(signal.legNote)
                       .arg(signal.legBad));
}

QString girthRows(const GirthPolicy& policy) {
    QStringList sites, days, limits;
    for (const girth::Site site : policy.sites) {
        const QString name = report::say(std::string_view(girth::textOf(site).name));
        sites << name;
        days << QObject::tr("%1 %2 cm").arg(name, report::number(policy.dayToDay.of(site).value(), 1));
    }
    for (const std::string& id : {policy.waistLimits, policy.waistToHeightLimits, policy.waistToHipLimits})
        if (const girth::LimitSet* set = girth::limitSet(id))
            limits << QStringLiteral("%1 (%2)").arg(
                report::say(set->title),
                QString::fromUtf8(set->citation.data(), static_cast<qsizetype>(set->citation.size())));
    return pageRow(QObject::tr("Sites"), sites.join(QStringLiteral(", "))) +
           pageRow(
               QObject::tr("Readings of a site"),
               QObject::tr("%1 to %2; three within %3 cm (waist, hip) or %4 cm (neck, limbs); else the median, "
                           "flagged")
                   .arg(policy.repeats.least)
                   .arg(policy.repeats.most)
                   .arg(report::number(policy.repeats.trunkTolerance.value(), 1),
                        report::number(policy.repeats.limbTolerance.value(), 1))) +
           pageRow(QObject::tr("From day to day (SD)"),
                   QObject::tr("%1; lab-adjustable defaults, replaced by the lab's own study")
                       .arg(days.join(QStringLiteral(", ")))) +
           pageRow(QObject::tr("Limits"), limits.join(QStringLiteral("; ")));
}

QString dxaRows(const DxaPolicy& policy) {
    const bool percent = policy.balance.kind == dxa::BalanceThreshold::Kind::Percent;
    const dxa::ScanPrecision& precision = policy.precision;
    return pageRow(QObject::tr("% fat by region"), report::say(dxa::conventionName(policy.convention))) +
           pageRow(QObject::tr("Notable difference of limbs"),
                   QObject::tr("arms %1, legs %2 %3")
                       .arg(policy.balance.arms)
                       .arg(policy.balance.legs)
                       .arg(percent ? QStringLiteral("%") : QStringLiteral("kg"))) +
           pageRow(QObject::tr("Precision until the lab has its own study"),
                   QObject::tr("fat %1 %, lean %6 %, mass %2 %, bone mineral %3 %; lean of an arm %4 %, of a "
                               "leg %5 %; the upper "
                               "ends of what is published")
                       .arg(100.0 * precision.fat)
                       .arg(100.0 * precision.mass)
                       .arg(100.0 * precision.boneMineral)
                       .arg(100.0 * precision.armLean)
                       .arg(100.0 * precision.legLean)
                       .arg(100.0 * precision.lean)) +
           pageRow(QObject::tr("Against the truth for one person"),
                   QObject::tr("± %1 %-points of fat (standard deviation; lab-adjustable default within the "
                               "published limits)")
                       .arg(100.0 * precision.model)) +
           pageRow(QObject::tr("Phantom, dose, table"),
                   QObject::tr(
                       "phantom within %1 %-points; %2 µSv a scan, %3 µSv in twelve months; table up to %4 kg "
                       "(lab-adjustable defaults)")
                       .arg(policy.phantomTolerance.value())
                       .arg(policy.dosePerScan.value())
                       .arg(policy.yearlyDose.value())
                       .arg(policy.tableLimit.value()));
}

} // namespace

QString dayRow(const MethodPolicy& policy) {
    QStringList variations;
    for (const DayToDayEntry& entry : entriesOf(policy.day))
        variations << QStringLiteral("%1 %2 %3")
                          .arg(report::say(entry.name))
                          .arg(entry.value)
                          .arg(report::plain(std::string(entry.unit)));
    return pageRow(
        QObject::tr("Day-to-day variation (SD)"),
        QObject::tr("%1. Grade B or C, not yet verified. A between-day study in Quality replaces it.")
            .arg(variations.join(QStringLiteral(", "))));
}

namespace {

// A value as its document writes it: words and ids as they are, lists in one line.
QString written(const Json& value) {
    if (value.is_boolean())
        return value.get<bool>() ? QObject::tr("yes") : QObject::tr("no");
    if (value.is_number())
        return QString::number(value.get<double>(), 'g', 10);
    if (value.is_string())
        return plainText(value.get<std::string>());
    QStringList parts;
    if (value.is_array())
        for (const Json& each : value)
            parts << written(each);
    return parts.join(QStringLiteral(", "));
}

// One row a key, the keys of a part behind its name.
void addValues(QString& rows, const std::vector<FieldNote>& notes, const Json& document,
               const QString& before) {
    for (const FieldNote& note : notes) {
        const auto found = document.find(note.key);
        if (found == document.end())
            continue;
        const QString key = before + QString::fromStdString(note.key);
        if (found->is_object())
            addValues(rows, note.inner, *found, key + QLatin1Char('.'));
        else
            rows +=
                QStringLiteral("<tr><td><code>%1</code></td><td align=right>%2</td><td>%3</td><td>%4</td></tr>")
                    .arg(key.toHtmlEscaped(), written(*found), plainText(note.unit),
                         plainText(note.words.empty() ? note.limits.text() : note.words));
    }
}

} // namespace

QString everyValue(const AnyPolicy& policy) {
    QString rows;
    addValues(rows, documentKindOf(policy).fields, toJson(policy), {});
    return QStringLiteral(
               "<h3>%1</h3><table cellpadding=4><tr><th align=left>%2</th><th align=right>%3</th><th "
               "align=left>%4</th><th align=left>%5</th></tr>%6</table>")
        .arg(QObject::tr("All values"), QObject::tr("key"), QObject::tr("value"),
             QObject::tr("unit"), QObject::tr("allowed"), rows);
}

QString policyRows(const AnyPolicy& policy) {
    return std::visit(
        Overloaded{
            [](const HydrostaticPolicy& tank) { return tankRows(tank) + densityRows(tank); },
            [](const ChamberPolicy& chamber) { return chamberRows(chamber) + densityRows(chamber); },
            [](const ImpedancePolicy& impedance) { return impedanceRows(impedance); },
            [](const DxaPolicy& scan) { return dxaRows(scan); },
            [](const GirthPolicy& girths) { return girthRows(girths); },
        },
        policy);
}

} // namespace fusain::desktop
