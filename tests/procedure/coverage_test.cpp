// Whether the three figures mean what they say. 2,000 people of each method: bench/coverage.
#include "support/coverage.hpp"

#include <gtest/gtest.h>

namespace fusain::coverage_test {
namespace {

using namespace fusain::coverage;

constexpr int people = 300;

// Three standard errors of a share of so many people.
double slack(double share, int of) {
    return 3.0 * std::sqrt(share * (1.0 - share) / of);
}

class EveryMethod : public ::testing::TestWithParam<NamedMethod> {};

TEST_P(EveryMethod, MeansWhatItSays) {
    const Coverage counted = coverageOf(GetParam().method, people);
    ASSERT_GE(counted.people, people / 2);
    EXPECT_GE(counted.covered, 0.93 - slack(0.95, counted.people));
    EXPECT_LE(counted.covered, 0.97 + slack(0.95, counted.people));
    for (const double third : counted.coveredByFatness) {
        EXPECT_GE(third, 0.90 - slack(0.95, counted.people / 3));
        EXPECT_LE(third, 0.98 + slack(0.95, counted.people / 3));
    }
    if (!GetParam().followed)
        return;
    for (const double falsely : {counted.falseFat, counted.falseFree, counted.falsePercent})
        EXPECT_LE(falsely, 0.06 + slack(0.05, counted.people));
    EXPECT_GE(counted.found, 0.80);
}

INSTANTIATE_TEST_SUITE_P(Coverage, EveryMethod, ::testing::ValuesIn(allMethods()), [](const auto& each) {
    std::string name = each.param.name;
    std::erase_if(name, [](unsigned char c) { return std::isalnum(c) == 0; });
    return name;
});

} // namespace
} // namespace fusain::coverage_test
