#pragma once
#include "desktop/services/session.hpp"

#include <QUndoStack>

namespace fusain::desktop {

/// Acts outside of a test that can be undone: moved and cancelled appointments, changed clients, settings. Each
/// undo is written into the journal as a change of its own; nothing is taken out of it. Nobody undoes what
/// somebody else did: the next person at the bench begins anew.
class LabUndo : public QObject {
    Q_OBJECT
public:
    explicit LabUndo(Session& session);
    /// Does something and remembers how to undo it. @param name what was done, for people: "moved to 10:40"
    /// @return the Problem of `work`; nothing is remembered then
    Expected<void> act(const QString& name, const std::function<Expected<void>()>& work);
    /// Remembers the import that was just made, to be taken back as one. @pre it was made
    void imported();
    /// Undoes the last act, or does it again; says why not, and forgets it, when it has been overtaken.
    void undo();
    void redo();
    [[nodiscard]] const QUndoStack& stack() const { return stack_; }

Q_SIGNALS:
    void acted(const QString& name);
    void undone(const QString& name);

private:
    Session& session_;
    QUndoStack stack_;
};

} // namespace fusain::desktop
