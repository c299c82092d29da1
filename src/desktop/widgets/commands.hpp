#pragma once
#include <QAction>
#include <QKeySequence>
#include <QObject>
#include <QWidget>

#include <functional>
#include <optional>
#include <vector>

namespace fusain::desktop {

/// Everything that the window can be told to do by name: one list for its keys, the search for commands, the
/// sheet of keys and the menus.
class Commands : public QObject {
    Q_OBJECT
public:
    /// Why a command cannot be carried out now, in a sentence; empty when it can.
    using Obstacle = std::function<QString()>;
    struct Command {
        QString place; ///< where it belongs, for people
        QAction* action;
        QKeySequence usual; ///< its keys until somebody chooses others
        Obstacle obstacle;
    };
    /// Keys that a place reads itself: shown on the sheet, not to be changed.
    struct Note {
        QString place, name, keys;
    };

    /// @param window whose keys they are
    explicit Commands(QWidget* window) : QObject(window), window_(window) {}

    /// @param id unique and lasting, "clients.new": under it the chosen keys are remembered
    /// @return its action, for a menu or a button
    QAction* add(const QString& place, const QString& id, const QString& name, const QKeySequence& usual,
                 std::function<void()> act, Obstacle obstacle = {});
    void note(const QString& place, const QString& name, const QString& keys);
    [[nodiscard]] const std::vector<Command>& all() const { return all_; }
    [[nodiscard]] const std::vector<Note>& notes() const { return notes_; }
    /// Null for an id that there is not.
    [[nodiscard]] const Command* find(const QString& id) const;
    /// Carries it out, or says why not.
    void run(const Command& command);

    /// Takes other keys, none for an empty sequence. @return what stands against it: the name of the command
    /// that has them
    std::optional<QString> setKeys(const QString& id, const QKeySequence& keys);
    /// Puts on what was remembered. @param remembered the chosen keys of an id, or nothing
    void recall(const std::function<std::optional<QKeySequence>(const QString& id)>& remembered);

Q_SIGNALS:
    void refused(const QString& why);
    void keysChosen(const QString& id, const QKeySequence& keys);

private:
    QWidget* window_;
    std::vector<Command> all_;
    std::vector<Note> notes_;
};

} // namespace fusain::desktop
