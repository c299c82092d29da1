#pragma once
#include "record/method/protocol.hpp"
#include "record/method/raw_record.hpp"

namespace fusain {

/// How this test's preparation differs from an earlier one's where that could explain a change: the time of
/// day, and what was kept then and is not kept now, with the direction of its effect on the fat estimate and
/// its size.
[[nodiscard]] std::vector<Message> preparationDifferences(const RawTest& now, const RawTest& earlier,
                                                          const Protocol& protocol);

} // namespace fusain
