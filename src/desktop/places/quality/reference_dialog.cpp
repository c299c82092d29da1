#include "desktop/places/quality/reference_dialog.hpp"

#include "core/units/format.hpp"
#include "desktop/services/instrument_checks.hpp"
#include "desktop/widgets/appearance.hpp"
#include "desktop/widgets/dialog_foot.hpp"
#include "report/base/words.hpp"

#include <QFormLayout>

namespace fusain::desktop {

ReferenceDialog::ReferenceDialog(Session& session, const Instrument& instrument, const CheckDefinition& check,
                                 QWidget* parent)
    : QDialog(parent), session_(session), instrument_(instrument.id), check_(check.id),
      object_(new QLineEdit(report::say(check.object))),
      identification_(new QLineEdit(QString::fromStdString(check.identification))),
      nominal_(new QLineEdit(report::number(check.rule.nominal, check.decimals))),
      uncertainty_(new QLineEdit(report::number(check.uncertainty, check.decimals + 1))), until_(new QLineEdit),
      problem_(label({}, "warning")) {
    setObjectName(QStringLiteral("referenceObject"));
    setWindowTitle(tr("Reference object"));
    setMinimumWidth(scaled(520));
    if (check.certificateUntil)
        until_->setText(QString::fromStdString(isoText(*check.certificateUntil)));
    until_->setPlaceholderText(tr("2028-06-30; empty without a certificate"));
    const QString unit = report::plain(check.unit);
    auto* form = new QFormLayout(this);
    form->addRow(label(tr("%1, %2. Enter the values from your certificate.")
                           .arg(report::say(instrument.name), report::say(check.title)),
                       "soft"));
    form->addRow(tr("Object"), object_);
    form->addRow(tr("Serial number"), identification_);
    form->addRow(tr("Certified value, %1").arg(unit), nominal_);
    form->addRow(tr("Standard uncertainty, %1").arg(unit), uncertainty_);
    form->addRow(tr("Certificate valid until"), until_);
    form->addRow(problem_);
    form->addRow(footOf(this, tr("Save reference object"), [this] { save(); }).box);
}

void ReferenceDialog::save() {
    const auto nominal = parseTyped(nominal_->text().toStdString()),
               uncertainty = parseTyped(uncertainty_->text().toStdString());
    if (!nominal || !uncertainty)
        return problem_->setText(tr("Value and uncertainty are numbers, with a point or a comma."));
    ReferenceObject object{object_->text().simplified().toStdString(),
                           identification_->text().simplified().toStdString(),
                           *nominal,
                           *uncertainty,
                           {}};
    if (const QString until = until_->text().trimmed(); !until.isEmpty()) {
        object.certificateUntil = dateFromIso(until.toStdString());
        if (!object.certificateUntil)
            return problem_->setText(
                tr("\"%1\" is not a date. Type year, month and day: 2028-06-30.").arg(until));
    }
    const auto kept = session_.checks().keepReference(instrument_, check_, object, session_.atTheBench().id);
    if (!kept)
        return problem_->setText(report::say(kept.error()));
    accept();
}

} // namespace fusain::desktop

#include "moc_reference_dialog.cpp"
