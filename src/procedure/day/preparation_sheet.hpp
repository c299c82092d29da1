#pragma once
#include "core/anthropometry/ages.hpp"
#include "core/units/units.hpp"
#include "record/base/calendar.hpp"
#include "record/lab/preparation.hpp"
#include "record/method/protocol.hpp"

#include <optional>
#include <span>

namespace fusain {

/// A method of an appointment, with the moment at which its test begins and the protocol that will be asked.
struct PlannedMethod {
    std::string method;
    Instant at;
    const Protocol* protocol = nullptr;
};

/// Whom a sheet is for, as far as it changes what it says.
struct SheetReader {
    Sex sex = Sex::Female;
    Years age;
    bool repeatTest = false; ///< has been tested before, so that the time of day matters
    [[nodiscard]] bool child() const { return age < anthropometry::adultAge; }
};

struct PreparationLine {
    std::string topic;
    std::string sentence;        ///< marked for translation; {1} is `from`
    std::optional<Instant> from; ///< the earliest that any method of the appointment asks for
    std::string why;             ///< marked for translation
};

/// What a client is told before an appointment, built from the rules that will be asked there.
struct PreparationSheet {
    std::vector<PlannedMethod> methods; ///< in order of time
    bool forChild = false;
    std::vector<PreparationLine> avoid, prepare, bring, tell;
};

/// One sheet for all methods of an appointment. Of several rules about one thing the strictest counts: each
/// limit is worked back from the moment at which its own method begins.
/// @param methods at least one, with their protocols
[[nodiscard]] PreparationSheet preparationSheet(std::span<const PlannedMethod> methods,
                                                const SheetReader& reader, const PreparationTexts& texts);

/// Whether a rule is asked of this person at all.
[[nodiscard]] bool concerns(const readiness::Rule& rule, const SheetReader& reader);

} // namespace fusain
