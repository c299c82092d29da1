#include "exchange/scan/dxa_batch.hpp"
#include "support/dxa_run.hpp"

#include <gtest/gtest.h>

namespace fusain::exchange::dxa_batch_test {
namespace {

using namespace fusain::testing;

struct Computed {
    std::string output;
    std::vector<std::string> complaints;
    std::size_t computed = 0;
};

Computed run(const std::string& text, std::size_t piece = 7) {
    static const DxaPolicy policy = dxaSetting().policy;
    Computed run;
    DxaBatch batch(
        policy, "scans.csv", [&](std::string_view words) { run.output += words; },
        [&](const Problem& problem) { run.complaints.push_back(problem.english()); });
    for (std::size_t at = 0; at < text.size(); at += piece)
        EXPECT_TRUE(batch.add(std::string_view(text).substr(at, piece)));
    EXPECT_TRUE(batch.finish());
    run.computed = batch.computed();
    return run;
}

constexpr const char* header = "id,sex,age_y,height_cm,fat_kg,lean_kg,bone_mineral_kg,limb_lean_kg\n";

// By hand: 18/(18 + 50 + 2.8) = 25.424 %; limbs 23.5/1.75² = 7.673, over a body mass index of 23.118 1.0165.
TEST(DxaBatch, GivesWhatTheBenchGives) {
    const Computed rows = run(std::string(header) + "a,male,30,175,18.0,50.0,2.8,23.5\n");
    ASSERT_EQ(rows.computed, 1u) << (rows.complaints.empty() ? "" : rows.complaints.front());
    const std::string line = rows.output.substr(rows.output.find('\n') + 1);
    EXPECT_EQ(line.substr(0, 9), "a,25.424,");
    EXPECT_NE(line.find(",7.673,1.0165,\n"), std::string::npos) << line;
    dxa::RegionReading total;
    total.fat = Kilograms(18.0), total.lean = Kilograms(50.0), total.boneMineral = Kilograms(2.8);
    const DxaPolicy policy = dxaSetting().policy;
    const auto body = dxa::bodyFrom(total, policy.precision, policy.day, Metres(1.75)).composition;
    EXPECT_NE(line.find(figures(body.fatFreeMass)), std::string::npos) << line;
}

TEST(DxaBatch, BadRowsAreReportedAndTheRestGoesOn) {
    const Computed rows = run(std::string(header) + "a,male,30,175,18.0,50.0,,\n"
                                               "b,man,30,175,18.0,50.0,2.8,\n"
                                               "c,female,30,17.5,18.0,50.0,2.8,\n"
                                               "d,female,30,165,1800,5000,280,\n"
                                               "e,female,30,165,18.0,40.0,0.5,\n");
    EXPECT_EQ(rows.computed, 1u);
    ASSERT_EQ(rows.complaints.size(), 4u);
    EXPECT_NE(rows.complaints[0].find("line 2"), std::string::npos) << rows.complaints[0];
    EXPECT_NE(rows.complaints[3].find("out of range"), std::string::npos) << rows.complaints[3];
    EXPECT_NE(rows.output.find("bone-implausible"), std::string::npos);
}

TEST(DxaBatch, ATableWithoutAColumnIsNone) {
    static const DxaPolicy policy = dxaSetting().policy;
    DxaBatch batch(
        policy, "scans.csv", [](std::string_view) {}, [](const Problem&) {});
    const auto refused = batch.add("id,sex,age_y,height_cm,fat_kg,lean_kg\n");
    ASSERT_FALSE(refused);
    EXPECT_NE(refused.error().english().find("bone_mineral_kg"), std::string::npos);
}

} // namespace
} // namespace fusain::exchange::dxa_batch_test
