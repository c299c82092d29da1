// A full day planned anew, against what the closed form of the filling saves: one filling in steps of a second.
// The window plans at every change, so the plan has to be far below what anybody notices (aim: under 50 ms).
#include "procedure/day/day_plan.hpp"
#include "record/base/json.hpp"

#include <chrono>
#include <cstdio>
#include <fstream>

namespace {

using namespace fusain;

double stepped(const water::Tank& tank, const water::TankSupply& supply, double hotMinutes) {
    double mass = 0.0, heat = 0.0;
    const int seconds = static_cast<int>(60.0 * tank.volume.value() / supply.flow.value());
    for (int second = 0; second < seconds; ++second) {
        const double in = 0.995 * supply.flow.value() / 60.0;
        mass += in;
        heat += 4180.0 * in * ((second < 60.0 * hotMinutes ? supply.hot : supply.cold) - tank.room).value();
        heat -= tank.heatLoss.value() * (mass / (0.995 * tank.volume.value())) * heat / (4180.0 * mass);
    }
    return tank.room.value() + heat / (4180.0 * mass);
}

template <class Work>
double millisecondsOf(int times, Work work) {
    const auto start = std::chrono::steady_clock::now();
    for (int i = 0; i < times; ++i)
        work();
    return std::chrono::duration<double, std::milli>(std::chrono::steady_clock::now() - start).count() / times;
}

} // namespace

int main() {
    const auto policy = planningFromJson(
        Json::parse(std::ifstream(FUSAIN_SOURCE_DIR "/data/planning/standard.json")), "planning");
    const Instant midnight = *instantFromIso("2026-03-12T00:00:00.000Z");
    std::vector<DayRequest> requests;
    for (int client = 0; client < 30; ++client)
        requests.push_back({"client-" + std::to_string(client),
                            {client % 3 == 0 ? "hydrostatic" : "dxa", "impedance"},
                            midnight.plusMinutes(360.0)});
    DayInputs inputs;
    inputs.appointments = scheduleDay(requests, {}, midnight, *policy);
    for (std::size_t i = 0; i < inputs.appointments.size(); ++i)
        inputs.appointments[i].id = std::to_string(i);
    inputs.midnight = midnight;
    inputs.now = midnight.plusMinutes(400.0);
    std::size_t tasks = 0;
    double warmth = 0.0;
    const double plan = millisecondsOf(200, [&] { tasks += planDay(inputs, *policy).tasks.size(); });
    const double filling =
        millisecondsOf(200, [&] { warmth += stepped(policy->tank.tank, policy->tank.supply, 80.0); });
    const double schedule =
        millisecondsOf(3, [&] { tasks += scheduleDay(requests, {}, midnight, *policy).size(); });
    std::printf("day of %zu appointments: planned in %.2f of one stepped filling (%.3f ms; aim 50 ms)\n",
                inputs.appointments.size(), plan / filling, plan);
    std::printf("30 clients placed anew: %.0f times the plan (%.1f ms)\n", schedule / plan, schedule);
    return warmth > 0.0 && tasks > 0 ? 0 : 1;
}
