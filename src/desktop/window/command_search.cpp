#include "desktop/window/command_search.hpp"

#include "desktop/widgets/appearance.hpp"
#include "desktop/widgets/parts.hpp"

#include <QCoreApplication>
#include <QKeyEvent>
#include <QVBoxLayout>
#include <algorithm>

namespace fusain::desktop {
namespace {

// Every word that was typed begins or lies in a word of the name or place.
bool fits(const Commands::Command& command, const QStringList& words) {
    const QString all = command.place + QLatin1Char(' ') + command.action->text();
    return std::ranges::all_of(words,
                               [&](const QString& word) { return all.contains(word, Qt::CaseInsensitive); });
}

} // namespace

CommandSearch::CommandSearch(const Commands& commands, QWidget* parent)
    : QDialog(parent), commands_(commands), search_(new QLineEdit), list_(new QListWidget) {
    setWindowTitle(tr("Commands"));
    resize(scaled(640), scaled(480));
    search_->setPlaceholderText(tr("What do you want to do?"));
    search_->setAccessibleName(tr("Search commands"));
    search_->installEventFilter(this);
    list_->setAccessibleName(tr("Commands"));
    list_->setFocusPolicy(Qt::NoFocus); // the keys stay in the field
    auto* layout = new QVBoxLayout(this);
    layout->addWidget(search_);
    layout->addWidget(list_, 1);
    layout->addWidget(label(tr("Enter runs the chosen command. Esc closes."), "soft"));
    connect(search_, &QLineEdit::textChanged, this, &CommandSearch::fill);
    connect(search_, &QLineEdit::returnPressed, this, &CommandSearch::take);
    connect(list_, &QListWidget::itemClicked, this, &CommandSearch::take);
    fill();
    search_->setFocus();
}

void CommandSearch::fill() {
    list_->clear();
    const QStringList words = search_->text().split(QLatin1Char(' '), Qt::SkipEmptyParts);
    std::vector<std::pair<const Commands::Command*, QString>> found; // what can be done now comes first
    for (const Commands::Command& command : commands_.all())
        if (fits(command, words))
            found.emplace_back(&command, command.obstacle ? command.obstacle() : QString());
    std::ranges::stable_partition(found, [](const auto& each) { return each.second.isEmpty(); });
    for (const auto& [each, why] : found) {
        const Commands::Command& command = *each;
        QString text = QStringLiteral("%1  ›  %2").arg(command.place, command.action->text());
        if (const QString keys = command.action->shortcut().toString(QKeySequence::NativeText); !keys.isEmpty())
            text += QStringLiteral("      ") + keys;
        if (!why.isEmpty())
            text += QStringLiteral("\n") + tr("Not now: %1").arg(why);
        auto* item = new QListWidgetItem(text, list_);
        item->setData(Qt::UserRole, command.action->objectName());
        if (!why.isEmpty())
            item->setForeground(palette().placeholderText());
    }
    list_->setCurrentRow(0);
}

void CommandSearch::take() {
    if (const auto* item = list_->currentItem()) {
        chosen_ = commands_.find(item->data(Qt::UserRole).toString());
        accept();
    }
}

bool CommandSearch::eventFilter(QObject* watched, QEvent* event) {
    if (event->type() == QEvent::KeyPress) {
        const int key = static_cast<QKeyEvent*>(event)->key();
        if (key == Qt::Key_Up || key == Qt::Key_Down || key == Qt::Key_PageUp || key == Qt::Key_PageDown)
            return QCoreApplication::sendEvent(list_, event);
    }
    return QDialog::eventFilter(watched, event);
}

} // namespace fusain::desktop

#include "moc_command_search.cpp"
