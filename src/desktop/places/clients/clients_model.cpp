#include "desktop/places/clients/clients_model.hpp"

#include "report/base/words.hpp"

#include <algorithm>
#include <cmath>

namespace fusain::desktop {

void ClientsModel::search(const QString& text) {
    beginResetModel();
    ids_ = session_.book().findClientIds(text.toStdString());
    endResetModel();
}

QModelIndex ClientsModel::indexOf(const QString& id) const {
    const auto found = std::ranges::find(ids_, id.toStdString());
    return found == ids_.end() ? QModelIndex() : index(static_cast<int>(found - ids_.begin()));
}

int ClientsModel::rowCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : static_cast<int>(ids_.size());
}

QVariant ClientsModel::data(const QModelIndex& index, int role) const {
    if (!checkIndex(index, CheckIndexOption::IndexIsValid))
        return {};
    const std::string& id = ids_[static_cast<std::size_t>(index.row())];
    if (role == IdRole)
        return report::plain(id);
    if (role != Qt::DisplayRole)
        return {};
    const auto client = session_.book().client(id);
    if (!client)
        return {};
    return session_.nameOf(*client) + QLatin1Char('\n') +
           (session_.namesHidden() ? QString() : report::plain(client->code) + QStringLiteral("   ")) +
           tr("%1 y").arg(std::floor(client->ageAt(session_.now()).value()));
}

} // namespace fusain::desktop

#include "moc_clients_model.cpp"
