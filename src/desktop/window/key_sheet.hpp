#pragma once
#include "desktop/widgets/commands.hpp"

#include <QDialog>
#include <QKeySequenceEdit>
#include <QLabel>
#include <QTableWidget>

namespace fusain::desktop {

/// F1: all keys by place, those of the place that is open first. Others can be chosen, for each person.
class KeySheet : public QDialog {
    Q_OBJECT
public:
    /// @param first the place whose keys come first
    KeySheet(Commands& commands, const QString& first, QWidget* parent);
    /// Gives a command other keys, none for an empty sequence. @return whether they were free
    bool choose(const QString& id, const QKeySequence& keys);

private:
    void fill();
    [[nodiscard]] QString selected() const;

    Commands& commands_;
    QString first_;
    QTableWidget* table_;
    QKeySequenceEdit* keys_;
    QLabel* problem_;
};

} // namespace fusain::desktop
