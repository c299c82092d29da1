#pragma once
#include "desktop/places/place.hpp"
#include "desktop/widgets/findings_view.hpp"

#include <QListWidget>
#include <QTabWidget>

namespace fusain::desktop {

/// Clients: the list with its search on the left, the dossier on the right.
class ClientsPlace : public Place {
    Q_OBJECT
public:
    explicit ClientsPlace(Session& session);
    void refresh() override;
    [[nodiscard]] QString where() const override;
    void enter() override;
    void showClient(const QString& id);
    void search(const QString& text);
    /// Opens the findings of the client's latest computed test.
    /// The findings of a test, counted from the newest.
    [[nodiscard]] FindingsView& findings() { return *findings_; }
    void showFindings(int row = 0);
    void newClient();

private:
    void showDossier();
    void showTrend(const std::vector<AnyTest>& tests);
    void editClient();
    void importExport();
    void startTest();
    void openTest();
    void recompute();
    [[nodiscard]] std::optional<Client> selected() const;

    QLineEdit* search_;
    QListWidget* list_;
    QLabel* name_;
    QLabel* facts_;
    QTableWidget* tests_;
    FigureView* trend_;
    QTabWidget* pages_;
    FindingsView* findings_;
    QLabel* stored_;
    QComboBox* policy_;
    QComboBox* method_;
    std::vector<AnyTest> shown_;
};

} // namespace fusain::desktop
