#pragma once
#include "procedure/chamber_result.hpp"
#include "procedure/dxa_result.hpp"
#include "procedure/hydrostatic_result.hpp"
#include "procedure/impedance_result.hpp"

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

/// The worked sheet of a result, from the readings to the indices, in the order of the calculation.
[[nodiscard]] std::vector<WorkedLine> workedSheet(const HydrostaticTest& test, const HydrostaticPolicy& policy,
                                                  const HydrostaticResult& result);

[[nodiscard]] std::vector<WorkedLine> workedSheet(const ChamberTest& test, const ChamberPolicy& policy,
                                                  const ChamberResult& result);

[[nodiscard]] std::vector<WorkedLine> workedSheet(const ImpedanceTest& test, const ImpedancePolicy& policy,
                                                  const ImpedanceResult& result);

[[nodiscard]] std::vector<WorkedLine> workedSheet(const DxaTest& test, const DxaPolicy& policy,
                                                  const DxaResult& result);

/// The sheet as plain text with aligned columns, for the clipboard and the command line.
[[nodiscard]] std::string plainText(const std::vector<WorkedLine>& sheet);

} // namespace fusain
