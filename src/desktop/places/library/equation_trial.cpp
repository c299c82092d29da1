#include "desktop/places/library/equation_trial.hpp"

#include "core/catalogue/equations.hpp"
#include "core/units/format.hpp"
#include "desktop/widgets/appearance.hpp"
#include "record/base/people.hpp"
#include "report/base/words.hpp"

#include <algorithm>
#include <cmath>

namespace fusain::desktop {
namespace {

// As many digits as a scatter of that size deserves, or three behind the point of a small number.
int decimalsFor(const EquationValue& value) {
    const double size = value.standardError && *value.standardError > 0.0 ? *value.standardError
                                                                          : 0.001 * std::abs(value.value);
    return std::clamp(1 - static_cast<int>(std::floor(std::log10(std::max(size, 1e-6)))), 0, 5);
}

} // namespace

EquationTrial::EquationTrial(QWidget* parent)
    : QWidget(parent), inputs_(new QVBoxLayout), sex_(new QComboBox), result_(label({}, "heading")),
      remarks_(label({}, "soft")) {
    sex_->setAccessibleName(tr("Sex"));
    sex_->addItem(report::say(sexText(Sex::Female)), QStringLiteral("female"));
    sex_->addItem(report::say(sexText(Sex::Male)), QStringLiteral("male"));
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->addLayout(inOneRow({sex_}));
    layout->addLayout(inputs_);
    layout->addWidget(result_);
    layout->addWidget(remarks_);
    inputs_->setSpacing(scaled(4));
    connect(sex_, &QComboBox::currentIndexChanged, this, &EquationTrial::compute);
}

void EquationTrial::show(const QString& id) {
    const Equation* equation = findEquation(id.toStdString());
    setVisible(equation);
    if (equation_ == equation)
        return;
    equation_ = equation;
    for (ValueField* each : fields_)
        delete each;
    fields_.clear();
    if (!equation)
        return;
    for (const EquationInput& input : equation->inputs)
        addInput(input);
    sex_->setVisible(std::ranges::any_of(equation->inputs, &EquationInput::isSex));
    compute();
}

void EquationTrial::addInput(const EquationInput& input) {
    if (input.isSex()) {
        fields_.push_back(nullptr);
        return;
    }
    auto* field = new ValueField(report::say(input.description),
                                 tr("%1 (%2 to %3)")
                                     .arg(report::plain(std::string(input.unit)), QString::number(input.minimum),
                                          QString::number(input.maximum)));
    inputs_->addWidget(field);
    connect(field, &ValueField::edited, this, &EquationTrial::compute);
    fields_.push_back(field);
}

void EquationTrial::compute() {
    if (!equation_)
        return;
    remarks_->hide();
    std::map<std::string, std::string> arguments;
    for (std::size_t i = 0; i < fields_.size(); ++i) {
        const auto value = fields_[i] ? fields_[i]->value() : std::nullopt;
        if (fields_[i] && !value)
            return result_->setText(tr("Type values to try it."));
        arguments[std::string(equation_->inputs[i].name)] =
            value ? QString::number(*value, 'g', 12).toStdString()
                  : sex_->currentData().toString().toStdString();
    }
    const auto found = evaluateEquation(equation_->id, arguments);
    if (!found)
        return result_->setText(report::say(found.error().what));
    const int decimals = decimalsFor(*found);
    QString result = QStringLiteral("%1 %2").arg(number(found->value, decimals),
                                                 report::plain(std::string(equation_->unit)));
    if (found->standardError)
        result += tr(" (SEE %1)").arg(number(*found->standardError, decimals));
    result_->setText(result);
    QStringList remarks;
    for (const std::string& flag : found->flags)
        remarks << report::sentence(report::plain(flag));
    remarks_->setText(remarks.join(QLatin1Char('\n')));
    remarks_->setVisible(!remarks.isEmpty());
}

} // namespace fusain::desktop

#include "moc_equation_trial.cpp"
