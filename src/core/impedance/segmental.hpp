#pragma once
#include "core/anthropometry/limb_balance.hpp"
#include "core/base/message.hpp"
#include "core/base/problem.hpp"
#include "core/impedance/spectrum.hpp"
#include "core/numeric/measured.hpp"

#include <map>
#include <string>

namespace fusain::impedance {

/// The five cylinders: two arms, two legs, the trunk.
using anthropometry::bodySegments;

/// Length of a segment as a fraction of height: arm 0.332, trunk 0.288, leg 0.491; ± 5 % for one person.
/// @par Source Drillis R, Contini R (1966), in Winter DA, Biomechanics and Motor Control of Human Movement.
[[nodiscard]] double lengthFraction(Segment segment);
/// Share of the lean soft tissue of the whole body in a reference adult. Grade C: an engineering choice of this
/// program, ± 1.5 points.
[[nodiscard]] double referenceShare(Segment segment, Sex sex);
/// The same for the head, which no current runs through.
[[nodiscard]] double headShare(Sex sex);
inline constexpr double leanPartOfFatFree = 0.95; ///< the rest is bone mineral

/// Lean soft tissue of a segment that goes with a height: share·0.95·FFMI·H², FFMI 18.9 (men), 15.4 (women)
/// kg/m².
/// @par Source FFMI: Schutz Y et al (2002), Int J Obes 26:953-960 (median of 18–34 y); shares as
/// referenceShare.
[[nodiscard]] Kilograms referenceLean(Segment segment, Sex sex, Metres height);

/// Apparent resistivity of each cylinder and its relative error, Ω·cm: it holds geometry, fat and bone too and
/// is no property of a tissue.
struct SegmentModel {
    std::map<Segment, double> resistivity;
    std::map<Segment, double> relativeError; ///< standard error of one person's segment
    bool calibrated = false;                 ///< against the lab's own densitometer
    int people = 0;                          ///< that it was calibrated with
};
/// The shipped model: made so that a reference adult has the reference shares. Uncalibrated. Errors 12 % for
/// limbs and 10 % for the trunk.
[[nodiscard]] SegmentModel uncalibratedModel(Sex sex, ElectrodeGeometry geometry);

/// Lean soft tissue of one cylinder: 1.06 kg/L·ρ·L²/R. @param resistance Ω at 50 kHz
[[nodiscard]] Kilograms cylinderLean(double resistivity, Metres length, Ohms resistance);

struct SegmentLean {
    Segment segment;
    Kilograms raw{0.0};           ///< of the open cylinder
    Kilograms scaled{0.0};        ///< after closing on the whole body; raw where there is none
    Kilograms error{0.0};         ///< standard error of `scaled`
    double partOfReference = 0.0; ///< scaled over the lean that goes with the height
    /// Half of the 95 % interval of `scaled`.
    [[nodiscard]] Kilograms halfInterval() const { return error * normal95; }
};
struct Segmentation {
    std::vector<SegmentLean> segments;
    std::optional<double> closure; ///< factor that closes the sum on the whole body; nothing without one
    bool calibrated = false;
    std::vector<Message> remarks;
    [[nodiscard]] const SegmentLean* of(Segment segment) const;
};

/// The open cylinder method. Segmental fat is not measured and not given.
/// @param resistances Ω at 50 kHz, of all five  @param lengths measured with a tape where they are; others from
/// height
/// @param fatFreeMass of the whole body by another equation, to close on; nothing leaves the cylinders as they
/// are
/// @return a Problem naming the segment that is missing
[[nodiscard]] Expected<Segmentation> segmentLean(const std::map<Segment, Ohms>& resistances, Sex sex,
                                                 Metres height, const SegmentModel& model,
                                                 const std::optional<Kilograms>& fatFreeMass,
                                                 const std::map<Segment, Metres>& lengths = {});

/// One person measured by both: impedance and densitometer.
struct CalibrationCase {
    std::map<Segment, Ohms> resistances;
    std::map<Segment, Kilograms> lean; ///< by densitometer
    Metres height;
};
inline constexpr std::size_t leastCalibrationCases = 30;
/// Fits the resistivity of each segment by least squares through the origin, relative to the mass, with the
/// scatter of one person about it as error.
/// @param cases of one sex and electrode geometry, at least 30
[[nodiscard]] Expected<SegmentModel> calibrateSegments(std::span<const CalibrationCase> cases);

/// Right against left, as a part of their mean, in percent: 200·(R − L)/(R + L).
[[nodiscard]] double asymmetryPercent(double right, double left);

using anthropometry::LimbBalance;
/// @param repeatError relative standard error of one limb when it is measured again: the geometry error of a
/// person is the same on both sides and cancels
[[nodiscard]] LimbBalance balance(const SegmentLean& right, const SegmentLean& left, double repeatError,
                                  Kilograms threshold);

/// A missing part of the body and what it weighs, percent of the whole.
struct MissingPart {
    std::string_view id; ///< "hand", "lower-leg-and-foot" …
    std::string_view title;
    double percent;
};
/// @par Source Osterkamp LK (1995), J Am Diet Assoc 95:215-218.
[[nodiscard]] std::span<const MissingPart> missingParts();
[[nodiscard]] const MissingPart* findMissingPart(std::string_view id);
/// Mass of the whole person: observed/(1 − p/100). @param missing percent of the whole, 0 … 60
[[nodiscard]] Kilograms wholeMass(Kilograms observed, double missing);

} // namespace fusain::impedance
