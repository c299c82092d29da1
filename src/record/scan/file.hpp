#pragma once
#include "record/base/document_kind.hpp"
#include "record/scan/record.hpp"

namespace fusain {

/// A scan on its way from the densitometer to the lab: docs/formats/scan.md.
struct ScanFile {
    std::string clientCode;
    Instant scannedAt;
    ScannerSetup scanner;
    Microsieverts dose;
    std::string
        halfBody; ///< "right" or "left": only this side, with half trunk and head; empty for a whole body
    dxa::Scan scan;
    std::vector<ReportedValue> reported;
    std::vector<dxa::ReportedBone> bones;
};

[[nodiscard]] Json toJson(const ScanFile& file);
/// Reads and checks a file. A half body is mirrored here, so that `scan` is a whole one.
/// @return a Problem for another format, a newer version, a half body without its four regions
[[nodiscard]] Expected<ScanFile> scanFileFromJson(const Json& json, const std::string& where);

/// The keys of this kind of document.
[[nodiscard]] DocumentKind scanFileKind();

} // namespace fusain
