#include "record/planning.hpp"

#include "record/any_test.hpp"

#include <algorithm>
#include <cassert>
#include <fmt/format.h>

namespace fusain {
namespace {

constexpr auto formatName = "fusain-planning";
constexpr int minutesOfDay = 24 * 60;

[[noreturn]] void refuse(const std::string& why, const Json& at) {
    throw Json::other_error::create(501, why, &at);
}

double positive(const Json& json, const char* key) {
    const double value = json.at(key).get<double>();
    if (!(value > 0.0))
        refuse(std::string(key) + " must be above 0", json);
    return value;
}

int minutesFrom(const Json& json) {
    const auto text = json.get<std::string>();
    int hours = -1, minutes = -1;
    if (std::sscanf(text.c_str(), "%2d:%2d", &hours, &minutes) != 2 || hours < 0 || hours > 24 || minutes < 0 ||
        minutes > 59)
        refuse("\"" + text + "\" is not a time like 07:30", json);
    return 60 * hours + minutes;
}

std::string clockFrom(int minutes) {
    return fmt::format("{:02}:{:02}", minutes / 60, minutes % 60);
}

TankSetup tankFrom(const Json& json) {
    TankSetup setup;
    setup.tank = {Litres(positive(json, "volume_l")), json.at("heat_loss_w_k").get<double>(),
                  Celsius(json.at("room_c").get<double>())};
    setup.supply = {Celsius(json.at("hot_c").get<double>()), Celsius(json.at("cold_c").get<double>()),
                    positive(json, "flow_l_min")};
    setup.wanted = Celsius(json.at("wanted_c").get<double>());
    setup.disinfectMinutes = positive(json, "disinfect_min");
    setup.rinseMinutes = positive(json, "rinse_min");
    setup.mixMinutes = positive(json, "mix_min");
    setup.lowerMinutes = positive(json, "lower_min");
    setup.chairMinutes = positive(json, "chair_min");
    if (setup.supply.hot <= setup.supply.cold)
        refuse("the hot supply is warmer than the cold one", json);
    if (setup.wanted > water::mostAllowed)
        refuse("water above 40 °C is never used with a person", json);
    return setup;
}

Json jsonOf(const TankSetup& setup) {
    return {{"volume_l", setup.tank.volume.value()}, {"heat_loss_w_k", setup.tank.heatLoss},
            {"room_c", setup.tank.room.value()},     {"hot_c", setup.supply.hot.value()},
            {"cold_c", setup.supply.cold.value()},   {"flow_l_min", setup.supply.flow},
            {"wanted_c", setup.wanted.value()},      {"disinfect_min", setup.disinfectMinutes},
            {"rinse_min", setup.rinseMinutes},       {"mix_min", setup.mixMinutes},
            {"lower_min", setup.lowerMinutes},       {"chair_min", setup.chairMinutes}};
}

void check(const PlanningPolicy& policy, const Json& json) {
    for (const std::string_view method : fusain::methods)
        if (std::ranges::count(policy.methods, method, &MethodTimes::method) != 1)
            refuse("every method stands once: " + std::string(method), json);
    for (const OrderRule& rule : policy.order)
        for (const OrderRule& other : policy.order)
            if (rule.first == other.then && rule.then == other.first)
                refuse("two rules contradict each other: " + rule.first + ", " + rule.then, json);
    if (policy.opening.from >= policy.opening.to || policy.opening.to > minutesOfDay)
        refuse("the opening hours must rise within one day", json);
}

} // namespace

const MethodTimes& PlanningPolicy::timesOf(std::string_view method) const {
    const auto found = std::ranges::find(methods, method, &MethodTimes::method);
    assert(found != methods.end());
    return *found;
}

Expected<PlanningPolicy> planningFromJson(const Json& json, const std::string& where) {
    return readDocument(where, [&] {
        if (json.at("format").get<std::string>() != formatName)
            refuse("not a planning policy", json);
        PlanningPolicy policy;
        policy.id = json.at("id").get<std::string>();
        policy.grade = json.value("grade", "");
        policy.source = json.value("source", "");
        for (const Json& each : json.at("methods"))
            policy.methods.push_back({each.at("method").get<std::string>(),
                                      each.at("instrument").get<std::string>(), positive(each, "bench_min"),
                                      each.at("change_min").get<double>()});
        for (const Json& each : json.at("order"))
            policy.order.push_back({each.at("first").get<std::string>(), each.at("then").get<std::string>(),
                                    each.at("why").get<std::string>(), each.at("cost").get<std::string>()});
        for (const Json& each : json.at("warm_up"))
            policy.warmUps.push_back({each.at("instrument").get<std::string>(), positive(each, "minutes"),
                                      each.at("title").get<std::string>()});
        policy.tank = tankFrom(json.at("tank"));
        const Json& care = json.at("water_care");
        policy.water = {care.at("chlorine_least_mg_l").get<double>(),
                        care.at("chlorine_most_mg_l").get<double>(),
                        care.at("chlorine_never_mg_l").get<double>(),
                        care.at("ph_least").get<double>(),
                        care.at("ph_most").get<double>(),
                        care.at("every_h").get<double>()};
        policy.opening = {minutesFrom(json.at("opening").at("from")), minutesFrom(json.at("opening").at("to"))};
        policy.checkMinutes = positive(json, "check_min");
        check(policy, json);
        return policy;
    });
}

Json toJson(const PlanningPolicy& policy) {
    Json json{{"format", formatName},
              {"version", 1},
              {"id", policy.id},
              {"grade", policy.grade},
              {"source", policy.source},
              {"tank", jsonOf(policy.tank)},
              {"check_min", policy.checkMinutes},
              {"methods", Json::array()},
              {"order", Json::array()},
              {"warm_up", Json::array()}};
    for (const MethodTimes& each : policy.methods)
        json["methods"].push_back({{"method", each.method},
                                   {"instrument", each.instrument},
                                   {"bench_min", each.benchMinutes},
                                   {"change_min", each.changeMinutes}});
    for (const OrderRule& each : policy.order)
        json["order"].push_back(
            {{"first", each.first}, {"then", each.then}, {"why", each.why}, {"cost", each.cost}});
    for (const WarmUp& each : policy.warmUps)
        json["warm_up"].push_back(
            {{"instrument", each.instrument}, {"minutes", each.minutes}, {"title", each.title}});
    json["opening"] = {{"from", clockFrom(policy.opening.from)}, {"to", clockFrom(policy.opening.to)}};
    json["water_care"] = {{"chlorine_least_mg_l", policy.water.chlorineLeast},
                          {"chlorine_most_mg_l", policy.water.chlorineMost},
                          {"chlorine_never_mg_l", policy.water.chlorineNever},
                          {"ph_least", policy.water.acidityLeast},
                          {"ph_most", policy.water.acidityMost},
                          {"every_h", policy.water.everyHours}};
    return json;
}

} // namespace fusain
