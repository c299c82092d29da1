// Every formula that a worked sheet prints gives the value that stands beside it: the last of its forms is
// worked out with the printed numbers, or with those of the lines above it.
#include "procedure/all/computed.hpp"
#include "procedure/chamber/sheet.hpp"
#include "procedure/girth/sheet.hpp"
#include "procedure/impedance/sheet.hpp"
#include "procedure/scan/sheet.hpp"
#include "procedure/tank/sheet.hpp"
#include "support/chamber_run.hpp"
#include "support/dxa_run.hpp"
#include "support/girth_run.hpp"
#include "support/impedance_run.hpp"

#include <cmath>
#include <map>
#include <numbers>

namespace fusain::sheet_formulas_test {
namespace {

using namespace testing;
using Values = std::map<std::string, double>;

/// A formula as the sheets print it: + − · / ^ ² √ ( ), numbers, symbols, and a number before a symbol.
class Formula {
public:
    Formula(std::string text, const Values& values) : text_(std::move(text)), values_(values) {}
    /// Nothing when there is something in it that has no value.
    std::optional<double> value() {
        const double result = sum();
        skip();
        return known_ && at_ == text_.size() ? std::optional(result) : std::nullopt;
    }

private:
    void skip() {
        while (at_ < text_.size() && text_[at_] == ' ')
            ++at_;
    }
    bool take(std::string_view token) {
        skip();
        if (!std::string_view(text_).substr(at_).starts_with(token))
            return false;
        at_ += token.size();
        return true;
    }
    double sum() {
        double result = product();
        for (;;)
            if (take("+"))
                result += product();
            else if (take("−") || take("- "))
                result -= product();
            else
                return result;
    }
    double product() {
        double result = power();
        for (;;)
            if (take("·"))
                result *= power();
            else if (take("/"))
                result /= power();
            else if (skip(); at_ < text_.size() && (std::isalpha(static_cast<unsigned char>(text_[at_])) != 0))
                result *= power(); // 100F
            else
                return result;
    }
    double power() {
        const bool negative = take("−");
        double result = operand();
        if (take("²"))
            result *= result;
        else if (take("^"))
            result = std::pow(result, operand());
        return negative ? -result : result;
    }
    double operand() {
        if (take("atan("))
            return closed(std::atan(sum()) * 180.0 / std::numbers::pi);
        if (take("("))
            return closed(sum());
        if (take("√"))
            return std::sqrt(operand());
        skip();
        if (at_ < text_.size() && (std::isdigit(static_cast<unsigned char>(text_[at_])) != 0)) {
            std::size_t used = 0;
            const double number = std::stod(text_.substr(at_), &used);
            at_ += used;
            return number;
        }
        std::string longest;
        for (const auto& [symbol, value] : values_)
            if (std::string_view(text_).substr(at_).starts_with(symbol) && symbol.size() > longest.size())
                longest = symbol;
        known_ = known_ && !longest.empty();
        at_ = longest.empty() ? text_.size() : at_ + longest.size(); // nothing after it is worth reading
        return longest.empty() ? std::nan("") : values_.at(longest);
    }
    double closed(double value) {
        known_ = known_ && take(")");
        return value;
    }

