// Every whole-body equation against the five example subjects of the formula sheet, whose values were computed
// there independently of this code; and Watson's water.
#include "core/catalogue/equations.hpp"
#include "core/impedance/whole_body.hpp"

#include <algorithm>
#include <cmath>
#include <gtest/gtest.h>

namespace fusain::impedance::whole_body_test {
namespace {

const WholeBodyInputs M{Sex::Male, Years(30), Metres(1.75), Kilograms(70), {Ohms(480), Ohms(60)}};
const WholeBodyInputs W{Sex::Female, Years(30), Metres(1.65), Kilograms(60), {Ohms(580), Ohms(62)}};
const WholeBodyInputs O{Sex::Female, Years(45), Metres(1.65), Kilograms(105), {Ohms(480), Ohms(47)}};
const WholeBodyInputs C{Sex::Male, Years(12), Metres(1.50), Kilograms(42), {Ohms(640), Ohms(62)}};
const WholeBodyInputs E{Sex::Female, Years(75), Metres(1.58), Kilograms(62), {Ohms(560), Ohms(48)}};

struct Sheet {
    const char* id;
    double m = 0, w = 0, o = 0, c = 0, e = 0; ///< 0: the sheet has none
};
constexpr Sheet sheet[] = {
    {"ffm.kyle-2001", 57.1445, 42.1307, 55.6413, 36.0979, 39.5497},
    {"ffm.sun-2003", 58.5914, 44.6584, 57.0559, 35.8916, 42.9692},
    {"ffm.lukaski-1986-xc", 56.8914, 43.2574, 53.9954, 32.3691, 0},
    {"ffm.lukaski-1986", 57.9783, 43.4545, 51.4831, 34.2882, 0},
    {"ffm.lukaski-1985", 57.2718, 0, 0, 0, 0},
    {"ffm.lukaski-bolonchuk-1987", 57.6647, 43.3357, 54.2936, 33.5827, 40.4907},
    {"ffm.segal-1988-lean", 59.7778, 45.1723, 65.5085, 35.6281, 44.8328},
    {"ffm.segal-1988-obese", 55.0378, 41.5924, 55.5021, 32.3500, 37.2683},
    {"ffm.segal-1988-averaged", 57.4078, 43.3824, 55.5021, 33.9890, 41.0505},
    {"ffm.segal-1988-general", 58.3381, 43.7618, 55.2748, 35.0539, 39.1523},
    {"ffm.deurenberg-1991", 55.7902, 41.3101, 55.0136, 0, 34.2995},
    {"ffm.deurenberg-1991-child", 0, 0, 0, 31.7769, 0},
    {"ffm.houtkooper-1992", 0, 0, 0, 33.2553, 0},
    {"ffm.houtkooper-1989", 0, 0, 0, 33.1606, 0},
    {"ffm.schaefer-1994", 0, 0, 0, 31.0551, 0},
    {"ffm.rush-2003", 0, 0, 0, 32.8612, 0},
    {"ffm.gray-1989", 57.0408, 45.2047, 52.5748, 27.6950, 35.6486},
    {"ffm.roubenoff-1997", 53.9002, 39.0245, 48.1387, 36.4005, 37.5531},
    {"ffm.heitmann-1990", 58.1258, 44.8212, 54.5395, 38.8846, 39.4424},
    {"ffm.dey-2003", 56.4462, 43.2429, 54.1527, 38.4000, 42.3327},
    {"ffm.kotler-1996", 58.6870, 45.7519, 53.3833, 37.7313, 43.2602},
    {"ffm.matias-2021", 60.8143, 44.5883, 0, 0, 0},
    {"tbw.sun-2003", 42.5109, 31.4728, 40.8234, 24.5803, 30.6304},
    {"tbw.kushner-1986", 43.6746, 32.5459, 41.0066, 28.3269, 31.8540},
    {"tbw.kushner-1986-all", 43.8913, 33.5591, 43.2948, 25.2874, 32.4371},
    {"tbw.kushner-1992", 42.2332, 31.6344, 40.3291, 23.5122, 30.3714},
    {"tbw.lukaski-bolonchuk-1988", 39.6144, 28.8716, 37.8644, 26.2241, 25.1722},
    {"tbw.heitmann-1990", 41.4475, 31.2305, 41.3175, 24.5115, 29.8529},
    {"tbw.vache-1998", 39.2211, 28.7704, 38.9763, 24.7939, 28.2231},
    {"tbw.horlick-2002", 0, 0, 0, 23.3042, 0},
    {"tbw.kotler-1996", 43.1513, 33.4040, 42.7197, 25.3617, 32.0626},
    {"tbw.matias-2016", 44.7634, 32.5392, 0, 0, 0},
    {"ecw.lukaski-bolonchuk-1988", 16.6265, 12.9338, 17.0940, 9.7860, 12.5753},
    {"ecw.matias-2016", 17.9726, 14.4154, 0, 0, 0},
    {"smm.janssen-2000", 32.3816, 21.7948, 24.6512, 22.1727, 17.6530},
    {"asm.kyle-2003", 24.5032, 17.2579, 23.0939, 14.5267, 15.4655},
    {"asm.sergi-2015", 22.3931, 16.3593, 21.8942, 13.3585, 15.1173},
    {"asm.rangel-2015", 22.4785, 15.0836, 20.3497, 13.8006, 14.6484},
    {"asm.vermeiren-2019", 20.5804, 14.4855, 19.8986, 12.9257, 14.1949},
};

class WholeBody : public ::testing::TestWithParam<Sheet> {};

TEST_P(WholeBody, GivesTheSheetsNumbers) {
    const Sheet& row = GetParam();
    const WholeBodyEquation* equation = findWholeBodyEquation(std::string("impedance.") + row.id);
    ASSERT_TRUE(equation) << row.id;
    const std::pair<const WholeBodyInputs&, double> cases[] = {
        {M, row.m}, {W, row.w}, {O, row.o}, {C, row.c}, {E, row.e}};
    for (const auto& [subject, expected] : cases)
        if (expected != 0.0) {
            EXPECT_NEAR(equation->compute(subject), expected, 6e-5) << row.id;
        }
}
INSTANTIATE_TEST_SUITE_P(Sheet, WholeBody, ::testing::ValuesIn(sheet), [](const auto& each) {
    std::string name = each.param.id;
    for (char& letter : name)
        if (!std::isalnum(static_cast<unsigned char>(letter)))
            letter = '_';
    return name;
});

TEST(WholeBodyTable, EveryEquationHasItsLineInTheSheet) {
    for (const WholeBodyEquation& equation : wholeBodyEquations())
        EXPECT_TRUE(std::ranges::any_of(sheet, [&](const Sheet& row) {
            return equation.id == std::string("impedance.") + row.id;
        })) << equation.id;
}

TEST(WholeBodyTable, WatsonGivesTheSheetsNumbers) {
    EXPECT_NEAR(bodyWaterWatson1980(Sex::Male, Years(30), Metres(1.75), Kilograms(70)).value(), 41.9212, 6e-5);
    EXPECT_NEAR(bodyWaterWatson1980(Sex::Female, Years(30), Metres(1.65), Kilograms(60)).value(), 30.3375,
                6e-5);
    EXPECT_NEAR(bodyWaterWatson1980(Sex::Female, Years(75), Metres(1.58), Kilograms(62)).value(), 30.0824,
                6e-5);
}

TEST(WholeBodyTable, SaysWhomAnEquationDoesNotFit) {
    const auto& kyle = *findWholeBodyEquation("impedance.ffm.kyle-2001");
    EXPECT_TRUE(reservations(kyle, M).empty());
    EXPECT_EQ(reservations(kyle, O).size(), 1u); // BMI 38.6
    EXPECT_EQ(reservations(kyle, C).size(), 1u); // 12 y
    WholeBodyInputs edge = M;
    edge.age = Years(20.0);
    EXPECT_TRUE(reservations(kyle, edge).empty());
    edge.age = Years(19.99);
    EXPECT_EQ(reservations(kyle, edge).size(), 1u);
    EXPECT_EQ(reservations(*findWholeBodyEquation("impedance.ffm.lukaski-1985"), W).size(),
              2u); // men only, grade B
}

TEST(WholeBodyTable, SaysWhetherAnEquationAppliesToThisPerson) {
    const auto& kyle = *findWholeBodyEquation("impedance.ffm.kyle-2001"); // 20 to 94 y, 17.0 to 33.8 kg/m²
    const auto verdict = [&](WholeBodyInputs person) { return applicability(kyle, person).verdict; };
    EXPECT_EQ(verdict(M), Applies::Yes);
    EXPECT_EQ(verdict(O), Applies::Partly);
    EXPECT_EQ(verdict(C), Applies::No);
    WholeBodyInputs heavy = M;
    heavy.mass = Kilograms(33.8 * M.height.value() * M.height.value() - 1e-9);
    EXPECT_EQ(verdict(heavy), Applies::Yes);
    heavy.mass = heavy.mass + Kilograms(2e-9);
    EXPECT_EQ(verdict(heavy), Applies::Partly);
    heavy.age = Years(95.0);
    EXPECT_EQ(verdict(heavy), Applies::No); // the worse of the two, with both reasons
    EXPECT_EQ(applicability(kyle, heavy).because.size(), 2u);
    EXPECT_EQ(applicability(*findWholeBodyEquation("impedance.ffm.lukaski-1985"), W).verdict, Applies::No);
}

TEST(WholeBodyTable, AStandingReadingInAGelEquationCostsKilograms) {
    // Sheet 5.6: 558.0 Ω instead of 480 gives 52.525 instead of 57.144 kg by Kyle at the same reactance.
    WholeBodyInputs contact = M;
    contact.impedance = {Ohms(558.0), Ohms(60.0)};
    const auto& kyle = *findWholeBodyEquation("impedance.ffm.kyle-2001");
    EXPECT_NEAR(kyle.compute(contact), 52.525, 1e-3 + 5e-4);
    EXPECT_NEAR(geometryMistake(kyle, contact), 52.525 - 57.1445 + 0.130 * (60.0 - 60.0 * 480.0 / 558.0), 2e-3);
}

TEST(WholeBodyTable, MoreResistanceIsNeverMoreWaterOrLean) {
    for (const WholeBodyEquation& equation : wholeBodyEquations()) {
        WholeBodyInputs more = M;
        more.impedance.resistance = Ohms(500.0);
        EXPECT_LT(equation.compute(more), equation.compute(M)) << equation.id;
    }
}

TEST(ImpedanceCatalogue, IsAskedByTheNamesOfTheSheet) {
    const auto kyle = evaluateEquation("impedance.ffm.kyle-2001", {{"sex", "male"},
                                                                   {"height_cm", "175"},
                                                                   {"mass_kg", "70"},
                                                                   {"age_y", "30"},
                                                                   {"resistance_ohm", "480"},
                                                                   {"reactance_ohm", "60"}});
    ASSERT_TRUE(kyle);
    EXPECT_NEAR(kyle->value, 57.1445, 6e-5);
    EXPECT_DOUBLE_EQ(*kyle->standardError, 1.72);
    EXPECT_EQ(kyle->flags.size(), 1u) << "only that its error is larger in other people";
    const auto houtkooper = evaluateEquation(
        "impedance.ffm.houtkooper-1992", {{"height_cm", "150"}, {"mass_kg", "42"}, {"resistance_ohm", "640"}});
    ASSERT_TRUE(houtkooper);
    EXPECT_NEAR(houtkooper->value, 33.2553, 6e-5);
    const auto janssen =
        evaluateEquation("impedance.smm.janssen-2000",
                         {{"sex", "male"}, {"height_cm", "175"}, {"age_y", "30"}, {"resistance_ohm", "480"}});
    ASSERT_TRUE(janssen);
    EXPECT_NEAR(janssen->value, 32.3816, 6e-5);
    const auto phase =
        evaluateEquation("impedance.phase-angle", {{"resistance_ohm", "480"}, {"reactance_ohm", "60"}});
    EXPECT_NEAR(phase->value, 7.125016, 1e-6);
    const auto water = evaluateEquation(
        "impedance.ecw.moissl-2006",
        {{"height_cm", "175"}, {"mass_kg", "70"}, {"extracellular_resistance_ohm", "589.2956"}});
    EXPECT_NEAR(water->value, 17.0186, 6e-5);
    const auto cells = evaluateEquation(
        "impedance.icw.moissl-2006",
        {{"height_cm", "175"}, {"mass_kg", "70"}, {"intracellular_resistance_ohm", "1169.31"}});
    EXPECT_NEAR(cells->value, 24.5872, 6e-5);
    const auto lorenzo =
        evaluateEquation("impedance.ecw.de-lorenzo-1997", {{"sex", "male"},
                                                           {"height_cm", "175"},
                                                           {"mass_kg", "70"},
                                                           {"extracellular_resistance_ohm", "589.2956"}});
    EXPECT_NEAR(lorenzo->value, 17.5624, 6e-5);
}

} // namespace
} // namespace fusain::impedance::whole_body_test
