#pragma once
#include "record/base/event.hpp"
#include "record/base/json.hpp"
#include "record/method/note.hpp"
#include "record/method/repeated.hpp"

#include <variant>

// An event of a test is a struct: its kind, what it says, how that is written (`data`) and read (`read`), and
// what it does to the record (`applyTo`) stand together. `read` is given the record as it was before the event,
// for what books of schema 3 left to the order of the events; it throws Json::exception for readDocument. Each
// method has one variant of all that can happen in its tests.

namespace fusain {

/// For an event that no method knows: throws Json::exception for readDocument. What was read is not lost in
/// silence.
[[noreturn]] void throwUnknownKind(const Event& event);

/// The event of the kind that it names, read for a record; throws Json::exception for an unknown kind and for
/// data that do not fit.
template <class AnyEvent, class Record>
[[nodiscard]] AnyEvent readEvent(const Event& event, const Record& before) {
    std::optional<AnyEvent> found;
    [&]<class... Kinds>(std::type_identity<std::variant<Kinds...>>) {
        const auto readIf = [&]<class Kind>(std::type_identity<Kind>) {
            return event.kind == Kind::kind && (found.emplace(Kind::read(event, before)), true);
        };
        static_cast<void>((readIf(std::type_identity<Kinds>()) || ...));
    }(std::type_identity<AnyEvent>());
    if (!found)
        throwUnknownKind(event);
    return *std::move(found);
}

/// Reads an event and does to the record what it says. Nothing has changed when it throws.
template <class AnyEvent, class Record>
void applyAs(Record& record, const Event& event) {
    std::visit([&](const auto& typed) { typed.applyTo(record); }, readEvent<AnyEvent>(event, record));
}

/// The data of an event, with what events of schema 1 did not say filled in.
[[nodiscard]] Json withDefaults(const Event& event, Json defaults);

/// Throws Json::exception when an event says something else than these, or lacks one of the first.
void onlyKeys(const Event& event, std::initializer_list<const char*> required,
              std::initializer_list<const char*> optional = {});

/// The data without what stands beside the reading.
[[nodiscard]] Json without(Json data, std::initializer_list<const char*> keys);

/// Completes whose a reading is from the event that brought it; throws Json::exception when it says that it is
/// another test's.
void belongToTest(Attribution& reading, const RawTest& test, const Event& event);
template <std::derived_from<Attribution> Taken>
[[nodiscard]] Taken ofTest(Taken reading, const RawTest& test, const Event& event) {
    belongToTest(reading, test, event);
    return reading;
}

/// A text as the argument of a template.
template <std::size_t Size>
struct FixedText {
    char text[Size];
    constexpr FixedText(const char (&from)[Size]) { // NOLINT(google-explicit-constructor)
        std::ranges::copy(from, text);
    }
    constexpr operator std::string_view() const { // NOLINT(google-explicit-constructor)
        return {text, Size - 1};
    }
};

/// One reading, which takes its place in the record.
/// @tparam Place the member of the record  @tparam FromJson reads what toJson of the reading wrote
template <FixedText Kind, auto Place, auto FromJson>
struct ReadingTaken {
    static constexpr std::string_view kind = Kind;
    std::invoke_result_t<decltype(FromJson), const Json&> reading;

    static ReadingTaken read(const Event& event, const RawTest& test) {
        return {ofTest(FromJson(event.data), test, event)};
    }
    [[nodiscard]] Json data() const { return toJson(reading); }
    template <class Record>
    void applyTo(Record& test) const {
        test.*Place = reading;
    }
};

/// One more of the numbered checks of an instrument; the latest holds for the readings that follow it.
/// Schema 1 had one of each kind and did not number it.
template <FixedText Kind, auto List, auto FromJson>
struct CheckMade {
    static constexpr std::string_view kind = Kind;
    std::invoke_result_t<decltype(FromJson), const Json&> check;

    template <class Record>
    static CheckMade read(const Event& event, const Record& test) {
        return {ofTest(FromJson(withDefaults(event, {{"number", (test.*List).nextNumber()}})), test, event)};
    }
    [[nodiscard]] Json data() const { return toJson(check); }
    template <class Record>
    void applyTo(Record& test) const {
        (test.*List).push_back(check);
    }
};

/// A mass on a scale, and why it is this client's although it does not go with what is known of the client.
template <FixedText Kind, auto Place>
struct MassTaken {
    static constexpr std::string_view kind = Kind;
    Reading mass;
    std::string keptBecause; ///< empty when nobody doubted it

    static MassTaken read(const Event& event, const RawTest& test) {
        return {ofTest(massFromJson(without(event.data, {"kept_because"})), test, event),
                event.data->value("kept_because", "")};
    }
    [[nodiscard]] Json data() const {
        Json data = toJson(mass);
        if (!keptBecause.empty())
            data["kept_because"] = keptBecause;
        return data;
    }
    template <class Record>
    void applyTo(Record& test) const {
        test.*Place = mass;
        if (!keptBecause.empty())
            test.notes.push_back({NoteKind::IdentityKept, {}, keptBecause});
    }
};

/// One of the readings that are taken several times does not count any more; it stays, with the reason.
template <FixedText Kind, auto List>
struct SetAside {
    static constexpr std::string_view kind = Kind;
    int number = 0;
    std::string reason;

    static SetAside read(const Event& event, const RawTest&) {
        onlyKeys(event, {"number", "reason"});
        return {event.data->at("number").get<int>(), event.data->at("reason").get<std::string>()};
    }
    [[nodiscard]] Json data() const { return {{"number", number}, {"reason", reason}}; }
    template <class Record>
    void applyTo(Record& test) const {
        if (auto* reading = (test.*List).find(number))
            reading->setAsideReason = reason;
    }
};

/// It counts again.
template <FixedText Kind, auto List>
struct Restored {
    static constexpr std::string_view kind = Kind;
    int number = 0;

    static Restored read(const Event& event, const RawTest&) {
        onlyKeys(event, {"number"});
        return {event.data->at("number").get<int>()};
    }
    [[nodiscard]] Json data() const { return {{"number", number}}; }
    template <class Record>
    void applyTo(Record& test) const {
        if (auto* reading = (test.*List).find(number))
            reading->setAsideReason.clear();
    }
};

} // namespace fusain
