#include "desktop/places/quality/guided_check.hpp"

#include "desktop/services/instrument_checks.hpp"
#include "report/base/words.hpp"

#include <QWidget>
#include <cmath>

namespace fusain::desktop {
namespace {

const QString spirometer = QStringLiteral("spirometer");

} // namespace

GuidedCheck::GuidedCheck(Session& session, QWidget* host)
    : QObject(host), session_(session), host_(host), recorder_(new PressureRecording(session.hub(), {}, this)) {
    connect(recorder_, &PressureRecording::finished, this, &GuidedCheck::chamberRecorded);
    connect(&session.hub(), &link::InstrumentHub::frameArrived, this, &GuidedCheck::takeFrame);
}

void GuidedCheck::begin(const Instrument* instrument, const CheckDefinition* check) {
    instrument_ = instrument;
    check_ = check;
    nominal_ = check ? check->rule.nominal : 0.0;
    readings_.clear();
    words_.clear();
    recorder_->clear();
    empty_.clear();
    calibration_.reset();
    stroking_ = module_ = false;
    strokes_.clear();
}

std::string GuidedCheck::note() const {
    QStringList flows;
    for (const lung::SyringeStroke& stroke : strokes_)
        flows << report::number(stroke.flow.value(), 1);
    return flows.isEmpty() ? std::string() : "flows " + flows.join(QStringLiteral(", ")).toStdString() + " L/s";
}

QString GuidedCheck::progress() const {
    if (!check_)
        return {};
    QStringList taken;
    for (const double reading : readings_)
        taken << report::number(reading, check_->decimals);
    QString count = tr("Reading %1 of %2.").arg(readings_.size() + 1).arg(check_->rule.readings);
    if (!taken.isEmpty())
        count += QLatin1Char(' ') + tr("Taken: %1.").arg(taken.join(QStringLiteral("; ")));
    return words_.isEmpty() ? count : count + QStringLiteral("  ") + words_;
}

void GuidedCheck::say(const QString& words) {
    words_ = words;
    Q_EMIT progressed();
}

void GuidedCheck::take(double reading) {
    if (!check_)
        return;
    readings_.push_back(reading);
    say({});
    if (static_cast<int>(readings_.size()) >= check_->rule.readings)
        Q_EMIT complete();
}

void GuidedCheck::takeLive() {
    if (!check_)
        return;
    if (instrument_->id == "chamber" && recorder_->linked())
        return recordChamber();
    if (instrument_->id == spirometer.toStdString() && session_.hub().isLive(spirometer))
        return takeStroke();
    if (instrument_->id == "analyzer" && session_.hub().isLive(QStringLiteral("analyzer"))) {
        module_ = true;
        session_.hub().send(QStringLiteral("analyzer"), check_->id == "rc-module"
                                                            ? QStringLiteral("cue module rc")
                                                            : QStringLiteral("cue module 500"));
        return say(tr("Reading the module…"));
    }
    const auto frame = session_.hub().latest(QString::fromStdString(instrument_->id));
    for (const char* key : {"kg", "c"})
        if (frame && frame->has(key))
            return take(frame->value(key));
    session_.report(failure({FUSAIN_TEXT("There is no live reading from this instrument."), {}}, {},
                            {FUSAIN_TEXT("Type the reading, or connect the instrument."), {}}));
}

// The empty chamber and the cylinder calibrate; then the cylinder is taken out and put in again for each
// reading.
void GuidedCheck::recordChamber() {
    if (recorder_->recording())
        return;
    if (!session_.report(recorder_->start(
            empty_.empty() ? QStringLiteral("cue empty") : QStringLiteral("cue cylinder"), calibrationSeconds)))
        return;
    say(empty_.empty() ? tr("Recording the empty chamber…") : tr("Recording the cylinder…"));
}

void GuidedCheck::chamberRecorded() {
    if (!host_->isVisible() || !check_)
        return;
    if (empty_.empty()) {
        empty_ = recorder_->samples();
        return say(tr("Empty chamber recorded. Put the cylinder in, close the door, then continue."));
    }
    if (!calibration_) {
        auto calibration = airdisplacement::calibrate(empty_, recorder_->samples(), Litres(nominal_),
                                                      session_.checks().cylinderError());
        if (!calibration) {
            empty_.clear();
            say({});
            session_.report(tl::unexpected(calibration.error()));
            return;
        }
        calibration_ = *calibration;
        return say(tr("Calibrated. Take the cylinder out and put it in again for each of the five readings."));
    }
    const auto response = airdisplacement::responseOf(recorder_->samples());
    if (!response) {
        session_.report(tl::unexpected(response.error()));
        return;
    }
    take(calibration_->volumeAt(response->ratio).value());
}

void GuidedCheck::takeStroke() {
    stroke_.clear();
    stroking_ = true;
    session_.hub().send(spirometer, QStringLiteral("cue syringe"));
    say(strokes_.empty() ? tr("Empty the syringe in one even stroke.")
                         : tr("Empty the syringe in one even stroke, clearly faster or slower than before."));
}

void GuidedCheck::takeFrame(const link::Frame& frame) {
    if (module_ && frame.role == "analyzer" && frame.has("module") && host_->isVisible()) {
        module_ = false;
        return take(std::hypot(frame.value("r"), frame.value("xc")));
    }
    if (!stroking_ || frame.role != spirometer.toStdString() || !host_->isVisible())
        return;
    if (frame.has("l"))
        stroke_.push_back({Seconds(frame.value("t")), Litres(frame.value("l"))});
    if (!frame.has("end"))
        return;
    stroking_ = false;
    const auto stroke = lung::strokeOf(stroke_);
    if (!stroke)
        return say(tr("No stroke was seen. Do it again."));
    if (!lung::addsAFlow(*stroke, strokes_))
        return say(
            tr("This stroke ran at %1 L/s, which adds no new flow. Do it again, clearly faster or slower "
               "(0.5 to 12 L/s).")
                .arg(report::number(stroke->flow.value(), 1)));
    strokes_.push_back(*stroke);
    take(stroke->volume.value());
}

} // namespace fusain::desktop

#include "moc_guided_check.cpp"
