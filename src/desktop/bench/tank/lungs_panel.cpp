#include "desktop/bench/tank/lungs_panel.hpp"

#include "core/gas/corrections.hpp"
#include "report/base/words.hpp"

#include <QHBoxLayout>
#include <algorithm>

namespace fusain::desktop {
namespace {

void paintBlow(QPainter& painter, const QRectF& area, const std::vector<lung::VolumeSample>& curve,
               const report::Palette& palette) {
    painter.setRenderHint(QPainter::Antialiasing);
    const QRectF plot = area.adjusted(40, 8, -8, -20);
    double largest = 6.0, longest = 8.0;
    for (const auto& sample : curve) {
        largest = std::max(largest, sample.volume.value() + 0.5);
        longest = std::max(longest, sample.time.value());
    }
    painter.setFont(report::numberFont(11));
    for (double volume = 0.0; volume <= largest; volume += 2.0) {
        const double y = plot.bottom() - volume / largest * plot.height();
        painter.setPen(QPen(palette.rule, 1));
        painter.drawLine(QPointF(plot.left(), y), QPointF(plot.right(), y));
        painter.setPen(palette.softInk);
        painter.drawText(QRectF(area.left(), y - 8, 34, 16), Qt::AlignRight | Qt::AlignVCenter,
                         number(volume, 0) + (volume == 0.0 ? QStringLiteral(" L") : QString()));
    }
    QPolygonF line;
    for (const auto& sample : curve)
        line << QPointF(plot.left() + sample.time.value() / longest * plot.width(),
                        plot.bottom() - sample.volume.value() / largest * plot.height());
    painter.setPen(QPen(palette.berry, 1.8));
    painter.drawPolyline(line);
}

} // namespace

LungsPanel::LungsPanel(Session& session)
    : MethodPanel(session, hydrostaticSteps(), HydrostaticStep::VitalCapacity),
      plot_(new FigureView(tr("Exhaled volume over time"), 150)),
      temperature_(new ValueField(tr("Room temperature at the spirometer"), {})),
      pressure_(new ValueField(tr("Air pressure"), tr("mmHg"))),
      typed_(new ValueField(tr("Vital capacity, as the spirometer shows"), tr("L, room conditions"))),
      residual_(new ValueField(tr("Or: residual volume measured elsewhere"), tr("L BTPS"))),
      method_(new QLineEdit), efforts_(label({}, "heading")) {
    temperature_->setDimension(Dimension::Temperature, session.units());
    method_->setPlaceholderText(tr("by which method"));
    method_->setAccessibleName(tr("Method of the residual volume"));
    method_->setMaximumWidth(240);
    auto* keepTypedEffort = button(tr("Add this effort"));
    auto* keepResidual = button(tr("Keep residual volume"));
    auto* without = button(tr("Go on without"));
    auto* buttons = new QHBoxLayout;
    for (QPushButton* each : {keepTypedEffort, keepResidual, without})
        buttons->addWidget(each);
    buttons->addStretch();
    for (QWidget* widget :
         std::initializer_list<QWidget*>{plot_, efforts_, temperature_, pressure_, typed_, residual_, method_})
        body()->addWidget(widget);
    body()->addLayout(buttons);
    body()->addStretch();
    connect(keepTypedEffort, &QPushButton::clicked, this, &LungsPanel::keepTyped);
    connect(typed_, &ValueField::entered, this, &LungsPanel::keepTyped);
    connect(keepResidual, &QPushButton::clicked, this, &LungsPanel::keepResidualVolume);
    connect(method_, &QLineEdit::returnPressed, this, &LungsPanel::keepResidualVolume);
    connect(without, &QPushButton::clicked, this, &LungsPanel::goWithout);
    connect(&session.hub(), &link::InstrumentHub::frameArrived, this, &LungsPanel::takeFrame);
}

bool LungsPanel::linked() const {
    return session_.hub().isLive(QStringLiteral("spirometer"));
}

void LungsPanel::takeFrame(const link::Frame& frame) {
    if (!session_.run() || !isVisible())
        return;
    if (frame.role == "room" && !own().test().roomTemperature && temperature_->edit()->text().isEmpty()) {
        temperature_->setValue(frame.value("c"), 1);
        pressure_->setValue(frame.value("mmhg"), 1);
    }
    if (frame.role != "spirometer" || state_ != State::Blowing)
        return;
    if (frame.has("end"))
        return finishEffort();
    if (!frame.has("l"))
        return;
    curve_.push_back({Seconds(frame.value("t")), Litres(frame.value("l"))});
    plot_->setPaint([curve = curve_, &palette = session_.palette()](QPainter& painter, const QRectF& area) {
        paintBlow(painter, area, curve, palette);
    });
}

void LungsPanel::finishEffort() {
    std::optional<Litres> best;
    if (const auto factor = btps())
        for (const auto& effort : own().test().efforts)
            if (effort.acceptable && (!best || effort.volume.value() / *factor > best->value()))
                best = Litres(effort.volume.value() / *factor);
    judged_ = lung::judgeManoeuvre(curve_, best);
    state_ = State::Judged;
    Q_EMIT touched();
}

void LungsPanel::refresh() {
    const auto& test = own().test();
    plot_->setVisible(linked());
    temperature_->setDimension(Dimension::Temperature, session_.units());
    if (test.roomTemperature && test.pressure) {
        temperature_->setValue(test.roomTemperature->value, 1);
        pressure_->setValue(test.pressure->value, 1);
    }
    QStringList lines;
    for (const auto& effort : test.efforts)
        lines << tr("%1. %2 L%3")
                     .arg(effort.number)
                     .arg(number(effort.volume.value(), 2),
                          effort.acceptable
                              ? QString()
                              : tr(" – not acceptable: %1").arg(QString::fromStdString(effort.remark)));
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
        return tr("Add this effort");
    return state_ == State::Idle      ? tr("Start an effort")
           : state_ == State::Blowing ? tr("End the effort")
                                      : tr("Keep the effort");
}

void LungsPanel::primary() {
    if (!linked())
        return keepTyped();
    if (state_ == State::Blowing)
        return finishEffort();
    if (state_ == State::Judged)
        return keepEffort();
    curve_.clear();
    judged_.reset();
    state_ = State::Blowing;
    session_.hub().send(QStringLiteral("spirometer"), QStringLiteral("cue blow"));
    Q_EMIT touched();
}

void LungsPanel::repeat() {
    state_ = State::Idle;
    primary();
}

// Room conditions are kept once, with the first effort.
void LungsPanel::keepEffort() {
    const auto keepRoom = [&]() -> Expected<void> {
        if (btps())
            return {};
        const auto c = temperature_->value(), mmhg = pressure_->value();
        if (!c || !mmhg)
            return failure(
                {FUSAIN_TEXT(
                     "Room temperature and air pressure are needed for the correction to body conditions."),
                 {}});
        return own().readRoom(Celsius(*c), MillimetresOfMercury(*mmhg),
                              linked() ? Origin::Link : Origin::Typed);
    };
    if (!session_.report(keepRoom()))
        return;
    const bool fromLink = judged_.has_value();
    const double ambient = fromLink ? judged_->vitalCapacity.value() : typed_->value().value_or(0.0);
    const auto kept = own().addEffort(Litres(ambient * *btps()), !fromLink || judged_->acceptable(),
                                      fromLink ? judged_->remark.english() : std::string(),
                                      fromLink ? Origin::Link : Origin::Typed);
    state_ = State::Idle;
    judged_.reset();
    typed_->clear();
    session_.report(kept);
}

void LungsPanel::keepTyped() {
    if (!typed_->value()) {
        session_.report(
            failure({FUSAIN_TEXT("\"{1}\" is not a number."), {typed_->edit()->text().toStdString()}}, {},
                    {FUSAIN_TEXT("Type litres with a point or a comma."), {}}));
        return;
    }
    judged_.reset();
    keepEffort();
}

void LungsPanel::keepResidualVolume() {
    const auto volume = residual_->value();
    session_.report(own().measureResidualVolume(Litres(volume.value_or(0.0)), method_->text().toStdString()));
}

void LungsPanel::goWithout() {
    const QString reason = askReason(this, tr("Go on without a vital capacity"),
                                     tr("Why? The residual volume is then predicted from height and age."));
    if (!reason.isEmpty())
        session_.report(run().confirm(HydrostaticStep::VitalCapacity, reason.toStdString()));
}

QString LungsPanel::verdict() const {
    if (state_ == State::Blowing)
        return tr("Blow out, and keep on blowing.");
    if (state_ == State::Judged && judged_)
        return judged_->acceptable()
                   ? tr("Good effort: %1 L at room conditions.").arg(number(judged_->vitalCapacity.value(), 2))
                   : tr("Not acceptable: %1").arg(report::say(judged_->remark));
    return own().test().efforts.empty() ? StepPanel::verdict() : report::say(own().vitalCapacity().message);
}

StandBack LungsPanel::standBack() const {
    return {curve_.empty() ? QString() : number(curve_.back().volume.value(), 2) + QStringLiteral(" L"),
            verdict()};
}

QWidget* LungsPanel::firstField() const {
    return linked() ? nullptr : btps() ? typed_->edit() : temperature_->edit();
}

} // namespace fusain::desktop

#include "moc_lungs_panel.cpp"
