#pragma once
#include <QDialog>

namespace fusain::desktop {

/// The short handbook that ships with the program (data/help), searched by word.
class Help : public QDialog {
    Q_OBJECT
public:
    /// @param folder of the handbook: NAME.LANGUAGE.md, English where there is no other
    explicit Help(const QString& folder, QWidget* parent = nullptr);
};

} // namespace fusain::desktop
