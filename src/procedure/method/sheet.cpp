#include "procedure/method/sheet.hpp"

#include "core/catalogue/equations.hpp"

#include <fmt/format.h>

namespace fusain {

std::string listed(const std::vector<int>& numbers) {
    std::string text;
    for (const int number : numbers)
        text += (text.empty() ? "" : ", ") + std::to_string(number);
    return text;
}

std::string citation(const std::string& equation) {
    const Equation* found = findEquation(equation);
    return found ? std::string(found->citation) : std::string();
}

Message originOf(const Reading& reading) {
    return {reading.origin == Origin::Link ? FUSAIN_TEXT("from the instrument") : FUSAIN_TEXT("typed"), {}};
}

WorkedLine computedLine(std::string symbol, std::string name, std::string value, std::string unit,
                        std::string plusMinus, std::string formula, std::string source) {
    return {std::move(symbol),  std::move(name),      std::move(value),
            std::move(unit),    std::move(plusMinus), {FUSAIN_TEXT("computed"), {}},
            std::move(formula), std::move(source)};
}

std::string plainText(const std::vector<WorkedLine>& sheet) {
    std::string text;
    for (const WorkedLine& line : sheet)
        text += fmt::format("{:<5} {:<42} {:>10} {:<6} {:<10} {}{}\n", line.symbol, line.name, line.value,
                            line.unit, line.plusMinus.empty() ? "" : "± " + line.plusMinus, line.how.english(),
                            line.formula.empty() ? "" : "; " + line.formula);
    return text;
}

} // namespace fusain
