#pragma once
#include <QString>

namespace fusain {

/// Where the log is: in the account's own folder of this program.
[[nodiscard]] QString logFile();
/// Writes what the program says of itself (links that come and go, problems that were shown, its end) into the
/// log: no names, no readings. The log of before is kept when it is full, and one before that. An exception
/// that nobody caught leaves its words there before the program ends.
void startLog();

} // namespace fusain
