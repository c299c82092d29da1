#pragma once
#include "desktop/services/session.hpp"
#include "desktop/widgets/ask.hpp"
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
    /// Shows the procedure's present state, and nothing else: drawing gives no orders to an instrument. Called
    /// whenever anything changed and a run is open.
    virtual void refresh() {}
    /// The work has come to this step: once for each test and each time that it comes here.
    virtual void entered() {}
    /// Words on the one primary button; empty hides it.
    [[nodiscard]] virtual QString primaryText() const { return {}; }
    [[nodiscard]] virtual bool primaryEnabled() const { return true; }
    virtual void primary() {}
    /// R: throw the reading that is not accepted yet away and take it again.
    virtual void repeat() {}
    /// X: set a trial aside.
    virtual void setAside() {}
    /// What the step came to, said at the foot while the next one is done; empty when its value says it all.
    [[nodiscard]] virtual QString conclusion() const { return {}; }
    /// One sentence for the verdict line.
    [[nodiscard]] virtual QString verdict() const;
    [[nodiscard]] virtual StandBack standBack() const { return {{}, verdict()}; }
    /// Where typing starts; nothing when Space should act.
    [[nodiscard]] virtual QWidget* firstField() const { return nullptr; }
    /// The field into which digits go that are typed anywhere at this step; null when there is none.
    [[nodiscard]] virtual QLineEdit* typingField() const { return nullptr; }

Q_SIGNALS:
    /// The primary button, verdict or reading changed without the record changing.
    void touched();

protected:
    [[nodiscard]] Procedure& run() const { return *session_.run(); }
    /// Whether the bench stands at this step, whichever of its views is shown.
    [[nodiscard]] bool isCurrent() const;
    /// The recording of this kind of the test on the bench.
    template <std::derived_from<Recording> Kind>
    [[nodiscard]] Kind& recording() const {
        return session_.recordings().of<Kind>();
    }
    /// Calls `then` for each advance of a recording, and for each frame of an instrument, while the bench
    /// stands at this step.
    void whenRecorded(std::function<void()> then);
    void whenFrame(const char* role, std::function<void(const link::Frame&)> then);
    /// Whose a reading is that was just taken from a live link.
    [[nodiscard]] Attribution overLink(const char* role) const;
    [[nodiscard]] const StepText& text() const { return text_; }
    QVBoxLayout* body() { return body_; }
    /// Takes the latest reading of an instrument, or nothing when there is no live link.
    [[nodiscard]] std::optional<double> live(const char* role, const char* key) const;
    Session& session_;

private:
    Step step_;
    std::span<const StepText> sheet_;
    StepText text_;
    QVBoxLayout* body_;
};

/// "error −0.003 kg, limit 0.050: passed"
[[nodiscard]] QString checkConclusion(double error, double limit, int decimals, const QString& unit);

/// " 3 lines of the link were lost." after a verdict; empty when none was.
[[nodiscard]] QString missingLinesWords(const Recording& recording);

} // namespace fusain::desktop
