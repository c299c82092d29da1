// The raw record and the journal of a whole test by each method, damaged in every place: what is read is
// refused, or it means what the undamaged one means, or it says plainly what stands there.
#include "procedure/all/replay.hpp"
#include "support/chamber_run.hpp"
#include "support/damage.hpp"
#include "support/dxa_run.hpp"
#include "support/girth_run.hpp"
#include "support/impedance_run.hpp"

namespace fusain::damaged_records_test {
namespace {

using namespace testing;

// Documents of their own inside a record, with readers of their own.
const std::set<std::string> apart{"policy_document", "protocol_document", "trace", "pressures"};

struct Played {
    Json record;
    std::vector<Event> events;
};

template <class Run>
Played finished(Run& run) {
    finish(run);
    return {toJson(run.test()), run.events()};
}

Played tank() {
    MemoryJournal journal;
    auto run = *HydrostaticProcedure::begin(standardSetting(), "t", man, technician, journal, SteppingClock());
    prepare(run);
    EXPECT_TRUE(run.readRoom(Celsius(22.0), MillimetresOfMercury(757.0), Attribution::typed()));
    EXPECT_TRUE(run.addNote("A remark."));
    EXPECT_TRUE(run.acceptTrace(steadyTrace(), linked(run, "load-cell")));
    weighThreeTimes(run);
    EXPECT_TRUE(run.setAside(2, "bubbles"));
    EXPECT_TRUE(run.restore(2));
    return finished(run);
}
Played chamber() {
    MemoryJournal journal;
    auto run = *ChamberProcedure::begin(chamberSetting(), "t", man, technician, journal, SteppingClock());
    prepare(run);
    measureTwice(run);
    return finished(run);
}
Played analyzer() {
    MemoryJournal journal;
    auto run = *ImpedanceProcedure::begin(impedanceSetting(), "t", man, technician, journal, SteppingClock());
    prepare(run);
    EXPECT_TRUE(run.acceptSweep(cleanSweep(), linked(run)));
    EXPECT_TRUE(run.keepReported({{"fat-percent", 20.0, "%"}}));
    return finished(run);
}
Played scanner() {
    MemoryJournal journal;
    auto run = *DxaProcedure::begin(dxaSetting(), "t", woman, technician, journal, SteppingClock());
    prepare(run);
    EXPECT_TRUE(run.acceptScan(scanOf(sheetsScan())));
    return finished(run);
}

Played tape() {
    MemoryJournal journal;
    auto run = *GirthProcedure::begin(girthSetting(), "t", man, technician, journal, SteppingClock());
    prepare(run);
    measure(run);
    EXPECT_TRUE(run.setAside(2, "over the shirt"));
    EXPECT_TRUE(run.restore(2));
    return finished(run);
}

Expected<AnyTest> readAgain(const Json& json) {
    return anyTestFromJson(json, "mine.json");
}

class Damaged : public ::testing::TestWithParam<Played (*)()> {
protected:
    const Played played = GetParam()();
    int refused = 0, tried = 0;

