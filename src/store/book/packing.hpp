#pragma once
#include <QByteArray>
#include <optional>
#include <string>
#include <vector>

namespace fusain::store {

/// One column of a recording, in single precision.
struct Column {
    std::string name; ///< letters, digits and underlines
    std::vector<float> numbers;
    friend bool operator==(const Column&, const Column&) = default;
};
/// A recording: columns of one length.
using Columns = std::vector<Column>;

/// What the name of a block is the hash of: one line with the names, then the numbers, column after column,
/// IEEE 754 single precision, little-endian.
[[nodiscard]] QByteArray plain(const Columns& columns);

/// The same recording in few bytes, to the last bit. Numbers with few decimals, as instruments send them, stand
/// as whole numbers; docs/formats/lab-book.md has the layout.
[[nodiscard]] QByteArray packed(const Columns& columns);
/// Unpacks what `packed` made; nothing when it is damaged.
[[nodiscard]] std::optional<Columns> unpacked(const QByteArray& block);

} // namespace fusain::store
