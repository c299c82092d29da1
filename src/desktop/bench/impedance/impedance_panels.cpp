#include "desktop/bench/impedance/impedance_panels.hpp"

#include "desktop/recordings/impedance/module_recording.hpp"
#include "desktop/recordings/impedance/sweep_recording.hpp"
#include "desktop/services/past_records.hpp"
#include "desktop/widgets/appearance.hpp"
#include "report/base/words.hpp"

#include <algorithm>
#include <cmath>

namespace fusain::desktop {
ModulePanel::ModulePanel(Session& session)
    : MethodPanel(session, impedanceSteps(), ImpedanceStep::Module), live_(label({}, "live")),
      scale_(new CheckScale(session)), nominal_(new ValueField(tr("Module, as marked"), tr("Ω"))),
      reading_(new ValueField(tr("Read by the analyzer"), tr("Ω"))) {
    nominal_->setValue(500.0, 1);
    for (QWidget* widget : std::initializer_list<QWidget*>{live_, scale_, nominal_, reading_})
        body()->addWidget(widget);
    body()->addStretch();
    for (ValueField* field : {nominal_, reading_}) {
        connect(field, &ValueField::edited, this, [this] {
            if (session_.run())
                refresh();
            Q_EMIT touched();
        });
        connect(field, &ValueField::entered, this, &ModulePanel::primary);
    }
    whenRecorded([this] {
        refresh();
        Q_EMIT touched();
    });
}

void ModulePanel::entered() {
    nominal_->setValue(500.0, 1);
    reading_->clear();
    scale_->readEarlier("analyzer", "resistor-500");
}

QString ModulePanel::conclusion() const {
    const ModuleCheck* check = own().test().moduleCheck();
    return check ? checkConclusion(100.0 * check->relativeError(),
                                   100.0 * own().setting().policy.moduleTolerance, 2, QStringLiteral("%"))
                 : QString();
}

void ModulePanel::refresh() {
    const ModuleCheck* check = own().test().moduleCheck();
    const auto read = recording<ModuleRecording>().reading();
    live_->setText(read    ? number(*read, 2) + QStringLiteral(" Ω")
                   : check ? number(check->reading.value(), 2) + QStringLiteral(" Ω")
                           : QString());
    report::CheckScaleModel errors;
    const double nominal = nominal_->value().value_or(500.0);
    errors.limit = nominal * own().setting().policy.moduleTolerance;
    errors.unit = QStringLiteral("Ω");
    errors.decimals = 2;
    if (const auto typed = reading_->value()) // in the order of the button
        errors.live = *typed - nominal;
    else if (read)
        errors.live = *read - nominal;
    else if (check)
        errors.errors = {check->relativeError() * nominal};
    scale_->showErrors(std::move(errors));
}

QString ModulePanel::primaryText() const {
    if (const auto typed = reading_->value())
        return tr("Accept typed %1 Ω").arg(number(*typed, 2));
    if (recording<ModuleRecording>().recording())
        return tr("Reading…");
    if (const auto read = recording<ModuleRecording>().reading())
        return tr("Accept %1 Ω").arg(number(*read, 2));
    return session_.hub().isLive(analyzerRole) ? tr("Read the module") : tr("Save the check");
}

bool ModulePanel::primaryEnabled() const {
    const ModuleRecording& module = recording<ModuleRecording>();
    return !module.recording() && nominal_->value() &&
           (reading_->value() || module.reading() || module.linked());
}

void ModulePanel::primary() {
    if (!primaryEnabled())
        return;
    ModuleRecording& module = recording<ModuleRecording>();
    if (const auto typed = reading_->value())
        return keep(*typed, Attribution::typed());
    if (const auto read = module.reading())
        return keep(*read, module.from());
    session_.report(module.start());
}

void ModulePanel::keep(double reading, const Attribution& from) {
    const auto nominal = nominal_->value();
    if (nominal && session_.report(own().checkModule(Ohms(*nominal), Ohms(reading), from))) {
        reading_->clear();
        recording<ModuleRecording>().clear();
    }
}

QString ModulePanel::verdict() const {
    const ModuleRecording& module = recording<ModuleRecording>();
    if (module.recording())
        return tr("Reading the module…");
    if (const auto read = module.reading(); read && nominal_->value())
        return tr("Module error %1 %, within the limit of ± %2 %.")
            .arg(report::signedNumber(100.0 * (*read / *nominal_->value() - 1.0), 2),
                 number(100.0 * own().setting().policy.moduleTolerance, 1));
    const ModuleCheck* check = own().test().moduleCheck();
    if (!check)
        return StepPanel::verdict();
    const QString off = tr("Module error %1 %, within the limit of ± %2 %.")
                            .arg(report::signedNumber(100.0 * check->relativeError(), 2),
                                 number(100.0 * own().setting().policy.moduleTolerance, 1));
    return run().isDone(step()) ? tr("Done. ") + off
                                : off + tr(" Module out of limits. Check leads and warm-up, read again. A "
                                           "physiologist can override (Ctrl+G).");
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
    code_->setMaximumWidth(scaled(320));
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

// No code and no height of somebody else is left in the fields.
void IdentityPanel::entered() {
    code_->clear();
    height_->setValue(centimetres(own().test().subject.height), 1);
    height_->edit()->setModified(false);
}

// What does not fit this person's last visit.
std::vector<impedance::IdentityDoubt> IdentityPanel::doubts() const {
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
    for (const impedance::IdentityDoubt& doubt : doubts())
        words << report::say(doubt.message());
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
    const auto seen = doubts();
    QString reason;
    if (!seen.empty()) {
        reason = askReason(this, tr("Is it this client?"),
                           doubt_->text() + tr("\nWhy is it correct? Otherwise go back and correct it."));
        if (reason.isEmpty())
            return;
    }
    if (session_.report(own().confirmIdentity(code_->text().trimmed().toStdString(), client ? client->code : "",
                                              metresFromCentimetres(*height_->value()), seen,
                                              reason.toStdString()))) {
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
