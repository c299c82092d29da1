#pragma once
#include "record/library/catalogue.hpp"
#include "store/book/lab_book.hpp"

#include <span>

namespace fusain::desktop {

/// A quantity that a reference set may be about.
struct ReferenceQuantity {
    std::string_view id;    ///< "fat-percent" …
    std::string_view title; ///< marked for translation
    std::string_view unit;
    std::string_view field; ///< of a stored result, from which the lab's own people are taken
};
[[nodiscard]] std::span<const ReferenceQuantity> referenceQuantities();

/// The reference sets of this lab: the shipped ones, its own kept in the lab book, and which it shows.
class LabReferences {
public:
    /// Puts the lab's own sets into the catalogue; one that cannot be read is left out.
    LabReferences(store::LabBook& book, LabCatalogue& catalogue);

    /// The set that the lab chose for a quantity, else the one with the id `otherwise`, else the first.
    [[nodiscard]] const reference::ReferenceSet* chosenFor(const std::string& quantity,
                                                           const std::string& otherwise = {}) const;
    /// The same for results of a method: a set that is for another one gives way to its sister of the same
    /// source.
    /// @return nothing where there is none
    [[nodiscard]] const reference::ReferenceSet* chosenForMethod(const std::string& quantity,
                                                                 std::string_view method) const;
    /// @return a Problem for a set that is still to be confirmed against its source
    Expected<void> choose(const reference::ReferenceSet& set, const std::string& by);
    /// Checks a set and keeps it as the lab's own, in place of one with the same id.
    Expected<void> keep(const reference::ReferenceSet& set, const std::string& by);
    [[nodiscard]] static bool isOwn(const reference::ReferenceSet& set);
    /// An id that no set has.
    [[nodiscard]] std::string freshId(const std::string& quantity) const;

    /// A set from the lab's own clients, the last signed result of each by one method.
    /// @return a Problem when no sex and age band has enough people
    [[nodiscard]] Expected<reference::ReferenceSet>
    ofOwnPeople(std::string_view method, const ReferenceQuantity& quantity, Instant now) const;

private:
    store::LabBook& book_;
    LabCatalogue& catalogue_;
};

} // namespace fusain::desktop
