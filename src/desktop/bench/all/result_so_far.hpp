#pragma once
#include "desktop/services/session.hpp"
#include "desktop/widgets/figure_view.hpp"
#include "desktop/widgets/parts.hpp"

#include <QLabel>
#include <QTableWidget>

namespace fusain {
struct WorkedLine;
} // namespace fusain

namespace fusain::desktop {

/// What the readings give so far: the result with its interval on its scale, the quantities on the way to it,
/// and where the interval comes from. Before there is one, the readings.
class ResultSoFar : public QWidget {
    Q_OBJECT
public:
    explicit ResultSoFar(Session& session);
    /// Shows the test on the bench. @pre there is one
    void refresh();
    [[nodiscard]] QTableWidget& sheet() { return *sheet_; }

private:
    void showReadings(const AnyTest& test);
    void showSheet(const std::vector<WorkedLine>& lines);
    void fill(const QList<QStringList>& rows);

    Session& session_;
    QLabel *value_, *interval_;
    FigureView *rule_, *errors_;
    QTableWidget* sheet_;
};

} // namespace fusain::desktop
