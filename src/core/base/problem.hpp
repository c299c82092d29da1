#pragma once
#include "core/base/message.hpp"

#include <tl/expected.hpp>

namespace fusain {

/// Something that went wrong at an edge of the program, told so that a person can act on it.
struct Problem {
    Message what;      ///< what happened
    std::string where; ///< file, line, field, instrument … empty if it is obvious
    Message kept;      ///< what was kept safe; empty if nothing was at stake
    Message remedy;    ///< what to do

    [[nodiscard]] std::string english() const;
};

template <class T>
using Expected = tl::expected<T, Problem>;

/// Shorthand for the failure side of an Expected.
[[nodiscard]] inline tl::unexpected<Problem> failure(Message what, std::string where = {}, Message remedy = {},
                                                     Message kept = {}) {
    return tl::unexpected<Problem>(
        Problem{std::move(what), std::move(where), std::move(kept), std::move(remedy)});
}

} // namespace fusain
