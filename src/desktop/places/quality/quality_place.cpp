#include "desktop/places/quality/quality_place.hpp"

#include "desktop/places/library/lab_book_page.hpp"
#include "desktop/places/quality/calibration_page.hpp"
#include "desktop/places/quality/limits_dialog.hpp"
#include "desktop/places/quality/precision_page.hpp"
#include "desktop/places/quality/reference_dialog.hpp"
#include "desktop/services/computing.hpp"
#include "desktop/services/text_files.hpp"
#include "desktop/widgets/appearance.hpp"
#include "exchange/lab/quality_csv.hpp"
#include "procedure/quality/quality_review.hpp"
#include "record/all/record.hpp"
#include "record/library/catalogue.hpp"
#include "report/base/words.hpp"
#include "report/figures/control_chart_figure.hpp"

#include <QFileDialog>
#include <QHBoxLayout>
#include <QInputDialog>
#include <QVBoxLayout>
#include <algorithm>
#include <ranges>

namespace fusain::desktop {
namespace {

constexpr std::size_t listedChecks = 200;

QString stateWords(const CheckStatus& status) {
    switch (status.state) {
    case CheckState::Valid:
        return QObject::tr("✓ valid until %1 %2")
            .arg(report::day(*status.validUntil), report::clock(*status.validUntil));
    case CheckState::Failed:
        return QObject::tr("▲ failed");
    case CheckState::CertificateExpired:
        return QObject::tr("▲ the certificate has expired");
    case CheckState::Overdue:
        break;
    }
    return status.last ? QObject::tr("▲ due, last made %1").arg(report::day(*status.last))
                       : QObject::tr("▲ due, never done");
}

// What the check compares with, and what it has to show.
QString ruleWords(const CheckDefinition& check) {
    const QString unit = report::plain(check.unit);
    QStringList rule{QObject::tr("%1, certified %2 ± %3 %4")
                         .arg(report::say(check.object) +
                                  (check.identification.empty()
                                       ? QString()
                                       : QObject::tr(" no. %1").arg(report::plain(check.identification))),
                              report::plain(fixed(check.rule.nominal, check.decimals)),
                              report::plain(fixed(check.uncertainty, 4)), unit)};
    rule << (check.certificateUntil
                 ? QObject::tr("certificate until %1").arg(report::plain(isoText(*check.certificateUntil)))
                 : QObject::tr("certificate: not on file"));
    if (check.rule.meanLimit)
        rule << QObject::tr("mean within %1 %2").arg(*check.rule.meanLimit).arg(unit);
    if (check.rule.spreadLimit)
        rule << QObject::tr("scatter at most %1 %2").arg(*check.rule.spreadLimit).arg(unit);
    if (check.rule.eachLimit)
        rule << QObject::tr("each within %1 %2").arg(*check.rule.eachLimit).arg(unit);
    rule << QObject::tr("every %1 h").arg(check.everyHours) << report::say(check.source);
    return rule.join(QStringLiteral("; "));
}

} // namespace

QualityPlace::QualityPlace(Session& session)
    : Place(session), instruments_(new QListWidget), title_(label({}, "title")), status_(label({}, "heading")),
      pages_(new QTabWidget), check_(new QComboBox), rule_(label({}, "soft")),
      nominal_(new ValueField(tr("Reference"), {})), reading_(new ValueField(tr("Reading"), {})),
      taken_(label({})), checks_(new RecordsView({tr("when"), tr("check"), tr("reference"), tr("reading"),
                                                  tr("error"), tr("verdict"), tr("by")},
                                                 tr("Checks"))),
      affected_(label({}, "warning")), from_(new QLineEdit), until_(new QLineEdit),
      chart_(new FigureView(tr("Control chart"), 260)), chartWords_(label({}, "heading")),
      flags_(table({tr("when"), tr("value"), tr("rules")}, tr("Points that break a rule"))),
      precision_(new PrecisionPage(session)), calibration_(new CalibrationPage(session)),
      guided_(new GuidedCheck(session, this)) {
    connect(guided_, &GuidedCheck::progressed, this, [this] { taken_->setText(guided_->progress()); });
    connect(guided_, &GuidedCheck::complete, this, &QualityPlace::keepCheck);
    instruments_->setAccessibleName(tr("Instruments"));
    instruments_->setFixedWidth(scaled(248));
    for (const Instrument& instrument : session.catalogue().instruments) {
        if (!session.owns(instrument))
            continue;
        auto* item = new QListWidgetItem(report::say(instrument.name), instruments_);
        item->setData(Qt::UserRole, report::plain(instrument.id));
    }
    pages_->setDocumentMode(true);
    pages_->addTab(buildChecksPage(), tr("C&hecks"));
    pages_->addTab(buildChartPage(), tr("Control cha&rt"));
    pages_->addTab(precision_, tr("&Precision"));
    pages_->addTab(calibration_, tr("Calibra&tion"));
    pages_->addTab(new LabBookPage(session), tr("Lab b&ook"));
    auto* right = new QVBoxLayout;
    right->addWidget(title_);
    right->addWidget(status_);
    right->addWidget(pages_, 1);
    auto* layout = new QHBoxLayout(this);
    layout->setContentsMargins(24, 16, 24, 16);
    layout->setSpacing(24);
    layout->addWidget(instruments_);
    layout->addLayout(right, 1);
    connect(pages_, &QTabWidget::currentChanged, this, [this](int page) {
        if (page == static_cast<int>(Page::Checks) &&
            selected()) // years of checks are listed when they are seen
            fillChecks(*selected());
    });
    instruments_->setCurrentRow(0);
    connect(instruments_, &QListWidget::currentRowChanged, this, [this] {
        check_->clear();
        refresh();
        Q_EMIT moved();
    });
}

template <class Dialog>
void QualityPlace::editCheck() {
    const Instrument* instrument = selected();
    const CheckDefinition* check = selectedCheck();
    if (instrument && check && Dialog(session_, *instrument, *check, this).exec() == QDialog::Accepted)
        refresh();
}

QWidget* QualityPlace::buildChecksPage() {
    auto* page = new QWidget;
    auto* layout = new QVBoxLayout(page);
    check_->setAccessibleName(tr("Check"));
    check_->setMinimumWidth(scaled(260));
    for (ValueField* field : {nominal_, reading_})
        field->makeCompact();
    auto* take = button(tr("Take this reading"), true);
    auto* live = button(tr("Take it from the instrument"));
    auto* service = button(tr("Service done…"));
    auto* object = button(tr("Reference object…"));
    auto* limits = button(tr("Limits…"));
    auto* report = button(tr("Quality report…"));
    layout->addWidget(check_, 0, Qt::AlignLeft);
    layout->addLayout(inOneRow({nominal_, reading_, take, live}));
    layout->addWidget(rule_);
    layout->addWidget(taken_);
    keepColumns(*checks_, "checks", {{0, 166}, {1, 176}, {2, 80}, {3, 80}, {4, 80}, {5, 80}});
    layout->addWidget(checks_, 1);
    layout->addWidget(affected_);
    for (const auto& [edit, name] :
         {std::pair(from_, tr("from 2026-01-31")), std::pair(until_, tr("to 2026-12-31"))}) {
        edit->setPlaceholderText(name);
        edit->setAccessibleName(tr("Quality report, %1; empty for everything").arg(name));
        edit->setMaximumWidth(scaled(150));
    }
    layout->addLayout(inOneRow({object, limits, service, report, from_, until_}));
    connect(object, &QPushButton::clicked, this, &QualityPlace::editCheck<ReferenceDialog>);
    connect(limits, &QPushButton::clicked, this, &QualityPlace::editCheck<LimitsDialog>);
    connect(check_, &QComboBox::currentIndexChanged, this, [this] {
        guided_->begin(selected(), selectedCheck());
        showCheck();
    });
    connect(take, &QPushButton::clicked, this, &QualityPlace::takeReading);
    connect(reading_, &ValueField::entered, this, &QualityPlace::takeReading);
    connect(live, &QPushButton::clicked, this, &QualityPlace::takeLive);
    connect(service, &QPushButton::clicked, this, &QualityPlace::keepService);
    connect(report, &QPushButton::clicked, this, &QualityPlace::saveReport);
    return page;
}

QWidget* QualityPlace::buildChartPage() {
    auto* page = new QWidget;
    auto* layout = new QVBoxLayout(page);
    layout->addWidget(chartWords_);
    chart_->setStretching(70.0);
    layout->addWidget(chart_, 2);
    layout->addWidget(
        label(tr("Points that break a rule. Click a point, or activate a line, to open its check."), "soft"));
    layout->addWidget(flags_, 1);
    flags_->setColumnWidth(0, scaled(160));
    flags_->setColumnWidth(1, scaled(110));
    connect(flags_, &QTableWidget::cellActivated, this,
            [this](int row) { openCheck(flags_->item(row, 0)->data(Qt::UserRole).toString()); });
    connect(chart_, &FigureView::clicked, this, [this](const QPointF& place) {
        if (const auto point = report::controlPointAt(place, chart_->area(), model_))
            openCheck(charted_[*point]);
    });
    return page;
}

void QualityPlace::openCheck(const QString& id) {
    showPage(Page::Checks);
    checks_->choose(id);
    checks_->setFocus();
}

QString QualityPlace::where() const {
    return selected() ? tr("Quality  ›  %1").arg(report::say(selected()->name)) : tr("Quality");
}

void QualityPlace::enter() {
    instruments_->setFocus();
}

void QualityPlace::showInstrument(const QString& id) {
    for (int row = 0; row < instruments_->count(); ++row)
        if (instruments_->item(row)->data(Qt::UserRole).toString() == id)
            instruments_->setCurrentRow(row);
}

void QualityPlace::showPage(Page page) {
    pages_->setCurrentIndex(static_cast<int>(page));
}

const Instrument* QualityPlace::selected() const {
    const auto* item = instruments_->currentItem();
    return item ? session_.catalogue().instrument(item->data(Qt::UserRole).toString().toStdString()) : nullptr;
}

const CheckDefinition* QualityPlace::selectedCheck() const {
    const Instrument* instrument = selected();
    return instrument ? instrument->check(check_->currentData().toString().toStdString()) : nullptr;
}

void QualityPlace::refresh() {
    for (int row = 0; row < instruments_->count(); ++row) {
        const Instrument& instrument = *session_.catalogue().instrument(
            instruments_->item(row)->data(Qt::UserRole).toString().toStdString());
        auto checks = session_.book().checks(instrument.id);
        QString state;
        for (const CheckDefinition& check : instrument.checks) {
            const auto status = statusOf(check, checks, session_.now());
            if (state.isEmpty() || !status.good())
                state = stateWords(status);
        }
        instruments_->item(row)->setText(report::say(instrument.name) + QLatin1Char('\n') + state);
        if (row == instruments_->currentRow())
            history_ = std::move(checks);
    }
    const Instrument* instrument = selected();
    if (!instrument)
        return;
    title_->setText(report::say(instrument->name));
    if (check_->count() == 0) {
        const QSignalBlocker blocker(check_);
        for (const CheckDefinition& check : instrument->checks)
            check_->addItem(report::say(check.title), report::plain(check.id));
        guided_->begin(instrument, selectedCheck());
    }
    showCheck();
    precision_->showInstrument(*instrument);
    const bool analyzer = std::ranges::find(instrument->methods, methodImpedance) != instrument->methods.end();
    pages_->setTabVisible(static_cast<int>(Page::Calibration), analyzer);
    if (analyzer)
        calibration_->refresh();
}

void QualityPlace::showCheck() {
    const Instrument* instrument = selected();
    const CheckDefinition* definition = selectedCheck();
    if (!instrument || !definition)
        return;
    const CheckStatus status = statusOf(*definition, history_, session_.now());
    status_->setText(report::say(definition->title) + QStringLiteral(": ") + stateWords(status));
    rule_->setText(ruleWords(*definition));
    if (!nominal_->edit()->isModified() || guided_->readings().empty())
        nominal_->setValue(definition->rule.nominal, definition->decimals);
    taken_->setText(guided_->progress());
    if (pages_->currentIndex() == static_cast<int>(Page::Checks))
        fillChecks(*instrument);
    showAffected(*instrument, status);
    showChart(*definition);
}

// The newest first, and of a long history only as many as anyone reads on a screen, unless an older one is
// asked for.
void QualityPlace::fillChecks(const Instrument& instrument) {
    const auto nameOf = session_.computing().staffNames();
    std::vector<TableModel::Row> rows;
    rows.reserve(history_.size());
    for (const Check& check : std::ranges::reverse_view(history_)) { // the newest first
        const CheckDefinition* kind = instrument.check(check.kind);
        const int decimals = kind ? kind->decimals : 3;
        const bool service = check.kind == "service";
        const auto value = [&](double number, const std::string& text) {
            return service ? TableModel::Cell{} : TableModel::Cell{report::plain(text), number};
        };
        rows.push_back({report::plain(check.id),
                        {{report::day(check.at) + QStringLiteral("  ") + report::clock(check.at),
                          static_cast<qlonglong>(check.at.milliseconds), report::plain(check.note)},
                         {service ? tr("service")
                          : kind  ? report::say(kind->title)
                                  : report::plain(check.kind)},
                         value(check.nominal, fixed(check.nominal, decimals)),
                         value(check.reading, fixed(check.reading, decimals)),
                         value(check.error(), signedFixed(check.error(), decimals)),
                         {service        ? report::plain(check.note)
                          : check.passed ? tr("✓ passed")
                                         : tr("▲ failed")},
                         {report::plain(nameOf(check.by))}}});
    }
    checks_->setRows(std::move(rows));
}

// Tests since the last good check rest on an instrument that nobody can vouch for.
void QualityPlace::showAffected(const Instrument& instrument, const CheckStatus& status) {
    int affected = 0;
    if (!status.good() && status.last && status.lastGood)
        for (const std::string& method : instrument.methods)
            affected += static_cast<int>(session_.book().testsSince(*status.lastGood, method).size());
    affected_->setText(affected == 0 ? QString()
                                     : tr("%1 tests were made since the last good check (%2): review them.")
                                           .arg(affected)
                                           .arg(report::day(*status.lastGood)));
    affected_->setVisible(affected > 0);
}

void QualityPlace::showChart(const CheckDefinition& definition) {
    const ControlSeries series = controlSeries(definition, history_);
    model_ = report::chartOf(series, definition);
    charted_.clear();
    for (const Check& check : series.checks)
        charted_.push_back(report::plain(check.id));
    chartWords_->setText(
        series.checks.empty() ? tr("No checks yet. The first ten make the baseline.")
        : !series.baseline
            ? tr("%1 of 10 values for the baseline; nothing is judged before.").arg(series.checks.size())
            : tr("Mean %1, SD %2 %3; %4 of %5 points out of control.")
                  .arg(report::plain(fixed(series.baseline->mean, definition.decimals)),
                       report::plain(fixed(series.baseline->standardDeviation, definition.decimals + 1)),
                       report::plain(definition.unit))
                  .arg(series.rejected())
                  .arg(series.points.size()));
    chart_->setPaint([model = model_, &palette = session_.palette()](QPainter& painter, const QRectF& area) {
        report::paintControlChart(painter, area, model, palette);
    });
    flags_->setRowCount(0);
    for (std::size_t i = series.points.size();
         i-- > 0 && flags_->rowCount() < static_cast<int>(listedChecks);) {
        if (series.points[i].rules.empty())
            continue;
        QStringList rules;
        for (const quality::ControlRule rule : series.points[i].rules)
            rules << report::say(quality::inWords(rule));
        setRow(flags_, flags_->rowCount(),
               {report::day(series.checks[i].at) + QStringLiteral("  ") + report::clock(series.checks[i].at),
                report::plain(fixed(series.checks[i].reading, definition.decimals)),
                rules.join(QStringLiteral("; "))});
        flags_->item(flags_->rowCount() - 1, 0)->setData(Qt::UserRole, charted_[i]);
    }
}

void QualityPlace::takeReading() {
    const auto nominal = nominal_->value(), reading = reading_->value();
    if (!selectedCheck() || !nominal || !reading || !(*nominal > 0.0)) {
        session_.report(failure({FUSAIN_TEXT("A check needs the reference value and a reading."), {}}, {},
                                {FUSAIN_TEXT("Type numbers with a point or a comma."), {}}));
        return;
    }
    guided_->setNominal(*nominal);
    reading_->clear();
    guided_->take(*reading);
}

void QualityPlace::takeLive() {
    guided_->setNominal(nominal_->value().value_or(guided_->nominal()));
    guided_->takeLive();
}

// All readings are in: the check is judged and kept. One that cannot be kept is still here.
void QualityPlace::keepCheck() {
    if (session_.report(session_.keepCheck(selected()->id, selectedCheck()->id, guided_->nominal(),
                                           guided_->readings(), guided_->note())))
        guided_->begin(selected(), selectedCheck());
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

// The period that is typed beside the button: whole days of the lab, the last one included.
std::optional<report::Period> QualityPlace::period() {
    report::Period period;
    for (auto [edit, end, days] : {std::tuple(from_, &period.from, 0), std::tuple(until_, &period.until, 1)}) {
        const std::string typed = edit->text().trimmed().toStdString();
        if (typed.empty())
            continue;
        const auto noon = instantFromIso(typed + "T12:00:00.000Z"); // in every zone within that day
        if (!noon) {
            session_.report(failure({FUSAIN_TEXT("\"{1}\" is not a date."), {typed}}, {},
                                    {FUSAIN_TEXT("Type it as 2026-01-31."), {}}));
            return std::nullopt;
        }
        *end = report::startOfLocalDay(*noon, days);
    }
    return period;
}

void QualityPlace::saveReport() {
    const Instrument* instrument = selected();
    const auto period = this->period();
    if (!period)
        return;
    const QString path =
        instrument
            ? QFileDialog::getSaveFileName(this, tr("Quality report"),
                                           report::plain(instrument->id) + QStringLiteral("-quality.pdf"),
                                           tr("PDF or table (*.pdf *.csv)"))
            : QString();
    if (path.isEmpty())
        return;
    const auto& checks = history_;
    if (path.endsWith(QLatin1String(".csv"))) {
        saveText(session_, path, exchange::checksToCsv(report::within(*period, checks)));
        return;
    }
    session_.report(report::writePdf(report::qualityReport(session_.letterhead(), *instrument, checks, *period,
                                                           session_.computing().staffNames()),
                                     path, tr("Quality report")));
}

void QualityPlace::addCommands(const PlaceCommands& add) {
    const std::pair<const char*, QString> pages[] = {{"quality.checks", tr("Checks")},
                                                     {"quality.chart", tr("Control chart")},
                                                     {"quality.precision", tr("Precision studies")},
                                                     {"quality.calibration", tr("Calibration")},
                                                     {"quality.book", tr("Care of the lab book")}};
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
    add.aboutChosen("quality.service", tr("Service done…"), [this] { keepService(); });
    add("quality.report", tr("Quality report…"), [this] { saveReport(); });
}

} // namespace fusain::desktop

#include "moc_quality_place.cpp"
