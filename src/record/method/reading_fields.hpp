#pragma once
#include "record/base/fields.hpp"
#include "record/method/recorded.hpp"
#include "record/method/repeated.hpp"
#include "record/method/signal_verdict.hpp"

namespace fusain {

// For the sources of the records only: the tables of what every reading carries.

[[nodiscard]] const Fields<Attribution>& attributionFields();
[[nodiscard]] const Fields<NumberedReading>& numberedFields();
/// Keys beside those of the reading; none of them where no signal was analysed.
[[nodiscard]] const Fields<SignalVerdict>& verdictFields();
/// One number with whose it is. @param unit of the number  @param limits within which it makes sense
[[nodiscard]] Fields<Reading> readingFields(std::string_view unit, Limits limits);
/// A mass on a scale.
[[nodiscard]] const Fields<Reading>& massFields();
/// What lungs can hold, L; wider than anybody who is tested.
inline constexpr Limits lungLimits = between(0.0, 15.0);
/// What a check throws when two readings of a list have one number; empty when none have.
template <class List>
[[nodiscard]] std::string repeatedNumber(const List& list, std::string_view key) {
    std::vector<int> seen;
    for (const auto& each : list) {
        if (std::ranges::find(seen, each.number) != seen.end())
            return std::string(key) + " has number " + std::to_string(each.number) + " twice";
        seen.push_back(each.number);
    }
    return {};
}

/// A recording written out, or the name of the block in which a lab book keeps it.
template <class Sample>
struct FieldValue<Recorded<Sample>> {
    static constexpr std::string_view holds = "recording";
    static Recorded<Sample> read(const Json& json, const FieldNote&) {
        Recorded<Sample> recorded;
        recorded.block = blockOf(json);
        if (!recorded.block.empty())
            return recorded;
        constexpr std::size_t width = RecordedAs<Sample>::columns.size();
        const std::vector<double> rows = rowsOf(json, RecordedAs<Sample>::columns);
        for (std::size_t at = 0; at < rows.size(); at += width)
            recorded.samples.push_back(
                RecordedAs<Sample>::sample(std::span(rows).subspan(at).template first<width>()));
        return recorded;
    }
    static Json write(const Recorded<Sample>& recorded) {
        if (recorded.samples.empty())
            return blockJson(recorded.block);
        std::vector<double> rows;
        for (const Sample& sample : recorded.samples)
            for (const double number : RecordedAs<Sample>::numbers(sample))
                rows.push_back(number);
        return recordingJson(RecordedAs<Sample>::columns, rows);
    }
};
/// Puts a recording among the fields; its key is written when there is one.
template <class Owner, class Sample>
void addRecording(Fields<Owner>& fields, std::string_view key, Recorded<Sample> Owner::*member,
                  std::string_view meaning) {
    FieldNote note{std::string(key), "recording", {}, {}, Presence::Sparse, std::string(meaning), {}, {}};
    fields.custom(
        note,
        [member, note](const Json& json, Owner& owner) {
            owner.*member = FieldValue<Recorded<Sample>>::read(json, note);
        },
        [member](const Owner& owner) -> std::optional<Json> {
            if ((owner.*member).empty())
                return std::nullopt;
            return FieldValue<Recorded<Sample>>::write(owner.*member);
        });
}

} // namespace fusain
