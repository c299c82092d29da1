#include "desktop/places/clients/imports_dialog.hpp"

#include "desktop/widgets/appearance.hpp"
#include "report/base/words.hpp"

#include <QVBoxLayout>
#include <algorithm>

namespace fusain::desktop {

ImportsDialog::ImportsDialog(Session& session, QWidget* parent)
    : QDialog(parent), session_(session),
      table_(desktop::table({tr("imported"), tr("file"), tr("brought"), tr("by"), tr("state")}, tr("Imports"))),
      words_(label({}, "soft")), takeBack_(button(tr("Take this import back"), true)) {
    setWindowTitle(tr("Imports"));
    resize(scaled(820), scaled(420));
    auto* close = button(tr("Close"));
    auto* layout = new QVBoxLayout(this);
    layout->addWidget(
        label(tr("Taking an import back removes its tests, and the client that came with it, from the "
                 "lists. The journal keeps what was there."),
              "soft"));
    layout->addWidget(table_, 1);
    layout->addWidget(words_);
    layout->addLayout(inOneRow({takeBack_, close}));
    connect(table_, &QTableWidget::itemSelectionChanged, this, &ImportsDialog::select);
    connect(takeBack_, &QPushButton::clicked, this, &ImportsDialog::takeBack);
    connect(close, &QPushButton::clicked, this, &QDialog::accept);
    close->setDefault(true); // Enter takes nothing back
    fill();
}

void ImportsDialog::fill() {
    imports_ = store::imports(session_.book());
    const auto people = session_.book().staff();
    table_->setRowCount(static_cast<int>(imports_.size()));
    for (int row = 0; row < table_->rowCount(); ++row) {
        const store::Import& import = imports_[static_cast<std::size_t>(row)];
        const auto who = std::ranges::find(people, import.from.by, &Staff::id);
        const auto count = import.tests.size();
        const QString tests = tr("%n test(s)", nullptr, static_cast<int>(count));
        setRow(table_, row,
               {report::day(import.from.at) + QLatin1Char(' ') + report::clock(import.from.at),
                report::plain(import.from.file),
                import.clients.empty() ? tests : tr("one client, %1").arg(tests),
                report::plain(who == people.end() ? import.from.by : who->name),
                import.takenBack ? tr("taken back") : tr("in the book")});
    }
    table_->setColumnWidth(0, scaled(150));
    table_->setColumnWidth(1, scaled(220));
    table_->setColumnWidth(2, scaled(160));
    table_->setColumnWidth(3, scaled(150));
    if (table_->rowCount() > 0)
        table_->selectRow(0);
    select();
}

const store::Import* ImportsDialog::selected() const {
    const int row = table_->currentRow();
    return row < 0 || row >= static_cast<int>(imports_.size()) ? nullptr
                                                               : &imports_[static_cast<std::size_t>(row)];
}

// An open test would go on writing into a record that is gone.
std::optional<Problem> ImportsDialog::obstacle(const store::Import& import) {
    for (const Procedure* open : session_.openRuns())
        if (std::ranges::find(import.tests, open->record().id) != import.tests.end())
            return Problem{{FUSAIN_TEXT("A test of this import is open on the bench."), {}},
                           {},
                           {FUSAIN_TEXT("Close that test first."), {}},
                           {}};
    return store::obstacleToTakingBack(session_.book(), import);
}

void ImportsDialog::select() {
    const store::Import* import = selected();
    const auto why = import ? obstacle(*import) : std::nullopt;
    takeBack_->setEnabled(import && !why);
    words_->setText(!import ? tr("Nothing was imported into this lab book.")
                    : why   ? report::say(why->what)
                            : QString());
}

bool ImportsDialog::takeBack() {
    const store::Import* import = selected();
    if (!import)
        return false;
    auto why = obstacle(*import);
    const auto done = why ? Expected<void>(tl::unexpected(*why))
                          : store::takeBack(session_.book(), *import, session_.atTheBench().id, session_.now());
    const bool taken = session_.report(done);
    fill();
    return taken;
}

} // namespace fusain::desktop

#include "moc_imports_dialog.cpp"
