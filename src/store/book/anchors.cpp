#include "store/book/anchors.hpp"

#include "store/book/sql.hpp"

#include <QDir>
#include <QFile>

namespace fusain::store {
namespace {

struct Noted {
    QString day;
    qlonglong event = 0;
    QString hash;
};

std::vector<Noted> notedIn(const QString& folder) {
    std::vector<Noted> noted;
    QFile file(headsFile(folder));
    if (!file.open(QIODevice::ReadOnly))
        return noted;
    for (const QString& line : QString::fromUtf8(file.readAll()).split(QLatin1Char('\n'), Qt::SkipEmptyParts)) {
        const QStringList parts = line.split(QLatin1Char(' '));
        noted.push_back({parts.value(0), parts.value(1).toLongLong(), parts.value(2)});
    }
    return noted;
}

} // namespace

QString headsFile(const QString& folder) {
    return QDir(folder).filePath(QStringLiteral("heads.txt"));
}

Expected<void> noteHead(const QString& folder, Instant now, std::int64_t events, const std::string& head) {
    const auto noted = notedIn(folder);
    if (events == 0 || (!noted.empty() && noted.back().event == events))
        return {};
    QFile file(headsFile(folder));
    const QByteArray line = QStringLiteral("%1 %2 %3\n")
                                .arg(QString::fromStdString(isoText(dateOf(now))))
                                .arg(events)
                                .arg(QString::fromStdString(head))
                                .toUtf8();
    if (!file.open(QIODevice::WriteOnly | QIODevice::Append) || file.write(line) != line.size() ||
        !file.flush())
        return failure({FUSAIN_TEXT("The head of the journal could not be noted beside the copies."), {}},
                       file.fileName().toStdString(),
                       {FUSAIN_TEXT("Check that the folder may be written."), {}});
    return {};
}

std::vector<Fault> againstNotedHeads(const QString& folder, const QSqlDatabase& book) {
    std::vector<Fault> faults;
    for (const Noted& each : notedIn(folder)) {
        auto row = run(book, QStringLiteral("SELECT hash FROM journal WHERE sequence = ?"), {each.event});
        if (row && (!row->next() || row->value(0).toString() != each.hash))
            faults.push_back(
                {{FUSAIN_TEXT("The head that was noted on {1} (event {2}) is not in this journal: it was "
                              "rewritten since."),
                  {each.day.toStdString(), std::to_string(each.event)}},
                 {}});
    }
    return faults;
}

} // namespace fusain::store
