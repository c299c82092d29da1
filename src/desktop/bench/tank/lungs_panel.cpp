#include "desktop/bench/tank/lungs_panel.hpp"

#include "core/gas/corrections.hpp"
#include "desktop/widgets/appearance.hpp"
#include "desktop/widgets/flowing_row.hpp"
#include "report/base/words.hpp"
#include "report/tank/blows_figure.hpp"

#include <QHBoxLayout>
#include <algorithm>

namespace fusain::desktop {
LungsPanel::LungsPanel(Session& session)
    : MethodPanel(session, hydrostaticSteps(), HydrostaticStep::VitalCapacity),
      plot_(new FigureView(tr("Exhaled volume over time"), 190)),
      temperature_(new ValueField(tr("Room temperature at the spirometer"), {})),
      pressure_(new ValueField(tr("Air pressure"), tr("mmHg"))),
      typed_(new ValueField(tr("Vital capacity, as the spirometer shows"), tr("L, room conditions"))),
      residual_(new ValueField(tr("Or: residual volume measured elsewhere"), tr("L BTPS"))),
      method_(new QLineEdit), efforts_(label({}, "heading")) {
    temperature_->setDimension(Dimension::Temperature, session.units());
    method_->setPlaceholderText(tr("by which method"));
    method_->setAccessibleName(tr("Method of the residual volume"));
    method_->setMaximumWidth(scaled(240));
    auto* keepTypedEffort = button(tr("Add effort"));
    auto* keepResidual = button(tr("Save residual volume"));
    auto* without = button(tr("Continue without…"));
    for (QWidget* widget :
         std::initializer_list<QWidget*>{plot_, efforts_, temperature_, pressure_, typed_, residual_, method_})
        body()->addWidget(widget);
    body()->addLayout(new FlowingRow({keepTypedEffort, keepResidual, without}));
    body()->addStretch();
    connect(keepTypedEffort, &QPushButton::clicked, this, &LungsPanel::keepTyped);
    connect(typed_, &ValueField::entered, this, &LungsPanel::keepTyped);
    connect(keepResidual, &QPushButton::clicked, this, &LungsPanel::keepResidualVolume);
    connect(method_, &QLineEdit::returnPressed, this, &LungsPanel::keepResidualVolume);
    connect(without, &QPushButton::clicked, this, &LungsPanel::goWithout);
    whenFrame("room", [this](const link::Frame& frame) {
        if (own().test().roomTemperature || !temperature_->edit()->text().isEmpty())
            return;
        temperature_->setValue(frame.value("c"), 1);
        pressure_->setValue(frame.value("mmhg"), 1);
        roomFrom_ = overLink("room");
    });
    for (ValueField* field : {temperature_, pressure_})
        connect(field, &ValueField::edited, this, [this] { roomFrom_ = Attribution::typed(); });
    whenRecorded([this] {
        judge();
        Q_EMIT touched();
    });
}

void LungsPanel::entered() {
    for (ValueField* field : {temperature_, pressure_, typed_, residual_})
        field->clear();
    method_->clear();
    roomFrom_ = Attribution::typed();
    curves_.clear();
}

bool LungsPanel::linked() const {
    return session_.hub().isLive(QStringLiteral("spirometer"));
}

void LungsPanel::judge() {
    const BlowRecording& blow = recording<BlowRecording>();
    report::BlowsModel blows;
    for (const auto& effort : own().test().efforts)
        blows.bars.push_back({effort.number, effort.volume.value(), effort.acceptable});
    blows.curves = curves_;
    if (!blow.curve().empty())
        blows.curves.push_back(blow.curve());
    plot_->setPaint([blows, &palette = session_.palette()](QPainter& painter, const QRectF& area) {
        report::paintBlows(painter, area, blows, palette);
    });
    judged_.reset();
    if (!blow.complete())
        return;
    std::optional<Litres> best;
    if (const auto factor = btps())
        for (const auto& effort : own().test().efforts)
            if (effort.acceptable && (!best || effort.volume.value() / *factor > best->value()))
                best = Litres(effort.volume.value() / *factor);
    judged_ = lung::judgeManoeuvre(blow.curve(), best);
}

void LungsPanel::refresh() {
    const auto& test = own().test();
    plot_->setVisible(linked() || !test.efforts.empty());
    judge();
    temperature_->setDimension(Dimension::Temperature, session_.units());
    if (test.roomTemperature && test.pressure) {
        temperature_->setValue(test.roomTemperature->value, 1);
        pressure_->setValue(test.pressure->value, 1);
    }
    QStringList lines;
    for (const auto& effort : test.efforts) // the others stand as bars in the picture
        if (!effort.acceptable)
            lines << (effort.remark.empty() ? tr("Effort %1 is not acceptable.").arg(effort.number)
                                            : tr("Effort %1 is not acceptable: %2")
                                                  .arg(effort.number)
                                                  .arg(QString::fromStdString(effort.remark)));
    if (test.residualVolume)
        lines << tr("Residual volume measured: %1 L (%2).")
                     .arg(number(test.residualVolume->volume.value(), 2),
                          QString::fromStdString(test.residualVolume->method));
    efforts_->setText(lines.join(QLatin1Char('\n')));
}

std::optional<double> LungsPanel::btps() const {
    const auto& test = own().test();
    if (!test.roomTemperature || !test.pressure)
        return std::nullopt;
    return gas::btpsFromAtps(Celsius(test.roomTemperature->value), MillimetresOfMercury(test.pressure->value));
}

QString LungsPanel::primaryText() const {
    if (!linked())
        return tr("Add effort");
    if (recording<BlowRecording>().recording())
        return tr("End the effort");
    if (!judged_)
        return tr("Start an effort");
    if (!canBeKept())
        return tr("Repeat the effort");
    const QString litres = number(judged_->vitalCapacity.value(), 2);
    return judged_->acceptable() ? tr("Accept the effort: %1 L").arg(litres)
                                 : tr("Save as not acceptable: %1 L").arg(litres);
}

void LungsPanel::primary() {
    if (!linked())
        return keepTyped();
    BlowRecording& blow = recording<BlowRecording>();
    if (blow.recording())
        return blow.finish();
    if (judged_)
        return canBeKept() ? keepBlow() : repeat();
    session_.report(blow.start());
}

// A blow that broke off at once is no volume of anybody.
bool LungsPanel::canBeKept() const {
    return HydrostaticProcedure::possibleVitalCapacity(
        Litres(judged_->vitalCapacity.value() * btps().value_or(1.0)));
}

void LungsPanel::repeat() {
    recording<BlowRecording>().clear();
    if (linked())
        session_.report(recording<BlowRecording>().start());
}

// Room conditions are kept once, with the first effort.
Expected<void> LungsPanel::keepRoom() {
    if (btps())
        return {};
    const auto c = temperature_->value(), mmhg = pressure_->value();
    if (!c || !mmhg)
        return failure(
            {FUSAIN_TEXT("Room temperature and air pressure are needed for the correction to body conditions."),
             {}});
    return own().readRoom(Celsius(*c), MillimetresOfMercury(*mmhg), roomFrom_);
}

void LungsPanel::keepBlow() {
    const auto judged = *judged_;
    if (!session_.report(keepRoom()))
        return;
    BlowRecording& blow = recording<BlowRecording>();
    auto curve = blow.curve();
    const auto kept = own().addEffort(Litres(judged.vitalCapacity.value() * *btps()), judged.acceptable(),
                                      std::string(), blow.from());
    if (kept) {
        curves_.push_back(std::move(curve));
        blow.clear();
    }
    session_.report(kept);
}

void LungsPanel::keepTyped() {
    if (!typed_->value()) {
        session_.report(
            failure({FUSAIN_TEXT("\"{1}\" is not a number."), {typed_->edit()->text().toStdString()}}, {},
                    {FUSAIN_TEXT("Type litres with a point or a comma."), {}}));
        return;
    }
    if (!session_.report(keepRoom()))
        return;
    if (session_.report(
            own().addEffort(Litres(*typed_->value() * *btps()), true, std::string(), Attribution::typed())))
        typed_->clear();
}

void LungsPanel::keepResidualVolume() {
    const auto volume = residual_->value();
    if (!volume) {
        session_.report(
            failure({FUSAIN_TEXT("\"{1}\" is not a number."), {residual_->edit()->text().toStdString()}}, {},
                    {FUSAIN_TEXT("Type litres with a point or a comma."), {}}));
        return;
    }
    session_.report(own().measureResidualVolume(Litres(*volume), method_->text().toStdString()));
}

void LungsPanel::goWithout() {
    const QString reason = askReason(this, tr("Continue without a vital capacity"),
                                     tr("Why? The residual volume is then predicted from height and age."));
    if (!reason.isEmpty())
        session_.report(run().confirm(HydrostaticStep::VitalCapacity, reason.toStdString()));
}

QString LungsPanel::verdict() const {
    if (recording<BlowRecording>().recording())
        return tr("Blow out, and keep on blowing.");
    if (judged_)
        return judged_->acceptable()
                   ? tr("Good effort: %1 L at room conditions.").arg(number(judged_->vitalCapacity.value(), 2))
                   : tr("Not acceptable: %1").arg(report::say(judged_->remark));
    return own().test().efforts.empty() ? StepPanel::verdict() : report::say(own().vitalCapacity().message);
}

StandBack LungsPanel::standBack() const {
    const auto& curve = recording<BlowRecording>().curve();
    return {curve.empty() ? QString() : number(curve.back().volume.value(), 2) + QStringLiteral(" L"),
            verdict()};
}

QWidget* LungsPanel::firstField() const {
    return linked() ? nullptr : btps() ? typed_->edit() : temperature_->edit();
}

} // namespace fusain::desktop

#include "moc_lungs_panel.cpp"
