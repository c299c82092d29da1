#pragma once
#include <string>
#include <string_view>
#include <vector>

namespace fusain {

/// A sentence for people, kept apart from its numbers so that a higher floor can translate it.
///
/// `text` is the English sentence with placeholders {1}, {2} …; `arguments` fill them in that order. The lower
/// floors do not know the translation system: they mark a sentence with FUSAIN_TEXT, which lupdate reads.
struct Message {
    std::string text;
    std::vector<std::string> arguments;

    [[nodiscard]] std::string english() const;
    [[nodiscard]] bool empty() const { return text.empty(); }
    friend bool operator==(const Message&, const Message&) = default;
};

/// Puts `arguments` in the place of {1}, {2} … in `text`; a placeholder without an argument stays as it is.
[[nodiscard]] std::string fillPlaceholders(std::string_view text, const std::vector<std::string>& arguments);

} // namespace fusain

/// Marks a sentence for translation (context "fusain"); expands to the sentence itself.
#define FUSAIN_TEXT(sentence) sentence
