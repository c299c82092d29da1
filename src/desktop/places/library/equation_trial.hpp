#pragma once
#include "desktop/widgets/parts.hpp"

#include <QComboBox>
#include <QVBoxLayout>

namespace fusain {
struct Equation;
struct EquationInput;
} // namespace fusain

namespace fusain::desktop {

/// An equation of the catalogue to be tried: its inputs with their ranges, and what it gives for the values that
/// are typed, with its published scatter and its remarks. Nothing of it reaches a record.
class EquationTrial : public QWidget {
    Q_OBJECT
public:
    explicit EquationTrial(QWidget* parent = nullptr);
    /// @param id of the catalogue; hidden for any other
    void show(const QString& id);
    [[nodiscard]] QString result() const { return result_->text(); }

private:
    void addInput(const EquationInput& input);
    void compute();

    const Equation* equation_ = nullptr;
    QVBoxLayout* inputs_;
    std::vector<ValueField*> fields_; ///< null where the input is the sex, in the order of the equation
    QComboBox* sex_;
    QLabel *result_, *remarks_;
};

} // namespace fusain::desktop
