#include "desktop/views/starting.hpp"

#include "desktop/services/day_board.hpp"
#include "report/base/words.hpp"

#include <QMessageBox>
#include <QPushButton>

namespace fusain::desktop {
namespace {

// What the run sheet itself asks first (is it warm?) and what no test starts without (checks, the water) is not
// asked here again.
bool askedElsewhere(const DayTask& task) {
    return task.id.starts_with("warm-up.") || task.id.starts_with("check.") || task.id == waterWork;
}

QStringList openPreparations(Session& session, const std::string& visitId, std::string_view method) {
    DayBoard board(session);
    board.load(session.now());
    QStringList open;
    const store::Visit* visit = board.visit(visitId);
    if (!visit)
        return open; // nobody planned this test, so nothing was planned before it
    for (const DayTask& task : board.plan().tasks)
        if (!task.done && task.instrument == board.policy().timesOf(method).instrument &&
            task.from < visit->at && !askedElsewhere(task))
            open << report::say(std::string_view(task.title));
    return open;
}

QStringList objectionsTo(Session& session, const Client& client, const std::string& visitId,
                         std::string_view method) {
    QStringList objections;
    for (const Message& each : session.objectionsTo(client, visitId, method))
        objections << report::say(each);
    if (const QStringList open = openPreparations(session, visitId, method); !open.isEmpty())
        objections << QObject::tr("Preparation not done: %1.").arg(open.join(QStringLiteral("; ")));
    return objections;
}

} // namespace

bool mayStart(QWidget* over, Session& session, const Client& client, const std::string& visitId,
              std::string_view method) {
    const QStringList objections = objectionsTo(session, client, visitId, method);
    if (objections.isEmpty())
        return true;
    QMessageBox box(over);
    box.setObjectName(QStringLiteral("startAnyway"));
    box.setWindowTitle(QObject::tr("Start this test?"));
    box.setTextFormat(Qt::PlainText);
    box.setText(objections.join(QLatin1Char('\n')));
    const auto* start = box.addButton(QObject::tr("Start anyway"), QMessageBox::AcceptRole);
    box.setDefaultButton(box.addButton(QObject::tr("Do not start"), QMessageBox::RejectRole));
    box.exec();
    return box.clickedButton() == start;
}

} // namespace fusain::desktop
