#pragma once
#include "core/base/message.hpp"
#include "core/compartments/body.hpp"
#include "core/numeric/day_to_day.hpp"
#include "record/base/json_fwd.hpp"
#include "record/method/raw_record.hpp"

#include <algorithm>
#include <cmath>
#include <optional>

namespace fusain {

/// What the results of all methods have in common.
struct TestResult {
    Kilograms mass{0.0};
    std::string
        conversion; ///< catalogue id of the equation that gives fat, or fat-free mass; empty without one
    /// What the readings were taken with, in words, where numbers of two settings must not be compared.
    std::string setting;
    std::vector<Message> flags;
};

/// Changes tried on the worked sheet; nothing that is stored changes with them.
struct WhatIf {
    std::optional<Litres> lungGas; ///< residual volume or thoracic gas, taken as measured
    std::optional<std::string> residualVolumeEquation;
    std::optional<std::string> conversion; ///< density to fat, or impedance to fat-free mass
    [[nodiscard]] bool empty() const { return !lungGas && !residualVolumeEquation && !conversion; }
};

/// An equation that can be tried on the worked sheet in place of the chosen one.
struct EquationChoice {
    std::string id;
    std::string title; ///< marked for translation
};

/// The mass on the scale, with what the body gains and loses from day to day.
[[nodiscard]] Measured<Kilograms> massOfTheDay(Kilograms reading, Kilograms readingError, const DayToDay& day);

/// Problem for a result that lacks a reading.
[[nodiscard]] Problem missingReading(std::string_view reading);
/// Flags a fat percentage that cannot be trusted.
void flagFat(TestResult& result, const compartments::Composition& composition);

/// Format, flags and composition of a result. @param composition may be null
[[nodiscard]] Json resultJson(const TestResult& result, const compartments::Composition* composition);

} // namespace fusain
