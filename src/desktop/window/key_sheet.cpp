#include "desktop/window/key_sheet.hpp"

#include "desktop/widgets/appearance.hpp"
#include "desktop/widgets/dialog_foot.hpp"
#include "desktop/widgets/parts.hpp"

#include <QVBoxLayout>

namespace fusain::desktop {

KeySheet::KeySheet(Commands& commands, const QString& first, QWidget* parent)
    : QDialog(parent), commands_(commands), first_(first),
      table_(table({tr("place"), tr("command"), tr("keys")}, tr("Keys"))), keys_(new QKeySequenceEdit),
      problem_(label({}, "warning")) {
    setWindowTitle(tr("Keys"));
    resize(scaled(760), scaled(620));
    table_->setColumnWidth(0, scaled(150));
    table_->setColumnWidth(1, scaled(390));
    keys_->setAccessibleName(tr("New keys of the chosen command"));
    auto* set = button(tr("Use these keys"));
    auto* none = button(tr("No keys"));
    auto* usual = button(tr("Usual keys"));
    auto* close = button(tr("Close"));
    auto* layout = new QVBoxLayout(this);
    layout->addWidget(label(tr("Keys belong to the person at the bench. Choose a command, press the new keys "
                               "in the field, then \"Use these keys\"."),
                            "soft"));
    layout->addWidget(table_, 1);
    layout->addLayout(inOneRow({keys_, set, none, usual, close}));
    layout->addWidget(problem_);
    connect(set, &QPushButton::clicked, this, [this] { choose(selected(), keys_->keySequence()); });
    connect(none, &QPushButton::clicked, this, [this] { choose(selected(), {}); });
    connect(usual, &QPushButton::clicked, this, [this] {
        if (const auto* command = commands_.find(selected()))
            choose(selected(), command->usual);
    });
    connect(close, &QPushButton::clicked, this, &QDialog::reject);
    fill();
    table_->setFocus();
}

void KeySheet::fill() {
    const int row = std::max(0, table_->currentRow());
    table_->setRowCount(0);
    const auto addPlace = [&](bool wanted) {
        for (const Commands::Command& command : commands_.all())
            if ((command.place == first_) == wanted) {
                const int at = table_->rowCount();
                setRow(table_, at,
                       {command.place, command.action->text(),
                        command.action->shortcut().toString(QKeySequence::NativeText)});
                table_->item(at, 0)->setData(Qt::UserRole, command.action->objectName());
            }
        for (const Commands::Note& note : commands_.notes())
            if ((note.place == first_) == wanted)
                setRow(table_, table_->rowCount(), {note.place, note.name, note.keys});
    };
    addPlace(true);
    addPlace(false);
    table_->setCurrentCell(row, 0);
}

QString KeySheet::selected() const {
    const auto* item = table_->item(table_->currentRow(), 0);
    return item ? item->data(Qt::UserRole).toString() : QString();
}

bool KeySheet::choose(const QString& id, const QKeySequence& keys) {
    problem_->clear();
    if (id.isEmpty()) {
        problem_->setText(tr("These keys belong to the place itself and stay as they are."));
        return false;
    }
    if (const auto holder = commands_.setKeys(id, keys)) {
        problem_->setText(
            tr("%1 is already the key of \"%2\".").arg(keys.toString(QKeySequence::NativeText), *holder));
        return false;
    }
    keys_->clear();
    fill();
    return true;
}

} // namespace fusain::desktop

#include "moc_key_sheet.cpp"
