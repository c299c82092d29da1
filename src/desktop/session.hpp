#pragma once
#include "desktop/lab_references.hpp"
#include "link/instrument_hub.hpp"
#include "procedure/any_procedure.hpp"
#include "procedure/computed_test.hpp"
#include "procedure/interpretation.hpp"
#include "procedure/lab_catalogue.hpp"
#include "procedure/quality_review.hpp"
#include "report/style.hpp"
#include "report/test_report.hpp"
#include "store/lab_book.hpp"

#include <QObject>
#include <functional>

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
    LabReferences& references() { return references_; }
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
    /// A practice room: made-up people only, marked on every screen and page.
    [[nodiscard]] bool practice() const { return practice_; }
    void setPractice() { practice_ = true; }
    /// What the made-up client of a practice case answers to a question; empty outside of one.
    using ClientSays = std::function<QString(const readiness::Rule&)>;
    [[nodiscard]] const ClientSays& clientSays() const { return clientSays_; }
    void setClientSays(ClientSays says) { clientSays_ = std::move(says); }
    /// Units in which this lab reads masses on land, heights and temperatures. Records stay metric.
    [[nodiscard]] UnitSystem units();
    [[nodiscard]] QString nameOf(const Client& client) const;
    [[nodiscard]] const AnyPolicy& policyInForce(std::string_view method);
    /// The policy in force with the lab's own calibrations put in, as a new test takes it.
    [[nodiscard]] AnyPolicy policyForNewTest(std::string_view method);
    /// The reference set for %fat that this lab chose, else the policy's.
    [[nodiscard]] const reference::ReferenceSet* fatReferenceFor(const MethodPolicy& policy);

    // The running test
    [[nodiscard]] Procedure* run() { return run_.get(); }
    /// Starts a test. An overdue or failed check of an instrument stops it, unless the physiologist overrides
    /// with a reason.
    Expected<void> startRun(const Client& client, const std::string& visitId,
                            std::string_view method = methodHydrostatic, const std::string& override = {});
    /// Why no test by this method may start now.
    [[nodiscard]] std::optional<Problem> obstacleToTests(std::string_view method);
    /// The lab's own precision by this method, from its studies.
    [[nodiscard]] LabPrecision precisionOf(std::string_view method, const std::string& technician);
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
    /// A test computed by its own policy, or by another one.
    [[nodiscard]] Expected<ComputedTest> computed(const AnyTest& test, const WhatIf& whatIf = {},
                                                  const AnyPolicy* instead = nullptr) const;
    /// The signed tests by the same method before this one, computed, oldest first.
    [[nodiscard]] std::vector<ComputedTest> earlierThan(const AnyTest& test);
    /// @param instead computes by another policy than the test's own; nothing is stored
    [[nodiscard]] Expected<report::TestReport> reportOn(const AnyTest& test, const WhatIf& whatIf = {},
                                                        const AnyPolicy* instead = nullptr);
    /// Names of the colleagues by id, read once for the whole of a table.
    [[nodiscard]] std::function<std::string(const std::string&)> staffNames();
    /// Height, mass and impedance of the client's last impedance test before this one.
    [[nodiscard]] std::optional<impedance::IdentityFacts> lastImpedance(const RawTest& test);
    /// |Z| of the whole body at 50 kHz, from the sweep that counts.
    [[nodiscard]] static std::optional<Ohms> magnitudeAt50(const ImpedanceTest& test);
    [[nodiscard]] std::string staffName(const std::string& id) { return staffNames()(id); }
    /// Signs the running test and stores its result beside the raw record.
    Expected<void> signRun(const Staff& technician, const std::optional<Staff>& physiologist);
    /// Keeps a check of an instrument with its verdict. @param readings in the unit of the reference
    Expected<void> keepCheck(const std::string& instrument, const std::string& check, double nominal,
                             const std::vector<double>& readings, const std::string& note = {});
    /// Standard uncertainty of the calibration cylinder's certificate.
    [[nodiscard]] Litres cylinderError() const;
    /// Computes a test by another policy and stores the result beside the earlier ones.
    Expected<void> recompute(const AnyTest& test, const AnyPolicy& policy);
    [[nodiscard]] std::string freshId(const std::string& prefix);

Q_SIGNALS:
    void changed();
    void appearanceChanged();
    void problemRaised(const fusain::Problem& problem);

private:
    [[nodiscard]] std::optional<impedance::VectorReference> ownVectors(Sex sex);
    Expected<void> saveVisitOfRun(const std::string& state);
    [[nodiscard]] std::vector<OtherMethod> sameDayAs(const ComputedTest& computed);
    Expected<void> noteWetHair(const Client& client);

    std::unique_ptr<store::LabBook> book_;
    LabCatalogue catalogue_;
    LabReferences references_;
    Clock clock_;
    link::InstrumentHub hub_;
    Staff atTheBench_;
    bool namesHidden_ = false;
    bool dark_ = false;
    bool practice_ = false;
    ClientSays clientSays_;
    std::unique_ptr<Procedure> run_;
    std::string visitId_;
    std::int64_t ownVectorsAt_ = -1; ///< events in the book when the lab's own vectors were collected
    std::map<Sex, impedance::VectorReference> ownVectors_;
};

} // namespace fusain::desktop
