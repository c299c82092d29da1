#pragma once
#include "record/base/event.hpp"
#include "record/base/sealing.hpp"

#include <QSqlDatabase>
#include <map>
#include <memory>

namespace fusain::store {

namespace kinds {
inline constexpr std::string_view clientErased = "client.erased";
} // namespace kinds

/// Why nothing can be written of a client here.
[[nodiscard]] Problem identitiesAreSealed();

/// Who a client is, the notes of their appointments and their papers (plan, health questions, body water) stand
/// in the journal under a key of their own, which is kept beside it. When the key is destroyed nobody can tell
/// any more whose the measurements are, although no event was changed.
///
/// Where the lab seals identities at rest (SealedNames), the rows hold them sealed too, and the clients' keys
/// are themselves sealed under the data key of the book: whoever has the file sees measurements under codes.
class Identities {
public:
    explicit Identities(QSqlDatabase database);

    /// Seals what an event says of a client; any other stays as it is. Makes the client's key when there is
    /// none. @return a Problem where identities are sealed at rest and nobody has opened them here
    [[nodiscard]] Expected<void> seal(Event& event);
    /// Opens it again; what is not sealed, or whose key is gone, stays as it is.
    /// @return whether it can be read now
    bool open(Event& event) const;
    /// The event as its row is written from it: opened, or sealed where identities are sealed at rest.
    /// @return nothing where it cannot be opened and so leaves no row
    [[nodiscard]] std::optional<Event> asRow(const Event& event) const;
    /// What a row of a client holds, opened where it is sealed; nothing where it cannot be opened.
    [[nodiscard]] std::optional<std::string> read(const std::string& client, const std::string& row) const;

    /// The value of a setting, opened where it is a paper of a client; empty where it cannot be opened.
    [[nodiscard]] std::string readPaper(const std::string& key, const std::string& value) const;

    /// Opens the keys of all clients at once: for whoever is about to read everybody.
    void openAllKeys() const;

    /// Destroys the key of a client.
    [[nodiscard]] Expected<void> forget(const std::string& client);
    /// Takes the keys of another book, as they are, for looking at its events here.
    [[nodiscard]] Expected<void> takeKeys(const QSqlDatabase& from);

    /// Whether identities are sealed at rest.
    [[nodiscard]] bool atRest() const;
    /// Whether they are, and cannot be read here.
    [[nodiscard]] bool locked() const;
    /// The data key of the book; nothing while it is not known here.
    [[nodiscard]] const BoxKey* dataKey() const { return dataKey_.get(); }
    /// @param key nothing: it is forgotten
    void setDataKey(const BoxKey* key);
    /// Seals the clients' keys anew. @param to nothing: they stand open from then on
    [[nodiscard]] Expected<void> sealKeys(const BoxKey* to);
    /// Others may have changed keys.
    void forgetOpened() { opened_.clear(); }

    /// What names a data key without telling it.
    [[nodiscard]] static std::string nameOf(const BoxKey& key);
    /// Setting of the book: name of the data key in force; empty where identities are not sealed at rest.
    static constexpr const char* setting = "identities-at-rest";

private:
    [[nodiscard]] std::string keyInForce() const;
    [[nodiscard]] std::optional<std::string> keptSecret(const std::string& client) const;
    [[nodiscard]] bool secretOf(const std::string& client, BoxKey& key) const;
    void remember(const std::string& client, const BoxKey& key) const;
    [[nodiscard]] bool openKept(const std::string& kept, BoxKey& key) const;
    [[nodiscard]] Expected<void> secretFor(const std::string& client, BoxKey& key);
    [[nodiscard]] Json sealed(const Json& plain, const BoxKey& key, bool atRest) const;
    [[nodiscard]] std::optional<Json> opened(const std::string& client, const Json& sealed) const;

    QSqlDatabase database_;
    std::unique_ptr<BoxKey> dataKey_;
    mutable std::map<std::string, std::unique_ptr<BoxKey>> opened_; ///< keys of clients that were asked for
};

} // namespace fusain::store
