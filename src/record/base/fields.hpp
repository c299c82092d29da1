#pragma once
#include "core/units/quantity.hpp"
#include "record/base/field_note.hpp"
#include "record/base/named.hpp"

#include <concepts>
#include <functional>
#include <map>
#include <optional>
#include <vector>

namespace fusain {

// For the sources of the documents only: this header names the library.

/// How one kind of value is read and written. Reading throws Json::exception for anything else than what it
/// writes.
template <class Value>
struct FieldValue;

template <>
struct FieldValue<std::string> {
    static constexpr std::string_view holds = "text";
    static std::string read(const Json& json, const FieldNote&) { return json.get<std::string>(); }
    static Json write(const std::string& value) { return value; }
};
template <>
struct FieldValue<bool> {
    static constexpr std::string_view holds = "true or false";
    static bool read(const Json& json, const FieldNote&) { return json.get<bool>(); }
    static Json write(bool value) { return value; }
};
template <>
struct FieldValue<int> {
    static constexpr std::string_view holds = "whole number";
    static int read(const Json& json, const FieldNote& note) { return wholeNumberIn(json, note); }
    static Json write(int value) { return value; }
};
template <>
struct FieldValue<double> {
    static constexpr std::string_view holds = "number";
    static double read(const Json& json, const FieldNote& note) { return numberIn(json, note); }
    static Json write(double value) { return value; }
};
template <class Unit>
struct FieldValue<Quantity<Unit>> {
    static constexpr std::string_view holds = "number";
    static constexpr std::string_view unit = Unit::symbol;
    static Quantity<Unit> read(const Json& json, const FieldNote& note) {
        return Quantity<Unit>(numberIn(json, note));
    }
    static Json write(Quantity<Unit> value) { return value.value(); }
};
template <>
struct FieldValue<Instant> {
    static constexpr std::string_view holds = "moment";
    static Instant read(const Json& json, const FieldNote& note) { return momentIn(json, note); }
    static Json write(Instant value) { return isoText(value); }
};
template <>
struct FieldValue<Date> {
    static constexpr std::string_view holds = "date";
    static Date read(const Json& json, const FieldNote& note) { return dateIn(json, note); }
    static Json write(Date value) { return isoText(value); }
};
/// Words by words, such as what each column of a table means.
template <>
struct FieldValue<std::map<std::string, std::string>> {
    static constexpr std::string_view holds = "texts by name";
    static std::map<std::string, std::string> read(const Json& json, const FieldNote&) {
        return json.get<std::map<std::string, std::string>>();
    }
    static Json write(const std::map<std::string, std::string>& texts) { return texts; }
};
template <class Value>
struct FieldValue<std::vector<Value>> {
    static constexpr std::string_view holds = "list";
    static std::vector<FieldNote> inner() {
        if constexpr (requires { FieldValue<Value>::inner(); })
            return FieldValue<Value>::inner();
        return {};
    }
    static std::vector<Value> read(const Json& json, const FieldNote& note) {
        std::vector<Value> list;
        for (const Json& each : listIn(json, note))
            list.push_back(FieldValue<Value>::read(each, note));
        return list;
    }
    static Json write(const std::vector<Value>& values) {
        Json list = Json::array();
        for (const Value& each : values)
            list.push_back(FieldValue<Value>::write(each));
        return list;
    }
};

/// One kind of document, or a part of one: its keys with what they hold, stated once. From this table come the
/// reader, the writer, the checks and the tables of docs/formats. An unknown key, a missing one, another type,
/// an unknown word and a number outside its limits are refused with the place and what is allowed.
///
/// `required` keys have to be there; `optional` ones are always written and may be missing, when they keep the
/// value of a new Owner; `sparse` ones are written only where they differ from it.
template <class Owner>
class Fields {
public:
    /// @param thing what it is, for docs/formats, such as "weighing trial"
    explicit Fields(std::string_view thing) : thing_(thing) {}

    template <class Value, class Base>
    Fields& required(std::string_view key, Value Base::*member, std::string_view meaning, Limits limits = {}) {
        return add<Value>(key, member, meaning, limits, Presence::Required);
    }
    template <class Value, class Base>
    Fields& optional(std::string_view key, Value Base::*member, std::string_view meaning, Limits limits = {}) {
        return add<Value>(key, member, meaning, limits, Presence::Optional);
    }
    template <class Value, class Base>
    Fields& sparse(std::string_view key, Value Base::*member, std::string_view meaning, Limits limits = {}) {
        return add<Value>(key, member, meaning, limits, Presence::Sparse);
    }
    /// A value that may be nothing: then its key is not written; null reads as nothing.
    template <class Value, class Base>
    Fields& sparse(std::string_view key, std::optional<Value> Base::*member, std::string_view meaning,
                   Limits limits = {}) {
        FieldNote note = noteOf<Value>(key, meaning, limits, Presence::Sparse);
        return put(
            note,
            [member, note](const Json& json, Owner& owner) {
                if (!json.is_null())
                    owner.*member = FieldValue<Value>::read(json, note);
            },
            [member](const Owner& owner) {
                const auto& value = owner.*member;
                return value ? std::optional<Json>(FieldValue<Value>::write(*value)) : std::nullopt;
            });
    }

