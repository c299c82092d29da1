#include "record/scan/file.hpp"

#include "record/base/json_lists.hpp"

namespace fusain {
namespace {

constexpr std::string_view format = "fusain-scan";
constexpr int version = 1;

} // namespace

Json toJson(const ScanFile& file) {
    Json json = toJson(file.scan);
    json.update(toJson(file.scanner));
    json.update({{"format", format},
                 {"version", version},
                 {"client_code", file.clientCode},
                 {"scanned_at", isoText(file.scannedAt)},
                 {"dose_usv", file.dose.value()},
                 {"half_body", file.halfBody},
                 {"reported", listOf(file.reported)},
                 {"bones", listOf(file.bones)}});
    return json;
}

Expected<ScanFile> scanFileFromJson(const Json& json, const std::string& where) {
    return readDocument(where, [&] {
        if (!json.is_object() || json.value("format", "") != format)
            throw Json::other_error::create(501, "this is not a scan (format \"fusain-scan\")", &json);
        if (json.value("version", 1) > version)
            throw Json::other_error::create(501, "the scan was written by a newer program", &json);
        ScanFile file{json.at("client_code").get<std::string>(),
                      instantAt(json, "scanned_at"),
                      scannerSetupFromJson(json),
                      Microsieverts(json.value("dose_usv", 0.0)),
                      json.value("half_body", ""),
                      scanFromJson(json),
                      {},
                      {}};
        if (!file.halfBody.empty() && !file.scan.of(dxa::Region::Total)) {
            auto whole = dxa::mirrored(file.scan);
            if (!whole)
                throw Json::other_error::create(
                    501, "a half body needs arm, leg and the halves of trunk and head", &json);
            file.scan = std::move(*whole);
        }
        readList(json, "reported", file.reported, reportedValueFromJson);
        readList(json, "bones", file.bones, reportedBoneFromJson);
        return file;
    });
}

} // namespace fusain
