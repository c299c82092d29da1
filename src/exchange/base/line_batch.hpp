#pragma once
#include "core/numeric/measured.hpp"
#include "exchange/base/csv_table.hpp"

#include <fmt/format.h>
#include <functional>
#include <span>

namespace fusain::exchange {

/// A table that is computed row by row as it is read, in constant memory, whatever its rows hold. A row that
/// cannot be computed is reported and left out; the rest goes on.
class LineBatch {
public:
    using Write = std::function<void(std::string_view)>;
    using Complain = std::function<void(const Problem&)>;

    virtual ~LineBatch() = default;
    /// Takes the next piece of the file, cut anywhere. @return a Problem that ends the whole batch
    [[nodiscard]] Expected<void> add(std::string_view piece);
    [[nodiscard]] Expected<void> finish();
    [[nodiscard]] std::size_t computed() const { return computed_; }
    [[nodiscard]] std::size_t rejected() const { return rejected_; }

protected:
    /// @param columns that every table has  @param outputHeader with its line end  @param help the page that
    /// documents the table
    LineBatch(std::string where, Write write, Complain complain, std::span<const std::string_view> columns,
              std::string_view outputHeader, std::string_view help);
    /// The output of one row, with its line end. @param row a table of this row alone
    [[nodiscard]] virtual Expected<std::string> rowOf(const CsvTable& row) = 0;

private:
    [[nodiscard]] Expected<void> takeLine(std::string_view line);
    [[nodiscard]] Expected<void> takeHeader(std::string_view line);
    void reject(Problem problem);

    std::string where_;
    Write write_;
    Complain complain_;
    std::span<const std::string_view> columns_;
    std::string_view outputHeader_, help_;
    std::string pending_, header_;
    std::size_t line_ = 0, computed_ = 0, rejected_ = 0;
};

/// A value and what it means, as columns: would it repeat, did it change, how far may it be from the truth.
template <class Q>
[[nodiscard]] std::string figures(const Measured<Q>& value) {
    return fmt::format("{:.3f},{:.3f},{:.3f},{:.3f},{:.3f}", value.estimate().value(),
                       value.repeatability().value(), value.leastSignificantChange().value(),
                       value.low().value(), value.high().value());
}

} // namespace fusain::exchange
