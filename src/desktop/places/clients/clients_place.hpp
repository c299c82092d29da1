#pragma once
#include "desktop/places/clients/client_strip.hpp"
#include "desktop/places/clients/clients_model.hpp"
#include "desktop/places/clients/methods_page.hpp"
#include "desktop/places/clients/other_policy.hpp"
#include "desktop/places/clients/plan_page.hpp"
#include "desktop/places/clients/progress_page.hpp"
#include "desktop/places/clients/record_menu.hpp"
#include "desktop/views/findings_view.hpp"
#include "desktop/views/place.hpp"
#include "desktop/widgets/records_view.hpp"

#include <QListView>
#include <QTabWidget>
#include <QTimer>

namespace fusain::desktop {

/// Clients: the list with its search on the left, the dossier on the right.
class ClientsPlace : public Place {
    Q_OBJECT
public:
    explicit ClientsPlace(Session& session);
    void refresh() override;
    [[nodiscard]] QString where() const override;
    void enter() override;
    void addCommands(const PlaceCommands& add) override;
    void showClient(const QString& id);
    void search(const QString& text);
    /// Id of the client whose dossier is shown; empty when there is none.
    [[nodiscard]] QString chosen() const;
    [[nodiscard]] FindingsView& findings() { return *findings_; }
    [[nodiscard]] ProgressPage& progress() { return *progress_; }
    [[nodiscard]] MethodsPage& methodsOfADay() { return *methods_; }
    [[nodiscard]] PlanPage& plan() { return *plan_; }
    [[nodiscard]] RecordMenu& records() { return *records_; }
    /// Opens the findings of a test, counted from the newest.
    void showFindings(int row = 0);
    enum class Page { Tests, Findings, Progress, Methods, Plan };
    void showPage(Page page);
    void newClient();

protected:
    void resizeEvent(QResizeEvent* event) override;

private:
    void arrange();
    [[nodiscard]] QWidget* pageOf(Page page) const;
    [[nodiscard]] QWidget* listSide();
    [[nodiscard]] QLayout* dossierHead();
    [[nodiscard]] QWidget* testsPage();
    void addPages();
    void fillList();
    void showDossier();
    void showPages();
    void showWhatMatters();
    void editClient();
    void importExport();
    void reportOnVisit();
    void talk();
    void startTest();
    void openTest();
    [[nodiscard]] std::optional<Client> selected() const;
    [[nodiscard]] const AnyTest* chosenTest() const;
    void fillTests(const Client& client);
    void offerUsualMethod();

    QWidget* side_;      ///< the list with its search
    QWidget* testsPage_; ///< a column of its own where the window is wide, else the first page
    QWidget* findingsPage_;
    QBoxLayout* columns_; ///< the tests, where they have a column, and the pages
    QLineEdit* search_;
    ClientsModel* clients_;
    QListView* list_;
    QLabel* name_;
    QLabel* facts_;
    ClientStrip* strip_;
    QLabel* matters_; ///< the key points of the latest signed test
    QTimer* later_;   ///< until the dossier follows a search
    RecordsView* tests_;
    ProgressPage* progress_;
    MethodsPage* methods_;
    PlanPage* plan_;
    QTabWidget* pages_;
    FindingsView* findings_;
    RecordMenu* records_;
    QLabel* stored_;
    OtherPolicy* otherPolicy_;
    QComboBox* method_;
    std::vector<AnyTest> shown_;
};

} // namespace fusain::desktop
