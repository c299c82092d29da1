#pragma once
#include "desktop/services/latest_answer.hpp"
#include "desktop/services/session.hpp"
#include "desktop/widgets/figure_view.hpp"
#include "desktop/widgets/parts.hpp"
#include "link/simulation/all/what_if.hpp"

#include <QListWidget>
#include <QSlider>
#include <QTimer>

namespace fusain::desktop {

/// "What would happen if": a made-up body and what goes wrong, on sliders; the recording and the result answer
/// at once.
class WhatIfPage : public QWidget {
    Q_OBJECT
public:
    explicit WhatIfPage(Session& session);
    void enter();
    void chooseMethod(const QString& method);
    void setFault(const QString& name, bool on);
    [[nodiscard]] QString resultText() const { return result_->text(); }

protected:
    void showEvent(QShowEvent* event) override;

private:
    struct Knob {
        const char* key;
        QSlider* slider;
        QLabel* value;
        double scale; ///< of the number per step
        int decimals;
        QString unit;
        int usual;               ///< steps, where the knob says nothing
        std::string_view method; ///< the only one that it concerns; empty: all
    };
    Knob& addKnob(QVBoxLayout& column, const char* key, const QString& name, const QString& unit, double low,
                  double high, double value, double step, int decimals);
    [[nodiscard]] double knob(const char* key) const;
    [[nodiscard]] simulation::Experiment experiment() const;
    void showMethod();
    void tryOut();
    void showRecording(const simulation::Finding& finding, const hydrostatic::TraceReading& submersion);
    void showResult(const simulation::Experiment& tried, const simulation::Finding& finding);

    Session& session_;
    QComboBox *method_, *sex_;
    QListWidget* faults_;
    std::vector<Knob> knobs_;
    FigureView *recording_, *rule_;
    QLabel *reading_, *result_;
    QTimer soon_;
    LatestAnswer answers_;
};

} // namespace fusain::desktop
