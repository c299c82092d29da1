#include "core/base/problem.hpp"

namespace fusain {

std::string Problem::english() const {
    std::string text = where.empty() ? what.english() : where + ": " + what.english();
    for (const Message* part : {&kept, &remedy})
        if (!part->empty())
            text += " " + part->english();
    return text;
}

} // namespace fusain
