#pragma once
#include "desktop/services/session.hpp"
#include "desktop/widgets/parts.hpp"

#include <QVBoxLayout>

namespace fusain::desktop {

/// What the stand-back view shows of a step: one reading and one verdict.
struct StandBack {
    QString reading;
    QString verdict;
};

/// The middle of the bench for one step of the run sheet. Panels show the procedure's state and send it
/// commands; they decide nothing themselves.
class StepPanel : public QWidget {
    Q_OBJECT
public:
    /// As a place, a panel takes the room that it is given.
    [[nodiscard]] bool hasHeightForWidth() const override { return false; }
    StepPanel(Session& session, std::span<const StepText> sheet, Step step);

    [[nodiscard]] Step step() const { return step_; }
    /// Shows the procedure's present state. Called whenever anything changed and a run is open.
    virtual void refresh() {}
    /// Words on the one primary button; empty hides it.
    [[nodiscard]] virtual QString primaryText() const { return {}; }
    [[nodiscard]] virtual bool primaryEnabled() const { return true; }
    virtual void primary() {}
    /// R: throw the reading that is not accepted yet away and take it again.
    virtual void repeat() {}
    /// X: set a trial aside.
    virtual void setAside() {}
    /// One sentence for the verdict line.
    [[nodiscard]] virtual QString verdict() const;
    [[nodiscard]] virtual StandBack standBack() const { return {{}, verdict()}; }
    /// Where typing starts; nothing when Space should act.
    [[nodiscard]] virtual QWidget* firstField() const { return nullptr; }

Q_SIGNALS:
    /// The primary button, verdict or reading changed without the record changing.
    void touched();

protected:
    [[nodiscard]] Procedure& run() const { return *session_.run(); }
    [[nodiscard]] const StepText& text() const { return text_; }
    QVBoxLayout* body() { return body_; }
    /// Takes the latest reading of an instrument, or nothing when there is no live link.
    [[nodiscard]] std::optional<double> live(const char* role, const char* key) const;
    Session& session_;

private:
    Step step_;
    StepText text_;
    QVBoxLayout* body_;
};

/// Asks for one sentence; empty when cancelled.
[[nodiscard]] QString askReason(QWidget* parent, const QString& title, const QString& question);

} // namespace fusain::desktop
