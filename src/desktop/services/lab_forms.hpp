#pragma once
#include "desktop/services/session.hpp"
#include "desktop/widgets/parts.hpp"

#include <QCheckBox>
#include <QMap>

namespace fusain::desktop {

// Parts of the lab's settings, for the first pages of a new lab book and for later. Each shows what is kept,
// and keeps what was changed.

/// Keeps a setting of the lab when it differs from what is kept.
[[nodiscard]] Expected<void> keepSetting(Session& session, const std::string& key, const std::string& value);

/// Name, address, telephone, logo, paper, language of pages, units.
class LetterheadForm : public QWidget {
    Q_OBJECT
public:
    explicit LetterheadForm(Session& session, QWidget* parent = nullptr);
    /// @return a Problem for a lab without a name
    [[nodiscard]] Expected<void> keep();
    /// Takes a picture as the logo, made as small as pages show it. @return a Problem for a file that is none
    [[nodiscard]] Expected<void> takeLogo(const QString& path);

private:
    void showLogo();
    void chooseLogo();

    Session& session_;
    QLineEdit *name_, *address_, *telephone_;
    QComboBox *units_, *paper_, *language_, *window_, *fatReference_;
    QByteArray logo_;
    QLabel* logoShown_;
    QPushButton* noLogo_;
    QLabel* problem_;
};

/// How one instrument is reached: its readings are typed, or come over the network or a serial port.
class LinkField : public QWidget {
    Q_OBJECT
public:
    /// @param address as LinkSettings reads it
    LinkField(const QString& name, const QString& address, QWidget* parent = nullptr);
    [[nodiscard]] QString address() const;

private:
    QComboBox* kind_;
    QLineEdit* place_;
};

/// The methods that the lab has, and how each instrument is reached.
class MethodsForm : public QWidget {
    Q_OBJECT
public:
    explicit MethodsForm(Session& session, QWidget* parent = nullptr);
    /// @return a Problem when no method is ticked, or for an address that is none
    [[nodiscard]] Expected<void> keep();

private:
    Session& session_;
    std::map<std::string, QCheckBox*> methods_;
    QMap<QString, LinkField*> links_;
};

/// Keeps how an instrument is reached, and reaches it so from now on. @param address as LinkSettings reads it;
/// empty is none  @return a Problem for one that is no address
[[nodiscard]] Expected<void> keepLink(Session& session, const QString& role, const QString& address);

/// "Scale", "Load cell" …: an instrument's role in words.
[[nodiscard]] QString roleWords(const QString& role);

} // namespace fusain::desktop
