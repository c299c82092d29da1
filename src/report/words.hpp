#pragma once
#include "core/message.hpp"
#include "core/problem.hpp"

#include <QString>

namespace fusain::report {

/// A sentence of the lower floors in the user's language, with its numbers put in.
[[nodiscard]] QString say(const Message& message);
/// A text marked with FUSAIN_TEXT in the user's language.
[[nodiscard]] QString say(std::string_view marked);
/// What happened, where, what was kept, what to do.
[[nodiscard]] QString say(const Problem& problem);

} // namespace fusain::report
