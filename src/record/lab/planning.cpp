#include "record/lab/planning.hpp"

#include "record/all/record.hpp"
#include "record/base/json.hpp"

#include <algorithm>
#include <cassert>
#include <fmt/format.h>
#include <sstream>

namespace fusain {
namespace {

constexpr auto planningFormat = "fusain-planning";
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

std::optional<int> minutesOf(const std::string& text) {
    int hours = -1, minutes = -1;
    if (std::sscanf(text.c_str(), " %2d:%2d", &hours, &minutes) != 2 || hours < 0 || hours > 24 ||
        minutes < 0 || minutes > 59)
        return std::nullopt;
    return 60 * hours + minutes;
}

int minutesFrom(const Json& json) {
    const auto text = json.get<std::string>();
    const auto minutes = minutesOf(text);
    if (!minutes)
        refuse("\"" + text + "\" is not a time like 07:30", json);
    return *minutes;
}

// Why these hours cannot be; nothing when they can.
std::optional<std::string> faultOf(const std::vector<OpeningHours>& opening) {
    if (opening.empty())
        return "the lab is never open";
    for (const OpeningHours& each : opening)
        if (each.from >= each.to || each.to > minutesOfDay)
            return "the opening hours must rise within one day";
    for (std::size_t i = 1; i < opening.size(); ++i)
        if (opening[i].from < opening[i - 1].to)
            return "the opening hours overlap";
    return std::nullopt;
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
    if (const auto fault = faultOf(policy.opening))
        refuse(*fault, json);
}

} // namespace

const MethodTimes& PlanningPolicy::timesOf(std::string_view method) const {
    const auto found = std::ranges::find(methods, method, &MethodTimes::method);
    assert(found != methods.end());
    return *found;
}

bool PlanningPolicy::openThroughout(double from, double to) const {
    return std::ranges::any_of(opening,
                               [&](const OpeningHours& each) { return each.from <= from && to <= each.to; });
}

std::string openingText(const std::vector<OpeningHours>& opening) {
    std::string text;
    for (const OpeningHours& each : opening)
        text += (text.empty() ? "" : ", ") + clockFrom(each.from) + "-" + clockFrom(each.to);
    return text;
}

Expected<std::vector<OpeningHours>> openingFromText(const std::string& text) {
    std::vector<OpeningHours> opening;
    std::stringstream parts(text);
    for (std::string part; std::getline(parts, part, ',');) {
        const auto dash = part.find('-');
        const auto from = dash == std::string::npos ? std::nullopt : minutesOf(part.substr(0, dash)),
                   to = dash == std::string::npos ? std::nullopt : minutesOf(part.substr(dash + 1));
        if (!from || !to)
            return failure({FUSAIN_TEXT("\"{1}\" was not understood."), {part}}, {},
                           {FUSAIN_TEXT("Type hours like 06:00-12:00, 13:00-18:00."), {}});
        opening.push_back({*from, *to});
    }
    if (const auto fault = faultOf(opening))
        return failure({FUSAIN_TEXT("These opening hours cannot be: {1}."), {*fault}}, {},
                       {FUSAIN_TEXT("Type hours like 06:00-12:00, 13:00-18:00."), {}});
    return opening;
}

Expected<PlanningPolicy> planningFromJson(const Json& json, const std::string& where) {
    return readDocument(where, [&] {
        if (json.at("format").get<std::string>() != planningFormat)
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
        policy.water = {{care.at("chlorine_least_mg_l").get<double>(),
                         care.at("chlorine_most_mg_l").get<double>(),
                         care.at("chlorine_never_mg_l").get<double>(), care.value("combined_most_mg_l", 0.4),
                         care.at("ph_least").get<double>(), care.at("ph_most").get<double>()},
                        positive(care, "every_h"),
                        Percent(care.value("stock_percent", 10.0))};
        const Json hours =
            json.at("opening").is_array() ? json.at("opening") : Json::array({json.at("opening")});
        policy.opening.clear();
        for (const Json& each : hours)
            policy.opening.push_back({minutesFrom(each.at("from")), minutesFrom(each.at("to"))});
        policy.checkMinutes = positive(json, "check_min");
        check(policy, json);
        return policy;
    });
}

Json toJson(const PlanningPolicy& policy) {
    Json json{{"format", planningFormat},
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
    json["opening"] = Json::array();
    for (const OpeningHours& each : policy.opening)
        json["opening"].push_back({{"from", clockFrom(each.from)}, {"to", clockFrom(each.to)}});
    const water::CareLimits& limits = policy.water.limits;
    json["water_care"] = {{"chlorine_least_mg_l", limits.chlorineLeast},
                          {"chlorine_most_mg_l", limits.chlorineMost},
                          {"chlorine_never_mg_l", limits.chlorineNever},
                          {"combined_most_mg_l", limits.combinedMost},
                          {"ph_least", limits.acidityLeast},
                          {"ph_most", limits.acidityMost},
                          {"every_h", policy.water.everyHours},
                          {"stock_percent", policy.water.stock.value()}};
    return json;
}

} // namespace fusain
