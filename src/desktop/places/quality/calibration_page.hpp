#pragma once
#include "desktop/services/session.hpp"
#include "desktop/widgets/parts.hpp"
#include "record/base/document.hpp"

namespace fusain::desktop {

/// The lab's own calibrations of its impedance analyzer: from standing contacts to gel electrodes, and segments
/// against the lab's densitometer. Fitted here, shown with their errors, adopted by the physiologist.
class CalibrationPage : public QWidget {
    Q_OBJECT
public:
    explicit CalibrationPage(Session& session);
    void refresh();
    /// Fits a table of the chosen kind. @param text CSV
    void fit(const std::string& text, const std::string& where);
    void adopt();
    void choose(int kind, Sex sex);

private:
    enum Kind { ContactToGel = 0, Segments = 1 };
    [[nodiscard]] std::string setting() const;
    [[nodiscard]] Sex sex() const;
    void load();

    Session& session_;
    QComboBox *kind_, *sex_;
    QLabel *inForce_, *fitted_;
    QPushButton* adopt_;
    Document pending_; ///< the calibration that was fitted and not yet adopted
};

} // namespace fusain::desktop
