#pragma once
#include "desktop/services/session.hpp"
#include "desktop/widgets/figure_view.hpp"
#include "desktop/widgets/parts.hpp"
#include "procedure/meaning/across_methods.hpp"

namespace fusain::desktop {

/// One client's methods of one day side by side, and the models of several components that they allow.
class MethodsPage : public QWidget {
    Q_OBJECT
public:
    explicit MethodsPage(Session& session);
    /// @param tests of one client, newest first
    void showTests(const std::string& clientId, const std::vector<AnyTest>& tests);
    /// Asks for body water by dilution of the chosen day, and keeps it.
    void addWater();

private:
    void showDay();
    /// Days with a signed test, and their tests.
    struct Day {
        QString name;
        std::vector<ComputedTest> tests;
    };
    [[nodiscard]] const Day* chosenDay() const; ///< null without one

    Session& session_;
    std::string clientId_;
    std::vector<Day> days_; ///< newest first; those with most methods at the front
    QComboBox* day_;
    QPushButton* water_;
    FigureView* values_;
    QTableWidget* pairs_;
    QLabel* inputs_;
};

} // namespace fusain::desktop
