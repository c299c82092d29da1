#include "record/base/event.hpp"
#include "record/base/json.hpp"
#include "record/base/people.hpp"
#include "record/lab/reference_json.hpp"
#include "record/method/policy.hpp"
#include "record/method/protocol.hpp"
#include "record/tank/policy.hpp"
#include "record/tank/record.hpp"
#include "support/property.hpp"
#include "support/taken.hpp"

#include <fstream>
#include <gtest/gtest.h>
#include <sstream>

namespace fusain::record_test {
namespace {

const Instant now = *instantFromIso("2026-03-12T07:40:00.000Z");

Json shipped(const std::string& name) {
    std::ifstream file(std::string(FUSAIN_SOURCE_DIR) + "/data/" + name);
    std::stringstream text;
    text << file.rdbuf();
    return Json::parse(text.str());
}

Client someone() {
    return {"c1",        "SP-001",     "Ailsa Brandvold",  *dateFromIso("1984-06-02"),
            Sex::Female, Metres(1.68), UnitSystem::Metric, "",
            false};
}

TEST(Calendar, AgeInCompletedYearsAndFraction) {
    EXPECT_NEAR(ageOn(*dateFromIso("1984-03-12"), *dateFromIso("2026-03-12")).value(), 42.0, 1e-12);
    EXPECT_EQ(std::floor(ageOn(*dateFromIso("1984-03-13"), *dateFromIso("2026-03-12")).value()), 41.0);
    EXPECT_EQ(std::floor(ageOn(*dateFromIso("2004-02-29"), *dateFromIso("2026-02-28")).value()),
              22.0); // leap day kept on the 28th
    EXPECT_LT(ageOn(*dateFromIso("2027-01-01"), *dateFromIso("2026-03-12")).value(), 0.0);
}

TEST(Calendar, InstantsRoundTripThroughText) {
    testing::holdsFor("iso text", [] {
        const Instant instant{*rc::gen::inRange<std::int64_t>(0, 4102444800000)};
        RC_ASSERT(instantFromIso(isoText(instant)) == instant);
    });
    EXPECT_EQ(isoText(now), "2026-03-12T07:40:00.000Z");
}

TEST(Calendar, NonsenseIsRefused) {
    for (const char* text : {"", "2026-13-01", "2026-02-30", "12.03.2026", "2026-3-1"})
        EXPECT_FALSE(dateFromIso(text)) << text;
    EXPECT_FALSE(instantFromIso("2026-03-12 07:40"));
}

TEST(ClientEntry, ImpossibleValuesAreExplained) {
    EXPECT_FALSE(problemWith(someone(), now));
    Client client = someone();
    client.birthDate = *dateFromIso("2030-01-01");
    EXPECT_NE(problemWith(client, now)->english().find("future"), std::string::npos);
    client = someone();
    client.height = Metres(0.0168); // 1.68 typed where centimetres belong
    EXPECT_NE(problemWith(client, now)->english().find("168 cm"), std::string::npos)
        << problemWith(client, now)->english();
    client = someone();
    client.name = "  ";
    EXPECT_TRUE(problemWith(client, now));
}

TEST(ClientEntry, JsonRoundTrip) {
    const auto back = clientFromJson(toJson(someone()), "test");
    ASSERT_TRUE(back);
    EXPECT_EQ(toJson(*back), toJson(someone()));
}

TEST(EventChain, ChangesWithEveryPart) {
    Event event{1, now, "bram", "note.added", "t1", Json{{"text", "x"}}, {}};
    const std::string hash = chainHash("", event);
    EXPECT_EQ(hash.size(), 64u);
    EXPECT_NE(chainHash("00", event), hash);
    (*event.data)["text"] = "y";
    EXPECT_NE(chainHash("", event), hash);
}

HydrostaticTest fullTest() {
    HydrostaticTest test;
    test.id = "t1";
    test.subject = {"c1", Sex::Female, Years(41.5), Metres(1.68), true};
    test.policyId = "policy.hydrostatic.three-heaviest";
    test.protocolId = "protocol.hydrostatic.standard";
    test.startedBy = "bram";
    test.startedAt = now;
    test.doneSteps = {"tank-ready"};
    const Attribution typed = testing::taken(Origin::Typed, now), overLink = testing::taken(Origin::Link, now);
    test.loadCellChecks = {{{typed, 1, {}}, Kilograms(0.1), Kilograms(5.0), Kilograms(5.001)}};
    test.waterTemperature = Reading(overLink, 34.1);
    test.answers = {{"hw_food",
                     "When did you last eat?",
                     readiness::Effect::Under,
                     {Hours(3.5), false, std::nullopt, ""},
                     {false, readiness::Action::Wait, Minutes(30.0)},
                     "late lunch",
                     "oriel",
                     now}};
    test.dryMass = Reading(typed, 71.28);
    test.efforts = {{overLink, 1, Litres(3.9), true, ""}};
    test.residualVolume = MeasuredResidualVolume{typed, Litres(1.4), "helium"};
    test.trials = {{{overLink, 1, ""},
                    Kilograms(2.9),
                    Kilograms(0.003),
                    1,
                    Kilograms(0.1),
                    {"weighing-trace 1", "readable"},
                    {{{Seconds(0.0), Kilograms(1.0 / 3.0)}, {Seconds(0.02), Kilograms(2.9)}}}}};
    test.notes = {{NoteKind::Remark, {}, "calm"}};
    test.signature = Signature{"bram", "oriel", now};
    return test;
}

TEST(RawTest, RoundTripsWithoutLosingADigit) {
    const auto text = toJson(fullTest()).dump();
    const auto back = hydrostaticTestFromJson(*parseJson(text, "test"), "test");
    ASSERT_TRUE(back) << back.error().english();
    EXPECT_EQ(toJson(*back), toJson(fullTest()));
    EXPECT_EQ(back->trials[0].trace.samples[0].gross.value(), double(float(1.0 / 3.0))); // what a block holds
}

TEST(RawTest, ANewerSchemaIsRefused) {
    Json json = toJson(fullTest());
    json["schema"] = 99;
    const auto refused = hydrostaticTestFromJson(json, "t.json");
    ASSERT_FALSE(refused);
    EXPECT_NE(refused.error().english().find("newer"), std::string::npos);
}

TEST(RawTest, ASexIsNeverGuessed) {
    Json json = toJson(fullTest());
    json["subject"]["sex"] = "Male";
    const auto read = hydrostaticTestFromJson(json, "r.json");
    ASSERT_FALSE(read);
    EXPECT_NE(read.error().english().find("allowed: female, male"), std::string::npos)
        << read.error().english();
}

TEST(RawTest, DamageNamesThePlace) {
    Json json = toJson(fullTest());
    json["trials"][0].erase("gross_kg");
    const auto refused = hydrostaticTestFromJson(json, "t.json");
    ASSERT_FALSE(refused);
    EXPECT_NE(refused.error().english().find("/trials/0"), std::string::npos) << refused.error().english();
    EXPECT_NE(refused.error().english().find("gross_kg"), std::string::npos);
}

TEST(RawTest, TruncatedTextIsAProblemNotACrash) {
    const std::string text = toJson(fullTest()).dump();
    for (std::size_t length = 0; length < text.size(); length += 37)
        EXPECT_FALSE(parseJson(text.substr(0, length), "t.json"));
}

TEST(ShippedData, PoliciesProtocolsAndReferencesAreValid) {
    for (const Json& policy : shipped("policies/hydrostatic.json"))
        EXPECT_TRUE(hydrostaticPolicyFromJson(policy, "policies"))
            << hydrostaticPolicyFromJson(policy, "policies").error().english();
    const auto protocol = protocolFromJson(shipped("protocols/hydrostatic.json"), "protocol");
    ASSERT_TRUE(protocol) << protocol.error().english();
    EXPECT_GE(protocol->screening.size(), 10u);
    for (const Json& set : shipped("references/composition.json"))
        EXPECT_TRUE(referenceFromJson(set, "references"))
            << referenceFromJson(set, "references").error().english();
}

TEST(ShippedData, NothingOfGradeCShips) {
    const auto protocol = protocolFromJson(shipped("protocols/hydrostatic.json"), "protocol");
    for (const auto* rules : {&protocol->screening, &protocol->readiness})
        for (const auto& rule : *rules)
            EXPECT_NE(rule.grade, "C") << rule.id;
}

TEST(ProtocolFile, AMissingKeyNamesFilePlaceAndReason) {
    Json json = shipped("protocols/hydrostatic.json");
    json["readiness"][2].erase("limit");
    const auto refused = protocolFromJson(json, "my.json");
    ASSERT_FALSE(refused);
    const std::string text = refused.error().english();
    EXPECT_NE(text.find("my.json"), std::string::npos);
    EXPECT_NE(text.find("/readiness/2"), std::string::npos) << text;
    EXPECT_NE(text.find("limit"), std::string::npos);
}

TEST(ProtocolFile, AnUnknownWordListsTheKnownOnes) {
    Json json = shipped("protocols/hydrostatic.json");
    json["screening"][0]["if_broken"] = "panic";
    EXPECT_NE(protocolFromJson(json, "p").error().english().find("rebook"), std::string::npos);
}

TEST(PolicyFile, ChildrenMayNotGetAdultConstants) {
    Json json = shipped("policies/hydrostatic.json").at(0);
    json["child_conversion"] = "fat.density.siri-1961";
    EXPECT_FALSE(hydrostaticPolicyFromJson(json, "p"));
    json = shipped("policies/hydrostatic.json").at(0);
    json["residual_volume_equation"] = "lung.frc.crapo-1982";
    EXPECT_FALSE(hydrostaticPolicyFromJson(json, "p"));
}

TEST(AskedPeople, AConditionHoldsForThem) {
    const auto holds = [](const char* condition, Sex sex, double age, bool repeat = false) {
        return holdsFor(condition, {sex, Years(age), repeat});
    };
    EXPECT_EQ(holds("childbearing age", Sex::Female, 10.9), false);
    EXPECT_EQ(holds("childbearing age", Sex::Female, 11.0), true);
    EXPECT_EQ(holds("childbearing age", Sex::Female, 55.0), true);
    EXPECT_EQ(holds("childbearing age", Sex::Female, 55.1), false);
    EXPECT_EQ(holds("childbearing age", Sex::Male, 30.0), false);
    EXPECT_EQ(holds("minor", Sex::Male, 17.9), true);
    EXPECT_EQ(holds("minor", Sex::Male, 18.0), false);
    EXPECT_EQ(holds("repeat test", Sex::Male, 30.0, true), true);
    EXPECT_EQ(holds("", Sex::Male, 30.0), true);
    EXPECT_EQ(holds("gel electrodes", Sex::Male, 30.0), std::nullopt) << "not about people";
}

// A mark that flipped is no other way to write the same moment: order and search go by the text.
TEST(InstantText, EveryMarkOfItIsRead) {
    ASSERT_TRUE(instantFromIso("2026-03-12T07:42:26.000Z"));
    for (const char* text : {"2026-03-12T07:42:26n000Z", "2026-03-12T07.42:26.000Z", "2026-03-12T07:42-26.000Z",
                             "2026-03-12 07:42:26.000Z", "2026-03-12T07:42:26.000z"})
        EXPECT_FALSE(instantFromIso(text)) << text;
}

} // namespace
} // namespace fusain::record_test
