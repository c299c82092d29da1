#pragma once
#include "core/dxa/composition.hpp"
#include "core/dxa/scan_rules.hpp"
#include "procedure/method/result.hpp"
#include "record/scan/method.hpp"

namespace fusain {

/// A computed test on the densitometer. Fat percent is always that of the whole mass here, as with the other
/// methods; a page may show regions by the lab's convention, and names it.
struct DxaResult : TestResult {
    using Method = ScanMethod;
    dxa::Scan scan; ///< the one that counts, with all ten regions where they were given
    ScannerSetup scanner;
    std::string halfBody;
    compartments::Composition composition;
    Measured<Kilograms> lean, boneMineral, scanMass;
    dxa::Indices indices;
    Measured<Kilograms> limbLean;
    anthropometry::LimbBalance armLean, legLean, armFat, legFat;
    std::optional<Kilograms> visceralFat;   ///< as reported
    std::optional<Litres> visceralVolume;   ///< from the reported mass
    std::optional<double> visceralArea;     ///< cm², as reported
    std::vector<Message> bone;              ///< what may be said of the reported scores
    std::vector<dxa::ScanFinding> findings; ///< of the rules
};

/// Computes a raw record by a policy. The same code serves the bench, the reports and fusain-calc.
/// @return a Problem naming the reading that is missing
[[nodiscard]] Expected<DxaResult> computeDxa(const DxaTest& test, const DxaPolicy& policy);

/// What the physiologist can say beyond fat: limbs, middle, bone.
[[nodiscard]] std::vector<Message> dxaFindings(const DxaResult& result, const DxaTest& test);

[[nodiscard]] Json toJson(const DxaResult& result, const DxaTest& test, const DxaPolicy& policy);

/// Version of the computation, stored with every result.
inline constexpr std::string_view dxaEngineVersion = "dxa-1";

} // namespace fusain
