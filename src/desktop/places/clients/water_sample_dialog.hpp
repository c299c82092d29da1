#pragma once
#include "desktop/widgets/parts.hpp"
#include "record/lab/body_water.hpp"

#include <QDialog>

namespace fusain::desktop {

/// Body water by dilution, as a laboratory reported it: dose and enrichments, or litres.
class WaterSampleDialog : public QDialog {
    Q_OBJECT
public:
    /// @param day of the tests that it belongs to  @param mass of that day  @param by staff id
    WaterSampleDialog(Instant day, Kilograms mass, std::string by, QWidget* parent = nullptr);
    /// What was typed, or what is wrong with it.
    [[nodiscard]] Expected<WaterSample> sample() const;

private:
    void judge();
    Instant day_;
    Kilograms mass_;
    std::string by_;
    QComboBox* how_;
    QComboBox* unit_;
    ValueField* dose_;
    ValueField* before_;
    ValueField* after_;
    ValueField* litres_;
    QLabel* words_;
    QPushButton* keep_;
};

} // namespace fusain::desktop
