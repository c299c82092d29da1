#include "desktop/places/quality/quality_place.hpp"

#include "desktop/places/quality/agreement_page.hpp"
#include "desktop/places/quality/calibration_page.hpp"
#include "desktop/places/quality/chart_page.hpp"
#include "desktop/places/quality/check_words.hpp"
#include "desktop/places/quality/limits_dialog.hpp"
#include "desktop/places/quality/precision_page.hpp"
#include "desktop/places/quality/quality_report_dialog.hpp"
#include "desktop/places/quality/reference_dialog.hpp"
#include "desktop/widgets/appearance.hpp"
#include "record/all/record.hpp"
#include "record/library/catalogue.hpp"
#include "report/base/words.hpp"

#include <QInputDialog>
#include <QKeyEvent>
#include <QMenu>
#include <QVBoxLayout>
#include <algorithm>

namespace fusain::desktop {
namespace {

bool isAnalyzer(const Instrument& instrument) {
    return std::ranges::find(instrument.methods, methodImpedance) != instrument.methods.end();
}

} // namespace

QualityPlace::QualityPlace(Session& session)
    : Place(session), layers_(new QStackedWidget), wall_(new InstrumentWall(session.palette())),
      sentence_(label({}, "title")), first_(button({}, true)), title_(label({}, "title")),
      status_(label({}, "heading")), pages_(new QTabWidget), check_(new QComboBox),
      making_(new CheckPage(session)), chart_(new ChartPage(session)), precision_(new PrecisionPage(session)),
      agreement_(new AgreementPage(session)), calibration_(new CalibrationPage(session)) {
    for (const Instrument& instrument : session.catalogue().instruments)
        if (session.owns(instrument))
            instruments_.push_back(&instrument);
    layers_->addWidget(buildWall());
    layers_->addWidget(buildInstrument());
    layers_->addWidget(buildAgreement());
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(24, 16, 24, 16);
    layout->addWidget(layers_);
    keepColumns(making_->made(), "checks", {{0, 166}, {1, 176}, {2, 80}, {3, 80}, {4, 80}, {5, 80}});
}

QWidget* QualityPlace::buildWall() {
    auto* page = new QWidget;
    auto* layout = new QVBoxLayout(page);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(scaled(12));
    auto* agreement = button(tr("Agreement between methods…"));
    connect(agreement, &QPushButton::clicked, this, &QualityPlace::showAgreement);
    auto* top = new QHBoxLayout;
    top->addWidget(sentence_, 1);
    top->addWidget(agreement);
    top->addWidget(first_);
    layout->addLayout(top);
    layout->addWidget(wall_, 1);
    connect(wall_, &InstrumentWall::opened, this, &QualityPlace::showInstrument);
    connect(first_, &QPushButton::clicked, this, &QualityPlace::checkFirst);
    return page;
}

QPushButton* QualityPlace::backButton() {
    auto* back = button(tr("All instruments (Esc)"));
    connect(back, &QPushButton::clicked, this, &QualityPlace::showWall);
    return back;
}

QWidget* QualityPlace::buildAgreement() {
    auto* page = new QWidget;
    auto* layout = new QVBoxLayout(page);
    layout->setContentsMargins(0, 0, 0, 0);
    auto* top = new QHBoxLayout;
    top->addWidget(label(tr("Agreement between methods, over everybody who had both on one day"), "title"), 1);
    top->addWidget(backButton());
    layout->addLayout(top);
    layout->addWidget(agreement_, 1);
    return page;
}

void QualityPlace::showAgreement() {
    layers_->setCurrentIndex(AgreementLayer);
    agreement_->refresh();
    Q_EMIT moved();
    enter();
}

QWidget* QualityPlace::buildInstrument() {
    auto* page = new QWidget;
    auto* layout = new QVBoxLayout(page);
    layout->setContentsMargins(0, 0, 0, 0);
    check_->setAccessibleName(tr("Check"));
    check_->setMinimumWidth(scaled(260));
    auto* more = button(tr("More…"));
    auto* menu = new QMenu(more);
    menu->addAction(tr("Reference object…"), this, &QualityPlace::editCheck<ReferenceDialog>);
    menu->addAction(tr("Limits…"), this, &QualityPlace::editCheck<LimitsDialog>);
    menu->addAction(tr("Service done…"), this, &QualityPlace::keepService);
    menu->addAction(tr("Quality report…"), this, &QualityPlace::openReport);
    more->setMenu(menu);
    auto* top = new QHBoxLayout;
    top->addWidget(title_, 1);
    for (QWidget* each : std::initializer_list<QWidget*>{check_, more, backButton()})
        top->addWidget(each);
    layout->addLayout(top);
    layout->addWidget(status_);
    pages_->setDocumentMode(true);
    pages_->addTab(making_, tr("C&hecks"));
    pages_->addTab(chart_, tr("Control cha&rt"));
    pages_->addTab(precision_, tr("&Precision"));
    pages_->addTab(calibration_, tr("Calibra&tion"));
    layout->addWidget(pages_, 1);
    connect(check_, &QComboBox::currentIndexChanged, this, &QualityPlace::refreshInstrument);
    connect(chart_, &ChartPage::checkOpened, this, [this](const QString& id) {
        showPage(Page::Checks);
        making_->openCheck(id);
    });
    return page;
}

QString QualityPlace::where() const {
    if (layers_->currentIndex() == AgreementLayer)
        return tr("Quality  ›  Agreement between methods");
    return layers_->currentIndex() == InstrumentLayer && selected()
               ? tr("Quality  ›  %1").arg(report::say(selected()->name))
               : tr("Quality");
}

void QualityPlace::enter() {
    if (layers_->currentIndex() == WallLayer)
        wall_->setFocus();
    else if (layers_->currentIndex() == AgreementLayer)
        agreement_->enter();
    else if (layers_->currentIndex() == InstrumentLayer && pages_->currentWidget() == making_)
        making_->enter();
    else
        setFocus();
}

void QualityPlace::keyPressEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_Escape && layers_->currentIndex() != WallLayer)
        showWall();
    else
        Place::keyPressEvent(event);
}

