#include "desktop/services/text_files.hpp"

#include <QFile>
#include <QFileDialog>
#include <QFileInfo>
#include <QSaveFile>

namespace fusain::desktop {

QString safeFileName(const QString& suggested) {
    QString safe;
    for (const QChar c : suggested)
        safe += c.isPrint() && !QStringLiteral("/\\:*?\"<>|").contains(c) ? c : QLatin1Char('-');
    while (safe.startsWith(QLatin1Char('.')) || safe.startsWith(QLatin1Char('-')))
        safe.remove(0, 1);
    return safe.left(120);
}

std::optional<ChosenText> chooseText(Session& session, QWidget* parent, const QString& title,
                                     const QString& filter, int mostMegabytes) {
    const QString path = QFileDialog::getOpenFileName(parent, title, {}, filter);
    if (path.isEmpty())
        return std::nullopt;
    const QFileInfo what(path);
    QFile file(path);
    if (!what.isFile() || what.isSymLink() || !file.open(QIODevice::ReadOnly) ||
        file.size() > qint64(mostMegabytes) * 1024 * 1024) {
        session.report(failure({FUSAIN_TEXT("The file cannot be read, or is larger than {1} MB."),
                                {std::to_string(mostMegabytes)}},
                               path.toStdString()));
        return std::nullopt;
    }
    return ChosenText{file.readAll().toStdString(), path.toStdString()};
}

bool saveText(Session& session, const QString& path, const std::string& text) {
    QSaveFile file(path);
    if (file.open(QIODevice::WriteOnly) && file.write(QByteArray::fromStdString(text)) >= 0 && file.commit())
        return true;
    session.report(
        failure({FUSAIN_TEXT("The file could not be written: {1}"), {file.errorString().toStdString()}},
                path.toStdString(), {FUSAIN_TEXT("Make room on the disk, or choose another folder."), {}}));
    return false;
}

void saveChosen(Session& session, QWidget* parent, const QString& title, const QString& suggestedName,
                const QString& filter, const std::string& text) {
    const QString path = QFileDialog::getSaveFileName(parent, title, safeFileName(suggestedName), filter);
    if (!path.isEmpty())
        saveText(session, path, text);
}

} // namespace fusain::desktop
