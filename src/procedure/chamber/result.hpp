#pragma once
#include "core/airdisplacement/trial_rules.hpp"
#include "procedure/method/density_result.hpp"
#include "record/chamber/method.hpp"

namespace fusain {

/// The thoracic gas that a result rests on.
struct ThoracicGasUsed {
    Litres volume;
    Litres standardError;
    bool measured = false;
    std::string how;      ///< method of the measurement, or title of the prediction
    std::string equation; ///< catalogue id of the prediction; empty when measured
    bool withinValidity = true;
};

/// A computed chamber test: the body, what it was computed from, and what to be careful about.
struct ChamberResult : DensityResult {
    using Method = ChamberMethod;
    airdisplacement::TrialJudgement trials;
    Measured<Litres> rawVolume;
    Measured<SquareCentimetres> surfaceArea;
    Measured<Litres> surfaceAreaArtefact; ///< negative
    ThoracicGasUsed thoracicGas;
};

/// Computes a raw record by a policy. The same code serves the bench, the reports and fusain-calc.
/// @return a Problem naming the reading that is missing, or the person whom no permitted equation covers
[[nodiscard]] Expected<ChamberResult> computeChamber(const ChamberTest& test, const ChamberPolicy& policy,
                                                     const WhatIf& whatIf = {});

/// Predicted thoracic gas: adults from 17 y, children 6 to 17 y by their own equation.
[[nodiscard]] Expected<ThoracicGasUsed> predictThoracicGas(const TestSubject& subject,
                                                           const ChamberPolicy& policy);

[[nodiscard]] Json toJson(const ChamberResult& result, const ChamberTest& test, const ChamberPolicy& policy);

/// Version of the computation, stored with every result.
inline constexpr std::string_view chamberEngineVersion = "air-displacement-1";

} // namespace fusain
