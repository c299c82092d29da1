#pragma once
#include "report/base/page_flow.hpp"
#include "report/figures/group_figure.hpp"

namespace fusain::report {

/// One quantity of a group with its count, median and range.
struct GroupQuantity {
    GroupModel figure;
    int count = 0;
    double least = 0.0, median = 0.0, most = 0.0;
};

/// One page about a group, without anything that names a person: who decides that nobody shows through is the
/// caller, who gives no group that is too small.
/// @param heading such as "Dance company, 12 March 2026"
[[nodiscard]] PageFlow groupPage(const Letterhead& lab, const QString& heading,
                                 const std::vector<GroupQuantity>& quantities);

} // namespace fusain::report
