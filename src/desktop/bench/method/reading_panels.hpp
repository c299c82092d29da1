#pragma once
#include "desktop/bench/method/step_panel.hpp"
#include "desktop/widgets/figure_view.hpp"
#include "report/figures/scale_face_figure.hpp"

#include <QCheckBox>

namespace fusain::desktop {

/// A step that is a list of things to do, confirmed as a whole: tank ready, rehearsal, out safely, after.
class ConfirmPanel : public StepPanel {
    Q_OBJECT
public:
    /// @param words what stands above the list and may change, such as the lab's own text
    ConfirmPanel(Session& session, std::span<const StepText> sheet, Step step, const QStringList& items,
                 QString primary, std::function<QString()> words = {});
    void refresh() override;
    [[nodiscard]] QString primaryText() const override { return primary_; }
    void primary() override;

private:
    QString primary_;
    std::function<QString()> words_;
    QLabel* said_;
};

/// One number from one instrument, or typed: water temperature, dry mass.
class ReadingPanel : public StepPanel {
    Q_OBJECT
public:
    struct Source {
        const char* role;
        const char* key;
        QString name;
        Dimension dimension;
        int decimals;
        QString cue; ///< told to the simulated instrument when the work comes to this step
        /// Keeps the reading, with the reason why a doubted one is this client's.
        std::function<Procedure::Done(Procedure&, double, const Attribution&, const std::string&)> accept;
        std::function<std::optional<Reading>(const Procedure&)> accepted;
        std::function<QString(double)> judge;
    };
    ReadingPanel(Session& session, std::span<const StepText> sheet, Step step, Source source);
    void refresh() override;
    void entered() override;
    [[nodiscard]] QString primaryText() const override;
    [[nodiscard]] bool primaryEnabled() const override;
    void primary() override;
    [[nodiscard]] QString verdict() const override;
    [[nodiscard]] StandBack standBack() const override;
    [[nodiscard]] QWidget* firstField() const override;
    [[nodiscard]] QLineEdit* typingField() const override { return field_->edit(); }

private:
    [[nodiscard]] bool typed() const;
    /// What the primary button would accept, as kept.
    [[nodiscard]] std::optional<double> candidate() const;
    void showLive();
    [[nodiscard]] QString shown(double kept) const;
    void showFace();
    Source source_;
    QLabel* live_;
    FigureView* face_;                                  ///< of a scale; nothing else has one
    std::vector<double> recent_;                        ///< readings of the last moments
    std::vector<report::ScaleFaceModel::Visit> visits_; ///< what the client weighed before
    ValueField* field_;
    QLabel* accepted_;
};

} // namespace fusain::desktop
