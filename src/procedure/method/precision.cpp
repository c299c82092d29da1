#include "procedure/method/precision.hpp"

#include <cmath>

namespace fusain {

double visitError(const Uncertain& value, const std::optional<StudiedError>& own) {
    if (own && own->betweenDays)
        return own->standardDeviation;
    return std::hypot(own ? own->standardDeviation : value.errorOf(SourceKind::Repeat),
                      value.errorOf(SourceKind::Day));
}

} // namespace fusain
