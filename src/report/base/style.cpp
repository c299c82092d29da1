#include "report/base/style.hpp"

#include <QDir>
#include <QFontDatabase>
#include <algorithm>
#include <cmath>

namespace fusain::report {
namespace {

QFont font(const QString& family, double size, Weight weight) {
    QFont result;
    result.setFamilies({family, QStringLiteral("Noto Sans")});
    result.setPixelSize(qMax(1, qRound(size)));
    result.setWeight(weight == Weight::Bold       ? QFont::Bold
                     : weight == Weight::SemiBold ? QFont::DemiBold
                                                  : QFont::Normal);
    return result;
}

} // namespace

const Palette& lightPalette() {
    static const Palette palette{QColor(0xF7F4ED), QColor(0xFFFDF8), QColor(0x24211D), QColor(0x6A635A),
                                 QColor(0xD9D2C5), QColor(0xA62B5B), QColor(0xB4530F), QColor(0x3F6B4F)};
    return palette;
}

const Palette& darkPalette() {
    static const Palette palette{QColor(0x1E1C1A), QColor(0x272421), QColor(0xECE6DA), QColor(0xB5AC9E),
                                 QColor(0x48433C), QColor(0xE0709A), QColor(0xF0A05A), QColor(0x8DBE9C)};
    return palette;
}

const Palette& strongLightPalette() {
    static const Palette palette{QColor(Qt::white), QColor(Qt::white), QColor(Qt::black), QColor(0x1A1A1A),
                                 QColor(0x595959),  QColor(0x7A0F3C),  QColor(0x7A2E00),  QColor(0x1B4A2D)};
    return palette;
}

const Palette& strongDarkPalette() {
    static const Palette palette{QColor(Qt::black), QColor(Qt::black), QColor(Qt::white), QColor(0xEDEDED),
                                 QColor(0x8C8C8C),  QColor(0xFF9EC4),  QColor(0xFFB36B),  QColor(0x9BE0B0)};
    return palette;
}

double contrastOf(const QColor& one, const QColor& other) {
    const auto luminance = [](const QColor& colour) {
        const auto linear = [](double part) {
            return part <= 0.04045 ? part / 12.92 : std::pow((part + 0.055) / 1.055, 2.4);
        };
        return 0.2126 * linear(colour.redF()) + 0.7152 * linear(colour.greenF()) +
               0.0722 * linear(colour.blueF());
    };
    const double first = luminance(one), second = luminance(other);
    return (std::max(first, second) + 0.05) / (std::min(first, second) + 0.05);
}

const Palette& printPalette() {
    static const Palette palette = [] {
        Palette print = lightPalette();
        print.paper = print.sheet = QColor(Qt::white);
        return print;
    }();
    return palette;
}

bool loadFonts(const QString& folder) {
    const QDir dir(folder);
    const QStringList files = dir.entryList({QStringLiteral("*.ttf")}, QDir::Files);
    bool all = !files.isEmpty();
    for (const QString& file : files)
        all = QFontDatabase::addApplicationFont(dir.filePath(file)) >= 0 && all;
    return all;
}

QFont textFont(double size, Weight weight) {
    return font(QStringLiteral("Atkinson Hyperlegible Next"), size, weight);
}
QFont numberFont(double size, Weight weight) {
    return font(QStringLiteral("Atkinson Hyperlegible Mono"), size, weight);
}

} // namespace fusain::report
