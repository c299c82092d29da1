// The catalogue's entries for bioelectrical impedance.
#include "core/anthropometry/indices.hpp"
#include "core/catalogue/equations.hpp"
#include "core/catalogue/inputs.hpp"
#include "core/impedance/fluids.hpp"
#include "core/impedance/whole_body.hpp"

#include <cmath>
#include <fmt/format.h>

namespace fusain {
namespace {

using namespace impedance;

const EquationInput resistanceInput{"resistance_ohm", "resistance at 50 kHz, wrist to ankle, lying", "Ω", 200,
                                    1200};
const EquationInput reactanceInput{"reactance_ohm", "reactance at 50 kHz, entered positive", "Ω", 10, 150};

// Puts the arguments where the letters of the equation say.
WholeBodyInputs inputsFrom(std::string_view letters, EquationArguments arguments) {
    WholeBodyInputs inputs;
    for (std::size_t i = 0; i < letters.size(); ++i) {
        const double value = arguments[i];
        switch (letters[i]) {
        case 's':
            inputs.sex = value == 1.0 ? Sex::Male : Sex::Female;
            break;
        case 'h':
            inputs.height = metresFromCentimetres(value);
            break;
        case 'w':
            inputs.mass = Kilograms(value);
            break;
        case 'a':
            inputs.age = Years(value);
            break;
        case 'r':
            inputs.impedance.resistance = Ohms(value);
            break;
        default:
            inputs.impedance.reactance = Ohms(value);
        }
    }
    return inputs;
}

std::vector<EquationInput> inputsOf(const WholeBodyEquation& equation) {
    std::vector<EquationInput> inputs;
    for (const char letter : equation.inputs)
        switch (letter) {
        case 's':
            inputs.push_back(sexInput);
            break;
        case 'h':
            inputs.push_back(heightInput);
            break;
        case 'w':
            inputs.push_back(massInput);
            break;
        case 'a':
            inputs.push_back(
                {ageInput.name, ageInput.description, ageInput.unit, equation.ages.least, equation.ages.most});
            break;
        case 'r':
            inputs.push_back(resistanceInput);
            break;
        default:
            inputs.push_back(reactanceInput);
        }
    return inputs;
}

EquationValue evaluate(const WholeBodyEquation& equation, EquationArguments arguments) {
    const WholeBodyInputs inputs = inputsFrom(equation.inputs, arguments);
    EquationValue value{equation.compute(inputs), std::nullopt, {}};
    if (const double error = equation.standardError(inputs.sex); error > 0.0)
        value.standardError = error;
    const bool knowsMassIndex = equation.inputs.find('h') != std::string_view::npos &&
                                equation.inputs.find('w') != std::string_view::npos;
    if (const auto outside = knowsMassIndex ? massIndexOutside(equation, inputs) : std::nullopt)
        value.flags.push_back(fmt::format("body mass index {:.1f} is outside {} to {} kg/m²", *outside,
                                          equation.massIndices.least, equation.massIndices.most));
    if (equation.quantity == Predicted::FatFreeMass &&
        equation.standardError(inputs.sex) < externalFatFreeMassError.value())
        value.flags.push_back(fmt::format("standard error of the people it was made from; {:.1f} kg in others",
                                          externalFatFreeMassError.value()));
    return value;
}

// How sure it is, and for whom it was made.
std::vector<std::pair<std::string_view, std::string>> factsOf(const WholeBodyEquation& equation) {
    constexpr double noneStated = 99.0;
    std::vector<std::pair<std::string_view, std::string>> facts;
    if (equation.massIndices.most < noneStated)
        facts.emplace_back(
            FUSAIN_TEXT("Made for a body mass index of"),
            fmt::format("{} to {} kg/m²", equation.massIndices.least, equation.massIndices.most));
    const std::string_view unit = predictedUnit(equation.quantity);
    facts.emplace_back(FUSAIN_TEXT("Standard error in the people it was made from"),
                       equation.errorMen > 0.0 ? fmt::format("{} {} (men), {} {} (women)", equation.errorMen,
                                                             unit, equation.errorWomen, unit)
                                               : "not known to us");
    if (equation.quantity == Predicted::FatFreeMass)
        facts.emplace_back(FUSAIN_TEXT("Standard error in other people, which is used where it is larger"),
                           fmt::format("{:.1f} kg, the middle of what was published (grade B)",
                                       externalFatFreeMassError.value()));
    return facts;
}

std::vector<Equation> wholeBody() {
    std::vector<Equation> entries;
    for (const WholeBodyEquation& equation : wholeBodyEquations())
        entries.push_back({equation.id, equation.title, equation.formula, equation.citation, equation.grade,
                           predictedUnit(equation.quantity), equation.population, inputsOf(equation),
                           [&equation](EquationArguments x) { return evaluate(equation, x); },
                           "gel electrodes at wrist and ankle, lying: not for standing contacts",
                           factsOf(equation)});
    return entries;
}

template <FluidMethod method, bool inside>
EquationValue moissl(EquationArguments x) {
    // Each volume depends on its own resistance only; the other one is given any value that keeps the arc open.
    const FluidSubject subject{Sex::Female, metresFromCentimetres(x[0]), Kilograms(x[1])};
    const double other = 1000.0, cells = inside ? x[2] : other, zero = inside ? other : x[2];
    const Fluids fluids = fluidsFrom(method, subject, Ohms(zero), Ohms(zero * cells / (zero + cells)));
    return {(inside ? fluids.intracellular : fluids.extracellular).value(), std::nullopt, {}};
}

std::vector<Equation> fluids() {
    const EquationInput zero{"extracellular_resistance_ohm", "R0 of the arc, wrist to ankle", "Ω", 200, 1500};
    const EquationInput cells{"intracellular_resistance_ohm", "R_I of the arc, wrist to ankle", "Ω", 300, 6000};
    constexpr std::string_view source = "Moissl UM et al (2006), Physiol Meas 27:921-933";
    return {
        {"impedance.ecw.moissl-2006",
         "Extracellular water from the arc, Moissl",
         "(0.188/BMI + 0.2883)·(H²·√W/R_E)^⅔",
         source,
         'A',
         "L",
         "adults, BMI 16 to 43, n about 152, dilution",
         {heightInput, massInput, zero},
         moissl<FluidMethod::Moissl2006, false>},
        {"impedance.icw.moissl-2006",
         "Intracellular water from the arc, Moissl",
         "(5.8758/BMI + 0.4194)·(H²·√W/R_I)^⅔",
         source,
         'A',
         "L",
         "adults, BMI 16 to 43, n about 152, total body potassium and dilution",
         {heightInput, massInput, cells},
         moissl<FluidMethod::Moissl2006, true>},
        {"impedance.ecw.de-lorenzo-1997",
         "Extracellular water from the arc, De Lorenzo",
         "k·(H²·√W/R_E)^⅔, k 0.306 (men), 0.316 (women)",
         "De Lorenzo A et al (1997), J Appl Physiol 82:1542-1558",
         'A',
         "L",
         "adults, bromide; resistivities belong to this equation only",
         {sexInput, heightInput, massInput, zero},
         [](EquationArguments x) {
             const FluidSubject subject{x[0] == 1.0 ? Sex::Male : Sex::Female, metresFromCentimetres(x[1]),
                                        Kilograms(x[2])};
             return EquationValue{fluidsFrom(FluidMethod::DeLorenzo1997, subject, Ohms(x[3]), Ohms(0.6 * x[3]))
                                      .extracellular.value(),
                                  std::nullopt,
                                  {}};
         }},
    };
}

std::vector<Equation> physics() {
    return {
        {"impedance.phase-angle",
         "Phase angle",
         "atan(Xc/R)·180/π",
         "Baumgartner RN, Chumlea WC, Roche AF (1988), Am J Clin Nutr 48:16-23",
         'A',
         "deg",
         "one frequency, 50 kHz by convention",
         {resistanceInput, reactanceInput},
         [](EquationArguments x) {
             return EquationValue{phaseAngle({Ohms(x[0]), Ohms(x[1])}).value(), std::nullopt, {}};
         }},
        {"impedance.overhydration.chamney-2007",
         "Overhydration from a spectrum",
         "1.136·ECW − 0.430·ICW − 0.114·W",
         "Chamney PW et al (2007), Am J Clin Nutr 85:80-89",
         'B',
         "kg",
         "adults; water of the spectrum of one analyzer, compared with that analyzer only",
         {{"extracellular_l", "water outside the cells", "L", 3, 50},
          {"intracellular_l", "water inside the cells", "L", 3, 60},
          massInput},
         [](EquationArguments x) { return plainValue(1.136 * x[0] - 0.430 * x[1] - 0.114 * x[2]); },
         "for the clinic to judge; not a diagnosis here"},
        {"impedance.tbw.watson-1980",
         "Body water from height and mass, Watson",
         "men: 2.447 − 0.09516·age + 0.1074·H + 0.3362·W; women: −2.097 + 0.1069·H + 0.2466·W",
         "Watson PE, Watson ID, Batt RD (1980), Am J Clin Nutr 33:27-39",
         'A',
         "L",
         "adults; uses no impedance: a plausibility beside it",
         {sexInput, ageInput, heightInput, massInput},
         [](EquationArguments x) {
             const Sex sex = x[0] == 1.0 ? Sex::Male : Sex::Female;
             return EquationValue{
                 bodyWaterWatson1980(sex, Years(x[1]), metresFromCentimetres(x[2]), Kilograms(x[3])).value(),
                 sex == Sex::Male ? 3.8 : 3.6,
                 {}};
         }},
    };
}

} // namespace

std::vector<Equation> impedanceEquations() {
    std::vector<Equation> all;
    for (const auto& part : {physics(), wholeBody(), fluids()})
        all.insert(all.end(), part.begin(), part.end());
    return all;
}

} // namespace fusain
