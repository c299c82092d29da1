// Every document that ships, damaged in every place: a part lost, a part of another kind, a number out of all
// bounds. The reader may take what it can do without; it never throws, and what it refuses it explains with the
// file's name.
#include "record/all/policy.hpp"
#include "record/base/json.hpp"
#include "record/lab/instrument.hpp"
#include "record/lab/key_point_rule.hpp"
#include "record/lab/planning.hpp"
#include "record/lab/preparation.hpp"
#include "record/lab/reference_json.hpp"
#include "record/lab/water_log.hpp"
#include "record/method/protocol.hpp"
#include "record/practice/practice_case.hpp"
#include "record/practice/practice_log.hpp"
#include "record/practice/reading_exercise.hpp"
#include "support/property.hpp"

#include <filesystem>
#include <fstream>
#include <functional>
#include <set>

namespace fusain::damaged_documents_test {
namespace {

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

// Every place of a document, as pointers; of lists the first and the last element stand for all.
void placesOf(const Json& json, const Json::json_pointer& here, std::vector<Json::json_pointer>& places) {
    if (json.is_object())
        for (const auto& [key, value] : json.items()) {
            places.push_back(here / key);
            placesOf(value, here / key, places);
        }
    if (json.is_array() && !json.empty())
        for (const std::size_t index : std::set<std::size_t>{0, json.size() - 1}) {
            places.push_back(here / index);
            placesOf(json[index], here / index, places);
        }
}

void remove(Json& json, const Json::json_pointer& place) {
    Json& parent = json.at(place.parent_pointer());
    if (parent.is_array())
        parent.erase(static_cast<std::size_t>(std::stoul(place.back())));
    else
        parent.erase(place.back());
}

Json otherKind(const Json& value) {
    return value.is_string() ? Json(42) : value.is_number() ? Json("forty-two") : Json(nullptr);
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
            std::vector<Json::json_pointer> places;
            placesOf(document, Json::json_pointer(), places);
            for (const auto& place : places) {
                Json damaged = document;
                remove(damaged, place);
                expectCalm(shelf, damaged, "without " + place.to_string());
                ++tried;
            }
        }
    EXPECT_GT(tried, 2000);
}

TEST(DamagedDocuments, APartOfAnotherKindIsExplained) {
    for (const Shelf& shelf : shelves())
        for (const Json& document : documentsOf(shelf.folder)) {
            std::vector<Json::json_pointer> places;
            placesOf(document, Json::json_pointer(), places);
            for (const auto& place : places) {
                Json damaged = document;
                damaged.at(place) = otherKind(document.at(place));
                expectCalm(shelf, damaged, "another kind at " + place.to_string());
            }
        }
}

TEST(DamagedDocuments, ANumberOutOfAllBoundsNeverThrows) {
    for (const Shelf& shelf : shelves())
        for (const Json& document : documentsOf(shelf.folder)) {
            std::vector<Json::json_pointer> places;
            placesOf(document, Json::json_pointer(), places);
            for (const auto& place : places)
                if (document.at(place).is_number())
                    for (const double wild : {-1e18, 0.0, 1e18}) {
                        Json damaged = document;
                        damaged.at(place) = wild;
                        expectCalm(shelf, damaged, "a wild number at " + place.to_string());
                    }
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

// Logs are written by the program and may be spoilt by hand.
TEST(DamagedDocuments, LogsAreCalmToo) {
    const Instant at{1773302400000};
    PracticeLog log{"tank-air",        "sunniva", HelpLevel::WhenAsked, 1, {{at, "calm", true, true}},
                    {{at, {"splash"}}}};
    WaterLogEntry entry{at, "bram", {4.0, 0.2, 7.5, Celsius(35.0)}, "changed a third"};
    const Shelf practice{"practice log", reader(practiceLogFromJson)},
        water{"water log", reader(waterLogFromJson)};
    for (const auto& [shelf, document] :
         {std::pair(&practice, toJson(log)), std::pair(&water, Json::array({toJson(entry)}))}) {
        ASSERT_FALSE(shelf->read(document));
        std::vector<Json::json_pointer> places;
        placesOf(document, Json::json_pointer(), places);
        for (const auto& place : places) {
            Json damaged = document;
            remove(damaged, place);
            expectCalm(*shelf, damaged, "without " + place.to_string());
            damaged = document;
            damaged.at(place) = otherKind(document.at(place));
            expectCalm(*shelf, damaged, "another kind at " + place.to_string());
        }
    }
}

// Whatever a water log entry holds comes back as it was.
TEST(WaterLog, ComesBackAsItWas) {
    testing::holdsFor("entries round-trip", [] {
        WaterLogEntry entry{Instant{*rc::gen::inRange<std::int64_t>(0, 4102444800000)},
                            "bram",
                            {*rc::gen::inRange(0, 500) / 10.0, std::nullopt,
                             4.0 + *rc::gen::inRange(0, 60) / 10.0,
                             Celsius(5.0 + *rc::gen::inRange(0, 550) / 10.0)},
                            "note"};
        if (*rc::gen::arbitrary<bool>())
            entry.reading.combinedChlorine = *rc::gen::inRange(0, 200) / 10.0;
        const auto back = waterLogFromJson(Json::parse(Json::array({toJson(entry)}).dump()), "log");
        RC_ASSERT(back.has_value());
        RC_ASSERT(toJson(back->front()) == toJson(entry));
    });
}

} // namespace
} // namespace fusain::damaged_documents_test
