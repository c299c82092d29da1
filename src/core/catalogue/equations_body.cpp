// The catalogue's entries for several components, scans and energy.
#include "core/catalogue/equations.hpp"
#include "core/catalogue/inputs.hpp"
#include "core/compartments/dilution.hpp"
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
                         : letter == 'a' ? EquationInput{"age_y", "age", "y", equation.fromAge.value(),
                                                         equation.toAge.value()}
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

Equation dilutionEntry(std::string_view id, compartments::Tracer tracer) {
    return {id,
            "Body water by dilution",
            "dose/rise/overfill/0.9937, overfill 1.041 (²H) or 1.007 (¹⁸O)",
            "Racette SB et al (1994), Am J Physiol 267:E585-E590",
            'A',
            "L",
            "weighed dose of pure tracer water, samples at equilibrium; without what left with urine",
            {{"dose_g", "dose of pure tracer water", "g", 0.5, 200},
             {"rise_mg_per_kg", "rise of the tracer water in the body's water", "mg/kg", 10, 5000}},
            [tracer](EquationArguments x) {
                const compartments::Dilution dilution{tracer, Kilograms(x[0] / 1000.0),
                                                      compartments::Enrichment::MilligramsPerKilogram, 0.0,
                                                      x[1]};
                return EquationValue{compartments::bodyWater(dilution).value(),
                                     compartments::dilutionWaterError.value(),
                                     {"standard error is an engineering choice"}};
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
        {"energy.weir-1949",
         "Energy from gas exchange",
         "1440·(3.941·VO2 + 1.106·VCO2)",
         "Weir JB (1949), J Physiol 109:1-9",
         'A',
         "kcal/d",
         "without urinary nitrogen: up to 1.5 % high",
         {{"oxygen_l_min", "oxygen taken up, STPD", "L/min", 0.05, 6.0},
          {"carbon_dioxide_l_min", "carbon dioxide given off, STPD", "L/min", 0.05, 7.0}},
         [](EquationArguments x) { return plainValue(energy::restingFromGases(x[0], x[1]).value()); }},
        {"energy.rmr.tinsley-2019",
         "Resting energy",
         "25.9FFM + 284",
         "Tinsley GM et al (2019), J Int Soc Sports Nutr 16:37",
         'B',
         "kcal/d",
         "muscular athletes",
         {fatFreeInput},
         [](EquationArguments x) { return plainValue(25.9 * x[0] + 284.0); }},
        {"fat.three.mineral-lohman-1986",
         "Three components with mineral",
         "100·(6.386/D + 3.961·M − 6.090)",
         "Lohman TG (1986), Exerc Sport Sci Rev 14:325-357",
         'A',
         "%",
         "adults; density and total mineral of one day",
         {{"density_kg_per_l", "body density", "kg/L", 0.93, 1.10},
          {"total_mineral_fraction", "total mineral over mass", "", 0.01, 0.1}},
         [](EquationArguments x) { return plainValue(100.0 * (6.386 / x[0] + 3.961 * x[1] - 6.090)); }},
        {"volume.densitometer.wilson-2013",
         "Body volume from a scan",
         "fat/0.84 + lean/1.03 + bone mineral/11.63 − 3.12",
         "Wilson JP, Fan B, Shepherd JA (2013), J Clin Densitom 16:368-373",
         'B',
         "L",
         "one make of densitometer; each lab calibrates its own",
         {fatInput,
          {"lean_kg", "lean of the scan", "kg", 5, 130},
          {"bone_mineral_kg", "bone mineral of the scan", "kg", 0.5, 6}},
         [](EquationArguments x) { return plainValue(x[0] / 0.84 + x[1] / 1.03 + x[2] / 11.63 - 3.12); }},
        dilutionEntry("water.dilution.deuterium", compartments::Tracer::Deuterium),
        dilutionEntry("water.dilution.oxygen-18", compartments::Tracer::Oxygen18),
        {"energy.availability",
         "Energy availability",
         "(intake − exercise)/FFM",
         "Loucks AB, Kiens B, Wright HH (2011), J Sports Sci 29 Suppl 1:S7-S15",
         'A',
         "kcal/kg",
         "net exercise energy; the thresholds of 30 and 45 are not yet verified",
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
         {{"appendicular_lean_kg", "appendicular lean mass", "kg", 3, 60}, heightInput},
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
