#pragma once
#include "record/scan/file.hpp"

#include <QString>
#include <vector>

namespace fusain::desktop {

/// A file in the folder that the densitometer writes into.
struct FoundScan {
    QString name;            ///< without the folder
    Expected<ScanFile> file; ///< or why it is no scan
};
/// Reads every *.json of a folder, newest scan first, then what cannot be read. Nothing is moved or deleted.
/// @param most files are read, the newest by their time in the folder
[[nodiscard]] std::vector<FoundScan> readScanFolder(const QString& folder, int most = 200);

} // namespace fusain::desktop
