// The catalogue's entries for several components, scans and energy.
#include "core/catalogue/equations.hpp"
#include "core/catalogue/inputs.hpp"
#include "core/compartments/multi_component.hpp"
#include "core/energy/resting.hpp"
#include "core/energy/weight_change.hpp"

namespace fusain {
namespace {

const EquationInput fatFreeInput{"fat_free_mass_kg", "fat-free mass", "kg", 5, 130};
const EquationInput fatInput{"fat_mass_kg", "fat mass", "kg", 1, 150};

/// Which inputs an equation for resting energy has, in the catalogue's order.
std::string_view lettersOf(const energy::RestingEquation& equation) {
    if (equation.needsFatFreeMass)
        return "f";
    if (equation.id == "energy.rmr.schofield-1985" || equation.id == "energy.rmr.mueller-2004")
        return "swa";
    if (equation.id == "energy.rmr.owen-1987")
        return "sw";
    return equation.id == "energy.rmr.de-lorenzo-1999" ? "wh" : "swha";
}

energy::RestingSubject subjectFrom(std::string_view letters, EquationArguments arguments) {
    energy::RestingSubject subject;
    subject.age = Years(30.0);
    subject.sex = Sex::Male; // the one equation without a sex is for men
    for (std::size_t i = 0; i < letters.size(); ++i)
        switch (letters[i]) {
        case 's':
            subject.sex = arguments[i] == 1.0 ? Sex::Male : Sex::Female;
            break;
        case 'w':
            subject.mass = Kilograms(arguments[i]);
            break;
        case 'h':
            subject.height = metresFromCentimetres(arguments[i]);
            break;
        case 'a':
            subject.age = Years(arguments[i]);
            break;
        default:
            subject.fatFreeMass = Kilograms(arguments[i]);
        }
    return subject;
}

std::vector<EquationInput> inputsOf(std::string_view letters, const energy::RestingEquation& equation) {
    std::vector<EquationInput> inputs;
    for (const char letter : letters)
        inputs.push_back(letter == 's'   ? sexInput
                         : letter == 'w' ? massInput
                         : letter == 'h' ? heightInput
                         : letter == 'a' ? EquationInput{"age_y", "age", "y", equation.fromAge, equation.toAge}
                                         : fatFreeInput);
    return inputs;
}

Equation entryOf(const energy::RestingEquation& equation) {
    const std::string_view letters = lettersOf(equation);
    return {equation.id,
            "Resting energy",
            equation.formula,
            equation.citation,
            equation.grade,
            "kcal/d",
            equation.forAthletes ? "athletes; for one person ± 15 % (95 %), obese ± 18 %"
                                 : "for one person ± 15 % (95 %), obese ± 18 %",
            inputsOf(letters, equation),
            [&equation, letters](EquationArguments x) {
                return EquationValue{equation.compute(subjectFrom(letters, x)).value(), {}, {}};
            }};
}

Equation entryOf(const compartments::MultiComponentModel& model) {
    std::vector<EquationInput> inputs{{"density_kg_per_l", "body density", "kg/L", 0.93, 1.10},
                                      {"water_fraction", "body water over mass", "", 0.3, 0.8}};
    if (model.mineral == compartments::Mineral::Total)
        inputs.push_back({"total_mineral_fraction", "total mineral over mass", "", 0.01, 0.1});
    if (model.mineral == compartments::Mineral::BoneMineralContent)
        inputs.push_back({"bone_mineral_fraction", "bone mineral of a densitometer over mass", "", 0.01, 0.1});
    return {model.id,
            model.title,
            model.mineral == compartments::Mineral::None ? "a/D − bW − d" : "a/D − bW + cM − d",
            model.citation,
            model.grade,
            "%",
            "adults; density, water and mineral of one day",
            std::move(inputs),
            [&model](EquationArguments x) {
                return EquationValue{
                    compartments::fatPercent(model, x[0], x[1], x.size() > 2 ? x[2] : 0.0), {}, {}};
            }};
}

std::vector<Equation> others() {
    return {
        {"energy.rmr.nelson-1992",
         "Resting energy",
         "25.80FFM + 4.04FM",
         "Nelson KM et al (1992), Am J Clin Nutr 56:848-856",
         'A',
         "kcal/d",
         "11 % low in a small woman: in the Library only",
         {fatFreeInput, fatInput},
         [](EquationArguments x) {
             return EquationValue{25.80 * x[0] + 4.04 * x[1], {}, {}};
         }},
        {"energy.availability",
         "Energy availability",
         "(intake − exercise)/FFM",
         "Loucks AB, Kiens B, Wright HH (2011), J Sports Sci 29 Suppl 1:S7-S15",
         'A',
         "kcal/kg",
         "net exercise energy; the thresholds of 30 and 45 are to be confirmed against the source",
         {{"intake_kcal", "energy eaten a day", "kcal", 0, 10000},
          {"exercise_kcal", "energy of training a day, net of rest", "kcal", 0, 6000},
          fatFreeInput},
         [](EquationArguments x) {
             return EquationValue{(x[0] - x[1]) / x[2], {}, {}};
         }},
        {"energy.partition.forbes-lean-fraction",
         "Fat-free part of a small change of mass",
         "10.4/(10.4 + FM)",
         "Forbes GB (2000), Ann N Y Acad Sci 904:359-365; Hall KD (2007), Br J Nutr 97:1059-1063",
         'A',
         "",
         "adults, slow change by diet; not training",
         {fatInput},
         [](EquationArguments x) {
             return EquationValue{energy::fatFreeShare(Kilograms(x[0])), {}, {}};
         }},
        {"dxa.appendicular-lean-index",
         "Lean of arms and legs by height",
         "ALM/H²",
         "Baumgartner RN et al (1998), Am J Epidemiol 147:755-763",
         'A',
         "kg/m²",
         "lean by a densitometer",
         {{"appendicular_lean_kg", "lean of arms and legs", "kg", 3, 60}, heightInput},
         [](EquationArguments x) {
             return EquationValue{x[0] / (x[1] * x[1] / 1e4), {}, {}};
         }},
    };
}

} // namespace

std::vector<Equation> bodyEquations() {
    std::vector<Equation> all;
    for (const auto& model : compartments::multiComponentModels())
        all.push_back(entryOf(model));
    for (const auto& equation : energy::restingEquations())
        all.push_back(entryOf(equation));
    for (Equation& other : others())
        all.push_back(std::move(other));
    return all;
}

} // namespace fusain
