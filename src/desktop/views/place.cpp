#include "desktop/views/place.hpp"

#include "desktop/services/lab_undo.hpp"
#include "desktop/views/starting.hpp"
#include "desktop/widgets/appearance.hpp"
#include "report/base/words.hpp"

#include <QCoreApplication>
#include <QInputDialog>

namespace fusain::desktop {

void PlaceCommands::operator()(const char* id, const QString& name, std::function<void()> act,
                               const QKeySequence& keys, Commands::Obstacle obstacle) const {
    commands_.add(
        place_, QLatin1String(id), name, keys,
        [open = open_, act = std::move(act)] {
            open();
            act();
        },
        std::move(obstacle));
}

void PlaceCommands::aboutChosen(const char* id, const QString& name, std::function<void()> act,
                                const QKeySequence& keys, Commands::Obstacle obstacle) const {
    commands_.add(place_, QLatin1String(id), name, keys, std::move(act),
                  [inFront = inFront_, place = place_, obstacle = std::move(obstacle)] {
                      if (!inFront())
                          return QCoreApplication::translate("PlaceCommands",
                                                             "Go to %1 first, to see what this is about.")
                              .arg(place);
                      return obstacle ? obstacle() : QString();
                  });
}

void Place::keepColumns(RecordsView& table, const char* name,
                        std::initializer_list<std::pair<int, int>> widths) {
    for (const auto& [column, width] : widths)
        table.setColumnWidth(column, scaled(width));
    const QString key = QStringLiteral("columns/") + QLatin1String(name);
    table.setColumns(session_.own().value(key).toByteArray());
    connect(&table, &RecordsView::columnsChanged, this,
            [this, &table, key] { session_.own().set(key, table.columns()); });
}

void Place::undo() {
    session_.undoing().undo();
}

bool Place::startTest(const Client& client, const std::string& visitId, std::string_view method) {
    if (!mayStart(this, session_, client, visitId, method))
        return false;
    const auto obstacle = session_.obstacleToTests(method);
    if (!obstacle || !may(session_.atTheBench().role, Right::Override))
        return session_.report(session_.startRun(client, visitId, method));
    bool chosen = false;
    const QString reason =
        QInputDialog::getText(this, tr("Start past a check"),
                              plainTip(report::say(*obstacle)) + QLatin1Char('\n') +
                                  tr("Why may the test start anyway? The reason goes on the record."),
                              QLineEdit::Normal, {}, &chosen)
            .trimmed();
    return chosen && session_.report(session_.startRun(client, visitId, method, reason.toStdString()));
}

} // namespace fusain::desktop

#include "moc_place.cpp"
