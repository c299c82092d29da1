// The records of the chamber and the analyzer, and how answers are kept.
#include "record/all/record.hpp"
#include "record/base/json.hpp"
#include "record/method/protocol.hpp"
#include "support/property.hpp"
#include "support/taken.hpp"

#include <fstream>
#include <gtest/gtest.h>
#include <set>

namespace fusain::records_test {
namespace {

const Instant now = *instantFromIso("2026-03-12T07:40:00.000Z");

Json shipped(const std::string& name) {
    std::ifstream file(std::string(FUSAIN_SOURCE_DIR) + "/data/" + name);
    return Json::parse(file);
}

const Attribution typed = testing::taken(Origin::Typed, now);
const Attribution overLink = testing::taken(Origin::Link, now);

template <class Test>
void begin(Test& test) {
    test.id = "t1";
    test.subject = {"c1", Sex::Female, Years(41.5), Metres(1.68), true};
    test.policyId = "policy";
    test.protocolId = "protocol";
    test.startedBy = "bram";
    test.startedAt = now;
    test.notes = {{NoteKind::Remark, {}, "calm"}};
}

ChamberTest chamberTest() {
    ChamberTest test;
    begin(test);
    test.scaleChecks = {{{typed, 1, {}}, Kilograms(20.0), Kilograms(20.002)}};
    const airdisplacement::Calibration measured{
        {1.0 / 3.0, 1e-5, 0.01, 1e-6}, {0.31, 1e-5, 0.01, 1e-6}, Litres(49.97), Litres(0.003)};
    test.calibrations = {{{typed, 1, {}}, 1, std::nullopt, Litres(49.97), Litres(49.9)},
                         {{typed, 2, {}}, 2, measured, Litres(49.97), Litres(50.01)}};
    test.mass = Reading(overLink, 71.28);
    test.trials = {
        {{overLink, 1, "moved"},
         1,
         1,
         Litres(66.123),
         Litres(0.02),
         {"chamber-pressures 1", "readable", {{"draught", "", true}}},
         {{{Seconds(0.0), Pascals(1.0 / 3.0), Pascals(0.5)}, {Seconds(0.01), Pascals(2), Pascals(3)}}}},
        {{typed, 2, ""}, 2, 2, Litres(66.1), Litres(0.0), {}, {}}};
    test.thoracicGas = MeasuredThoracicGas{typed, Litres(3.4), "panting"};
    test.set = 2;
    return test;
}

ImpedanceTest impedanceTest() {
    using impedance::Segment;
    ImpedanceTest test;
    begin(test);
    test.setup = {"Analyzer", "1.2", 4, impedance::ElectrodeGeometry::SupineGel, "left", Celsius(31.5)};
    test.moduleChecks = {{{typed, 1, {}}, Ohms(500.0), Ohms(500.3)}};
    test.identity = IdentityCheck{
        typed, "SP-1", Metres(1.68), {{impedance::IdentityDoubt::About::Height, 168.0, 166.0}}, "grew"};
    test.mass = Reading(typed, 63.05);
    auto noisy = impedance::pointOf(Hertz(50e3), {Ohms(500.0 / 3.0), Ohms(-60.0)});
    noisy.scatter = 0.004;
    const impedance::Spectrum arm{Segment::RightArm,
                                  {noisy, impedance::magnitudePoint(Hertz(5e3), Ohms(271.25))}};
    test.sweeps = {{{overLink, 1, "sock"},
                    {{arm}, noisy},
                    test.setup,
                    1,
                    {"sweep-signal 1", "repeat", {{"contact", "right-arm", true}}}},
                   {{typed, 2, ""}, {{arm}, std::nullopt}, test.setup, 1, {}}};
    test.reported = {{typed, 2, {{"fat-percent", 21.0, "%"}}}};
    test.missingParts = {"left-foot"};
    test.tapedLengths = {{Segment::RightArm, Metres(0.71)}};
    test.answers = {{"imp_food", "Eaten?", readiness::Effect::Under, {}, {true, {}, {}}, "", "", now},
                    {"imp_implant", "Implant?", readiness::Effect::None, {}, {true, {}, {}}, "", "", now}};
    test.answers[0].answer.keptAsTold = readiness::KeptAsTold::Group;
    test.answers[1].answer.keptAsTold = readiness::KeptAsTold::List;
    return test;
}

TEST(Records, EveryMethodRoundTripsWithoutLosingADigit) {
    for (const AnyTest& test : {AnyTest(chamberTest()), AnyTest(impedanceTest())}) {
        const auto back = anyTestFromJson(*parseJson(toJson(test).dump(), "t"), "t");
        ASSERT_TRUE(back) << back.error().english();
        EXPECT_EQ(back->index(), test.index());
        EXPECT_EQ(toJson(*back), toJson(test));
    }
    const auto back = impedanceTestFromJson(toJson(impedanceTest()), "t");
    EXPECT_EQ(back->sweep()->number, 2); // the first was set aside
    EXPECT_EQ(back->sweep()->readings.spectra[0].points[0].impedance->resistance.value(), 500.0 / 3.0);
    EXPECT_FALSE(back->sweep()->readings.spectra[0].points[1].impedance); // a magnitude stays one
}

TEST(Records, ALostOrMistypedPartIsAProblemThatNamesTheFile) {
    // Every part taken out and every part turned into a word, one at a time: read as it was or refused, no
    // crash.
    for (const AnyTest& test : {AnyTest(chamberTest()), AnyTest(impedanceTest())}) {
        const Json whole = toJson(test).flatten();
        int refused = 0;
        for (const auto& [pointer, value] : whole.items()) {
            Json damaged = toJson(test);
            damaged[Json::json_pointer(pointer)] = value.is_string() ? Json(Json::array({1})) : Json("abc");
            const auto read = anyTestFromJson(damaged, "damaged.json");
            if (read)
                continue;
            ++refused;
            EXPECT_NE(read.error().english().find("damaged.json"), std::string::npos) << pointer;
        }
        EXPECT_GT(refused, static_cast<int>(whole.size()) * 2 / 3) << "of " << whole.size();
    }
}

TEST(Records, PressuresOfUnequalLengthAreRefused) {
    Json json = toJson(chamberTest());
    json["volume_trials"][0]["pressures"]["test_pa"].push_back(1.0);
    const auto read = chamberTestFromJson(json, "c.json");
    ASSERT_FALSE(read);
    EXPECT_NE(read.error().english().find("differ in length"), std::string::npos) << read.error().english();
}

TEST(Records, UnknownWordsAreRefusedAndNamed) {
    const auto refusal = [](const char* pointer, const char* word) {
        Json json = toJson(impedanceTest());
        json[Json::json_pointer(pointer)] = word;
        const auto read = impedanceTestFromJson(json, "i.json");
        return read ? std::string() : read.error().english();
    };
    EXPECT_NE(refusal("/analyzer/geometry", "sitting").find("supine-gel"), std::string::npos);
    EXPECT_NE(refusal("/sweeps/0/spectra/0/segment", "head").find("head"), std::string::npos);
    EXPECT_NE(refusal("/answers/0/answer/kept_as_told_by", "rumour").find("rumour"), std::string::npos);
}

TEST(Records, WhatAGroupSaidStaysWhatAGroupSaid) {
    const auto back = impedanceTestFromJson(toJson(impedanceTest()), "t");
    ASSERT_TRUE(back);
    EXPECT_EQ(back->answerTo("imp_food")->answer.keptAsTold, readiness::KeptAsTold::Group);
    EXPECT_EQ(back->answerTo("imp_implant")->answer.keptAsTold, readiness::KeptAsTold::List);
    EXPECT_FALSE(back->answerTo("imp_food")->answer.ago); // no time that nobody named
}

TEST(ProtocolOfAGroup, WhatBlocksOrIsSoonUntrueMayNotBeAskedTogether) {
    Json json = shipped("protocols/impedance.json");
    for (Json& rule : json["screening"])
        if (rule.at("if_broken") == "blocked") {
            rule["may_ask_group"] = true;
            break;
        }
    const auto refused = protocolFromJson(json, "mine.json");
    ASSERT_FALSE(refused);
    EXPECT_NE(refused.error().english().find("may_ask_group"), std::string::npos) << refused.error().english();

    json = shipped("protocols/impedance.json");
    for (Json& rule : json["readiness"])
        if (rule.at("answer") == "time-since") {
            rule["ok_if"] = "at-most"; // half an hour after the group was asked it is no longer so
            rule["may_ask_group"] = true;
            break;
        }
    EXPECT_FALSE(protocolFromJson(json, "mine.json"));
}

TEST(ProtocolOfAGroup, TheShippedOneAsksNothingPrivateTogether) {
    const auto protocol = protocolFromJson(shipped("protocols/impedance.json"), "p");
    ASSERT_TRUE(protocol) << protocol.error().english();
    for (const auto& rule : protocol->screening)
        EXPECT_FALSE(rule.mayAskGroup) << rule.id;
    int together = 0;
    for (const auto& rule : protocol->readiness) {
        together += rule.mayAskGroup;
        for (const char* word : {"period", "menstr", "pregnan", "diuretic", "surgery", "fever"})
            if (rule.question.find(word) != std::string::npos) {
                EXPECT_FALSE(rule.mayAskGroup) << rule.question;
            }
    }
    EXPECT_GE(together, 10);
}

TEST(ProtocolWords, WhatIsWantedIsSaidInWords) {
    readiness::Rule rule;
    rule.limitChoice = "no";
    EXPECT_EQ(wantedText(rule).english(), "no");
    rule.type = readiness::AnswerType::TimeSince;
    rule.okIf = readiness::Comparison::AtLeast;
    rule.limit = 4.0;
    rule.unit = "h";
    EXPECT_EQ(wantedText(rule).english(), "at least 4 h ago");
    rule.okIf = readiness::Comparison::AtMost;
    EXPECT_EQ(wantedText(rule).english(), "at most 4 h ago");
    rule.type = readiness::AnswerType::Number;
    rule.limit = 0.2;
    rule.unit = "kg";
    EXPECT_EQ(wantedText(rule).english(), "at most 0.2 kg");
}

TEST(ShippedProtocols, EveryQuestionIsCompleteAndAskedOnce) {
    for (const char* file : {"hydrostatic", "air-displacement", "impedance"}) {
        const auto protocol = protocolFromJson(shipped(std::string("protocols/") + file + ".json"), file);
        ASSERT_TRUE(protocol) << protocol.error().english();
        std::set<std::string> ids;
        for (const auto* rules : {&protocol->screening, &protocol->readiness})
            for (const auto& rule : *rules) {
                EXPECT_TRUE(ids.insert(rule.id).second) << rule.id;
                EXPECT_FALSE(rule.reason.empty() || rule.source.empty() || rule.grade.empty()) << rule.id;
                if (rule.type == readiness::AnswerType::Choice) {
                    EXPECT_TRUE(std::ranges::count(rule.choices, rule.limitChoice)) << rule.id;
                }
                EXPECT_TRUE(readiness::judge(rule, readiness::answerKeeping(rule)).kept) << rule.id;
            }
    }
}

} // namespace
} // namespace fusain::records_test
