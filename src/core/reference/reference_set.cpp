#include "core/reference/reference_set.hpp"

#include <cmath>

namespace fusain::reference {

const ReferenceRow* ReferenceSet::rowFor(Sex sex, Years age) const {
    const double completed = std::floor(age.value());
    for (const ReferenceRow& row : rows)
        if (row.sex == sex && completed >= row.ageFrom.value() && completed <= row.ageTo.value())
            return &row;
    return nullptr;
}

Position positionIn(const ReferenceRow& row, double value) {
    if (value < row.low)
        return Position::Below;
    return value > row.high ? Position::Above : Position::Within;
}

} // namespace fusain::reference
