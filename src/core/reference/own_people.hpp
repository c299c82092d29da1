#pragma once
#include "core/reference/reference_set.hpp"

#include <span>

namespace fusain::reference {

/// One person's value, for a reference of the lab's own clients.
struct OwnValue {
    Sex sex = Sex::Female;
    Years age;
    double value = 0.0;
};

/// How many people of one sex and age band it takes before they are a reference.
inline constexpr std::size_t ownPeopleNeeded = 50;

/// A reference row for each sex and age band (18-29, 30-39 … 70 and over) with enough people: percentiles 5,
/// 10, 25, 50, 75, 90 and 95, and the middle 80 % as the band. Children are left out.
///
/// These are the people who come to one lab, never the general population.
/// @param values one for each person  @return no rows when no band has enough
[[nodiscard]] std::vector<ReferenceRow> rowsFromOwnPeople(std::span<const OwnValue> values);

} // namespace fusain::reference