    /// One of a few words.
    template <class Value, class Base, std::size_t count>
    Fields& word(std::string_view key, Value Base::*member, const Named<Value> (&words)[count],
                 std::string_view meaning, Presence presence = Presence::Required) {
        std::string known;
        for (const auto& each : words)
            known += (known.empty() ? "" : ", ") + std::string(each.word);
        FieldNote note{std::string(key), "word", {}, {}, presence, std::string(meaning), known, {}};
        return put(
            note,
            [member, &words, note](const Json& json, Owner& owner) {
                const auto text = json.get<std::string>();
                for (const auto& each : words)
                    if (each.word == text) {
                        owner.*member = each.value;
                        return;
                    }
                refuse(json, note, "is \"" + text + "\"");
            },
            [member, &words, presence, usual = Owner{}.*member](const Owner& owner) -> std::optional<Json> {
                if (presence == Presence::Sparse && owner.*member == usual)
                    return std::nullopt;
                return Json(wordFor(owner.*member, words));
            });
    }

    /// A part with a table of its own.
    template <class Part, class Base>
    Fields& part(std::string_view key, Part Base::*member, const Fields<Part>& fields, std::string_view meaning,
                 Presence presence = Presence::Required) {
        return put(
            partNote(key, "", fields, meaning, presence),
            [member, &fields](const Json& json, Owner& owner) {
                owner.*member = fields.read(json, owner.*member); // what the part does not say stays
            },
            [member, &fields](const Owner& owner) { return fields.write(owner.*member); });
    }
    template <class Part, class Base>
    Fields& part(std::string_view key, std::optional<Part> Base::*member, const Fields<Part>& fields,
                 std::string_view meaning) {
        return put(
            partNote(key, "", fields, meaning, Presence::Sparse),
            [member, &fields](const Json& json, Owner& owner) { owner.*member = fields.read(json); },
            [member, &fields](const Owner& owner) {
                const auto& value = owner.*member;
                return value ? std::optional<Json>(fields.write(*value)) : std::nullopt;
            });
    }
    /// The keys of a member, beside the others.
    template <class Part, class Base>
    Fields& flat(Part Base::*member, const Fields<Part>& fields) {
        for (const auto& each : fields.entries_)
            put(
                each.note,
                [member, read = each.read](const Json& json, Owner& owner) { read(json, owner.*member); },
                [member, write = each.write](const Owner& owner) { return write(owner.*member); });
        for (const auto& each : fields.checks_)
            checks_.push_back(
                [member, each](const Json& json, const Owner& owner) { each(json, owner.*member); });
        return *this;
    }
    /// A list of parts.
    template <class List, class Base>
    Fields& list(std::string_view key, List Base::*member,
                 const Fields<std::remove_cvref_t<decltype(std::declval<List>().front())>>& fields,
                 std::string_view meaning, Presence presence = Presence::Optional) {
        FieldNote note = partNote(key, "list of ", fields, meaning, presence);
        return put(
            note,
            [member, &fields, note](const Json& json, Owner& owner) {
                (owner.*member).clear();
                for (const Json& each : listIn(json, note))
                    (owner.*member).push_back(fields.read(each));
            },
            [member, &fields, presence](const Owner& owner) -> std::optional<Json> {
                if (presence == Presence::Sparse && (owner.*member).empty())
                    return std::nullopt;
                Json list = Json::array();
                for (const auto& each : owner.*member)
                    list.push_back(fields.write(each));
                return list;
            });
    }
    /// A key that always has this text.
    Fields& constant(std::string_view key, std::string_view text, Presence presence = Presence::Required) {
        FieldNote note{std::string(key),  "word", {}, {}, presence, "what this document is",
                       std::string(text), {}};
        return put(
            note,
            [text = std::string(text), note](const Json& json, Owner&) {
                if (json != text)
                    refuse(json, note, "is " + json.dump());
            },
            [text = std::string(text)](const Owner&) { return Json(text); });
    }
    /// What kind of document it is, and the version of its format; a newer one is refused.
    /// @param presence Required: it is written; Sparse: a frozen document may go without
    Fields& format(std::string_view name, int version, Presence presence = Presence::Sparse) {
        const bool written = presence == Presence::Required;
        const FieldNote mark{"format",          "word", {}, {}, presence, "what this document is",
                             std::string(name), {}};
        put(
            mark,
            [name = std::string(name), mark](const Json& json, Owner&) {
                if (json != name)
                    refuse(json, mark, "is " + json.dump());
            },
            [name = std::string(name), written](const Owner&) {
                return written ? std::optional<Json>(name) : std::nullopt;
            });
        const FieldNote number{"version",
                               "whole number",
                               {},
                               between(1, version),
                               presence == Presence::Required ? Presence::Optional : presence,
                               "of the format",
                               {},
                               {}};
        return put(
            number, [number](const Json& json, Owner&) { checkVersion(json, number); },
            [version, written](const Owner&) { return written ? std::optional<Json>(version) : std::nullopt; });
    }
    /// What has a form of its own.
    /// @param read throws Json::exception  @param write gives nothing for a key that is not written
    Fields& custom(FieldNote note, std::function<void(const Json&, Owner&)> read,
                   std::function<std::optional<Json>(const Owner&)> write) {
        return put(std::move(note), std::move(read), std::move(write));
    }
    /// The keys that every Base has.
    template <class Base>
    requires std::derived_from<Owner, Base> Fields& with(const Fields<Base>& base) {
        for (const auto& each : base.entries_)
            put(
                each.note, [read = each.read](const Json& json, Owner& owner) { read(json, owner); },
                [write = each.write](const Owner& owner) { return write(owner); });
        for (const auto& each : base.checks_)
            checks_.push_back([each](const Json& json, const Owner& owner) { each(json, owner); });
        return *this;
    }
    /// What has to be true of the whole, read last. @param holds gives the reason where it is not, else an
    /// empty text
    Fields& check(std::function<std::string(const Owner&)> holds) {
        checks_.push_back([holds = std::move(holds)](const Json& json, const Owner& owner) {
            if (const std::string reason = holds(owner); !reason.empty())
                throw Json::other_error::create(501, reason, &json);
        });
        return *this;
    }

