#pragma once
#include "record/library/catalogue.hpp"

#include <QString>

namespace fusain::store {

/// The folder with the program's data: FUSAIN_DATA, else the installed place beside the program, else the
/// source tree.
[[nodiscard]] QString dataFolder();

/// Reads the policies, protocols and reference sets of a data folder. The first bad file is explained; nothing
/// of it is used.
[[nodiscard]] Expected<LabCatalogue> readCatalogue(const QString& folder);

/// Reads one JSON file of at most 64 MB.
[[nodiscard]] Expected<Json> readJsonFile(const QString& path);

} // namespace fusain::store
