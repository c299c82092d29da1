#pragma once
#include "procedure/method/common_events.hpp"
#include "record/girth/record.hpp"

namespace fusain::tape {

using TapeChecked = CheckMade<"tape.checked", &GirthTest::tapeChecks, tapeCheckFromJson>;
using MassRead = MassTaken<"mass.read", &GirthTest::mass>;
using GirthSetAside = SetAside<"girth.set-aside", &GirthTest::girths>;
using GirthRestored = Restored<"girth.restored", &GirthTest::girths>;

/// One laying of the tape.
struct GirthTaken {
    static constexpr std::string_view kind = "girth.taken";
    GirthReading reading;

    static GirthTaken read(const Event& event, const GirthTest& test);
    [[nodiscard]] Json data() const { return toJson(reading); }
    void applyTo(GirthTest& test) const;
};

using AnyEvent = EventsOf<TapeChecked, MassRead, GirthTaken, GirthSetAside, GirthRestored>;

} // namespace fusain::tape
