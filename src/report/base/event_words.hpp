#pragma once
#include "record/base/event.hpp"

#include <QString>

namespace fusain::report {

/// What an event of a test is called, such as "trial excluded"; empty for where the bench went, which changes
/// nothing, and for a kind that no method has.
[[nodiscard]] QString titleOfEvent(std::string_view kind);

/// An event in one line: when, what, which number, and what somebody wrote with it. Empty where there is no
/// title.
[[nodiscard]] QString eventLine(const Event& event);

} // namespace fusain::report
