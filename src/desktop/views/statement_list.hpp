#pragma once
#include <QLabel>
#include <QWidget>
#include <vector>

namespace fusain::report {
struct TestReport;
}

namespace fusain::desktop {

/// What matters most of a test, ranked: the verdict, the statement as the lab reads it, and under it what the
/// client would be told.
class StatementList : public QWidget {
    Q_OBJECT
public:
    explicit StatementList(QWidget* parent = nullptr);
    void showReport(const report::TestReport& report);
    void clear();

private:
    struct Row {
        QWidget* all;
        QLabel *verdict, *statement, *forClient;
    };
    std::vector<Row> rows_;
};

} // namespace fusain::desktop
