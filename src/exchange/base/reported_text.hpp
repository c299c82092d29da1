#include "record/method/raw_record.hpp"

namespace fusain::exchange {

/// Values that an instrument reported, one a line: name, value, unit.
[[nodiscard]] Expected<std::vector<ReportedValue>> reportedFromText(std::string_view text);

} // namespace fusain::exchange
