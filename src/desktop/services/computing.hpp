#pragma once
#include "core/base/recently_used.hpp"
#include "desktop/services/lab_policies.hpp"
#include "desktop/services/own_vectors.hpp"
#include "procedure/all/computed.hpp"
#include "report/pages/test_report.hpp"

namespace fusain::desktop {

/// Results, histories and comparisons of the tests in the lab book, computed when they are asked for and
/// remembered when it is over: by the test, its version and its last event, which together say all of what it
/// was computed from. The record is always the one that was asked about.
class Computing {
public:
    /// What the window adds to every report: the lab's name, and whether names are hidden.
    using Dress = std::function<void(report::TestReport&)>;
    Computing(store::LabBook& book, const LabCatalogue& catalogue, const LabReferences& references,
              const LabPolicies& policies, Dress dress);

    /// A test computed by its own policy, or by another one.
    [[nodiscard]] Expected<ComputedTest> computed(const AnyTest& test, const WhatIf& whatIf = {},
                                                  const AnyPolicy* instead = nullptr) const;
    /// How many tests have been computed so far, remembered ones not counted.
    [[nodiscard]] int computations() const { return computations_; }
    /// The signed tests by the same method before this one, computed, oldest first.
    [[nodiscard]] std::vector<ComputedTest> earlierThan(const AnyTest& test) const;
    /// @param instead computes by another policy than the test's own; nothing is stored
    [[nodiscard]] Expected<report::TestReport> reportOn(const AnyTest& test, const WhatIf& whatIf = {},
                                                        const AnyPolicy* instead = nullptr);
    /// The same with the recordings of the test, which stand on its pages only.
    [[nodiscard]] Expected<report::TestReport> reportOnPaper(const AnyTest& test);
    /// The lab's own precision by this method, from its studies.
    [[nodiscard]] LabPrecision precisionOf(std::string_view method, const std::string& technician) const;
    /// The same for the person of a test, of whose kind there may be a study.
    [[nodiscard]] LabPrecision precisionOf(const ComputedTest& test, const std::string& technician) const;
    /// Names of the colleagues by id, read once for the whole of a table.
    [[nodiscard]] std::function<std::string(const std::string&)> staffNames() const;
    /// Computes a test by another policy and stores the result beside the earlier ones.
    Expected<void> recompute(const AnyTest& test, const AnyPolicy& policy, Instant now, const std::string& by);

    /// The sets that a test is held against.
    [[nodiscard]] report::ReportReferences referencesFor(const ComputedTest& test);

private:
    struct Remembered {
        AnyPolicy policy;
        AnyResult result;
    };
    [[nodiscard]] Expected<ComputedTest> remembered(const AnyTest& test) const;
    [[nodiscard]] bool isWhatTheBookHolds(const AnyTest& test) const;
    [[nodiscard]] report::TestReport reportOn(ComputedTest computed);
    [[nodiscard]] std::vector<OtherMethod> sameDayAs(const ComputedTest& computed) const;
    void compareWithEarlier(report::TestReport& report) const;
    [[nodiscard]] LabPrecision precisionFor(std::string_view method, const std::string& technician,
                                            const std::optional<MeasuredPerson>& person) const;

    store::LabBook& book_;
    const LabCatalogue& catalogue_;
    const LabReferences& references_;
    const LabPolicies& policies_;
    OwnVectors ownVectors_;
    mutable RecentlyUsed<Remembered> known_{512};
    mutable int computations_ = 0;
    Dress dress_;
};

} // namespace fusain::desktop
