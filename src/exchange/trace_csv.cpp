#include "exchange/trace_csv.hpp"

#include "core/units/format.hpp"

#include <fmt/format.h>

namespace fusain::exchange {
namespace {

std::string_view takeLine(std::string_view& text) {
    const auto end = text.find('\n');
    std::string_view line = text.substr(0, end);
    text.remove_prefix(end == std::string_view::npos ? text.size() : end + 1);
    if (line.ends_with('\r'))
        line.remove_suffix(1);
    return line;
}

tl::unexpected<Problem> badTrace(const std::string& where, int line, int column, Message what) {
    return failure(std::move(what), fmt::format("{}, line {}, column {}", where, line, column),
                   {FUSAIN_TEXT("Export the trace again: time_s,gross_kg."), {}},
                   {FUSAIN_TEXT("Nothing was loaded."), {}});
}

} // namespace

std::string traceToCsv(std::span<const hydrostatic::ForceSample> samples) {
    std::string text = "time_s,gross_kg\n";
    for (const auto& sample : samples)
        text += fmt::format("{},{}\n", sample.time.value(), sample.gross.value());
    return text;
}

Expected<std::vector<hydrostatic::ForceSample>> traceFromCsv(std::string_view text, const std::string& where) {
    if (text.starts_with("\xEF\xBB\xBF"))
        text.remove_prefix(3);
    if (text.starts_with("\xFF\xFE") || text.starts_with("\xFE\xFF"))
        return badTrace(where, 1, 1, {FUSAIN_TEXT("The file is in UTF-16; save it as UTF-8."), {}});
    const std::string_view header = takeLine(text);
    const char separator = header.find(';') == std::string_view::npos ? ',' : ';';
    if (header != "time_s,gross_kg" && header != "time_s;gross_kg")
        return badTrace(where, 1, 1, {FUSAIN_TEXT("The first line must be time_s,gross_kg."), {}});
    std::vector<hydrostatic::ForceSample> samples;
    for (int number = 2; !text.empty(); ++number) {
        const std::string_view line = takeLine(text);
        if (line.empty())
            continue;
        const auto comma = line.find(separator);
        const auto time = parseTyped(line.substr(0, comma));
        if (!time || (!samples.empty() && *time <= samples.back().time.value()))
            return badTrace(where, number, 1, {FUSAIN_TEXT("The time must be a number and rise."), {}});
        const auto gross = comma == std::string_view::npos ? std::nullopt : parseTyped(line.substr(comma + 1));
        if (!gross)
            return badTrace(where, number, 2, {FUSAIN_TEXT("The gross mass must be a number."), {}});
        if (samples.size() >= 2'000'000)
            return badTrace(where, number, 1,
                            {FUSAIN_TEXT("More than two million samples: this is not one trial."), {}});
        samples.push_back({Seconds(*time), Kilograms(*gross)});
    }
    if (samples.empty())
        return badTrace(where, 2, 1, {FUSAIN_TEXT("There are no samples in it."), {}});
    return samples;
}

} // namespace fusain::exchange
