#pragma once
#include "record/method/record_fields.hpp"
#include "record/scan/record.hpp"

namespace fusain {

// For the sources of this method only.

[[nodiscard]] const Fields<ScannerSetup>& scannerSetupFields();
[[nodiscard]] const Fields<dxa::Scan>& scanFields();
[[nodiscard]] const Fields<dxa::ReportedBone>& boneFields();
/// Empty for "right", "left" and nothing.
[[nodiscard]] std::string halfBodyProblem(const std::string& halfBody);

} // namespace fusain
