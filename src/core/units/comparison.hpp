#pragma once

namespace fusain {

/// What two numbers may differ by and still be the same one, typed and computed: a value that lies exactly on a
/// limit is within it.
inline constexpr double equality = 1e-9;

/// Whether a value is not beyond an upper limit.
[[nodiscard]] constexpr bool within(double value, double limit) {
    return value <= limit + equality;
}

} // namespace fusain
