// How a lab book is opened, made and brought forward.
#include "procedure/all/replay.hpp"
#include "record/all/record.hpp"
#include "record/base/json.hpp"
#include "store/book/client_index.hpp"
#include "store/book/dialect.hpp"
#include "store/book/known_tests.hpp"
#include "store/book/lab_book.hpp"
#include "store/book/migrations.hpp"
#include "store/book/outbox.hpp"
#include "store/book/recordings.hpp"
#include "store/book/sql.hpp"
#include "store/book/tables.hpp"

#include <QFile>
#include <QFileInfo>
#include <QSqlQuery>
#include <QUuid>
#include <QVariant>
#include <algorithm>
#include <map>

namespace fusain::store {
namespace {

Problem foreignFile(const QString& path) {
    return {{FUSAIN_TEXT("This file is not a lab book, or is damaged."), {}},
            path.toStdString(),
            {FUSAIN_TEXT("Nothing in it was changed."), {}},
            {FUSAIN_TEXT("Choose another file, or restore the newest daily copy."), {}}};
}

Expected<std::unique_ptr<LabBook>> alreadyThere(const QString& path) {
    return failure({FUSAIN_TEXT("There is already a file here."), {}}, path.toStdString(),
                   {FUSAIN_TEXT("Choose a new name; nothing is ever overwritten."), {}});
}

Problem notOpened(const QSqlDatabase& database, const BookAddress& address) {
    if (!address.onServer())
        return {{FUSAIN_TEXT("The lab book cannot be opened."), {}},
                address.text().toStdString(),
                {},
                {FUSAIN_TEXT("Check that the folder exists and may be written."), {}}};
    return {{FUSAIN_TEXT("The server of the lab book does not let this workstation in: {1}"),
             {engineWords(database.lastError())}},
            address.text().toStdString(),
            {FUSAIN_TEXT("Nothing was changed."), {}},
            {FUSAIN_TEXT("Check the network, the address, the account and its password in ~/.pgpass."), {}}};
}

} // namespace

LabBook::LabBook(BookAddress address)
    : address_(std::move(address)), connectionName_(QUuid::createUuid().toString()),
      known_(std::make_unique<KnownTests>()), index_(std::make_unique<ClientIndex>()) {}

LabBook::~LabBook() {
    projection_.reset();
    identities_.reset();
    QSqlDatabase::database(connectionName_, false).close();
    QSqlDatabase::removeDatabase(connectionName_);
}

QSqlDatabase LabBook::connection() const {
    return QSqlDatabase::database(connectionName_, false);
}

Expected<void> LabBook::connect(bool readOnly) {
    const Dialect& dialect = dialectOf(address_);
    access_ = readOnly ? Dialect::Access::ReadOnly : Dialect::Access::ReadWrite;
    QSqlDatabase database = QSqlDatabase::addDatabase(dialect.driver(), connectionName_);
    if (!database.isValid())
        return failure({FUSAIN_TEXT("The driver for this kind of lab book is not installed: {1}"),
                        {dialect.driver().toStdString()}},
                       address_.text().toStdString(),
                       {FUSAIN_TEXT("Install the package libqt6sql6-psql, then start again."), {}});
    dialect.point(database, address_, access_);
    if (!database.open())
        return tl::unexpected(notOpened(database, address_));
    identities_ = std::make_unique<Identities>(database);
    projection_ = std::make_unique<Projection>(database, *identities_);
    return sayHello();
}

Expected<void> LabBook::sayHello() const {
    for (const QString& said : dialectOf(address_).uponOpening(access_))
        if (auto done = run(connection(), said); !done)
            return tl::unexpected(done.error());
    return {};
}

Expected<std::unique_ptr<LabBook>> LabBook::open(const QString& path, Clock clock) {
    auto address = BookAddress::read(path);
    auto place = address && !address->onServer() ? BookPlace::take(path) : Expected<BookPlace>(BookPlace());
    if (address && place && !address->onServer())
        address = BookAddress::read(place->path()); // without links
    if (!address || !place)
        return tl::unexpected(address ? place.error() : address.error());
    std::unique_ptr<LabBook> book(new LabBook(*address));
    book->place_ = std::move(*place);
    book->clock_ = clock;
    if (auto connected = book->connect(false); !connected)
        return tl::unexpected(connected.error());
    if (auto forward = book->bringForward(); !forward)
        return tl::unexpected(forward.error());
    return book;
}

Expected<std::unique_ptr<LabBook>> LabBook::create(const QString& path, Clock clock) {
    const auto address = BookAddress::read(path);
    if (!address)
        return tl::unexpected(address.error());
    return address->onServer() ? createOnServer(*address, clock) : createFile(path, clock);
}

tl::unexpected<Problem> LabBook::notEmpty(const BookAddress& address) {
    return failure({FUSAIN_TEXT("There is already something in this database."), {}},
                   address.text().toStdString(),
                   {FUSAIN_TEXT("Choose an empty one; nothing is ever overwritten."), {}});
}

Expected<std::unique_ptr<LabBook>> LabBook::createOnServer(const BookAddress& address, Clock clock) {
    std::unique_ptr<LabBook> book(new LabBook(address));
    book->clock_ = clock;
    auto done = book->connect(false);
    if (done && !dialectOf(address).isEmpty(book->connection()))
        return notEmpty(address);
    if (done)
        done = book->migrate(0);
    return done ? Expected<std::unique_ptr<LabBook>>(std::move(book)) : tl::unexpected(done.error());
}

// Made under another name and put in its place whole: a cut in the middle leaves no half book under this one.
Expected<std::unique_ptr<LabBook>> LabBook::createFile(const QString& path, Clock clock) {
    if (QFileInfo::exists(path))
        return alreadyThere(path);
    const QString partial = path + QStringLiteral(".partial");
    QFile::remove(partial);
    if (auto made = makeFile(partial, clock, [](LabBook&) { return Expected<void>(); }); !made)
        return tl::unexpected(made.error());
    if (auto put = putInPlace(partial, path, Over::Nothing); !put)
        return tl::unexpected(put.error());
    return open(path, clock);
}

Expected<void> LabBook::makeFile(const QString& path, Clock clock,
                                 const std::function<Expected<void>(LabBook&)>& fill) {
    const auto address = BookAddress::read(path);
    auto done = address ? BookPlace::makeEmpty(path) : tl::unexpected(address.error());
    if (!done)
        return done;
    LabBook book(*address);
    book.clock_ = std::move(clock);
    done = book.connect(false);
    if (done)
        done = book.migrate(0);
    if (done)
        done = fill(book);
    if (done) // into the file itself, which is about to be renamed
        if (auto closed = run(book.connection(), QStringLiteral("PRAGMA journal_mode = DELETE")); !closed)
            done = tl::unexpected(closed.error());
    return done;
}

Expected<std::unique_ptr<LabBook>> LabBook::openOrCreate(const QString& path, Clock clock) {
    const auto address = BookAddress::read(path);
    if (!address)
        return tl::unexpected(address.error());
    if (!address->onServer())
        return QFileInfo::exists(path) ? open(path, std::move(clock)) : create(path, std::move(clock));
    auto made = createOnServer(*address, clock); // which refuses what is not empty
    return made ? std::move(made) : open(path, clock);
}

Expected<std::unique_ptr<LabBook>> LabBook::openForReading(const QString& path) {
    const auto address = BookAddress::read(path);
    if (!address)
        return tl::unexpected(address.error());
    if (!address->onServer() && !QFileInfo::exists(path))
        return failure({FUSAIN_TEXT("There is no such file."), {}}, path.toStdString());
    std::unique_ptr<LabBook> book(new LabBook(*address));
    if (auto connected = book->connect(true); !connected)
        return tl::unexpected(connected.error());
    const auto format = run(book->connection(), QStringLiteral("SELECT value FROM meta WHERE key = 'format'"));
    if (!format)
        return tl::unexpected(foreignFile(path));
    if (auto read = book->readHead(); !read)
        return tl::unexpected(read.error());
    return book;
}

// The schema that the file says it has; 0 for an empty one.
Expected<int> LabBook::schemaOfFile() {
    const QSqlDatabase database = connection();
    if (dialectOf(database).isEmpty(database))
        return address_.onServer() ? Expected<int>(tl::unexpected(foreignFile(path()))) : 0;
    if (!database.tables().contains(QLatin1String("meta")))
        return tl::unexpected(foreignFile(path()));
    auto found = run(database, QStringLiteral("SELECT key, value FROM meta"));
    if (!found)
        return tl::unexpected(found.error());
    std::map<QString, QString> meta;
    while (found->next())
        meta[found->value(0).toString()] = found->value(1).toString();
    if (meta["format"] != formatOfBooks)
        return tl::unexpected(foreignFile(path()));
    return meta["schema"].toInt();
}

Expected<void> LabBook::bringForward() {
    const auto version = schemaOfFile();
    if (!version)
        return tl::unexpected(version.error());
    if (*version > newestSchema())
        return failure(
            {FUSAIN_TEXT("This lab book was written by a newer Fusain (schema {1}; this one knows {2})."),
             {std::to_string(*version), std::to_string(newestSchema())}},
            path().toStdString(), {FUSAIN_TEXT("Install the newer Fusain on this machine."), {}},
            {FUSAIN_TEXT("Nothing in it was changed."), {}});
    // Of a book on a server the administrator has a dump; the steps are one transaction either way.
    if (*version > 0 && *version < newestSchema() && !address_.onServer())
        if (auto kept = backUp(path() + QStringLiteral(".before-schema-%1").arg(*version + 1)); !kept)
            return kept;
    if (auto migrated = migrate(*version); !migrated)
        return migrated;
    return readHead();
}

Expected<void> LabBook::readHead() {
    auto last =
        run(connection(), QStringLiteral("SELECT sequence, hash FROM journal ORDER BY sequence DESC LIMIT 1"));
    if (!last)
        return tl::unexpected(last.error());
    if (last->next()) {
        lastSequence_ = last->value(0).toLongLong();
        lastHash_ = last->value(1).toString().toStdString();
    }
    return {};
}

// All steps in one transaction: a cut in the middle leaves the book of before.
Expected<void> LabBook::migrate(int version) {
    if (version == newestSchema())
        return {};
    const QSqlDatabase database = connection();
    Transaction transaction(database);
    // Of two workstations that open an older book at once one brings it forward; the other waits here and has
    // it then.
    if (version > 0) {
        if (auto held = run(database, dialectOf(database).heldHead()); !held)
            return tl::unexpected(held.error());
        if (schemaOfFile() == newestSchema())
            return readHead();
    }
    auto done = makeTables(database, version);
    for (const auto& [key, value] : {std::pair(QStringLiteral("format"), formatOfBooks),
                                     std::pair(QStringLiteral("schema"), QString::number(newestSchema()))})
        if (done)
            if (const auto said =
                    run(database,
                        QStringLiteral(
                            "INSERT INTO meta (key, value) VALUES (?, ?) ON CONFLICT (key) DO UPDATE SET "
                            "value = excluded.value"),
                        {key, value});
                !said)
                done = tl::unexpected(said.error());
    if (done)
        done = readHead();
    if (done)
        done = setHead(database, lastSequence_, lastHash_);
    const bool older = version > 0;
    const auto asked = [&](bool Migration::*work) {
        return older && std::ranges::any_of(migrations(), [&](const Migration& step) {
                   return step.version > version && step.*work;
               });
    };
    if (done && asked(&Migration::replaysTests))
        done = replayAllTests();
    if (done && asked(&Migration::takesRecordingsOut))
        done = takeRecordingsOutOfAllTests();
    if (done && older)
        done = takeOver();
    return done ? transaction.commit() : done;
}

// What no event of an older schema explains is kept as it was found, by an event that says so; from here on
// every row follows from the journal.
Expected<void> LabBook::takeOver() {
    const auto found = differences(connection(), [](std::int64_t, const Message&) {});
    if (!found)
        return tl::unexpected(found.error());
    for (const Difference& difference : *found) {
        if (!tableNamed(difference.table.toStdString()))
            continue; // a recording that is gone: nothing could be kept
        Json key, row;
        for (const auto& [column, value] : difference.key)
            key[column.toStdString()] = value.toStdString();
        if (difference.row)
            for (const auto& [column, value] : *difference.row)
                row[column.toStdString()] = value.toStdString();
        const std::string table = difference.table.toStdString();
        if (auto kept = note(kinds::rowFound, table, "fusain", {{"table", table}, {"key", key}, {"row", row}});
            !kept)
            return kept;
    }
    return {};
}

// Writes the document of every version of every test anew from its events. What cannot be replayed stays as it
// is; `verify` names it.
Expected<void> LabBook::replayAllTests() {
    const QSqlDatabase database = connection();
    auto rows = run(database, QStringLiteral("SELECT subject FROM journal WHERE kind = 'test.started'"));
    if (!rows)
        return tl::unexpected(rows.error());
    while (rows->next()) {
        const std::string id = rows->value(0).toString().toStdString();
        const auto events = journalOf(database, id);
        if (!events)
            return tl::unexpected(events.error());
        for (std::size_t end = 1; end <= events->size(); ++end) {
            if (end < events->size() && (*events)[end].kind != "test.amended")
                continue;
            const auto replayed = replayTest(std::span(*events).first(end));
            if (!replayed)
                break;
            if (auto done =
                    run(database, QStringLiteral("UPDATE tests SET document = ? WHERE id = ? AND version = ?"),
                        {text(toJson(*replayed)), text(id), common(*replayed).version});
                !done)
                return tl::unexpected(done.error());
        }
    }
    return {};
}

// As they stand, whether their events lead to them or not: what does not is found by `takeOver`.
Expected<void> LabBook::takeRecordingsOutOfAllTests() {
    const QSqlDatabase database = connection();
    auto rows = run(database, QStringLiteral("SELECT rowid, document FROM tests"));
    if (!rows)
        return tl::unexpected(rows.error());
    while (rows->next()) {
        Json document = Json::parse(rows->value(1).toString().toStdString(), nullptr, false);
        if (!hasRecordings(document))
            continue;
        auto done = takeRecordingsOut(database, document);
        if (done)
            if (const auto written =
                    run(database, QStringLiteral("UPDATE tests SET document = ? WHERE rowid = ?"),
                        {text(document), rows->value(0)});
                !written)
                done = tl::unexpected(written.error());
        if (!done)
            return done;
    }
    return {};
}

} // namespace fusain::store
