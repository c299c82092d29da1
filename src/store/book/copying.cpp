#include "store/book/copying.hpp"

#include "store/book/sql.hpp"
#include "store/book/tables.hpp"

namespace fusain::store {
namespace {

constexpr int atOnce = 500; // rows: a recording may have a megabyte

// What is named by others comes before them.
std::vector<Table> allTables() {
    std::vector<Table> tables{
        {"journal", {"sequence"}, {"sequence", "at", "staff", "kind", "subject", "data", "hash"}},
        {"recordings", {"name"}, {"name", "data"}},
        {"secrets", {"subject"}, {"subject", "secret"}},
        {"grants", {"holder"}, {"holder", "sealed", "opener"}}};
    tables.insert(tables.end(), projectedTables().begin(), projectedTables().end());
    tables.push_back({"meta", {"key"}, {"key", "value"}});
    return tables;
}

class Copying {
public:
    Copying(const QSqlDatabase& from, const QSqlDatabase& to, Progress* progress)
        : from_(from), to_(to), progress_(progress) {}

    Expected<void> count(const Table& table) {
        auto rows = run(from_, QStringLiteral("SELECT count(*) FROM %1").arg(table.name));
        if (!rows)
            return tl::unexpected(rows.error());
        all_ += rows->next() ? rows->value(0).toULongLong() : 0;
        return {};
    }

    // In pages: neither side holds more than one of them.
    Expected<void> copy(const Table& table) {
        for (int page = 0;; ++page) {
            auto rows = run(from_, QStringLiteral("SELECT %1 FROM %2 ORDER BY %3 LIMIT %4 OFFSET %5")
                                       .arg(table.columns.join(QStringLiteral(", ")), table.name,
                                            table.key.join(QStringLiteral(", ")))
                                       .arg(atOnce)
                                       .arg(qlonglong(page) * atOnce));
            if (!rows)
                return tl::unexpected(rows.error());
            int found = 0;
            for (; rows->next(); ++found)
                if (auto written = write(table, *rows); !written)
                    return written;
            if (found < atOnce)
                return {};
        }
    }

private:
    Expected<void> write(const Table& table, const QSqlQuery& row) {
        if (progress_ && progress_->cancelled())
            return failure({FUSAIN_TEXT("Cancelled."), {}}, {}, {}, {FUSAIN_TEXT("No copy was made."), {}});
        QVariantList values;
        QStringList places;
        for (int column = 0; column < int(table.columns.size()); ++column) {
            values << row.value(column);
            places << QStringLiteral("?");
        }
        const auto written = run(
            to_,
            QStringLiteral("INSERT INTO %1 (%2) VALUES (%3)")
                .arg(table.name, table.columns.join(QStringLiteral(", ")), places.join(QStringLiteral(", "))),
            values);
        if (progress_)
            progress_->reached(++done_, all_);
        return written ? Expected<void>() : tl::unexpected(written.error());
    }

    QSqlDatabase from_, to_;
    Progress* progress_;
    std::size_t done_ = 0, all_ = 0;
};

} // namespace

Expected<void> copyRows(const QSqlDatabase& from, const QSqlDatabase& to, Progress* progress) {
    const Transaction oneMoment(from, Transaction::Reads::OneMoment); // so never committed
    Transaction whole(to);
    // An empty book has said of itself what the copy says too, but for where the journal ends.
    if (const auto emptied = run(to, QStringLiteral("DELETE FROM meta")); !emptied)
        return tl::unexpected(emptied.error());
    Copying copying(from, to, progress);
    for (const Table& table : allTables())
        if (auto counted = copying.count(table); !counted)
            return counted;
    for (const Table& table : allTables())
        if (auto copied = copying.copy(table); !copied)
            return copied;
    return whole.commit();
}

} // namespace fusain::store
