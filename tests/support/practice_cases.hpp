#pragma once
#include "record/base/json.hpp"
#include "record/practice/practice_case.hpp"
#include "support/hydrostatic_run.hpp"

#include <stdexcept>

namespace fusain::testing {

/// Every shipped case; a test fails for one that cannot be read.
inline std::vector<PracticeCase> practiceCases() {
    std::vector<PracticeCase> read;
    for (const char* file : {"tank", "chamber", "analyzer", "scanner", "tape"})
        for (const Json& each : dataFile(std::string("practice/cases/") + file + ".json")) {
            auto practice = practiceCaseFromJson(each, file);
            if (!practice)
                throw std::runtime_error(practice.error().english());
            read.push_back(std::move(*practice));
        }
    return read;
}
inline Protocol protocolOf(const std::string& method) {
    return *protocolFromJson(dataFile("protocols/" + method + ".json"), method);
}

} // namespace fusain::testing
