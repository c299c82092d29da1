#include "desktop/places/practice/what_if_page.hpp"

#include "desktop/services/lab_policies.hpp"
#include "desktop/widgets/appearance.hpp"
#include "record/all/record.hpp"
#include "record/library/catalogue.hpp"
#include "report/base/words.hpp"
#include "report/chamber/volume_figure.hpp"
#include "report/figures/rule_figure.hpp"
#include "report/impedance/impedance_figures.hpp"
#include "report/scan/region_figures.hpp"
#include "report/tank/trace_figure.hpp"

#include <QGridLayout>
#include <QHBoxLayout>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>

namespace fusain::desktop {
namespace {

report::RegionMatrixModel regionsOf(const dxa::Scan& scan) {
    report::RegionMatrixModel model;
    model.percentTitle = QObject::tr("fat %");
    for (const dxa::RegionReading& region : scan.regions) {
        const double mass = region.fat.value() + region.lean.value() + region.boneMineral.value();
        model.rows.push_back({report::say(dxa::regionName(region.region)), number(region.fat.value(), 2),
                              number(region.lean.value(), 2), number(region.boneMineral.value(), 2),
                              number(mass > 0.0 ? 100.0 * region.fat.value() / mass : 0.0, 1), std::nullopt,
                              std::nullopt, region.region == dxa::Region::Total});
    }
    return model;
}

report::ArcModel arcOf(const impedance::Sweep& sweep) {
    report::ArcModel model;
    for (const impedance::Spectrum& spectrum : sweep.spectra)
        if (spectrum.segment == impedance::Segment::WholeBody)
            model.points = spectrum.points;
    model.fit = impedance::fitCole(model.points);
    return model;
}

} // namespace

WhatIfPage::WhatIfPage(Session& session)
    : session_(session), method_(new QComboBox), sex_(new QComboBox), faults_(new QListWidget),
      recording_(new FigureView(tr("The recording"), 250)), rule_(new FigureView(tr("Result and truth"), 110)),
      reading_(label({}, "verdict")), result_(label({}, "heading")), answers_(this) {
    method_->setAccessibleName(tr("Method"));
    for (const std::string_view each : methods)
        if (givesFat(each)) // the truth that is played with
            method_->addItem(report::say(methodTitle(each)),
                             QString::fromUtf8(each.data(), static_cast<int>(each.size())));
    sex_->setAccessibleName(tr("Sex"));
    sex_->addItems({tr("man"), tr("woman")});
    faults_->setAccessibleName(tr("What goes wrong"));
    auto* controls = new QVBoxLayout;
    controls->setSpacing(6);
    controls->addLayout(inOneRow({method_, sex_}));
    controls->addWidget(label(tr("The body"), "heading"));
    addKnob(*controls, "mass", tr("mass"), QStringLiteral("kg"), 45, 130, 80, 0.5, 1);
    addKnob(*controls, "fat", tr("fat in truth"), QStringLiteral("%"), 5, 50, 18, 0.5, 1);
    addKnob(*controls, "height", tr("height"), QStringLiteral("cm"), 145, 205, 180, 1, 0);
    addKnob(*controls, "water", tr("hydration of the fat-free mass"), QStringLiteral("%"), 70, 77, 73.2, 0.1, 1);
    controls->addWidget(label(tr("On the day"), "heading"));
    addKnob(*controls, "swallowed", tr("eaten or drunk just before"), QStringLiteral("kg"), 0, 2.5, 0, 0.1, 1);
    addKnob(*controls, "held", tr("air held back under water"), QStringLiteral("L"), 0, 1.5, 0, 0.05, 2)
        .method = TankMethod::id;
    addKnob(*controls, "shift", tr("water outside the cells"), QStringLiteral("%"), 90, 110, 100, 0.5, 1)
        .method = ImpedanceMethod::id;
    controls->addWidget(label(tr("What goes wrong"), "heading"));
    controls->addWidget(faults_, 1);
    auto* right = new QVBoxLayout;
    right->setSpacing(10);
    right->addWidget(result_);
    right->addWidget(rule_);
    right->addWidget(reading_);
    right->addWidget(recording_, 1);
    right->addWidget(label(
        tr("Nothing here is kept. The test is played by the same simulator and computed by the same policy as "
           "on the bench; of its recordings one more, with the same faults, is shown."),
        "soft"));
    auto* layout = new QHBoxLayout(this);
    layout->setContentsMargins(24, 12, 24, 16);
    layout->setSpacing(28);
    layout->addLayout(controls, 4);
    layout->addLayout(right, 7);
    soon_.setSingleShot(true);
    soon_.setInterval(60); // a slider on its way asks only for where it stops
    connect(&soon_, &QTimer::timeout, this, &WhatIfPage::tryOut);
    connect(method_, &QComboBox::currentIndexChanged, this, &WhatIfPage::showMethod);
    connect(sex_, &QComboBox::currentIndexChanged, &soon_, qOverload<>(&QTimer::start));
    connect(faults_, &QListWidget::itemChanged, &soon_, qOverload<>(&QTimer::start));
    showMethod();
}

WhatIfPage::Knob& WhatIfPage::addKnob(QVBoxLayout& column, const char* key, const QString& name,
                                      const QString& unit, double low, double high, double value, double step,
                                      int decimals) {
    auto* slider = new QSlider(Qt::Horizontal);
    slider->setAccessibleName(name);
    slider->setRange(qRound(low / step), qRound(high / step));
    slider->setValue(qRound(value / step));
    auto* shown = label({}, "number", false);
    auto* caption = label(name, {}, false);
    caption->setFixedWidth(scaled(176));
    shown->setFixedWidth(scaled(72));
    auto* row = new QHBoxLayout;
    row->addWidget(caption);
    row->addWidget(slider, 1);
    row->addWidget(shown);
    column.addLayout(row);
    knobs_.push_back({key, slider, shown, step, decimals, unit, slider->value(), {}});
    const auto show = [shown, slider, step, decimals, unit] {
        shown->setText(number(slider->value() * step, decimals) + QLatin1Char(' ') + unit);
    };
    show();
    connect(slider, &QSlider::valueChanged, this, [this, show] {
        show();
        soon_.start();
    });
    return knobs_.back();
}

double WhatIfPage::knob(const char* key) const {
    const auto found =
        std::ranges::find_if(knobs_, [&](const Knob& each) { return std::string_view(each.key) == key; });
    return (found->slider->isEnabled() ? found->slider->value() : found->usual) * found->scale;
}

void WhatIfPage::showEvent(QShowEvent* event) {
    QWidget::showEvent(event);
    tryOut(); // nothing is played before somebody looks
}

void WhatIfPage::enter() {
    method_->setFocus();
}

void WhatIfPage::chooseMethod(const QString& method) {
    method_->setCurrentIndex(method_->findData(method));
}

void WhatIfPage::setFault(const QString& name, bool on) {
    for (int row = 0; row < faults_->count(); ++row)
        if (faults_->item(row)->data(Qt::UserRole).toString() == name)
            faults_->item(row)->setCheckState(on ? Qt::Checked : Qt::Unchecked);
    tryOut();
    answers_.finish();
}

void WhatIfPage::showMethod() {
    const QSignalBlocker blocker(faults_);
    faults_->clear();
    const std::string method = method_->currentData().toString().toStdString();
    for (const simulation::NamedFault& fault : simulation::namedFaults()) {
        if (fault.method != method)
            continue;
        auto* item = new QListWidgetItem(report::say(fault.say), faults_);
        item->setData(Qt::UserRole, QString::fromUtf8(fault.name.data(), static_cast<int>(fault.name.size())));
        item->setFlags(item->flags() | Qt::ItemIsUserCheckable);
        item->setCheckState(Qt::Unchecked);
    }
    for (const Knob& each : knobs_)
        each.slider->setEnabled(each.method.empty() || each.method == method);
    soon_.start();
}

simulation::Experiment WhatIfPage::experiment() const {
    simulation::Experiment tried;
    tried.method = method_->currentData().toString().toStdString();
    const bool man = sex_->currentIndex() == 0;
    tried.body.sex = man ? Sex::Male : Sex::Female;
    tried.body.mass = knob("mass");
    tried.body.fatFraction = knob("fat") / 100.0;
    tried.body.heightCm = knob("height");
    tried.body.waterOfFatFree = knob("water") / 100.0;
    // Lungs that suit the height: what the bench would measure.
    tried.body.vitalCapacity = (man ? 5.2 : 3.9) * std::pow(tried.body.heightCm / (man ? 180.0 : 168.0), 3.0);
    tried.body.residualVolume = (man ? 0.30 : 0.36) * tried.body.vitalCapacity;
    tried.swallowed = knob("swallowed");
    tried.heldBack = knob("held");
    tried.waterShift = knob("shift") / 100.0;
    for (int row = 0; row < faults_->count(); ++row)
        if (faults_->item(row)->checkState() == Qt::Checked)
            tried.faults.push_back(faults_->item(row)->data(Qt::UserRole).toString().toStdString());
    return tried;
}

void WhatIfPage::tryOut() {
    soon_.stop();
    if (!isVisible())
        return;
    const auto tried = experiment();
    answers_.ask([this, tried, policy = session_.policies().forNewTest(tried.method),
                  protocol = session_.catalogue().protocolFor(tried.method)]() -> std::function<void()> {
        const auto finding = simulation::tryOut(tried, policy, protocol);
        if (!finding)
            return [this, problem = finding.error()] { session_.report(tl::unexpected(problem)); };
        return [this, tried, finding = *finding, submersion = hydrostatic::analyseTrace(finding->submersion)] {
            showRecording(finding, submersion);
            showResult(tried, finding);
        };
    });
}

void WhatIfPage::showRecording(const simulation::Finding& finding,
                               const hydrostatic::TraceReading& submersion) {
    const QString says = finding.reading.empty() ? tr("Nothing to object to.") : report::say(finding.reading);
    reading_->setText(finding.usable ? tr("Would be taken: %1").arg(says)
                                     : tr("▲ Would be refused: %1").arg(says));
    const report::Palette& palette = session_.palette();
    if (finding.volume)
        recording_->setPaint([volume = *finding.volume, &palette](QPainter& painter, const QRectF& area) {
            report::paintVolumeTrace(painter, area, volume, palette);
        });
    else if (finding.sweep)
        recording_->setPaint([arc = arcOf(*finding.sweep), &palette](QPainter& painter, const QRectF& area) {
            report::paintArc(painter, area, arc, palette);
        });
    else if (finding.scan)
        recording_->setPaint(
            [regions = regionsOf(*finding.scan), &palette](QPainter& painter, const QRectF& area) {
                report::paintRegionMatrix(painter, area, regions, palette);
            });
    else
        recording_->setPaint([samples = finding.submersion, reading = submersion,
                              &palette](QPainter& painter, const QRectF& area) {
            report::paintTrace(painter, area, {samples, reading}, palette);
        });
}

void WhatIfPage::showResult(const simulation::Experiment& tried, const simulation::Finding& finding) {
    const double truth = 100.0 * tried.body.fatFraction;
    const auto fat = finding.fatPercent ? finding.fatPercent : finding.inSpite;
    rule_->setVisible(fat.has_value());
    if (!fat) {
        result_->setText(tr("No result: no reading has a value. True fat %1 %.").arg(number(truth, 1)));
        return;
    }
    const double off = *fat - truth, half = finding.halfInterval.value_or(0.0);
    const QString points = (off < 0.0 ? QStringLiteral("−") : QStringLiteral("+")) + number(std::abs(off), 1);
    result_->setText(finding.fatPercent ? tr("%1 ± %2 % fat (95 % CI). True value %3 %, off by %4 %-points")
                                              .arg(number(*fat, 1), number(half, 1), number(truth, 1), points)
                                        : tr("▲ No result: the rules let nothing through. Used anyway: %1 % "
                                             "fat. True value %2 %, off by %3 %-points")
                                              .arg(number(*fat, 1), number(truth, 1), points));
    report::RuleModel rule;
    rule.title = tr("% fat");
    rule.unit = QStringLiteral("%");
    rule.from = std::floor(std::min({truth, *fat - half, truth - 8.0}));
    rule.to = std::ceil(std::max({truth, *fat + half, truth + 8.0}));
    rule.spindles = {{truth, 0.0, true}, {*fat, half, false}};
    rule.reference = finding.fatPercent
                         ? tr("Spindle: measured, 95 % interval. Line: true value")
                         : tr("Dark line: what was refused, without an interval. Thin line: true value");
    rule_->setPaint([rule, &palette = session_.palette()](QPainter& painter, const QRectF& area) {
        report::paintRule(painter, area, rule, palette);
    });
}

} // namespace fusain::desktop

#include "moc_what_if_page.cpp"
