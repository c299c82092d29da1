#include "core/base/message.hpp"

namespace fusain {

std::string fillPlaceholders(std::string_view text, const std::vector<std::string>& arguments) {
    std::string filled;
    filled.reserve(text.size() + 16 * arguments.size());
    for (std::size_t i = 0; i < text.size(); ++i) {
        const bool placeholder = i + 2 < text.size() && text[i] == '{' && text[i + 1] >= '1' &&
                                 text[i + 1] <= '9' && text[i + 2] == '}';
        const auto index = placeholder ? static_cast<std::size_t>(text[i + 1] - '1') : arguments.size();
        if (index < arguments.size()) {
            filled += arguments[index];
            i += 2;
        } else {
            filled += text[i];
        }
    }
    return filled;
}

std::string Message::english() const {
    return fillPlaceholders(text, arguments);
}

} // namespace fusain