void QualityPlace::showWall() {
    layers_->setCurrentIndex(WallLayer);
    Q_EMIT moved();
    refresh();
    wall_->choose(QString::fromStdString(shown_));
    enter();
}

void QualityPlace::showInstrument(const QString& id) {
    const auto found = std::ranges::find(instruments_, id.toStdString(), &Instrument::id);
    if (found == instruments_.end())
        return;
    if (std::exchange(shown_, (*found)->id) != (*found)->id) {
        const QSignalBlocker blocker(check_);
        check_->clear();
        for (const CheckDefinition& check : (*found)->checks)
            check_->addItem(report::say(check.title), report::plain(check.id));
        pages_->setCurrentWidget(making_);
    }
    check_->setVisible((*found)->checks.size() > 1);
    gather(**found);
    const auto& worst = *worstOf(known_[shown_].standings).check;
    {
        const QSignalBlocker blocker(check_);
        check_->setCurrentIndex(std::max(0, check_->findData(report::plain(worst.id))));
    }
    layers_->setCurrentIndex(InstrumentLayer);
    refreshInstrument();
    Q_EMIT moved();
    enter();
}

void QualityPlace::showPage(Page page) {
    if (layers_->currentIndex() != InstrumentLayer && !instruments_.empty())
        showInstrument(shown_.empty() ? report::plain(instruments_.front()->id)
                                      : QString::fromStdString(shown_));
    pages_->setCurrentIndex(static_cast<int>(page));
}

const Instrument* QualityPlace::selected() const {
    return session_.catalogue().instrument(shown_);
}

const CheckStanding* QualityPlace::shownStanding() const {
    const auto known = known_.find(shown_);
    if (known == known_.end())
        return nullptr;
    for (const CheckStanding& standing : known->second.standings)
        if (standing.check->id == check_->currentData().toString().toStdString())
            return &standing;
    return nullptr;
}

const CheckDefinition* QualityPlace::selectedCheck() const {
    const CheckStanding* standing = layers_->currentIndex() == InstrumentLayer ? shownStanding() : nullptr;
    return standing ? standing->check : nullptr;
}

// Charts of years are worked out anew only when a check has come to them.
void QualityPlace::gather(const Instrument& instrument) {
    Known& known = known_[instrument.id];
    auto checks = session_.book().checks(instrument.id);
    const bool same = !known.series.empty() && checks.size() == known.checks.size() &&
                      (checks.empty() || checks.back().id == known.checks.back().id);
    known.checks = std::move(checks);
    known.standings.clear();
    for (const CheckDefinition& check : instrument.checks) {
        if (!same)
            known.series[check.id] = controlSeries(check, known.checks);
        known.standings.push_back(
            standingOf(check, statusOf(check, known.checks, session_.now()), known.series[check.id]));
    }
}

void QualityPlace::refresh() {
    if (layers_->currentIndex() == InstrumentLayer) { // the wall is read when it is seen again
        gather(*selected());
        return refreshInstrument();
    }
    if (layers_->currentIndex() == AgreementLayer)
        return agreement_->refresh();
    wall_->usePalette(session_.palette());
    for (const Instrument* instrument : instruments_)
        gather(*instrument);
    showCards();
}

