#pragma once
#include <QHash>
#include <QSettings>
#include <memory>

namespace fusain::desktop {

/// What belongs to this account on this workstation, or to one person at it, and not to the lab: where the
/// window stood, the widths of columns, the look, the keys. Never in the lab book and never in its journal.
class OwnSettings {
public:
    /// @param file where they are kept; empty: they are gone with the program, as in a demonstration
    explicit OwnSettings(const QString& file = {});
    /// The file of this account. @param workstation one of several that it stands for; empty for the machine
    [[nodiscard]] static QString ofAccount(const QString& workstation = {});

    [[nodiscard]] QVariant value(const QString& key, const QVariant& otherwise = {}) const;
    void set(const QString& key, const QVariant& value);
    /// The key of something that each person at the bench has for themselves. @param staff id
    [[nodiscard]] static QString ofPerson(const std::string& staff, const QString& key);

private:
    std::shared_ptr<QSettings> file_; ///< none for a demonstration
    QHash<QString, QVariant> here_;
};

/// After how many minutes without a key or the pointer the window locks; 0 for never.
inline constexpr auto lockAfterKey = "lock-after-minutes";
inline constexpr int usualLockAfter = 10;

} // namespace fusain::desktop
