// The reading side of the lab book.
#include "record/all/record.hpp"
#include "record/base/json.hpp"
#include "store/book/client_index.hpp"
#include "store/book/dialect.hpp"
#include "store/book/known_tests.hpp"
#include "store/book/lab_book.hpp"
#include "store/book/sql.hpp"

#include <QSqlQuery>
#include <QVariant>
#include <algorithm>

namespace fusain::store {
namespace {

Json documentIn(const QSqlQuery& row, int column) {
    return Json::parse(row.value(column).toString().toStdString(), nullptr, false);
}

Instant instantIn(const QSqlQuery& row, int column) {
    return instantFromIso(row.value(column).toString().toStdString()).value_or(Instant{});
}

template <class T, class Convert>
std::vector<T> collect(Expected<QSqlQuery> rows, Convert convert) {
    std::vector<T> found;
    while (rows && rows->next())
        if (auto item = convert(*rows))
            found.push_back(std::move(*item));
    return found;
}

// The newest version of each test that a condition on its row `t` is true of, its document first and as bytes.
Expected<QSqlQuery> newestTests(const QSqlDatabase& database, const QString& condition,
                                const QVariantList& values, const QString& order = QStringLiteral("started_at"),
                                const QString& further = {}) {
    return run(
        database,
        QStringLiteral("SELECT %1%2 FROM tests AS t WHERE %3 AND version = (SELECT max(version) FROM tests "
                       "WHERE id = t.id) ORDER BY %4")
            .arg(dialectOf(database).asBytes(QStringLiteral("document")), further, condition, order),
        values);
}

template <class T>
std::optional<T> kept(Expected<T> value) {
    return value ? std::optional<T>(std::move(*value)) : std::nullopt;
}

// What stands in columns of its own is shown when the document cannot be read.
const QString clientColumns = QStringLiteral("SELECT document, id, code, name, birth_date FROM clients ");
std::optional<Client> clientIn(const QSqlQuery& row, const Identities& identities) {
    const auto document =
        identities.read(row.value(1).toString().toStdString(), row.value(0).toString().toStdString());
    auto client = document ? clientFromJson(Json::parse(*document, nullptr, false), "client")
                           : Expected<Client>(tl::unexpected(Problem{
                                 {FUSAIN_TEXT("The name is sealed: sign in to see it."), {}}, {}, {}, {}}));
    if (client)
        return std::move(*client);
    const auto column = [&](int i) { return row.value(i).toString().toStdString(); };
    Client shown;
    shown.id = column(1);
    shown.code = column(2);
    shown.name = column(3);
    shown.birthDate = dateFromIso(column(4)).value_or(Date{});
    shown.unreadable = client.error().what.english();
    return shown;
}
// For rows whose first column is the document of a test, as bytes: it is as long as a book and not to be
// turned into another encoding and back.
auto testsIn(KnownTests& known) {
    return
        [&known](const QSqlQuery& row) { return kept(known.read(row.value(0).toByteArray().toStdString())); };
}

// A note that cannot be opened here is not shown.
auto visitsIn(const Identities& identities) {
    return [&identities](const QSqlQuery& row) {
        const auto column = [&](int i) { return row.value(i).toString().toStdString(); };
        return std::optional(Visit{column(0), column(1), instantIn(row, 2), column(3), column(4), column(5),
                                   identities.read(column(1), column(6)).value_or(std::string())});
    };
}

const QString visitColumns = QStringLiteral("SELECT id, client, at, method, state, test, note FROM visits ");

QString lowered(const std::string& value) {
    return text(value).toLower().simplified();
}

} // namespace

// While the server is away what was seen last stands for what is there; a place that was never looked at stays
// empty.
template <class T, class Convert>
std::vector<T> LabBook::seen(const QString& what, Expected<QSqlQuery> rows, Convert convert) {
    if (!dialectOf(address_).shared())
        return collect<T>(std::move(rows), convert);
    if (!rows) {
        const auto before = seen_.find(what);
        return before == seen_.end() ? std::vector<T>() : std::any_cast<std::vector<T>>(before->second);
    }
    std::vector<T> found = collect<T>(std::move(rows), convert);
    seen_[what] = found;
    return found;
}

std::vector<std::pair<std::string, std::string>> LabBook::subjectsSince(std::int64_t sequence) {
    return collect<std::pair<std::string, std::string>>(
        run(connection(),
            QStringLiteral("SELECT kind, subject FROM journal WHERE sequence > ? ORDER BY sequence"),
            {qlonglong(sequence)}),
        [](const QSqlQuery& row) {
            return std::optional(
                std::pair(row.value(0).toString().toStdString(), row.value(1).toString().toStdString()));
        });
}

std::int64_t LabBook::lastEventOf(const std::string& subject) {
    auto row = run(connection(), QStringLiteral("SELECT max(sequence) FROM journal WHERE subject = ?"),
                   {text(subject)});
    return row && row->next() ? row->value(0).toLongLong() : 0;
}

std::optional<std::string> LabBook::hashOf(std::int64_t sequence) {
    auto row =
        run(connection(), QStringLiteral("SELECT hash FROM journal WHERE sequence = ?"), {qlonglong(sequence)});
    return row && row->next() ? std::optional(row->value(0).toString().toStdString()) : std::nullopt;
}

std::set<std::string> LabBook::clientIds() {
    std::set<std::string> ids;
    auto rows = run(connection(), QStringLiteral("SELECT id FROM clients"));
    while (rows && rows->next())
        ids.insert(rows->value(0).toString().toStdString());
    return ids;
}

std::vector<Client> LabBook::clients() {
    const bool sealed = identities_->atRest();
    if (sealed)
        identities_->openAllKeys();
    std::vector<Client> found =
        collect<Client>(run(connection(), clientColumns + QStringLiteral("ORDER BY name")),
                        [this](const QSqlQuery& row) { return clientIn(row, *identities_); });
    if (sealed) // the engine could order them by their code only
        std::ranges::stable_sort(found, {}, &Client::name);
    return found;
}

std::optional<Client> LabBook::client(const std::string& id) {
    auto found = seen<Client>(QStringLiteral("client ") + text(id),
                              run(connection(), clientColumns + QStringLiteral("WHERE id = ?"), {text(id)}),
                              [this](const QSqlQuery& row) { return clientIn(row, *identities_); });
    return found.empty() ? std::nullopt : std::optional(found.front());
}

// Only what is found is read as a document.
std::vector<Client> LabBook::findClients(const std::string& searched, std::size_t most) {
    std::vector<Client> found;
    for (const std::string& id : index_->find(connection(), *identities_, text(searched), most))
        if (auto known = client(id))
            found.push_back(std::move(*known));
    return found;
}

std::vector<std::string> LabBook::findClientIds(const std::string& searched) {
    return index_->find(connection(), *identities_, text(searched), std::numeric_limits<std::size_t>::max());
}

std::vector<Client> LabBook::likelyDuplicates(const Client& client) {
    std::vector<Client> found = clients();
    const QStringList parts = lowered(client.name).split(QLatin1Char(' '));
    std::erase_if(found, [&](const Client& other) {
        const QString name = lowered(other.name);
        const bool sameName = name == lowered(client.name);
        const bool sharesPart = std::ranges::any_of(
            parts, [&](const QString& part) { return part.size() > 2 && name.contains(part); });
        return other.id == client.id || !(sameName || (other.birthDate == client.birthDate && sharesPart));
    });
    return found;
}

std::vector<Staff> LabBook::staff() {
    return seen<Staff>(QStringLiteral("staff"),
                       run(connection(), QStringLiteral("SELECT document FROM staff ORDER BY name")),
                       [](const QSqlQuery& row) { return kept(staffFromJson(documentIn(row, 0), "staff")); });
}

std::vector<Visit> LabBook::visitsBetween(Instant from, Instant to) {
    return seen<Visit>(QStringLiteral("visits ") + text(from) + text(to),
                       run(connection(), visitColumns + QStringLiteral("WHERE at >= ? AND at < ? ORDER BY at"),
                           {text(isoText(from)), text(isoText(to))}),
                       visitsIn(*identities_));
}

std::vector<Visit> LabBook::visitsOf(const std::string& clientId) {
    return seen<Visit>(
        QStringLiteral("visits of ") + text(clientId),
        run(connection(), visitColumns + QStringLiteral("WHERE client = ? ORDER BY at"), {text(clientId)}),
        visitsIn(*identities_));
}

std::vector<AnyTest> LabBook::testsOf(const std::string& clientId) {
    return seen<AnyTest>(QStringLiteral("tests of ") + text(clientId),
                         newestTests(connection(), QStringLiteral("client = ?"), {text(clientId)}),
                         testsIn(*known_));
}

std::vector<UnreadableTest> LabBook::unreadableTestsOf(const std::string& clientId) {
    return collect<UnreadableTest>(
        newestTests(connection(), QStringLiteral("client = ?"), {text(clientId)}, QStringLiteral("started_at"),
                    QStringLiteral(", id, started_at, method")),
        [this](const QSqlQuery& row) -> std::optional<UnreadableTest> {
            const auto test = known_->read(row.value(0).toByteArray().toStdString());
            if (test)
                return std::nullopt;
            return UnreadableTest{row.value(1).toString().toStdString(), instantIn(row, 2),
                                  row.value(3).toString().toStdString(), test.error().what};
        });
}

std::vector<AnyTest> LabBook::versionsOf(const std::string& testId) {
    const QSqlDatabase database = connection();
    return collect<AnyTest>(run(database,
                                QStringLiteral("SELECT %1 FROM tests WHERE id = ? ORDER BY version")
                                    .arg(dialectOf(database).asBytes(QStringLiteral("document"))),
                                {text(testId)}),
                            testsIn(*known_));
}

std::optional<AnyTest> LabBook::test(const std::string& id, int version) {
    const auto versions = versionsOf(id);
    for (const AnyTest& found : versions)
        if (common(found).version == version)
            return found;
    return versions.empty() || version != 0 ? std::nullopt : std::optional(versions.back());
}

std::vector<AnyTest> LabBook::runningTests() {
    return seen<AnyTest>(
        QStringLiteral("running tests"),
        newestTests(connection(), QStringLiteral("state = 'running'"), {}, QStringLiteral("started_at DESC")),
        testsIn(*known_));
}

std::vector<StoredResult> LabBook::resultsOf(const std::string& testId) {
    return collect<StoredResult>(run(connection(),
                                     QStringLiteral("SELECT test_version, number, at, document FROM results "
                                                    "WHERE test = ? ORDER BY test_version, number"),
                                     {text(testId)}),
                                 [&](const QSqlQuery& row) -> std::optional<StoredResult> {
                                     Json document = documentIn(row, 3);
                                     if (!document.is_object()) // the record computes it again; verify names it
                                         return std::nullopt;
                                     return StoredResult{testId, row.value(0).toInt(), row.value(1).toInt(),
                                                         instantIn(row, 2), std::move(document)};
                                 });
}

// A chart reads a long history at once, and the engine takes the documents apart faster than we would.
std::vector<Check> LabBook::checks(const std::string& instrument) {
    return seen<Check>(QStringLiteral("checks ") + text(instrument),
                       run(connection(), dialectOf(connection()).checksOfAnInstrument(), {text(instrument)}),
                       [](const QSqlQuery& row) {
                           const auto words = [&](int column) {
                               return row.value(column).toString().toStdString();
                           };
                           Check check{words(0),
                                       words(1),
                                       words(2),
                                       instantIn(row, 3),
                                       row.value(4).toDouble(),
                                       row.value(5).toDouble(),
                                       row.value(6).toBool(),
                                       words(7),
                                       words(8),
                                       {}};
                           check.readings = {check.reading};
                           if (!row.value(10).toBool())
                               check.note = FUSAIN_TEXT("▲ This entry is damaged and cannot be read.");
                           if (const Json several = Json::parse(words(9), nullptr, false); several.is_array())
                               check.readings = several.get<std::vector<double>>();
                           return std::optional(check);
                       });
}

std::vector<Study> LabBook::studies(const std::string& instrument) {
    return seen<Study>(
        QStringLiteral("studies ") + text(instrument),
        run(connection(),
            QStringLiteral(
                "SELECT id, instrument, at, document FROM studies WHERE ? = '' OR instrument = ? ORDER BY at"),
            {text(instrument), text(instrument)}),
        [](const QSqlQuery& row) {
            const Json document = documentIn(row, 3);
            if (!document.is_object())
                return std::optional(Study{row.value(0).toString().toStdString(),
                                           row.value(1).toString().toStdString(),
                                           FUSAIN_TEXT("▲ This entry is damaged and cannot be read."),
                                           "",
                                           instantIn(row, 2),
                                           "",
                                           {},
                                           ""});
            return std::optional(
                Study{row.value(0).toString().toStdString(), row.value(1).toString().toStdString(),
                      document.value("quantity", ""), document.value("unit", ""), instantIn(row, 2),
                      document.value("by", ""), document.value("people", std::vector<std::vector<double>>{}),
                      document.value("group", ""), document.value("design", "") == "between-days",
                      readDocument("study", [&] {
                          return studiedPeopleFromJson(document.value("population", Json::object()));
                      }).value_or(StudiedPeople{})});
        });
}

std::vector<AnyTest> LabBook::testsSince(Instant since, std::string_view method) {
    return collect<AnyTest>(newestTests(connection(), QStringLiteral("method = ? AND started_at > ?"),
                                        {text(std::string(method)), text(isoText(since))}),
                            testsIn(*known_));
}

std::vector<AnyTest> LabBook::testsOfBoth(const std::string& method, const std::string& other) {
    return collect<AnyTest>(
        newestTests(
            connection(),
            QStringLiteral("method IN (?, ?) AND state = 'signed' AND client IN (SELECT client FROM tests "
                           "WHERE method = ? INTERSECT SELECT client FROM tests WHERE method = ?)"),
            {text(method), text(other), text(method), text(other)}),
        testsIn(*known_));
}

int LabBook::clientsOfBoth(std::string_view method, std::string_view other) {
    auto counted =
        run(connection(),
            QStringLiteral("SELECT count(*) FROM (SELECT client FROM tests WHERE method = ? AND state = "
                           "'signed' INTERSECT SELECT client FROM tests WHERE method = ? AND state = "
                           "'signed')"),
            {text(std::string(method)), text(std::string(other))});
    return counted && counted->next() ? counted->value(0).toInt() : 0;
}

// A recomputation counts before what was signed first, and a later test before an earlier one.
std::vector<PersonValue> LabBook::latestValues(std::string_view method, const std::string& field) {
    const QSqlDatabase database = connection();
    const Dialect& dialect = dialectOf(database);
    const auto ofTest = [&](const char* key) {
        return dialect.inDocument(QStringLiteral("t.document"),
                                  {QStringLiteral("subject"), QLatin1String(key)});
    };
    std::vector<PersonValue> values = collect<PersonValue>(
        run(database,
            QStringLiteral("SELECT t.client, %1, %2, %3 FROM tests AS t JOIN results AS r ON r.test = t.id AND "
                           "r.test_version = t.version WHERE t.method = ? AND t.state = 'signed' "
                           "ORDER BY t.client, t.started_at DESC, t.version DESC, r.number DESC")
                .arg(ofTest("sex"), ofTest("age_y"),
                     dialect.inDocument(QStringLiteral("r.document"),
                                        text(field + ".value").split(QLatin1Char('.')))),
            {text(std::string(method))}),
        [](const QSqlQuery& row) -> std::optional<PersonValue> {
            if (row.isNull(3))
                return std::nullopt;
            return PersonValue{row.value(0).toString().toStdString(),
                               row.value(1).toString() == QLatin1String("male") ? Sex::Male : Sex::Female,
                               Years(row.value(2).toDouble()), row.value(3).toDouble()};
        });
    const auto repeats = std::ranges::unique(values, {}, &PersonValue::clientId);
    values.erase(repeats.begin(), repeats.end());
    return values;
}

std::vector<std::pair<std::string, std::string>> LabBook::settingsUnder(const std::string& prefix) {
    return seen<std::pair<std::string, std::string>>(
        QStringLiteral("settings under ") + text(prefix),
        run(connection(),
            QStringLiteral("SELECT key, value FROM settings WHERE substr(key, 1, length(?)) = ? ORDER BY key"),
            {text(prefix), text(prefix)}),
        [this](const QSqlQuery& row) {
            std::string key = row.value(0).toString().toStdString();
            std::string value = identities_->readPaper(key, row.value(1).toString().toStdString());
            return std::optional(std::pair(std::move(key), std::move(value)));
        });
}

std::string LabBook::setting(const std::string& key, const std::string& otherwise) {
    auto rows = run(connection(), QStringLiteral("SELECT value FROM settings WHERE key = ?"), {text(key)});
    const auto found =
        seen<std::string>(QStringLiteral("setting ") + text(key), std::move(rows), [&](const QSqlQuery& row) {
            return std::optional(identities_->readPaper(key, row.value(0).toString().toStdString()));
        });
    return found.empty() ? otherwise : found.front();
}

} // namespace fusain::store
