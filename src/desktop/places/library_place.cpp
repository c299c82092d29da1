#include "desktop/places/library_place.hpp"

#include "core/equations.hpp"
#include "report/words.hpp"

#include <QHBoxLayout>
#include <QVBoxLayout>
#include <algorithm>

namespace fusain::desktop {
namespace {

QString text(std::string_view value) {
    return QString::fromUtf8(value.data(), static_cast<qsizetype>(value.size())).toHtmlEscaped();
}
constexpr double openEnd = 99.0; ///< the upper end of a reference that has a lower one only

// A text of the catalogue or of a data file, in the user's language.
QString words(std::string_view marked) {
    return report::say(marked).toHtmlEscaped();
}
QString gradeWords(char grade) {
    return grade == 'A' ? QObject::tr("certain")
                        : QObject::tr("<b>to be confirmed against the source</b>; never a default");
}
QString row(const QString& name, const QString& value) {
    return QStringLiteral("<p><b>%1</b><br>%2</p>").arg(name, value);
}

QString tankRows(const HydrostaticPolicy& policy) {
    return row(QObject::tr("Trials"), QObject::tr("%1, within %2 kg, %3 to %4 trials")
                                          .arg(report::say(trialRuleTitle(policy.trials.rule)))
                                          .arg(policy.trials.tolerance.value())
                                          .arg(policy.trials.minimumTrials)
                                          .arg(policy.trials.maximumTrials)) +
           row(QObject::tr("Residual volume when not measured"), text(policy.residualVolumeEquation)) +
           row(QObject::tr("Gas in the gut"),
               QObject::tr("%1 ± %2 L").arg(policy.gutGas.value()).arg(policy.gutGasError.value())) +
           row(QObject::tr("Stated errors"),
               QObject::tr("dry mass %1 kg, typed reading %2 kg, water %3 °C, measured residual volume %4 L")
                   .arg(policy.dryMassError.value())
                   .arg(policy.typedReadingError.value())
                   .arg(policy.waterTemperatureError.value())
                   .arg(policy.measuredResidualVolumeError.value()));
}

QString chamberRows(const ChamberPolicy& policy) {
    return row(QObject::tr("Trials"),
               QObject::tr(
                   "two within %1 mL are averaged; after %2 without agreement recalibrate, at most %3 sets")
                   .arg(1000.0 * policy.trials.tolerance.value())
                   .arg(policy.trials.trialsPerSet)
                   .arg(policy.trials.sets)) +
           row(QObject::tr("Thoracic gas"),
               QObject::tr("measured; else predicted, children by their own equation")) +
           row(QObject::tr("Stated errors"), QObject::tr("mass %1 kg, one volume %2 L, thoracic gas measured "
                                                         "%3 L or predicted %4 L, surface area %5 %")
                                                 .arg(policy.dryMassError.value())
                                                 .arg(policy.volumeTrialError.value())
                                                 .arg(policy.measuredThoracicGasError.value())
                                                 .arg(policy.predictedThoracicGasError.value())
                                                 .arg(100.0 * policy.surfaceAreaError));
}

QString densityRows(const DensityPolicy& policy) {
    return row(
        QObject::tr("Density to fat"),
        QObject::tr("adults %1; children %2").arg(text(policy.adultConversion), text(policy.childConversion)));
}

QString impedanceRows(const ImpedancePolicy& policy) {
    QStringList alongside;
    for (const std::string& id : policy.alongside)
        alongside << text(id);
    const impedance::SignalLimits& signal = policy.signalLimits(policy.geometry);
    return row(QObject::tr("Electrodes"), report::say(impedance::geometryName(policy.geometry))) +
           row(QObject::tr("Fat-free mass"),
               QObject::tr("adults %1; children %2")
                   .arg(text(policy.adultFatFreeMass), text(policy.childFatFreeMass))) +
           row(QObject::tr("Water, muscle, limbs"),
               QStringLiteral("%1; %2; %3; %4")
                   .arg(text(policy.bodyWater), text(policy.skeletalMuscle), text(policy.limbLean),
                        text(policy.limbLeanOlder))) +
           row(QObject::tr("Shown alongside"), alongside.join(QStringLiteral("; "))) +
           row(QObject::tr("Water from the arc"),
               text(std::string(impedance::fluidMethodTitle(policy.fluids)))) +
           row(QObject::tr("Stated errors"),
               QObject::tr("resistance %1 %, reactance %2 %, one limb %3 %, test module %4 %")
                   .arg(100.0 * policy.resistanceError)
                   .arg(100.0 * policy.reactanceError)
                   .arg(100.0 * policy.limbRepeatError)
                   .arg(100.0 * policy.moduleTolerance)) +
           row(QObject::tr("Signal limits (engineering choices of this program; set your own)"),
               QObject::tr("rise %1 %, drift %2 %, sum %3 %, arms %4 and %5 %, legs %6 and %7 %")
                   .arg(100.0 * signal.rise)
                   .arg(100.0 * signal.drift)
                   .arg(100.0 * signal.sum)
                   .arg(signal.armNote)
                   .arg(signal.armBad)
                   .arg(signal.legNote)
                   .arg(signal.legBad));
}

QString dxaRows(const DxaPolicy& policy) {
    const bool percent = policy.balance.kind == dxa::BalanceThreshold::Kind::Percent;
    const dxa::ScanPrecision& precision = policy.precision;
    return row(QObject::tr("Percentage of fat by region"),
               report::say(dxa::conventionName(policy.convention))) +
           row(QObject::tr("Notable difference of limbs"),
               QObject::tr("arms %1, legs %2 %3")
                   .arg(policy.balance.arms)
                   .arg(policy.balance.legs)
                   .arg(percent ? QStringLiteral("%") : QStringLiteral("kg"))) +
           row(QObject::tr("Precision until the lab has its own study"),
               QObject::tr(
                   "fat %1 %, mass %2 %, bone mineral %3 %; lean of an arm %4 %, of a leg %5 %; the upper ends "
                   "of what is published")
                   .arg(100.0 * precision.fat)
                   .arg(100.0 * precision.mass)
                   .arg(100.0 * precision.boneMineral)
                   .arg(100.0 * precision.armLean)
                   .arg(100.0 * precision.legLean)) +
           row(QObject::tr("Against the truth for one person"),
               QObject::tr(
                   "± %1 points of fat (standard deviation; an engineering choice within the published limits)")
                   .arg(100.0 * precision.model)) +
           row(QObject::tr("Phantom, dose, table"),
               QObject::tr(
                   "phantom within %1 points; %2 µSv a scan, %3 µSv in twelve months; table up to %4 kg "
                   "(engineering choices of this program; set your own)")
                   .arg(policy.phantomTolerance.value())
                   .arg(policy.dosePerScan.value())
                   .arg(policy.yearlyDose.value())
                   .arg(policy.tableLimit.value()));
}

enum Kind { EquationEntry = 1, ReferenceEntry, ProtocolEntry, PolicyEntry, TruthEntry };

} // namespace

LibraryPlace::LibraryPlace(Session& session)
    : Place(session), tree_(new QTreeWidget), page_(new QTextBrowser), choose_(button({}, true)) {
    tree_->setHeaderHidden(true);
    tree_->setAccessibleName(tr("Library"));
    tree_->setFixedWidth(400);
    page_->setAccessibleName(tr("Entry"));
    page_->document()->setDocumentMargin(16);
    auto* right = new QVBoxLayout;
    right->addWidget(page_, 1);
    right->addWidget(choose_, 0, Qt::AlignLeft);
    auto* layout = new QHBoxLayout(this);
    layout->setContentsMargins(24, 16, 24, 16);
    layout->setSpacing(16);
    layout->addWidget(tree_);
    layout->addLayout(right, 1);
    fill();
    connect(tree_, &QTreeWidget::currentItemChanged, this, &LibraryPlace::showEntry);
    connect(choose_, &QPushButton::clicked, this, &LibraryPlace::choose);
}

void LibraryPlace::fill() {
    const auto group = [&](const QString& title) {
        auto* item = new QTreeWidgetItem(tree_, {title});
        item->setExpanded(true);
        return item;
    };
    const auto add = [](QTreeWidgetItem* parent, const QString& title, Kind kind, std::string_view id) {
        auto* item = new QTreeWidgetItem(parent, {title});
        item->setData(0, Qt::UserRole, kind);
        item->setData(0, Qt::UserRole + 1, QString::fromUtf8(id.data(), static_cast<qsizetype>(id.size())));
    };
    auto* equations = group(tr("Equations"));
    for (const Equation& equation : equationCatalogue())
        add(equations, QString::fromUtf8(equation.id.data(), static_cast<qsizetype>(equation.id.size())),
            EquationEntry, equation.id);
    auto* references = group(tr("Reference sets"));
    for (const auto& set : session_.catalogue().references)
        add(references, QString::fromStdString(set.quantity + ": " + set.title), ReferenceEntry, set.id);
    auto* protocols = group(tr("Protocols"));
    for (const auto& protocol : session_.catalogue().protocols)
        add(protocols, report::say(std::string_view(protocol.title)), ProtocolEntry, protocol.id);
    auto* policies = group(tr("Policies"));
    for (const AnyPolicy& policy : session_.catalogue().policies)
        add(policies, report::say(std::string_view(common(policy).title)), PolicyEntry, common(policy).id);
    // A made-up lab book carries the true bodies that its instruments measured.
    QTreeWidgetItem* truths = nullptr;
    for (const Client& client : session_.book().clients())
        if (!session_.book().setting("truth." + client.id).empty()) {
            truths = truths ? truths : group(tr("Truth of the made-up people"));
            add(truths, QString::fromStdString(client.code), TruthEntry, client.id);
        }
    tree_->setCurrentItem(equations->child(0));
}

void LibraryPlace::refresh() {
    showEntry();
}

void LibraryPlace::search(const QString& wanted) {
    const auto found = tree_->findItems(wanted, Qt::MatchContains | Qt::MatchRecursive);
    if (!found.isEmpty())
        tree_->setCurrentItem(found.first());
}

void LibraryPlace::showEntry() {
    const auto* item = tree_->currentItem();
    const int kind = item ? item->data(0, Qt::UserRole).toInt() : 0;
    const QString id = item ? item->data(0, Qt::UserRole + 1).toString() : QString();
    const AnyPolicy* entry = kind == PolicyEntry ? session_.catalogue().policy(id.toStdString()) : nullptr;
    const bool policy = entry && common(session_.policyInForce(methodOf(*entry))).id != id.toStdString();
    const auto* set = kind == ReferenceEntry ? session_.catalogue().reference(id.toStdString()) : nullptr;
    const bool reference = set && set->quantity == "fat-percent" && set->grade == "A" &&
                           set != session_.fatReferenceFor(common(session_.policyInForce(methodHydrostatic)));
    choose_->setText(policy ? tr("Put this policy in force") : tr("Show fat percentages against this set"));
    choose_->setVisible(policy || reference);
    switch (kind) {
    case EquationEntry:
        return page_->setHtml(equationPage(id));
    case ReferenceEntry:
        return page_->setHtml(referencePage(id));
    case ProtocolEntry:
        return page_->setHtml(protocolPage(id));
    case PolicyEntry:
        return page_->setHtml(policyPage(id));
    case TruthEntry:
        return page_->setHtml(truthPage(id));
    default:
        page_->setHtml(item ? QStringLiteral("<h2>%1</h2>").arg(item->text(0)) : QString());
    }
}

QString LibraryPlace::equationPage(const QString& id) const {
    const Equation* equation = findEquation(id.toStdString());
    QString page = QStringLiteral("<h2>%1</h2><p>%2</p>").arg(words(equation->title), id);
    page += row(tr("Formula"), text(equation->formula)) + row(tr("Result"), text(equation->unit)) +
            row(tr("Valid for"), words(equation->validity));
    QString inputs;
    for (const EquationInput& input : equation->inputs)
        inputs += QStringLiteral("%1: %2%3<br>")
                      .arg(text(input.name), words(input.description),
                           input.isSex() ? QString()
                                         : QStringLiteral(", %1 to %2 %3")
                                               .arg(input.minimum)
                                               .arg(input.maximum)
                                               .arg(text(input.unit)));
    page += row(tr("Inputs"), inputs) + row(tr("Source"), text(equation->citation)) +
            row(tr("Coefficients"), gradeWords(equation->grade));
    if (!equation->caveat.empty())
        page += row(tr("Caution"), words(equation->caveat));
    for (const std::string_view method : methods) {
        const AnyPolicy& any = session_.policyInForce(method);
        const MethodPolicy& policy = common(any);
        const auto chosen = equationsOf(any);
        if (std::ranges::find(chosen, id.toStdString()) != chosen.end())
            page += row(tr("In this lab"), tr("chosen for %1 by the policy in force, \"%2\"")
                                               .arg(report::say(methodTitle(method)), words(policy.title)));
    }
    return page;
}

QString LibraryPlace::referencePage(const QString& id) const {
    const auto* set = session_.catalogue().reference(id.toStdString());
    QString page = QStringLiteral("<h2>%1</h2>").arg(words(set->title)) +
                   row(tr("Population"), words(set->population)) + row(tr("Source"), text(set->citation)) +
                   row(tr("What the band means"), words(set->bandMeaning)) +
                   row(tr("Values"), gradeWords(set->grade.front()));
    if (set == session_.fatReferenceFor(common(session_.policyInForce(methodHydrostatic))))
        page += row(tr("In this lab"), chosenBy("reference.fat-percent", set->id));
    page += QStringLiteral("<table cellpadding=4><tr><th align=left>%1</th><th align=left>%2</th><th "
                           "align=right>%3</th><th align=right>%4</th></tr>")
                .arg(tr("sex"), tr("age"), tr("from"), tr("to"));
    for (const auto& entry : set->rows)
        page += QStringLiteral(
                    "<tr><td>%1</td><td>%2–%3</td><td align=right>%4</td><td align=right>%5 %6</td></tr>")
                    .arg(text(sexText(entry.sex)))
                    .arg(entry.ageFrom)
                    .arg(entry.ageTo)
                    .arg(entry.low)
                    .arg(entry.high >= openEnd ? tr("open") : QString::number(entry.high))
                    .arg(entry.high >= openEnd ? QString() : text(set->unit));
    return page + QStringLiteral("</table>");
}

QString LibraryPlace::protocolPage(const QString& id) const {
    const auto* protocol = session_.catalogue().protocol(id.toStdString());
    QString page = QStringLiteral("<h2>%1</h2>").arg(words(protocol->title));
    for (const auto& [title, rules] :
         {std::pair(tr("Screening"), &protocol->screening), std::pair(tr("Readiness"), &protocol->readiness)}) {
        page += QStringLiteral("<h3>%1</h3>").arg(title);
        for (const auto& rule : *rules)
            page +=
                QStringLiteral("<p><b>%1</b><br>%2: %3. %4<br><i>%5%6</i></p>")
                    .arg(words(rule.question), tr("If not as asked"),
                         report::say(actionText(rule.actionIfBroken)),
                         (rule.effectSize.empty() ? QString() : words(rule.effectSize) + QStringLiteral("; ")) +
                             words(rule.reason),
                         text(rule.source), QLatin1Char(' ') + words(gradeText(rule.grade)));
    }
    page += QStringLiteral("<h3>%1</h3>").arg(tr("Safety"));
    for (const auto& line : protocol->safety)
        page += QStringLiteral("<p>– %1</p>").arg(text(line));
    return page;
}

QString LibraryPlace::truthPage(const QString& id) const {
    const auto client = session_.book().client(id.toStdString());
    if (session_.atTheBench().role != Role::Physiologist || !client)
        return QStringLiteral("<p>%1</p>")
            .arg(tr("Only the physiologist opens the truth of a made-up person."));
    const Json truth = Json::parse(session_.book().setting("truth." + id.toStdString()), nullptr, false);
    QString page =
        QStringLiteral("<h2>%1</h2>").arg(session_.nameOf(*client).toHtmlEscaped()) +
        row(tr("What this is"), tr("The body that the simulated instruments measure today. Pages for clients "
                                   "never show it."));
    if (truth.is_object())
        for (const auto& [key, value] : truth.items())
            page += row(text(key), text(value.is_string() ? value.get<std::string>() : value.dump()));
    return page;
}

// Who put it in force, from the journal.
QString LibraryPlace::chosenBy(const std::string& setting, const std::string& id) const {
    QString chosen = tr("in force (the default)");
    for (const Event& event : session_.book().eventsOf(setting))
        if (event.data.value("value", "") == id)
            chosen = tr("in force, chosen by %1 on %2")
                         .arg(text(session_.staffName(event.by)), report::day(event.at));
    return chosen;
}

QString LibraryPlace::policyPage(const QString& id) const {
    const AnyPolicy& any = *session_.catalogue().policy(id.toStdString());
    const MethodPolicy& policy = common(any);
    const std::string_view method = methodOf(any);
    const QString chosen = common(session_.policyInForce(method)).id == policy.id
                               ? chosenBy("policy." + std::string(method), policy.id)
                               : tr("available");
    QString page = QStringLiteral("<h2>%1</h2>").arg(words(policy.title)) + row(tr("In this lab"), chosen) +
                   row(tr("Method"), report::say(methodTitle(method)));
    if (const auto* tank = std::get_if<HydrostaticPolicy>(&any))
        page += tankRows(*tank) + densityRows(*tank);
    else if (const auto* chamber = std::get_if<ChamberPolicy>(&any))
        page += chamberRows(*chamber) + densityRows(*chamber);
    else if (const auto* impedance = std::get_if<ImpedancePolicy>(&any))
        page += impedanceRows(*impedance);
    else
        page += dxaRows(std::get<DxaPolicy>(any));
    return page + row(tr("Reference for the fat percentage"), text(policy.fatReference)) +
           row(tr("Signature"),
               policy.physiologistSigns ? tr("technician and physiologist") : tr("technician")) +
           row(tr("Source"), text(policy.source));
}

void LibraryPlace::choose() {
    if (session_.atTheBench().role != Role::Physiologist) {
        session_.report(failure({FUSAIN_TEXT("The physiologist owns the policies."), {}}, {},
                                {FUSAIN_TEXT("Change who is at the bench, then choose."), {}}));
        return;
    }
    const auto* item = tree_->currentItem();
    const std::string id = item->data(0, Qt::UserRole + 1).toString().toStdString();
    const AnyPolicy* policy = session_.catalogue().policy(id);
    session_.report(session_.book().setSetting(policy ? "policy." + std::string(methodOf(*policy))
                                                      : "reference.fat-percent",
                                               id, session_.atTheBench().id));
}

} // namespace fusain::desktop
