#pragma once
#include "core/base/problem.hpp"
#include "core/units/units.hpp"

#include <span>

namespace fusain::impedance {

/// One person measured by both geometries, whole body at 50 kHz.
struct PairedReading {
    Ohms contact; ///< standing, hand to foot contacts
    Ohms gel;     ///< lying, wrist to ankle gel electrodes
};

/// A lab's own way from its contact readings to gel readings: R_gel = intercept + slope·R_contact.
struct PairedRegression {
    Ohms intercept;
    double slope = 1.0;
    Ohms residualDeviation;                       ///< of one person about the line
    double meanContact = 0.0, sumOfSquares = 0.0; ///< of the contact readings
    Ohms lowest, highest;                         ///< readings that the line rests on
    int people = 0;

    struct Converted {
        Ohms resistance;
        Ohms standardError; ///< of a new person's converted reading
        bool within = true; ///< the readings that the line was made from
    };
    /// @param contact Ω
    [[nodiscard]] Converted convert(Ohms contact) const;
};
inline constexpr std::size_t leastPairs = 50;

/// Ordinary least squares with the scatter of a person as error. @param pairs at least 50, all readings above 0
[[nodiscard]] Expected<PairedRegression> fitPairs(std::span<const PairedReading> pairs);

} // namespace fusain::impedance
