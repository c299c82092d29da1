#include "exchange/tank/trace_csv.hpp"

#include "exchange/base/series_csv.hpp"

#include <array>
#include <fmt/format.h>

namespace fusain::exchange {

std::string traceToCsv(std::span<const hydrostatic::ForceSample> samples) {
    std::string text = "time_s,gross_kg\n";
    for (const auto& sample : samples)
        text += fmt::format("{},{}\n", sample.time.value(), sample.gross.value());
    return text;
}

Expected<std::vector<hydrostatic::ForceSample>> traceFromCsv(std::string_view text, const std::string& where) {
    static constexpr std::array<std::string_view, 2> columns{"time_s", "gross_kg"};
    const auto rows = seriesFromCsv(text, where, columns);
    if (!rows)
        return tl::unexpected(rows.error());
    std::vector<hydrostatic::ForceSample> samples;
    for (const auto& row : *rows)
        samples.push_back({Seconds(row[0]), Kilograms(row[1])});
    return samples;
}

} // namespace fusain::exchange
