#include "desktop/services/screenings.hpp"

#include "record/base/json.hpp"

namespace fusain::desktop {
namespace {

constexpr std::string_view screeningPaper = "screening";

Expected<Screening> keptScreening(store::LabBook& book, const std::string& clientId) {
    const std::string place = paperKey(screeningPaper, clientId), kept = book.setting(place);
    if (kept.empty())
        return Screening{};
    return parseJson(kept, place).and_then([&](const Json& json) { return screeningFromJson(json, place); });
}

} // namespace

Screening screeningOf(store::LabBook& book, const std::string& clientId) {
    return keptScreening(book, clientId).value_or(Screening{});
}

bool betterInWords(store::LabBook& book, const ScreeningQuestions& set, const std::string& clientId, Sex sex,
                   Years age, Instant now) {
    const auto kept = keptScreening(book, clientId);
    return !kept || eatingConcern(askedOf(set, *kept, sex, age, now));
}

Expected<void> keepScreening(store::LabBook& book, const std::string& clientId, const Screening& screening,
                             const std::string& by, std::optional<std::int64_t> madeFrom) {
    if (const auto kept = keptScreening(book, clientId); !kept)
        return tl::unexpected(kept.error());
    return book.setSetting(paperKey(screeningPaper, clientId), toJson(screening).dump(), by, madeFrom);
}

} // namespace fusain::desktop
