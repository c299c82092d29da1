#include "record/base/fields.hpp"

#include <gtest/gtest.h>

using namespace fusain;

namespace {

enum class Colour { Berry, Aril };
constexpr Named<Colour> colours[] = {{"berry", Colour::Berry}, {"aril", Colour::Aril}};

struct Inner {
    int number = 1;
};
struct Thing {
    std::string id;
    double height = 0.0;
    int count = 3;
    Colour colour = Colour::Berry;
    std::optional<double> extra;
    std::vector<Inner> parts;
    std::string remark;
};

const Fields<Thing>& things() {
    static const auto inner = Fields<Inner>("part").required("number", &Inner::number, "", between(1, 9));
    static const auto fields = Fields<Thing>("thing")
                                   .required("id", &Thing::id, "its name")
                                   .required("height_m", &Thing::height, "its height", aboveUpTo(0.0, 2.5))
                                   .optional("count", &Thing::count, "how many", atLeast(0))
                                   .word("colour", &Thing::colour, colours, "its colour", Presence::Optional)
                                   .sparse("extra", &Thing::extra, "if measured", between(0, 1))
                                   .list("parts", &Thing::parts, inner, "its parts")
                                   .sparse("remark", &Thing::remark, "free text")
                                   .check([](const Thing& thing) {
                                       return thing.id == "x" ? std::string("x is taken") : std::string();
                                   });
    return fields;
}

Expected<Thing> read(const char* text) {
    return readDocument("here", [&] { return things().read(Json::parse(text)); });
}
std::string refusal(const char* text) {
    const auto thing = read(text);
    return thing ? "accepted" : thing.error().what.arguments.front();
}

} // namespace

TEST(DocumentFields, ReadWhatTheyWrite) {
    const auto thing = read(
        R"({"id":"a","height_m":2.5,"count":0,"colour":"aril","extra":1,"parts":[{"number":9}],"remark":"r"})");
    ASSERT_TRUE(thing);
    EXPECT_EQ(thing->height, 2.5);
    EXPECT_EQ(thing->count, 0);
    EXPECT_EQ(thing->colour, Colour::Aril);
    EXPECT_EQ(thing->extra, 1.0);
    ASSERT_EQ(thing->parts.size(), 1u);
    EXPECT_EQ(
        things().write(*thing).dump(),
        R"({"colour":"aril","count":0,"extra":1.0,"height_m":2.5,"id":"a","parts":[{"number":9}],"remark":"r"})");
}

TEST(DocumentFields, WhatIsMissingKeepsItsUsualValueAndSparseKeysAreNotWritten) {
    const auto thing = read(R"({"id":"a","height_m":1,"extra":null})");
    ASSERT_TRUE(thing);
    EXPECT_EQ(thing->count, 3);
    EXPECT_FALSE(thing->extra);
    EXPECT_EQ(things().write(*thing).dump(),
              R"({"colour":"berry","count":3,"height_m":1.0,"id":"a","parts":[]})");
}

TEST(DocumentFields, EverythingElseIsRefusedWithWhatIsAllowed) {
    const std::pair<const char*, const char*> cases[] = {
        {R"({"height_m":1})", "\"id\" is missing"},
        {R"({"id":"a"})", "\"height_m\" is missing"},
        {R"({"id":"a","hieght_m":1,"height_m":1})", "\"hieght_m\" is not known here; known are: id, height_m"},
        {R"({"id":7,"height_m":1})", "must be string"},
        {R"({"id":"a","height_m":0})", "height_m is 0; allowed: number, more than 0 up to 2.5"},
        {R"({"id":"a","height_m":2.51})", "height_m is 2.51"},
        {R"({"id":"a","height_m":true})", "height_m is boolean"},
        {R"({"id":"a","height_m":null})", "height_m is null"},
        {R"({"id":"a","height_m":"1"})", "height_m is string"},
        {R"({"id":"a","height_m":1e400})", ""},
        {R"({"id":"a","height_m":1,"count":-1})", "count is -1; allowed: whole number, 0 or more"},
        {R"({"id":"a","height_m":1,"count":1.5})", "count is 1.5"},
        {R"({"id":"a","height_m":1,"count":3e9})", "count is 3"},
        {R"({"id":"a","height_m":1,"colour":"Berry"})", "colour is \"Berry\"; allowed: berry, aril"},
        {R"({"id":"a","height_m":1,"colour":1})", "must be string"},
        {R"({"id":"a","height_m":1,"extra":1.01})", "extra is 1.01; allowed: number, 0 to 1"},
        {R"({"id":"a","height_m":1,"parts":{}})", "parts is object"},
        {R"({"id":"a","height_m":1,"parts":[{"number":10}]})", "/parts/0"},
        {R"({"id":"a","height_m":1,"parts":[{}]})", "\"number\" is missing"},
        {R"({"id":"a","height_m":1,"parts":[7]})", "an object was expected, not number"},
        {R"({"id":"x","height_m":1})", "x is taken"},
        {R"([])", "an object was expected, not array"}};
    for (const auto& [text, reason] : cases) {
        const std::string said = refusal(text);
        EXPECT_NE(said, "accepted") << text;
        EXPECT_NE(said.find(reason), std::string::npos) << text << ": " << said;
    }
}

TEST(DocumentFields, TheTableOfTheFormatNamesUnitsLimitsAndWords) {
    const std::string table = markdownTable(things().notes());
    EXPECT_NE(table.find("| `height_m` | number, more than 0 up to 2.5 | yes | its height |"),
              std::string::npos)
        << table;
    EXPECT_NE(table.find("| `colour` | berry, aril |  | its colour |"), std::string::npos);
    EXPECT_NE(table.find("| `parts[].number` | whole number, 1 to 9 | yes |"), std::string::npos);
}
