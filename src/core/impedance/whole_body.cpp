#include "core/impedance/whole_body.hpp"

#include "core/anthropometry/indices.hpp"
#include "core/units/format.hpp"

#include <algorithm>

namespace fusain::impedance {

std::string_view predictedName(Predicted quantity) {
    switch (quantity) {
    case Predicted::FatFreeMass:
        return FUSAIN_TEXT("fat-free mass");
    case Predicted::BodyWater:
        return FUSAIN_TEXT("body water");
    case Predicted::ExtracellularWater:
        return FUSAIN_TEXT("water outside the cells");
    case Predicted::SkeletalMuscle:
        return FUSAIN_TEXT("skeletal muscle");
    case Predicted::AppendicularLean:
        return FUSAIN_TEXT("lean mass of the limbs");
    }
    return "";
}

std::string_view predictedUnit(Predicted quantity) {
    return quantity == Predicted::BodyWater || quantity == Predicted::ExtracellularWater ? "L" : "kg";
}

std::string_view appliesText(Applies applies) {
    return applies == Applies::Yes ? "yes" : applies == Applies::Partly ? "partly" : "no";
}

std::optional<double> massIndexOutside(const WholeBodyEquation& equation, const WholeBodyInputs& inputs) {
    const double massIndex = anthropometry::massIndex(inputs.mass, inputs.height).value();
    return equation.massIndices.contains(massIndex) ? std::nullopt : std::optional(massIndex);
}

Applicability applicability(const WholeBodyEquation& equation, const WholeBodyInputs& inputs) {
    Applicability found;
    const auto outside = [&](Applies verdict, Message why) {
        found.verdict = std::max(found.verdict, verdict);
        found.because.push_back(std::move(why));
    };
    const std::string title(equation.title);
    if (!(inputs.sex == Sex::Male ? equation.men : equation.women))
        outside(Applies::No, {inputs.sex == Sex::Male ? FUSAIN_TEXT("{1} was made for women only.")
                                                      : FUSAIN_TEXT("{1} was made for men only."),
                              {title}});
    if (!equation.coversAge(inputs.age))
        outside(Applies::No, {FUSAIN_TEXT("{1} was made for {2} to {3} y."),
                              {title, fixed(equation.ages.least, 0), fixed(equation.ages.most, 0)}});
    if (const auto massIndex = massIndexOutside(equation, inputs))
        outside(Applies::Partly,
                {FUSAIN_TEXT("{1} was made for a body mass index of {2} to {3}; this one is {4}."),
                 {title, fixed(equation.massIndices.least, 1), fixed(equation.massIndices.most, 1),
                  fixed(*massIndex, 1)}});
    return found;
}

std::vector<Message> reservations(const WholeBodyEquation& equation, const WholeBodyInputs& inputs) {
    std::vector<Message> found = applicability(equation, inputs).because;
    if (equation.grade != 'A')
        found.push_back({FUSAIN_TEXT("{1} is not yet verified."), {std::string(equation.title)}});
    return found;
}

Litres bodyWaterWatson1980(Sex sex, Years age, Metres height, Kilograms mass) {
    const double cm = centimetres(height), kg = mass.value();
    return Litres(sex == Sex::Male ? 2.447 - 0.09516 * age.value() + 0.1074 * cm + 0.3362 * kg
                                   : -2.097 + 0.1069 * cm + 0.2466 * kg);
}

double geometryMistake(const WholeBodyEquation& equation, const WholeBodyInputs& contact) {
    constexpr double contactToGel = 480.0 / 558.0;
    WholeBodyInputs gel = contact;
    gel.impedance = {contact.impedance.resistance * contactToGel, contact.impedance.reactance * contactToGel};
    return equation.compute(contact) - equation.compute(gel);
}

} // namespace fusain::impedance
