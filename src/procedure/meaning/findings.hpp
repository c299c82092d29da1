#pragma once
#include "core/reference/reference_set.hpp"
#include "procedure/meaning/change.hpp"

namespace fusain {

/// What the physiologist can say, most important first: where the result lies, what changed, what disturbed it.
[[nodiscard]] std::vector<Message> findings(const ComputedTest& test,
                                            const reference::ReferenceSet* fatReference,
                                            const std::optional<Outcome>& earlier,
                                            const std::optional<Outcome>& baseline = {},
                                            const LabPrecision& own = {});

} // namespace fusain
