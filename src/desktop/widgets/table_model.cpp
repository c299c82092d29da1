#include "desktop/widgets/table_model.hpp"

#include "desktop/widgets/appearance.hpp"
#include "desktop/widgets/parts.hpp"

namespace fusain::desktop {

void TableModel::setRows(std::vector<Row> rows) {
    beginResetModel();
    rows_ = std::move(rows);
    endResetModel();
}

int TableModel::rowCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : static_cast<int>(rows_.size());
}

int TableModel::columnCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : static_cast<int>(columns_.size());
}

QVariant TableModel::data(const QModelIndex& index, int role) const {
    if (!checkIndex(index, CheckIndexOption::IndexIsValid))
        return {};
    const Row& row = rows_[static_cast<std::size_t>(index.row())];
    if (role == IdRole)
        return row.id;
    if (static_cast<std::size_t>(index.column()) >= row.cells.size())
        return {};
    const Cell& cell = row.cells[static_cast<std::size_t>(index.column())];
    switch (role) {
    case Qt::DisplayRole:
        return cell.text;
    case Qt::ToolTipRole:
        return plainTip(cell.tip.isEmpty() ? cell.text : cell.tip);
    case Qt::FontRole:
        return isNumber(cell.text) ? QVariant(report::numberFont(scaled(13))) : QVariant();
    case SortRole:
        return cell.sort.isNull() ? QVariant(cell.text) : cell.sort;
    case PictureRole:
        return cell.picture;
    default:
        return {};
    }
}

QVariant TableModel::headerData(int section, Qt::Orientation orientation, int role) const {
    return orientation == Qt::Horizontal && role == Qt::DisplayRole && section < columns_.size()
               ? QVariant(columns_[section])
               : QVariant();
}

} // namespace fusain::desktop

#include "moc_table_model.cpp"
