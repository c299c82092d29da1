// The numbers of core over its whole range, as they were kept: a changed coefficient, limit or comparison
// shows.
#include "core/airdisplacement/chamber.hpp"
#include "core/catalogue/equations.hpp"
#include "core/energy/weight_change.hpp"
#include "core/girth/sites.hpp"
#include "core/hydrostatic/weighing_trace.hpp"
#include "core/impedance/cole.hpp"
#include "core/impedance/fluids.hpp"
#include "core/impedance/segmental.hpp"
#include "core/impedance/signal.hpp"
#include "core/impedance/vector.hpp"
#include "core/impedance/whole_body.hpp"
#include "core/quality/agreement.hpp"
#include "core/quality/control_chart.hpp"
#include "support/kept.hpp"

#include <numbers>

namespace fusain::kept_numbers_test {
namespace {

using testing::Kept;
using testing::Scatter;

// Every equation at the ends and in the middle of what it is valid for, and beyond: its ranges are part of it.
TEST(KeptNumbers, Catalogue) {
    Kept kept("catalogue");
    for (const Equation& equation : equationCatalogue()) {
        kept.line(std::string(equation.id), std::string(1, equation.grade), equation.unit);
        for (const EquationInput& input : equation.inputs)
            kept.line("  " + std::string(input.name), input.minimum, input.maximum);
        for (const double place : {0.0, 0.13, 0.37, 0.5, 0.71, 0.9, 1.0, 1.07})
            for (const double sex : {0.0, 1.0}) {
                std::vector<double> arguments;
                std::size_t turn = 0;
                for (const EquationInput& input : equation.inputs) {
                    const double along = std::fmod(place + 0.21 * static_cast<double>(turn++), 1.071);
                    arguments.push_back(
                        input.isSex() ? sex : input.minimum + along * (input.maximum - input.minimum));
                }
                const EquationValue value = equation.compute(arguments);
                kept.line("  =", value.value, value.standardError.value_or(0.0),
                          static_cast<int>(value.flags.size()),
                          value.flags.empty() ? std::string() : value.flags.front());
            }
    }
}

// What each equation says of itself: whom it is for, and how far it is off.
TEST(KeptNumbers, WhomEquationsAreFor) {
    Kept kept("whom-equations-are-for");
    for (const impedance::WholeBodyEquation& each : impedance::wholeBodyEquations())
        kept.line(std::string(each.id), std::string(1, each.grade), each.inputs, each.ages.least,
                  each.ages.most, each.massIndices.least, each.massIndices.most, each.errorMen, each.errorWomen,
                  each.men, each.women, each.forChildren(), each.usesReactance(),
                  each.coversAge(Years(each.ages.most + 0.99)), each.coversAge(Years(each.ages.most + 1.0)));
    for (const Equation& each : equationCatalogue())
        for (const auto& [name, value] : each.facts)
            kept.line(std::string(each.id), name, value);
    for (const girth::Site site : girth::sites)
        kept.line(std::string(girth::textOf(site).key), girth::textOf(site).least.value(),
                  girth::textOf(site).most.value());
}

TEST(KeptNumbers, WeighingTraces) {
    Kept kept("weighing-traces");
    Scatter scatter;
    for (const double amplitude : {0.0, 0.05, 0.4, 1.2})
        for (const double tail : {0.0, 0.15, 0.6})
            for (const double drift : {0.0, 0.004, 0.02})
                for (const double bump : {0.0, 0.3}) {
                    hydrostatic::WeighingTraceAnalyzer analyzer(Kilograms(4.15));
                    for (int i = 0; i < 500; ++i) {
                        const double t = 0.02 * i;
                        const double mass = 7.45 + amplitude * std::exp(-0.35 * t) * std::sin(4.1 * t) -
                                            tail * std::exp(-t / 0.75) + drift * t + (t > 8.0 ? bump : 0.0) +
                                            0.004 * scatter();
                        analyzer.add({Seconds(t), Kilograms(mass)});
                    }
                    const auto& reading = analyzer.reading();
                    kept.line("trace", static_cast<int>(reading.verdict), reading.gross.value(),
                              reading.standardError.value(), reading.windowStart.value(),
                              reading.windowEnd.value(), reading.drift.value(), reading.swing.value(),
                              reading.swingAmplitude.value(), reading.answeredAt.value(), reading.up,
                              reading.message().english());
                }
}

std::vector<airdisplacement::PressureSample> pressures(double air, double phase, double drift, double burst,
                                                       double draught, Scatter& scatter) {
    std::vector<airdisplacement::PressureSample> samples;
    for (int i = 0; i < 50 * 60; ++i) {
        const double t = i / 60.0, at = 2.0 * std::numbers::pi * 3.0 * t;
        const double blow = burst * (i % 900 == 450 ? 1.0 : i % 900 == 451 ? 0.6 : 0.0);
        samples.push_back({Seconds(t),
                           Pascals(20.0 + 20000.0 / (air + draught * t) * std::cos(at) + drift * t + blow +
                                   0.005 * scatter()),
                           Pascals(-20000.0 / 300.0 * std::cos(at + phase) + 0.005 * scatter())});
    }
    return samples;
}

TEST(KeptNumbers, ChamberVolumes) {
    Kept kept("chamber-volumes");
    Scatter scatter;
    const auto calibration =
        airdisplacement::calibrate(pressures(450.0, 0.001, 0.0, 0.0, 0.0, scatter),
                                   pressures(400.0, 0.001, 0.0, 0.0, 0.0, scatter), Litres(50.0), Litres(0.01));
    ASSERT_TRUE(calibration) << calibration.error().english();
    kept.line("calibration", calibration->empty.ratio, calibration->empty.ratioError,
              calibration->cylinder.ratio, calibration->empty.phase, calibration->empty.phaseError,
              calibration->errorAt(Litres(65.0)).value());
    for (const double air : {370.0, 384.0, 386.5, 400.0, 430.0})
        for (const double phase : {0.0004, 0.0007, 0.001, 0.05})
            for (const double drift : {0.0, 0.02, 0.4})
                for (const auto& [burst, draught] : {std::pair(0.0, 0.0), std::pair(15.0, 0.0),
                                                     std::pair(-15.0, 0.0), std::pair(0.0, 0.004)}) {
                    const auto result =
                        airdisplacement::readVolume(pressures(air, phase, drift, burst, draught, scatter),
                                                    *calibration, {Kilograms(70.0), SquareMetres(1.85)});
                    kept.line("trial", static_cast<int>(result.state), result.volume.value(),
                              result.standardError.value(), result.driftPerTrial.value(), result.phaseExcess,
                              static_cast<int>(result.windowVolumes.size()), result.message().english());
                }
    for (const double slope : {0.4, 1.1})
        for (const double noise : {0.0, 0.4, 4.0}) {
            std::vector<airdisplacement::PantingSample> panting;
            for (int i = 0; i < 300; ++i) {
                const double airway = 12.0 * std::sin(0.13 * i);
                panting.push_back({Seconds(i / 60.0), Pascals(slope * airway + noise * scatter()),
                                   CentimetresOfWater(airway)});
            }
            const auto result =
                airdisplacement::judgePanting(panting, Litres(380.0), MillimetresOfMercury(752.0));
            kept.line("panting", result.thoracicGas.value(), result.fit, result.relativeError,
                      result.peak.value(), result.accepted, result.message.english());
        }
}

std::vector<impedance::SpectrumPoint> spectrum(const impedance::ColeModel& arc, double noise, bool magnitudes,
                                               Scatter& scatter) {
    std::vector<impedance::SpectrumPoint> points;
    for (const double khz : {1.0, 3.0, 5.0, 10.0, 20.0, 50.0, 80.0, 100.0, 200.0, 300.0, 500.0, 1000.0}) {
        auto z = arc.at(Hertz(1000.0 * khz)).complex() *
                 std::complex<double>(1.0 + noise * scatter(), noise * scatter());
        if (noise > 0.02 && khz == 20.0)
            z *= 1.3;
        const auto point = impedance::pointOf(Hertz(1000.0 * khz), impedance::impedanceOf(z));
        points.push_back(magnitudes ? impedance::magnitudePoint(point.frequency, point.magnitude) : point);
    }
    return points;
}

TEST(KeptNumbers, ArcsAndFluids) {
    Kept kept("arcs");
    Scatter scatter;
    for (const double zero : {380.0, 589.3, 820.0})
        for (const double exponent : {0.6, 0.7, 0.82})
            for (const double noise : {0.0, 0.003, 0.03})
                for (const bool magnitudes : {false, true}) {
                    const impedance::ColeModel arc{Ohms(zero), Ohms(0.66 * zero), exponent, Hertz(38e3),
                                                   Seconds(12e-9)};
                    const auto fit = impedance::fitCole(spectrum(arc, noise, magnitudes, scatter));
                    if (!fit) {
                        kept.line("arc", "none");
                        continue;
                    }
                    kept.line("arc", static_cast<int>(fit->verdict), fit->model.zeroResistance.value(),
                              fit->model.infiniteResistance.value(), fit->model.exponent,
                              fit->model.characteristicFrequency.value(), 1e9 * fit->model.delay.value(),
                              fit->zeroResistanceError.value(), fit->infiniteResistanceError.value(),
                              fit->exponentError, fit->rootMeanSquareError, fit->degreesOfFreedom,
                              static_cast<int>(fit->outliers.size()), static_cast<int>(fit->remarks.size()),
                              fit->remarks.empty() ? std::string() : fit->remarks.front().english(),
                              fit->model.greatestReactance().value(), 1e9 * fit->model.membraneCapacitance(),
                              fit->intervalFactor());
                    for (const auto method :
                         {impedance::FluidMethod::Moissl2006, impedance::FluidMethod::DeLorenzo1997,
                          impedance::FluidMethod::Matthie2005})
                        for (const Sex sex : {Sex::Female, Sex::Male}) {
                            const auto fluids =
                                impedance::fluidsFrom(method, {sex, Metres(1.74), Kilograms(71.0)}, *fit);
                            kept.line("  fluids", fluids.extracellular.value(), fluids.intracellular.value(),
                                      fluids.extracellularError.value(), fluids.intracellularError.value(),
                                      fluids.totalError.value());
                        }
                }
}

TEST(KeptNumbers, SegmentsAndSignals) {
    using namespace impedance;
    Kept kept("segments");
    for (const Sex sex : {Sex::Female, Sex::Male})
        for (const auto geometry : {ElectrodeGeometry::SupineGel, ElectrodeGeometry::StandingContact}) {
            const SegmentModel model = uncalibratedModel(sex, geometry);
            for (const auto& [segment, value] : model.resistivity)
                kept.line("model " + std::string(segmentKey(segment)), value, model.relativeError.at(segment),
                          lengthFraction(segment), referenceShare(segment, sex),
                          referenceLean(segment, sex, Metres(1.7)).value());
            for (const double part : {0.6, 1.0, 1.7}) {
                const std::map<Segment, Ohms> resistances{{Segment::RightArm, Ohms(290.0 * part)},
                                                          {Segment::LeftArm, Ohms(301.0)},
                                                          {Segment::Trunk, Ohms(26.0)},
                                                          {Segment::RightLeg, Ohms(244.0)},
                                                          {Segment::LeftLeg, Ohms(251.0 * part)}};
                for (const auto& whole :
                     {std::optional<Kilograms>(), std::optional<Kilograms>(Kilograms(52.0))}) {
                    const auto found = segmentLean(resistances, sex, Metres(1.71), model, whole);
                    ASSERT_TRUE(found);
                    for (const SegmentLean& each : found->segments)
                        kept.line("lean", each.raw.value(), each.scaled.value(), each.error.value(),
                                  each.partOfReference);
                    kept.line("closure", found->closure.value_or(0.0), static_cast<int>(found->remarks.size()),
                              found->remarks.empty() ? std::string() : found->remarks.front().english());
                    const LimbBalance arms = balance(*found->of(Segment::RightArm),
                                                     *found->of(Segment::LeftArm), 0.02, Kilograms(0.3));
                    kept.line("arms", arms.difference.value(), arms.leastSignificant.value(),
                              arms.asymmetry.value(), arms.real(), arms.notable());
                }
            }
            const SignalLimits limits = SignalLimits::of(geometry);
            for (const double spoilt : {0.5, 0.8, 0.93, 1.0, 1.08, 1.3, 1.8})
                for (const Segment which : {Segment::RightArm, Segment::LeftLeg, Segment::Trunk}) {
                    Sweep sweep;
                    for (const auto& [segment, share] :
                         {std::pair(Segment::WholeBody, 1.0), std::pair(Segment::RightArm, 0.47),
                          std::pair(Segment::LeftArm, 0.48), std::pair(Segment::Trunk, 0.055),
                          std::pair(Segment::RightLeg, 0.42), std::pair(Segment::LeftLeg, 0.43)}) {
                        const ColeModel arc{Ohms(590.0 * share * (segment == which ? spoilt : 1.0)),
                                            Ohms(392.0 * share), 0.7, Hertz(40e3), Seconds(0.0)};
                        Spectrum points{segment, {}};
                        for (const double khz : {1.0, 5.0, 50.0, 250.0, 1000.0})
                            points.points.push_back(pointOf(Hertz(1000.0 * khz), arc.at(Hertz(1000.0 * khz))));
                        sweep.spectra.push_back(std::move(points));
                    }
                    std::string said;
                    for (const SignalFinding& each : judgeSignal(sweep, limits))
                        said += std::string(faultName(each.fault)) + '/' +
                                std::string(segmentKey(each.segment)) +
                                (each.severity == Severity::Bad ? "! " : " ");
                    kept.line("signal " + std::string(segmentKey(which)), spoilt, said);
                }
        }
    for (const MissingPart& part : missingParts())
        kept.line(std::string(part.id), part.percent, wholeMass(Kilograms(60.0), part.percent).value());
}

TEST(KeptNumbers, Vectors) {
    using namespace impedance;
    Kept kept("vectors");
    for (const VectorReference& reference : vectorReferences()) {
        kept.line(reference.title, reference.mean.resistance, reference.mean.reactance,
                  reference.deviation.resistance, reference.deviation.reactance, reference.correlation,
                  reference.people);
        for (const double p : {0.5, 0.75, 0.95})
            for (const bool small : {false, true}) {
                const auto ellipse = toleranceEllipse(reference, p, small);
                kept.line("  tolerance", ellipse.majorAxis, ellipse.minorAxis, ellipse.tilt);
                const auto sure = confidenceEllipse(reference, p);
                kept.line("  confidence", sure.majorAxis, sure.minorAxis, sure.tilt);
            }
        for (const double dr : {-1.9, -0.3, 0.0, 0.26, 2.4})
            for (const double dx : {-2.1, 0.0, 0.31, 1.5}) {
                const BodyVector vector{reference.mean.resistance + dr * reference.deviation.resistance,
                                        reference.mean.reactance + dx * reference.deviation.reactance};
                kept.line("  vector", distanceSquared(vector, reference), populationInside(vector, reference),
                          migrationText(migration(reference.mean, vector, reference)),
                          placeInWords(vector, reference).english());
            }
        VectorReference other = reference;
        other.mean.resistance += 0.4 * other.deviation.resistance;
        const auto groups = compareGroups(reference, other);
        kept.line("  groups", groups.distance, groups.tSquared, groups.f, groups.probability);
    }
}

TEST(KeptNumbers, Statistics) {
    using namespace quality;
    Kept kept("statistics");
    Scatter scatter;
    for (const double slope : {0.9, 1.0, 1.2}) {
        std::vector<PairedValue> pairs;
        for (int i = 0; i < 34; ++i) {
            const double fat = 8.0 + i + 0.8 * scatter();
            pairs.push_back({fat, 1.0 + slope * fat + 1.4 * scatter()});
        }
        const auto agreement = agreementOf(pairs);
        ASSERT_TRUE(agreement);
        kept.line("agreement", agreement->people, agreement->bias.value, agreement->bias.low,
                  agreement->bias.high, agreement->deviation, agreement->lower.value, agreement->lower.low,
                  agreement->lower.high, agreement->upper.value, agreement->upper.low, agreement->upper.high,
                  agreement->proportionalSlope, agreement->proportionalP, agreement->concordance.value,
                  agreement->concordance.low, agreement->concordance.high, agreement->correlation);
        for (const double ratio : {0.5, 1.0, 3.0}) {
            const auto line = demingLine(pairs, ratio);
            ASSERT_TRUE(line);
            kept.line("deming", line->slope.value, line->slope.low, line->slope.high, line->intercept.value,
                      line->intercept.low, line->intercept.high, line->residual, line->least, line->most,
                      personalScatter(*line, 0.5, 0.7),
                      leastSignificantChangeConverted(line->slope.value, 0.5, 0.7, 1.1));
        }
    }
    std::vector<double> values;
    std::vector<int> runs;
    for (int i = 0; i < 60; ++i) {
        values.push_back(50.0 + 0.02 * scatter() + (i > 30 ? 0.02 : 0.0) + (i == 12 ? 0.09 : 0.0));
        runs.push_back(i / 2);
    }
    const auto baseline = baselineFrom(std::span(values).first(12));
    ASSERT_TRUE(baseline);
    kept.line("baseline", baseline->mean, baseline->standardDeviation,
              standardDeviationFromMovingRange(values));
    for (const ChartPoint& point : judgeChart(values, *baseline, runs)) {
        std::string rules;
        for (const ControlRule rule : point.rules)
            rules += std::string(inWords(rule)) + "; ";
        kept.line("point", point.z, point.cusumHigh, point.cusumLow, point.ewma, point.ewmaReach,
                  point.rejected(), rules);
    }
}

TEST(KeptNumbers, CoursesOfMass) {
    using namespace energy;
    Kept kept("courses");
    for (const double mass : {52.0, 78.0, 131.0})
        for (const double fat : {0.14, 0.29, 0.46})
            for (const double change : {-900.0, -350.0, 0.0, 280.0}) {
                const DietSubject who{Kilograms(mass), Kilograms(mass * fat), KilocaloriesPerDay(18.0 * mass),
                                      1.55};
                const auto course = dynamicCourse(who, KilocaloriesPerDay(change), 168);
                for (const std::size_t day : {0u, 1u, 7u, 56u, 168u})
                    kept.line("day", course[day].mass.value(), course[day].fatMass.value(),
                              course[day].fatFreeMass.value(), course[day].expenditure.value());
                const auto target = targetMass(who.fatMass, who.mass - who.fatMass, 0.22);
                kept.line("target", target.fatFreeKept.value(), target.byPartition.value(),
                          fatFreeShare(who.fatMass), staticChange(KilocaloriesPerDay(change), 84.0).value(),
                          intakeFor(who, Kilograms(-0.03 * mass), 84).value(),
                          fatMassAfter(who.fatMass, Kilograms(-2.0)).value());
            }
}

} // namespace
} // namespace fusain::kept_numbers_test
