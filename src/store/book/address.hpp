#pragma once
#include "core/base/problem.hpp"

#include <QString>

namespace fusain::store {

/// Where a lab book is: a file, or a database of a PostgreSQL server.
class BookAddress {
public:
    /// Reads a path, or "postgresql://user@host:port/book?sslmode=verify-full".
    /// @return a Problem for an address without a database, of another kind of server, or with a password in it
    [[nodiscard]] static Expected<BookAddress> read(const QString& words);

    /// Whether several workstations may have it open.
    [[nodiscard]] bool onServer() const { return !database_.isEmpty(); }
    /// The path, or the address: as it is shown, kept and read again.
    [[nodiscard]] const QString& text() const { return text_; }
    /// What the book is called.
    [[nodiscard]] QString name() const;
    /// Where this account keeps what belongs to the book and is not in it: beside a file, or in a folder of its
    /// own for a book on a server. @param suffix such as ".copies"
    [[nodiscard]] QString beside(const QString& suffix) const;

    // Of a server
    [[nodiscard]] const QString& database() const { return database_; }
    [[nodiscard]] const QString& host() const { return host_; }
    [[nodiscard]] const QString& user() const { return user_; }
    [[nodiscard]] int port() const { return port_; } ///< -1: the usual one
    /// As the driver takes them: "sslmode=verify-full;application_name=fusain".
    [[nodiscard]] const QString& options() const { return options_; }

private:
    QString text_, database_, host_, user_, options_;
    int port_ = -1;
};

} // namespace fusain::store