    std::string text_;
    const Values& values_;
    std::size_t at_ = 0;
    bool known_ = true;
};

std::string plainNumber(std::string text) {
    if (text.starts_with("−"))
        text.replace(0, std::string_view("−").size(), "-");
    return text;
}

// "men: …; women: …" for this person, without what is said beside the formula, and the last of several equal
// forms.
std::string lastForm(std::string formula, bool male) {
    if (formula.starts_with("men:"))
        formula =
            male ? formula.substr(5, formula.find("; women") - 5) : formula.substr(formula.find("women:") + 7);
    formula = formula.substr(0, formula.find("; "));
    const auto equals = formula.rfind(" = ");
    return equals == std::string::npos ? formula : formula.substr(equals + 3);
}

// ", W = 70.00, H = 175.0 cm" after a formula: the values that it is worked out with.
std::string withoutItsValues(std::string formula, Values& values) {
    auto comma = formula.find(", ");
    const std::string form = formula.substr(0, comma);
    while (comma != std::string::npos) {
        formula.erase(0, comma + 2);
        if (const auto equals = formula.find(" = "); equals != std::string::npos)
            values[formula.substr(0, equals)] = std::stod(formula.substr(equals + 3));
        comma = formula.find(", ");
    }
    return form;
}

/// @return how many lines were worked out
int expectEachGivesItsValue(const std::vector<WorkedLine>& sheet, Values values, bool male) {
    int workedOut = 0;
    for (const WorkedLine& line : sheet) {
        const std::string printed = plainNumber(line.value);
        const bool numeric = !printed.empty() && printed.find_first_not_of("-0123456789.") == std::string::npos;
        Values own = values;
        const std::string form = lastForm(withoutItsValues(line.formula, own), male);
        if (numeric && !line.formula.empty())
            if (const auto value = Formula(form, own).value()) {
                const double shown = std::stod(printed);
                const auto point = printed.find('.');
                const double digit =
                    point == std::string::npos ? 1.0 : std::pow(10.0, -double(printed.size() - point - 1));
                EXPECT_NEAR(*value, shown, digit + 0.002 * std::abs(shown))
                    << line.symbol << " = " << line.formula << " is printed as " << line.value;
                ++workedOut;
            }
        if (numeric)
            values.try_emplace(line.symbol, std::stod(printed));
    }
    return workedOut;
}

Values person(const RawTest& test, double mass) {
    const double height = test.subject.height.value();
    return {{"H²/R", 0.0},
            {"height", height},
            {"age", test.subject.age.value()},
            {"male", test.subject.sex == Sex::Male ? 1.0 : 0.0},
            {"W", mass}};
}

TEST(SheetFormulas, OfAWeighing) {
    MemoryJournal journal;
    auto run = *HydrostaticProcedure::begin(standardSetting(), "t", man, technician, journal, SteppingClock());
    prepare(run);
    weighThreeTimes(run);
    const auto result = computeHydrostatic(run.test(), run.setting().policy);
    ASSERT_TRUE(result);
    Values values = person(run.test(), 70.0);
    values["H"] = 1.75;
    EXPECT_GE(expectEachGivesItsValue(workedSheet(run.test(), run.setting().policy, *result), values, true), 7);
}

TEST(SheetFormulas, OfAChamberTest) {
    MemoryJournal journal;
    auto run = *ChamberProcedure::begin(chamberSetting(), "t", man, technician, journal, SteppingClock());
    prepare(run);
    measureTwice(run);
    const auto result = computeChamber(run.test(), run.setting().policy);
    ASSERT_TRUE(result);
    Values values = person(run.test(), 70.0);
    values["H"] = 1.75;
    EXPECT_GE(expectEachGivesItsValue(workedSheet(run.test(), run.setting().policy, *result), values, true), 8);
}

TEST(SheetFormulas, OfAnImpedanceTest) {
    MemoryJournal journal;
    auto run = *ImpedanceProcedure::begin(impedanceSetting(), "t", man, technician, journal, SteppingClock());
    prepare(run);
    ASSERT_TRUE(run.acceptSweep(cleanSweep(), linked(run)));
    const auto result = computeImpedance(run.test(), run.setting().policy);
    ASSERT_TRUE(result);
    Values values = person(run.test(), 70.0);
    values.erase("H²/R");
    values["H"] = 175.0; // cm: the published equations; the indices are in metres and checked below
    const auto sheet = workedSheet(run.test(), run.setting().policy, *result);
    std::vector<WorkedLine> equations, indices;
    for (const WorkedLine& line : sheet)
        (line.symbol.ends_with("MI") ? indices : equations).push_back(line);
    EXPECT_GE(expectEachGivesItsValue(equations, values, true), 10);
    values["H"] = 1.75;
    for (const WorkedLine& line : equations)
        if (line.symbol == "FM" || line.symbol == "FFM")
            values.try_emplace(line.symbol, std::stod(line.value));
    EXPECT_EQ(expectEachGivesItsValue(indices, values, true), static_cast<int>(indices.size()));
}

TEST(SheetFormulas, OfAScan) {
    MemoryJournal journal;
    auto run = *DxaProcedure::begin(dxaSetting(), "t", woman, technician, journal, SteppingClock());
    prepare(run);
    ASSERT_TRUE(run.acceptScan(scanOf(sheetsScan())));
    const auto result = computeDxa(run.test(), run.setting().policy);
    ASSERT_TRUE(result);
    Values values = person(run.test(), 70.8);
    values["H"] = woman.height.value();
    EXPECT_GE(expectEachGivesItsValue(workedSheet(run.test(), run.setting().policy, *result), values, false),
              8);
}

TEST(SheetFormulas, OfGirths) {
    MemoryJournal journal;
    auto run = *GirthProcedure::begin(girthSetting(), "t", man, technician, journal, SteppingClock());
    prepare(run);
    measure(run);
    const auto result = computeGirths(run.test(), run.setting().policy);
    ASSERT_TRUE(result);
    Values values{{"H", 175.0}, {"M", 80.0}};
    EXPECT_GE(expectEachGivesItsValue(workedSheet(run.test(), run.setting().policy, *result), values, true), 7);
}

// The test itself notices a wrong coefficient, a wrong sign and a wrong power.
TEST(SheetFormulas, AWrongOneIsSeen) {
    const Values values{{"Ma", 70.0}, {"FM", 10.0}};
    EXPECT_NEAR(*Formula("Ma − FM", values).value(), 60.0, 1e-12);
    EXPECT_NEAR(*Formula("63.500 − (−0.8631) + 0.40·3.840", values).value(), 65.8991, 1e-9);
    EXPECT_NEAR(*Formula("100·(4.95/1.06581 − 4.5)", values).value(), 14.4355, 1e-4);
    EXPECT_NEAR(*Formula("100FM/Ma", values).value(), 100.0 / 7.0, 1e-9);
    EXPECT_NEAR(*Formula("71.84·70.00^0.425·175.0^0.725", values).value(), 18480.9, 1.0);
    EXPECT_FALSE(Formula("Ma − unknown", values).value());
}

} // namespace
} // namespace fusain::sheet_formulas_test
