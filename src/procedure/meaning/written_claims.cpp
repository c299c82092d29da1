#include "procedure/meaning/written_claims.hpp"

#include <algorithm>
#include <array>
#include <cctype>
#include <span>

namespace fusain {
namespace {

enum class Claim { Less, More, Below, Within, Above };

struct Words {
    Followed quantity;
    std::span<const std::string_view> words; ///< in lower case, each a whole word or two
};

using namespace std::string_view_literals;

constexpr std::array fatWords{"fat"sv, "fett"sv, "fettmasse"sv};
constexpr std::array restWords{"lean"sv,          "muscle"sv, "muscles"sv,         "muskeln"sv,
                               "fat-free mass"sv, "muskel"sv, "fettfreie masse"sv, "muskulatur"sv};
constexpr std::array massWords{"weight"sv, "body mass"sv, "gewicht"sv, "körpermasse"sv};
constexpr std::array quantities{Words{Followed::FatFreeMass, restWords}, Words{Followed::FatMass, fatWords},
                                Words{Followed::Mass, massWords}};

constexpr std::array lessWords{"less"sv, "lost"sv,     "lower"sv,      "down"sv,      "decreased"sv,
                               "fell"sv, "reduced"sv,  "loss"sv,       "weniger"sv,   "verloren"sv,
                               "sank"sv, "gesunken"sv, "abgenommen"sv, "verringert"sv};
constexpr std::array moreWords{"more"sv, "gained"sv, "higher"sv,    "up"sv,         "increased"sv, "rose"sv,
                               "gain"sv, "mehr"sv,   "gestiegen"sv, "zugenommen"sv, "gewonnen"sv};
constexpr std::array aboveWords{"above"sv, "oberhalb"sv, "über"sv};
constexpr std::array belowWords{"below"sv, "under"sv, "unterhalb"sv, "unter"sv};
constexpr std::array withinWords{"within"sv, "inside"sv, "innerhalb"sv};
constexpr std::array rangeWords{"range"sv,   "reference"sv, "band"sv,
                                "bereich"sv, "referenz"sv,  "referenzbereich"sv};
constexpr std::array hedges{"no"sv,   "not"sv,        "may"sv,   "might"sv, "error"sv, "whether"sv,
                            "if"sv,   "kein"sv,       "keine"sv, "nicht"sv, "kann"sv,  "ob"sv,
                            "wenn"sv, "messfehler"sv, "than"sv,  "als"sv,   "close"sv, "nahe"sv,
                            "aim"sv,  "goal"sv,       "ziel"sv,  "plan"sv,  "week"sv,  "woche"sv};

std::string lowered(std::string_view text) {
    std::string lower(text);
    std::ranges::transform(lower, lower.begin(), [](unsigned char c) { return c < 128 ? std::tolower(c) : c; });
    return lower;
}

bool isLetter(char c) {
    const auto byte = static_cast<unsigned char>(c);
    return std::isalnum(byte) || byte >= 128 || c == '-';
}

// As a whole word; of "fat-free" the "fat" is none.
bool names(std::string_view sentence, std::string_view word) {
    for (std::size_t at = sentence.find(word); at != std::string_view::npos; at = sentence.find(word, at + 1)) {
        const std::size_t end = at + word.size();
        if ((at == 0 || !isLetter(sentence[at - 1])) && (end == sentence.size() || !isLetter(sentence[end])))
            return true;
    }
    return false;
}

bool namesAny(std::string_view sentence, std::span<const std::string_view> words) {
    return std::ranges::any_of(words, [&](std::string_view word) { return names(sentence, word); });
}

// A sentence that names two of them is about how they hang together, and is left alone.
std::optional<Followed> subjectOf(std::string_view sentence) {
    std::optional<Followed> subject;
    for (const auto& [quantity, words] : quantities)
        if (namesAny(sentence, words)) {
            if (subject)
                return std::nullopt;
            subject = quantity;
        }
    return subject;
}

std::optional<Claim> claimOf(std::string_view sentence) {
    const bool place = namesAny(sentence, rangeWords);
    std::optional<Claim> claim;
    const auto add = [&](Claim which, std::span<const std::string_view> words) {
        if (namesAny(sentence, words))
            claim = claim ? std::nullopt : std::optional(which);
        return !claim || *claim == which;
    };
    if (place) {
        if (add(Claim::Above, aboveWords) && add(Claim::Below, belowWords))
            add(Claim::Within, withinWords);
        return claim;
    }
    if (namesAny(sentence, lessWords) != namesAny(sentence, moreWords))
        return namesAny(sentence, lessWords) ? Claim::Less : Claim::More;
    return std::nullopt;
}

bool bornOut(Claim claim, const ChangeStatement& change) {
    const Comparison& comparison = change.comparison;
    return comparison.verdict == Verdict::Real &&
           (comparison.change.difference < 0.0) == (claim == Claim::Less);
}

bool bornOut(Claim claim, const PlaceStatement& place) {
    switch (place.place) {
    case ReferencePlace::Below:
        return claim == Claim::Below;
    case ReferencePlace::Above:
        return claim == Claim::Above;
    case ReferencePlace::Within:
        return claim == Claim::Within;
    case ReferencePlace::CloseToLower:
    case ReferencePlace::CloseToUpper:
        break;
    }
    return false;
}

// The statement that a sentence stands against; null when it stands against none. A change that any of the
// comparisons bears out is one.
const Statement* against(Followed subject, Claim claim, const Statements& statements) {
    const Statement* stands = nullptr;
    for (const Statement& statement : statements.all()) {
        const auto* change = std::get_if<ChangeStatement>(&statement);
        const auto* place = std::get_if<PlaceStatement>(&statement);
        const bool direction = claim == Claim::Less || claim == Claim::More;
        bool agrees = false;
        if (direction && change && change->quantity == subject)
            agrees = bornOut(claim, *change);
        else if (!direction && place && subject == Followed::FatMass && place->quantity == Followed::FatPercent)
            agrees = bornOut(claim, *place);
        else
            continue;
        if (agrees)
            return nullptr;
        stands = stands ? stands : &statement;
    }
    return stands;
}

bool isDigit(char c) {
    return std::isdigit(static_cast<unsigned char>(c));
}

// Where the sentence that begins at `from` ends; the point of a number ends none.
std::size_t endOf(std::string_view text, std::size_t from) {
    constexpr std::string_view marks = ".!?;\n";
    std::size_t end = text.find_first_of(marks, from);
    while (end != std::string_view::npos && end > 0 && end + 1 < text.size() && text[end] == '.' &&
           isDigit(text[end - 1]) && isDigit(text[end + 1]))
        end = text.find_first_of(marks, end + 1);
    return std::min(end, text.size());
}

} // namespace

std::vector<ClaimAgainst> claimsAgainst(std::string_view text, const Statements& statements) {
    std::vector<ClaimAgainst> found;
    for (std::size_t from = 0; from < text.size();) {
        const std::size_t end = endOf(text, from);
        std::string_view sentence = text.substr(from, end - from);
        from = end + 1;
        sentence.remove_prefix(std::min(sentence.find_first_not_of(' '), sentence.size()));
        const std::string lower = lowered(sentence);
        const auto subject = namesAny(lower, hedges) ? std::nullopt : subjectOf(lower);
        const auto claim = subject ? claimOf(lower) : std::nullopt;
        if (const Statement* statement = claim ? against(*subject, *claim, statements) : nullptr)
            found.push_back({std::string(sentence), statement});
    }
    return found;
}

} // namespace fusain
