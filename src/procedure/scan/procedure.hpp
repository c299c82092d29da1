#pragma once
#include "procedure/method/procedure.hpp"
#include "procedure/scan/steps.hpp"
#include "record/scan/file.hpp"
#include "record/scan/method.hpp"

namespace fusain {

namespace scanner {
struct ScanAccepted;
}

using DxaSetting = Setting<DxaPolicy>;

/// Does to the record what an event says; throws Json::exception for readDocument.
void applyEvent(DxaTest& test, const Event& event);
/// Reads what an event says and does nothing; throws Json::exception for what could not be read again.
void checkEvent(const DxaTest& test, const Event& event);

/// What the operator says of a scan from a file.
struct ScanRemarks {
    std::vector<std::string> artefacts = {}; ///< metal, movement …
    std::string reassignedBecause = {};      ///< why a scan that is labelled for somebody else is this client's
};

/// One test on the densitometer.
class DxaProcedure : public MethodProcedure<DxaProcedure, ScanMethod> {
public:
    [[nodiscard]] std::span<const StepText> steps() const override { return dxaSteps(); }
    [[nodiscard]] DxaStep currentStep() const { return current().as<DxaStep>(); }
    /// What the rules say of a scan, by this test's policy and the mass on the scale.
    [[nodiscard]] std::vector<dxa::ScanFinding> judge(const dxa::Scan& scan, bool halfBody) const;
    /// Whether the person may lie on the table: nothing when the mass is known and within its limit.
    [[nodiscard]] std::optional<Message> tableObstacle() const;

    /// Scanner, software and mode of today's scans.
    Done setScanner(const ScannerSetup& setup);
    /// @param nominal, reading fat of the soft-tissue phantom, % (1 to 99)
    Done readPhantom(Percent nominal, Percent reading, const Attribution& from = Attribution::typed());
    /// @param keptBecause why it is this client's although it is far from what they weighed before
    Done weigh(Kilograms mass, const Attribution& from, const std::string& keptBecause = {});
    /// @param scansHere in the lab book within a year, with their dose
    /// @param scansElsewhere as the client says; each counts as one of this lab's scans
    /// Above the lab's yearly dose only the physiologist may go on, with a reason.
    Done stateDose(int scansHere, Microsieverts doseHere, int scansElsewhere, const std::string& reason = {});
    Done stateMenopause(bool after);
    /// Accepts a scan that somebody typed. One that must be repeated is refused, unless the physiologist says
    /// why it is used all the same. Number, moment and verdict are filled in here.
    Done acceptScan(DxaScan scan, const std::string& reasonInSpite = {});
    /// Accepts a scan that came as a file, changed by hand or not, with what the densitometer reported of it.
    /// One that is labelled for somebody else is refused, unless the physiologist says why it is this client's.
    /// @param from the file, and the test that it was chosen for  @param also is kept in the same transaction:
    /// what the other person's record says of a scan that was labelled for them
    Done acceptFile(const ScanFile& file, const std::string& clientCode, const ScanRemarks& remarks,
                    const Attribution& from, const std::string& reasonInSpite = {}, const AlsoKept& also = {});
    Done setAside(int number, const std::string& reason);
    Done restore(int number);
    /// Values and bone scores that the densitometer reported itself.
    Done keepReported(const std::vector<ReportedValue>& values, const std::vector<dxa::ReportedBone>& bones);

protected:
    [[nodiscard]] std::optional<Json> resultDocument() const override;
    [[nodiscard]] bool readingDone(Step step) const override;
    [[nodiscard]] bool needsAttention(Step step) const override;

private:
    Done keepScan(scanner::ScanAccepted accepted, const std::string& reasonInSpite, const AlsoKept& also = {});
    [[nodiscard]] static std::optional<Problem>
    problemWithReported(const std::vector<ReportedValue>& values, const std::vector<dxa::ReportedBone>& bones);

    friend MethodProcedure;
    using MethodProcedure::MethodProcedure;
};

} // namespace fusain
