#pragma once
#include "record/calendar.hpp"

#include <string_view>
#include <vector>

namespace fusain {

/// What the tank needs before the first client, worked back from the appointment.
struct TankTimes {
    double disinfectMinutes = 15.0; ///< contact time
    double rinseMinutes = 15.0;
    double fillMinutes = 180.0;  ///< 2 … 4 h by tank and supply
    double settleMinutes = 20.0; ///< load cell check and water temperature
};

struct TankTask {
    std::string_view title;
    Instant from;
    Instant to;
};

/// Clean, rinse, fill and check, in order, ending at the first appointment.
[[nodiscard]] inline std::vector<TankTask> planTank(Instant firstAppointment, const TankTimes& times = {}) {
    const Instant check = firstAppointment.plusMinutes(-times.settleMinutes);
    const Instant fill = check.plusMinutes(-times.fillMinutes);
    const Instant rinse = fill.plusMinutes(-times.rinseMinutes);
    const Instant disinfect = rinse.plusMinutes(-times.disinfectMinutes);
    return {{"Disinfect the tank", disinfect, rinse},
            {"Rinse", rinse, fill},
            {"Fill and warm", fill, check},
            {"Load cell and water temperature", check, firstAppointment}};
}

} // namespace fusain
