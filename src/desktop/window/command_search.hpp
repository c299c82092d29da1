#pragma once
#include "desktop/widgets/commands.hpp"

#include <QDialog>
#include <QLineEdit>
#include <QListWidget>

namespace fusain::desktop {

/// Ctrl+K: every command by a part of its name, with its keys, or why it cannot be carried out now.
class CommandSearch : public QDialog {
    Q_OBJECT
public:
    CommandSearch(const Commands& commands, QWidget* parent);
    /// What was chosen; null when nothing was. Carried out when this dialog is closed, so that what it opens
    /// stands on the window and not on the search.
    [[nodiscard]] const Commands::Command* chosen() const { return chosen_; }
    void type(const QString& text) { search_->setText(text); }
    [[nodiscard]] const QListWidget& list() const { return *list_; }
    void take();

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    void fill();

    const Commands& commands_;
    QLineEdit* search_;
    QListWidget* list_;
    const Commands::Command* chosen_ = nullptr;
};

} // namespace fusain::desktop