    /// A record that was taken says what stands in the document, but for `place`.
    void expectStrict(const Json& damaged, const Json::json_pointer& place, const std::string& how) {
        ++tried;
        Expected<AnyTest> read;
        ASSERT_NO_THROW(read = readAgain(damaged)) << how;
        if (!read) {
            ++refused;
            EXPECT_NE(read.error().english().find("mine.json"), std::string::npos) << how;
            return;
        }
        Json back = toJson(*read), wanted = damaged;
        for (Json* each : {&back, &wanted})
            if (each->at(place.parent_pointer()).contains(place.back()))
                *each = without(*each, place);
        EXPECT_TRUE(back == wanted) << how << " changed its meaning: "
                                    << Json::diff(wanted, back).dump().substr(0, 300);
    }
    Expected<AnyTest> replayWith(std::size_t index, Json data) const {
        auto events = played.events;
        events[index].data = std::move(data);
        return replayTest(events);
    }
};

TEST_P(Damaged, ARecordWithAPartOfAnotherKindIsRefused) {
    for (const auto& place : placesOf(played.record, apart)) {
        const auto read = readAgain(with(played.record, place, otherKind(played.record.at(place))));
        EXPECT_FALSE(read) << place.to_string();
    }
}

TEST_P(Damaged, ARecordWithAMisspeltKeyIsRefused) {
    for (const auto& place : placesOf(played.record, apart))
        if (isKey(played.record, place) && place.to_string().find("/taped_lengths_m/") == std::string::npos) {
            EXPECT_FALSE(readAgain(misspelt(played.record, place))) << place.to_string();
        }
}

TEST_P(Damaged, ARecordWithoutAPartIsRefusedOrMeansWhatIsLeft) {
    for (const auto& place : placesOf(played.record, apart))
        if (isKey(played.record, place))
            expectStrict(without(played.record, place), place, "without " + place.to_string());
    EXPECT_GT(refused, tried / 3);
}

TEST_P(Damaged, ARecordWithAWildNumberIsRefusedOrSaysIt) {
    for (const auto& place : placesOf(played.record, apart))
        if (played.record.at(place).is_number())
            for (const double wild : {-1e18, 1e18, -300.0})
                expectStrict(with(played.record, place, wild), place, "wild at " + place.to_string());
    EXPECT_GT(refused, tried / 2);
}

TEST_P(Damaged, WordsAreWordsToTheLetter) {
    const Json damage[] = {{{"/state", "Signed"}},
                           {{"/state", "done"}},
                           {{"/format", "fusain"}},
                           {{"/schema", 99}},
                           {{"/schema", 0}},
                           {{"/schema", 1}},
                           {{"/method", "tank"}},
                           {{"/version", 0}},
                           {{"/subject/sex", "Male"}},
                           {{"/subject/height_m", 178}},
                           {{"/subject/age_y", -3}},
                           {{"/answers/0/action", "block"}},
                           {{"/answers/0/effect", "Over"}},
                           {{"/notes", "none"}},
                           {{"/subject/height_m", nullptr}}};
    for (const Json& each : damage)
        for (const auto& [place, value] : each.items()) {
            const Json::json_pointer at(place);
            if (played.record.contains(at)) {
                EXPECT_FALSE(readAgain(with(played.record, at, value))) << each;
            }
        }
    EXPECT_FALSE(readAgain(without(played.record, Json::json_pointer("/signature")))); // it is signed
}

TEST_P(Damaged, AReadingWithANumberTwiceIsRefused) {
    for (const auto& [key, list] : played.record.items())
        if (list.is_array() && !list.empty() && list[0].is_object() && list[0].contains("number")) {
            Json damaged = played.record;
            damaged[key].push_back(list[0]);
            EXPECT_FALSE(readAgain(damaged)) << key;
        }
}

TEST_P(Damaged, AnEventWithAPartOfAnotherKindOrAMisspeltKeyIsRefused) {
    for (std::size_t i = 0; i < played.events.size(); ++i) {
        const Event& event = played.events[i];
        const Json data = *event.data;
        for (const auto& place : placesOf(data, apart)) {
            const std::string where = event.kind + " " + place.to_string();
            if (where != "step.shown /step" && !apart.contains(place.back())) {
                EXPECT_FALSE(replayWith(i, with(data, place, otherKind(data.at(place))))) << where;
            }
            if (isKey(data, place) && event.kind != "result.stored") {
                EXPECT_FALSE(replayWith(i, misspelt(data, place))) << where;
            }
        }
    }
}

TEST_P(Damaged, AnEventOfAnUnknownKindIsRefused) {
    for (std::size_t i = 0; i < played.events.size(); ++i) {
        auto events = played.events;
        events[i].kind += "d";
        EXPECT_FALSE(replayTest(events)) << events[i].kind;
    }
    EXPECT_FALSE(replayTest({}));
}

INSTANTIATE_TEST_SUITE_P(Methods, Damaged, ::testing::Values(&tank, &chamber, &analyzer, &scanner, &tape));

} // namespace
} // namespace fusain::damaged_records_test
