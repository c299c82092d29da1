#pragma once
#include "core/units/format.hpp"
#include "record/base/calendar.hpp"
#include "record/base/document.hpp"
#include "record/base/document_kind.hpp"

#include <array>

namespace fusain {

/// A person who is tested.
struct Client {
    std::string id;   ///< stable within the lab book
    std::string code; ///< what stands for the name when names are hidden
    std::string name;
    Date birthDate{};
    Sex sex = Sex::Female;        ///< group of the published equations, chosen with the client
    std::optional<Metres> height; ///< as last measured
    UnitSystem units = UnitSystem::Metric;
    std::string note;
    bool guardianConsent = false; ///< needed below 18 years
    std::string language = {};    ///< of pages for the client, such as "de"; empty: English
    std::string telephone = {};   ///< to be called about an appointment
    std::string unreadable = {};  ///< why the kept record cannot be read, in a damaged book; never kept itself

    [[nodiscard]] Years ageAt(Instant instant) const { return ageOn(birthDate, dateOf(instant)); }
};

enum class Role { Technician, Trainee, Physiologist, Administrator };

/// What not everybody may do.
enum class Right {
    Measure,    ///< run a test, make a check
    SignFor,    ///< stand for having measured: hand over, sign as the technician
    Answer,     ///< answer for a result with their own signature
    Override,   ///< go past a failed check, a blocking answer, bad water
    Amend,      ///< open a signed test again
    Policies,   ///< policies, references, limits, precision studies adopted
    Colleagues, ///< say who works here, revoke keys, say whether everybody signs in
    Copies      ///< exports of everything, erasure
};
/// Trainees measure beside somebody who stands for it; the physiologist may do everything, so that one person
/// can run a lab.
[[nodiscard]] bool may(Role role, Right right);
/// The same, as a Problem that says who can.
[[nodiscard]] Expected<void> allowed(Role role, Right right);

struct Staff {
    std::string id;
    std::string name;
    Role role = Role::Technician;
};

/// What is kept of a client beside the entry: each paper is one document, under a setting named by both.
inline constexpr std::array<std::string_view, 3> clientPapers{"plan", "body-water", "screening"};
[[nodiscard]] inline std::string paperKey(std::string_view paper, const std::string& clientId) {
    return std::string(paper) + "." + clientId;
}

/// Why a client's entry cannot be accepted as typed: a missing name, a birth date in the future or over 120
/// years ago, a height outside 0.50 … 2.50 m (with a hint when it looks like centimetres or inches in the wrong
/// place).
[[nodiscard]] std::optional<Problem> problemWith(const Client& client, Instant now);

[[nodiscard]] Json toJson(const Client& client);
[[nodiscard]] Expected<Client> clientFromJson(const Json& json, const std::string& where);
[[nodiscard]] Json toJson(const Staff& staff);
[[nodiscard]] Expected<Staff> staffFromJson(const Json& json, const std::string& where);

[[nodiscard]] std::string_view sexText(Sex sex);
/// "male" or "female"; any other text throws Json::exception, which readDocument turns into a Problem: a sex is
/// never guessed.
[[nodiscard]] Sex sexFromText(const std::string& text);
[[nodiscard]] std::string_view roleText(Role role);
[[nodiscard]] Role roleFromText(const std::string& text);

/// The keys of this kind of document.
[[nodiscard]] DocumentKind clientKind();

} // namespace fusain
