#include "desktop/services/day_calendar.hpp"

#include "desktop/services/day_board.hpp"
#include "exchange/lab/icalendar.hpp"
#include "record/all/record.hpp"
#include "report/base/words.hpp"

#include <QHash>
#include <QRegularExpression>
#include <QTimeZone>
#include <algorithm>

namespace fusain::desktop {
namespace {

constexpr int daysAhead = 366;

const QRegularExpression& codeWord() {
    static const QRegularExpression word(QStringLiteral("[\\w-]+"),
                                         QRegularExpression::UseUnicodePropertiesOption);
    return word;
}

// Clients by the codes that a text names. "C-1" stands in "C-12" too, and is somebody else: whole words only. A
// code that is no single word, such as "C/1 b", is looked for as it stands.
class CodesInWords {
public:
    explicit CodesInWords(std::vector<Client> clients) : clients_(std::move(clients)) {
        for (const Client& each : clients_) {
            const QString code = report::plain(each.code);
            if (codeWord().match(code).captured() == code)
                byCode_.insert(code, &each);
            else
                phrases_.push_back(&each);
        }
        byCode_.remove(QString());
    }
    [[nodiscard]] const Client* find(const QString& words) const {
        for (const Client* each : phrases_)
            if (words.contains(report::plain(each->code)))
                return each;
        for (auto match = codeWord().globalMatch(words); match.hasNext();)
            if (const Client* found = byCode_.value(match.next().captured()))
                return found;
        return nullptr;
    }

private:
    std::vector<Client> clients_;
    QHash<QString, const Client*> byCode_;
    std::vector<const Client*> phrases_;
};

std::optional<std::string_view> methodIn(const QString& words) {
    const auto method = std::ranges::find_if(methods, [&](std::string_view each) {
        return words.contains(report::say(methodTitle(each)), Qt::CaseInsensitive) ||
               words.contains(report::plain(std::string(each)), Qt::CaseInsensitive);
    });
    return method == methods.end() ? std::nullopt : std::optional(*method);
}

bool standsAlready(Session& session, const std::string& clientId, Instant at) {
    const auto standing = session.book().visitsOf(clientId);
    return std::ranges::any_of(
        standing, [&](const store::Visit& visit) { return visit.at == at && visit.state != "cancelled"; });
}

} // namespace

std::string calendarFrom(Session& session, Instant day) {
    const PlanningPolicy policy = planningInForce(session);
    std::vector<exchange::CalendarEvent> events;
    for (const store::Visit& visit :
         session.book().visitsBetween(report::startOfLocalDay(day), report::startOfLocalDay(day, daysAhead)))
        if (visit.state == "booked") {
            const auto client = session.book().client(visit.clientId);
            events.push_back(
                {visit.id + "@" + session.book().name(), visit.at,
                 visit.at.plusMinutes(policy.timesOf(visit.method).atTheBench.value()),
                 report::say(methodTitle(visit.method)).toStdString() + ", " + (client ? client->code : ""),
                 visit.note});
        }
    return exchange::toICalendar(events, session.now());
}

Expected<CalendarTaken> takeCalendar(Session& session, const std::string& content, const std::string& path) {
    const auto read = exchange::fromICalendar(content, path, report::startOfLocalDay(session.now()),
                                              report::startOfLocalDay(session.now(), daysAhead),
                                              QTimeZone::systemTimeZoneId().toStdString());
    if (!read)
        return tl::unexpected(read.error());
    CalendarTaken taken{0, read->leftOut};
    const CodesInWords codes(session.book().clients());
    DayBoard board(session);
    for (const exchange::CalendarEvent& event : read->events) {
        const QString words = report::plain(event.summary + " " + event.description);
        const Client* client = codes.find(words);
        const auto method = methodIn(words);
        if (!client || !method || standsAlready(session, client->id, event.from)) {
            ++taken.leftOut;
            continue;
        }
        if (auto kept = board.book(client->id, std::string(*method), event.from,
                                   QObject::tr("from a calendar").toStdString());
            !kept)
            return tl::unexpected(kept.error());
        ++taken.booked;
    }
    return taken;
}

} // namespace fusain::desktop
