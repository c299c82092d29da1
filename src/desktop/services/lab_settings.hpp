#pragma once
#include "desktop/services/session.hpp"
#include "desktop/widgets/parts.hpp"

#include <QDialog>
#include <QMap>

namespace fusain::desktop {

/// The lab's own settings: its name, its units, who works here, and how each instrument is reached.
class LabSettings : public QDialog {
    Q_OBJECT
public:
    explicit LabSettings(Session& session, QWidget* parent = nullptr);

private:
    void save();
    void addColleague();
    void showColleagues();

    Session& session_;
    QLineEdit* name_;
    QComboBox* units_;
    std::map<std::string, QLineEdit*> waysOut_; ///< by method
    QMap<QString, QLineEdit*> links_;
    QTableWidget* colleagues_;
    QLineEdit* colleagueName_;
    QComboBox* colleagueRole_;
    QLabel* problem_;
};

/// Keeps how an instrument is reached, and reaches it so from now on. @param address as LinkSettings reads it;
/// empty is none  @return a Problem for one that is no address
[[nodiscard]] Expected<void> keepLink(Session& session, const QString& role, const QString& address);

/// "Scale", "Load cell" …: an instrument's role in words.
[[nodiscard]] QString roleWords(const QString& role);

} // namespace fusain::desktop
