#include "desktop/bench/method/reading_panels.hpp"

#include "desktop/widgets/appearance.hpp"
#include "procedure/all/cross_check.hpp"
#include "record/all/record.hpp"
#include "report/base/words.hpp"

#include <cmath>

namespace fusain::desktop {
ConfirmPanel::ConfirmPanel(Session& session, std::span<const StepText> sheet, Step step,
                           const QStringList& items, QString primary, std::function<QString()> words)
    : StepPanel(session, sheet, step), primary_(std::move(primary)), words_(std::move(words)),
      said_(label({}, "heading")) {
    body()->addWidget(said_);
    said_->setVisible(static_cast<bool>(words_));
    for (const QString& item : items) {
        auto* line = label(QStringLiteral("–  ") + item, "heading");
        body()->addWidget(line);
    }
    body()->addStretch();
}

void ConfirmPanel::refresh() {
    if (words_)
        said_->setText(words_());
}

void ConfirmPanel::primary() {
    session_.report(run().confirm(step()));
}

ReadingPanel::ReadingPanel(Session& session, std::span<const StepText> sheet, Step step, Source source)
    : StepPanel(session, sheet, step), source_(std::move(source)), live_(label({}, "live")),
      face_(new FigureView(tr("Scale"), 110)), field_(new ValueField(source_.name, {})),
      accepted_(label({}, "heading")) {
    field_->setDimension(source_.dimension, session.units());
    body()->addWidget(live_);
    body()->addWidget(face_);
    body()->addWidget(field_);
    body()->addWidget(accepted_);
    face_->setMaximumHeight(scaled(110));
    body()->addStretch();
    connect(field_, &ValueField::edited, this, &StepPanel::touched);
    connect(field_, &ValueField::entered, this, &ReadingPanel::primary);
    whenFrame(source_.role, [this](const link::Frame&) { showLive(); });
}

QString ReadingPanel::shown(double kept) const {
    const auto unit = unitOf(source_.dimension, session_.units());
    return number(shownFromKept(source_.dimension, kept, session_.units()), source_.decimals) +
           QLatin1Char(' ') + QString::fromUtf8(unit.data(), static_cast<qsizetype>(unit.size()));
}

void ReadingPanel::showLive() {
    if (const auto value = live(source_.role, source_.key)) {
        live_->setText(shown(*value));
        constexpr std::size_t moments = 10;
        recent_.push_back(*value);
        if (recent_.size() > moments)
            recent_.erase(recent_.begin());
        showFace();
        Q_EMIT touched();
    }
}

void ReadingPanel::refresh() {
    field_->setDimension(source_.dimension, session_.units());
    const bool linked = session_.hub().isLive(QLatin1String(source_.role));
    live_->setVisible(linked);
    face_->setVisible(linked && source_.dimension == Dimension::Mass); // a typed mass has no scale to look at
    const auto reading = source_.accepted(run());
    accepted_->setText(
        reading ? tr("Accepted: %1 (%2, %3).")
                      .arg(shown(reading->value),
                           reading->origin == Origin::Typed ? tr("typed") : tr("from the instrument"),
                           report::clock(reading->at))
                : QString());
}

// The instrument says when it stands still; until it does, the ring shows how far it is.
void ReadingPanel::showFace() {
    if (source_.dimension != Dimension::Mass)
        return;
    constexpr double tolerance = 0.05, almost = 0.95; // kg
    report::ScaleFaceModel model;
    model.visits = visits_;
    const auto unit = unitOf(source_.dimension, session_.units());
    model.unit = report::plain(unit);
    for (auto& visit : model.visits)
        visit.value = shownFromKept(source_.dimension, visit.value, session_.units());
    if (!recent_.empty()) {
        model.reading = shownFromKept(source_.dimension, recent_.back(), session_.units());
        const bool steady = !typed() && candidate().has_value();
        model.steadiness = steady ? 1.0 : std::min(almost, report::steadinessOf(recent_, tolerance));
    }
    face_->setPaint([model, &palette = session_.palette()](QPainter& painter, const QRectF& area) {
        report::paintScaleFace(painter, area, model, palette);
    });
}

void ReadingPanel::entered() {
    field_->clear();
    recent_.clear();
    visits_.clear();
    constexpr std::size_t most = 5;
    if (source_.dimension == Dimension::Mass)
        for (const AnyTest& test : session_.book().testsOf(run().record().subject.clientId))
            if (const auto mass = massOf(test);
                mass && common(test).state == TestState::Signed && common(test).id != run().record().id)
                visits_.push_back({mass->value(), report::day(common(test).startedAt)});
    if (visits_.size() > most)
        visits_.erase(visits_.begin(), visits_.end() - static_cast<std::ptrdiff_t>(most));
    showFace();
    if (!source_.cue.isEmpty())
        session_.hub().send(QLatin1String(source_.role), source_.cue);
}

bool ReadingPanel::typed() const {
    return !field_->edit()->text().isEmpty();
}

// Only a reading that stands still is one.
std::optional<double> ReadingPanel::candidate() const {
    if (typed())
        return field_->value();
    const auto frame = session_.hub().latest(QLatin1String(source_.role));
    return frame && frame->has(source_.key) && frame->value("stable", 1.0) != 0.0
               ? std::optional(frame->value(source_.key))
               : std::nullopt;
}

QString ReadingPanel::primaryText() const {
    if (const auto taken = candidate())
        return typed() ? tr("Accept typed %1").arg(shown(*taken)) : tr("Accept %1").arg(shown(*taken));
    return typed() || !session_.hub().isLive(QLatin1String(source_.role)) ? tr("Accept the reading")
                                                                          : tr("Not steady yet");
}

bool ReadingPanel::primaryEnabled() const {
    return candidate() || typed() || !session_.hub().isLive(QLatin1String(source_.role));
}

void ReadingPanel::primary() {
    const auto taken = candidate();
    if (!taken) {
        session_.report(
            failure({FUSAIN_TEXT("\"{1}\" is not a number."), {field_->edit()->text().toStdString()}}, {},
                    {FUSAIN_TEXT("Type digits with a point or a comma."), {}}));
        return;
    }
    const Attribution from = typed() ? Attribution::typed() : overLink(source_.role);
    std::string keptBecause;
    if (source_.dimension == Dimension::Mass)
        if (const auto doubt = session_.massDoubt(Kilograms(*taken))) {
            const QString reason =
                askReason(this, tr("Is it this client?"), report::say(*doubt) + tr("\nWhy is it correct?"));
            if (reason.isEmpty())
                return;
            keptBecause = reason.toStdString();
        }
    if (session_.report(source_.accept(run(), *taken, from, keptBecause)))
        field_->clear();
}

QString ReadingPanel::verdict() const {
    if (!typed() && !candidate() && live(source_.role, source_.key))
        return tr("The reading is not steady yet. Wait, and let nobody touch the scale.");
    if (const auto taken = candidate())
        if (const QString judged = source_.judge(*taken); !judged.isEmpty())
            return judged;
    if (const auto reading = source_.accepted(run()))
        if (const QString judged = source_.judge(reading->value); !judged.isEmpty())
            return judged;
    return StepPanel::verdict();
}

StandBack ReadingPanel::standBack() const {
    const auto value = typed() ? candidate() : live(source_.role, source_.key);
    return {value ? shown(*value) : QString(), verdict()};
}

QWidget* ReadingPanel::firstField() const {
    return session_.hub().isLive(QLatin1String(source_.role)) ? nullptr : field_->edit();
}

} // namespace fusain::desktop

#include "moc_reading_panels.cpp"
