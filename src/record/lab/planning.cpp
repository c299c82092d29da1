#include "record/lab/planning.hpp"

#include "record/all/record.hpp"
#include "record/base/fields.hpp"

#include <algorithm>
#include <cassert>
#include <fmt/format.h>
#include <sstream>

namespace fusain {
namespace {

constexpr int minutesOfDay = 24 * 60;

std::optional<int> minutesOf(const std::string& text) {
    int hours = -1, minutes = -1;
    if (std::sscanf(text.c_str(), " %2d:%2d", &hours, &minutes) != 2 || hours < 0 || hours > 24 ||
        minutes < 0 || minutes > 59)
        return std::nullopt;
    return 60 * hours + minutes;
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

// A time of day like 07:30, in minutes after midnight.
void addClock(Fields<OpeningHours>& fields, std::string key, int OpeningHours::*member, std::string meaning) {
    const FieldNote note{std::move(key), "time of day", {}, {}, Presence::Required, std::move(meaning), {}, {}};
    fields.custom(
        note,
        [member, note](const Json& json, OpeningHours& hours) {
            const auto text = json.get<std::string>();
            const auto minutes = minutesOf(text);
            if (!minutes)
                refuse(json, note, "is \"" + text + "\", not a time like 07:30");
            hours.*member = *minutes;
        },
        [member](const OpeningHours& hours) { return Json(clockFrom(hours.*member)); });
}

const Fields<OpeningHours>& hoursFields() {
    static const auto fields = [] {
        auto made = Fields<OpeningHours>("opening hours");
        addClock(made, "from", &OpeningHours::from, "clients come");
        addClock(made, "to", &OpeningHours::to, "the last leaves");
        return made;
    }();
    return fields;
}

const Fields<MethodTimes>& timesFields() {
    using Times = MethodTimes;
    static const auto fields =
        Fields<Times>("times of a method")
            .required("method", &Times::method, "id")
            .required("instrument", &Times::instrument, "whose lane it fills")
            .required("bench_min", &Times::atTheBench, "with the client", aboveUpTo(0.0, 1440.0))
            .required("change_min", &Times::changing, "before the next client", between(0.0, 1440.0));
    return fields;
}

const Fields<OrderRule>& orderFields() {
    static const auto fields = Fields<OrderRule>("order of two methods")
                                   .required("first", &OrderRule::first, "method")
                                   .required("then", &OrderRule::then, "method")
                                   .required("why", &OrderRule::why, "in one sentence")
                                   .required("cost", &OrderRule::cost, "of the other way round");
    return fields;
}

const Fields<WarmUp>& warmUpFields() {
    static const auto fields = Fields<WarmUp>("warm-up")
                                   .required("instrument", &WarmUp::instrument, "id")
                                   .required("minutes", &WarmUp::minutes, "how long", aboveUpTo(0.0, 1440.0))
                                   .required("title", &WarmUp::title, "as a person reads it");
    return fields;
}

const Fields<water::Tank>& waterTankFields() {
    using water::Tank;
    static const auto fields = Fields<Tank>("tank")
                                   .required("volume_l", &Tank::volume, "full", aboveUpTo(0.0, 1e6))
                                   .required("heat_loss_w_k", &Tank::heatLoss, "of the full tank", atLeast(0.0))
                                   .required("room_c", &Tank::room, "around it", between(-20.0, 60.0));
    return fields;
}

const Fields<water::TankSupply>& supplyFields() {
    using water::TankSupply;
    static const auto fields =
        Fields<TankSupply>("supply")
            .required("hot_c", &TankSupply::hot, "hot water", between(1.0, 95.0))
            .required("cold_c", &TankSupply::cold, "cold water", between(0.0, 60.0))
            .required("flow_l_min", &TankSupply::flow, "L/min", above(0.0))
            .check([](const TankSupply& supply) {
                return std::string(supply.hot > supply.cold ? ""
                                                            : "the hot supply is warmer than the cold one");
            });
    return fields;
}

const Fields<TankSetup>& tankFields() {
    using Setup = TankSetup;
    constexpr Limits minutes = aboveUpTo(0.0, 1440.0);
    static const auto fields = Fields<Setup>("tank")
                                   .flat(&Setup::tank, waterTankFields())
                                   .flat(&Setup::supply, supplyFields())
                                   .required("wanted_c", &Setup::wanted, "temperature of the water",
                                             between(10.0, water::mostAllowed.value()))
                                   .required("disinfect_min", &Setup::disinfectMinutes, "minutes", minutes)
                                   .required("rinse_min", &Setup::rinseMinutes, "minutes", minutes)
                                   .required("mix_min", &Setup::mixing, "stir and read", minutes)
                                   .required("lower_min", &Setup::lowering, "below the overflow", minutes)
                                   .required("chair_min", &Setup::hangingTheChair, "hang the chair", minutes);
    return fields;
}

const Fields<water::CareLimits>& careLimitFields() {
    using Care = water::CareLimits;
    static const auto fields =
        Fields<Care>("limits of the water")
            .required("chlorine_least_mg_l", &Care::chlorineLeast, "free chlorine", between(0.0, 50.0))
            .required("chlorine_most_mg_l", &Care::chlorineMost, "free chlorine", between(0.0, 50.0))
            .required("chlorine_never_mg_l", &Care::chlorineNever, "nobody in the water above it",
                      between(0.0, 50.0))
            .optional("combined_most_mg_l", &Care::combinedMost, "combined chlorine", between(0.0, 20.0))
            .required("ph_least", &Care::acidityLeast, "pH", between(4.0, 10.0))
            .required("ph_most", &Care::acidityMost, "pH", between(4.0, 10.0))
            .check([](const Care& care) {
                const bool rise = care.chlorineLeast <= care.chlorineMost &&
                                  care.chlorineMost <= care.chlorineNever &&
                                  care.acidityLeast <= care.acidityMost;
                return std::string(rise ? "" : "the limits of chlorine and pH must rise");
            });
    return fields;
}

const Fields<WaterCare>& careFields() {
    static const auto fields =
        Fields<WaterCare>("care of the water")
            .flat(&WaterCare::limits, careLimitFields())
            .required("every_h", &WaterCare::every, "how often it is read", aboveUpTo(0.0, 168.0))
            .optional("stock_percent", &WaterCare::stock, "strength of the chlorine solution",
                      aboveUpTo(0.0, 100.0));
    return fields;
}

std::string planningProblem(const PlanningPolicy& policy) {
    for (const std::string_view method : fusain::methods)
        if (std::ranges::count(policy.methods, method, &MethodTimes::method) > 1)
            return "every method is there once: " + std::string(method);
    for (const MethodTimes& each : policy.methods)
        if (std::ranges::find(fusain::methods, each.method) == fusain::methods.end())
            return "there is no method " + each.method;
    for (const OrderRule& rule : policy.order)
        for (const OrderRule& other : policy.order)
            if (rule.first == other.then && rule.then == other.first)
                return "two rules contradict each other: " + rule.first + ", " + rule.then;
    return faultOf(policy.opening).value_or("");
}

const Fields<PlanningPolicy>& planningFields() {
    using Policy = PlanningPolicy;
    static const auto fields = [] {
        auto made = Fields<Policy>("planning policy");
        made.format("fusain-planning", 1, Presence::Required);
        made.required("id", &Policy::id, "stable")
            .optional("grade", &Policy::grade, "how well the source is known")
            .optional("source", &Policy::source, "where the numbers come from")
            .list("methods", &Policy::methods, timesFields(), "one each method", Presence::Required)
            .list("order", &Policy::order, orderFields(), "of two methods on one day", Presence::Required)
            .list("warm_up", &Policy::warmUps, warmUpFields(), "of instruments", Presence::Required)
            .part("tank", &Policy::tank, tankFields(), "and its supply")
            .part("water_care", &Policy::water, careFields(), "limits of the water log");
        const FieldNote opening{"opening",          "list of opening hours, or one", {}, {},
                                Presence::Required, "in order, without overlap",     {}, hoursFields().notes()};
        made.custom(
            opening,
            [](const Json& json, Policy& policy) {
                policy.opening.clear();
                for (const Json& each : json.is_array() ? json : Json::array({json}))
                    policy.opening.push_back(hoursFields().read(each));
            },
            [](const Policy& policy) {
                Json list = Json::array();
                for (const OpeningHours& each : policy.opening)
                    list.push_back(hoursFields().write(each));
                return list;
            });
        made.required("check_min", &Policy::checking, "a quality check", aboveUpTo(0.0, 1440.0))
            .check(planningProblem);
        return made;
    }();
    return fields;
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
    auto policy = readDocument(where, [&] { return planningFields().read(json); });
    if (policy) // one from before a method was added goes on, with usual times and the lane of its instrument
        Methods::each([&]<class Method> {
            if (std::ranges::count(policy->methods, Method::id, &MethodTimes::method) == 0)
                policy->methods.push_back({std::string(Method::id), std::string(Method::lane)});
        });
    return policy;
}

Json toJson(const PlanningPolicy& policy) {
    return planningFields().write(policy);
}

DocumentKind planningKind() {
    return {"Planning policy", planningFields().notes()};
}

} // namespace fusain
