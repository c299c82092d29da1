#include "core/dxa/scan_rules.hpp"

#include "core/units/format.hpp"

#include <algorithm>
#include <cmath>

namespace fusain::dxa {
namespace {

constexpr double tolerance = 1e-9;

struct Component {
    Kilograms RegionReading::*value;
    std::string_view name;
};
constexpr std::array components{Component{&RegionReading::fat, FUSAIN_TEXT("fat")},
                                Component{&RegionReading::lean, FUSAIN_TEXT("lean")},
                                Component{&RegionReading::boneMineral, FUSAIN_TEXT("bone mineral")}};

std::string kg(Kilograms mass, int decimals = 2) {
    return fixed(mass.value(), decimals);
}

class Judgement {
public:
    Judgement(const Scan& scan, std::optional<Kilograms> scaleMass, const ScanLimits& limits, bool halfBody)
        : scan_(scan), scaleMass_(scaleMass), limits_(limits), halfBody_(halfBody) {}

    std::vector<ScanFinding> run() {
        numbers();
        if (mustRepeat(findings_)) // nothing else can be said of numbers that are none
            return findings_;
        units();
        if (!mustRepeat(findings_)) {
            tissueSums();
            regionSums();
            overlaps();
            scale();
            sides(arms);
            sides(legs);
            bone();
        }
        std::ranges::stable_sort(findings_, std::ranges::greater(), &ScanFinding::severity);
        return findings_;
    }

private:
    void find(Fault fault, Severity severity, Region region, Message what, Message remedy) {
        findings_.push_back({fault, severity, region, std::move(what), std::move(remedy)});
    }

    void numbers() {
        for (const Region region : parts)
            if (!scan_.of(region))
                find(Fault::Number, Severity::Repeat, region,
                     {FUSAIN_TEXT("The region \"{1}\" is missing."), {std::string(regionName(region))}},
                     {FUSAIN_TEXT("Give all six regions, or say which side of a half body was complete."), {}});
        for (const RegionReading& reading : scan_.regions)
            for (const Component& each : components) {
                const double value = (reading.*each.value).value();
                if (!std::isfinite(value) || value < 0.0)
                    find(Fault::Number, Severity::Repeat, reading.region,
                         {FUSAIN_TEXT("{1}, {2}: there is no number, or one below zero."),
                          {std::string(regionName(reading.region)), std::string(each.name)}},
                         {FUSAIN_TEXT("Type it again from the densitometer's page."), {}});
            }
    }

    [[nodiscard]] Kilograms total() const {
        const RegionReading* printed = scan_.of(Region::Total);
        return printed ? printed->mass() : sumOf(scan_, parts, Region::Total)->mass();
    }

    // A wrong unit is off by a factor that is known.
    void units() {
        if (!scaleMass_)
            return;
        const double ratio = total() / *scaleMass_;
        const auto near = [&](double factor) { return std::abs(ratio / factor - 1.0) < 0.06; };
        if (near(1.0 / kilogramsPerPound) || near(kilogramsPerPound))
            find(Fault::Unit, Severity::Repeat, Region::Total,
                 {FUSAIN_TEXT("The scan adds up to {1}, the scale reads {2} kg. Are these pounds?"),
                  {kg(total(), 1), kg(*scaleMass_, 1)}},
                 {FUSAIN_TEXT("Look at the unit of the densitometer's page."), {}});
        else if (near(1000.0))
            find(Fault::Unit, Severity::Repeat, Region::Total,
                 {FUSAIN_TEXT("The scan adds up to {1}, the scale reads {2} kg. Are these grams?"),
                  {kg(total(), 0), kg(*scaleMass_, 1)}},
                 {FUSAIN_TEXT("Look at the unit of the densitometer's page."), {}});
    }

    void tissueSums() {
        for (const RegionReading& reading : scan_.regions)
            if (reading.printedMass && std::abs((reading.mass() - *reading.printedMass).value()) >
                                           2.0 * limits_.printedUnit.value() + tolerance)
                find(Fault::TissueSum, Severity::Repeat, reading.region,
                     {FUSAIN_TEXT("{1}: fat, lean and bone mineral add up to {2} kg, the page shows {3} kg."),
                      {std::string(regionName(reading.region)), kg(reading.mass(), 3),
                       kg(*reading.printedMass, 3)}},
                     {FUSAIN_TEXT("Compare this row with the page, digit by digit."), {}});
    }

    void compareSum(const RegionReading& sum, const RegionReading& printed, std::size_t count) {
        const double allowed =
            0.5 * (static_cast<double>(count) + 1.0) * limits_.printedUnit.value() + tolerance;
        for (const Component& each : components)
            if (std::abs((sum.*each.value - printed.*each.value).value()) > allowed)
                find(Fault::RegionSum, Severity::Repeat, printed.region,
                     {FUSAIN_TEXT("{1}, {2}: the regions add up to {3} kg, the page shows {4} kg."),
                      {std::string(regionName(printed.region)), std::string(each.name), kg(sum.*each.value, 3),
                       kg(printed.*each.value, 3)}},
                     {FUSAIN_TEXT("Look for the region that was mistyped; android and gynoid do not count."),
                      {}});
    }

