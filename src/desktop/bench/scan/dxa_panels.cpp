#include "desktop/bench/scan/dxa_panels.hpp"

#include "desktop/services/past_records.hpp"
#include "report/base/words.hpp"

#include <algorithm>
#include <cmath>

namespace fusain::desktop {

PhantomPanel::PhantomPanel(Session& session)
    : MethodPanel(session, dxaSteps(), DxaStep::Phantom), live_(label({}, "live")),
      scale_(new CheckScale(session)),
      nominal_(new ValueField(tr("Phantom, fat as certified"), QStringLiteral("%"))),
      reading_(new ValueField(tr("Read by the densitometer"), QStringLiteral("%"))),
      morning_(label({}, "soft")) {
    for (QWidget* widget : std::initializer_list<QWidget*>{live_, scale_, nominal_, reading_, morning_})
        body()->addWidget(widget);
    body()->addStretch();
    connect(reading_, &ValueField::edited, this, [this] {
        if (session_.run())
            showScale();
        Q_EMIT touched();
    });
    connect(reading_, &ValueField::entered, this, &PhantomPanel::primary);
    connect(reading_, &ValueField::edited, this, [this] { from_ = Attribution::typed(); });
    whenFrame("scanner", [this](const link::Frame& frame) {
        if (!frame.has("phantom"))
            return;
        reading_->setValue(frame.value("phantom"), 2);
        from_ = overLink("scanner");
        showScale();
        Q_EMIT touched();
    });
}

void PhantomPanel::entered() {
    nominal_->clear();
    reading_->clear();
    from_ = Attribution::typed();
    scale_->readEarlier("scanner", "soft-tissue-phantom");
    refresh();
}

void PhantomPanel::showScale() {
    report::CheckScaleModel errors;
    errors.limit = own().setting().policy.phantomTolerance.value();
    errors.decimals = 2;
    errors.unit = QStringLiteral("%");
    const PhantomReading* phantom = own().test().phantom();
    const auto check = ofLastDay();
    if (const auto reading = reading_->value(); reading && nominal_->value())
        errors.live = *reading - *nominal_->value();
    else if (phantom)
        errors.errors = {phantom->error().value()};
    else if (check)
        errors.live = check->error();
    scale_->showErrors(std::move(errors));
}

QString PhantomPanel::conclusion() const {
    const PhantomReading* phantom = own().test().phantom();
    return phantom ? checkConclusion(phantom->error().value(), own().setting().policy.phantomTolerance.value(),
                                     2, QStringLiteral("%"))
                   : QString();
}

std::optional<Check> PhantomPanel::ofLastDay() const {
    constexpr qint64 day = 24LL * 3600 * 1000;
    std::optional<Check> latest;
    for (const Check& check : session_.book().checks("scanner"))
        if (check.kind == "soft-tissue-phantom" && session_.now().milliseconds - check.at.milliseconds < day &&
            (!latest || latest->at < check.at))
            latest = check;
    return latest;
}

void PhantomPanel::refresh() {
    const auto& test = own().test();
    const auto check = ofLastDay();
    if (!nominal_->value())
        nominal_->setValue(check ? check->nominal : 24.05, 2);
    const PhantomReading* phantom = test.phantom();
    live_->setText(phantom ? number(phantom->reading.value(), 2) + QStringLiteral(" %") : QString());
    morning_->setText(
        check ? tr("Last phantom check %1 %2: %3 %.")
                    .arg(report::day(check->at), report::clock(check->at), number(check->reading, 2))
              : tr("No reading of the phantom in the quality log of the last 24 hours."));
    showScale();
}

QString PhantomPanel::primaryText() const {
    if (const auto reading = reading_->value())
        return tr("Accept %1 %").arg(number(*reading, 2));
    return ofLastDay() ? tr("Use the last check: %1 %").arg(number(ofLastDay()->reading, 2))
                       : tr("Read the phantom");
}

bool PhantomPanel::primaryEnabled() const {
    return reading_->value() || ofLastDay() || session_.hub().isLive(QStringLiteral("scanner"));
}

void PhantomPanel::primary() {
    if (!primaryEnabled())
        return;
    if (const auto reading = reading_->value()) {
        const auto nominal = nominal_->value();
        if (!nominal) {
            session_.report(failure({FUSAIN_TEXT("The fat of the phantom is missing."), {}}, {},
                                    {FUSAIN_TEXT("Type percent, as on its certificate."), {}}));
            return;
        }
        if (session_.report(own().readPhantom(Percent(*nominal), Percent(*reading), from_)))
            reading_->clear();
    } else if (const auto check = ofLastDay()) {
        session_.report(own().readPhantom(Percent(check->nominal), Percent(check->reading)));
    } else {
        session_.hub().send(QStringLiteral("scanner"),
                            QStringLiteral("cue phantom %1").arg(nominal_->value().value_or(24.05)));
    }
}

QString PhantomPanel::verdict() const {
    const auto& test = own().test();
    const PhantomReading* phantom = test.phantom();
    if (!phantom)
        return StepPanel::verdict();
    const double error = phantom->error().value(), limit = own().setting().policy.phantomTolerance.value();
    return std::abs(error) <= limit + 1e-9
               ? tr("Phantom error %1 %-points, within the limit of ± %2.")
                     .arg(report::signedNumber(error, 2), number(limit, 1))
               : tr("Do not scan. Phantom out of limits: %1 %-points (limit ± %2). Find the cause first.")
                     .arg(report::signedNumber(error, 2), number(limit, 1));
}

StandBack PhantomPanel::standBack() const {
    return {live_->text(), verdict()};
}

DosePanel::DosePanel(Session& session)
    : MethodPanel(session, dxaSteps(), DxaStep::Dose), here_(label({}, "heading")),
      elsewhere_(new ValueField(tr("Scans elsewhere, as the client says"), {})),
      menopause_(new QCheckBox(tr("After the menopause (decides which bone score may be shown)"))),
      sum_(label({}, "title")) {
    for (QWidget* widget : std::initializer_list<QWidget*>{here_, elsewhere_, menopause_, sum_})
        body()->addWidget(widget);
    body()->addStretch();
    connect(elsewhere_, &ValueField::edited, this, [this] {
        refresh();
        Q_EMIT touched();
    });
    connect(elsewhere_, &ValueField::entered, this, &DosePanel::primary);
}

DosePanel::Here DosePanel::here() const {
    constexpr qint64 year = 365LL * 24 * 3600 * 1000;
    const auto& running = own().test();
    Here sum;
    for (const DxaTest& past : pastTests<ScanMethod>(session_.book(), running))
        for (const DxaScan& scan : past.scans) // one that was set aside was a dose all the same
            if (running.startedAt.milliseconds - scan.at.milliseconds < year) {
                ++sum.scans;
                sum.dose += scan.dose;
            }
    return sum;
}

void DosePanel::refresh() {
    const auto& test = own().test();
    const auto& policy = own().setting().policy;
    if (!elsewhere_->edit()->isModified())
        elsewhere_->setValue(test.dose ? test.dose->scansElsewhere : 0, 0);
    const auto [scans, dose] = here();
    here_->setText(
        tr("In this lab book within twelve months: %n scan(s), %1 µSv.", nullptr, static_cast<int>(scans))
            .arg(number(dose.value(), 0)));
    menopause_->setVisible(test.subject.sex == Sex::Female && test.subject.age >= dxa::menopauseAskedAge);
    const Microsieverts sum =
        dose + policy.dosePerScan * std::max(0.0, elsewhere_->value().value_or(0.0)) + policy.dosePerScan;
    sum_->setText(tr("With this scan (%1 µSv): %2 µSv, as much as %3 days of the natural background.")
                      .arg(number(policy.dosePerScan.value(), 0), number(sum.value(), 0),
                           number(dxa::daysOfBackground(sum), 1)));
}

void DosePanel::entered() {
    const DxaTest& test = own().test();
    elsewhere_->setValue(test.dose ? test.dose->scansElsewhere : 0, 0);
    elsewhere_->edit()->setModified(false);
    menopause_->setChecked(test.afterMenopause);
}

bool DosePanel::primaryEnabled() const {
    return elsewhere_->value().has_value();
}

void DosePanel::primary() {
    const auto elsewhere = elsewhere_->value();
    if (!elsewhere)
        return;
    const auto [scans, dose] = here();
    const auto& policy = own().setting().policy;
    const int others = static_cast<int>(std::lround(*elsewhere));
    std::string reason;
    if (dose + policy.dosePerScan * (others + 1.0) > policy.yearlyDoseOf(run().record().subject.age) &&
        may(session_.atTheBench().role, Right::Override))
        reason = askReason(this, tr("More than this lab's limit"),
                           tr("Why is this scan justified? The licensed operator answers for it."))
                     .toStdString();
    if (menopause_->isVisible() && menopause_->isChecked() != own().test().afterMenopause &&
        !session_.report(own().stateMenopause(menopause_->isChecked())))
        return;
    session_.report(own().stateDose(scans, dose, others, reason));
}

QString DosePanel::verdict() const {
    if (!run().isDone(step()))
        return StepPanel::verdict();
    const Microsieverts sum = own().test().dose->withThisScan(),
                        limit = own().setting().policy.yearlyDoseOf(run().record().subject.age);
    return sum > limit ? tr("Recorded: %1 µSv in 12 months, above the lab limit of %2 µSv. The reason is on "
                            "the record.")
                             .arg(number(sum.value(), 0), number(limit.value(), 0))
                       : tr("Recorded: %1 µSv in 12 months, within the lab limit of %2 µSv.")
                             .arg(number(sum.value(), 0), number(limit.value(), 0));
}

} // namespace fusain::desktop

#include "moc_dxa_panels.cpp"
