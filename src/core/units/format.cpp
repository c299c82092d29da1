#include "core/units/format.hpp"

#include <charconv>
#include <cmath>
#include <fmt/format.h>

namespace fusain {
namespace {

constexpr std::string_view minusSign = "\u2212";

std::string withRealMinus(std::string text) {
    if (!text.empty() && text.front() == '-') {
        const bool zero = text.find_first_of("123456789") == std::string::npos;
        text = zero ? text.substr(1) : std::string(minusSign) + text.substr(1);
    }
    return text;
}

} // namespace

std::string_view unitOf(Dimension dimension, UnitSystem system) {
    const bool metric = system == UnitSystem::Metric;
    switch (dimension) {
    case Dimension::Mass:
        return metric ? "kg" : "lb";
    case Dimension::Height:
        return metric ? "cm" : "in";
    case Dimension::Temperature:
        return "°C";
    case Dimension::Plain:
        break;
    }
    return "";
}

double shownFromKept(Dimension dimension, double kept, UnitSystem system) {
    if (system == UnitSystem::Metric)
        return kept;
    switch (dimension) {
    case Dimension::Mass:
        return pounds(Kilograms(kept));
    case Dimension::Height:
        return inches(metresFromCentimetres(kept));
    case Dimension::Temperature:
    case Dimension::Plain:
        break;
    }
    return kept;
}

double keptFromShown(Dimension dimension, double shown, UnitSystem system) {
    if (system == UnitSystem::Metric)
        return shown;
    switch (dimension) {
    case Dimension::Mass:
        return massFromPounds(shown).value();
    case Dimension::Height:
        return centimetres(lengthFromInches(shown));
    case Dimension::Temperature:
    case Dimension::Plain:
        break;
    }
    return shown;
}

std::string fixed(double value, int decimals) {
    if (!std::isfinite(value))
        return "\u2014";
    return withRealMinus(fmt::format("{:.{}f}", value, decimals));
}

std::string signedFixed(double value, int decimals) {
    std::string text = fixed(value, decimals);
    const bool zero = text.find_first_of("123456789") == std::string::npos;
    return value > 0 && !zero ? "+" + text : text;
}

Shown show(Kilograms mass, UnitSystem system, int decimals) {
    if (system == UnitSystem::UsCustomary)
        return {fixed(pounds(mass), decimals), "lb"};
    return {fixed(mass.value(), decimals), "kg"};
}

Shown show(Metres height, UnitSystem system) {
    if (system == UnitSystem::UsCustomary)
        return {fixed(inches(height), 1), "in"};
    return {fixed(centimetres(height), 1), "cm"};
}

Shown show(Celsius temperature, int decimals) {
    return {fixed(temperature.value(), decimals), "°C"};
}

Shown show(Litres volume, int decimals) {
    return {fixed(volume.value(), decimals), "L"};
}
Shown show(KilogramsPerLitre density, int decimals) {
    return {fixed(density.value(), decimals), "kg/L"};
}
Shown show(Percent percent, int decimals) {
    return {fixed(percent.value(), decimals), "%"};
}
Shown show(KilogramsPerSquareMetre index, int decimals) {
    return {fixed(index.value(), decimals), "kg/m²"};
}

std::optional<double> parseTyped(std::string_view text) {
    std::string digits;
    for (std::size_t i = 0; i < text.size(); ++i) {
        const char c = text[i];
        if (text.substr(i, minusSign.size()) == minusSign) {
            digits += '-';
            i += minusSign.size() - 1;
        } else if (text.substr(i, 2) == "\u00a0") {
            ++i;
        } else if (c == ',') {
            digits += '.';
        } else if (c != ' ' && c != '\t' && c != '\r' && c != '\n') {
            digits += c;
        }
    }
    if (!digits.empty() && digits.front() == '+')
        digits.erase(0, 1);
    double value = 0.0;
    const auto [end, error] =
        std::from_chars(digits.data(), digits.data() + digits.size(), value, std::chars_format::fixed);
    if (error != std::errc() || end != digits.data() + digits.size() || !std::isfinite(value))
        return std::nullopt;
    return value;
}

} // namespace fusain
