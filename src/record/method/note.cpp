#include "record/method/note.hpp"

#include "record/method/record_fields.hpp"

#include <algorithm>
#include <array>

namespace fusain {
namespace {

struct Kind {
    std::string_view code;
    std::string_view words; ///< {1} is the text, {2} the step; marked for translation
};

// In the order of NoteKind.
constexpr std::array<Kind, 15> kinds{{
    {"remark", "{1}"},
    {"step-passed", FUSAIN_TEXT("Step \"{2}\": {1}")},
    {"started-over", FUSAIN_TEXT("Calibrated again, second set of trials: {1}")},
    {"imported", FUSAIN_TEXT("Imported from {1}. Screening and readiness were not asked here.")},
    {"signal-overridden", FUSAIN_TEXT("A reading that should be repeated was used: {1}")},
    {"dose-overridden", FUSAIN_TEXT("Above the lab's yearly dose: {1}")},
    {"check-overridden", FUSAIN_TEXT("Started although an instrument check was due: {1}")},
    {"tank-today", FUSAIN_TEXT("In the tank earlier today: hair and skin may be wet or warm.")},
    {"identity-kept", FUSAIN_TEXT("Identity was questioned and confirmed: {1}")},
    {"list-asked", FUSAIN_TEXT("The group was asked together at {1}.")},
    {"turn-passed", FUSAIN_TEXT("Called again later: {1}")},
    {"scan-discarded", FUSAIN_TEXT("A scan was not used: {1}")},
    {"scan-reassigned", FUSAIN_TEXT("The scan was labelled \"{2}\" and was taken for this client: {1}")},
    {"handed-over", FUSAIN_TEXT("Handed over for signing by {1}.")},
    {"water-overridden", FUSAIN_TEXT("In the tank although its water was not cleared: {1}")},
}};

} // namespace

Message noteMessage(const Note& note) {
    const Kind& kind = kinds[static_cast<std::size_t>(note.kind)];
    return {std::string(kind.words), {note.text, note.step}};
}

const Fields<Note>& noteFields() {
    static const auto fields = [] {
        auto made = Fields<Note>("note");
        std::string known;
        for (const Kind& kind : kinds)
            known += (known.empty() ? "" : ", ") + std::string(kind.code);
        const FieldNote kindNote{"kind", "word", {}, {}, Presence::Optional, "what it is about", known, {}};
        made.custom(
            kindNote,
            [kindNote](const Json& json, Note& note) {
                const auto code = json.get<std::string>();
                const auto found = std::ranges::find(kinds, code, &Kind::code);
                if (found == kinds.end())
                    refuse(json, kindNote, "is \"" + code + "\"");
                note.kind = static_cast<NoteKind>(found - kinds.begin());
            },
            [](const Note& note) { return Json(kinds[static_cast<std::size_t>(note.kind)].code); });
        made.required("text", &Note::text, "the reason or remark as it was typed, or the name of the file")
            .sparse("step", &Note::step, "id of the step, label of the file, or what was handed over");
        return made;
    }();
    return fields;
}

Json toJson(const Note& note) {
    return noteFields().write(note);
}
Note noteFromJson(const Json& json) {
    return noteFields().read(json);
}

} // namespace fusain
