#include "record/lab/cross_calibration.hpp"

#include "core/base/message.hpp"
#include "record/base/json.hpp"

namespace fusain {

Json toJson(const CrossCalibration& line) {
    return {{"format", "fusain-cross-calibration"},
            {"from", line.from},
            {"to", line.to},
            {"slope", line.slope},
            {"intercept", line.intercept.value()},
            {"scatter", line.scatter.value()},
            {"range", {line.least.value(), line.most.value()}},
            {"people", line.people},
            {"adopted", isoText(line.adopted)}};
}

Expected<CrossCalibration> crossCalibrationFromJson(const Json& json, const std::string& where) {
    return readDocument(where, [&] {
        CrossCalibration line{json.at("from").get<std::string>(),
                              json.at("to").get<std::string>(),
                              json.at("slope").get<double>(),
                              Percent(json.at("intercept").get<double>()),
                              Percent(json.value("scatter", 0.0)),
                              Percent(json.at("range").at(0).get<double>()),
                              Percent(json.at("range").at(1).get<double>()),
                              json.at("people").get<int>(),
                              instantFromIso(json.at("adopted").get<std::string>()).value_or(Instant{})};
        if (!(line.slope > 0.0) || line.from == line.to)
            throw Json::other_error::create(501, "a conversion needs a slope above zero and two methods",
                                            &json);
        return line;
    });
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
