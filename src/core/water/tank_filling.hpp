#pragma once
#include "core/base/message.hpp"
#include "core/base/problem.hpp"
#include "core/units/units.hpp"

namespace fusain::water {

/// What fills a tank: two supplies through one hose, so that the flow is the same for both.
struct TankSupply {
    Celsius hot{60.0};         ///< 30 to 85
    Celsius cold{12.0};        ///< 1 to 30, below hot
    LitresPerMinute flow{8.0}; ///< above 0
};

/// A tank that cools towards its room in proportion to the difference.
struct Tank {
    Litres volume{1300.0};         ///< above 0
    WattsPerKelvin heatLoss{25.0}; ///< of the full tank, 0 or more; while filling, in proportion to the filling
    Celsius room{22.0};
};

/// Share of the difference to the room that the water loses in a minute: k = UA/(c·ρ·V).
/// @par Source Newton's law of cooling; specific heat of water 4.18 kJ/(kg·K), density as 0.995 kg/L.
[[nodiscard]] double coolingPerMinute(const Tank& tank);

/// Temperature of water that stands, after some minutes: T = room + (T0 − room)·e^(−k·t).
[[nodiscard]] Celsius standing(const Tank& tank, Celsius now, Minutes passed);
/// Temperature of the water once the tank is full, when hot water runs alone for the first minutes and cold
/// water alone after: with y = V/V_full·(T − room), dy/dt = flow/V_full·(T_in − room) − k·y.
/// @param hot for how long hot water runs, 0 to the time of filling
[[nodiscard]] Celsius whenFull(const Tank& tank, const TankSupply& supply, Minutes hot);

/// How to fill.
struct FillPlan {
    Minutes whole;     ///< from the empty tank to the full one
    Minutes hot;       ///< hot water alone, first
    Celsius full{0.0}; ///< temperature when the tank is full
};
/// Plans a filling so that the water has a temperature some minutes after the tank is full.
/// @param wanted 33 to 36 °C, never above 40 °C  @param settle mixing and waiting after the filling
/// @return a Problem when the hot supply cannot reach it, or the cold one is too warm
[[nodiscard]] Expected<FillPlan> planFilling(const Tank& tank, const TankSupply& supply, Celsius wanted,
                                             Minutes settle);

/// How to warm a full tank that has cooled: let out so much, then run in hot water until it is full again. From
/// (V − v)·T + v·T_hot = V·T_wanted: v = V·(T_wanted − T)/(T_hot − T); what is lost meanwhile is left out.
struct TopUp {
    Litres exchanged{0.0};
    Minutes whole; ///< out and in, through the same hose
};
/// @param now of the water, below wanted; wanted below the hot supply
[[nodiscard]] TopUp planTopUp(const Tank& tank, const TankSupply& supply, Celsius now, Celsius wanted);

/// The range that a person in the tank should find, and the most that is ever allowed.
inline constexpr Celsius leastComfortable{32.0}, mostComfortable{36.0}, mostAllowed{40.0};

} // namespace fusain::water
