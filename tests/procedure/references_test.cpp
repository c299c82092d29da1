// Every cell of a shipped reference against the equation that it was made from, or the printed table.
#include "record/lab/reference_json.hpp"
#include "support/hydrostatic_run.hpp"

#include <algorithm>
#include <cmath>

namespace fusain::references_test {
namespace {

using namespace fusain::testing;

enum class Group { White, AfricanAmerican, Asian };

// Gallagher 2000: %fat = 63.7 − 864/BMI − 12.1·man + 0.12·age + 129·Asian/BMI − 0.091·Asian·age − 0.030·African
// American·age.
double gallagher(Group group, bool man, double age, double bmi) {
    const double asian = group == Group::Asian ? 1.0 : 0.0,
                 african = group == Group::AfricanAmerican ? 1.0 : 0.0;
    return 63.7 - 864.0 / bmi - 12.1 * man + 0.12 * age + 129.0 * asian / bmi - 0.091 * asian * age -
           0.030 * african * age;
}

// The printed table, women then men, each of three ages with the fat that goes with a BMI of 18.5, 25 and 30.
using Printed = std::array<std::array<int, 3>, 6>;
const std::map<std::string, std::pair<Group, Printed>> columns{
    {"fat-percent.gallagher-2000.white",
     {Group::White, {{{21, 33, 39}, {23, 35, 41}, {25, 38, 43}, {8, 21, 26}, {11, 23, 29}, {13, 25, 31}}}}},
    {"fat-percent.gallagher-2000.african-american",
     {Group::AfricanAmerican,
      {{{20, 32, 38}, {21, 34, 39}, {23, 35, 41}, {8, 20, 26}, {9, 22, 27}, {11, 23, 29}}}}},
    {"fat-percent.gallagher-2000.asian",
     {Group::Asian, {{{25, 35, 40}, {25, 36, 41}, {26, 36, 41}, {13, 23, 28}, {13, 24, 29}, {14, 24, 29}}}}}};

TEST(References, EveryCellOfGallaghersTableIsAsPrintedAndAsItsEquationGives) {
    int cells = 0;
    for (const Json& json : dataFile("references/composition.json")) {
        const auto set = referenceFromJson(json, "references");
        ASSERT_TRUE(set) << set.error().english();
        const auto column = columns.find(set->id);
        if (column == columns.end())
            continue;
        const auto& [group, printed] = column->second;
        for (const Sex sex : {Sex::Female, Sex::Male})
            for (int age = 0; age < 3; ++age) {
                const double middle = 30.0 + 20.0 * age;
                const auto* row = set->rowFor(sex, Years(middle));
                ASSERT_TRUE(row) << set->id << ' ' << middle;
                const bool man = sex == Sex::Male;
                const auto& cell = printed[static_cast<std::size_t>((man ? 3 : 0) + age)];
                ASSERT_EQ(row->bands.size(), 4u);
                const std::array shipped{row->low, row->high, *row->bands[2].to};
                const std::array bmi{18.5, 25.0, 30.0};
                EXPECT_EQ(*row->bands[1].to, row->high);
                EXPECT_EQ(*row->bands[1].from, row->low);
                EXPECT_EQ(*row->bands[3].from, shipped[2]);
                for (std::size_t i = 0; i < 3; ++i, ++cells) {
                    EXPECT_EQ(shipped[i], cell[i]) << set->id << ' ' << man << ' ' << middle << ' ' << bmi[i];
                    EXPECT_NEAR(shipped[i], gallagher(group, man, middle, bmi[i]), 0.55)
                        << set->id << ' ' << man << ' ' << middle << ' ' << bmi[i];
                }
            }
    }
    EXPECT_EQ(cells, 54);
}

// Without an ancestry the widest of the three columns is shown: lowest lower and highest upper limit.
TEST(References, TheWidestColumnIsThatOfTheThree) {
    std::map<std::string, reference::ReferenceSet> sets;
    for (const Json& json : dataFile("references/composition.json"))
        if (auto set = referenceFromJson(json, "references"))
            sets[set->id] = *set;
    const auto& widest = sets.at("fat-percent.gallagher-2000.widest");
    ASSERT_EQ(widest.rows.size(), 6u);
    for (const auto& row : widest.rows) {
        double low = 100.0, high = 0.0;
        for (const auto& [id, column] : columns) {
            const auto* own = sets.at(id).rowFor(row.sex, row.ageFrom);
            low = std::min(low, own->low);
            high = std::max(high, own->high);
        }
        EXPECT_EQ(row.low, low);
        EXPECT_EQ(row.high, high);
    }
    // A lab that has chosen nothing shows it, whatever the method.
    for (const char* method : {"hydrostatic", "air-displacement", "impedance", "dxa"})
        for (const Json& policy : dataFile(std::string("policies/") + method + ".json"))
            EXPECT_EQ(policy.at("fat_reference"), "fat-percent.gallagher-2000.widest") << method;
}

} // namespace
} // namespace fusain::references_test
