#include "record/base/people.hpp"

#include "record/base/fields.hpp"
#include "record/base/sex_words.hpp"

#include <algorithm>
#include <tuple>

namespace fusain {
std::string_view sexText(Sex sex) {
    return sex == Sex::Male ? "male" : "female";
}
Sex sexFromText(const std::string& text) {
    if (text != "male" && text != "female")
        throw Json::other_error::create(501, "sex is \"" + text + "\" but must be male or female", nullptr);
    return text == "male" ? Sex::Male : Sex::Female;
}
std::string_view roleText(Role role) {
    return role == Role::Physiologist    ? FUSAIN_TEXT("physiologist")
           : role == Role::Trainee       ? FUSAIN_TEXT("trainee")
           : role == Role::Administrator ? FUSAIN_TEXT("administrator")
                                         : FUSAIN_TEXT("technician");
}

Role roleFromText(const std::string& text) {
    for (const Role role : {Role::Physiologist, Role::Trainee, Role::Administrator})
        if (text == roleText(role))
            return role;
    return Role::Technician;
}

bool may(Role role, Right right) {
    switch (right) {
    case Right::Measure:
        return role != Role::Administrator;
    case Right::SignFor:
        return role == Role::Technician || role == Role::Physiologist;
    case Right::Colleagues:
    case Right::Copies:
        return role == Role::Administrator || role == Role::Physiologist;
    case Right::Answer:
    case Right::Override:
    case Right::Amend:
    case Right::Policies:
        break;
    }
    return role == Role::Physiologist;
}

Expected<void> allowed(Role role, Right right) {
    if (may(role, right))
        return {};
    switch (right) {
    case Right::Measure:
        return failure({FUSAIN_TEXT("An administrator does not measure people."), {}}, {},
                       {FUSAIN_TEXT("Ask whoever measures to take the bench."), {}});
    case Right::SignFor:
        return failure({FUSAIN_TEXT("Only a technician or a physiologist can answer for a measurement."), {}},
                       {}, {FUSAIN_TEXT("Ask one to take the bench."), {}});
    case Right::Colleagues:
    case Right::Copies:
        return failure({FUSAIN_TEXT("Only a physiologist or an administrator can do this."), {}}, {},
                       {FUSAIN_TEXT("Ask one to take the bench."), {}});
    case Right::Answer:
    case Right::Override:
    case Right::Amend:
    case Right::Policies:
        break;
    }
    return failure({FUSAIN_TEXT("Only a physiologist can do this."), {}}, {},
                   {FUSAIN_TEXT("Ask one to take the bench."), {}});
}

namespace {

constexpr std::size_t longestName = 200, longestCode = 60, longestTelephone = 60, longestNote = 4000; // bytes

// What is typed or imported as a name or note is one that can be shown, printed and searched.
std::optional<Problem> problemWithText(const char* what, const std::string& text, std::size_t most) {
    if (text.size() > most)
        return Problem{{FUSAIN_TEXT("This text is too long: {1} characters, at most {2}."),
                        {std::to_string(text.size()), std::to_string(most)}},
                       what,
                       {},
                       {FUSAIN_TEXT("Shorten it."), {}}};
    const bool control = std::ranges::any_of(
        text, [](unsigned char c) { return (c < 0x20 && c != '\n' && c != '\t') || c == 0x7F; });
    if (control)
        return Problem{{FUSAIN_TEXT("There is a character in it that cannot be shown."), {}},
                       what,
                       {},
                       {FUSAIN_TEXT("Type it again."), {}}};
    return std::nullopt;
}

} // namespace

std::optional<Problem> problemWith(const Client& client, Instant now) {
    if (client.name.find_first_not_of(" \t") == std::string::npos)
        return Problem{
            {FUSAIN_TEXT("A client needs a name."), {}}, "name", {}, {FUSAIN_TEXT("Type the name."), {}}};
    for (const auto& [what, text, most] :
         {std::tuple("name", &client.name, longestName), std::tuple("code", &client.code, longestCode),
          std::tuple("telephone", &client.telephone, longestTelephone),
          std::tuple("note", &client.note, longestNote)})
        if (auto problem = problemWithText(what, *text, most))
            return problem;
    const double age = client.birthDate.ok() ? client.ageAt(now).value() : -1.0;
    if (age < 0.0)
        return Problem{{FUSAIN_TEXT("The birth date is in the future."), {}},
                       "birth date",
                       {},
                       {FUSAIN_TEXT("Check day, month and year."), {}}};
    if (age > 120.0)
        return Problem{{FUSAIN_TEXT("The birth date gives an age of {1} years."), {fixed(age, 0)}},
                       "birth date",
                       {},
                       {FUSAIN_TEXT("Check the year."), {}}};
    if (client.height && (client.height->value() < 0.5 || client.height->value() > 2.5)) {
        const double typed = centimetres(*client.height);
        const Message remedy =
            typed < 2.6 ? Message{FUSAIN_TEXT("Type centimetres: {1} m is {2} cm."),
                                  {fixed(typed, 2), fixed(typed * 100.0, 0)}}
                        : Message{FUSAIN_TEXT("Is it in inches? Height is between 50 and 250 cm."), {}};
        return Problem{
            {FUSAIN_TEXT("Height {1} cm is out of range."), {fixed(typed, 1)}}, "height", {}, remedy};
    }
    return std::nullopt;
}

namespace {

constexpr Named<UnitSystem> unitSystems[] = {{"metric", UnitSystem::Metric}, {"us", UnitSystem::UsCustomary}};
constexpr Named<Role> roles[] = {{"technician", Role::Technician},
                                 {"trainee", Role::Trainee},
                                 {"physiologist", Role::Physiologist},
                                 {"administrator", Role::Administrator}};

const Fields<Client>& clientFields() {
    static const auto fields =
        Fields<Client>("client")
            .required("id", &Client::id, "stable within the lab book")
            .required("code", &Client::code, "what stands for the name when names are hidden")
            .required("name", &Client::name, "as the client says it")
            .required("birth_date", &Client::birthDate, "as the client says it")
            .word("sex", &Client::sex, sexWords, "group of the published equations, chosen with the client")
            .sparse("height_m", &Client::height, "as last measured", between(0.5, 2.5))
            .word("units", &Client::units, unitSystems, "on the client's pages", Presence::Optional)
            .optional("note", &Client::note, "for the staff")
            .optional("guardian_consent", &Client::guardianConsent, "needed below 18 years")
            .optional("language", &Client::language, "of the client's pages; empty for the lab's")
            .sparse("telephone", &Client::telephone, "to be called about an appointment");
    return fields;
}

const Fields<Staff>& staffFields() {
    static const auto fields = Fields<Staff>("member of staff")
                                   .required("id", &Staff::id, "stable within the lab book")
                                   .required("name", &Staff::name, "as it is shown")
                                   .word("role", &Staff::role, roles, "what is allowed");
    return fields;
}

} // namespace

Json toJson(const Client& client) {
    return clientFields().write(client);
}

Expected<Client> clientFromJson(const Json& json, const std::string& where) {
    return readDocument(where, [&] { return clientFields().read(json); });
}

Json toJson(const Staff& staff) {
    return staffFields().write(staff);
}

Expected<Staff> staffFromJson(const Json& json, const std::string& where) {
    return readDocument(where, [&] { return staffFields().read(json); });
}

DocumentKind clientKind() {
    return {"Client", clientFields().notes()};
}

} // namespace fusain
