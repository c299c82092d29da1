#pragma once
#include "procedure/meaning/statements.hpp"

#include <string>
#include <string_view>
#include <vector>

namespace fusain {

/// A number with its unit as somebody wrote it in a sentence.
struct WrittenNumber {
    std::string text; ///< as written: "4.4 kg"
    double value = 0.0;
    int decimals = 0;
    std::string unit; ///< "kg", "%", "lb", "L", "kg/m²" …
};
/// Numbers that have a unit of a result; a date, a count or a time of day has none.
[[nodiscard]] std::vector<WrittenNumber> numbersWritten(std::string_view text);
/// Those that no value, limit, interval or change of the test is, rounded as they were written.
[[nodiscard]] std::vector<WrittenNumber> numbersNotInTest(std::string_view text, const ComputedTest& test,
                                                          const Statements& statements);

} // namespace fusain