    /// @param start what the keys that are missing leave as it is
    [[nodiscard]] Owner read(const Json& json, Owner start = {}) const {
        checkKeys(json, keys_);
        for (const Entry& entry : entries_)
            if (const auto found = json.find(entry.note.key); found != json.end())
                entry.read(*found, start);
        for (const auto& check : checks_)
            check(json, start);
        return start;
    }
    [[nodiscard]] Json write(const Owner& owner) const {
        Json json = Json::object();
        for (const Entry& entry : entries_)
            if (auto value = entry.write(owner))
                json[entry.note.key] = std::move(*value);
        return json;
    }

    [[nodiscard]] const std::string& thing() const { return thing_; }
    [[nodiscard]] std::vector<FieldNote> notes() const {
        std::vector<FieldNote> all;
        for (const Entry& entry : entries_)
            all.push_back(entry.note);
        return all;
    }

private:
    template <class>
    friend class Fields;
    struct Entry {
        FieldNote note;
        std::function<void(const Json&, Owner&)> read;
        std::function<std::optional<Json>(const Owner&)> write;
    };

    Fields& put(FieldNote note, std::function<void(const Json&, Owner&)> read,
                std::function<std::optional<Json>(const Owner&)> write) {
        keys_.push_back({note.key, note.presence == Presence::Required});
        entries_.push_back({std::move(note), std::move(read), std::move(write)});
        return *this;
    }

    template <class Value>
    static FieldNote noteOf(std::string_view key, std::string_view meaning, Limits limits, Presence presence) {
        FieldNote note{std::string(key),
                       std::string(FieldValue<Value>::holds),
                       {},
                       limits,
                       presence,
                       std::string(meaning),
                       {},
                       {}};
        if constexpr (requires { FieldValue<Value>::unit; })
            note.unit = FieldValue<Value>::unit;
        if constexpr (requires { FieldValue<Value>::words(); })
            note.words = FieldValue<Value>::words();
        if constexpr (requires { FieldValue<Value>::inner(); })
            note.inner = FieldValue<Value>::inner();
        return note;
    }
    template <class Part>
    static FieldNote partNote(std::string_view key, std::string_view kind, const Fields<Part>& fields,
                              std::string_view meaning, Presence presence) {
        return {
            std::string(key), std::string(kind) + fields.thing(), {}, {}, presence, std::string(meaning), {},
            fields.notes()};
    }

    template <class Value, class Base>
    Fields& add(std::string_view key, Value Base::*member, std::string_view meaning, Limits limits,
                Presence presence) {
        FieldNote note = noteOf<Value>(key, meaning, limits, presence);
        return put(
            note,
            [member, note](const Json& json, Owner& owner) {
                owner.*member = FieldValue<Value>::read(json, note);
            },
            [member, presence, usual = Owner{}.*member](const Owner& owner) -> std::optional<Json> {
                if (presence == Presence::Sparse && owner.*member == usual)
                    return std::nullopt;
                return FieldValue<Value>::write(owner.*member);
            });
    }

    std::string thing_;
    std::vector<Entry> entries_;
    std::vector<KnownKey> keys_;
    std::vector<std::function<void(const Json&, const Owner&)>> checks_;
};

} // namespace fusain
