#include "desktop/services/workstation.hpp"

#include "report/base/words.hpp"

#include <QCoreApplication>
#include <QSysInfo>
#include <algorithm>

namespace fusain::desktop {

Workstation::Workstation(store::LabBook& book, OwnSettings& own)
    : book_(book), own_(own),
      leases_(book, own.value(QLatin1String(nameKey), QSysInfo::machineHostName()).toString().toStdString()) {
    book_.collectIn(book_.address().beside(
        QStringLiteral(".waiting-") +
        QString::fromLatin1(
            own.value(QLatin1String(nameKey), QSysInfo::machineHostName()).toString().toUtf8().toHex())));
}

QString Workstation::ownKey(const std::string& key) const {
    return QStringLiteral("at/%1/%2")
        .arg(QString::fromLatin1(book_.path().toUtf8().toHex()), QString::fromStdString(key));
}

std::string Workstation::setting(const std::string& key, const std::string& otherwise) const {
    if (!book_.address().onServer())
        return book_.setting(key, otherwise);
    return own_.value(ownKey(key), QString::fromStdString(otherwise)).toString().toStdString();
}

Expected<void> Workstation::setSetting(const std::string& key, const std::string& value,
                                       const std::string& by) {
    if (!book_.address().onServer())
        return book_.setSetting(key, value, by);
    own_.set(ownKey(key), QString::fromStdString(value));
    return {};
}

QString Workstation::elsewhere(const std::string& test) const {
    const auto lease = leases_.otherHolder(test);
    if (!lease)
        return {};
    const auto staff = book_.staff();
    const auto who = std::ranges::find(staff, lease->staff, &Staff::id);
    return QCoreApplication::translate("Workstation", "at %1 with %2 since %3")
        .arg(QString::fromStdString(lease->workstation),
             QString::fromStdString(who == staff.end() ? lease->staff : who->name),
             report::clock(lease->since));
}

} // namespace fusain::desktop
