#pragma once
#include "desktop/places/place.hpp"
#include "desktop/widgets/pressure_recorder.hpp"
#include "report/quality_report.hpp"

#include <QListWidget>
#include <QTabWidget>

namespace fusain::desktop {

class PrecisionPage;

/// The instruments of the lab: checks with their schedule, control charts, precision studies, service, and the
/// care of the lab book.
class QualityPlace : public Place {
    Q_OBJECT
public:
    explicit QualityPlace(Session& session);
    void refresh() override;
    [[nodiscard]] QString where() const override;
    void enter() override;
    void showInstrument(const QString& id);
    enum class Page { Checks, Chart, Precision, Book };
    void showPage(Page page);

private:
    QWidget* buildChecksPage();
    QWidget* buildChartPage();
    [[nodiscard]] const Instrument* selected() const;
    [[nodiscard]] const CheckDefinition* selectedCheck() const;
    void showChecks();
    void showChart();
    void openCheck(const QString& id);
    void takeReading();
    void takeLive();
    void takeFromChamber();
    void chamberRecorded();
    void takeFrame(const link::Frame& frame);
    void keepReading(double reading);
    void keepService();
    [[nodiscard]] std::optional<report::Period> period();
    void saveReport();

    QListWidget* instruments_;
    QLabel* title_;
    QLabel* status_;
    QTabWidget* pages_;
    QComboBox* check_;
    QLabel* rule_;
    ValueField* nominal_;
    ValueField* reading_;
    QLabel* taken_;
    QTableWidget* checks_;
    QLabel* affected_;
    QLineEdit *from_, *until_; ///< the period of the quality report
    FigureView* chart_;
    report::ControlChartModel model_; ///< what the chart shows
    std::vector<QString> charted_;    ///< ids of the checks on it
    QLabel* chartWords_;
    QTableWidget* flags_;
    PrecisionPage* precision_;
    PressureRecorder* recorder_;
    std::vector<airdisplacement::PressureSample> empty_;
    std::optional<airdisplacement::Calibration> calibration_; ///< of the cylinder check that is being made
    double stroke_ = -1.0;         ///< L of the syringe so far; negative: none under way
    std::vector<double> readings_; ///< of the check that is being made
};

} // namespace fusain::desktop
