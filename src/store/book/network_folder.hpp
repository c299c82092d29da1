#pragma once
#include "core/base/problem.hpp"

#include <QString>
#include <functional>

namespace fusain::store {

/// The kind of the file system that a path is on, such as "ext4" or "nfs4".
using FileSystemOf = std::function<QString(const QString& path)>;
[[nodiscard]] QString fileSystemOf(const QString& path);

/// Why a lab book is not opened there: a folder of another computer, on which a lock and a write that was
/// confirmed mean less than on a disk. Nothing for a disk of this one.
[[nodiscard]] std::optional<Problem> objectionToFolder(const QString& path,
                                                       const FileSystemOf& kindOf = fileSystemOf);

} // namespace fusain::store
