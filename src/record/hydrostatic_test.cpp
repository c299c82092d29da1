#include "record/hydrostatic_test.hpp"

#include <algorithm>

namespace fusain {
namespace {

std::string originText(Origin origin) {
    return origin == Origin::Link ? "link" : "typed";
}
Origin originFrom(const Json& json) {
    return json.value("origin", "typed") == "link" ? Origin::Link : Origin::Typed;
}

Instant instantAt(const Json& json, const char* key) {
    const auto instant = instantFromIso(json.at(key).get<std::string>());
    if (!instant)
        throw Json::other_error::create(501, std::string(key) + " is not a time like 2026-03-12T07:40:00.000Z",
                                        &json);
    return *instant;
}

std::string stateText(TestState state) {
    return state == TestState::Signed ? "signed" : state == TestState::Refused ? "refused" : "running";
}
TestState stateFrom(const std::string& text) {
    return text == "signed" ? TestState::Signed : text == "refused" ? TestState::Refused : TestState::Running;
}

std::string actionName(readiness::Action action) {
    static constexpr std::array names{"go-on", "note", "wait", "rebook", "blocked"};
    return names[static_cast<std::size_t>(action)];
}
readiness::Action actionFrom(const std::string& name) {
    for (const auto action : {readiness::Action::Note, readiness::Action::Wait, readiness::Action::Rebook,
                              readiness::Action::Blocked})
        if (actionName(action) == name)
            return action;
    return readiness::Action::GoOn;
}

template <class T>
Json listOf(const std::vector<T>& items) {
    Json list = Json::array();
    for (const T& item : items)
        list.push_back(toJson(item));
    return list;
}

template <class T>
void setIf(Json& json, const char* key, const std::optional<T>& value) {
    if (value)
        json[key] = toJson(*value);
}

template <class T, class Read>
void readIf(const Json& json, const char* key, std::optional<T>& target, Read read) {
    if (json.contains(key))
        target = read(json.at(key));
}

template <class T, class Read>
void readList(const Json& json, const char* key, std::vector<T>& target, Read read) {
    if (json.contains(key))
        for (const Json& entry : json.at(key))
            target.push_back(read(entry));
}

} // namespace

bool HydrostaticTest::done(const std::string& step) const {
    return std::ranges::find(doneSteps, step) != doneSteps.end();
}

Json toJson(const Reading& reading) {
    return {{"value", reading.value}, {"origin", originText(reading.origin)}, {"at", isoText(reading.at)}};
}
Reading readingFromJson(const Json& json) {
    return {json.at("value").get<double>(), originFrom(json), instantAt(json, "at")};
}

Json toJson(const readiness::Answer& answer) {
    Json json = Json::object();
    if (answer.hoursSince)
        json["hours_since"] = *answer.hoursSince;
    if (answer.never)
        json["never"] = true;
    if (answer.number)
        json["number"] = *answer.number;
    if (!answer.choice.empty())
        json["choice"] = answer.choice;
    return json;
}
readiness::Answer answerFromJson(const Json& json) {
    return {optionalAt<double>(json, "hours_since"), json.value("never", false),
            optionalAt<double>(json, "number"), json.value("choice", "")};
}

Json toJson(const AnsweredQuestion& question) {
    Json json{{"rule", question.rule},
              {"answer", toJson(question.answer)},
              {"kept", question.finding.kept},
              {"action", actionName(question.finding.action)},
              {"wait_min", question.finding.waitMinutes},
              {"at", isoText(question.at)}};
    if (!question.acceptedReason.empty()) {
        json["accepted_reason"] = question.acceptedReason;
        json["accepted_by"] = question.acceptedBy;
    }
    return json;
}
AnsweredQuestion answeredQuestionFromJson(const Json& json) {
    return {json.at("rule").get<std::string>(),
            answerFromJson(json.at("answer")),
            {json.at("kept").get<bool>(), actionFrom(json.at("action").get<std::string>()),
             json.value("wait_min", 0.0)},
            json.value("accepted_reason", ""),
            json.value("accepted_by", ""),
            instantAt(json, "at")};
}

Json toJson(const VitalCapacityEffort& effort) {
    return {
        {"number", effort.number}, {"volume_l_btps", effort.volume.value()}, {"acceptable", effort.acceptable},
        {"remark", effort.remark}, {"origin", originText(effort.origin)},    {"at", isoText(effort.at)}};
}
VitalCapacityEffort effortFromJson(const Json& json) {
    return {json.at("number").get<int>(),
            Litres(json.at("volume_l_btps").get<double>()),
            json.value("acceptable", true),
            json.value("remark", ""),
            originFrom(json),
            instantAt(json, "at")};
}

Json toJson(const WeighingTrial& trial) {
    Json json{{"number", trial.number},
              {"gross_kg", trial.gross.value()},
              {"standard_error_kg", trial.standardError.value()},
              {"origin", originText(trial.origin)},
              {"at", isoText(trial.at)}};
    if (!trial.setAsideReason.empty())
        json["set_aside"] = trial.setAsideReason;
    if (!trial.reading.empty())
        json["reading"] = trial.reading;
    if (!trial.trace.empty()) {
        Json times = Json::array(), masses = Json::array();
        for (const auto& sample : trial.trace) {
            times.push_back(sample.time.value());
            masses.push_back(sample.gross.value());
        }
        json["trace"] = {{"time_s", times}, {"gross_kg", masses}};
    }
    return json;
}
WeighingTrial trialFromJson(const Json& json) {
    WeighingTrial trial{json.at("number").get<int>(),
                        Kilograms(json.at("gross_kg").get<double>()),
                        Kilograms(json.at("standard_error_kg").get<double>()),
                        originFrom(json),
                        instantAt(json, "at"),
                        json.value("set_aside", ""),
                        json.value("reading", ""),
                        {}};
    if (const auto trace = json.find("trace"); trace != json.end()) {
        const Json& times = trace->at("time_s");
        const Json& masses = trace->at("gross_kg");
        if (times.size() != masses.size())
            throw Json::other_error::create(501, "time_s and gross_kg differ in length", &*trace);
        for (std::size_t i = 0; i < times.size(); ++i)
            trial.trace.push_back({Seconds(times.at(i).get<double>()), Kilograms(masses.at(i).get<double>())});
    }
    return trial;
}

Json toJson(const LoadCellCheck& check) {
    return {{"tare_kg", check.tare.value()},
            {"reference_nominal_kg", check.referenceNominal.value()},
            {"reference_reading_kg", check.referenceReading.value()},
            {"at", isoText(check.at)}};
}
LoadCellCheck loadCellCheckFromJson(const Json& json) {
    return {Kilograms(json.at("tare_kg").get<double>()),
            Kilograms(json.at("reference_nominal_kg").get<double>()),
            Kilograms(json.at("reference_reading_kg").get<double>()), instantAt(json, "at")};
}

Json toJson(const TestSubject& subject) {
    return {{"client_id", subject.clientId},
            {"sex", sexText(subject.sex)},
            {"age_y", subject.age.value()},
            {"height_m", subject.height.value()},
            {"repeat_test", subject.repeatTest}};
}
TestSubject subjectFromJson(const Json& json) {
    return {json.at("client_id").get<std::string>(), sexFromText(json.at("sex").get<std::string>()),
            Years(json.at("age_y").get<double>()), Metres(json.at("height_m").get<double>()),
            json.value("repeat_test", false)};
}

Json toJson(const MeasuredResidualVolume& volume) {
    return {{"volume_l_btps", volume.volume.value()}, {"method", volume.method}, {"at", isoText(volume.at)}};
}
MeasuredResidualVolume measuredResidualVolumeFromJson(const Json& json) {
    return {Litres(json.at("volume_l_btps").get<double>()), json.at("method").get<std::string>(),
            instantAt(json, "at")};
}

Json toJson(const HydrostaticTest& test) {
    Json json{{"format", "fusain-raw-test"},
              {"schema", HydrostaticTest::schemaVersion},
              {"method", "hydrostatic"},
              {"id", test.id},
              {"version", test.version},
              {"amendment_reason", test.amendmentReason},
              {"subject", toJson(test.subject)},
              {"policy", test.policyId},
              {"protocol", test.protocolId},
              {"started_by", test.startedBy},
              {"started_at", isoText(test.startedAt)},
              {"state", stateText(test.state)},
              {"refusal", test.refusal},
              {"done_steps", test.doneSteps},
              {"answers", listOf(test.answers)},
              {"vital_capacity", listOf(test.efforts)},
              {"trials", listOf(test.trials)},
              {"notes", test.notes},
              {"interpretation", test.interpretation}};
    setIf(json, "load_cell", test.loadCell);
    setIf(json, "water_temperature_c", test.waterTemperature);
    setIf(json, "dry_mass_kg", test.dryMass);
    setIf(json, "room_temperature_c", test.roomTemperature);
    setIf(json, "pressure_mmhg", test.pressure);
    setIf(json, "residual_volume", test.residualVolume);
    if (test.signature)
        json["signature"] = {{"technician", test.signature->technician},
                             {"physiologist", test.signature->physiologist},
                             {"at", isoText(test.signature->at)}};
    return json;
}

Expected<HydrostaticTest> hydrostaticTestFromJson(const Json& json, const std::string& where) {
    return readDocument(where, [&] {
        HydrostaticTest test;
        if (const int schema = json.at("schema").get<int>(); schema > HydrostaticTest::schemaVersion)
            throw Json::other_error::create(
                501, "schema " + std::to_string(schema) + " was written by a newer Fusain", &json);
        test.id = json.at("id").get<std::string>();
        test.version = json.value("version", 1);
        test.amendmentReason = json.value("amendment_reason", "");
        test.subject = subjectFromJson(json.at("subject"));
        test.policyId = json.value("policy", "");
        test.protocolId = json.value("protocol", "");
        test.startedBy = json.value("started_by", "");
        test.startedAt = instantAt(json, "started_at");
        test.state = stateFrom(json.value("state", "running"));
        test.refusal = json.value("refusal", "");
        test.doneSteps = json.value("done_steps", std::vector<std::string>{});
        readIf(json, "load_cell", test.loadCell, loadCellCheckFromJson);
        readIf(json, "water_temperature_c", test.waterTemperature, readingFromJson);
        readList(json, "answers", test.answers, answeredQuestionFromJson);
        readIf(json, "dry_mass_kg", test.dryMass, readingFromJson);
        readIf(json, "room_temperature_c", test.roomTemperature, readingFromJson);
        readIf(json, "pressure_mmhg", test.pressure, readingFromJson);
        readList(json, "vital_capacity", test.efforts, effortFromJson);
        readIf(json, "residual_volume", test.residualVolume, measuredResidualVolumeFromJson);
        readList(json, "trials", test.trials, trialFromJson);
        test.notes = json.value("notes", std::vector<std::string>{});
        test.interpretation = json.value("interpretation", "");
        if (json.contains("signature"))
            test.signature = Signature{json.at("signature").at("technician").get<std::string>(),
                                       json.at("signature").at("physiologist").get<std::string>(),
                                       instantAt(json.at("signature"), "at")};
        return test;
    });
}

} // namespace fusain
