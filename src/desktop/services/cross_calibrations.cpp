#include "desktop/services/cross_calibrations.hpp"

#include "record/base/json.hpp"

namespace fusain::desktop {
namespace {

std::string keyOf(const std::string& from, const std::string& to) {
    return "cross-calibration." + from + "." + to;
}

} // namespace

std::optional<CrossCalibration> adoptedCalibration(store::LabBook& book, const std::string& from,
                                                   const std::string& to) {
    const std::string kept = book.setting(keyOf(from, to));
    const auto json =
        kept.empty() ? Expected<Json>(tl::unexpected(Problem{})) : parseJson(kept, keyOf(from, to));
    const auto line = json ? crossCalibrationFromJson(*json, keyOf(from, to))
                           : Expected<CrossCalibration>(tl::unexpected(json.error()));
    return line ? std::optional(*line) : std::nullopt;
}

Expected<void> adopt(store::LabBook& book, const CrossCalibration& line, const std::string& by) {
    return book.setSetting(keyOf(line.from, line.to), toJson(line).dump(), by);
}

} // namespace fusain::desktop
