#include "procedure/meaning/written_numbers.hpp"

#include <algorithm>
#include <cmath>
#include <regex>

namespace fusain {
namespace {

/// Values that may be written with a unit.
struct Known {
    std::string_view unit;
    double value;
};

void addPlace(std::vector<Known>& known, const PlaceStatement& place) {
    const std::string_view unit = textOf(place.quantity).unit;
    for (const double value : {place.value, place.value - place.half, place.value + place.half, place.half,
                               place.row->low, place.row->high})
        known.push_back({unit, value});
}

void addChange(std::vector<Known>& known, const ChangeStatement& change) {
    const std::string_view unit = textOf(change.quantity).unit;
    known.push_back({unit, change.comparison.change.difference});
    known.push_back({unit, change.comparison.change.leastSignificant});
    if (change.comparison.perWeek)
        known.push_back({unit, *change.comparison.perWeek});
}

void addSides(std::vector<Known>& known, const SidesStatement& sides) {
    for (const double value : {sides.balance.difference.value(), sides.balance.leastSignificant.value(),
                               sides.balance.threshold.value()})
        known.push_back({"kg", value});
    known.push_back({"%", sides.balance.asymmetry.value()});
}

// What a scan says of each region.
void addRegions(std::vector<Known>& known, const DxaResult& scan) {
    for (const dxa::RegionReading& reading : scan.scan.regions) {
        for (const Kilograms mass : {reading.fat, reading.lean, reading.boneMineral, reading.mass()})
            known.push_back({"kg", mass.value()});
        for (const Percent percent : {reading.fatOfMass(), reading.fatOfTissue()})
            known.push_back({"%", percent.value()});
    }
}

std::vector<Known> knownOf(const ComputedTest& test, const Statements& statements) {
    std::vector<Known> known;
    for (const auto texts : {followedQuantities(), followedGirths()})
        for (const FollowedText& text : texts)
            if (const auto value = valueOf(text.quantity, test))
                for (const double each :
                     {value->value, value->halfInterval(), value->value - value->halfInterval(),
                      value->value + value->halfInterval()})
                    known.push_back({text.unit, each});
    if (const auto* scan = std::get_if<DxaResult>(&test.result))
        addRegions(known, *scan);
    for (const Statement& statement : statements.all())
        std::visit(Overloaded{[&](const PlaceStatement& place) { addPlace(known, place); },
                              [&](const ChangeStatement& change) { addChange(known, change); },
                              [&](const SidesStatement& sides) { addSides(known, sides); }},
                   statement);
    const std::size_t metric = known.size();
    for (std::size_t i = 0; i < metric; ++i)
        if (known[i].unit == "kg")
            known.push_back({"lb", known[i].value / kilogramsPerPound});
    return known;
}

bool isOneOf(const WrittenNumber& written, const std::vector<Known>& known) {
    const double rounding = 0.501 * std::pow(10.0, -written.decimals);
    return std::ranges::any_of(known, [&](const Known& each) {
        return each.unit == written.unit && std::abs(std::abs(each.value) - written.value) <= rounding;
    });
}

} // namespace

std::vector<WrittenNumber> numbersWritten(std::string_view text) {
    static const std::regex number("(\\d+)(?:[.,](\\d+))?\\s*(kg/m²|kg|%|lb|L|°)(?![A-Za-z])");
    std::vector<WrittenNumber> found;
    const std::string whole(text);
    for (std::sregex_iterator each(whole.begin(), whole.end(), number), end; each != end; ++each) {
        const std::smatch& match = *each;
        const std::string decimals = match[2];
        found.push_back({match[0], std::stod(match[1].str() + '.' + (decimals.empty() ? "0" : decimals)),
                         static_cast<int>(decimals.size()), match[3]});
    }
    return found;
}

std::vector<WrittenNumber> numbersNotInTest(std::string_view text, const ComputedTest& test,
                                            const Statements& statements) {
    auto written = numbersWritten(text);
    const auto known = knownOf(test, statements);
    std::erase_if(written, [&](const WrittenNumber& each) { return isOneOf(each, known); });
    return written;
}

} // namespace fusain
