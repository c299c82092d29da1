#include "desktop/services/lab_references.hpp"

#include "core/reference/own_people.hpp"
#include "core/units/format.hpp"
#include "record/base/json.hpp"
#include "record/lab/reference_json.hpp"

#include <algorithm>

namespace fusain::desktop {
namespace {

const std::string keyPrefix = "reference-set.", ownPrefix = "lab.";

} // namespace

std::span<const ReferenceQuantity> referenceQuantities() {
    static constexpr ReferenceQuantity quantities[] = {
        {"fat-percent", FUSAIN_TEXT("fat percentage"), "%", "fat_percent"},
        {"fat-mass-index", FUSAIN_TEXT("fat mass index"), "kg/m²", "fat_mass_index"},
        {"fat-free-mass-index", FUSAIN_TEXT("fat-free mass index"), "kg/m²", "fat_free_mass_index"},
        {"phase-angle", FUSAIN_TEXT("phase angle"), "°", "phase_angle"},
        {"limb-lean-index", FUSAIN_TEXT("appendicular lean mass index"), "kg/m²", ""},
        {"limb-lean-by-bmi", FUSAIN_TEXT("lean mass of the limbs by body mass index"), "m²", ""},
        {"body-mass-index", FUSAIN_TEXT("body mass index"), "kg/m²", ""},
    };
    return quantities;
}

LabReferences::LabReferences(store::LabBook& book, LabCatalogue& catalogue)
    : book_(book), catalogue_(catalogue) {
    for (const auto& [key, value] : book.settingsUnder(keyPrefix))
        if (const auto json = parseJson(value, key))
            if (auto set = referenceFromJson(*json, key))
                catalogue.keep(std::move(*set));
}

const reference::ReferenceSet* LabReferences::chosenFor(const std::string& quantity,
                                                        const std::string& otherwise) const {
    if (const auto* chosen = catalogue_.reference(book_.setting("reference." + quantity)))
        return chosen;
    const auto* usual = catalogue_.reference(otherwise);
    return usual ? usual : catalogue_.referenceFor(quantity);
}

const reference::ReferenceSet* LabReferences::chosenForMethod(const std::string& quantity,
                                                              std::string_view method) const {
    const auto fits = [&](const reference::ReferenceSet& set) {
        return set.method.empty() || set.method == method;
    };
    const auto* chosen = chosenFor(quantity);
    if (!chosen || fits(*chosen))
        return chosen;
    for (const auto& set : catalogue_.references)
        if (set.quantity == quantity && set.citation == chosen->citation && fits(set))
            return &set;
    return nullptr;
}

Expected<void> LabReferences::choose(const reference::ReferenceSet& set, const std::string& by) {
    if (!set.mayBeChosen())
        return failure({FUSAIN_TEXT("This set is not yet verified."), {}}, set.title,
                       {FUSAIN_TEXT("Confirm it, and keep a copy as the lab's own."), {}});
    return book_.setSetting("reference." + set.quantity, set.id, by);
}

Expected<void> LabReferences::keep(const reference::ReferenceSet& set, const std::string& by) {
    if (const auto problem = problemWith(set))
        return tl::unexpected(*problem);
    if (!isOwn(set))
        return failure({FUSAIN_TEXT("A shipped set stays as it is; edit a copy of it."), {}}, set.title);
    if (auto done = book_.setSetting(keyPrefix + set.id, toJson(set).dump(), by); !done)
        return done;
    catalogue_.keep(set);
    return {};
}

bool LabReferences::isOwn(const reference::ReferenceSet& set) {
    return set.id.starts_with(ownPrefix);
}

std::string LabReferences::freshId(const std::string& quantity) const {
    for (int number = 1;; ++number)
        if (const std::string id = ownPrefix + quantity + "." + std::to_string(number);
            !catalogue_.reference(id))
            return id;
}

Expected<reference::ReferenceSet>
LabReferences::ofOwnPeople(std::string_view method, const ReferenceQuantity& quantity, Instant now) const {
    std::vector<reference::OwnValue> values;
    for (const auto& person : book_.latestValues(method, std::string(quantity.field)))
        values.push_back({person.sex, person.age, person.value});
    reference::ReferenceSet set;
    set.rows = reference::rowsFromOwnPeople(values);
    if (set.rows.empty())
        return failure(
            {FUSAIN_TEXT("No sex and age band of this lab has the {1} people that a reference needs; "
                         "there are {2} people with this value in all."),
             {std::to_string(reference::ownPeopleNeeded), std::to_string(values.size())}},
            {}, {FUSAIN_TEXT("Choose another method or quantity, or wait until more have come."), {}});
    set.id = ownPrefix + std::string(quantity.id) + ".own-people." + std::string(method);
    set.quantity = quantity.id;
    set.unit = quantity.unit;
    set.title = "This lab's own clients, " + std::string(methodTitle(method));
    set.population = "people who were tested in this lab; not the general population";
    set.date = isoText(now).substr(0, 10);
    set.citation = "this lab's own signed results, the last of each person, up to " + set.date;
    set.grade = "lab";
    set.bandMeaning = "the middle 80 % of this lab's own clients of that sex and age";
    return set;
}

} // namespace fusain::desktop
