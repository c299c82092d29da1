#include "desktop/widgets/records_view.hpp"

#include "desktop/widgets/appearance.hpp"
#include "desktop/widgets/parts.hpp"

#include <QClipboard>
#include <QGuiApplication>
#include <QHeaderView>
#include <QKeyEvent>
#include <algorithm>

namespace fusain::desktop {

RecordsView::RecordsView(const QStringList& columns, const QString& accessibleName, QWidget* parent)
    : QTableView(parent), model_(new TableModel(columns, this)), sorted_(new QSortFilterProxyModel(this)),
      settled_(new QTimer(this)) {
    sorted_->setSourceModel(model_);
    sorted_->setSortRole(TableModel::SortRole);
    sorted_->setSortCaseSensitivity(Qt::CaseInsensitive);
    sorted_->setSortLocaleAware(true);
    setModel(sorted_);
    followSelection(this);
    setAccessibleName(accessibleName);
    setSortingEnabled(true);
    horizontalHeader()->setSortIndicatorClearable(true);
    sortByColumn(-1, Qt::AscendingOrder); // as they are given, until somebody clicks
    verticalHeader()->hide();
    verticalHeader()->setDefaultSectionSize(scaled(26));
    horizontalHeader()->setStretchLastSection(true);
    horizontalHeader()->setDefaultAlignment(Qt::AlignLeft | Qt::AlignVCenter);
    horizontalHeader()->setSectionsMovable(true);
    setSelectionBehavior(SelectRows);
    setSelectionMode(ExtendedSelection);
    setEditTriggers(NoEditTriggers);
    setTabKeyNavigation(false);
    setShowGrid(false);
    setWordWrap(false);
    setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    connect(this, &QTableView::activated, this, [this](const QModelIndex& index) {
        if (const QString id = index.data(TableModel::IdRole).toString(); !id.isEmpty())
            Q_EMIT activatedId(id);
    });
    constexpr int rest = 500; // ms: a column that is drawn wider, or a window, tells of every pixel
    settled_->setSingleShot(true);
    settled_->setInterval(rest);
    connect(settled_, &QTimer::timeout, this, &RecordsView::columnsChanged);
    const auto wait = qOverload<>(&QTimer::start);
    connect(horizontalHeader(), &QHeaderView::sectionResized, settled_, wait);
    connect(horizontalHeader(), &QHeaderView::sectionMoved, settled_, wait);
    connect(horizontalHeader(), &QHeaderView::sortIndicatorChanged, settled_, wait);
}

void RecordsView::setRows(std::vector<TableModel::Row> rows) {
    const QString before = current();
    const QSignalBlocker blocker(this);
    model_->setRows(std::move(rows));
    if (!before.isEmpty())
        choose(before);
}

QString RecordsView::current() const {
    return currentIndex().data(TableModel::IdRole).toString();
}

void RecordsView::choose(const QString& id) {
    const auto found = sorted_->match(sorted_->index(0, 0), TableModel::IdRole, id, 1, Qt::MatchExactly);
    if (found.isEmpty())
        return;
    selectionModel()->setCurrentIndex(found.front(),
                                      QItemSelectionModel::ClearAndSelect | QItemSelectionModel::Rows);
}

QString RecordsView::chosenAsText() const {
    QStringList lines, heads;
    for (int column = 0; column < sorted_->columnCount(); ++column)
        heads << sorted_->headerData(column, Qt::Horizontal).toString();
    lines << heads.join(QLatin1Char('\t'));
    QModelIndexList rows = selectionModel()->selectedRows();
    std::ranges::sort(rows, {}, &QModelIndex::row);
    for (const QModelIndex& row : rows) {
        QStringList cells;
        for (int column = 0; column < sorted_->columnCount(); ++column)
            cells << row.siblingAtColumn(column).data().toString();
        lines << cells.join(QLatin1Char('\t'));
    }
    return lines.join(QLatin1Char('\n')) + QLatin1Char('\n');
}

QByteArray RecordsView::columns() const {
    return horizontalHeader()->saveState();
}

void RecordsView::setColumns(const QByteArray& columns) {
    if (columns.isEmpty())
        return;
    const QSignalBlocker blocker(this);
    horizontalHeader()->restoreState(columns);
}

void RecordsView::keyPressEvent(QKeyEvent* event) {
    if (event->matches(QKeySequence::Copy))
        return QGuiApplication::clipboard()->setText(chosenAsText());
    QTableView::keyPressEvent(event);
}

void RecordsView::currentChanged(const QModelIndex& current, const QModelIndex& previous) {
    QTableView::currentChanged(current, previous);
    Q_EMIT currentIdChanged(current.data(TableModel::IdRole).toString());
}

} // namespace fusain::desktop

#include "moc_records_view.cpp"
