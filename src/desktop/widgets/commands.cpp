#include "desktop/widgets/commands.hpp"

#include <algorithm>

namespace fusain::desktop {

QAction* Commands::add(const QString& place, const QString& id, const QString& name, const QKeySequence& usual,
                       std::function<void()> act, Obstacle obstacle) {
    Q_ASSERT(!find(id));
    auto* action = new QAction(name, this);
    action->setObjectName(id);
    action->setShortcut(usual);
    action->setAutoRepeat(false); // a key that is held down does a thing once
    window_->addAction(action);
    connect(action, &QAction::triggered, this, [this, act = std::move(act), obstacle] {
        const QString why = obstacle ? obstacle() : QString();
        if (why.isEmpty())
            act();
        else
            Q_EMIT refused(why);
    });
    all_.push_back({place, action, usual, std::move(obstacle)});
    return action;
}

void Commands::note(const QString& place, const QString& name, const QString& keys) {
    notes_.push_back({place, name, keys});
}

const Commands::Command* Commands::find(const QString& id) const {
    const auto found =
        std::ranges::find(all_, id, [](const Command& command) { return command.action->objectName(); });
    return found == all_.end() ? nullptr : &*found;
}

void Commands::run(const Command& command) {
    command.action->trigger();
}

std::optional<QString> Commands::setKeys(const QString& id, const QKeySequence& keys) {
    for (const Command& other : all_)
        if (!keys.isEmpty() && other.action->objectName() != id && other.action->shortcut() == keys)
            return other.action->text();
    if (const Command* command = find(id)) {
        command->action->setShortcut(keys);
        Q_EMIT keysChosen(id, keys);
    }
    return std::nullopt;
}

void Commands::recall(const std::function<std::optional<QKeySequence>(const QString& id)>& remembered) {
    for (const Command& command : all_)
        command.action->setShortcut(remembered(command.action->objectName()).value_or(command.usual));
}

} // namespace fusain::desktop

#include "moc_commands.cpp"
