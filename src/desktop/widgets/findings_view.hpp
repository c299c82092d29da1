#pragma once
#include "desktop/session.hpp"
#include "desktop/widgets/parts.hpp"

#include <QVBoxLayout>

namespace fusain::desktop {

/// The result of one test on a page: the rule, the field, the worked sheet with what-if, and where the
/// uncertainty comes from.
class FindingsView : public QWidget {
    Q_OBJECT
public:
    explicit FindingsView(Session& session, QWidget* parent = nullptr);
    void showTest(const AnyTest& test);

private:
    void fillSheet(const report::DensityReport& report);
    void fillFigures(const report::DensityReport& report);
    void fillSentences(const report::DensityReport& report);
    void recompute();
    void markChangedLines(const report::DensityReport& base);
    void copySheet();

    Session& session_;
    std::optional<AnyTest> test_;
    std::string sheetText_;
    QLabel* sentences_;
    FigureView* rule_;
    FigureView* field_;
    FigureView* budget_;
    QTableWidget* sheet_;
    QLabel* lineDetail_;
    QLineEdit* whatIfResidual_;
    QComboBox* whatIfConversion_;
    QComboBox* whatIfPolicy_;
    QLabel* whatIfNote_;
    QStringList lineDetails_;
};

} // namespace fusain::desktop
