#include "core/water/tank_filling.hpp"

#include "core/units/format.hpp"

#include <cmath>

namespace fusain::water {
namespace {

constexpr double heatOfWater = 4180.0;   // J/(kg·K)
constexpr double densityOfWater = 0.995; // kg/L
constexpr double secondsOfMinute = 60.0;

double fillMinutes(const Tank& tank, const TankSupply& supply) {
    return tank.volume.value() / supply.flow.value();
}

// (1 − e^(−k·t))/k, which is t where nothing is lost.
double reach(double k, double minutes) {
    return k * minutes < 1e-9 ? minutes : -std::expm1(-k * minutes) / k;
}

} // namespace

double coolingPerMinute(const Tank& tank) {
    return tank.heatLoss.value() * secondsOfMinute / (heatOfWater * densityOfWater * tank.volume.value());
}

Celsius standing(const Tank& tank, Celsius now, Minutes passed) {
    return Celsius(tank.room.value() +
                   (now - tank.room).value() * std::exp(-coolingPerMinute(tank) * passed.value()));
}

Celsius whenFull(const Tank& tank, const TankSupply& supply, Minutes hot) {
    const double k = coolingPerMinute(tank), whole = fillMinutes(tank, supply),
                 coldMinutes = whole - hot.value();
    const double rate = 1.0 / whole;
    const double afterHot = rate * (supply.hot - tank.room).value() * reach(k, hot.value());
    const double y = afterHot * std::exp(-k * coldMinutes) +
                     rate * (supply.cold - tank.room).value() * reach(k, coldMinutes);
    return Celsius(tank.room.value() + y);
}

Expected<FillPlan> planFilling(const Tank& tank, const TankSupply& supply, Celsius wanted, Minutes settle) {
    if (wanted > mostAllowed)
        return failure(
            {FUSAIN_TEXT("Water above {1} °C is never used with a person."), {fixed(mostAllowed.value(), 0)}},
            {}, {FUSAIN_TEXT("Plan for 33 to 36 °C."), {}});
    const double whole = fillMinutes(tank, supply), k = coolingPerMinute(tank);
    const double aim = (wanted - tank.room).value() * std::exp(k * settle.value()); // above the room, when full
    const double hottest = whenFull(tank, supply, Minutes(whole)).value() - tank.room.value(),
                 coldest = whenFull(tank, supply, Minutes(0.0)).value() - tank.room.value();
    if (aim > hottest)
        return failure(
            {FUSAIN_TEXT("With hot water alone the tank reaches {1} °C only."),
             {fixed(tank.room.value() + hottest * std::exp(-k * settle.value()), 1)}},
            {}, {FUSAIN_TEXT("Heat the supply, or start the tank's heater and allow for its hours."), {}});
    if (aim < coldest)
        return failure({FUSAIN_TEXT("The tank cannot be filled this cool: the cold supply gives {1} °C."),
                        {fixed(tank.room.value() + coldest * std::exp(-k * settle.value()), 1)}},
                       {}, {FUSAIN_TEXT("Fill later, or add ice."), {}});
    // Hotter with every minute of hot water: halve the doubt until it is a second.
    double low = 0.0, high = whole;
    while (high - low > 1.0 / secondsOfMinute) {
        const double middle = 0.5 * (low + high);
        (whenFull(tank, supply, Minutes(middle)).value() - tank.room.value() < aim ? low : high) = middle;
    }
    FillPlan plan;
    plan.whole = Minutes(whole);
    plan.hot = Minutes(0.5 * (low + high));
    plan.full = whenFull(tank, supply, plan.hot);
    return plan;
}

TopUp planTopUp(const Tank& tank, const TankSupply& supply, Celsius now, Celsius wanted) {
    const Litres exchanged(tank.volume.value() * ((wanted - now) / (supply.hot - now)));
    return {exchanged, Minutes(2.0 * exchanged.value() / supply.flow.value())};
}

} // namespace fusain::water
