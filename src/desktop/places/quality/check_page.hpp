#pragma once
#include "desktop/places/quality/guided_check.hpp"
#include "desktop/views/check_scale.hpp"
#include "desktop/widgets/parts.hpp"
#include "desktop/widgets/records_view.hpp"
#include "procedure/quality/standing.hpp"

namespace fusain::desktop {

/// One check of an instrument as it is made: what the instrument shows, each reading on a scale with its limit,
/// the verdict, what follows; and the checks before it.
class CheckPage : public QWidget {
    Q_OBJECT
public:
    explicit CheckPage(Session& session);
    /// @param checks all of the instrument, in order of time
    void showCheck(const Instrument& instrument, const CheckStanding& standing,
                   const std::vector<Check>& checks);
    /// Puts one of the listed checks under the keyboard.
    void openCheck(const QString& id);
    [[nodiscard]] RecordsView& made() { return *checks_; }
    /// The first thing that the keyboard reaches.
    void enter();

protected:
    void showEvent(QShowEvent* event) override;

private:
    void fillChecks();
    void showScale();
    void showState();
    void showAffected(const CheckStatus& status);
    void takeReading();
    void takeLive();
    void keepCheck();
    [[nodiscard]] std::optional<double> live() const;
    [[nodiscard]] const Check* lastOfThis() const;
    /// Whether its verdict is what matters now.
    [[nodiscard]] bool justMade() const;

    Session& session_;
    const Instrument* instrument_ = nullptr;
    CheckStanding standing_;
    std::vector<Check> history_; ///< of the instrument, in order of time
    QLabel *rule_, *live_, *state_, *affected_;
    ValueField *nominal_, *reading_;
    QPushButton *take_, *takeLive_;
    CheckScale* scale_;
    RecordsView* checks_;
    GuidedCheck* guided_;
};

} // namespace fusain::desktop
