#pragma once
#include "core/quality/check_rule.hpp"
#include "record/base/calendar.hpp"
#include "record/base/document_kind.hpp"
#include "record/base/json_fwd.hpp"

#include <span>

namespace fusain {

/// One kind of check of an instrument, with its reference object and its schedule.
struct CheckDefinition {
    std::string id;
    std::string title;
    std::string unit;
    int decimals = 3;
    quality::CheckRule rule;
    double uncertainty = 0.0;             ///< standard uncertainty of the reference object
    std::string object;                   ///< what it is
    std::optional<Date> certificateUntil; ///< of the lab's own object; nothing while none is on file
    std::string identification = {};      ///< of the lab's own object: its number
    Hours every{24.0};                    ///< how long a passed check holds
    bool blocks = true;                   ///< an overdue or failed one keeps tests from starting
    std::string source;
    std::string grade = {}; ///< how well the source is known
};

/// An instrument of the lab. Its id is the role of its link.
struct Instrument {
    std::string id;
    std::string name;
    std::vector<std::string> methods; ///< that use it
    std::vector<CheckDefinition> checks;

    [[nodiscard]] const CheckDefinition* check(const std::string& checkId) const;
    /// Whether one of these methods uses it.
    [[nodiscard]] bool servesAny(std::span<const std::string_view> those) const;
};

/// The object that a lab compares an instrument with, as its certificate states it. The shipped list of
/// instruments knows kinds of objects; which one a lab has, and until when its certificate holds, is the lab's
/// own record.
struct ReferenceObject {
    std::string object;                   ///< what it is
    std::string identification;           ///< its number
    double nominal = 0.0;                 ///< in the unit of the check
    double uncertainty = 0.0;             ///< standard, in the unit of the check; not negative
    std::optional<Date> certificateUntil; ///< nothing for an object without a certificate
};
[[nodiscard]] Json toJson(const ReferenceObject& object);
[[nodiscard]] Expected<ReferenceObject> referenceObjectFromJson(const Json& json, const std::string& where);
/// What cannot be a reference object: no name, a number that is none, a negative uncertainty. Nothing when it
/// can.
[[nodiscard]] std::optional<Problem> problemWith(const ReferenceObject& object);
/// The check is then made with this object.
void use(CheckDefinition& check, const ReferenceObject& object);

/// What a lab asks of a check in place of the shipped limits.
struct CheckLimits {
    std::optional<double> mean, each, spread; ///< as in quality::CheckRule; at least one of mean and each
    int readings = 1;
    Hours every{24.0};
    bool blocks = true;
    std::string source; ///< why: the lab's own words
};
[[nodiscard]] Json toJson(const CheckLimits& limits);
[[nodiscard]] Expected<CheckLimits> checkLimitsFromJson(const Json& json, const std::string& where);
/// What cannot be limits: none at all, one that is not above 0, no reading, no interval, no reason. Nothing
/// when they can.
[[nodiscard]] std::optional<Problem> problemWith(const CheckLimits& limits);
/// The check is then judged by these.
void use(CheckDefinition& check, const CheckLimits& limits);

[[nodiscard]] Expected<Instrument> instrumentFromJson(const Json& json, const std::string& where);

/// A check that was made, or a service that restarts the control chart.
struct Check {
    std::string id;
    std::string instrument; ///< id of the instrument
    std::string kind;       ///< id of the check; "service" for work done on the instrument
    Instant at;
    double nominal = 0.0;
    double reading = 0.0; ///< mean of the readings
    bool passed = true;
    std::string by;
    std::string note;
    std::vector<double> readings;
    [[nodiscard]] double error() const { return reading - nominal; }
};

/// Whom a study was made with, and so whom it speaks for: lean athletes are measured otherwise than patients.
struct StudiedPeople {
    std::optional<Sex> sex; ///< nothing: women and men
    Percent leastFat{0.0}, mostFat{100.0};
    [[nodiscard]] bool everybody() const {
        return !sex && leastFat <= Percent(0.0) && mostFat >= Percent(100.0);
    }
    [[nodiscard]] bool covers(Sex who, Percent fat) const {
        return (!sex || *sex == who) && fat >= leastFat && fat <= mostFat;
    }
    friend bool operator==(const StudiedPeople&, const StudiedPeople&) = default;
};
[[nodiscard]] Json toJson(const StudiedPeople& people);
/// What is not said stands for everybody. Throws Json::exception for readDocument.
[[nodiscard]] StudiedPeople studiedPeopleFromJson(const Json& json);

/// A precision study: repeated measurements of several people.
struct Study {
    std::string id;
    std::string instrument;
    std::string quantity; ///< "fat-percent", "fat-mass" …
    std::string unit;
    Instant at;
    std::string by;
    std::vector<std::vector<double>> people; ///< the repeats of each person
    std::string group =
        {}; ///< whose hands it speaks for: a role, the id of one colleague, or empty for everyone
    bool betweenDays = false; ///< repeats 2 to 7 days apart; else on the same day, repositioned
    StudiedPeople population = {};
};

/// Where an instrument stands with a check.
enum class CheckState { Valid, Overdue, Failed, CertificateExpired };
struct CheckStatus {
    CheckState state = CheckState::Overdue;
    std::optional<Instant> last;     ///< the latest check of this kind
    std::optional<Instant> lastGood; ///< the latest that passed
    std::optional<Instant> validUntil;
    [[nodiscard]] bool good() const { return state == CheckState::Valid; }
};

/// From all checks of the instrument, in order of time. After a service a new check is due at once.
[[nodiscard]] CheckStatus statusOf(const CheckDefinition& definition, const std::vector<Check>& checks,
                                   Instant now);

/// The keys of this kind of document.
[[nodiscard]] DocumentKind instrumentKind();

/// The keys of this kind of document.
[[nodiscard]] DocumentKind referenceObjectKind();

/// The keys of this kind of document.
[[nodiscard]] DocumentKind checkLimitsKind();

} // namespace fusain
