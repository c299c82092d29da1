#include "desktop/window/waiting.hpp"

#include "desktop/services/computing.hpp"
#include "desktop/widgets/ask.hpp"
#include "procedure/all/procedure.hpp"
#include "record/all/record.hpp"
#include "report/base/event_words.hpp"
#include "report/base/words.hpp"

#include <QApplication>
#include <QMessageBox>
#include <QPushButton>
#include <algorithm>

namespace fusain::desktop {
namespace {

std::vector<Event> ofTest(const std::vector<Event>& events, const std::string& test) {
    std::vector<Event> found;
    std::ranges::copy_if(events, std::back_inserter(found),
                         [&](const Event& event) { return event.subject == test; });
    return found;
}

// One line for each, the last of many.
QString linesOf(const std::vector<Event>& events) {
    QStringList lines;
    for (const Event& event : events)
        if (const QString line = report::eventLine(event); !line.isEmpty())
            lines << line;
    constexpr qsizetype most = 6;
    const qsizetype earlier = std::max<qsizetype>(0, lines.size() - most);
    if (earlier > 0)
        lines = QStringList(QObject::tr("%n earlier entry(s)", nullptr, static_cast<int>(earlier))) +
                lines.last(most);
    return QLatin1Char('\n') + lines.join(QLatin1Char('\n'));
}

} // namespace

Waiting::Waiting(Session& session, QWidget* window) : QObject(window), session_(session), window_(window) {}

QString Waiting::words() const {
    const auto count = session_.book().waitingCount();
    return tr("The server of the lab book cannot be reached. A test on the bench continues: accepted "
              "readings wait on this workstation.") +
           (count == 0 ? QString() : QLatin1Char(' ') + tr("%n entry(s) wait.", nullptr, count)) +
           QLatin1Char(' ') + tr("Check the network and the server.");
}

// Nobody decides who has not signed in, and no name is shown over a cover or another question.
bool Waiting::mayAsk() const {
    return !session_.atTheBench().id.empty() && !session_.book().identities().locked() &&
           !QApplication::activeModalWidget();
}

void Waiting::deliver() {
    if (asking_)
        return;
    const auto delivered = session_.book().deliver();
    if (delivered || session_.book().notOurs())
        return; // or it is away again
    if (!mayAsk())
        return;
    asking_ = true;
    std::vector<std::string> asked;
    for (const Event& event : session_.book().waiting())
        if (std::ranges::find(asked, event.subject) == asked.end())
            asked.push_back(event.subject);
    for (const std::string& test : asked)
        decide(test);
    asking_ = false;
}

// Nothing is decided for them; until then both are kept.
void Waiting::decide(const std::string& test) {
    const auto here = ofTest(session_.book().waiting(), test);
    const auto there = session_.book().writtenMeanwhile(test);
    const auto found = session_.book().test(test);
    const auto client = found ? session_.book().client(common(*found).subject.clientId) : std::nullopt;
    const std::string other = there.empty() ? std::string() : there.back().by;
    QMessageBox box(window_);
    box.setIcon(QMessageBox::Question);
    box.setWindowTitle(tr("Two workstations have written to one test"));
    box.setText(client ? tr("Test of %1").arg(session_.nameOf(*client)) : QString());
    box.setInformativeText(tr("Accepted here while the server was away:") + linesOf(here) +
                           QStringLiteral("\n\n") +
                           tr("Written to the same test on another workstation, by %1:")
                               .arg(report::plain(session_.computing().staffNames()(other))) +
                           linesOf(there) + QStringLiteral("\n\n") + tr("Both are kept until you decide."));
    auto* behind = box.addButton(tr("Add ours behind theirs"), QMessageBox::AcceptRole);
    auto* without = box.addButton(tr("Do not take ours…"), QMessageBox::DestructiveRole);
    box.setDefaultButton(box.addButton(tr("Decide later"), QMessageBox::RejectRole));
    box.exec();
    if (box.clickedButton() == behind) {
        const auto done = session_.book().deliverBehind(test);
        session_.leave(test); // what this window shows of it is behind
        session_.report(done ? Expected<void>() : tl::unexpected(done.error()));
    } else if (box.clickedButton() == without) {
        const QString reason = askReason(window_, tr("Do not take ours"),
                                         tr("Why? The entries stay in the journal with this reason."));
        if (reason.isEmpty())
            return;
        const auto done = session_.book().doNotTake(test, session_.atTheBench().id, reason.toStdString());
        session_.leave(test);
        session_.report(done);
    }
}

} // namespace fusain::desktop

#include "moc_waiting.cpp"
