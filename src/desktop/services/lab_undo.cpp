#include "desktop/services/lab_undo.hpp"

#include "store/book/compensation.hpp"
#include "store/transfer/imports.hpp"

#include <QFileInfo>

namespace fusain::desktop {
namespace {

// The act has been done when this is made; each way back is an act of its own.
class Remembered : public QUndoCommand {
public:
    Remembered(Session& session, const QString& name, store::Act act)
        : QUndoCommand(name), session_(session), last_(act) {}
    void undo() override { turnBack(); }
    void redo() override {
        if (std::exchange(fresh_, false))
            return;
        turnBack();
    }

private:
    void turnBack() {
        const auto back = store::undo(session_.book(), last_, session_.atTheBench().id, session_.now());
        if (back)
            last_ = *back;
        else
            setObsolete(true);
        session_.report(back ? Expected<void>() : tl::unexpected(back.error()));
    }

    Session& session_;
    store::Act last_;
    bool fresh_ = true;
};

// An import is taken back as the one act that it was; it cannot be done again without its file.
class RememberedImport : public QUndoCommand {
public:
    RememberedImport(Session& session, const QString& name, store::Import import)
        : QUndoCommand(name), session_(session), import_(std::move(import)) {}
    void undo() override {
        session_.report(store::takeBack(session_.book(), import_, session_.atTheBench().id, session_.now()));
        setObsolete(true);
    }
    void redo() override {}

private:
    Session& session_;
    store::Import import_;
};

} // namespace

LabUndo::LabUndo(Session& session) : QObject(&session), session_(session) {
    connect(&session, &Session::personChanged, &stack_, &QUndoStack::clear);
}

Expected<void> LabUndo::act(const QString& name, const std::function<Expected<void>()>& work) {
    const auto act = store::asAct(session_.book(), work);
    if (!act)
        return tl::unexpected(act.error());
    if (!act->empty() && !store::obstacleToUndoing(session_.book(), *act)) {
        stack_.push(new Remembered(session_, name, *act));
        Q_EMIT acted(name);
    }
    return {};
}

void LabUndo::imported() {
    auto made = store::imports(session_.book());
    if (made.empty())
        return;
    const QString name =
        tr("%1 imported").arg(QFileInfo(QString::fromStdString(made.front().from.file)).fileName());
    stack_.push(new RememberedImport(session_, name, std::move(made.front())));
    Q_EMIT acted(name);
}

void LabUndo::undo() {
    const QString name = stack_.undoText();
    stack_.undo();
    if (stack_.canRedo() && stack_.redoText() == name)
        Q_EMIT undone(name);
}

void LabUndo::redo() {
    stack_.redo();
}

} // namespace fusain::desktop

#include "moc_lab_undo.cpp"
