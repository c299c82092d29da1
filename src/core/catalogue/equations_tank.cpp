#include "core/catalogue/equations.hpp"
#include "core/catalogue/inputs.hpp"
#include "core/water/care.hpp"
#include "core/water/tank_filling.hpp"

namespace fusain {
std::vector<Equation> tankEquations() {
    const EquationInput volume{"volume_l", "water in the tank", "L", 300, 5000};
    return {{"tank.standing",
             "Temperature of standing water",
             "T = T_room + (T0 − T_room)·e^(−k·t), k = UA/(c·ρ·V)",
             "Newton's law of cooling; specific heat 4.18 kJ/(kg·K)",
             'A',
             "°C",
             "one heat loss for the whole tank, found by reading it twice",
             {{"temperature_c", "water now", "°C", 5, 60},
              {"room_c", "room", "°C", 10, 35},
              {"minutes", "time", "min", 0, 1440},
              volume,
              {"heat_loss_w_k", "heat lost", "W/K", 0, 400}},
             [](EquationArguments x) {
                 return plainValue(water::standing({Litres(x[3]), WattsPerKelvin(x[4]), Celsius(x[1])},
                                                   Celsius(x[0]), Minutes(x[2]))
                                       .value());
             }},
            {"tank.top-up",
             "Hot water in exchange for cold",
             "v = V·(T_wanted − T)/(T_hot − T)",
             "mixing of equal volumes; what is lost meanwhile is left out",
             'A',
             "L",
             "target temperature between the tank's and the supply's",
             {volume,
              {"temperature_c", "water now", "°C", 5, 36},
              {"wanted_c", "wanted", "°C", 33, 40},
              {"hot_c", "hot supply", "°C", 41, 85}},
             [](EquationArguments x) {
                 return plainValue(water::planTopUp({Litres(x[0]), WattsPerKelvin(0.0), Celsius(22.0)},
                                                    {Celsius(x[3]), Celsius(12.0), LitresPerMinute(1.0)},
                                                    Celsius(x[1]), Celsius(x[2]))
                                       .exchanged.value());
             }},
            {"tank.chlorine-dose",
             "Chlorine to add",
             "mL = mg/L · L / (10 · %)",
             "arithmetic: a solution of 1 % holds 10 mg/mL",
             'A',
             "mL",
             "with nobody inside; stir and read again",
             {{"raise_mg_l", "more free chlorine", "mg/L", 0, 10},
              volume,
              {"stock_percent", "available chlorine of the solution", "%", 1, 15}},
             [](EquationArguments x) {
                 return plainValue(water::chlorineDose(MilligramsPerLitre(x[0]), Litres(x[1]), Percent(x[2])));
             }},
            {"tank.hypochlorous-share",
             "Chlorine that disinfects",
             "HOCl = 1/(1 + 10^(pH − pKa)), pKa = 3000/T − 10.0686 + 0.0253T (T in K)",
             "Morris JC (1966), J Phys Chem 70:3798-3805",
             'B',
             "1",
             "free chlorine in water of 5 to 40 °C",
             {{"ph", "pH of the water", "", 6, 9}, {"temperature_c", "water temperature", "°C", 5, 40}},
             [](EquationArguments x) { return plainValue(water::hypochlorousShare(x[0], Celsius(x[1]))); }}};
}

} // namespace fusain
