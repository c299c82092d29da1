#include "exchange/lab/client_export.hpp"

#include "core/anthropometry/indices.hpp"
#include "exchange/base/csv_table.hpp"
#include "record/base/json.hpp"

#include <algorithm>
#include <array>
#include <boost/archive/iterators/base64_from_binary.hpp>
#include <boost/archive/iterators/transform_width.hpp>
#include <fmt/format.h>
#include <set>

namespace fusain::exchange {
namespace {

/// A value as other programs know it.
struct Coded {
    std::string_view loinc; ///< empty where there is none that says just this
    std::string text;
    std::string_view ucum;
    double value;
};

std::vector<Coded> valuesOf(const ComputedTest& test) {
    std::vector<Coded> values{
        {"29463-7", "Body weight", "kg", test.shared().mass.value()},
        {"8302-2", "Body height", "cm", centimetres(test.record().subject.height)},
        {"39156-5", "Body mass index", "kg/m2",
         anthropometry::massIndex(test.shared().mass, test.record().subject.height).value()}};
    if (const auto* body = test.composition()) {
        values.push_back({"41982-0", "Percentage of body fat", "%", body->fatPercent.estimate().value()});
        values.push_back({"", "Fat mass", "kg", body->fatMass.estimate().value()});
        values.push_back({"", "Fat-free mass", "kg", body->fatFreeMass.estimate().value()});
    }
    const auto ofScan = [&](const DxaResult& scan) {
        values.push_back({"", "Bone mineral content, whole body", "kg", scan.boneMineral.estimate().value()});
        values.push_back({"", "Lean mass of arms and legs", "kg", scan.limbLean.estimate().value()});
    };
    const auto ofImpedance = [&](const ImpedanceResult& impedance) {
        if (impedance.phaseAngle)
            values.push_back({"", "Phase angle at 50 kHz", "deg", impedance.phaseAngle->estimate().value()});
    };
    const auto ofGirths = [&](const GirthResult& girths) {
        for (const SiteGirth& each : girths.sites)
            values.push_back({"", "Girth, " + std::string(girth::textOf(each.site).name), "cm",
                              each.value.estimate().value()});
    };
    std::visit(Overloaded{ofScan, ofImpedance, ofGirths, [](const DensityResult&) {}}, test.result);
    return values;
}

std::string base64(const std::string& bytes) {
    namespace it = boost::archive::iterators;
    using Encoder = it::base64_from_binary<it::transform_width<std::string::const_iterator, 6, 8>>;
    std::string text(Encoder(bytes.begin()), Encoder(bytes.end()));
    return text.append((3 - bytes.size() % 3) % 3, '=');
}

Json patientOf(const Client& client, bool namesHidden) {
    Json patient{{"resourceType", "Patient"},
                 {"id", client.id},
                 {"identifier", {{{"system", "urn:fusain:client-code"}, {"value", client.code}}}},
                 {"gender", sexText(client.sex)}};
    if (!namesHidden) {
        patient["name"] = {{{"text", client.name}}};
        patient["birthDate"] = isoText(client.birthDate);
    }
    return patient;
}

Json observationOf(const Coded& value, const std::string& id, const std::string& patient, const RawTest& test) {
    Json code{{"text", value.text}};
    if (!value.loinc.empty())
        code["coding"] = {{{"system", "http://loinc.org"}, {"code", value.loinc}, {"display", value.text}}};
    return {{"resourceType", "Observation"},
            {"id", id},
            {"status", test.version > 1 ? "amended" : "final"},
            {"code", code},
            {"subject", {{"reference", "Patient/" + patient}}},
            {"effectiveDateTime", isoText(test.startedAt)},
            {"valueQuantity",
             {{"value", value.value},
              {"unit", value.ucum},
              {"system", "http://unitsofmeasure.org"},
              {"code", value.ucum}}}};
}

Json entry(Json resource) {
    const std::string url = "urn:fusain:" + resource.at("resourceType").get<std::string>() + "/" +
                            resource.at("id").get<std::string>();
    return {{"fullUrl", url}, {"resource", std::move(resource)}};
}

// FHIR ids: letters, digits, "-" and ".", at most 64.
std::string fhirId(std::string id) {
    for (char& c : id)
        if (!std::isalnum(static_cast<unsigned char>(c)) && c != '-' && c != '.')
            c = '-';
    return id.substr(0, 56);
}

} // namespace

std::string clientTableCsv(const std::vector<ComputedTest>& tests) {
    std::string text =
        "date,method,setting,mass_kg,fat_percent,fat_percent_repeatability_se,fat_percent_lsc95,fat_percent_"
        "ci95_low,"
        "fat_percent_ci95_high,fat_mass_kg,fat_mass_kg_repeatability_se,fat_mass_kg_lsc95,fat_mass_kg_ci95_low,"
        "fat_mass_kg_ci95_high,fat_free_mass_kg,fat_free_mass_kg_repeatability_se,fat_free_mass_kg_lsc95,"
        "fat_free_mass_kg_ci95_low,fat_free_mass_kg_ci95_high,version\n";
    for (const ComputedTest& test : tests) {
        const auto* body = test.composition();
        const auto figures = [&](auto member) {
            if (!body)
                return std::string(",,,,");
            const auto& value = body->*member;
            return fmt::format("{:.3f},{:.3f},{:.3f},{:.3f},{:.3f}", value.estimate().value(),
                               value.repeatability().value(), value.leastSignificantChange().value(),
                               value.low().value(), value.high().value());
        };
        text += fmt::format("{},{},{},{:.3f},{},{},{},{}\n", isoText(test.record().startedAt),
                            methodOf(test.test), csvCell(test.shared().setting), test.shared().mass.value(),
                            figures(&compartments::Composition::fatPercent),
                            figures(&compartments::Composition::fatMass),
                            figures(&compartments::Composition::fatFreeMass), test.record().version);
    }
    return text;
}

Json fhirBundle(const Client& client, const std::vector<ComputedTest>& tests,
                const std::vector<std::string>& reports, bool namesHidden) {
    Json entries = Json::array();
    Client patient = client;
    patient.id = fhirId(client.id);
    entries.push_back(entry(patientOf(patient, namesHidden)));
    for (std::size_t i = 0; i < tests.size(); ++i) {
        const RawTest& record = tests[i].record();
        const std::string id = fhirId(record.id);
        Json results = Json::array();
        int number = 0;
        for (const Coded& value : valuesOf(tests[i])) {
            const std::string observation = id + "-" + std::to_string(++number);
            entries.push_back(entry(observationOf(value, observation, patient.id, record)));
            results.push_back({{"reference", "Observation/" + observation}});
        }
        Json report{
            {"resourceType", "DiagnosticReport"},
            {"id", id},
            {"status", record.version > 1 ? "amended" : "final"},
            {"code", {{"text", "Body composition: " + std::string(methodTitle(methodOf(tests[i].test)))}}},
            {"subject", {{"reference", "Patient/" + patient.id}}},
            {"effectiveDateTime", isoText(record.startedAt)},
            {"result", results}};
        if (!record.interpretation.empty())
            report["conclusion"] = record.interpretation;
        if (i < reports.size() && !reports[i].empty())
            report["presentedForm"] = {{{"contentType", "application/pdf"}, {"data", base64(reports[i])}}};
        entries.push_back(entry(std::move(report)));
    }
    return {{"resourceType", "Bundle"}, {"type", "collection"}, {"entry", entries}};
}

namespace {

/// Keys that each kind of resource must have.
constexpr std::array<std::pair<std::string_view, std::array<const char*, 5>>, 3> required{
    {{"Patient", {"id", "identifier", "gender", nullptr, nullptr}},
     {"Observation", {"id", "status", "code", "subject", "valueQuantity"}},
     {"DiagnosticReport", {"id", "status", "code", "subject", "result"}}}};

void judgeResource(const Json& resource, const std::set<std::string>& known,
                   std::vector<std::string>& problems) {
    const std::string type = resource.value("resourceType", "");
    const auto rule = std::ranges::find(required, type, [](const auto& each) { return each.first; });
    if (rule == required.end())
        return problems.push_back("\"" + type + "\" is not a resource of this bundle");
    const std::string name = type + "/" + resource.value("id", "?");
    for (const char* key : rule->second)
        if (key && !resource.contains(key))
            problems.push_back(name + ": no " + key);
    const auto refersTo = [&](const Json& reference) {
        if (const std::string target = reference.value("reference", ""); !known.contains(target))
            problems.push_back(name + ": refers to \"" + target + "\", which is not in the bundle");
    };
    if (resource.contains("subject"))
        refersTo(resource.at("subject"));
    for (const Json& result : resource.value("result", Json::array()))
        refersTo(result);
    if (type == "Observation") {
        const Json quantity = resource.value("valueQuantity", Json::object());
        if (!quantity.contains("value") || !quantity.at("value").is_number() ||
            quantity.value("system", "") != "http://unitsofmeasure.org" || quantity.value("code", "").empty())
            problems.push_back(name + ": the value needs a number and a UCUM unit");
    }
}

} // namespace

std::vector<std::string> problemsWithBundle(const Json& bundle) {
    std::vector<std::string> problems;
    if (!bundle.is_object() || bundle.value("resourceType", "") != "Bundle" ||
        bundle.value("type", "") != "collection")
        return {"not a Bundle of type collection"};
    std::set<std::string> known;
    int patients = 0;
    for (const Json& each : bundle.value("entry", Json::array())) {
        const Json resource = each.value("resource", Json::object());
        const std::string name = resource.value("resourceType", "") + "/" + resource.value("id", "");
        if (!known.insert(name).second)
            problems.push_back(name + " is there twice");
        patients += resource.value("resourceType", "") == "Patient";
        if (each.value("fullUrl", "").empty())
            problems.push_back(name + ": no fullUrl");
    }
    if (patients != 1)
        problems.push_back("a bundle is about exactly one patient");
    for (const Json& each : bundle.value("entry", Json::array()))
        judgeResource(each.value("resource", Json::object()), known, problems);
    return problems;
}

} // namespace fusain::exchange
