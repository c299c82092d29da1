#pragma once
#include "desktop/bench/all/client_header.hpp"
#include "desktop/bench/all/result_so_far.hpp"
#include "desktop/bench/method/step_panel.hpp"
#include "desktop/views/place.hpp"
#include "desktop/widgets/fitted_text.hpp"

#include <QListWidget>
#include <QStackedWidget>

namespace fusain::desktop {

/// The guided run: run sheet on the left, the step in the middle, the worked sheet on the right, the verdict
/// line at the foot.
class BenchPlace : public Place {
    Q_OBJECT
public:
    explicit BenchPlace(Session& session);
    void refresh() override;
    [[nodiscard]] QString where() const override;
    void enter() override;
    void addCommands(const PlaceCommands& add) override;
    void undo() override;
    void setStandBack(bool on);
    [[nodiscard]] bool standBack() const { return standBack_; }
    [[nodiscard]] StepPanel* currentPanel() const;

Q_SIGNALS:
    void standBackChanged(bool on);

protected:
    void keyPressEvent(QKeyEvent* event) override;
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    [[nodiscard]] QWidget* nothingPage();
    [[nodiscard]] QWidget* deskPage();
    [[nodiscard]] QWidget* standBackPage();
    /// Makes the panels of a method.
    template <class Method>
    void adopt();
    void showOpenTests();
    [[nodiscard]] QString stateOf(const RawTest& record) const;
    void enterStep();
    void concludeStep(int step);
    void showStrip(bool readings);
    [[nodiscard]] bool takesDigit(const QKeyEvent& event);
    void toPanel(QKeyEvent* event);
    void showFoot();
    void showKey();
    void showRunSheet();
    [[nodiscard]] QString valueOf(Step step, const AnyTest& test) const;
    void primary();
    void goBack();
    void addNote();
    void endTest();
    void goPastCheck();
    void showStandBack();

    bool standBack_ = false;
    bool forwarding_ = false; ///< a key is with the panel
    const StepPanel* shownPanel_ = nullptr;
    std::pair<std::string, int> enteredAt_;              ///< test and step to which the work came last
    std::map<std::string_view, QStackedWidget*> stacks_; ///< panels of each method
    std::map<std::string_view, QWidget*> strips_;        ///< of methods that have one, over their steps
    QListWidget* runSheet_;
    QStackedWidget* panels_;
    ClientHeader* header_;
    ResultSoFar* result_;
    QWidget* resultSide_;
    QStackedWidget* pages_;
    QWidget* stripBox_;
    QVBoxLayout* strip_;
    QLabel* empty_;
    RecordsView* open_; ///< tests that have begun and are not signed, while none is on the bench
    QLabel* concluded_; ///< what the step before came to
    QLabel* verdict_;
    QPushButton* primary_;
    QString does_; ///< what the button says, without its key
    FittedText* standTitle_;
    FittedText* standReading_;
    FittedText* standVerdict_;
    FittedText* standKey_;
};

} // namespace fusain::desktop
