#include "desktop/places/quality/limits_dialog.hpp"

#include "core/units/format.hpp"
#include "desktop/services/instrument_checks.hpp"
#include "desktop/widgets/appearance.hpp"
#include "desktop/widgets/dialog_foot.hpp"
#include "report/base/words.hpp"

#include <QFormLayout>

namespace fusain::desktop {
namespace {

QLineEdit* field(std::optional<double> value) {
    return new QLineEdit(value ? QLocale::c().toString(*value, 'g', 6) : QString());
}

} // namespace

LimitsDialog::LimitsDialog(Session& session, const Instrument& instrument, const CheckDefinition& check,
                           QWidget* parent)
    : QDialog(parent), session_(session), instrument_(instrument.id), check_(check.id),
      mean_(field(check.rule.meanLimit)), each_(field(check.rule.eachLimit)),
      spread_(field(check.rule.spreadLimit)), readings_(field(check.rule.readings)),
      every_(field(check.every.value())), why_(new QLineEdit),
      blocks_(new QCheckBox(tr("Tests wait for this check"))), problem_(label({}, "warning")) {
    setObjectName(QStringLiteral("checkLimits"));
    setWindowTitle(tr("Limits and interval"));
    setMinimumWidth(scaled(520));
    blocks_->setChecked(check.blocks);
    why_->setPlaceholderText(tr("procedure, standard or manual that says so"));
    const QString unit = report::plain(check.unit);
    auto* form = new QFormLayout(this);
    form->addRow(
        label(tr("%1, %2. Now: %3")
                  .arg(report::say(instrument.name), report::say(check.title), report::say(check.source)),
              "soft"));
    const auto row = [&](const QString& words, QLineEdit* edit) {
        edit->setAccessibleName(words);
        form->addRow(words, edit);
    };
    row(tr("Mean within ± %1").arg(unit), mean_);
    row(tr("Each reading within ± %1").arg(unit), each_);
    row(tr("Standard deviation at most, %1").arg(unit), spread_);
    row(tr("Number of readings"), readings_);
    row(tr("Valid for, hours"), every_);
    form->addRow(QString(), blocks_);
    row(tr("Reason or source"), why_);
    form->addRow(label(tr("An empty limit is not judged. Earlier checks keep their verdict."), "soft"));
    form->addRow(problem_);
    form->addRow(footOf(this, tr("Save limits"), [this] { save(); }).box);
}

void LimitsDialog::save() {
    std::string wrong;
    const auto number = [&](QLineEdit* edit) -> std::optional<double> {
        const std::string typed = edit->text().trimmed().toStdString();
        const auto value = typed.empty() ? std::nullopt : parseTyped(typed);
        if (!typed.empty() && !value)
            wrong = typed;
        return value;
    };
    const CheckLimits limits{number(mean_),
                             number(each_),
                             number(spread_),
                             static_cast<int>(number(readings_).value_or(0.0)),
                             Hours(number(every_).value_or(0.0)),
                             blocks_->isChecked(),
                             why_->text().simplified().toStdString()};
    if (!wrong.empty())
        return problem_->setText(tr("\"%1\" is not a number.").arg(report::plain(wrong)));
    const auto kept = session_.checks().keepLimits(instrument_, check_, limits, session_.atTheBench().id);
    if (!kept)
        return problem_->setText(report::say(kept.error()));
    accept();
}

} // namespace fusain::desktop

#include "moc_limits_dialog.cpp"
