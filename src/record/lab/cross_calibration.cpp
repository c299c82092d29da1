#include "record/lab/cross_calibration.hpp"

#include "core/base/message.hpp"
#include "record/all/record.hpp"
#include "record/base/fields.hpp"

#include <algorithm>

namespace fusain {

namespace {

// The least and the greatest value that a line rests on.
const FieldNote rangeNote{"range",
                          "list of two numbers",
                          "%",
                          between(0.0, 100.0),
                          Presence::Required,
                          "least and greatest value by the first method that it rests on",
                          {},
                          {}};

void readRange(const Json& json, CrossCalibration& line) {
    const Json& ends = listIn(json, rangeNote);
    if (ends.size() != 2)
        refuse(json, rangeNote, "has " + std::to_string(ends.size()) + " numbers");
    line.least = Percent(numberIn(ends[0], rangeNote));
    line.most = Percent(numberIn(ends[1], rangeNote));
}

std::string whatCannotBe(const CrossCalibration& line) {
    for (const std::string& method : {line.from, line.to})
        if (std::ranges::find(methods, method) == methods.end())
            return "no method " + method;
    if (line.from == line.to)
        return "a conversion needs two methods";
    return line.least <= line.most ? std::string() : "the range ends before it begins";
}

const Fields<CrossCalibration>& lineFields() {
    using Line = CrossCalibration;
    static const auto fields =
        Fields<Line>("cross-calibration")
            .format("fusain-cross-calibration", 1, Presence::Required)
            .required("from", &Line::from, "method that a value comes from")
            .required("to", &Line::to, "method whose value it becomes")
            .required("slope", &Line::slope, "of the line between them", aboveUpTo(0.0, 10.0))
            .required("intercept", &Line::intercept, "of the line", between(-100.0, 100.0))
            .optional("scatter", &Line::scatter, "SD of one person about the line, without repeat error",
                      between(0.0, 50.0))
            .custom(rangeNote, readRange,
                    [](const Line& line) {
                        return Json{line.least.value(), line.most.value()};
                    })
            .required("people", &Line::people, "who were measured by both", between(2.0, 100000.0))
            .required("adopted", &Line::adopted, "when the lab put it in force")
            .check(whatCannotBe);
    return fields;
}

} // namespace

Json toJson(const CrossCalibration& line) {
    return lineFields().write(line);
}

Expected<CrossCalibration> crossCalibrationFromJson(const Json& json, const std::string& where) {
    return readDocument(where, [&] { return lineFields().read(json); });
}

DocumentKind crossCalibrationKind() {
    return {"Cross-calibration", lineFields().notes()};
}

Expected<CrossCalibration> crossCalibrationFrom(const quality::DemingLine& line, std::string from,
                                                std::string to, double fromError, double toError,
                                                Instant adopted) {
    if (line.people < quality::crossCalibrationPeople)
        return failure(
            {FUSAIN_TEXT("A cross-calibration needs {1} people measured by both; there are {2}."),
             {std::to_string(quality::crossCalibrationPeople), std::to_string(line.people)}},
            {}, {FUSAIN_TEXT("Measure more people by both methods on one day, over the whole range."), {}});
    return CrossCalibration{std::move(from),
                            std::move(to),
                            line.slope.value,
                            Percent(line.intercept.value),
                            Percent(quality::personalScatter(line, fromError, toError)),
                            Percent(line.least),
                            Percent(line.most),
                            line.people,
                            adopted};
}

} // namespace fusain
