#pragma once
#include "desktop/places/practice/attempts.hpp"
#include "desktop/widgets/figure_view.hpp"
#include "desktop/widgets/parts.hpp"
#include "report/base/page_flow.hpp"

namespace fusain::desktop {

/// How a trainee comes on: cases met by method, every attempt over time, and a sheet to be signed off.
class TraineePage : public QWidget {
    Q_OBJECT
public:
    TraineePage(Session& session, Attempts& attempts);
    void refresh();
    void enter() { who_->setFocus(); }
    /// Which cases of which methods the chosen trainee has shown, as a page to sign.
    [[nodiscard]] report::PageFlow signOffSheet();

private:
    [[nodiscard]] std::string chosen() const { return who_->currentData().toString().toStdString(); }
    void fillTrainees();
    void showProgress();
    void saveSheet();

    Session& session_;
    Attempts& attempts_;
    QComboBox* who_;
    QTableWidget *methods_, *all_;
    FigureView* course_;
};

} // namespace fusain::desktop
