#pragma once
#include "desktop/services/day_board.hpp"
#include "desktop/widgets/parts.hpp"

#include <QDialog>

namespace fusain::desktop {

/// The tank's water: a reading with its judgement by the lab's limits, and what was read before.
class WaterDialog : public QDialog {
    Q_OBJECT
public:
    WaterDialog(Session& session, DayBoard& board, QWidget* parent = nullptr);
    /// What the reading in the fields says.
    [[nodiscard]] QString verdict() const { return verdict_->text(); }

private:
    [[nodiscard]] std::optional<water::CareReading> reading() const;
    void judge();
    void keep();
    void fillLog(QTableWidget& log);

    Session& session_;
    DayBoard& board_;
    ValueField *chlorine_, *combined_, *acidity_, *temperature_;
    QLineEdit* note_;
    QLabel* verdict_;
};

} // namespace fusain::desktop
