#include "desktop/services/own_settings.hpp"

#include <QSettings>
#include <QStandardPaths>

namespace fusain::desktop {

QString OwnSettings::ofAccount() {
    return QStandardPaths::writableLocation(QStandardPaths::AppConfigLocation) + QStringLiteral("/window.ini");
}

QVariant OwnSettings::value(const QString& key, const QVariant& otherwise) const {
    return file_.isEmpty() ? here_.value(key, otherwise)
                           : QSettings(file_, QSettings::IniFormat).value(key, otherwise);
}

void OwnSettings::set(const QString& key, const QVariant& value) {
    if (file_.isEmpty())
        here_.insert(key, value);
    else
        QSettings(file_, QSettings::IniFormat).setValue(key, value);
}

QString OwnSettings::ofPerson(const std::string& staff, const QString& key) {
    return QStringLiteral("person/%1/%2").arg(QString::fromStdString(staff), key);
}

} // namespace fusain::desktop
