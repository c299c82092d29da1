#pragma once
#include "core/impedance/fluids.hpp"
#include "core/impedance/paired_regression.hpp"
#include "core/impedance/segmental.hpp"
#include "core/impedance/signal.hpp"
#include "record/base/document_kind.hpp"
#include "record/method/policy.hpp"

namespace fusain {

/// How this lab measures impedance: the equations it follows, and what it believes.
struct ImpedancePolicy : MethodPolicy {
    ImpedancePolicy() { dryMassError = Kilograms(0.05); }
    impedance::ElectrodeGeometry geometry = impedance::ElectrodeGeometry::SupineGel; ///< of the lab's analyzer
    int electrodes = 8;
    std::string analyzer = "Analyzer";
    // Grade A only; for gel electrodes, lying.
    std::string adultFatFreeMass = "impedance.ffm.kyle-2001";
    std::string childFatFreeMass = "impedance.ffm.houtkooper-1992";
    std::string bodyWater = "impedance.tbw.sun-2003";
    std::string skeletalMuscle = "impedance.smm.janssen-2000";
    std::string limbLean = "impedance.asm.kyle-2003";
    std::string limbLeanOlder = "impedance.asm.sergi-2015"; ///< from 60 y
    std::vector<std::string>
        alongside; ///< shown beside the chosen one, any grade, so that nobody believes one too much
    impedance::FluidMethod fluids = impedance::FluidMethod::Moissl2006;
    double resistanceError = 0.005; ///< relative standard error of a whole-body reading, repositioning included
    double reactanceError = 0.015;
    double limbRepeatError = 0.010; ///< relative, of one limb measured again
    double trunkRepeatError = 0.030;
    Kilograms armThreshold{0.45}, legThreshold{0.9}; ///< differences that the lab calls notable
    double moduleTolerance = 0.015;                  ///< relative, of the test module
    impedance::SignalLimits gelSignal = impedance::SignalLimits::of(impedance::ElectrodeGeometry::SupineGel);
    impedance::SignalLimits contactSignal =
        impedance::SignalLimits::of(impedance::ElectrodeGeometry::StandingContact);
    /// The lab's own way from its contacts to gel electrodes, by sex; nothing until it has fitted one.
    std::map<Sex, impedance::PairedRegression> contactToGel;
    /// The lab's own segments, by sex, for `geometry`; the shipped uncalibrated model where there are none.
    std::map<Sex, impedance::SegmentModel> segments;

    [[nodiscard]] const impedance::SignalLimits& signalLimits(impedance::ElectrodeGeometry of) const {
        return of == impedance::ElectrodeGeometry::SupineGel ? gelSignal : contactSignal;
    }
};

[[nodiscard]] Json toJson(const ImpedancePolicy& policy);
/// Reads and checks a policy: known equations of the right kind, grade A where they decide, sensible numbers.
[[nodiscard]] Expected<ImpedancePolicy> impedancePolicyFromJson(const Json& json, const std::string& where);

// The lab's own calibrations, which live in the lab book and are put into the policy of a test when it begins.
[[nodiscard]] Json toJson(const impedance::PairedRegression& line);
[[nodiscard]] impedance::PairedRegression pairedRegressionFromJson(const Json& json);
[[nodiscard]] Json toJson(const impedance::SegmentModel& model);
[[nodiscard]] impedance::SegmentModel segmentModelFromJson(const Json& json);

/// The keys of this kind of document.
[[nodiscard]] DocumentKind impedancePolicyKind();

} // namespace fusain
