#include "store/book/client_index.hpp"

#include "record/base/json.hpp"
#include "store/book/identity.hpp"
#include "store/book/projection.hpp"
#include "store/book/sql.hpp"

#include <QSqlQuery>
#include <QVariant>
#include <algorithm>

namespace fusain::store {

namespace {

struct Found {
    std::string id;
    QString name, code, birthDate;
};

// Sealed at rest, a row shows its code; what else it holds is opened.
void openInto(Found& found, const Identities& identities, const std::string& document) {
    const auto read = identities.read(found.id, document);
    const Json json = read ? Json::parse(*read, nullptr, false) : Json();
    if (!json.is_object())
        return;
    found.name = text(json.value("name", found.name.toStdString()));
    found.birthDate = text(json.value("birth_date", std::string()));
}

} // namespace

void ClientIndex::read(const QSqlDatabase& database, const Identities& identities) {
    entries_.clear();
    const bool sealed = identities.atRest();
    if (sealed)
        identities.openAllKeys();
    auto rows =
        run(database, QStringLiteral("SELECT id, name, code, birth_date, %1 FROM clients ORDER BY name, id")
                          .arg(sealed ? QStringLiteral("document") : QStringLiteral("''")));
    std::vector<Found> all;
    while (rows && rows->next()) {
        all.push_back({rows->value(0).toString().toStdString(), rows->value(1).toString(),
                       rows->value(2).toString(), rows->value(3).toString()});
        if (sealed)
            openInto(all.back(), identities, rows->value(4).toString().toStdString());
    }
    if (sealed) // the engine could order them by their code only
        std::ranges::stable_sort(all, {}, &Found::name);
    for (const Found& found : all)
        entries_.push_back(
            {found.id, QStringList{found.name, found.code, found.birthDate}.join(QLatin1Char('\n')).toLower()});
    known_ = rows.has_value();
}

std::vector<std::string> ClientIndex::find(const QSqlDatabase& database, const Identities& identities,
                                           const QString& searched, std::size_t most) {
    if (!known_)
        read(database, identities);
    const QString wanted = searched.toLower().simplified();
    std::vector<std::string> ids;
    for (const Entry& entry : entries_) {
        if (ids.size() >= most)
            break;
        if (wanted.isEmpty() || entry.sought.contains(wanted))
            ids.push_back(entry.id);
    }
    return ids;
}

void ClientIndex::after(std::string_view kind) {
    if (kind == kinds::clientSaved || kind == kinds::clientErased || kind == kinds::rowFound ||
        kind == kinds::importTakenBack)
        forget();
}

} // namespace fusain::store
