#include "desktop/services/body_waters.hpp"

#include "record/base/json.hpp"
#include "report/base/words.hpp"

#include <algorithm>

namespace fusain::desktop {
namespace {

constexpr std::string_view paper = "body-water";

Expected<std::vector<WaterSample>> keptBodyWaters(store::LabBook& book, const std::string& clientId) {
    const std::string key = paperKey(paper, clientId), kept = book.setting(key);
    if (kept.empty())
        return std::vector<WaterSample>{};
    return parseJson(kept, key).and_then([&](const Json& json) { return waterSamplesFromJson(json, key); });
}

} // namespace

std::vector<WaterSample> bodyWatersOf(store::LabBook& book, const std::string& clientId) {
    return keptBodyWaters(book, clientId).value_or(std::vector<WaterSample>{});
}

std::optional<WaterSample> bodyWaterOn(const std::vector<WaterSample>& samples, Instant day) {
    for (auto sample = samples.rbegin(); sample != samples.rend(); ++sample)
        if (report::sameDay(sample->at, day))
            return *sample;
    return std::nullopt;
}

Expected<void> keepBodyWater(store::LabBook& book, const std::string& clientId, const WaterSample& sample) {
    return book.changeSetting(
        paperKey(paper, clientId), sample.by, [&](const std::string&) -> Expected<std::string> {
            auto kept = keptBodyWaters(book, clientId);
            if (!kept) // what cannot be read is not written over
                return tl::unexpected(kept.error());
            auto& samples = *kept;
            std::erase_if(samples,
                          [&](const WaterSample& other) { return report::sameDay(other.at, sample.at); });
            samples.push_back(sample);
            std::ranges::sort(samples, {}, &WaterSample::at);
            return toJson(samples).dump();
        });
}

} // namespace fusain::desktop
