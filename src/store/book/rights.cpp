#include "store/book/rights.hpp"

#include "store/book/identity.hpp"
#include "store/book/projection.hpp"
#include "store/book/signatures.hpp"

#include <algorithm>

namespace fusain::store {
namespace {

// A reference set is chosen for a quantity, which is one word; "reference.INSTRUMENT.CHECK" is the object that
// a check uses, and whoever makes the check enters its certificate.
bool choosesReference(std::string_view setting) {
    constexpr std::string_view prefix = "reference.";
    return setting.starts_with(prefix) && setting.find('.', prefix.size()) == std::string_view::npos;
}

std::optional<Right> rightForSetting(std::string_view setting) {
    for (const std::string_view owned :
         {"policy.", "reference-set.", "limits.", "calibration.", "cross-calibration."})
        if (setting.starts_with(owned))
            return Right::Policies;
    if (choosesReference(setting))
        return Right::Policies;
    if (setting == everybodySignsInSetting || setting == Identities::setting)
        return Right::Colleagues;
    return std::nullopt;
}

} // namespace

std::optional<Right> rightFor(const Event& event) {
    if (event.kind == kinds::settingChanged)
        return rightForSetting(event.subject);
    if (event.kind == kinds::staffSaved)
        return Right::Colleagues;
    if (event.kind == kinds::keyRevoked && event.subject != keySubjectOf(event.by))
        return Right::Colleagues;
    if (event.kind == kinds::clientErased)
        return Right::Copies;
    if (event.kind == kinds::importMade)
        return Right::Measure; // tests come with an import
    return std::nullopt;
}

Expected<void> mayChange(const std::vector<Staff>& staff, const Event& event) {
    const auto right = rightFor(event);
    const auto anybodyMay = [&] {
        return std::ranges::any_of(staff, [&](const Staff& each) { return may(each.role, *right); });
    };
    if (!right || (*right == Right::Colleagues && !anybodyMay())) // somebody has to be the first
        return {};
    if (const auto who = std::ranges::find(staff, event.by, &Staff::id); who != staff.end())
        return allowed(who->role, *right);
    return event.by.empty() ? allowed(Role::Trainee, *right) : Expected<void>(); // nobody is at the bench
}

} // namespace fusain::store
