#pragma once
#include "desktop/services/session.hpp"

#include <QAbstractListModel>

namespace fusain::desktop {

/// The clients whose name, code or birth date fits a search, by name. It holds their ids; who is drawn is read.
class ClientsModel : public QAbstractListModel {
    Q_OBJECT
public:
    enum Roles { IdRole = Qt::UserRole };
    explicit ClientsModel(Session& session, QObject* parent = nullptr)
        : QAbstractListModel(parent), session_(session) {}
    void search(const QString& text);
    /// Invalid when the client is not among those that fit.
    [[nodiscard]] QModelIndex indexOf(const QString& id) const;

    [[nodiscard]] int rowCount(const QModelIndex& parent = {}) const override;
    [[nodiscard]] QVariant data(const QModelIndex& index, int role) const override;

private:
    Session& session_;
    std::vector<std::string> ids_;
};

} // namespace fusain::desktop
