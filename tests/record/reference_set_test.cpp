#include "record/base/json.hpp"
#include "record/lab/reference_json.hpp"

#include <gtest/gtest.h>

namespace fusain::reference_set_test {
namespace {

Json document() {
    return Json::parse(R"({"format": "fusain-reference", "version": 1, "id": "lab.fat-percent.1",
        "quantity": "fat-percent", "unit": "%", "title": "Crew", "population": "lifeboat crews",
        "citation": "own", "date": "2026", "grade": "lab", "band_meaning": "middle half", "rows": [
        {"sex": "female", "age_from_y": 18, "age_to_y": 39, "low": 20, "high": 30,
         "distribution": {"kind": "mean-sd", "mean": 25, "sd": 4}},
        {"sex": "female", "age_from_y": 40, "age_to_y": 60, "low": 22,
         "distribution": {"kind": "lms", "l": -1, "m": 26, "s": 0.2}},
        {"sex": "male", "age_from_y": 18, "age_to_y": 60, "low": 10, "high": 20, "people": 61,
         "bands": [{"label": "below", "to": 10}],
         "distribution": {"kind": "percentiles", "points": [[10, 9], [50, 15], [90, 24]]}}]})");
}

std::string faultOf(Json json) {
    const auto set = referenceFromJson(json, "crew.json");
    return set ? std::string() : set.error().english();
}

TEST(ReferenceSetFile, ComesBackAsItWasWritten) {
    const auto set = referenceFromJson(document(), "crew.json");
    ASSERT_TRUE(set) << set.error().english();
    EXPECT_TRUE(set->rows[1].openAbove());
    EXPECT_EQ(toJson(*set), toJson(referenceFromJson(toJson(*set), "again").value()));
    EXPECT_EQ(toJson(*set)["rows"][2]["people"], 61);
    EXPECT_TRUE(set->mayBeChosen());
}

TEST(ReferenceSetFile, SaysWhatDoesNotFitAndWhere) {
    auto json = document();
    json["rows"][1]["age_from_y"] = 39;
    EXPECT_NE(faultOf(json).find("same sex and age"), std::string::npos) << faultOf(json);
    EXPECT_NE(faultOf(json).find("crew.json"), std::string::npos);
    json = document();
    json["rows"][0]["low"] = 31;
    EXPECT_NE(faultOf(json).find("lower end"), std::string::npos) << faultOf(json);
    json = document();
    json["rows"][0]["distribution"]["sd"] = 0;
    EXPECT_NE(faultOf(json).find("more than 0"), std::string::npos) << faultOf(json);
    json = document();
    json["rows"][2]["distribution"]["points"][1] = {50, 8};
    EXPECT_NE(faultOf(json).find("rise"), std::string::npos);
    json = document();
    json["rows"][2]["distribution"]["points"] = Json::array({{50, 8}});
    EXPECT_NE(faultOf(json).find("at least two"), std::string::npos);
    json = document();
    json["rows"][1]["distribution"]["kind"] = "curve";
    EXPECT_NE(faultOf(json).find("curve"), std::string::npos);
    json = document();
    json["rows"][1]["sex"] = "other";
    EXPECT_FALSE(faultOf(json).empty());
    json = document();
    json["population"] = "";
    EXPECT_NE(faultOf(json).find("population"), std::string::npos);
    json = document();
    json["rows"] = Json::array();
    EXPECT_NE(faultOf(json).find("at least one row"), std::string::npos);
    json = document();
    json["format"] = "something";
    EXPECT_FALSE(faultOf(json).empty());
}

TEST(ReferenceSetFile, OfGradeBIsNotChosen) {
    auto json = document();
    json["grade"] = "B";
    EXPECT_FALSE(referenceFromJson(json, "x")->mayBeChosen());
}

} // namespace
} // namespace fusain::reference_set_test
