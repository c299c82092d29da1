#include "desktop/places/clients/clients_place.hpp"

#include "desktop/places/clients/import_dialog.hpp"
#include "desktop/places/clients/test_rows.hpp"
#include "desktop/places/clients/visit_dialog.hpp"
#include "desktop/services/computing.hpp"
#include "desktop/services/text_files.hpp"
#include "desktop/services/visit_reporter.hpp"
#include "desktop/views/client_form.hpp"
#include "desktop/views/look_on.hpp"
#include "desktop/views/mark_delegates.hpp"
#include "desktop/views/talk_view.hpp"
#include "desktop/widgets/appearance.hpp"
#include "record/all/record.hpp"
#include "record/base/json.hpp"
#include "record/library/catalogue.hpp"
#include "report/base/words.hpp"

#include <QHBoxLayout>
#include <QMenu>
#include <QTimer>
#include <QVBoxLayout>
#include <cmath>

namespace fusain::desktop {
namespace {

// In pixels at the usual size of text: what the tests need with their columns, and what leaves the pages beside
// them not much narrower than in a window of 1280.
constexpr int widthOfTests = 690;
constexpr int widthOfThreeColumns = 1640;

} // namespace

ClientsPlace::ClientsPlace(Session& session)
    : Place(session), search_(new QLineEdit), clients_(new ClientsModel(session, this)), list_(new QListView),
      name_(label({}, "title")), facts_(label({}, "soft")), strip_(new ClientStrip(session)),
      matters_(label({})), later_(new QTimer(this)),
      tests_(new RecordsView({tr("date"), tr("method"), tr("fat (± 95 % CI)"), tr("on one scale"),
                              tr("fat mass"), tr("since the last"), tr("state")},
                             tr("Tests"))),
      progress_(new ProgressPage(session)), methods_(new MethodsPage(session)), plan_(new PlanPage(session)),
      pages_(new QTabWidget), findings_(new FindingsView(session)),
      records_(new RecordMenu(
          session, [this] { return selected(); }, this)),
      stored_(label({}, "soft")), otherPolicy_(new OtherPolicy(session)), method_(new QComboBox) {
    later_->setSingleShot(true);
    later_->setInterval(150);
    auto* right = new QVBoxLayout;
    right->addLayout(dossierHead());
    columns_ = new QHBoxLayout;
    columns_->setSpacing(24);
    columns_->addWidget(pages_, 1);
    right->addLayout(columns_, 1);
    auto* layout = new QHBoxLayout(this);
    layout->setContentsMargins(24, 16, 24, 16);
    layout->setSpacing(24);
    layout->addWidget(side_ = listSide());
    layout->addLayout(right, 1);
    addPages();
    connect(later_, &QTimer::timeout, this, &ClientsPlace::showDossier);
    connect(records_, &RecordMenu::takenBack, this, &ClientsPlace::refresh);
    connect(records_, &RecordMenu::putInDone, this, [this](const QString& id) {
        refresh();
        showClient(id);
    });
}

// Search, the list, and what brings clients in.
QWidget* ClientsPlace::listSide() {
    search_->setPlaceholderText(tr("name, code or birth date"));
    search_->setAccessibleName(tr("Search clients"));
    list_->setAccessibleName(tr("Clients"));
    list_->setObjectName(QStringLiteral("clients"));
    list_->setModel(clients_);
    followSelection(list_);
    list_->setUniformItemSizes(true); // twenty thousand are not measured one by one
    auto* add = button(tr("New client…"));
    auto* files = button(tr("Import, export"));
    auto* load = new QAction(tr("Import an analyzer's export…"), this);
    records_->insertAction(records_->actions().front(), load);
    files->setMenu(records_);
    auto* box = new QWidget;
    box->setFixedWidth(scaled(248));
    auto* column = new QVBoxLayout(box);
    column->setContentsMargins(0, 0, 0, 0);
    column->addWidget(search_);
    column->addWidget(list_, 1);
    auto* under = new QHBoxLayout;
    under->addWidget(add, 1);
    under->addWidget(files, 1);
    column->addLayout(under);
    connect(search_, &QLineEdit::textChanged, this, [this] {
        fillList();
        later_->start(); // the dossier waits until the typing rests
    });
    connect(search_, &QLineEdit::returnPressed, list_, qOverload<>(&QWidget::setFocus));
    connect(list_->selectionModel(), &QItemSelectionModel::currentChanged, this, &ClientsPlace::showDossier);
    connect(add, &QPushButton::clicked, this, &ClientsPlace::newClient);
    connect(load, &QAction::triggered, this, &ClientsPlace::importExport);
    return box;
}

// Who it is, and what can be done with this client.
QLayout* ClientsPlace::dossierHead() {
    auto* start = button(tr("Start a test"), true);
    auto* talk = button(tr("Talk (F9)"));
    auto* more = button(tr("More"));
    auto* menu = new QMenu(more);
    menu->addAction(tr("Change the client…"), this, &ClientsPlace::editClient);
    menu->addAction(tr("Open the chosen test on the bench"), this, &ClientsPlace::openTest);
    menu->addAction(tr("Report on a visit…"), this, &ClientsPlace::reportOnVisit);
    more->setMenu(menu);
    for (const std::string_view method : session_.ownedMethods())
        method_->addItem(report::say(methodTitle(method)), report::plain(method));
    method_->setAccessibleName(tr("Method of the new test"));
    auto* who = new QVBoxLayout; // a name is never cut
    who->setSpacing(2);
    who->addWidget(name_);
    who->addWidget(facts_);
    auto* head = new QHBoxLayout;
    head->setSpacing(8);
    head->addLayout(who, 1);
    for (QWidget* each : std::initializer_list<QWidget*>{method_, start, talk, more})
        head->addWidget(each, 0, Qt::AlignTop);
    connect(start, &QPushButton::clicked, this, &ClientsPlace::startTest);
    connect(talk, &QPushButton::clicked, this, &ClientsPlace::talk);
    return head;
}

// The tests one by one, what matters in the latest, and what another policy makes of them.
QWidget* ClientsPlace::testsPage() {
    auto* visit = button(tr("Report on a visit…"));
    auto* policies = new QHBoxLayout;
    policies->addWidget(otherPolicy_);
    policies->addStretch();
    policies->addWidget(visit);
    auto* page = new QWidget;
    auto* column = new QVBoxLayout(page);
    column->setContentsMargins(0, 8, 0, 0);
    column->addWidget(strip_);
    column->addWidget(matters_);
    column->addWidget(tests_, 1);
    column->addLayout(policies);
    column->addWidget(stored_);
    connect(visit, &QPushButton::clicked, this, &ClientsPlace::reportOnVisit);
    connect(tests_, &RecordsView::activatedId, this, [this] {
        const AnyTest* test = chosenTest();
        if (test && common(*test).state == TestState::Running)
            openTest(); // nothing is found yet
        else if (test)
            showPage(Page::Findings);
    });
    connect(tests_, &RecordsView::currentIdChanged, this, [this] {
        const AnyTest* test = chosenTest();
        if (test)
            findings_->showTest(*test);
        otherPolicy_->offerFor(test);
    });
    keepColumns(*tests_, "tests-of-a-client", {{0, 104}, {1, 142}, {2, 122}, {3, 92}, {4, 78}, {5, 168}});
    tests_->setItemDelegateForColumn(3, new MarkDelegate(session_, TableModel::PictureRole, tests_));
    auto* bench = new QAction(this);
    bench->setShortcut(Qt::Key_B);
    bench->setShortcutContext(Qt::WidgetShortcut);
    tests_->addAction(bench);
    tests_->setToolTip(tr("Enter: findings. B: the bench."));
    connect(bench, &QAction::triggered, this, &ClientsPlace::openTest);
    return page;
}

void ClientsPlace::addPages() {
    findingsPage_ = new QWidget;
    (new QVBoxLayout(findingsPage_))->addWidget(findings_);
    pages_->addTab(testsPage_ = testsPage(), tr("&Tests"));
    pages_->addTab(findingsPage_, tr("&Findings of the chosen test"));
    pages_->addTab(progress_, tr("&Progress"));
    pages_->addTab(methods_, tr("Across &methods"));
    pages_->addTab(plan_, tr("Pla&n"));
    pages_->setDocumentMode(true);
    connect(pages_, &QTabWidget::currentChanged, this, &ClientsPlace::showPages);
}

QWidget* ClientsPlace::pageOf(Page page) const {
    switch (page) {
    case Page::Tests:
        return testsPage_;
    case Page::Findings:
        return findingsPage_;
    case Page::Progress:
        return progress_;
    case Page::Methods:
        return methods_;
    case Page::Plan:
        return plan_;
    }
    return testsPage_;
}

void ClientsPlace::resizeEvent(QResizeEvent* event) {
    Place::resizeEvent(event);
    arrange();
}

// In a wide window the tests stay beside what is read of them.
void ClientsPlace::arrange() {
    const bool beside = width() >= scaled(widthOfThreeColumns);
    if (beside == (pages_->indexOf(testsPage_) < 0))
        return;
    if (beside) {
        pages_->removeTab(pages_->indexOf(testsPage_));
        testsPage_->setFixedWidth(scaled(widthOfTests));
        columns_->insertWidget(0, testsPage_);
        testsPage_->show();
    } else {
        QWidget* read = pages_->currentWidget();
        testsPage_->setMinimumWidth(0);
        testsPage_->setMaximumWidth(QWIDGETSIZE_MAX);
        pages_->insertTab(0, testsPage_, tr("&Tests"));
        pages_->setCurrentWidget(read);
    }
}

QString ClientsPlace::where() const {
    const auto client = selected();
    return client ? tr("Clients  ›  %1").arg(session_.nameOf(*client)) : tr("Clients");
}

void ClientsPlace::enter() {
    list_->setFocus();
}

QString ClientsPlace::chosen() const {
    return list_->currentIndex().data(ClientsModel::IdRole).toString();
}

std::optional<Client> ClientsPlace::selected() const {
    return chosen().isEmpty() ? std::nullopt : session_.book().client(chosen().toStdString());
}

void ClientsPlace::refresh() {
    fillList();
    showDossier();
}

void ClientsPlace::fillList() {
    const QString before = chosen();
    const QSignalBlocker blocker(list_->selectionModel());
    clients_->search(search_->text());
    if (const QModelIndex still = clients_->indexOf(before); still.isValid())
        list_->setCurrentIndex(still);
    else if (clients_->rowCount() == 1)
        list_->setCurrentIndex(clients_->index(0));
}

void ClientsPlace::showClient(const QString& id) {
    search_->clear();
    fillList();
    {
        const QSignalBlocker blocker(list_->selectionModel());
        list_->setCurrentIndex(clients_->indexOf(id));
    }
    if (chosen() != id)
        session_.report(failure({FUSAIN_TEXT("The client {1} is not in this lab book."), {id.toStdString()}}));
    showDossier();
    showPage(Page::Tests);
}

void ClientsPlace::search(const QString& wanted) {
    search_->setText(wanted);
    list_->setCurrentIndex({}); // several fit: none is opened unasked
    showDossier();
    list_->setFocus();
}

void ClientsPlace::showDossier() {
    later_->stop();
    const auto client = selected();
    name_->setText(client                       ? session_.nameOf(*client)
                   : clients_->rowCount() > 0   ? tr("Choose a client.")
                   : !search_->text().isEmpty() ? tr("No client found.")
                                                : tr("No client yet. \"New client\" is the first step."));
    shown_ = client ? session_.book().testsOf(client->id) : std::vector<AnyTest>{};
    std::ranges::reverse(shown_);
    QStringList facts;
    if (client) {
        facts << tr("%1, %2 years")
                     .arg(report::say(sexText(client->sex)))
                     .arg(std::floor(client->ageAt(session_.now()).value()));
        if (!session_.namesHidden())
            facts << tr("born %1").arg(report::plain(isoText(client->birthDate)));
        facts << (client->height ? report::say(fusain::show(*client->height, client->units))
                                 : tr("height missing"));
        if (!client->note.empty())
            facts << report::plain(client->note);
    }
    facts_->setText(facts.join(QStringLiteral("  ·  ")));
    Q_EMIT moved();
    strip_->setVisible(client.has_value());
    if (client) {
        fillTests(*client);
        strip_->showClient(*client, shown_);
        offerUsualMethod();
    } else {
        tests_->setRows({});
    }
    if (!shown_.empty()) {
        const QSignalBlocker blocker(tests_);
        tests_->choose(report::plain(common(shown_.front()).id));
        findings_->showTest(shown_.front());
    } else {
        findings_->showNothing();
    }
    otherPolicy_->offerFor(chosenTest());
    QStringList stored;
    for (const AnyTest& test : shown_)
        for (const auto& result : session_.book().resultsOf(common(test).id))
            if (result.number > 1)
                stored << tr("%1 also by \"%2\": %3 %")
                              .arg(
                                  report::day(common(test).startedAt),
                                  report::plain((*result.document)["recipe"].value("policy", "")),
                                  result.document->contains("fat_percent")
                                      ? report::number((*result.document)["fat_percent"].value("value", 0.0), 1)
                                      : QStringLiteral("–"));
    stored_->setText(stored.join(QLatin1Char('\n')));
    showWhatMatters();
    showPages();
}

void ClientsPlace::fillTests(const Client& client) {
    auto rows = rowsOfTests(session_, client, shown_);
    for (const auto& damaged : session_.book().unreadableTestsOf(client.id)) // nothing opens them
        rows.push_back(
            {{},
             {{report::day(damaged.startedAt), static_cast<qlonglong>(damaged.startedAt.milliseconds)},
              {report::say(methodTitle(damaged.method))},
              {},
              {},
              {},
              {},
              {tr("▲ damaged: %1").arg(report::say(damaged.why))}}});
    tests_->setRows(std::move(rows));
}

// What somebody is usually tested by comes first.
void ClientsPlace::offerUsualMethod() {
    std::map<std::string_view, int> count;
    for (const AnyTest& test : shown_)
        ++count[methodOf(test)];
    const auto usual = std::ranges::max_element(count, {}, [](const auto& each) { return each.second; });
    if (usual != count.end())
        method_->setCurrentIndex(std::max(0, method_->findData(report::plain(usual->first))));
}

const AnyTest* ClientsPlace::chosenTest() const {
    const auto found = std::ranges::find(shown_, tests_->current().toStdString(),
                                         [](const AnyTest& test) { return common(test).id; });
    return found == shown_.end() ? nullptr : &*found;
}

// Of the latest test that has key points: a tape on the same morning has none.
void ClientsPlace::showWhatMatters() {
    QStringList lines;
    for (const AnyTest& test : shown_) {
        if (common(test).state != TestState::Signed)
            continue;
        const auto report = session_.computing().reportOn(test);
        if (!report || report->keyPoints.empty())
            continue;
        lines << tr("What matters, from %1:").arg(report::day(common(test).startedAt));
        for (const KeyPoint& point : report->keyPoints)
            lines << QStringLiteral("– ") + report::say(point.sentence) +
                         QStringLiteral(" (%1)").arg(report::say(point.evidence));
        break;
    }
    if (shown_.empty() && selected())
        lines << tr("No test yet. Tests will be listed here with the change since the one before.");
    matters_->setText(lines.join(QLatin1Char('\n')));
    matters_->setVisible(!lines.isEmpty());
}

void ClientsPlace::showPage(Page page) {
    if (later_->isActive())
        showDossier();
    pages_->setCurrentWidget(pageOf(page)); // tests beside the pages are in view already
    if (page == Page::Tests && pages_->indexOf(testsPage_) < 0)
        tests_->setFocus();
}

// The pages that compute much are filled when they are seen.
void ClientsPlace::showPages() {
    if (pages_->currentWidget() == progress_)
        progress_->showTests(shown_);
    if (pages_->currentWidget() == methods_)
        methods_->showTests(selected() ? selected()->id : std::string(), shown_);
    if (pages_->currentWidget() == plan_)
        plan_->showTests(selected(), shown_);
}

void ClientsPlace::showFindings(int row) {
    showPage(Page::Findings);
    if (row >= 0 && row < static_cast<int>(shown_.size()))
        tests_->choose(report::plain(common(shown_[static_cast<std::size_t>(row)]).id));
}

void ClientsPlace::newClient() {
    ClientForm form(session_, Client{}, this);
    if (form.exec() != QDialog::Accepted)
        return;
    refresh();
    showClient(report::plain(form.client().id));
}

void ClientsPlace::importExport() {
    const auto chosen =
        chooseText(session_, this, tr("Import an analyzer's export"), tr("Tables (*.csv *.txt)"));
    if (!chosen)
        return;
    auto table = exchange::tableFromCsv(chosen->text, chosen->path);
    if (!table) {
        session_.report(tl::unexpected(table.error()));
        return;
    }
    ImportDialog dialog(session_, std::move(*table), *chosen, this);
    if (dialog.exec() == QDialog::Accepted)
        refresh();
}

void ClientsPlace::editClient() {
    if (const auto client = selected()) {
        ClientForm form(session_, *client, this);
        if (form.exec() == QDialog::Accepted)
            refresh();
    }
}

void ClientsPlace::startTest() {
    if (const auto client = selected();
        client && Place::startTest(*client, {}, method_->currentData().toString().toStdString()))
        Q_EMIT openBench();
}

void ClientsPlace::openTest() {
    const AnyTest* test = chosenTest();
    if (test && openOnBench(session_, this, std::string(common(*test).id)))
        Q_EMIT openBench();
}

void ClientsPlace::addCommands(const PlaceCommands& add) {
    const auto someoneChosen = [this] { return selected() ? QString() : tr("Choose a client first."); };
    add(
        "clients.new", tr("New client…"), [this] { newClient(); }, QKeySequence::New);
    add.aboutChosen(
        "clients.change", tr("Change the client…"), [this] { editClient(); }, QKeySequence(Qt::Key_F2),
        someoneChosen);
    add.aboutChosen(
        "clients.start", tr("Start a test"), [this] { startTest(); }, {}, someoneChosen);
    add.aboutChosen(
        "clients.open", tr("Open the chosen test on the bench"), [this] { openTest(); }, {}, someoneChosen);
    add.aboutChosen(
        "clients.report", tr("Report on a visit…"), [this] { reportOnVisit(); }, QKeySequence::Print,
        someoneChosen);
    add.aboutChosen(
        "clients.talk", tr("Talk with the client…"), [this] { talk(); }, QKeySequence(Qt::Key_F9),
        someoneChosen);
    const std::pair<const char*, QString> pages[] = {{"clients.tests", tr("Tests")},
                                                     {"clients.findings", tr("Findings of the chosen test")},
                                                     {"clients.progress", tr("Progress")},
                                                     {"clients.methods", tr("Across methods")},
                                                     {"clients.plan", tr("Plan")}};
    for (int i = 0; i < static_cast<int>(std::size(pages)); ++i)
        add(
            pages[i].first, pages[i].second, [this, i] { showPage(static_cast<Page>(i)); },
            QKeySequence(Qt::ALT | static_cast<Qt::Key>(Qt::Key_1 + i)), someoneChosen);
    add("clients.import", tr("Import an analyzer's export…"), [this] { importExport(); });
    add.aboutChosen(
        "clients.save-record", tr("Save the whole record (JSON)…"), [this] { records_->saveRecord(); }, {},
        someoneChosen);
    add.aboutChosen(
        "clients.save-table", tr("Save a table of the tests (CSV, XLSX)…"), [this] { records_->saveTable(); },
        {}, someoneChosen);
    add.aboutChosen(
        "clients.save-fhir", tr("Save a health record (FHIR)…"), [this] { records_->saveBundle(); }, {},
        someoneChosen);
    add("clients.put-in", tr("Import a record…"), [this] { records_->putIn(); });
    add("clients.imports", tr("Take back an import…"), [this] { records_->showImports(); });
    add(
        "clients.list", tr("Show or hide the list of clients"),
        [this] { side_->setVisible(side_->isHidden()); }, QKeySequence(Qt::Key_F8));
}

// The visit of the chosen test, else the latest.
void ClientsPlace::talk() {
    const auto client = selected();
    const auto days = client ? visitDays(session_, client->id) : std::vector<Instant>{};
    if (days.empty()) {
        session_.report(failure({FUSAIN_TEXT("Nothing is signed yet."), {}}, {},
                                {FUSAIN_TEXT("Sign a test before the talk."), {}}));
        return;
    }
    const AnyTest* test = chosenTest();
    const auto day =
        test ? std::ranges::find_if(
                   days, [&](Instant each) { return report::sameDay(each, common(*test).startedAt); })
             : days.end();
    auto visit = visitReportOn(session_, *client, day == days.end() ? days.front() : *day);
    if (session_.report(visit ? Expected<void>() : tl::unexpected(visit.error())))
        TalkView(session_, std::move(*visit), this).exec();
}

void ClientsPlace::reportOnVisit() {
    if (const auto client = selected())
        VisitDialog(session_, *client, this).exec();
}

} // namespace fusain::desktop

#include "moc_clients_place.cpp"
