#include "desktop/bench/impedance/impedance_panels.hpp"

#include "desktop/recordings/impedance/sweep_recorder.hpp"
#include "desktop/services/past_records.hpp"
#include "report/base/words.hpp"

#include <algorithm>
#include <cmath>

namespace fusain::desktop {
namespace {} // namespace

ModulePanel::ModulePanel(Session& session)
    : MethodPanel(session, impedanceSteps(), ImpedanceStep::Module), live_(label({}, "live")),
      nominal_(new ValueField(tr("Module, as marked"), tr("Ω"))),
      reading_(new ValueField(tr("Read by the analyzer"), tr("Ω"))) {
    nominal_->setValue(500.0, 1);
    for (QWidget* widget : std::initializer_list<QWidget*>{live_, nominal_, reading_})
        body()->addWidget(widget);
    body()->addStretch();
    for (ValueField* field : {nominal_, reading_}) {
        connect(field, &ValueField::edited, this, &StepPanel::touched);
        connect(field, &ValueField::entered, this, &ModulePanel::primary);
    }
    connect(&session.hub(), &link::InstrumentHub::frameArrived, this, [this](const link::Frame& frame) {
        if (!asked_ || frame.role != "analyzer" || !frame.has("module") || !isVisible() || !session_.run())
            return;
        asked_ = false;
        keep(std::hypot(frame.value("r"), frame.value("xc")));
    });
}

void ModulePanel::refresh() {
    const auto& check = own().test().moduleCheck;
    live_->setText(check ? number(check->reading.value(), 2) + QStringLiteral(" Ω") : QString());
    if (check)
        nominal_->setValue(check->nominal.value(), 1);
}

QString ModulePanel::primaryText() const {
    return reading_->edit()->text().isEmpty() && session_.hub().isLive(analyzerRole) ? tr("Read the module")
                                                                                     : tr("Keep the check");
}

bool ModulePanel::primaryEnabled() const {
    return !asked_ && nominal_->value() && (reading_->value() || session_.hub().isLive(analyzerRole));
}

void ModulePanel::primary() {
    if (!primaryEnabled())
        return;
    if (reading_->value())
        return keep(*reading_->value());
    asked_ = true;
    session_.hub().send(analyzerRole, QStringLiteral("cue module 500"));
    Q_EMIT touched();
}

void ModulePanel::keep(double reading) {
    if (session_.report(own().checkModule(Ohms(nominal_->value().value_or(500.0)), Ohms(reading))))
        reading_->clear();
}

QString ModulePanel::verdict() const {
    if (asked_)
        return tr("Reading the module…");
    const auto& check = own().test().moduleCheck;
    if (!check)
        return StepPanel::verdict();
    const QString off = tr("The module reads %1 %; within ± %2 % is right.")
                            .arg(QString::fromStdString(signedFixed(100.0 * check->relativeError(), 2)),
                                 number(100.0 * own().setting().policy.moduleTolerance, 1));
    return run().isDone(step())
               ? tr("Done. ") + off
               : off + tr(" Check leads and warm-up, read again; past it only the physiologist goes (Ctrl+G).");
}

StandBack ModulePanel::standBack() const {
    return {live_->text(), verdict()};
}

QWidget* ModulePanel::firstField() const {
    return session_.hub().isLive(analyzerRole) ? nullptr : reading_->edit();
}

IdentityPanel::IdentityPanel(Session& session)
    : MethodPanel(session, impedanceSteps(), ImpedanceStep::Identity), code_(new QLineEdit),
      height_(new ValueField(tr("Height"), tr("cm"))), doubt_(label({}, "warning")), history_(label({})) {
    code_->setPlaceholderText(tr("client code, typed or scanned"));
    code_->setAccessibleName(tr("Client code"));
    code_->setMaximumWidth(320);
    body()->addWidget(code_);
    body()->addWidget(height_);
    body()->addWidget(doubt_);
    body()->addWidget(history_);
    body()->addStretch();
    connect(code_, &QLineEdit::textChanged, this, &StepPanel::touched);
    connect(code_, &QLineEdit::returnPressed, this, &IdentityPanel::primary);
    connect(height_, &ValueField::edited, this, [this] {
        if (session_.run())
            refresh();
        Q_EMIT touched();
    });
    connect(height_, &ValueField::entered, this, &IdentityPanel::primary);
}

// What does not fit this person's last visit.
std::vector<Message> IdentityPanel::doubts() const {
    const auto centimetresTyped = height_->value();
    const auto last = lastFacts(pastTests<ImpedanceMethod>(session_.book(), run().record()), run().record());
    if (!centimetresTyped || !last)
        return {};
    return impedance::identityDoubts({metresFromCentimetres(*centimetresTyped), std::nullopt, std::nullopt},
                                     *last);
}

void IdentityPanel::refresh() {
    const auto& test = own().test();
    if (!height_->edit()->isModified())
        height_->setValue(centimetres(test.subject.height), 1);
    QStringList lines;
    if (const auto client = session_.book().client(test.subject.clientId))
        lines << tr("%1, %2 y").arg(session_.nameOf(*client)).arg(std::floor(test.subject.age.value()));
    for (const ImpedanceTest& past : pastTests<ImpedanceMethod>(session_.book(), test))
        if (past.mass)
            lines << tr("%1: %2 kg%3")
                         .arg(report::day(past.startedAt), number(past.mass->value, 1),
                              past.sweep()
                                  ? tr(", whole body %1 Ω")
                                        .arg(number(past.wholeBodyMagnitude().value_or(Ohms(0.0)).value(), 0))
                                  : QString());
    if (lines.size() < 2)
        lines << tr("No earlier impedance test of this client.");
    history_->setText(lines.join(QLatin1Char('\n')));
    QStringList words;
    for (const Message& doubt : doubts())
        words << report::say(doubt);
    doubt_->setText(words.join(QLatin1Char(' ')));
    doubt_->setVisible(!words.isEmpty());
}

bool IdentityPanel::primaryEnabled() const {
    return !code_->text().trimmed().isEmpty() && height_->value();
}

void IdentityPanel::primary() {
    if (!primaryEnabled())
        return;
    const auto client = session_.book().client(run().record().subject.clientId);
    std::vector<std::string> seen;
    for (const Message& doubt : doubts())
        seen.push_back(doubt.english());
    if (!seen.empty()) {
        const QString reason =
            askReason(this, tr("Is it this person?"),
                      doubt_->text() + tr("\nWhy is it right all the same? Otherwise go back and correct it."));
        if (reason.isEmpty())
            return;
        seen.push_back(reason.toStdString());
    }
    if (session_.report(own().confirmIdentity(code_->text().trimmed().toStdString(), client ? client->code : "",
                                              metresFromCentimetres(*height_->value()), seen))) {
        code_->clear();
        height_->edit()->setModified(false);
    }
}

QString IdentityPanel::verdict() const {
    const auto& identity = own().test().identity;
    return identity ? tr("Done: %1, %2 cm.")
                          .arg(QString::fromStdString(identity->code), number(centimetres(identity->height), 1))
                    : StepPanel::verdict();
}

} // namespace fusain::desktop

#include "moc_impedance_panels.cpp"
