#pragma once
#include "desktop/places/quality/check_page.hpp"
#include "desktop/places/quality/instrument_wall.hpp"
#include "desktop/views/place.hpp"

#include <QStackedWidget>
#include <QTabWidget>
#include <map>

namespace fusain::desktop {

class AgreementPage;
class PrecisionPage;
class CalibrationPage;
class ChartPage;

/// The instruments of the lab: a wall of cards, and behind each card its checks, control chart, precision
/// studies and service.
class QualityPlace : public Place {
    Q_OBJECT
public:
    explicit QualityPlace(Session& session);
    void refresh() override;
    [[nodiscard]] bool concerns(const Changes& changes) const override {
        return changes.shown || changes.checks || changes.settings || changes.tests || changes.colleagues;
    }
    [[nodiscard]] QString where() const override;
    void enter() override;
    void addCommands(const PlaceCommands& add) override;
    /// Opens what is behind a card.
    void showInstrument(const QString& id);
    void showWall();
    /// How two methods agree over everybody of the lab.
    void showAgreement();
    [[nodiscard]] AgreementPage& agreement() { return *agreement_; }
    enum class Page { Checks, Chart, Precision, Calibration };
    void showPage(Page page);

protected:
    void keyPressEvent(QKeyEvent* event) override;

private:
    /// The checks of one instrument, and what was worked out from them.
    struct Known {
        std::vector<Check> checks;                   ///< in order of time
        std::map<std::string, ControlSeries> series; ///< by check
        std::vector<CheckStanding> standings;
    };
    enum Layer { WallLayer, InstrumentLayer, AgreementLayer };

    QWidget* buildWall();
    QWidget* buildInstrument();
    QWidget* buildAgreement();
    QPushButton* backButton();
    void gather(const Instrument& instrument);
    void showCards();
    [[nodiscard]] InstrumentCard cardOf(const Instrument& instrument) const;
    void refreshInstrument();
    [[nodiscard]] const Instrument* selected() const;
    [[nodiscard]] const CheckStanding* shownStanding() const;
    [[nodiscard]] const CheckDefinition* selectedCheck() const;
    void checkFirst();
    void keepService();
    template <class Dialog>
    void editCheck();
    void openReport();

    QStackedWidget* layers_;
    std::vector<const Instrument*> instruments_; ///< that the lab owns
    std::map<std::string, Known> known_;
    std::string shown_; ///< the instrument behind the open card
    InstrumentWall* wall_;
    QLabel* sentence_;
    QPushButton* first_;
    QLabel *title_, *status_;
    QTabWidget* pages_;
    QComboBox* check_;
    CheckPage* making_;
    ChartPage* chart_;
    PrecisionPage* precision_;
    AgreementPage* agreement_;
    CalibrationPage* calibration_; ///< of the impedance analyzer only
};

} // namespace fusain::desktop
