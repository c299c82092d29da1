#pragma once
#include "procedure/meaning/progress.hpp"
#include "record/method/protocol.hpp"
#include "report/base/page_flow.hpp"

namespace fusain::report {

/// A client's page without any judgement: two visits side by side, how each was measured and prepared, and what
/// was found. Whoever reads it has to judge what changed.
/// @param quantities that are shown, such as "fat-mass"  @param protocol whose questions the later visit was
/// asked
[[nodiscard]] PageFlow readingSheet(const Letterhead& lab, const QString& clientName,
                                    const ComputedTest& earlier, const ComputedTest& now,
                                    const std::vector<std::string>& quantities, const Protocol& protocol);

} // namespace fusain::report
