#include "exchange/chamber/pressure_csv.hpp"

#include "exchange/base/series_csv.hpp"

#include <array>
#include <fmt/format.h>

namespace fusain::exchange {

std::string pressuresToCsv(std::span<const airdisplacement::PressureSample> samples) {
    std::string text = "time_s,test_pa,reference_pa\n";
    for (const auto& sample : samples)
        text += fmt::format("{},{},{}\n", sample.time.value(), sample.test.value(), sample.reference.value());
    return text;
}

Expected<std::vector<airdisplacement::PressureSample>> pressuresFromCsv(std::string_view text,
                                                                        const std::string& where) {
    static constexpr std::array<std::string_view, 3> columns{"time_s", "test_pa", "reference_pa"};
    const auto rows = seriesFromCsv(text, where, columns);
    if (!rows)
        return tl::unexpected(rows.error());
    std::vector<airdisplacement::PressureSample> samples;
    for (const auto& row : *rows)
        samples.push_back({Seconds(row[0]), Pascals(row[1]), Pascals(row[2])});
    return samples;
}

} // namespace fusain::exchange
