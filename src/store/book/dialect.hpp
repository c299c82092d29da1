#pragma once
#include "store/book/address.hpp"

#include <QSqlDatabase>
#include <QSqlError>
#include <QStringList>
#include <vector>

namespace fusain::store {

/// What differs between the engines that a lab book can stand on. Nothing else in the store knows which it is.
class Dialect {
public:
    virtual ~Dialect() = default;
    Dialect(const Dialect&) = delete;
    Dialect& operator=(const Dialect&) = delete;

    enum class Access { ReadOnly, ReadWrite };
    /// What an error of the engine means for a person.
    enum class Trouble { Full, NotWritable, Damaged, Busy, Away, Refused, Taken, Other };

    [[nodiscard]] virtual QString driver() const = 0;
    /// Whether others may write while this program has the book open.
    [[nodiscard]] virtual bool shared() const = 0;
    virtual void point(QSqlDatabase& database, const BookAddress& address, Access access) const = 0;
    /// What is said to the engine right after it was opened.
    [[nodiscard]] virtual QStringList uponOpening(Access access) const = 0;
    [[nodiscard]] virtual Trouble troubleOf(const QSqlError& error) const = 0;

    /// Whether a query may be read while others are asked on the same connection, without being kept whole.
    [[nodiscard]] virtual bool readsForward() const = 0;
    /// What begins a transaction, or one inside another; keeps it; takes it back.
    [[nodiscard]] virtual QString begin(bool inside, bool oneMoment) const = 0;
    [[nodiscard]] virtual QString commit(bool inside) const = 0;
    [[nodiscard]] virtual QStringList takeBack(bool inside) const = 0;

    /// A statement of the schema in the engine's own types.
    [[nodiscard]] virtual QString inItsTypes(const QString& statement) const = 0;
    /// What a new book has besides the tables of every engine.
    [[nodiscard]] virtual QStringList besides() const = 0;
    /// Whether there is a book, or anything else, at the address.
    [[nodiscard]] virtual bool isEmpty(const QSqlDatabase& database) const = 0;
    /// What is wrong with how the engine keeps the book, in its own words where it has some.
    /// @param fresh an empty book of this program's schema, in memory
    [[nodiscard]] virtual std::vector<Message> faultsOf(const QSqlDatabase& book,
                                                        const QSqlDatabase& fresh) const = 0;

    /// The end of the journal; where others may write they wait from here until the transaction ends.
    [[nodiscard]] virtual QString heldHead() const = 0;
    /// What tells the other workstations that something was written; nothing where there are none.
    [[nodiscard]] virtual QString tellOthers() const = 0;
    /// What leaves nothing in the file of what was overwritten.
    [[nodiscard]] virtual QStringList clearTraces() const = 0;
    /// A long text without another encoding in between.
    [[nodiscard]] virtual QString asBytes(const QString& column) const = 0;
    /// A value inside a document. @param path its keys, of letters, digits, "-" and "_"
    [[nodiscard]] virtual QString inDocument(const QString& column, const QStringList& path) const = 0;
    /// Columns of the checks of one instrument (`?`): id, instrument, kind, at, nominal, reading, passed, by,
    /// note, readings where there are several, whether the document can be read.
    [[nodiscard]] virtual QString checksOfAnInstrument() const = 0;

protected:
    Dialect() = default;
};

/// Of a file, or of a server.
[[nodiscard]] const Dialect& dialectOf(const BookAddress& address);
[[nodiscard]] const Dialect& dialectOf(const QSqlDatabase& database);

} // namespace fusain::store
