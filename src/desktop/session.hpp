#pragma once
#include "link/instrument_hub.hpp"
#include "procedure/hydrostatic_procedure.hpp"
#include "procedure/interpretation.hpp"
#include "procedure/lab_catalogue.hpp"
#include "report/hydrostatic_report.hpp"
#include "report/style.hpp"
#include "store/lab_book.hpp"

#include <QObject>

namespace fusain::desktop {

/// What all places of the window share: the lab book, the catalogue, the clock, who is at the bench, and the
/// running test.
class Session : public QObject {
    Q_OBJECT
public:
    Session(std::unique_ptr<store::LabBook> book, LabCatalogue catalogue, Clock clock,
            QObject* parent = nullptr);

    store::LabBook& book() { return *book_; }
    [[nodiscard]] const LabCatalogue& catalogue() const { return catalogue_; }
    [[nodiscard]] Instant now() const { return clock_(); }
    [[nodiscard]] const Clock& clock() const { return clock_; }
    link::InstrumentHub& hub() { return hub_; }
    [[nodiscard]] std::string labName();

    // Who and how
    [[nodiscard]] const Staff& atTheBench() const { return atTheBench_; }
    void setAtTheBench(const Staff& staff);
    [[nodiscard]] bool namesHidden() const { return namesHidden_; }
    void setNamesHidden(bool hidden);
    [[nodiscard]] bool dark() const { return dark_; }
    void setDark(bool dark);
    [[nodiscard]] const report::Palette& palette() const {
        return dark_ ? report::darkPalette() : report::lightPalette();
    }
    /// Units in which this lab reads masses on land, heights and temperatures. Records stay metric.
    [[nodiscard]] UnitSystem units();
    [[nodiscard]] QString nameOf(const Client& client) const;
    [[nodiscard]] const HydrostaticPolicy& policyInForce();
    /// The reference set for %fat that this lab chose, else the policy's.
    [[nodiscard]] const reference::ReferenceSet* fatReferenceFor(const HydrostaticPolicy& policy);

    // The running test
    [[nodiscard]] HydrostaticProcedure* run() { return run_ ? &*run_ : nullptr; }
    Expected<void> startRun(const Client& client, const std::string& visitId);
    Expected<void> resumeRun(const std::string& testId);
    /// Ends the running test without a result and frees its appointment.
    Expected<void> endRun(const std::string& reason);
    void closeRun();
    /// What the same client answered to a question at the latest earlier test.
    [[nodiscard]] std::optional<AnsweredQuestion> earlierAnswer(const std::string& ruleId);
    /// Reports a command's outcome: a Problem is shown, success refreshes every place. @return whether it
    /// succeeded
    bool report(const Expected<void>& outcome);

    // Looking at a test
    [[nodiscard]] HydrostaticSetting settingOf(const HydrostaticTest& test) const;
    /// Results of the signed tests before this one, oldest first.
    [[nodiscard]] std::vector<EarlierResult> earlierThan(const HydrostaticTest& test);
    /// @param instead computes by another policy than the test's own; nothing is stored
    [[nodiscard]] Expected<report::HydrostaticReport> reportOn(const HydrostaticTest& test,
                                                               const WhatIf& whatIf = {},
                                                               const HydrostaticPolicy* instead = nullptr);
    [[nodiscard]] std::string staffName(const std::string& id);
    /// Signs the running test and stores its result beside the raw record.
    Expected<void> signRun(const Staff& technician, const std::optional<Staff>& physiologist);
    /// Computes a test by another policy and stores the result beside the earlier ones.
    Expected<void> recompute(const HydrostaticTest& test, const HydrostaticPolicy& policy);
    [[nodiscard]] std::string freshId(const std::string& prefix);

Q_SIGNALS:
    void changed();
    void appearanceChanged();
    void problemRaised(const fusain::Problem& problem);

private:
    Expected<void> saveVisitOfRun(const std::string& state);

    std::unique_ptr<store::LabBook> book_;
    LabCatalogue catalogue_;
    Clock clock_;
    link::InstrumentHub hub_;
    Staff atTheBench_;
    bool namesHidden_ = false;
    bool dark_ = false;
    std::optional<HydrostaticProcedure> run_;
    std::string visitId_;
};

} // namespace fusain::desktop