InstrumentCard QualityPlace::cardOf(const Instrument& instrument) const {
    const Known& known = known_.at(instrument.id);
    const CheckStanding& worst = worstOf(known.standings);
    InstrumentCard card{report::plain(instrument.id),
                        report::say(instrument.name),
                        standingWords(worst, known.checks, session_.now()),
                        worst.standing == Standing::Valid,
                        worst.left(session_.now()),
                        report::say(worst.check->title),
                        {},
                        report::chartOf(known.series.at(worst.check->id), *worst.check)};
    QStringList others;
    for (const CheckStanding& other : known.standings)
        if (other.check != worst.check)
            others << (other.standing == Standing::Valid ? tr("✓ %1") : tr("▲ %1"))
                          .arg(report::say(other.check->title));
    card.others = others.join(QStringLiteral(", "));
    return card;
}

void QualityPlace::showCards() {
    std::vector<InstrumentCard> cards;
    QStringList waiting;
    for (const Instrument* instrument : instruments_) {
        cards.push_back(cardOf(*instrument));
        if (!cards.back().good)
            waiting << cards.back().name;
    }
    sentence_->setText(waiting.isEmpty() ? tr("All instruments may be used.")
                                         : tr("Needs attention: %1.").arg(waiting.join(QStringLiteral(", "))));
    first_->setVisible(!waiting.isEmpty());
    first_->setText(waiting.isEmpty() ? QString() : tr("Open %1").arg(waiting.front()));
    wall_->showCards(std::move(cards));
}

void QualityPlace::checkFirst() {
    for (const Instrument* instrument : instruments_)
        if (worstOf(known_.at(instrument->id).standings).standing != Standing::Valid)
            return showInstrument(report::plain(instrument->id));
}

void QualityPlace::refreshInstrument() {
    const Instrument* instrument = selected();
    const CheckStanding* standing = shownStanding();
    if (!instrument || !standing)
        return;
    const Known& known = known_.at(shown_);
    title_->setText(report::say(instrument->name));
    status_->setText(standingWords(*standing, known.checks, session_.now()));
    making_->showCheck(*instrument, *standing, known.checks);
    chart_->showChart(*standing->check, known.series.at(standing->check->id));
    precision_->showInstrument(*instrument);
    pages_->setTabVisible(static_cast<int>(Page::Calibration), isAnalyzer(*instrument));
    if (isAnalyzer(*instrument))
        calibration_->refresh();
}

template <class Dialog>
void QualityPlace::editCheck() {
    const CheckDefinition* check = selectedCheck();
    if (check && Dialog(session_, *selected(), *check, this).exec() == QDialog::Accepted)
        refresh();
}

void QualityPlace::keepService() {
    bool kept = false;
    const QString note =
        QInputDialog::getText(this, tr("Service done"),
                              tr("What was done? The control chart starts a new baseline, and a check is due."),
                              QLineEdit::Normal, {}, &kept)
            .trimmed();
    if (!kept || note.isEmpty() || !selected())
        return;
    session_.report(session_.book().save(Check{session_.freshId("check"),
                                               selected()->id,
                                               "service",
                                               session_.now(),
                                               0.0,
                                               0.0,
                                               true,
                                               session_.atTheBench().id,
                                               note.toStdString(),
                                               {}},
                                         session_.atTheBench().id));
}

void QualityPlace::openReport() {
    if (selectedCheck())
        QualityReportDialog(session_, *selected(), known_.at(shown_).checks, this).exec();
}

void QualityPlace::addCommands(const PlaceCommands& add) {
    add("quality.wall", tr("All instruments"), [this] { showWall(); });
    add("quality.agreement", tr("Agreement between methods"), [this] { showAgreement(); });
    const std::pair<const char*, QString> pages[] = {{"quality.checks", tr("Checks")},
                                                     {"quality.chart", tr("Control chart")},
                                                     {"quality.precision", tr("Precision studies")},
                                                     {"quality.calibration", tr("Calibration")}};
    for (int i = 0; i < static_cast<int>(std::size(pages)); ++i)
        add(pages[i].first, pages[i].second, [this, i] { showPage(static_cast<Page>(i)); });
    const auto checkChosen = [this] {
        return selectedCheck() ? QString() : tr("Choose an instrument with a check first.");
    };
    add.aboutChosen(
        "quality.reference", tr("Reference object…"), [this] { editCheck<ReferenceDialog>(); }, {},
        checkChosen);
    add.aboutChosen(
        "quality.limits", tr("Limits of the check…"), [this] { editCheck<LimitsDialog>(); }, {}, checkChosen);
    add.aboutChosen(
        "quality.service", tr("Service done…"), [this] { keepService(); }, {}, checkChosen);
    add.aboutChosen(
        "quality.report", tr("Quality report…"), [this] { openReport(); }, {}, checkChosen);
}

} // namespace fusain::desktop

#include "moc_quality_place.cpp"
