// The board of trials: where the bracket stands, and what the rows say.
#include "desktop/bench/method/trial_board.hpp"

#include <QTest>
#include <gtest/gtest.h>

namespace fusain::desktop::board_test {
namespace {

using State = BoardTrial::State;

BoardModel trials(std::initializer_list<std::pair<double, State>> values, double tolerance = 0.1) {
    BoardModel model;
    model.tolerance = tolerance;
    for (const auto& [value, state] : values)
        model.trials.push_back({static_cast<int>(model.trials.size()) + 1, value, 0.01, {}, state, "words"});
    return model;
}

TEST(Board, TheBracketStandsRoundTheTrialsThatAgree) {
    EXPECT_FALSE(bracketOf(trials({})));
    EXPECT_FALSE(bracketOf(trials({{1.8, State::Counts}})));
    EXPECT_FALSE(bracketOf(trials({{1.8, State::Used}, {1.95, State::Used}, {2.2, State::Used}})));
    const auto two = bracketOf(trials({{1.8, State::Used}, {1.95, State::Used}, {2.03, State::Used}}));
    ASSERT_TRUE(two);
    EXPECT_NEAR(two->first, 1.94, 1e-12);
    EXPECT_NEAR(two->second, 2.04, 1e-12);
    // Three that agree count more than two, and of two pairs the heavier.
    EXPECT_NEAR(bracketOf(trials({{1.0, State::Used},
                                  {1.05, State::Used},
                                  {1.1, State::Used},
                                  {2.0, State::Used},
                                  {2.05, State::Used}}))
                    ->first,
                1.0, 1e-9);
    EXPECT_NEAR(
        bracketOf(trials({{1.0, State::Used}, {1.05, State::Used}, {2.0, State::Used}, {2.05, State::Used}}))
            ->first,
        1.975, 1e-9);
    // The tolerance itself agrees; a hair more does not; what is excluded is not asked.
    EXPECT_TRUE(bracketOf(trials({{1.0, State::Used}, {1.1, State::Used}})));
    EXPECT_FALSE(bracketOf(trials({{1.0, State::Used}, {1.1001, State::Used}})));
    EXPECT_FALSE(bracketOf(trials({{1.0, State::Used}, {1.05, State::Excluded}})));
    EXPECT_TRUE(bracketOf(trials({{1.0, State::Used}, {1.05, State::Ready}})));
}

TEST(Board, TheAxisHoldsWhatCountsAndIsNotStretchedByWhatIsExcluded) {
    const auto [from, to] = axisOf(trials({{1.8, State::Used}, {2.2, State::Counts}, {9.0, State::Excluded}}));
    EXPECT_LT(from, 1.79);
    EXPECT_GT(to, 2.21);
    EXPECT_LT(to, 2.4);
    const auto narrow = axisOf(trials({{2.0, State::Used}, {2.0, State::Used}}));
    EXPECT_GE(narrow.second - narrow.first, 0.3 - 1e-9); // three times the tolerance
    const auto one = axisOf(trials({{2.0, State::Used}}, 0.0));
    EXPECT_GT(one.second, one.first);
}

TEST(Board, TheNewestTrialIsChosenAndTheChosenOneStays) {
    TrialBoard board(QStringLiteral("Trials"), QStringLiteral("kg net"));
    EXPECT_EQ(board.chosen(), 0);
    board.showTrials(trials({{1.8, State::Used}, {1.9, State::Excluded}}), QStringLiteral("rule"),
                     report::lightPalette());
    EXPECT_EQ(board.chosen(), 2);
    EXPECT_TRUE(board.rows().item(1, 1)->font().strikeOut());
    EXPECT_FALSE(board.rows().item(0, 1)->font().strikeOut());
    board.rows().setCurrentCell(0, 0);
    EXPECT_EQ(board.chosen(), 1);
    board.showTrials(trials({{1.8, State::Used}, {1.9, State::Used}}), QStringLiteral("rule"),
                     report::lightPalette());
    EXPECT_EQ(board.chosen(), 1);
    board.showTrials(trials({{1.8, State::Used}, {1.9, State::Used}, {1.95, State::Ready}}),
                     QStringLiteral("rule"), report::lightPalette());
    EXPECT_EQ(board.chosen(), 3);
    board.showTrials(trials({{1.8, State::Used}}), QStringLiteral("rule"), report::lightPalette());
    EXPECT_EQ(board.chosen(), 1);
    board.resize(600, 200);
    board.grab(); // drawn, with a trial beyond the axis too
}

} // namespace
} // namespace fusain::desktop::board_test
