#include "record/reference_json.hpp"

#include "record/people.hpp"

namespace fusain {
namespace {

using namespace reference;

ReferenceRow rowFrom(const Json& json) {
    ReferenceRow row;
    row.sex = sexFromText(json.at("sex").get<std::string>());
    row.ageFrom = json.at("age_from_y").get<double>();
    row.ageTo = json.at("age_to_y").get<double>();
    row.low = json.at("low").get<double>();
    row.high = json.at("high").get<double>();
    for (const Json& band : json.value("bands", Json::array()))
        row.bands.push_back({band.at("label").get<std::string>(), optionalAt<double>(band, "from"),
                             optionalAt<double>(band, "to")});
    if (row.ageFrom > row.ageTo || row.low >= row.high)
        throw Json::other_error::create(501, "ages and limits must rise", &json);
    return row;
}

} // namespace

Expected<ReferenceSet> referenceFromJson(const Json& json, const std::string& where) {
    return readDocument(where, [&] {
        ReferenceSet set;
        set.id = json.at("id").get<std::string>();
        set.quantity = json.at("quantity").get<std::string>();
        set.unit = json.at("unit").get<std::string>();
        set.title = json.at("title").get<std::string>();
        set.population = json.at("population").get<std::string>();
        set.citation = json.at("citation").get<std::string>();
        set.date = json.at("date").get<std::string>();
        set.grade = json.at("grade").get<std::string>();
        set.bandMeaning = json.at("band_meaning").get<std::string>();
        for (const Json& row : json.at("rows"))
            set.rows.push_back(rowFrom(row));
        return set;
    });
}

Json toJson(const ReferenceSet& set) {
    Json rows = Json::array();
    for (const ReferenceRow& row : set.rows)
        rows.push_back({{"sex", sexText(row.sex)},
                        {"age_from_y", row.ageFrom},
                        {"age_to_y", row.ageTo},
                        {"low", row.low},
                        {"high", row.high}});
    return {{"id", set.id},       {"quantity", set.quantity},     {"unit", set.unit},
            {"title", set.title}, {"population", set.population}, {"citation", set.citation},
            {"date", set.date},   {"grade", set.grade},           {"band_meaning", set.bandMeaning},
            {"rows", rows}};
}

} // namespace fusain
