#include "record/lab/reference_json.hpp"

#include "core/units/format.hpp"
#include "record/all/record.hpp"
#include "record/base/fields.hpp"
#include "record/base/people.hpp"
#include "record/base/sex_words.hpp"

#include <algorithm>

namespace fusain {
namespace {

using namespace reference;

/// A spread as it is written: its kind says which keys it has.
struct WrittenSpread {
    enum class Kind { MeanAndDeviation, Lms, Percentiles };
    Kind kind = Kind::Percentiles;
    std::optional<double> mean, deviation, lambda, mu, sigma;
    std::vector<std::vector<double>> points;
};
constexpr Named<WrittenSpread::Kind> spreadKinds[] = {{"mean-sd", WrittenSpread::Kind::MeanAndDeviation},
                                                      {"lms", WrittenSpread::Kind::Lms},
                                                      {"percentiles", WrittenSpread::Kind::Percentiles}};

std::string spreadKeysProblem(const WrittenSpread& spread) {
    using Kind = WrittenSpread::Kind;
    const bool normal = spread.mean && spread.deviation, skewed = spread.lambda && spread.mu && spread.sigma;
    const bool none = !spread.mean && !spread.deviation && !spread.lambda && !spread.mu && !spread.sigma;
    for (const auto& point : spread.points)
        if (point.size() != 2)
            return "a point is a percentile and its value";
    switch (spread.kind) {
    case Kind::MeanAndDeviation:
        return normal && !spread.lambda && !spread.mu && !spread.sigma && spread.points.empty()
                   ? ""
                   : "mean-sd has mean and sd";
    case Kind::Lms:
        return skewed && !spread.mean && !spread.deviation && spread.points.empty() ? "" : "lms has l, m and s";
    case Kind::Percentiles:
        return none && !spread.points.empty() ? "" : "percentiles has points";
    }
    return {};
}

const Fields<WrittenSpread>& spreadFields() {
    using Spread = WrittenSpread;
    static const auto fields = Fields<Spread>("spread")
                                   .word("kind", &Spread::kind, spreadKinds, "which keys follow")
                                   .sparse("mean", &Spread::mean, "of the row")
                                   .sparse("sd", &Spread::deviation, "standard deviation", above(0.0))
                                   .sparse("l", &Spread::lambda, "lambda")
                                   .sparse("m", &Spread::mu, "mu", above(0.0))
                                   .sparse("s", &Spread::sigma, "sigma", above(0.0))
                                   .sparse("points", &Spread::points, "percentile and value, rising")
                                   .check(spreadKeysProblem);
    return fields;
}

const Fields<Band>& bandFields() {
    static const auto fields = Fields<Band>("band")
                                   .required("label", &Band::label, "as a person reads it")
                                   .sparse("from", &Band::from, "absent for an open end")
                                   .sparse("to", &Band::to, "absent for an open end");
    return fields;
}

} // namespace
} // namespace fusain

template <>
struct fusain::FieldValue<fusain::reference::Distribution> {
    static constexpr std::string_view holds = "spread";
    static std::vector<FieldNote> inner() { return spreadFields().notes(); }
    static reference::Distribution read(const Json& json, const FieldNote&) {
        if (json.is_null())
            return {};
        const WrittenSpread spread = spreadFields().read(json);
        switch (spread.kind) {
        case WrittenSpread::Kind::MeanAndDeviation:
            return MeanAndDeviation{*spread.mean, *spread.deviation};
        case WrittenSpread::Kind::Lms:
            return LambdaMuSigma{*spread.lambda, *spread.mu, *spread.sigma};
        case WrittenSpread::Kind::Percentiles:
            break;
        }
        PercentileTable table;
        for (const auto& point : spread.points)
            table.points.push_back({point[0], point[1]});
        return table;
    }
    static Json write(const reference::Distribution& distribution) {
        WrittenSpread spread;
        if (const auto* normal = std::get_if<MeanAndDeviation>(&distribution)) {
            spread.kind = WrittenSpread::Kind::MeanAndDeviation;
            spread.mean = normal->mean;
            spread.deviation = normal->standardDeviation;
        } else if (const auto* skewed = std::get_if<LambdaMuSigma>(&distribution)) {
            spread.kind = WrittenSpread::Kind::Lms;
            spread.lambda = skewed->lambda;
            spread.mu = skewed->mu;
            spread.sigma = skewed->sigma;
        } else if (const auto* table = std::get_if<PercentileTable>(&distribution)) {
            for (const auto& point : table->points)
                spread.points.push_back({point.percent, point.value});
        }
        return spreadFields().write(spread);
    }
};

