#pragma once
#include "record/method/attribution.hpp"

namespace fusain::testing {

/// A reading's attribution with its way in and its moment, and nothing else.
inline Attribution taken(Origin origin, Instant at = {}) {
    Attribution attribution;
    attribution.origin = origin;
    attribution.at = at;
    return attribution;
}

} // namespace fusain::testing
