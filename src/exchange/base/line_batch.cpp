#include "exchange/base/line_batch.hpp"

#include <fmt/format.h>
#include <utility>

namespace fusain::exchange {
namespace {

constexpr std::size_t longestLine = 1 << 20;

} // namespace

LineBatch::LineBatch(std::string where, Write write, Complain complain,
                     std::span<const std::string_view> columns, std::string_view outputHeader,
                     std::string_view help)
    : where_(std::move(where)), write_(std::move(write)), complain_(std::move(complain)), columns_(columns),
      outputHeader_(outputHeader), help_(help) {}

Expected<void> LineBatch::add(std::string_view piece) {
    while (!piece.empty()) {
        const auto end = piece.find('\n');
        pending_.append(piece.substr(0, end));
        if (pending_.size() > longestLine)
            return failure({FUSAIN_TEXT("Line {1} is longer than a megabyte: this is no table."),
                            {std::to_string(line_ + 1)}},
                           where_);
        if (end == std::string_view::npos)
            return {};
        piece.remove_prefix(end + 1);
        if (auto taken = takeLine(std::exchange(pending_, {})); !taken)
            return taken;
    }
    return {};
}

Expected<void> LineBatch::finish() {
    if (!pending_.empty())
        if (auto taken = takeLine(std::exchange(pending_, {})); !taken)
            return taken;
    if (header_.empty())
        return failure({FUSAIN_TEXT("The file is empty."), {}}, where_);
    return {};
}

Expected<void> LineBatch::takeHeader(std::string_view line) {
    header_ = std::string(line) + '\n';
    const auto probe = tableFromCsv(header_ + std::string(line), where_);
    if (!probe)
        return tl::unexpected(probe.error());
    for (const std::string_view column : columns_)
        if (!probe->column(column))
            return failure({FUSAIN_TEXT("The column \"{1}\" is missing."), {std::string(column)}}, where_,
                           {FUSAIN_TEXT("See {1}."), {std::string(help_)}});
    write_(outputHeader_);
    return {};
}

Expected<void> LineBatch::takeLine(std::string_view line) {
    ++line_;
    if (line.find_first_not_of(" \t\r") == std::string_view::npos)
        return {};
    if (header_.empty())
        return takeHeader(line);
    const auto row = tableFromCsv(header_ + std::string(line), where_).and_then([&](const CsvTable& table) {
        return rowOf(table);
    });
    if (row) {
        write_(*row);
        ++computed_;
    } else {
        reject(row.error());
    }
    return {};
}

void LineBatch::reject(Problem problem) {
    ++rejected_;
    problem.where = fmt::format("{}, line {}", where_, line_);
    complain_(problem);
}

} // namespace fusain::exchange