    void regionSums() {
        if (const RegionReading* printed = scan_.of(Region::Total))
            compareSum(*sumOf(scan_, parts, Region::Total), *printed, parts.size());
        if (const RegionReading* printed = scan_.of(Region::Subtotal))
            compareSum(*sumOf(scan_, std::span(parts).subspan(1), Region::Subtotal), *printed,
                       parts.size() - 1);
    }

    void overlap(Region inside, std::span<const Region> around) {
        const RegionReading* part = scan_.of(inside);
        const auto whole = sumOf(scan_, around, inside);
        if (!part || !whole)
            return;
        for (const Component& each : components)
            if ((*part).*each.value > (*whole).*each.value + limits_.printedUnit)
                find(Fault::Overlap, Severity::Repeat, inside,
                     {FUSAIN_TEXT("{1}, {2}: {3} kg, more than the {4} kg of the region that contains it."),
                      {std::string(regionName(inside)), std::string(each.name), kg((*part).*each.value, 3),
                       kg((*whole).*each.value, 3)}},
                     {FUSAIN_TEXT("Look at the region lines, and whether two rows were swapped."), {}});
    }

    void overlaps() {
        overlap(Region::Android, std::array{Region::Trunk});
        overlap(Region::Gynoid, std::array{Region::Trunk, Region::LeftLeg, Region::RightLeg});
    }

    void scale() {
        if (!scaleMass_)
            return;
        const double difference = total() / *scaleMass_ - 1.0;
        if (std::abs(difference) <= limits_.scaleLook + tolerance)
            return;
        const bool repeat = std::abs(difference) > limits_.scaleRepeat + tolerance;
        find(
            Fault::ScaleMass, repeat ? Severity::Repeat : Severity::Look, Region::Total,
            {FUSAIN_TEXT("The scan adds up to {1} kg, {2} % against the scale ({3} kg)."),
             {kg(total(), 1), signedFixed(100.0 * difference, 1), kg(*scaleMass_, 1)}},
            {FUSAIN_TEXT("Is it this client? Was everything inside the field, and nothing on the table?"), {}});
    }

    void sides(Pair pair) {
        const RegionReading &right = *scan_.of(pair.right), &left = *scan_.of(pair.left);
        if (!halfBody_ && right.fat == left.fat && right.lean == left.lean &&
            right.boneMineral == left.boneMineral && right.mass().value() > 0.0)
            return find(Fault::Mirrored, Severity::Repeat, pair.right,
                        {FUSAIN_TEXT("{1} and {2} are the same in every digit: one was copied from the other."),
                         {std::string(regionName(pair.right)), std::string(regionName(pair.left))}},
                        {FUSAIN_TEXT("Mark the scan as a half body, with the side that was complete."), {}});
        const double difference =
            2.0 * (right.lean - left.lean).value() / std::max(1e-9, (right.lean + left.lean).value());
        if (std::abs(difference) <= limits_.sidesLook + tolerance)
            return;
        const Region smaller = difference < 0.0 ? pair.right : pair.left;
        const bool cut = std::abs(difference) > limits_.sidesCut + tolerance;
        find(cut ? Fault::OutOfField : Fault::Sides, cut ? Severity::Repeat : Severity::Look, smaller,
             {cut ? FUSAIN_TEXT("The {1} has {2} % less lean than the other side: is it cut off?")
                  : FUSAIN_TEXT("The {1} has {2} % less lean than the other side."),
              {std::string(regionName(smaller)), fixed(100.0 * std::abs(difference), 0)}},
             {cut ? FUSAIN_TEXT("Scan again inside the field, or as a half body.")
                  : FUSAIN_TEXT("Review the region lines of this limb; an old injury may explain it."),
              {}});
    }

    void bone() {
        const RegionReading whole = *sumOf(scan_, parts, Region::Total);
        const double share = whole.boneMineral / whole.fatFree();
        if (share < 0.02 || share > 0.10)
            find(Fault::Bone, Severity::Repeat, Region::Total,
                 {FUSAIN_TEXT("Bone mineral is {1} % of the fat-free mass; 3 to 7 % is usual."),
                  {fixed(100.0 * share, 1)}},
                 {FUSAIN_TEXT("Is it in kilograms? Is there metal, or contrast in the gut?"), {}});
    }

    const Scan& scan_;
    std::optional<Kilograms> scaleMass_;
    const ScanLimits& limits_;
    bool halfBody_;
    std::vector<ScanFinding> findings_;
};

} // namespace

std::string_view faultName(Fault fault) {
    constexpr std::array<std::string_view, 10> names{"number", "unit",  "tissue-sum",   "region-sum", "overlap",
                                                     "scale",  "sides", "out-of-field", "mirrored",   "bone"};
    return names[static_cast<std::size_t>(fault)];
}

std::vector<ScanFinding> judgeScan(const Scan& scan, std::optional<Kilograms> scaleMass,
                                   const ScanLimits& limits, bool halfBody) {
    return Judgement(scan, scaleMass, limits, halfBody).run();
}

bool mustRepeat(const std::vector<ScanFinding>& findings) {
    return std::ranges::find(findings, Severity::Repeat, &ScanFinding::severity) != findings.end();
}

} // namespace fusain::dxa
