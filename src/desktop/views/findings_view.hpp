#pragma once
#include "desktop/services/session.hpp"
#include "desktop/views/figure_grid.hpp"
#include "desktop/views/statement_list.hpp"
#include "desktop/widgets/figure_view.hpp"
#include "desktop/widgets/parts.hpp"
#include "report/method/own_report.hpp"

#include <QScrollArea>
#include <QVBoxLayout>

namespace fusain::report {
struct TestReport;
}

namespace fusain::desktop {

/// The result of one test as one page: what matters most with its evidence, the value on its scale, all
/// pictures, everything else that can be said, and the worked sheet with what-if.
class FindingsView : public QWidget {
    Q_OBJECT
public:
    explicit FindingsView(Session& session, QWidget* parent = nullptr);
    ~FindingsView() override;
    void showTest(const AnyTest& test);
    /// For somebody without a test.
    void showNothing();

private:
    void fillSheet(const report::TestReport& report);
    void fillFigures(const report::TestReport& report);
    void offerEquations(const AnyTest& test);
    void fillSentences(const report::TestReport& report);
    void recompute();
    void showOnly(const QString& words);
    void markChangedLines(const report::TestReport& base);
    void copySheet();

    Session& session_;
    std::unique_ptr<AnyTest> test_;
    std::string sheetText_;
    QLabel* sentences_;
    FigureView* rule_;
    StatementList* statements_;
    FigureGrid* pictures_;
    QScrollArea* page_;
    QTableWidget* sheet_;
    QLabel* lineDetail_;
    QLineEdit* whatIfResidual_;
    QComboBox* whatIfConversion_;
    QComboBox* whatIfPolicy_;
    QLabel* whatIfNote_;
    QStringList lineDetails_;
};

} // namespace fusain::desktop
