#pragma once
#include "desktop/services/session.hpp"
#include "desktop/widgets/figure_view.hpp"
#include "desktop/widgets/parts.hpp"
#include "procedure/meaning/across_methods.hpp"

namespace fusain::desktop {

/// How two methods agree over everybody of this lab who had both on one day, and the cross-calibration that the
/// physiologist may adopt from it.
class AgreementPage : public QWidget {
    Q_OBJECT
public:
    explicit AgreementPage(Session& session);
    /// Reads the chosen methods anew when the lab book has grown since.
    void refresh();
    void enter() { reference_->setFocus(); }
    [[nodiscard]] QString words() const { return words_->text(); }

private:
    /// Everybody who had both chosen methods.
    struct Everybody {
        std::int64_t events = -1; ///< in the book when they were read
        std::string reference, other;
        std::vector<ComputedTest> tests;
        std::vector<quality::PairedValue> pairs;
    };
    void choosePair();
    void read();
    void show();
    void adopt();

    Session& session_;
    Everybody people_;
    QComboBox *reference_, *other_;
    QPushButton* adopt_;
    QLabel* words_;
    FigureView* figure_;
};

} // namespace fusain::desktop
