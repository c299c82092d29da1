#pragma once
#include "core/base/message.hpp"
#include "core/impedance/spectrum.hpp"

#include <optional>
#include <string_view>

namespace fusain::impedance {

/// What the whole-body equations take. Resistance and reactance at 50 kHz, wrist to ankle, gel electrodes,
/// lying.
struct WholeBodyInputs {
    Sex sex = Sex::Female;
    Years age{0.0};
    Metres height{0.0};
    Kilograms mass{0.0};
    Impedance impedance;
};

/// What an equation predicts.
enum class Predicted {
    FatFreeMass,        ///< kg
    BodyWater,          ///< L
    ExtracellularWater, ///< L
    SkeletalMuscle,     ///< kg
    AppendicularLean    ///< kg, lean soft tissue of the four limbs
};
/// English name, marked for translation.
[[nodiscard]] std::string_view predictedName(Predicted quantity);
[[nodiscard]] std::string_view predictedUnit(Predicted quantity);

struct Range {
    double least, most; ///< inclusive
    [[nodiscard]] constexpr bool contains(double value) const { return value >= least && value <= most; }
};

/// One published prediction from whole-body impedance at 50 kHz. The coefficients are the paper's; the grade
/// says how sure they are.
struct WholeBodyEquation {
    std::string_view id; ///< catalogue id, "impedance.ffm.kyle-2001"
    std::string_view title;
    Predicted quantity;
    char grade; ///< 'A' may be a default; 'B' is to be confirmed against the source
    std::string_view formula;
    std::string_view citation;
    std::string_view population;
    Range ages;                  ///< y
    Range massIndices;           ///< kg/m²; 0 … 99 where none is stated
    double errorMen, errorWomen; ///< published standard error of the estimate; 0 when it is not known
    double (*compute)(const WholeBodyInputs&);
    std::string_view
        inputs; ///< what it is asked with: s sex, h height, w mass, a age, r resistance, x reactance
    bool men = true, women = true;

    [[nodiscard]] bool coversAge(Years age) const {
        return age.value() >= ages.least && age.value() < ages.most + 1.0;
    }
    [[nodiscard]] double standardError(Sex sex) const { return sex == Sex::Male ? errorMen : errorWomen; }
    [[nodiscard]] bool usesReactance() const { return inputs.find('x') != std::string_view::npos; }
    [[nodiscard]] bool forChildren() const { return ages.most <= 19.0; }
};

/// Root mean square error of fat-free mass in people that an equation was not made from: the middle of the
/// published 2.5 to 3.9 kg. Grade B, not verified.
inline constexpr Kilograms externalFatFreeMassError{3.2};

/// All that ship, in the order of the sheet.
[[nodiscard]] std::span<const WholeBodyEquation> wholeBodyEquations();
[[nodiscard]] const WholeBodyEquation* findWholeBodyEquation(std::string_view id);

/// Whether an equation was made from people like this one: No by sex or age, Partly when only the body mass
/// index is outside theirs.
enum class Applies { Yes, Partly, No };
[[nodiscard]] std::string_view appliesText(Applies applies); ///< "yes", "partly", "no", as in documents
struct Applicability {
    Applies verdict = Applies::Yes;
    std::vector<Message> because; ///< empty with Yes
};
[[nodiscard]] Applicability applicability(const WholeBodyEquation& equation, const WholeBodyInputs& inputs);

/// The body mass index in kg/m² when it is outside those that the equation was made from.
[[nodiscard]] std::optional<double> massIndexOutside(const WholeBodyEquation& equation,
                                                     const WholeBodyInputs& inputs);

/// All that is to be said before the equation is used for this person: whom it was made for, and whether its
/// coefficients are verified. Empty when there is nothing.
[[nodiscard]] std::vector<Message> reservations(const WholeBodyEquation& equation,
                                                const WholeBodyInputs& inputs);

/// Body water from height and mass alone: a plausibility beside the measured one.
/// @return L  @par Source Watson PE, Watson ID, Batt RD (1980), Am J Clin Nutr 33:27-39; SD 3.8 L (men), 3.6 L
[[nodiscard]] Litres bodyWaterWatson1980(Sex sex, Years age, Metres height, Kilograms mass);

/// What it would cost to put the reading of standing contacts into an equation made for gel electrodes: the
/// change of its value when the resistance reads 16 % too high, as it does for the sheet's example (558 against
/// 480 Ω).
/// @return unit of the equation, negative when it would read too little
[[nodiscard]] double geometryMistake(const WholeBodyEquation& equation, const WholeBodyInputs& contact);

} // namespace fusain::impedance
