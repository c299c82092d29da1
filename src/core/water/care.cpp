#include "core/water/care.hpp"

#include "core/units/format.hpp"
#include "core/water/tank_filling.hpp"

#include <algorithm>
#include <cmath>

namespace fusain::water {

std::optional<Message> problemWith(const CareReading& reading) {
    const auto outside = [](double value, double low, double high) { return !(value >= low && value <= high); };
    if (outside(reading.freeChlorine.value(), 0.0, 50.0) ||
        (reading.combinedChlorine && outside(reading.combinedChlorine->value(), 0.0, 20.0)))
        return Message{FUSAIN_TEXT("Chlorine is read in mg/L, 0 to 50."), {}};
    if (outside(reading.acidity, 4.0, 10.0))
        return Message{FUSAIN_TEXT("The pH of a tank is 4 to 10."), {}};
    if (outside(reading.temperature.value(), 5.0, 60.0))
        return Message{FUSAIN_TEXT("The temperature of the water is read in °C, 5 to 60."), {}};
    return std::nullopt;
}

double chlorineDose(MilligramsPerLitre raiseBy, Litres volume, Percent stock) {
    return raiseBy.value() * volume.value() / (10.0 * stock.value());
}

double hypochlorousShare(double acidity, Celsius temperature) {
    const double kelvin = temperature.value() + 273.15;
    return 1.0 / (1.0 + std::pow(10.0, acidity - (3000.0 / kelvin - 10.0686 + 0.0253 * kelvin)));
}

std::vector<CareFinding> judgeCare(const CareReading& reading, const CareLimits& limits, Litres volume,
                                   Percent stock) {
    std::vector<CareFinding> findings;
    const auto find = [&](CareVerdict verdict, Message what) {
        findings.push_back({verdict, std::move(what)});
    };
    const MilligramsPerLitre chlorine = reading.freeChlorine;
    if (chlorine > limits.chlorineNever)
        find(CareVerdict::NobodyIn, {FUSAIN_TEXT("Nobody in the water. Free chlorine {1} mg/L, limit {2}. Wait "
                                                 "or replace part of the water, then test again."),
                                     {fixed(chlorine.value(), 1), fixed(limits.chlorineNever.value(), 0)}});
    else if (chlorine > limits.chlorineMost)
        find(CareVerdict::PutRight,
             {FUSAIN_TEXT("Free chlorine {1} mg/L (limit {2}). Add none. Read again in an hour."),
              {fixed(chlorine.value(), 1), fixed(limits.chlorineMost.value(), 0)}});
    else if (chlorine < limits.chlorineLeast) {
        const MilligramsPerLitre middle = (limits.chlorineLeast + limits.chlorineMost) * 0.5;
        find(CareVerdict::NobodyIn,
             {FUSAIN_TEXT("Nobody in the water. Free chlorine {1} mg/L, at least {2} is needed. Add {3} mL of "
                          "the {4} % solution, stir, then test again."),
              {fixed(chlorine.value(), 1), fixed(limits.chlorineLeast.value(), 0),
               fixed(chlorineDose(middle - chlorine, volume, stock), 0), fixed(stock.value(), 1)}});
    }
    if (reading.combinedChlorine && *reading.combinedChlorine > limits.combinedMost)
        find(CareVerdict::PutRight,
             {FUSAIN_TEXT("Combined chlorine {1} mg/L (limit {2}). Finish this client only if free chlorine "
                          "and pH are in range; then change the water."),
              {fixed(reading.combinedChlorine->value(), 2), fixed(limits.combinedMost.value(), 1)}});
    if (reading.acidity < limits.acidityLeast)
        find(CareVerdict::PutRight,
             {FUSAIN_TEXT("pH {1}: below {2}, hard on eyes and metal. Raise it as the maker of the "
                          "product says, and read again."),
              {fixed(reading.acidity, 1), fixed(limits.acidityLeast, 1)}});
    else if (reading.acidity > limits.acidityMost)
        find(CareVerdict::PutRight,
             {FUSAIN_TEXT("Never mix acid and chlorine: toxic gas. pH {1} is above {2}: only {3} % of the free "
                          "chlorine is active. Lower the pH as the product label says, then test again."),
              {fixed(reading.acidity, 1), fixed(limits.acidityMost, 1),
               fixed(100.0 * hypochlorousShare(reading.acidity, reading.temperature), 0)}});
    if (reading.temperature > mostAllowed)
        find(CareVerdict::NobodyIn, {FUSAIN_TEXT("Nobody in the water. Water {1} °C (limit {2} °C)."),
                                     {fixed(reading.temperature.value(), 1), fixed(mostAllowed.value(), 0)}});
    else if (reading.temperature < leastComfortable || reading.temperature > mostComfortable)
        find(CareVerdict::PutRight, {FUSAIN_TEXT("Water {1} °C: outside the comfort range, {2}–{3} °C."),
                                     {fixed(reading.temperature.value(), 1), fixed(leastComfortable.value(), 0),
                                      fixed(mostComfortable.value(), 0)}});
    std::ranges::stable_sort(findings, std::ranges::greater(), &CareFinding::verdict);
    return findings;
}

CareVerdict worst(const std::vector<CareFinding>& findings) {
    return findings.empty() ? CareVerdict::Good : findings.front().verdict;
}

} // namespace fusain::water
