#include "store/book/packing.hpp"

#include <QList>
#include <QtEndian>
#include <algorithm>
#include <array>
#include <bit>
#include <cmath>
#include <cstdint>

namespace fusain::store {
namespace {

using Words = std::vector<std::uint32_t>;

constexpr std::array scales{1.0, 10.0, 100.0, 1000.0, 10000.0};
constexpr int asFloats = -1; ///< instead of a number of decimals
constexpr auto bytesOfWord = sizeof(std::uint32_t);

float scaledBack(std::int32_t whole, int decimals) {
    return static_cast<float>(whole / scales[static_cast<std::size_t>(decimals)]);
}

// Whole numbers of so many decimals; nothing when a number needs more, or a zero has a sign.
std::optional<Words> wholes(const std::vector<float>& numbers, int decimals) {
    constexpr double most = 2e9;
    Words words;
    for (const float number : numbers) {
        const double scaled = std::round(double(number) * scales[static_cast<std::size_t>(decimals)]);
        if (!(std::abs(scaled) < most))
            return std::nullopt;
        const auto whole = static_cast<std::int32_t>(scaled);
        if (std::bit_cast<std::uint32_t>(scaledBack(whole, decimals)) != std::bit_cast<std::uint32_t>(number))
            return std::nullopt;
        words.push_back(std::bit_cast<std::uint32_t>(whole));
    }
    return words;
}

std::pair<int, Words> wordsOf(const std::vector<float>& numbers) {
    for (std::size_t decimals = 0; decimals < scales.size(); ++decimals)
        if (auto words = wholes(numbers, static_cast<int>(decimals)))
            return {static_cast<int>(decimals), std::move(*words)};
    Words words;
    for (const float number : numbers)
        words.push_back(std::bit_cast<std::uint32_t>(number));
    return {asFloats, std::move(words)};
}

// Each word as what it is more than the one before; then the first bytes of all, the second bytes … :
// neighbours are alike.
QByteArray spread(const Words& words) {
    QByteArray bytes(qsizetype(words.size() * bytesOfWord), '\0');
    std::uint32_t before = 0;
    for (std::size_t i = 0; i < words.size(); ++i) {
        const std::uint32_t more = words[i] - before;
        before = words[i];
        for (std::size_t byte = 0; byte < bytesOfWord; ++byte)
            bytes[qsizetype(byte * words.size() + i)] = static_cast<char>(more >> (8 * byte));
    }
    return bytes;
}

Words gathered(QByteArrayView bytes) {
    Words words(static_cast<std::size_t>(bytes.size()) / bytesOfWord);
    std::uint32_t before = 0;
    for (std::size_t i = 0; i < words.size(); ++i) {
        for (std::size_t byte = 0; byte < bytesOfWord; ++byte)
            before += static_cast<std::uint32_t>(
                          static_cast<unsigned char>(bytes[qsizetype(byte * words.size() + i)]))
                      << (8 * byte);
        words[i] = before;
    }
    return words;
}

std::vector<float> numbersOf(const Words& words, int decimals) {
    std::vector<float> numbers;
    for (const std::uint32_t word : words)
        numbers.push_back(decimals == asFloats ? std::bit_cast<float>(word)
                                               : scaledBack(std::bit_cast<std::int32_t>(word), decimals));
    return numbers;
}

// The length that a packed block claims stands before it: nothing larger than any recording is unpacked.
QByteArray inflated(const QByteArray& block) {
    constexpr quint32 most = 64U << 20U;
    return block.size() > 4 && qFromBigEndian<quint32>(block.constData()) <= most ? qUncompress(block)
                                                                                  : QByteArray();
}

} // namespace

QByteArray plain(const Columns& columns) {
    QByteArray names, numbers;
    for (const Column& column : columns) {
        names += (names.isEmpty() ? "" : " ") + QByteArray::fromStdString(column.name);
        for (const float number : column.numbers) {
            std::array<char, sizeof number> bytes{};
            qToLittleEndian(number, bytes.data());
            numbers.append(bytes.data(), qsizetype(bytes.size()));
        }
    }
    return names + '\n' + numbers;
}

QByteArray packed(const Columns& columns) {
    QByteArray line, numbers;
    for (const Column& column : columns) {
        const auto [decimals, words] = wordsOf(column.numbers);
        line += (line.isEmpty() ? "" : " ") + QByteArray::fromStdString(column.name) + ' ' +
                QByteArray::number(decimals);
        numbers += spread(words);
    }
    return qCompress(line + '\n' + numbers, 9);
}

std::optional<Columns> unpacked(const QByteArray& block) {
    const QByteArray all = inflated(block);
    const qsizetype line = all.indexOf('\n');
    const QList<QByteArray> head = all.left(std::max(line, qsizetype(0))).split(' ');
    const qsizetype width = head.size() / 2 * qsizetype(bytesOfWord);
    if (line <= 0 || head.size() % 2 != 0 || (all.size() - line - 1) % width != 0)
        return std::nullopt;
    const qsizetype bytes = (all.size() - line - 1) / (head.size() / 2);
    Columns columns;
    for (qsizetype i = 0; i + 1 < head.size(); i += 2) {
        bool good = false;
        const int decimals = head[i + 1].toInt(&good);
        if (!good || decimals < asFloats || decimals >= int(scales.size()))
            return std::nullopt;
        const QByteArrayView part = QByteArrayView(all).sliced(line + 1 + i / 2 * bytes, bytes);
        columns.push_back({head[i].toStdString(), numbersOf(gathered(part), decimals)});
    }
    return columns;
}

} // namespace fusain::store
