#pragma once
#include "desktop/services/session.hpp"
#include "desktop/widgets/figure_view.hpp"
#include "desktop/widgets/parts.hpp"
#include "report/method/own_report.hpp"

#include <QTabBar>
#include <QVBoxLayout>

namespace fusain::report {
struct TestReport;
}

namespace fusain::desktop {

/// The result of one test on a page: the rule, its pictures one at a time, the worked sheet with what-if, and
/// where the uncertainty comes from.
class FindingsView : public QWidget {
    Q_OBJECT
public:
    explicit FindingsView(Session& session, QWidget* parent = nullptr);
    ~FindingsView() override;
    void showTest(const AnyTest& test);
    /// For somebody without a test.
    void showNothing();
    /// Shows the picture of this name, e.g. "Arc", where the result has it.
    void choosePicture(const QString& name);

private:
    void fillSheet(const report::TestReport& report);
    void fillFigures(const report::TestReport& report);
    void offerEquations(const AnyTest& test);
    void showFigure();
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
    QTabBar* choice_; ///< of the picture
    FigureView* figure_;
    QTableWidget* sheet_;
    QLabel* lineDetail_;
    QLineEdit* whatIfResidual_;
    QComboBox* whatIfConversion_;
    QComboBox* whatIfPolicy_;
    QLabel* whatIfNote_;
    QStringList lineDetails_;
    std::vector<report::NamedFigure> figures_;
    QString wanted_; ///< name of the picture that was looked at last
};

} // namespace fusain::desktop
