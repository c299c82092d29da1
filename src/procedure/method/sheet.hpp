#pragma once
#include "core/numeric/measured.hpp"
#include "core/units/format.hpp"
#include "record/method/raw_record.hpp"

namespace fusain {

/// One line of a calculation as a physiologist would write it.
struct WorkedLine {
    std::string symbol; ///< as in the paper
    std::string name;   ///< marked for translation
    std::string value;  ///< rounded for display
    std::string unit;
    std::string plusMinus; ///< standard error, same unit; empty when there is none
    Message how;           ///< where the value came from
    std::string formula;   ///< with the numbers put in; empty for readings
    std::string source;    ///< citation; empty for readings
};

/// The sheet as plain text with aligned columns, for the clipboard and the command line.
[[nodiscard]] std::string plainText(const std::vector<WorkedLine>& sheet);

// What the sheets of the methods are written with.

/// Numbers with commas between them.
[[nodiscard]] std::string listed(const std::vector<int>& numbers);
/// Citation of a catalogue equation; empty for one that is not there.
[[nodiscard]] std::string citation(const std::string& equation);
/// Whether a reading was typed or came from the instrument.
[[nodiscard]] Message originOf(const Reading& reading);
/// A line that was computed, from texts as they are shown.
[[nodiscard]] WorkedLine computedLine(std::string symbol, std::string name, std::string value, std::string unit,
                                      std::string plusMinus, std::string formula, std::string source);
/// A line that was computed, with its standard error.
template <class Q>
[[nodiscard]] WorkedLine measuredLine(std::string symbol, std::string name, const Measured<Q>& value,
                                      int decimals, std::string formula, std::string source) {
    return computedLine(std::move(symbol), std::move(name), fixed(value.estimate().value(), decimals),
                        std::string(Q::symbol()), fixed(value.totalError().value(), decimals),
                        std::move(formula), std::move(source));
}

} // namespace fusain
