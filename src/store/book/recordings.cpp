#include "store/book/recordings.hpp"

#include "record/base/fingerprint.hpp"
#include "record/base/json.hpp"
#include "record/method/recorded.hpp"
#include "store/book/packing.hpp"
#include "store/book/sql.hpp"

namespace fusain::store {
namespace {

// Every part of a document, the inner ones last; `visit` says whether to go on inside.
template <class Part, class Visit>
void walk(Part& part, const Visit& visit) {
    if (!visit(part) || !part.is_structured())
        return;
    for (auto& inner : part)
        walk(inner, visit);
}

Columns columnsOf(const Json& recording) {
    Columns columns;
    for (const auto& [name, numbers] : recording.items())
        columns.push_back({name, numbers.get<std::vector<float>>()});
    return columns;
}

Json recordingOf(const Columns& columns) {
    Json recording = Json::object();
    for (const Column& column : columns)
        recording[column.name] = std::vector<double>(column.numbers.begin(), column.numbers.end());
    return recording;
}

std::string nameOf(const Columns& columns) {
    return hashOf(plain(columns).toStdString());
}

std::optional<Columns> blockNamed(const QSqlDatabase& database, const std::string& name) {
    auto row = run(database, QStringLiteral("SELECT data FROM recordings WHERE name = ?"), {text(name)});
    if (!row || !row->next() || row->value(0).typeId() != QMetaType::QByteArray)
        return std::nullopt;
    auto columns = unpacked(row->value(0).toByteArray());
    return columns && nameOf(*columns) == name ? columns : std::nullopt;
}

} // namespace

Expected<void> takeRecordingsOut(const QSqlDatabase& database, Json& document) {
    Expected<void> done;
    walk(document, [&](Json& part) {
        if (!isRecording(part))
            return true;
        const Columns columns = columnsOf(part);
        const std::string name = nameOf(columns);
        if (const auto kept =
                run(database,
                    QStringLiteral(
                        "INSERT INTO recordings (name, data) VALUES (?, ?) ON CONFLICT (name) DO NOTHING"),
                    {text(name), packed(columns)});
            !kept)
            done = tl::unexpected(kept.error());
        part = blockJson(name);
        return false;
    });
    return done;
}

void putRecordingsBack(const QSqlDatabase& database, Json& document) {
    walk(document, [&](Json& part) {
        const std::string name = blockOf(part);
        if (name.empty())
            return true;
        if (const auto columns = blockNamed(database, name))
            part = recordingOf(*columns);
        return false;
    });
}

bool hasRecordings(const Json& document) {
    bool found = false;
    walk(document, [&](const Json& part) {
        found = found || isRecording(part);
        return !found;
    });
    return found;
}

std::set<std::string> blocksNamedIn(const Json& document) {
    std::set<std::string> names;
    walk(document, [&](const Json& part) {
        if (const std::string name = blockOf(part); !name.empty())
            names.insert(name);
        return true;
    });
    return names;
}

Expected<std::set<std::string>> blocksOf(const QSqlDatabase& database) {
    auto rows = run(database, QStringLiteral("SELECT name FROM recordings"));
    if (!rows)
        return tl::unexpected(rows.error());
    std::set<std::string> names;
    while (rows->next())
        names.insert(rows->value(0).toString().toStdString());
    return names;
}

bool blockIsWhole(const QSqlDatabase& database, const std::string& name) {
    return blockNamed(database, name).has_value();
}

} // namespace fusain::store
