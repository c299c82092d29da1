#include "record/method/attribution.hpp"

#include "record/method/reading_fields.hpp"

namespace fusain {
namespace {

constexpr Named<Origin> origins[] = {{"typed", Origin::Typed}, {"link", Origin::Link}, {"file", Origin::File}};

} // namespace

const Fields<Attribution>& attributionFields() {
    static const auto fields =
        Fields<Attribution>("reading")
            .word("origin", &Attribution::origin, origins, "how it came into the record", Presence::Optional)
            .required("at", &Attribution::at, "when it was accepted")
            .sparse("device", &Attribution::device, "as the lab calls it")
            .sparse("link", &Attribution::link, "address of the link, or name of the file")
            .sparse("test", &Attribution::test, "id of the test that it was taken for")
            .sparse("client", &Attribution::client, "id of the client")
            .sparse("by", &Attribution::by, "staff id of who accepted it")
            .sparse("missing_lines", &Attribution::missingLines, "that the link lost while it was recorded",
                    atLeast(0));
    return fields;
}

Fields<Reading> readingFields(std::string_view unit, Limits limits) {
    auto fields = Fields<Reading>("reading");
    fields.with(attributionFields());
    FieldNote note{"value", "number", std::string(unit), limits, Presence::Required, "the reading", {}, {}};
    fields.custom(
        note, [note](const Json& json, Reading& reading) { reading.value = numberIn(json, note); },
        [](const Reading& reading) { return Json(reading.value); });
    return fields;
}

Json toJson(const Reading& reading) {
    static const auto fields = readingFields({}, {});
    return fields.write(reading);
}
const Fields<Reading>& massFields() {
    static const auto fields = readingFields(Kilograms::symbol(), massLimits);
    return fields;
}
Reading massFromJson(const Json& json) {
    return massFields().read(json);
}

} // namespace fusain
