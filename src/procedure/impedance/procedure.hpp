#pragma once
#include "procedure/impedance/steps.hpp"
#include "procedure/method/method.hpp"
#include "procedure/method/procedure.hpp"
#include "record/impedance/method.hpp"

namespace fusain {

using ImpedanceSetting = Setting<ImpedancePolicy>;

/// Does to the record what an event says; throws Json::exception for readDocument.
void applyEvent(ImpedanceTest& test, const Event& event);
/// Reads what an event says and does nothing; throws Json::exception for what could not be read again.
void checkEvent(const ImpedanceTest& test, const Event& event);

/// One test on the impedance analyzer.
class ImpedanceProcedure : public MethodProcedure<ImpedanceProcedure, ImpedanceMethod> {
public:
    [[nodiscard]] std::span<const StepText> steps() const override { return impedanceSteps(); }
    [[nodiscard]] ImpedanceStep currentStep() const { return current().as<ImpedanceStep>(); }
    /// What the signal rules say of a sweep, by this test's policy and electrodes.
    [[nodiscard]] std::vector<impedance::SignalFinding> judge(const impedance::Sweep& sweep) const;

    /// How the analyzer is connected. @param setup 2, 4 or 8 electrodes
    Done setUp(const AnalyzerSetup& setup);
    /// Whether a question with this condition is asked on such an analyzer; nothing when the condition is not
    /// about the analyzer.
    [[nodiscard]] static std::optional<bool> appliesToAnalyzer(const std::string& condition,
                                                               impedance::ElectrodeGeometry geometry);
    /// @param nominal of the module, Ω  @param reading of the analyzer, Ω
    Done checkModule(Ohms nominal, Ohms reading, const Attribution& from = Attribution::typed());
    /// @param code typed or scanned; must be the client's  @param height of today, m
    /// @param doubts that were seen  @param keptBecause why it is this client all the same; needed with a doubt
    Done confirmIdentity(const std::string& code, const std::string& clientCode, Metres height,
                         std::vector<impedance::IdentityDoubt> doubts = {},
                         const std::string& keptBecause = {});
    /// @param keptBecause why it is this client's although it is far from what they weighed before
    Done weigh(Kilograms mass, const Attribution& from, const std::string& keptBecause = {});
    /// Accepts a sweep. One that must be repeated is refused, unless the physiologist says why it is used all
    /// the same.
    /// @param keptBecause why it is this client's although it is far from the one before
    Done acceptSweep(impedance::Sweep sweep, const Attribution& from, const std::string& reasonInSpite = {},
                     const std::string& keptBecause = {});
    /// Readings that were taken elsewhere and come from a file: mass, sweep and reported values in one step,
    /// without the questions that nobody asked here. The sweep is judged all the same; a bad one is refused.
    /// @param source the file and line, kept in the notes
    Done importReadings(Kilograms mass, impedance::Sweep sweep, std::vector<ReportedValue> reported,
                        const std::string& source);
    Done setAside(int number, const std::string& reason);
    Done restore(int number);
    /// Values that the analyzer computed itself.
    Done keepReported(std::vector<ReportedValue> values);
    /// Ids of missingParts with the side: "left/foot". Empty takes them back.
    Done setMissingParts(const std::vector<std::string>& parts);
    /// Length of a segment by tape: arm from the shoulder to the wrist, leg from the hip to the ankle, trunk
    /// between shoulder and hip.
    Done tapeLength(impedance::Segment segment, Metres length);

protected:
    [[nodiscard]] std::optional<Json> resultDocument() const override;
    [[nodiscard]] bool readingDone(Step step) const override;
    [[nodiscard]] bool needsAttention(Step step) const override;
    [[nodiscard]] bool applies(const std::string& condition) const override;

private:
    /// The sweep with its number, its set-up and what the rules say of it.
    [[nodiscard]] ImpedanceSweep judged(impedance::Sweep sweep, const Attribution& from) const;

    friend MethodProcedure;
    using MethodProcedure::MethodProcedure;
};

/// What is wrong with the numbers of a sweep before any signal is judged: frequencies out of order or out of
/// range, numbers that are none, kilohms for ohms. Nothing when they can be judged.
[[nodiscard]] std::optional<Problem> problemWithSweep(const impedance::Sweep& sweep);

/// Puts the lab's own calibrations, which the lab book keeps by sex, into a policy.
void takeCalibrations(ImpedancePolicy& policy, const SettingOf& setting);

/// What the last signed test before this one says of the person: height, mass and whole-body impedance.
/// @param past of the same client, oldest first
[[nodiscard]] std::optional<impedance::IdentityFacts> lastFacts(const std::vector<ImpedanceTest>& past,
                                                                const RawTest& now);

} // namespace fusain
