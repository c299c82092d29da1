#include "store/book/leases.hpp"

#include "record/base/json.hpp"
#include "store/book/sql.hpp"

namespace fusain::store {
namespace {

const QString held =
    QStringLiteral("seen > clock_timestamp() - interval '%1 seconds'").arg(Leases::expirySeconds);

Expected<void> done(const Expected<QSqlQuery>& ran) {
    return ran ? Expected<void>() : tl::unexpected(ran.error());
}

} // namespace

// One statement, so that of two who ask at once one gets it.
Expected<void> Leases::take(const std::string& test, const std::string& staff) {
    if (!needed())
        return {};
    auto taken = run(
        book_.connection(),
        QStringLiteral("INSERT INTO leases (test, workstation, staff, since) VALUES (?, ?, ?, ?) ON CONFLICT "
                       "(test) DO UPDATE SET workstation = excluded.workstation, staff = "
                       "excluded.staff, since = CASE WHEN leases.workstation = excluded.workstation "
                       "THEN leases.since ELSE excluded.since END, seen = excluded.seen WHERE "
                       "leases.workstation = excluded.workstation OR NOT leases.%1 RETURNING test")
            .arg(held),
        {text(test), text(workstation_), text(staff), text(book_.clock_())});
    if (!taken)
        return tl::unexpected(taken.error());
    if (taken->next())
        return tellOthers(book_.connection());
    const auto other = otherHolder(test);
    return failure({FUSAIN_TEXT("This test is at {1} with {2}."),
                    {other ? other->workstation : std::string(), other ? other->staff : std::string()}},
                   test, {FUSAIN_TEXT("Look on here, or take it over with a reason."), {}});
}

Expected<void> Leases::takeOver(const std::string& test, const std::string& staff, const std::string& reason) {
    if (!needed())
        return {};
    const auto other = otherHolder(test);
    return book_.together([&]() -> Expected<void> {
        if (auto noted = book_.note("lease.taken-over", "lease." + test, staff,
                                    {{"test", test},
                                     {"from", other ? other->workstation : ""},
                                     {"was_with", other ? other->staff : ""},
                                     {"to", workstation_},
                                     {"reason", reason}});
            !noted)
            return noted;
        return done(
            run(book_.connection(),
                QStringLiteral(
                    "INSERT INTO leases (test, workstation, staff, since) VALUES (?, ?, ?, ?) ON CONFLICT "
                    "(test) DO UPDATE SET workstation = excluded.workstation, staff = "
                    "excluded.staff, since = excluded.since, seen = excluded.seen"),
                {text(test), text(workstation_), text(staff), text(book_.clock_())}));
    });
}

void Leases::speak() {
    if (needed())
        (void)run(book_.connection(),
                  QStringLiteral("UPDATE leases SET seen = clock_timestamp() WHERE workstation = ?"),
                  {text(workstation_)});
}

void Leases::release(const std::string& test) {
    if (!needed())
        return;
    (void)run(book_.connection(), QStringLiteral("DELETE FROM leases WHERE test = ? AND workstation = ?"),
              {text(test), text(workstation_)});
    (void)tellOthers(book_.connection());
}

std::optional<Lease> Leases::otherHolder(const std::string& test) const {
    if (!needed())
        return std::nullopt;
    auto row = run(book_.connection(),
                   QStringLiteral("SELECT workstation, staff, since FROM leases "
                                  "WHERE test = ? AND workstation <> ? AND %1")
                       .arg(held),
                   {text(test), text(workstation_)});
    if (!row || !row->next())
        return std::nullopt;
    return Lease{row->value(0).toString().toStdString(), row->value(1).toString().toStdString(),
                 instantFromIso(row->value(2).toString().toStdString()).value_or(Instant{})};
}

} // namespace fusain::store
