#pragma once
#include "record/base/calendar.hpp"
#include "record/base/json_fwd.hpp"

#include <QSqlDatabase>
#include <QSqlQuery>
#include <QVariantList>

namespace fusain::store {

/// What a database error means for a person: full disk, read-only folder, damaged file, or the driver's words.
[[nodiscard]] Problem databaseProblem(const QSqlQuery& query, const QString& path);

/// As the database keeps text, moments and documents.
[[nodiscard]] QString text(const std::string& value);
[[nodiscard]] QString text(Instant value);
[[nodiscard]] QString text(const Json& value);

/// Runs one prepared statement.
[[nodiscard]] Expected<QSqlQuery> run(const QSqlDatabase& database, const QString& sql,
                                      const QVariantList& values = {});

/// A transaction that is rolled back unless it is committed. Inside another it is a part of it: what it commits
/// is on disk when the outer one is.
class Transaction {
public:
    explicit Transaction(QSqlDatabase database);
    ~Transaction();
    Transaction(const Transaction&) = delete;
    Transaction& operator=(const Transaction&) = delete;
    [[nodiscard]] Expected<void> commit();

private:
    QSqlDatabase database_;
    bool open_;
};

} // namespace fusain::store
