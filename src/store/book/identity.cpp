#include "store/book/identity.hpp"

#include "core/base/message.hpp"
#include "record/base/json.hpp"
#include "record/base/people.hpp"
#include "store/book/projection.hpp"
#include "store/book/sql.hpp"

#include <QCryptographicHash>
#include <algorithm>

namespace fusain::store {
namespace {

constexpr auto sealedKey = "sealed", nonceKey = "nonce", atRestKey = "at_rest", codeKey = "code";
constexpr std::string_view wrapped = "box:"; // before a client's key that is sealed itself

/// The part of an event that tells of a client.
struct Personal {
    std::string client;
    std::string part; ///< key of the data; empty: all of them
};

std::optional<std::string> clientOfPaper(const std::string& setting) {
    for (const std::string_view paper : clientPapers)
        if (const std::string begins = paperKey(paper, {}); setting.starts_with(begins))
            return setting.substr(begins.size());
    return std::nullopt;
}

std::optional<Personal> personalIn(const Event& event) {
    const auto has = [&](const char* key) {
        const auto found = event.data->find(key);
        return found != event.data->end() && (found->is_object() || !found->get<std::string>().empty());
    };
    if (!event.data->is_object())
        return std::nullopt;
    if (event.kind == kinds::clientSaved)
        return Personal{event.subject, {}};
    if (event.kind == kinds::visitSaved && has("note"))
        return Personal{event.data->value("client", std::string()), "note"};
    const auto client = event.kind == kinds::settingChanged ? clientOfPaper(event.subject) : std::nullopt;
    return client && has("value") ? std::optional(Personal{*client, "value"}) : std::nullopt;
}

const Json& partOf(const Event& event, const Personal& personal) {
    return personal.part.empty() ? *event.data : event.data->at(personal.part);
}

bool isBox(const Json& json) {
    return json.is_object() && json.contains(sealedKey) && json.contains(nonceKey);
}

bool isAtRest(const Json& json) {
    return isBox(json) && json.value(atRestKey, false);
}

} // namespace

Problem identitiesAreSealed() {
    return {{FUSAIN_TEXT("Names are sealed in this lab book, and nobody has opened them here."), {}},
            {},
            {FUSAIN_TEXT("Sign in with a passphrase (Ctrl+L), then try again."), {}},
            {FUSAIN_TEXT("Nothing was changed."), {}}};
}

Identities::Identities(QSqlDatabase database) : database_(std::move(database)) {}

std::string Identities::nameOf(const BoxKey& key) {
    return QCryptographicHash::hash(QByteArrayView(key.data(), qsizetype(key.size())),
                                    QCryptographicHash::Blake2b_256)
        .left(8)
        .toHex()
        .toStdString();
}

std::string Identities::keyInForce() const {
    auto row =
        run(database_, QStringLiteral("SELECT value FROM settings WHERE key = ?"), {QLatin1String(setting)});
    return row && row->next() ? row->value(0).toString().toStdString() : std::string();
}

bool Identities::atRest() const {
    return !keyInForce().empty();
}

bool Identities::locked() const {
    const std::string inForce = keyInForce();
    return !inForce.empty() && !(dataKey_ && nameOf(*dataKey_) == inForce);
}

void Identities::setDataKey(const BoxKey* key) {
    opened_.clear();
    dataKey_.reset();
    if (!key)
        return;
    dataKey_ = std::make_unique<BoxKey>();
    std::ranges::copy(*key, dataKey_->begin());
}

std::optional<std::string> Identities::keptSecret(const std::string& client) const {
    auto row = run(database_, QStringLiteral("SELECT secret FROM secrets WHERE subject = ?"), {text(client)});
    return row && row->next() ? std::optional(row->value(0).toString().toStdString()) : std::nullopt;
}

bool Identities::openKept(const std::string& kept, BoxKey& key) const {
    if (!kept.starts_with(wrapped))
        return readHexadecimal(kept, key);
    const std::size_t between = kept.find(':', wrapped.size());
    if (!dataKey_ || between == std::string::npos)
        return false;
    const auto plain =
        openedBox({kept.substr(between + 1), kept.substr(wrapped.size(), between - wrapped.size())}, *dataKey_);
    return plain && readHexadecimal(*plain, key);
}

bool Identities::secretOf(const std::string& client, BoxKey& key) const {
    if (const auto known = opened_.find(client); known != opened_.end()) {
        std::ranges::copy(*known->second, key.begin());
        return true;
    }
    const auto kept = keptSecret(client);
    if (!kept || !openKept(*kept, key))
        return false;
    remember(client, key);
    return true;
}

void Identities::remember(const std::string& client, const BoxKey& key) const {
    auto& remembered = opened_[client] = std::make_unique<BoxKey>();
    std::ranges::copy(key, remembered->begin());
}

void Identities::openAllKeys() const {
    auto rows = run(database_, QStringLiteral("SELECT subject, secret FROM secrets"));
    while (rows && rows->next()) {
        BoxKey key;
        const std::string client = rows->value(0).toString().toStdString();
        if (!opened_.contains(client) && openKept(rows->value(1).toString().toStdString(), key))
            remember(client, key);
    }
}

namespace {

std::string wrappedUnder(const BoxKey& key, const BoxKey* dataKey) {
    if (!dataKey)
        return hexadecimal(key);
    const Box box = sealedBox(hexadecimal(key), *dataKey);
    return std::string(wrapped) + box.nonce + ':' + box.sealed;
}

} // namespace

// A key that is there and cannot be opened is never replaced: what it seals would be lost.
Expected<void> Identities::secretFor(const std::string& client, BoxKey& key) {
    if (secretOf(client, key))
        return {};
    if (keptSecret(client) || locked())
        return tl::unexpected(identitiesAreSealed());
    if (!fillRandomly(key))
        return tl::unexpected(Problem{});
    const auto kept = run(database_, QStringLiteral("INSERT INTO secrets (subject, secret) VALUES (?, ?)"),
                          {text(client), text(wrappedUnder(key, atRest() ? dataKey_.get() : nullptr))});
    return kept ? Expected<void>() : tl::unexpected(kept.error());
}

Json Identities::sealed(const Json& plain, const BoxKey& key, bool atRest) const {
    const Box box = sealedBox(plain.dump(), key);
    Json json{{sealedKey, box.sealed}, {nonceKey, box.nonce}};
    if (atRest)
        json[atRestKey] = true;
    return json;
}

std::optional<Json> Identities::opened(const std::string& client, const Json& sealed) const {
    BoxKey key;
    if (!secretOf(client, key))
        return std::nullopt;
    const auto plain = openedBox({sealed.value(sealedKey, ""), sealed.value(nonceKey, "")}, key);
    Json json = plain ? Json::parse(*plain, nullptr, false) : Json(Json::value_t::discarded);
    return json.is_discarded() ? std::nullopt : std::optional(std::move(json));
}

Expected<void> Identities::seal(Event& event) {
    const auto personal = personalIn(event);
    if (!personal || isBox(partOf(event, *personal)))
        return {};
    BoxKey key;
    if (auto found = secretFor(personal->client, key); !found)
        return found;
    const bool rests = atRest();
    Json data = *event.data;
    if (!personal->part.empty()) {
        data[personal->part] = sealed(data[personal->part], key, rests);
    } else {
        const std::string code = data.value(codeKey, std::string());
        data = sealed(data, key, rests);
        if (rests) // what the row is found by
            data[codeKey] = code;
    }
    event.data = std::move(data);
    return {};
}

bool Identities::open(Event& event) const {
    const auto personal = personalIn(event);
    if (!personal || !isBox(partOf(event, *personal)))
        return true;
    auto plain = opened(personal->client, partOf(event, *personal));
    if (!plain)
        return false;
    if (personal->part.empty()) {
        event.data = std::move(*plain);
        return true;
    }
    Json data = *event.data;
    data[personal->part] = std::move(*plain);
    event.data = std::move(data);
    return true;
}

std::optional<Event> Identities::asRow(const Event& event) const {
    const auto personal = personalIn(event);
    if (!personal || !isBox(partOf(event, *personal)))
        return event;
    Event row = event;
    const bool rests = isAtRest(partOf(event, *personal));
    if (personal->part.empty())
        return rests || open(row) ? std::optional(row) : std::nullopt;
    Json data = *event.data;
    if (rests)
        data[personal->part] = data[personal->part].dump();
    else if (open(row))
        return row;
    else if (event.kind == kinds::visitSaved)
        data[personal->part] = "";
    else
        return std::nullopt;
    row.data = std::move(data);
    return row;
}

std::optional<std::string> Identities::read(const std::string& client, const std::string& row) const {
    if (!row.starts_with("{\"at_rest\""))
        return row;
    const Json json = Json::parse(row, nullptr, false);
    if (!isAtRest(json))
        return row;
    const auto plain = opened(client, json);
    if (!plain)
        return std::nullopt;
    return plain->is_string() ? plain->get<std::string>() : plain->dump();
}

std::string Identities::readPaper(const std::string& key, const std::string& value) const {
    const auto client = clientOfPaper(key);
    return client ? read(*client, value).value_or(std::string()) : value;
}

Expected<void> Identities::forget(const std::string& client) {
    opened_.erase(client);
    const auto gone = run(database_, QStringLiteral("DELETE FROM secrets WHERE subject = ?"), {text(client)});
    return gone ? Expected<void>() : tl::unexpected(gone.error());
}

Expected<void> Identities::takeKeys(const QSqlDatabase& from) {
    auto rows = run(from, QStringLiteral("SELECT subject, secret FROM secrets"));
    if (!rows)
        return tl::unexpected(rows.error());
    while (rows->next())
        if (const auto taken =
                run(database_, QStringLiteral("INSERT INTO secrets (subject, secret) VALUES (?, ?)"),
                    {rows->value(0), rows->value(1)});
            !taken)
            return tl::unexpected(taken.error());
    return {};
}

Expected<void> Identities::sealKeys(const BoxKey* to) {
    auto rows = run(database_, QStringLiteral("SELECT subject, secret FROM secrets"));
    if (!rows)
        return tl::unexpected(rows.error());
    std::vector<std::pair<QVariant, std::string>> kept;
    while (rows->next())
        kept.emplace_back(rows->value(0), rows->value(1).toString().toStdString());
    for (const auto& [client, secret] : kept) {
        BoxKey key;
        if (!openKept(secret, key))
            return tl::unexpected(identitiesAreSealed());
        if (const auto written =
                run(database_, QStringLiteral("UPDATE secrets SET secret = ? WHERE subject = ?"),
                    {text(wrappedUnder(key, to)), client});
            !written)
            return tl::unexpected(written.error());
    }
    return {};
}

} // namespace fusain::store
