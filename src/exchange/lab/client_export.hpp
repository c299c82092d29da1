#pragma once
#include "procedure/all/computed.hpp"
#include "record/base/people.hpp"

#include <vector>

namespace fusain::exchange {

/// One line a test: date, method, state and what it gave. No name and no birth date.
[[nodiscard]] std::string clientTableCsv(const std::vector<ComputedTest>& tests);

/// A FHIR R4 Bundle of type collection with a Patient, an Observation for each value, and a DiagnosticReport
/// for each test: docs/formats/fhir.md.
/// @param reports a PDF for each test, in the same order; an empty one is left out
/// @param namesHidden the patient has a code and no name or birth date
[[nodiscard]] Json fhirBundle(const Client& client, const std::vector<ComputedTest>& tests,
                              const std::vector<std::string>& reports, bool namesHidden);
/// What breaks the structure rules of docs/formats/fhir.md; empty for a sound bundle.
[[nodiscard]] std::vector<std::string> problemsWithBundle(const Json& bundle);

} // namespace fusain::exchange
