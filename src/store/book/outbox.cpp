#include "store/book/outbox.hpp"

#include "core/base/message.hpp"
#include "record/base/json.hpp"
#include "store/book/place.hpp"
#include "store/book/sql.hpp"

#include <QFile>
#include <QUuid>
#include <QVariant>

namespace fusain::store {
namespace {

Json writtenAway(const Event& event) {
    return {{"at", isoText(event.at)},
            {"by", event.by},
            {"kind", event.kind},
            {"subject", event.subject},
            {"data", *event.data}};
}

std::optional<Event> readBack(std::int64_t number, const std::string& written) {
    const auto event = readDocument("outbox", [&] {
        const Json json = Json::parse(written);
        return Event{number,
                     instantFromIso(json.at("at").get<std::string>()).value_or(Instant{}),
                     json.at("by").get<std::string>(),
                     json.at("kind").get<std::string>(),
                     json.at("subject").get<std::string>(),
                     json.at("data"),
                     {}};
    });
    return event ? std::optional(*event) : std::nullopt;
}

} // namespace

Outbox::Outbox(QString path)
    : path_(std::move(path)), connection_(QUuid::createUuid().toString()),
      lock_(path_ + QStringLiteral(".lock")) {
    lock_.setStaleLockTime(0); // held for as long as the window is there
}

Outbox::~Outbox() {
    if (!database().isValid())
        return;
    database().close();
    QSqlDatabase::removeDatabase(connection_);
}

QSqlDatabase Outbox::database() const {
    return QSqlDatabase::database(connection_, false);
}

bool Outbox::open(bool make) {
    if (database().isOpen())
        return true;
    if (!QFile::exists(path_) && (!make || !BookPlace::makeEmpty(path_)))
        return false;
    if (!lock_.isLocked() && !lock_.tryLock())
        return false;
    QSqlDatabase file = QSqlDatabase::addDatabase(QStringLiteral("QSQLITE"), connection_);
    file.setDatabaseName(path_);
    // Of what was delivered before this window nobody knows the numbers any more.
    return file.open() && run(file, QStringLiteral("PRAGMA synchronous = FULL")) &&
           run(file, QStringLiteral("PRAGMA secure_delete = ON")) &&
           run(file,
               QStringLiteral("CREATE TABLE IF NOT EXISTS waiting (number INTEGER PRIMARY KEY, after INTEGER "
                              "NOT NULL, subject TEXT NOT NULL, event TEXT NOT NULL, book INTEGER)")) &&
           run(file, QStringLiteral(
                         "DELETE FROM waiting WHERE NOT EXISTS (SELECT 1 FROM waiting WHERE book IS NULL)"));
}

Expected<Event> Outbox::keep(Event event, std::int64_t after) {
    if (!open(true))
        return failure(
            {FUSAIN_TEXT("The server cannot be reached, and nothing can be kept on this workstation."), {}},
            path_.toStdString(), {FUSAIN_TEXT("Check the network, then repeat the last step."), {}},
            {FUSAIN_TEXT("Everything accepted before is kept."), {}});
    auto last = run(database(), QStringLiteral("SELECT coalesce(max(number), ?) FROM waiting"),
                    {qlonglong(firstNumber - 1)});
    if (!last || !last->next())
        return tl::unexpected(last ? Problem{} : last.error());
    event.sequence = last->value(0).toLongLong() + 1;
    last->finish();
    const auto kept = run(
        database(), QStringLiteral("INSERT INTO waiting (number, after, subject, event) VALUES (?, ?, ?, ?)"),
        {qlonglong(event.sequence), qlonglong(after), text(event.subject), text(writtenAway(event))});
    return kept ? Expected<Event>(std::move(event)) : tl::unexpected(kept.error());
}

std::vector<Outbox::Waiting> Outbox::waiting() {
    std::vector<Waiting> found;
    if (!open(false))
        return found;
    auto rows =
        run(database(),
            QStringLiteral("SELECT number, after, event FROM waiting WHERE book IS NULL ORDER BY number"));
    while (rows && rows->next())
        if (auto event = readBack(rows->value(0).toLongLong(), rows->value(2).toString().toStdString()))
            found.push_back({std::move(*event), rows->value(1).toLongLong()});
    return found;
}

int Outbox::count(const std::string& subject) {
    if (!open(false))
        return 0;
    auto rows =
        run(database(),
            QStringLiteral("SELECT count(*) FROM waiting WHERE book IS NULL AND (? = '' OR subject = ?)"),
            {text(subject), text(subject)});
    return rows && rows->next() ? rows->value(0).toInt() : 0;
}

// What was delivered stays as long as something of the file waits: an undoing names its number.
void Outbox::delivered(std::int64_t waiting, std::int64_t number) {
    (void)run(database(), QStringLiteral("UPDATE waiting SET book = ? WHERE number = ?"),
              {qlonglong(number), qlonglong(waiting)});
}

std::int64_t Outbox::numberOf(std::int64_t number) {
    if (number < firstNumber || !open(false))
        return number;
    auto row =
        run(database(), QStringLiteral("SELECT book FROM waiting WHERE number = ?"), {qlonglong(number)});
    return row && row->next() && !row->isNull(0) ? row->value(0).toLongLong() : number;
}

void Outbox::drop(const std::string& subject) {
    if (open(false))
        (void)run(database(), QStringLiteral("DELETE FROM waiting WHERE subject = ? AND book IS NULL"),
                  {text(subject)});
}

} // namespace fusain::store
