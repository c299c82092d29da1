#pragma once
#include "desktop/places/place.hpp"
#include "procedure/practice/debrief.hpp"

#include <QListWidget>

namespace fusain::desktop {

/// The practice room: made-up people with known bodies, instruments that misbehave as they do, and afterwards
/// what was noticed, what was missed and what it would have cost.
class PracticePlace : public Place {
    Q_OBJECT
public:
    explicit PracticePlace(Session& session);
    void refresh() override;
    [[nodiscard]] QString where() const override { return tr("Practice"); }
    void enter() override { list_->setFocus(); }
    /// Begins the case with this id. @return whether its test started
    bool begin(const std::string& caseId);
    /// Chooses a case in the list.
    void showCaseWith(const std::string& caseId);
    [[nodiscard]] QString debriefText() const { return debrief_->text(); }
    /// Which methods the colleague at the bench has shown, as a page to sign.
    [[nodiscard]] report::PageFlow signOffSheet();

Q_SIGNALS:
    /// A case begins: whoever has the instruments lets them misbehave.
    void caseBegun(const fusain::PracticeCase& begun, const QString& clientId);

private:
    /// One finished practice test.
    struct Attempt {
        const PracticeCase* practice = nullptr;
        std::string trainee;
        AnyTest test;
        Debrief debrief;
    };
    [[nodiscard]] std::vector<Attempt> attempts();
    [[nodiscard]] const PracticeCase* chosen() const;
    [[nodiscard]] const PracticeCase* caseOf(const std::string& testId);
    [[nodiscard]] QString textOf(const Attempt& attempt) const;
    void followRun();
    void showCase();
    void saveSheet();

    QListWidget* list_;
    QLabel *title_, *story_, *debrief_;
    QTableWidget* progress_;
};

} // namespace fusain::desktop
