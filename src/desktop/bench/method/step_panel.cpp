#include "desktop/bench/method/step_panel.hpp"

#include "core/units/comparison.hpp"
#include "report/base/words.hpp"

#include <QInputDialog>
#include <cmath>

namespace fusain::desktop {

StepPanel::StepPanel(Session& session, std::span<const StepText> sheet, Step step)
    : session_(session), step_(step), sheet_(sheet), text_(sheet[static_cast<std::size_t>(step.index())]),
      body_(new QVBoxLayout(this)) {
    body_->setContentsMargins(24, 16, 24, 16);
    body_->setSpacing(10);
    body_->addWidget(label(report::say(text_.title), "title"));
    body_->addWidget(label(report::say(text_.instruction), "heading"));
}

QString StepPanel::verdict() const {
    if (auto obstacle = run().obstacleTo(step_))
        return report::say(*obstacle);
    return run().isDone(step_) ? tr("Done.") : report::say(text_.instruction);
}

std::optional<double> StepPanel::live(const char* role, const char* key) const {
    const auto frame = session_.hub().latest(QLatin1String(role));
    return frame && frame->has(key) ? std::optional(frame->value(key)) : std::nullopt;
}

bool StepPanel::isCurrent() const {
    Procedure* run = session_.run();
    return run && run->steps().data() == sheet_.data() && run->current() == step_;
}

void StepPanel::whenRecorded(std::function<void()> then) {
    connect(&session_, &Session::recorded, this, [this, then = std::move(then)] {
        if (isCurrent())
            then();
    });
}

void StepPanel::whenFrame(const char* role, std::function<void(const link::Frame&)> then) {
    connect(&session_.hub(), &link::InstrumentHub::frameArrived, this,
            [this, role = std::string(role), then = std::move(then)](const link::Frame& frame) {
                if (frame.role == role && isCurrent())
                    then(frame);
            });
}

Attribution StepPanel::overLink(const char* role) const {
    return Attribution::overLink(run().record().id, role,
                                 session_.hub().address(QLatin1String(role)).toStdString());
}

QString checkConclusion(double error, double limit, int decimals, const QString& unit) {
    const QString numbers = QStringLiteral("%1 %2").arg(report::signedNumber(error, decimals), unit);
    return std::abs(error) <= limit + equality
               ? QObject::tr("error %1, limit %2: passed").arg(numbers, number(limit, decimals))
               : QObject::tr("error %1, limit %2: failed").arg(numbers, number(limit, decimals));
}

QString missingLinesWords(const Recording& recording) {
    return recording.missingLines() == 0
               ? QString()
               : QObject::tr(" Lines lost by the link: %1.").arg(recording.missingLines());
}

} // namespace fusain::desktop

#include "moc_step_panel.cpp"
