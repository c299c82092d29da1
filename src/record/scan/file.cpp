#include "record/scan/file.hpp"

#include "record/scan/record_fields.hpp"

namespace fusain {
namespace {

const Fields<ScanFile>& fileFields() {
    static const auto fields =
        Fields<ScanFile>("scan file")
            .format("fusain-scan", 1, Presence::Required)
            .required("client_code", &ScanFile::clientCode, "as it stands on the densitometer")
            .required("scanned_at", &ScanFile::scannedAt, "when the scan was made")
            .flat(&ScanFile::scanner, scannerSetupFields())
            .optional("dose_usv", &ScanFile::dose, "of this scan; 0 when it is not known", atLeast(0.0))
            .optional("half_body", &ScanFile::halfBody, "right or left: only this side; empty for a whole body")
            .flat(&ScanFile::scan, scanFields())
            .list("reported", &ScanFile::reported, reportedValueFields(),
                  "what the densitometer computed itself")
            .list("bones", &ScanFile::bones, boneFields(), "density and scores by site")
            .check([](const ScanFile& file) { return halfBodyProblem(file.halfBody); });
    return fields;
}

} // namespace

Json toJson(const ScanFile& file) {
    return fileFields().write(file);
}

Expected<ScanFile> scanFileFromJson(const Json& json, const std::string& where) {
    return readDocument(where, [&] {
        ScanFile file = fileFields().read(json);
        if (!file.halfBody.empty() && !file.scan.of(dxa::Region::Total)) {
            auto whole = dxa::mirrored(file.scan);
            if (!whole)
                throw Json::other_error::create(
                    501, "a half body needs arm, leg and the halves of trunk and head", &json);
            file.scan = std::move(*whole);
        }
        return file;
    });
}

DocumentKind scanFileKind() {
    return {"Scan file", fileFields().notes()};
}

} // namespace fusain
