#include "store/book/network_folder.hpp"

#include <QFileInfo>
#include <QStorageInfo>
#include <QStringList>

namespace fusain::store {

QString fileSystemOf(const QString& path) {
    return QString::fromLatin1(QStorageInfo(QFileInfo(path).absolutePath()).fileSystemType());
}

std::optional<Problem> objectionToFolder(const QString& path, const FileSystemOf& kindOf) {
    static const QStringList network{
        QStringLiteral("nfs"),    QStringLiteral("nfs4"),        QStringLiteral("cifs"),
        QStringLiteral("smb3"),   QStringLiteral("smbfs"),       QStringLiteral("afs"),
        QStringLiteral("ncpfs"),  QStringLiteral("fuse.sshfs"),  QStringLiteral("fuse.gvfsd-fuse"),
        QStringLiteral("davfs2"), QStringLiteral("fuse.davfs2"), QStringLiteral("ceph")};
    const QString kind = kindOf(path);
    if (!network.contains(kind))
        return std::nullopt;
    return Problem{
        {FUSAIN_TEXT("This lab book is in a network folder ({1}): another computer could write to it at the "
                     "same time, and what is confirmed may not be on a disk."),
         {kind.toStdString()}},
        path.toStdString(),
        {FUSAIN_TEXT("Nothing was created or changed."), {}},
        {FUSAIN_TEXT("Copy it to a disk of this computer, or to a PostgreSQL server if several workstations "
                     "use it."),
         {}}};
}

} // namespace fusain::store
