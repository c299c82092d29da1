#pragma once
#include "record/base/json_fwd.hpp"

namespace fusain {

/// What a note is about; the words come from noteMessage, so that a record holds none.
enum class NoteKind {
    Remark,           ///< in somebody's own words
    StepPassed,       ///< a step was confirmed with a reason instead of a reading
    StartedOver,      ///< a further set of volume trials
    Imported,         ///< readings from a file of another program
    SignalOverridden, ///< a reading that should be repeated is used
    DoseOverridden,   ///< more X-rays in a year than the lab allows
    CheckOverridden,  ///< started although a check of an instrument is due
    TankToday,        ///< the client was in the water earlier that day
    IdentityKept,     ///< somebody doubted whose the reading is, and kept it
    ListAsked,        ///< a group was asked together; the text is the place
    TurnPassed,       ///< set aside in a team's queue
    ScanDiscarded,    ///< a scan that was not used
    ScanReassigned,   ///< a scan that was labelled for somebody else; the step is the label
    HandedOver,       ///< measured and written up, for the physiologist to sign; the text is who handed it over
    WaterOverridden   ///< in the tank although its water was not read, or nobody should be in it
};

struct Note {
    NoteKind kind = NoteKind::Remark;
    std::string
        step; ///< id of the step of StepPassed, label of the file of ScanReassigned, what was HandedOver
    std::string text; ///< the reason or remark as it was typed, or the name of the file
};

/// The note in words, with the text in its place.
[[nodiscard]] Message noteMessage(const Note& note);

[[nodiscard]] Json toJson(const Note& note);
/// Reads what toJson wrote; throws Json::exception for readDocument, also for an unknown kind.
[[nodiscard]] Note noteFromJson(const Json& json);

} // namespace fusain
