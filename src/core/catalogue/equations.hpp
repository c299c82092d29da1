#pragma once
#include "core/base/message.hpp"
#include "core/base/problem.hpp"

#include <functional>
#include <map>
#include <optional>
#include <span>
#include <string>
#include <string_view>
#include <vector>

namespace fusain {

/// One input of a catalogue equation. "sex" is given as male or female; every other input is a number.
struct EquationInput {
    std::string_view name; ///< with its unit: "height_cm"
    std::string_view description;
    std::string_view unit;
    double minimum; ///< published or sensible validity, inclusive
    double maximum;
    [[nodiscard]] bool isSex() const { return name == "sex"; }
};

struct EquationValue {
    double value = 0.0;
    std::optional<double> standardError; ///< published scatter, unit of the value
    std::vector<std::string> flags;      ///< validity remarks in English
};

/// Inputs in the order of Equation::inputs; sex is 1 for male and 0 for female.
using EquationArguments = std::span<const double>;

/// One published equation: what the Library shows, and what `fusain-calc eval` computes.
struct Equation {
    std::string_view id;
    std::string_view title;
    std::string_view formula;
    std::string_view citation;
    char grade = 'A'; ///< 'A' may be a default; 'B' is to be confirmed against the source
    std::string_view unit;
    std::string_view validity;
    std::vector<EquationInput> inputs;
    std::function<EquationValue(EquationArguments)> compute;
    std::string_view caveat = "";
    /// What else a card says of it: names, marked for translation, with their values.
    std::vector<std::pair<std::string_view, std::string>> facts = {};
};

/// The impedance part of the catalogue, kept beside the others because its equations are a table of their own.
[[nodiscard]] std::vector<Equation> impedanceEquations();
/// Filling, warming and care of the tank's water.
[[nodiscard]] std::vector<Equation> tankEquations();
/// Several components, scans and energy.
[[nodiscard]] std::vector<Equation> bodyEquations();
/// Every equation that ships, in a stable order.
[[nodiscard]] std::span<const Equation> equationCatalogue();
[[nodiscard]] const Equation* findEquation(std::string_view id);

/// Evaluates one equation from named text arguments ("height_cm" → "175").
/// @return the value with validity flags; a Problem names an unknown id, a missing, surplus or unreadable
/// argument
[[nodiscard]] Expected<EquationValue> evaluateEquation(std::string_view id,
                                                       const std::map<std::string, std::string>& arguments);

} // namespace fusain
