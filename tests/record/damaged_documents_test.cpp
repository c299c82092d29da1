// Every document that ships, damaged in every place: a part lost, a part of another kind, a number out of all
// bounds. The reader may take what it can do without; it never throws, and what it refuses it explains with the
// file's name.
#include "record/all/policy.hpp"
#include "record/base/json.hpp"
#include "record/lab/body_water.hpp"
#include "record/lab/cross_calibration.hpp"
#include "record/lab/instrument.hpp"
#include "record/lab/key_point_rule.hpp"
#include "record/lab/plan_request.hpp"
#include "record/lab/planning.hpp"
#include "record/lab/preparation.hpp"
#include "record/lab/reference_json.hpp"
#include "record/lab/water_log.hpp"
#include "record/method/protocol.hpp"
#include "record/practice/practice_case.hpp"
#include "record/practice/practice_log.hpp"
#include "record/practice/reading_exercise.hpp"
#include "support/damage.hpp"
#include "support/property.hpp"

#include <filesystem>
#include <fstream>
#include <functional>
#include <set>

namespace fusain::damaged_documents_test {
namespace {

using namespace testing;

// What a reader says: nothing when it took the document.
using Reader = std::function<std::optional<std::string>(const Json&)>;

template <class Read>
Reader reader(Read read) {
    return [read](const Json& json) -> std::optional<std::string> {
        const auto document = read(json, "mine.json");
        return document ? std::nullopt : std::optional(document.error().english());
    };
}

struct Shelf {
    const char* folder;
    Reader read;
};
std::vector<Shelf> shelves() {
    return {{"policies", reader(anyPolicyFromJson)},
            {"protocols", reader(protocolFromJson)},
            {"references", reader(referenceFromJson)},
            {"quality", reader(instrumentFromJson)},
            {"interpretation", reader(keyPointRuleFromJson)},
            {"preparation", reader(preparationFromJson)},
            {"planning", reader(planningFromJson)},
            {"practice/cases", reader(practiceCaseFromJson)},
            {"practice/acts", reader(practiceActFromJson)},
            {"practice/readings", reader(readingExerciseFromJson)}};
}

std::vector<Json> documentsOf(const char* folder) {
    std::vector<Json> found;
    for (const auto& file :
         std::filesystem::directory_iterator(std::string(FUSAIN_SOURCE_DIR) + "/data/" + folder)) {
        const Json content = Json::parse(std::ifstream(file.path()));
        if (content.is_array())
            found.insert(found.end(), content.begin(), content.end());
        else
            found.push_back(content);
    }
    return found;
}

void expectCalm(const Shelf& shelf, const Json& damaged, const std::string& how) {
    std::optional<std::string> refusal;
    ASSERT_NO_THROW(refusal = shelf.read(damaged)) << shelf.folder << ' ' << how;
    if (refusal) {
        EXPECT_NE(refusal->find("mine.json"), std::string::npos)
            << shelf.folder << ' ' << how << ": " << *refusal;
        EXPECT_GT(refusal->size(), 15u) << shelf.folder << ' ' << how;
    }
}

TEST(DamagedDocuments, APartThatIsLostIsExplainedOrNotNeeded) {
    int tried = 0;
    for (const Shelf& shelf : shelves())
        for (const Json& document : documentsOf(shelf.folder)) {
            ASSERT_FALSE(shelf.read(document)) << shelf.folder << ' ' << *shelf.read(document);
            for (const auto& place : placesOf(document)) {
                expectCalm(shelf, without(document, place), "without " + place.to_string());
                ++tried;
            }
        }
    EXPECT_GT(tried, 2000);
}

TEST(DamagedDocuments, APartOfAnotherKindIsRefused) {
    for (const Shelf& shelf : shelves())
        for (const Json& document : documentsOf(shelf.folder))
            for (const auto& place : placesOf(document)) {
                const Json damaged = with(document, place, otherKind(document.at(place)));
                expectCalm(shelf, damaged, "another kind at " + place.to_string());
                // A fault of a practice case may be its name alone, opening hours one pair alone.
                if (place.to_string().find("/faults/") == std::string::npos) {
                    EXPECT_TRUE(shelf.read(damaged)) << shelf.folder << " took another kind at " << place;
                }
            }
}

// Keys that are ids of the document's own: any word is one.
bool namesFreely(const Json::json_pointer& place) {
    static const std::set<std::string> free{"answers", "hints", "say"};
    return !place.parent_pointer().empty() && free.contains(place.parent_pointer().back());
}

TEST(DamagedDocuments, AMisspeltKeyIsRefused) {
    int tried = 0;
    for (const Shelf& shelf : shelves())
        for (const Json& document : documentsOf(shelf.folder))
            for (const auto& place : placesOf(document))
                if (isKey(document, place) && !namesFreely(place)) {
                    const auto refusal = shelf.read(misspelt(document, place));
                    ASSERT_TRUE(refusal) << shelf.folder << " took " << place << 'x';
                    if (place.to_string() !=
                        "/method") { // without its method nobody knows which keys a policy has
                        EXPECT_NE(refusal->find(place.back() + "x"), std::string::npos) << *refusal;
                    }
                    ++tried;
                }
    EXPECT_GT(tried, 2000);
}

// Words decide what is asked, what blocks and what is computed: each letter counts.
TEST(DamagedDocuments, AWordInAnotherCaseIsRefused) {
    static const std::set<std::string> words{"answer", "ok_if",  "effect",  "if_broken", "applies_if",
                                             "kind",   "format", "method",  "geometry",  "trial_rule",
                                             "fluids", "sex",    "unit_of", "level",     "fat_convention"};
    int tried = 0;
    for (const Shelf& shelf : shelves())
        for (const Json& document : documentsOf(shelf.folder))
            for (const auto& place : placesOf(document))
                if (words.contains(place.back()) && document.at(place).is_string() && !namesFreely(place) &&
                    !(place.to_string() == "/method" && std::string_view(shelf.folder) == "protocols")) {
                    std::string word = document.at(place).get<std::string>();
                    if (word.empty())
                        continue;
                    word.front() = static_cast<char>(std::toupper(word.front()));
                    EXPECT_TRUE(shelf.read(with(document, place, word))) << shelf.folder << ' ' << place;
                    ++tried;
                }
    EXPECT_GT(tried, 400);
}

TEST(DamagedDocuments, ANewerVersionIsRefusedAsSuch) {
    for (const Shelf& shelf : shelves())
        for (const Json& document : documentsOf(shelf.folder))
            if (document.contains("version")) {
                Json newer = document;
                newer["version"] = 99;
                const auto refusal = shelf.read(newer);
                ASSERT_TRUE(refusal) << shelf.folder;
                EXPECT_NE(refusal->find("newer Fusain"), std::string::npos) << *refusal;
            }
}

TEST(DamagedDocuments, ANumberOutOfAllBoundsNeverThrows) {
    for (const Shelf& shelf : shelves())
        for (const Json& document : documentsOf(shelf.folder)) {
            for (const auto& place : placesOf(document))
                if (document.at(place).is_number())
                    for (const double wild : {-1e18, 0.0, 1e18})
                        expectCalm(shelf, with(document, place, wild), "a wild number at " + place.to_string());
        }
}

TEST(DamagedDocuments, ADocumentOfAnotherShelfIsRefused) {
    const auto all = shelves();
    for (const Shelf& shelf : all)
        for (const Shelf& other : all)
            if (std::string_view(shelf.folder) != other.folder) {
                EXPECT_TRUE(shelf.read(documentsOf(other.folder).front()))
                    << other.folder << " as " << shelf.folder;
            }
}

TEST(DamagedDocuments, NothingAtAllIsRefusedEverywhere) {
    for (const Shelf& shelf : shelves())
        for (const Json& nothing : {Json(), Json::object(), Json::array(), Json("text"), Json(7)})
            EXPECT_TRUE(shelf.read(nothing)) << shelf.folder << ' ' << nothing;
}

// What the program writes beside the tests, and what may be spoilt by hand.
std::vector<std::pair<Shelf, Json>> papers() {
    const Instant at{1773302400000};
    PracticeLog log{"tank-air",        "sunniva", HelpLevel::WhenAsked, 1, {{at, "calm", true, true}},
                    {{at, {"splash"}}}};
    WaterLogEntry entry{
        at, "bram", {MilligramsPerLitre(4.0), MilligramsPerLitre(0.2), 7.5, Celsius(35.0)}, "changed a third"};
    const CrossCalibration line{"hydrostatic", "dxa", 1.03, Percent(-0.6), Percent(1.9), Percent(9.0),
                                Percent(41.0), 30,    at};
    WaterSample sample = waterSampleFrom({compartments::Tracer::Deuterium, Kilograms(0.03),
                                          compartments::Enrichment::MilligramsPerKilogram, 150.0, 850.0},
                                         at, "bram");
    PlanRequest plan;
    plan.targetFat = Percent(21.0);
    plan.notes = "walks";
    plan.trainingDays = 3;
    plan.measuredResting = KilocaloriesPerDay(1600.0);
    return {{{"practice log", reader(practiceLogFromJson)}, toJson(log)},
            {{"water log", reader(waterLogFromJson)}, Json::array({toJson(entry)})},
            {{"cross-calibration", reader(crossCalibrationFromJson)}, toJson(line)},
            {{"body water", reader(waterSamplesFromJson)}, toJson(std::vector{sample})},
            {{"plan", reader(planRequestFromJson)}, toJson(plan)}};
}

TEST(DamagedDocuments, PapersAreStrictToo) {
    int tried = 0;
    for (const auto& [shelf, document] : papers()) {
        ASSERT_FALSE(shelf.read(document)) << *shelf.read(document);
        for (const auto& place : placesOf(document)) {
            expectCalm(shelf, without(document, place), "without " + place.to_string());
            EXPECT_TRUE(shelf.read(with(document, place, otherKind(document.at(place)))))
                << shelf.folder << " took another kind at " << place;
            if (isKey(document, place)) {
                EXPECT_TRUE(shelf.read(misspelt(document, place))) << shelf.folder << " took " << place << 'x';
                ++tried;
            }
        }
    }
    EXPECT_GT(tried, 35);
}

TEST(DamagedDocuments, PapersKeepTheirLimits) {
    const auto all = papers();
    const auto refused = [&](const char* paper, const char* place, const Json& value) {
        const auto found =
            std::ranges::find(all, std::string_view(paper), [](const auto& each) { return each.first.folder; });
        return found->first.read(with(found->second, Json::json_pointer(place), value)).has_value();
    };
    EXPECT_TRUE(refused("cross-calibration", "/slope", 0.0));
    EXPECT_FALSE(refused("cross-calibration", "/slope", 0.01));
    EXPECT_TRUE(refused("cross-calibration", "/to", "hydrostatic"));
    EXPECT_TRUE(refused("cross-calibration", "/to", "scan"));
    EXPECT_TRUE(refused("cross-calibration", "/range", Json({40.0, 9.0})));
    EXPECT_FALSE(refused("cross-calibration", "/range", Json({9.0, 9.0})));
    EXPECT_TRUE(refused("cross-calibration", "/range", Json({9.0, 20.0, 41.0})));
    EXPECT_TRUE(refused("cross-calibration", "/version", 2));
    EXPECT_TRUE(refused("body water", "/0/body_water_l", 4.9));
    EXPECT_FALSE(refused("body water", "/0/body_water_l", 5.0));
    EXPECT_TRUE(refused("body water", "/0/dilution/dose_kg", 0.0));
    EXPECT_TRUE(refused("body water", "/0/dilution/dose_kg", 0.201));
    EXPECT_TRUE(refused("body water", "/0/dilution/after", 150.0));
    EXPECT_TRUE(refused("body water", "/0/dilution/unit", "percent"));
    EXPECT_TRUE(refused("practice log", "/help", "always"));
    EXPECT_TRUE(refused("practice log", "/hints", -1));
    EXPECT_TRUE(refused("practice log", "/acts/0/at", "yesterday"));
}

// Whatever a water log entry holds comes back as it was.
TEST(WaterLog, ComesBackAsItWas) {
    testing::holdsFor("entries round-trip", [] {
        WaterLogEntry entry{Instant{*rc::gen::inRange<std::int64_t>(0, 4102444800000)},
                            "bram",
                            {MilligramsPerLitre(*rc::gen::inRange(0, 500) / 10.0), std::nullopt,
                             4.0 + *rc::gen::inRange(0, 60) / 10.0,
                             Celsius(5.0 + *rc::gen::inRange(0, 550) / 10.0)},
                            "note"};
        if (*rc::gen::arbitrary<bool>())
            entry.reading.combinedChlorine = MilligramsPerLitre(*rc::gen::inRange(0, 200) / 10.0);
        const auto back = waterLogFromJson(Json::parse(Json::array({toJson(entry)}).dump()), "log");
        RC_ASSERT(back.has_value());
        RC_ASSERT(toJson(back->front()) == toJson(entry));
    });
}

} // namespace
} // namespace fusain::damaged_documents_test
