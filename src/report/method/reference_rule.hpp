#pragma once
#include "core/numeric/measured.hpp"
#include "core/reference/reference_set.hpp"
#include "record/method/raw_record.hpp"
#include "report/figures/rule_figure.hpp"

namespace fusain::report {

/// The scale of one value with the reference that covers a person: wide enough for the spindles and for the
/// band, whose end a limit from one side does not have.
/// @param step of the scale's ends, in the unit of the value
/// @param set may be null; a person whom it does not cover gets a scale without a band
[[nodiscard]] RuleModel referenceRule(const QString& title, const QString& unit, const Spindle& value,
                                      double step, const reference::ReferenceSet* set,
                                      const TestSubject& subject, const std::optional<Spindle>& past = {});

/// The spindle of a measured value: its estimate and half of its 95 % interval.
template <class Q>
[[nodiscard]] Spindle spindleOf(const Measured<Q>& value, bool past = false) {
    return {value.estimate().value(), value.halfInterval().value(), past};
}

} // namespace fusain::report
