#pragma once
#include "desktop/places/quality/guided_check.hpp"
#include "desktop/views/place.hpp"
#include "desktop/widgets/figure_view.hpp"
#include "desktop/widgets/records_view.hpp"
#include "report/pages/quality_report.hpp"

#include <QListWidget>
#include <QTabWidget>

namespace fusain::desktop {

class PrecisionPage;
class CalibrationPage;

/// The instruments of the lab: checks with their schedule, control charts, precision studies, service, and the
/// care of the lab book.
class QualityPlace : public Place {
    Q_OBJECT
public:
    explicit QualityPlace(Session& session);
    void refresh() override;
    [[nodiscard]] QString where() const override;
    void enter() override;
    void addCommands(const PlaceCommands& add) override;
    void showInstrument(const QString& id);
    enum class Page { Checks, Chart, Precision, Calibration, Book };
    void showPage(Page page);

private:
    QWidget* buildChecksPage();
    QWidget* buildChartPage();
    [[nodiscard]] const Instrument* selected() const;
    [[nodiscard]] const CheckDefinition* selectedCheck() const;
    void showCheck();
    void fillChecks(const Instrument& instrument);
    void showAffected(const Instrument& instrument, const CheckStatus& status);
    void showChart(const CheckDefinition& definition);
    void openCheck(const QString& id);
    void takeReading();
    void takeLive();
    void keepCheck();
    void keepService();
    template <class Dialog>
    void editCheck();
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
    RecordsView* checks_;
    QLabel* affected_;
    QLineEdit *from_, *until_; ///< the period of the quality report
    FigureView* chart_;
    report::ControlChartModel model_; ///< what the chart shows
    std::vector<QString> charted_;    ///< ids of the checks on it
    QLabel* chartWords_;
    QTableWidget* flags_;
    PrecisionPage* precision_;
    CalibrationPage* calibration_; ///< of the impedance analyzer only
    GuidedCheck* guided_;          ///< the check that is being made
    std::vector<Check> history_;   ///< of the shown instrument, in order of time
};

} // namespace fusain::desktop