namespace fusain {
namespace {

const Fields<ReferenceRow>& rowFields() {
    using Row = ReferenceRow;
    static const auto fields = [] {
        auto made = Fields<Row>("row");
        made.word("sex", &Row::sex, sexWords, "of the people")
            .required("age_from_y", &Row::ageFrom, "completed, inclusive", between(0.0, 130.0))
            .required("age_to_y", &Row::ageTo, "completed, inclusive", between(0.0, 130.0))
            .required("low", &Row::low, "lower end of the band");
        const FieldNote high{
            "high", "number", {}, {}, Presence::Sparse, "upper end of the band; absent where it is open",
            {},     {}};
        made.custom(
            high,
            [high](const Json& json, Row& row) {
                if (!json.is_null())
                    row.high = numberIn(json, high);
            },
            [](const Row& row) { return row.openAbove() ? std::nullopt : std::optional<Json>(row.high); });
        made.list("bands", &Row::bands, bandFields(), "with the names of the source", Presence::Sparse);
        const FieldNote spread{
            "distribution",        "spread", {}, {}, Presence::Sparse, "where the source gives one", {},
            spreadFields().notes()};
        made.custom(
            spread,
            [spread](const Json& json, Row& row) {
                row.distribution = FieldValue<Distribution>::read(json, spread);
            },
            [](const Row& row) {
                return std::holds_alternative<std::monostate>(row.distribution)
                           ? std::nullopt
                           : std::optional<Json>(FieldValue<Distribution>::write(row.distribution));
            });
        made.sparse("people", &Row::people, "that the row rests on", atLeast(0));
        return made;
    }();
    return fields;
}

const Fields<ReferenceSet>& setFields() {
    using Set = ReferenceSet;
    static const auto fields = [] {
        auto made = Fields<Set>("reference set");
        made.format("fusain-reference", 1, Presence::Required);
        made.required("id", &Set::id, "stable")
            .required("quantity", &Set::quantity, "such as fat-percent")
            .required("unit", &Set::unit, "of its numbers")
            .required("title", &Set::title, "as a person reads it")
            .required("population", &Set::population, "who was measured, and how")
            .required("citation", &Set::citation, "where it is published")
            .required("date", &Set::date, "when it was entered")
            .required("grade", &Set::grade, "A, B or lab")
            .required("band_meaning", &Set::bandMeaning, "what low to high stands for")
            .sparse("method", &Set::method, "the only one that it is for")
            .list("rows", &Set::rows, rowFields(), "one each sex and span of age", Presence::Required)
            .check([](const Set& set) {
                const bool known =
                    set.method.empty() || std::ranges::find(methods, set.method) != methods.end();
                return known ? std::string() : "method \"" + set.method + "\" is not known";
            });
        return made;
    }();
    return fields;
}

Message spreadFault(const Distribution& distribution) {
    if (const auto* normal = std::get_if<MeanAndDeviation>(&distribution);
        normal && !(normal->standardDeviation > 0.0))
        return {FUSAIN_TEXT("A standard deviation is above 0."), {}};
    if (const auto* skewed = std::get_if<LambdaMuSigma>(&distribution);
        skewed && !(skewed->mu > 0.0 && skewed->sigma > 0.0))
        return {FUSAIN_TEXT("M and S are above 0."), {}};
    const auto* table = std::get_if<PercentileTable>(&distribution);
    if (!table)
        return {};
    if (table->points.size() < 2)
        return {FUSAIN_TEXT("A table of percentiles has at least two."), {}};
    for (std::size_t i = 0; i < table->points.size(); ++i) {
        const auto& point = table->points[i];
        if (!(point.percent > 0.0 && point.percent < 100.0))
            return {FUSAIN_TEXT("Percentiles are 0 to 100."), {}};
        if (i > 0 &&
            !(point.percent > table->points[i - 1].percent && point.value > table->points[i - 1].value))
            return {FUSAIN_TEXT("Percentiles and their values both rise from one to the next."), {}};
    }
    return {};
}

Message rowFault(const ReferenceRow& row) {
    if (!(row.ageFrom >= Years(0.0) && row.ageFrom <= row.ageTo && row.ageTo <= Years(130.0)))
        return {FUSAIN_TEXT("Ages rise, from 0 to 130 years."), {}};
    if (!(row.low < row.high))
        return {FUSAIN_TEXT("The lower end of the range is below the upper one."), {}};
    return spreadFault(row.distribution);
}

} // namespace

std::optional<Problem> problemWith(const ReferenceSet& set) {
    const auto fault = [&](Message what, const std::string& where = {}) {
        return Problem{std::move(what), where, {}, {FUSAIN_TEXT("Correct it and try again."), {}}};
    };
    if (set.id.empty() || set.quantity.empty() || set.title.empty() || set.population.empty() ||
        set.citation.empty() || set.bandMeaning.empty() || set.grade.empty())
        return fault(
            {FUSAIN_TEXT("A reference set names its quantity, title, population, source, grade and what "
                         "its band means."),
             {}},
            set.title);
    if (set.rows.empty())
        return fault({FUSAIN_TEXT("A reference set has at least one row."), {}}, set.title);
    for (std::size_t i = 0; i < set.rows.size(); ++i) {
        const ReferenceRow& row = set.rows[i];
        const std::string where = set.title + ", " + std::string(sexText(row.sex)) + " " +
                                  fixed(row.ageFrom.value(), 0) + "-" + fixed(row.ageTo.value(), 0);
        if (Message what = rowFault(row); !what.empty())
            return fault(std::move(what), where);
        const bool overlaps = std::any_of(set.rows.begin(), set.rows.begin() + static_cast<std::ptrdiff_t>(i),
                                          [&](const ReferenceRow& other) {
                                              return other.sex == row.sex && other.ageFrom <= row.ageTo &&
                                                     row.ageFrom <= other.ageTo;
                                          });
        if (overlaps)
            return fault({FUSAIN_TEXT("Two rows are for the same sex and age."), {}}, where);
    }
    return std::nullopt;
}

Expected<ReferenceSet> referenceFromJson(const Json& json, const std::string& where) {
    auto set = readDocument(where, [&] { return setFields().read(json); });
    if (!set)
        return set;
    if (auto problem = problemWith(*set)) {
        problem->where = where + (problem->where.empty() ? "" : ": " + problem->where);
        return tl::unexpected(*problem);
    }
    return set;
}

Json toJson(const ReferenceSet& set) {
    return setFields().write(set);
}

DocumentKind referenceSetKind() {
    return {"Reference set", setFields().notes()};
}

} // namespace fusain
