#pragma once
#include "record/base/json_fwd.hpp"

#include <string>
#include <vector>

namespace fusain {

/// One thing that was found in a signal.
struct SignalRemark {
    std::string code;    ///< of the fault, "contact"
    std::string place;   ///< key of the segment or region; empty for the whole
    bool repeat = false; ///< whether the reading should be repeated for it
};

/// What the program that read a recorded signal said of it, as codes; the signal itself stands beside it.
struct SignalVerdict {
    std::string reader;  ///< name and version of the analysis, "weighing-trace 1"; empty for a typed reading
    std::string verdict; ///< code of that analysis, "readable"
    std::vector<SignalRemark> remarks = {};
    [[nodiscard]] bool empty() const { return reader.empty(); }
};

/// Schema 1 kept the sentences that were on the screen, under "reading" or "findings": they stay, as the
/// verdict of the reader "schema 1".
void bringVerdictForward(Json& json);

} // namespace fusain
