#include "desktop/places/quality/check_page.hpp"

#include "desktop/places/quality/check_words.hpp"
#include "desktop/services/computing.hpp"
#include "desktop/widgets/appearance.hpp"
#include "report/base/words.hpp"

#include <QVBoxLayout>
#include <algorithm>
#include <ranges>

namespace fusain::desktop {

CheckPage::CheckPage(Session& session)
    : session_(session), rule_(label({}, "soft")), live_(label({}, "live")), state_(label({}, "heading")),
      affected_(label({}, "warning")), nominal_(new ValueField(tr("Reference"), {})),
      reading_(new ValueField(tr("Reading"), {})), take_(button(tr("Accept reading"))),
      takeLive_(button(tr("Read the instrument"), true)), scale_(new CheckScale(session)),
      checks_(new RecordsView(
          {tr("when"), tr("check"), tr("reference"), tr("reading"), tr("error"), tr("verdict"), tr("by")},
          tr("Checks"))),
      guided_(new GuidedCheck(session, this)) {
    for (ValueField* field : {nominal_, reading_})
        field->makeCompact();
    auto* layout = new QVBoxLayout(this);
    auto* top = new QHBoxLayout;
    live_->setMinimumWidth(scaled(230));
    top->addWidget(live_);
    top->setSpacing(scaled(24));
    top->addWidget(state_, 1);
    layout->addWidget(rule_);
    layout->addLayout(top);
    layout->addWidget(scale_);
    layout->addLayout(inOneRow({takeLive_, nominal_, reading_, take_}));
    layout->addWidget(affected_);
    layout->addWidget(checks_, 1);
    connect(guided_, &GuidedCheck::progressed, this, [this] {
        showState();
        showScale();
    });
    connect(guided_, &GuidedCheck::complete, this, &CheckPage::keepCheck);
    connect(take_, &QPushButton::clicked, this, &CheckPage::takeReading);
    connect(reading_, &ValueField::entered, this, &CheckPage::takeReading);
    connect(takeLive_, &QPushButton::clicked, this, &CheckPage::takeLive);
    connect(&session.hub(), &link::InstrumentHub::frameArrived, this, [this](const link::Frame& frame) {
        if (!isVisible() || !instrument_ || frame.role != instrument_->id)
            return;
        if (takeLive_->isHidden() || live_->isHidden()) // the link has come while the page was open
            showState();
        showScale();
    });
}

void CheckPage::showCheck(const Instrument& instrument, const CheckStanding& standing,
                          const std::vector<Check>& checks) {
    const bool other = instrument_ != &instrument || standing_.check != standing.check;
    instrument_ = &instrument;
    standing_ = standing;
    history_ = checks;
    if (other) { // a number that was typed for another instrument is none of this one
        guided_->begin(instrument_, standing_.check);
        reading_->clear();
    }
    if (other || !nominal_->edit()->isModified() || guided_->readings().empty())
        nominal_->setValue(standing_.check->rule.nominal, standing_.check->decimals);
    rule_->setText(ruleWords(*standing_.check));
    showState();
    showScale();
    showAffected(standing_.status);
    if (isVisible())
        fillChecks();
}

// Years of checks are listed when they are seen.
void CheckPage::showEvent(QShowEvent* event) {
    QWidget::showEvent(event);
    if (instrument_)
        fillChecks();
}

void CheckPage::openCheck(const QString& id) {
    checks_->choose(id);
    checks_->setFocus();
}

void CheckPage::enter() {
    if (takeLive_->isVisible())
        takeLive_->setFocus();
    else
        reading_->edit()->setFocus();
}

const Check* CheckPage::lastOfThis() const {
    const auto newest = std::ranges::reverse_view(history_);
    const auto last = std::ranges::find(newest, standing_.check->id, &Check::kind);
    return last == newest.end() ? nullptr : &*last;
}

bool CheckPage::justMade() const {
    constexpr double moments = 10.0; // minutes
    const Check* last = lastOfThis();
    return last && !guided_->underWay() && minutesBetween(last->at, session_.now()) < moments;
}

std::optional<double> CheckPage::live() const {
    const auto role = QString::fromStdString(instrument_->id);
    const auto frame = session_.hub().isLive(role) ? session_.hub().latest(role) : std::nullopt;
    for (const char* key : {"kg", "c"})
        if (frame && frame->has(key))
            return frame->value(key);
    return std::nullopt;
}

// While readings are taken: how far; after the last one its verdict stays, with what follows from it.
void CheckPage::showState() {
    const bool linked = session_.hub().isLive(QString::fromStdString(instrument_->id));
    takeLive_->setVisible(linked);
    live_->setVisible(live().has_value());
    if (!justMade())
        return announce(state_, guided_->progress());
    const QString follows =
        standing_.standing == Standing::Valid
            ? tr("Next check: %1.").arg(dayAndClock(*standing_.status.validUntil, session_.now()))
        : standing_.standing == Standing::OutOfControl ? tr("The chart is out of control: find the cause.")
                                                       : tr("Repeat the check.");
    announce(state_, verdictOn(*lastOfThis(), *standing_.check) + QLatin1Char(' ') + follows);
}

void CheckPage::showScale() {
    const CheckDefinition& check = *standing_.check;
    report::CheckScaleModel model;
    model.limit = limitOf(check);
    model.decimals = check.decimals;
    model.unit = report::plain(check.unit);
    const double nominal = guided_->nominal();
    constexpr std::size_t most = 5;
    const Check* last = lastOfThis();
    const bool shown = justMade();
    for (const double reading : shown ? last->readings : guided_->readings())
        model.errors.push_back(reading - (shown ? last->nominal : nominal));
    for (const Check& each : std::ranges::reverse_view(history_))
        if (each.kind == check.id && !(shown && &each == last) && model.earlier.size() < most)
            model.earlier.insert(model.earlier.begin(), each.error());
    if (const auto now = live()) {
        live_->setText(number(*now, check.decimals) + QLatin1Char(' ') + model.unit);
        model.live = *now - nominal;
    }
    scale_->showErrors(std::move(model));
}

// The newest first.
void CheckPage::fillChecks() {
    const auto nameOf = session_.computing().staffNames();
    std::vector<TableModel::Row> rows;
    rows.reserve(history_.size());
    for (const Check& check : std::ranges::reverse_view(history_)) {
        const CheckDefinition* kind = instrument_->check(check.kind);
        const int decimals = kind ? kind->decimals : 3;
        const bool service = check.kind == "service";
        const auto value = [&](double number, const QString& text) {
            return service ? TableModel::Cell{} : TableModel::Cell{text, number};
        };
        rows.push_back({report::plain(check.id),
                        {{report::day(check.at) + QStringLiteral("  ") + report::clock(check.at),
                          static_cast<qlonglong>(check.at.milliseconds), report::plain(check.note)},
                         {service ? tr("service")
                          : kind  ? report::say(kind->title)
                                  : report::plain(check.kind)},
                         value(check.nominal, report::number(check.nominal, decimals)),
                         value(check.reading, report::number(check.reading, decimals)),
                         value(check.error(), report::signedNumber(check.error(), decimals)),
                         {service        ? report::plain(check.note)
                          : check.passed ? tr("✓ passed")
                                         : tr("▲ failed")},
                         {report::plain(nameOf(check.by))}}});
    }
    checks_->setRows(std::move(rows));
}

// Tests since the last good check rest on an instrument that nobody can vouch for.
void CheckPage::showAffected(const CheckStatus& status) {
    int affected = 0;
    if (!status.good() && status.last && status.lastGood)
        for (const std::string& method : instrument_->methods)
            affected += static_cast<int>(session_.book().testsSince(*status.lastGood, method).size());
    affected_->setText(affected == 0
                           ? QString()
                           : tr("%n test(s) since the last passed check (%1). Review.", nullptr, affected)
                                 .arg(report::day(*status.lastGood)));
    affected_->setVisible(affected > 0);
}

void CheckPage::takeReading() {
    const auto nominal = nominal_->value(), reading = reading_->value();
    if (!instrument_ || !nominal || !reading || !(*nominal > 0.0)) {
        session_.report(failure({FUSAIN_TEXT("A check needs the reference value and a reading."), {}}, {},
                                {FUSAIN_TEXT("Type numbers with a point or a comma."), {}}));
        return;
    }
    guided_->setNominal(*nominal);
    reading_->clear();
    guided_->take(*reading);
}

void CheckPage::takeLive() {
    guided_->setNominal(nominal_->value().value_or(guided_->nominal()));
    guided_->takeLive();
}

// All readings are in: the check is judged and kept. One that cannot be kept is still here.
void CheckPage::keepCheck() {
    if (session_.report(session_.keepCheck(instrument_->id, standing_.check->id, guided_->nominal(),
                                           guided_->readings(), guided_->note())))
        guided_->begin(instrument_, standing_.check);
    showState();
    showScale();
}

} // namespace fusain::desktop

#include "moc_check_page.cpp"
