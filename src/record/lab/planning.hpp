#pragma once
#include "core/base/problem.hpp"
#include "core/water/care.hpp"
#include "core/water/tank_filling.hpp"
#include "record/base/document_kind.hpp"
#include "record/base/json_fwd.hpp"

#include <string>
#include <vector>

namespace fusain {

/// How long a test by a method takes, and where.
struct MethodTimes {
    std::string method;
    std::string instrument;   ///< whose lane it fills
    Minutes atTheBench{30.0}; ///< with the client, from greeting to thanks
    Minutes changing{5.0};    ///< after it, before the next client on this instrument
};

/// Of two methods on one day, which comes first, and what the other way round would cost.
struct OrderRule {
    std::string first, then;
    std::string why, cost; ///< marked for translation
};

struct WarmUp {
    std::string instrument;
    double minutes = 15;
    std::string title; ///< marked for translation
};

/// What the tank and its supply are like, and how long its preparation takes.
struct TankSetup {
    water::Tank tank;
    water::TankSupply supply;
    Celsius wanted{35.0};
    double disinfectMinutes = 15, rinseMinutes = 15;
    Minutes mixing{10.0};          ///< stir, and read the temperature
    Minutes lowering{5.0};         ///< let some out below the overflow
    Minutes hangingTheChair{15.0}; ///< hang the chair late: it and the load cell settle
};

/// Limits of the water log, and how often it is read.
struct WaterCare {
    water::CareLimits limits;
    Hours every{2.0};
    Percent stock{10.0}; ///< strength of the chlorine solution
};

/// From when to when clients come, in minutes after local midnight.
struct OpeningHours {
    int from = 360, to = 1080;
};

/// What the planning of a day rests on: docs/formats/planning.md. A policy of the lab.
struct PlanningPolicy {
    std::string id, grade, source;
    std::vector<MethodTimes> methods;
    std::vector<OrderRule> order;
    std::vector<WarmUp> warmUps;
    TankSetup tank;
    WaterCare water;
    std::vector<OpeningHours> opening{{}}; ///< one or more, in order, without overlap
    Minutes checking{10.0};                ///< a quality check

    [[nodiscard]] int opens() const { return opening.front().from; }
    [[nodiscard]] int closes() const { return opening.back().to; }
    /// Whether the lab is open without a break. @param from, to minutes after local midnight
    [[nodiscard]] bool openThroughout(double from, double to) const;
    /// @param method one of the four; each has its times
    [[nodiscard]] const MethodTimes& timesOf(std::string_view method) const;
};

/// Reads and checks a planning policy: every method once, order rules without a circle, positive times, hours
/// that rise and do not overlap.
[[nodiscard]] Expected<PlanningPolicy> planningFromJson(const Json& json, const std::string& where);
[[nodiscard]] Json toJson(const PlanningPolicy& policy);
/// Hours as they are typed, "06:00-12:00, 13:00-18:00", and back. @return a Problem for hours that overlap,
/// fall or cannot be read
[[nodiscard]] Expected<std::vector<OpeningHours>> openingFromText(const std::string& text);
[[nodiscard]] std::string openingText(const std::vector<OpeningHours>& opening);

/// The keys of this kind of document.
[[nodiscard]] DocumentKind planningKind();

} // namespace fusain
