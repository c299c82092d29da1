#pragma once
#include "core/base/message.hpp"
#include "core/dxa/scan.hpp"

namespace fusain::dxa {

/// What a rule found about a scan.
enum class Fault {
    Number,     ///< missing, negative or not a number
    Unit,       ///< pounds or grams where kilograms belong
    TissueSum,  ///< fat + lean + bone mineral is not the printed mass
    RegionSum,  ///< the parts do not add up to the total, or the subtotal is not the total without head
    Overlap,    ///< android or gynoid larger than what they lie in
    ScaleMass,  ///< against the scale
    Sides,      ///< left against right
    OutOfField, ///< a limb seems cut off
    Mirrored,   ///< both sides the same in every digit
    Bone        ///< bone mineral that no skeleton has: metal, contrast, a wrong column
};
enum class Severity {
    Look,  ///< look at the region lines and the notes
    Repeat ///< not to be used as it is
};
struct ScanFinding {
    Fault fault;
    Severity severity = Severity::Look;
    Region region = Region::Total;
    Message what;
    Message remedy;
};
[[nodiscard]] std::string_view faultName(Fault fault); ///< "region-sum" … as in files

/// Limits of the rules: engineering choices of this program except where a source is named; a lab sets its own.
struct ScanLimits {
    Kilograms printedUnit{0.001}; ///< last digit that the densitometer prints
    double scaleLook = 0.01;      ///< relative difference to the scale worth a look
    double scaleRepeat = 0.05;    ///< relative: not the same person, or clothing, or a cut-off body
    double sidesLook = 0.25;      ///< relative difference of the lean of a pair of limbs
    double sidesCut = 0.5;        ///< relative: a limb is cut off or its line is wrong
};

/// Judges a scan by itself and against the scale.
///
/// A sum of k printed numbers and a printed total may differ by (k + 1)·u/2, u the last printed digit.
/// @param scaleMass mass of the person on the scale, or nothing  @param limits of the lab
/// @param halfBody the scan was mirrored on purpose
/// @return the worst first; empty for a scan without objection
[[nodiscard]] std::vector<ScanFinding> judgeScan(const Scan& scan, std::optional<Kilograms> scaleMass,
                                                 const ScanLimits& limits, bool halfBody = false);
[[nodiscard]] bool mustRepeat(const std::vector<ScanFinding>& findings);

} // namespace fusain::dxa
