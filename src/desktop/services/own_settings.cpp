#include "desktop/services/own_settings.hpp"

#include <QStandardPaths>

namespace fusain::desktop {

OwnSettings::OwnSettings(const QString& file)
    : file_(file.isEmpty() ? nullptr : std::make_shared<QSettings>(file, QSettings::IniFormat)) {}

QString OwnSettings::ofAccount(const QString& workstation) {
    const QString of = workstation.isEmpty()
                           ? QString()
                           : QLatin1Char('-') + QString::fromLatin1(workstation.toUtf8().toHex());
    return QStandardPaths::writableLocation(QStandardPaths::AppConfigLocation) +
           QStringLiteral("/window%1.ini").arg(of);
}

QVariant OwnSettings::value(const QString& key, const QVariant& otherwise) const {
    return file_ ? file_->value(key, otherwise) : here_.value(key, otherwise);
}

void OwnSettings::set(const QString& key, const QVariant& value) {
    if (file_)
        file_->setValue(key, value);
    else
        here_.insert(key, value);
}

QString OwnSettings::ofPerson(const std::string& staff, const QString& key) {
    return QStringLiteral("person/%1/%2").arg(QString::fromStdString(staff), key);
}

} // namespace fusain::desktop
