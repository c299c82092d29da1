#include "record/lab/reference_json.hpp"

#include "core/units/format.hpp"
#include "record/base/json.hpp"
#include "record/base/people.hpp"

#include <algorithm>

namespace fusain {
namespace {

using namespace reference;

constexpr auto referenceFormat = "fusain-reference";

Distribution distributionFrom(const Json& json) {
    const auto kind = json.at("kind").get<std::string>();
    if (kind == "mean-sd")
        return MeanAndDeviation{json.at("mean").get<double>(), json.at("sd").get<double>()};
    if (kind == "lms")
        return LambdaMuSigma{json.at("l").get<double>(), json.at("m").get<double>(),
                             json.at("s").get<double>()};
    if (kind != "percentiles")
        throw Json::other_error::create(501, "unknown kind of spread \"" + kind + "\"", &json);
    PercentileTable table;
    for (const Json& point : json.at("points"))
        table.points.push_back({point.at(0).get<double>(), point.at(1).get<double>()});
    return table;
}

Json jsonOf(const Distribution& distribution) {
    if (const auto* normal = std::get_if<MeanAndDeviation>(&distribution))
        return {{"kind", "mean-sd"}, {"mean", normal->mean}, {"sd", normal->standardDeviation}};
    if (const auto* skewed = std::get_if<LambdaMuSigma>(&distribution))
        return {{"kind", "lms"}, {"l", skewed->lambda}, {"m", skewed->mu}, {"s", skewed->sigma}};
    const auto* table = std::get_if<PercentileTable>(&distribution);
    if (!table)
        return nullptr;
    Json points = Json::array();
    for (const auto& point : table->points)
        points.push_back({point.percent, point.value});
    return {{"kind", "percentiles"}, {"points", points}};
}

ReferenceRow rowFrom(const Json& json) {
    ReferenceRow row;
    row.sex = sexFromText(json.at("sex").get<std::string>());
    row.ageFrom = json.at("age_from_y").get<double>();
    row.ageTo = json.at("age_to_y").get<double>();
    row.low = json.at("low").get<double>();
    if (const auto high = optionalAt<double>(json, "high"))
        row.high = *high;
    for (const Json& band : json.value("bands", Json::array()))
        row.bands.push_back({band.at("label").get<std::string>(), optionalAt<double>(band, "from"),
                             optionalAt<double>(band, "to")});
    if (const auto spread = json.find("distribution"); spread != json.end() && !spread->is_null())
        row.distribution = distributionFrom(*spread);
    row.people = json.value("people", 0);
    return row;
}

Json jsonOf(const ReferenceRow& row) {
    Json json{
        {"sex", sexText(row.sex)}, {"age_from_y", row.ageFrom}, {"age_to_y", row.ageTo}, {"low", row.low}};
    if (!row.openAbove())
        json["high"] = row.high;
    for (const Band& band : row.bands) {
        Json each{{"label", band.label}};
        if (band.from)
            each["from"] = *band.from;
        if (band.to)
            each["to"] = *band.to;
        json["bands"].push_back(std::move(each));
    }
    if (Json spread = jsonOf(row.distribution); !spread.is_null())
        json["distribution"] = std::move(spread);
    if (row.people > 0)
        json["people"] = row.people;
    return json;
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
    if (!(row.ageFrom >= 0.0 && row.ageFrom <= row.ageTo && row.ageTo <= 130.0))
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
                                  fixed(row.ageFrom, 0) + "-" + fixed(row.ageTo, 0);
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
    auto set = readDocument(where, [&] {
        if (json.at("format").get<std::string>() != referenceFormat || json.at("version").get<int>() != 1)
            throw Json::other_error::create(501, "not a reference set of version 1", &json);
        ReferenceSet read;
        read.id = json.at("id").get<std::string>();
        read.quantity = json.at("quantity").get<std::string>();
        read.unit = json.at("unit").get<std::string>();
        read.title = json.at("title").get<std::string>();
        read.population = json.at("population").get<std::string>();
        read.citation = json.at("citation").get<std::string>();
        read.date = json.at("date").get<std::string>();
        read.grade = json.at("grade").get<std::string>();
        read.bandMeaning = json.at("band_meaning").get<std::string>();
        read.method = json.value("method", "");
        for (const Json& row : json.at("rows"))
            read.rows.push_back(rowFrom(row));
        return read;
    });
    if (!set)
        return set;
    if (auto problem = problemWith(*set)) {
        problem->where = where + (problem->where.empty() ? "" : ": " + problem->where);
        return tl::unexpected(*problem);
    }
    return set;
}

Json toJson(const ReferenceSet& set) {
    Json rows = Json::array();
    for (const ReferenceRow& row : set.rows)
        rows.push_back(jsonOf(row));
    Json json{{"format", referenceFormat},
              {"version", 1},
              {"id", set.id},
              {"quantity", set.quantity},
              {"unit", set.unit},
              {"title", set.title},
              {"population", set.population},
              {"citation", set.citation},
              {"date", set.date},
              {"grade", set.grade},
              {"band_meaning", set.bandMeaning},
              {"rows", rows}};
    if (!set.method.empty())
        json["method"] = set.method;
    return json;
}

} // namespace fusain
