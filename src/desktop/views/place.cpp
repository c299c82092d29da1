#include "desktop/views/place.hpp"

#include "report/base/words.hpp"

#include <QInputDialog>
#include <QMessageBox>

namespace fusain::desktop {

bool Place::startTest(const Client& client, const std::string& visitId, std::string_view method) {
    QStringList objections;
    for (const Message& each : session_.objectionsTo(client, visitId, method))
        objections << report::say(each);
    if (!objections.isEmpty() && !startAnyway(objections))
        return false;
    const auto obstacle = session_.obstacleToTests(method);
    if (!obstacle || session_.atTheBench().role != Role::Physiologist)
        return session_.report(session_.startRun(client, visitId, method));
    bool chosen = false;
    const QString reason =
        QInputDialog::getText(this, tr("Start past a check"),
                              report::say(*obstacle) + QLatin1Char('\n') +
                                  tr("Why may the test start all the same? The reason is kept with it."),
                              QLineEdit::Normal, {}, &chosen)
            .trimmed();
    return chosen && session_.report(session_.startRun(client, visitId, method, reason.toStdString()));
}

bool Place::startAnyway(const QStringList& objections) {
    QMessageBox box(this);
    box.setObjectName(QStringLiteral("startAnyway"));
    box.setWindowTitle(tr("Start this test?"));
    box.setText(objections.join(QLatin1Char('\n')));
    const auto* start = box.addButton(tr("Start anyway"), QMessageBox::AcceptRole);
    box.setDefaultButton(box.addButton(tr("Do not start"), QMessageBox::RejectRole));
    box.exec();
    return box.clickedButton() == start;
}

} // namespace fusain::desktop

#include "moc_place.cpp"
