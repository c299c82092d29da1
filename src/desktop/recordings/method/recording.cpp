#include "desktop/recordings/method/recording.hpp"

namespace fusain::desktop {

Recording::Recording(link::InstrumentHub& hub, QString role, RecordedFor whose, QObject* parent)
    : QObject(parent), hub_(hub), role_(std::move(role)), whose_(std::move(whose)) {
    connect(&hub_, &link::InstrumentHub::frameArrived, this, [this](const link::Frame& frame) {
        if (!recording_ || frame.role != role_.toStdString())
            return;
        count(frame);
        take(frame);
    });
}

Recording::~Recording() {
    hub_.release(role_, this);
}

Attribution Recording::from() const {
    Attribution from = file_.empty() ? Attribution::overLink(whose_.test, role_.toStdString(),
                                                             hub_.address(role_).toStdString())
                                     : Attribution::fromFile(whose_.test, role_.toStdString(), file_);
    from.missingLines = static_cast<int>(missingLines_);
    from.afterEvent = afterEvent_;
    return from;
}

Expected<void> Recording::begin(const QString& cue) {
    if (!hub_.claim(role_, this))
        return failure({FUSAIN_TEXT("Another open test is recording from this instrument."), {}}, {},
                       {FUSAIN_TEXT("Finish or stop that recording first."), {}});
    file_.clear();
    last_.reset();
    missingLines_ = 0;
    remember();
    recording_ = true;
    hub_.send(role_, cue);
    return {};
}

void Recording::beginFromFile(std::string name) {
    hub_.release(role_, this);
    recording_ = false;
    file_ = std::move(name);
    missingLines_ = 0;
    remember();
}

void Recording::remember() {
    afterEvent_ = whose_.lastEvent ? std::optional(whose_.lastEvent()) : std::nullopt;
}

void Recording::end() {
    recording_ = false;
    hub_.release(role_, this);
}

void Recording::count(const link::Frame& frame) {
    if (last_ && frame.sequence > *last_ + 1)
        missingLines_ += static_cast<unsigned>(frame.sequence - *last_ - 1);
    last_ = frame.sequence;
}

} // namespace fusain::desktop

#include "moc_recording.cpp"
