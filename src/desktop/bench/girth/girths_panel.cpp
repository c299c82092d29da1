#include "desktop/bench/girth/girths_panel.hpp"

#include "desktop/widgets/appearance.hpp"
#include "report/base/words.hpp"

#include <QHBoxLayout>
#include <algorithm>

namespace fusain::desktop {
namespace {

using girth::RepeatVerdict;
using girth::Site;

constexpr double openBelow = 8.0; // cm: no body is so thin

QString nameOf(Site site) {
    return report::say(std::string_view(girth::textOf(site).name));
}

QString wordsFor(const girth::RepeatJudgement& judged, int readings, const girth::RepeatRule& rule) {
    switch (judged.verdict) {
    case RepeatVerdict::Enough:
        return QObject::tr("✓ three agree");
    case RepeatVerdict::Scattered:
        return QObject::tr("▲ median, flagged");
    case RepeatVerdict::NeedMore:
        break;
    }
    return readings < rule.least
               ? QObject::tr("%1 of %2").arg(readings).arg(rule.least)
               : QObject::tr("differ by %1 cm: one more").arg(number(judged.spread.value(), 1));
}

} // namespace

GirthsPanel::GirthsPanel(Session& session)
    : MethodPanel(session, girthSteps(), GirthStep::Girths), live_(label({}, "live")),
      landmark_(label({}, "heading")), hold_(label({})),
      sites_(table({tr("site"), tr("readings, cm"), tr("value, cm"), tr("state")}, tr("Sites"))),
      board_(new TrialBoard(tr("Readings of this site"), tr("cm"))),
      typed_(new ValueField(tr("Reading, typed"),
                            QString::fromStdString(std::string(unitOf(Dimension::Height, session.units()))))) {
    for (const auto& [column, width] : {std::pair(0, 164), std::pair(1, 164), std::pair(2, 76)})
        sites_->setColumnWidth(column, scaled(width));
    auto* words = new QVBoxLayout;
    words->addWidget(landmark_);
    words->addWidget(hold_);
    auto* head = new QHBoxLayout;
    head->addWidget(live_);
    head->addLayout(words, 1);
    auto* enough = button(tr("Use these readings…"));
    auto* foot = new QHBoxLayout;
    foot->addWidget(typed_);
    foot->addStretch();
    foot->addWidget(enough);
    body()->addLayout(head);
    body()->addWidget(sites_, 3);
    body()->addWidget(board_, 2);
    body()->addLayout(foot);
    live_->setMinimumWidth(scaled(230));
    connect(sites_, &QTableWidget::cellClicked, this, [this] { choose(); });
    connect(sites_, &QTableWidget::currentCellChanged, this, [this] {
        if (sites_->hasFocus())
            choose();
    });
    connect(typed_, &ValueField::edited, this, &GirthsPanel::touched);
    connect(typed_, &ValueField::entered, this, &GirthsPanel::primary);
    connect(enough, &QPushButton::clicked, this, &GirthsPanel::useWhatThereIs);
    whenFrame("tape", [this](const link::Frame& frame) {
        if (frame.has("cm"))
            tapeMoved(frame.value("cm"));
    });
}

bool GirthsPanel::linked() const {
    return session_.hub().isLive(QStringLiteral("tape"));
}

void GirthsPanel::tapeMoved(double shown) {
    shown_ = shown;
    off_ = off_ || shown < openBelow;
    live_->setText(shown < openBelow ? QStringLiteral("–") : inUnits(Centimetres(shown)));
    Q_EMIT touched();
}

std::optional<Centimetres> GirthsPanel::laid() const {
    return linked() && off_ && shown_ >= openBelow ? std::optional(Centimetres(shown_)) : std::nullopt;
}

std::optional<Centimetres> GirthsPanel::candidate() const {
    if (!asked())
        return std::nullopt;
    if (const auto typed = typed_->value())
        return Centimetres(keptFromShown(Dimension::Height, *typed, session_.units()));
    return laid();
}

std::optional<Site> GirthsPanel::asked() const {
    return chosen_ ? chosen_ : own().nextSite();
}

Site GirthsPanel::site() const {
    return asked().value_or(own().setting().policy.sites.front());
}

void GirthsPanel::entered() {
    chosen_.reset();
    typed_->clear();
    layAnew();
}

// The tape has to be off before it is read again; a simulated one is told where it goes next.
void GirthsPanel::layAnew() {
    off_ = false;
    session_.hub().send(QStringLiteral("tape"), QStringLiteral("cue open"));
    session_.hub().send(QStringLiteral("tape"),
                        QStringLiteral("cue girth ") + report::plain(std::string(girth::textOf(site()).key)));
}

void GirthsPanel::choose() {
    const auto& sites = own().setting().policy.sites;
    const auto row = static_cast<std::size_t>(std::max(0, sites_->currentRow()));
    if (row >= sites.size())
        return;
    const Site before = site();
    chosen_ = sites[row];
    if (*chosen_ != before) { // what the tape shows now lies round the other site
        typed_->clear();
        layAnew();
    }
    showSite();
    Q_EMIT touched();
}

QString GirthsPanel::inUnits(Centimetres value) const {
    const auto unit = unitOf(Dimension::Height, session_.units());
    return number(shownFromKept(Dimension::Height, value.value(), session_.units()), 1) + QLatin1Char(' ') +
           QString::fromUtf8(unit.data(), static_cast<qsizetype>(unit.size()));
}

void GirthsPanel::refresh() {
    showSites();
    showSite();
    live_->setVisible(linked());
}

void GirthsPanel::showSites() {
    const auto& policy = own().setting().policy;
    sites_->setRowCount(static_cast<int>(policy.sites.size()));
    for (int row = 0; row < sites_->rowCount(); ++row) {
        const Site site = policy.sites[static_cast<std::size_t>(row)];
        QStringList readings;
        for (const GirthReading& each : own().test().girths)
            if (each.counts() && each.site == site)
                readings << number(each.value.value(), 1);
        const auto judged = own().judgementOf(site);
        setRow(sites_, row,
               {nameOf(site), readings.join(QStringLiteral("   ")),
                judged.verdict == RepeatVerdict::NeedMore ? QString() : number(judged.value.value(), 1),
                wordsFor(judged, static_cast<int>(readings.size()), policy.repeats)});
    }
}

// Where the tape goes now, and the readings of that site on one axis.
void GirthsPanel::showSite() {
    const Site now = site();
    const girth::SiteText& text = girth::textOf(now);
    landmark_->setText(report::sentence(nameOf(now)));
    hold_->setText(report::say(text.landmark) + QLatin1Char('\n') + report::say(text.hold));
    const auto& policy = own().setting().policy;
    const auto row = std::ranges::find(policy.sites, now) - policy.sites.begin();
    const QSignalBlocker quiet(sites_);
    sites_->selectRow(static_cast<int>(row));
    const auto judged = own().judgementOf(now);
    BoardModel model;
    model.decimals = 1;
    model.tolerance = policy.repeats.toleranceOf(now).value();
    for (const GirthReading& each : own().test().girths) {
        if (each.site != now)
            continue;
        const bool used = std::ranges::find(judged.used, each.number) != judged.used.end();
        const auto [state, words] = standingOnTheBoard(each.setAsideReason, used);
        model.trials.push_back({each.number, each.value.value(), 0.0, {}, state, words});
    }
    board_->showTrials(model, tr("three within %1 cm").arg(number(model.tolerance, 1)), session_.palette());
}

QString GirthsPanel::primaryText() const {
    const auto value = candidate();
    return value ? tr("Accept %1: %2").arg(nameOf(site()), inUnits(*value))
                 : tr("Lay the tape: %1").arg(nameOf(site()));
}

bool GirthsPanel::primaryEnabled() const {
    return !run().obstacleTo(GirthStep::Girths) && candidate().has_value();
}

void GirthsPanel::primary() {
    const auto value = candidate();
    if (!value || run().obstacleTo(GirthStep::Girths))
        return;
    const bool typed = typed_->value().has_value();
    if (!session_.report(own().takeGirth(site(), *value, typed ? Attribution::typed() : overLink("tape"))))
        return;
    typed_->clear();
    chosen_.reset();
    if (!typed) // a reading of the link is taken once
        layAnew();
    refresh();
}

void GirthsPanel::repeat() {
    typed_->clear();
    layAnew();
    Q_EMIT touched();
}

void GirthsPanel::setAside() {
    const int chosen = board_->chosen();
    excludeOrRestore(own().test().girths.find(chosen), tr("Exclude reading %1").arg(chosen));
}

void GirthsPanel::useWhatThereIs() {
    const QString reason = askReason(this, tr("Use these readings"),
                                     tr("Why are they good enough? Sites without a value are left out."));
    if (!reason.isEmpty())
        session_.report(run().confirm(GirthStep::Girths, reason.toStdString()));
}

QString GirthsPanel::verdict() const {
    if (auto obstacle = run().obstacleTo(GirthStep::Girths))
        return report::say(*obstacle);
    const auto next = own().nextSite();
    if (!next && !chosen_)
        return tr("Every site has its value.");
    if (linked() && shown_ >= openBelow && !off_)
        return tr("Take the tape off and lay it anew: a reading is taken once.");
    return tr("%1: %2").arg(report::sentence(nameOf(site())),
                            wordsFor(own().judgementOf(site()),
                                     static_cast<int>(std::ranges::count_if(own().test().girths,
                                                                            [this](const GirthReading& each) {
                                                                                return each.counts() &&
                                                                                       each.site == site();
                                                                            })),
                                     own().setting().policy.repeats));
}

StandBack GirthsPanel::standBack() const {
    const auto value = candidate();
    return {value ? inUnits(*value) : nameOf(site()), verdict()};
}

QWidget* GirthsPanel::firstField() const {
    return linked() ? nullptr : typed_->edit();
}

} // namespace fusain::desktop

#include "moc_girths_panel.cpp"
