#include "record/girth/record.hpp"

#include "record/girth/method.hpp"
#include "record/girth/site_field.hpp"
#include "record/method/schema.hpp"

namespace fusain {
namespace {

// Wider than what a procedure accepts: what cannot be a reading of a tape.
constexpr Limits tapeLimits = between(1.0, 300.0);

const Fields<GirthReading>& readingTable() {
    static const auto fields =
        Fields<GirthReading>("girth")
            .with(numberedFields())
            .required("site", &GirthReading::site, "where the tape was laid")
            .required("value_cm", &GirthReading::value, "as read on the tape", tapeLimits);
    return fields;
}

const Fields<TapeCheck>& checkFields() {
    static const auto fields =
        Fields<TapeCheck>("check of the tape")
            .with(numberedFields())
            .required("nominal_cm", &TapeCheck::nominal, "length of the rule", tapeLimits)
            .required("reading_cm", &TapeCheck::reading, "what the tape shows", tapeLimits);
    return fields;
}

const Fields<GirthTest>& testFields() {
    using Test = GirthTest;
    static const auto fields =
        Fields<Test>("raw record of girths")
            .with(rawTestFields(GirthMethod::id))
            .list("tape_checks", &Test::tapeChecks, checkFields(), "the latest holds for what follows")
            .part("mass_kg", &Test::mass, massFields(), "on the scale")
            .list("girths", &Test::girths, readingTable(), "in the order in which they were read")
            .check([](const Test& test) { return repeatedNumber(test.girths, "girths"); })
            .check([](const Test& test) { return repeatedNumber(test.tapeChecks, "tape_checks"); });
    return fields;
}

} // namespace

Json toJson(const GirthReading& reading) {
    return readingTable().write(reading);
}
GirthReading girthReadingFromJson(const Json& json) {
    return readingTable().read(json);
}
Json toJson(const TapeCheck& check) {
    return checkFields().write(check);
}
TapeCheck tapeCheckFromJson(const Json& json) {
    return checkFields().read(json);
}
Json toJson(const GirthTest& test) {
    return testFields().write(test);
}

Expected<GirthTest> girthTestFromJson(const Json& json, const std::string& where) {
    // Nothing stands in its first schema that a later one says otherwise.
    return readRecord(
        json, where, [](Json&) {}, testFields());
}

DocumentKind girthTestKind() {
    return {"Raw record of girths", testFields().notes()};
}

} // namespace fusain
