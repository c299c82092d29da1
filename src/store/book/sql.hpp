#pragma once
#include "record/base/calendar.hpp"
#include "record/base/json_fwd.hpp"

#include <QSqlDatabase>
#include <QSqlError>
#include <QSqlQuery>
#include <QVariantList>

namespace fusain::store {

/// What the engine itself says, in one line.
[[nodiscard]] std::string engineWords(const QSqlError& error);
/// As the database keeps text, moments and documents.
[[nodiscard]] QString text(const std::string& value);
[[nodiscard]] QString text(Instant value);
[[nodiscard]] QString text(const Json& value);

/// Runs one statement, with values in the place of each `?`. @return a Problem that says what the engine's
/// error means for a person
[[nodiscard]] Expected<QSqlQuery> run(const QSqlDatabase& database, const QString& sql,
                                      const QVariantList& values = {});

/// What is said of a server that cannot be reached.
[[nodiscard]] Problem serverIsAway(const QSqlDatabase& database);
/// Whether the engine does not answer any more.
[[nodiscard]] bool isAway(const QSqlDatabase& database);

/// Tells the other workstations, when the transaction is over, that something is to be read anew.
[[nodiscard]] Expected<void> tellOthers(const QSqlDatabase& database);
[[nodiscard]] bool inTransaction(const QSqlDatabase& database);

/// A transaction that is rolled back unless it is committed. Inside another it is a part of it: what it commits
/// is on disk when the outer one is.
class Transaction {
public:
    /// Whether all that is read in it is as it was at its beginning; such a one writes nothing.
    enum class Reads { AsItIs, OneMoment };
    explicit Transaction(QSqlDatabase database, Reads reads = Reads::AsItIs);
    ~Transaction();
    Transaction(const Transaction&) = delete;
    Transaction& operator=(const Transaction&) = delete;
    [[nodiscard]] Expected<void> commit();

private:
    QSqlDatabase database_;
    bool inside_;
    bool open_ = false;
    QSqlError error_;
};

} // namespace fusain::store
