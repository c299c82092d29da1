#pragma once
#include "core/impedance/vector.hpp"
#include "core/impedance/whole_body.hpp"
#include "procedure/method/result.hpp"
#include "record/impedance/method.hpp"

namespace fusain {

/// What one published equation makes of the reading.
struct EquationEstimate {
    const impedance::WholeBodyEquation* equation = nullptr;
    Uncertain value{0.0};              ///< with reading, mass and equation error, where the last is published
    std::vector<Message> reservations; ///< what is to be said before it is used for this person
    bool chosen = false;               ///< by the policy
    impedance::Applies applies = impedance::Applies::Yes;
};

/// A computed impedance test: what was read, what it gives, and what to be careful about. Values that the
/// analyzer computed itself stay in the record and are not mixed in; only a test without any raw reading rests
/// on them.
struct ImpedanceResult : TestResult {
    using Method = ImpedanceMethod;
    impedance::ElectrodeGeometry geometry = impedance::ElectrodeGeometry::SupineGel;
    bool fromReported = false; ///< no raw reading: composition and segments as the instrument reported them
    std::optional<impedance::Impedance> standard; ///< whole body at 50 kHz, as read
    std::optional<Measured<Degrees>> phaseAngle;
    std::optional<impedance::BodyVector> vector;
    std::optional<double> impedanceRatio; ///< |Z| at 200 or 250 kHz over |Z| at 5 kHz
    std::optional<impedance::PairedRegression::Converted>
        converted; ///< to gel electrodes, by the lab's own line

    std::optional<compartments::Composition> composition; ///< nothing where no equation may be used
    std::vector<EquationEstimate> estimates;              ///< the chosen ones first, then those alongside
    std::optional<Measured<Litres>> bodyWater;
    std::optional<Measured<Kilograms>> skeletalMuscle, limbLean;
    Kilograms missingMass{0.0}; ///< of amputated parts, by the sheet's percentages

    std::optional<impedance::ColeFit> arc; ///< of the whole body
    std::optional<impedance::Fluids> fluids;
    std::vector<impedance::Fluids> otherFluids; ///< the same arc by the other methods
    std::optional<double> hydration;            ///< body water over fat-free mass

    std::optional<impedance::Segmentation> segmentation;
    std::optional<impedance::LimbBalance> arms, legs;
    std::vector<impedance::SignalFinding> signal;
};

/// Computes a raw record by a policy. The same code serves the bench, the reports and fusain-calc.
/// @return a Problem naming the reading that is missing
[[nodiscard]] Expected<ImpedanceResult>
computeImpedance(const ImpedanceTest& test, const ImpedancePolicy& policy, const WhatIf& whatIf = {});

/// What the physiologist can say beyond fat: phase angle, water, vector, limbs.
[[nodiscard]] std::vector<Message> impedanceFindings(const ImpedanceResult& result, const TestSubject& subject);

[[nodiscard]] Json toJson(const ImpedanceResult& result, const ImpedanceTest& test,
                          const ImpedancePolicy& policy);

/// Every equation that gives fat-free mass.
[[nodiscard]] std::vector<EquationChoice> fatFreeMassEquations();

/// Version of the computation, stored with every result.
inline constexpr std::string_view impedanceEngineVersion = "impedance-1";

/// Age from which the mixture equations for water are used: they know the shape of an adult body.
/// An lab-adjustable default: no paper gives a youngest age.
inline constexpr Years mixtureEquationsAge{16.0};

/// Age from which the adult equations are used; before it those for children.
inline constexpr double adultImpedanceAge = 20.0;

} // namespace fusain
