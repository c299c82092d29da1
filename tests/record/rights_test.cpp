// Who may do what.
#include "record/base/people.hpp"

#include <gtest/gtest.h>

namespace fusain::rights_test {
namespace {

TEST(Rights, EachRoleMayWhatItsWorkNeeds) {
    const auto allowed = [](Role role) {
        std::vector<Right> rights;
        for (const Right right : {Right::Measure, Right::SignFor, Right::Answer, Right::Override, Right::Amend,
                                  Right::Policies, Right::Colleagues, Right::Copies})
            if (may(role, right))
                rights.push_back(right);
        return rights;
    };
    EXPECT_EQ(allowed(Role::Trainee), std::vector{Right::Measure});
    EXPECT_EQ(allowed(Role::Technician), (std::vector{Right::Measure, Right::SignFor}));
    EXPECT_EQ(allowed(Role::Administrator), (std::vector{Right::Colleagues, Right::Copies}));
    EXPECT_EQ(allowed(Role::Physiologist).size(), 8u);
}

TEST(Rights, RolesAreReadAsTheyAreWritten) {
    for (const Role role : {Role::Technician, Role::Trainee, Role::Physiologist, Role::Administrator})
        EXPECT_EQ(roleFromText(std::string(roleText(role))), role);
}

} // namespace
} // namespace fusain::rights_test
