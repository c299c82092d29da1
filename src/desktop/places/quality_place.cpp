#include "desktop/places/quality_place.hpp"

#include "desktop/places/lab_book_page.hpp"
#include "desktop/places/precision_page.hpp"
#include "desktop/widgets/text_files.hpp"
#include "exchange/quality_csv.hpp"
#include "procedure/quality_review.hpp"
#include "report/figures/control_chart_figure.hpp"
#include "report/words.hpp"

#include <QFileDialog>
#include <QHBoxLayout>
#include <QInputDialog>
#include <QVBoxLayout>
#include <algorithm>
#include <functional>

namespace fusain::desktop {
namespace {

QString text(const std::string& value) {
    return QString::fromStdString(value);
}
QString words(const std::string& marked) {
    return report::say(std::string_view(marked));
}

// Reads the colleagues once for the whole of a table.
std::function<std::string(const std::string&)> namesOf(std::vector<Staff> colleagues) {
    return [colleagues = std::move(colleagues)](const std::string& id) {
        const auto found = std::ranges::find(colleagues, id, &Staff::id);
        return found == colleagues.end() ? id : found->name;
    };
}

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
                       : QObject::tr("▲ due, never made");
}

} // namespace

QualityPlace::QualityPlace(Session& session)
    : Place(session), instruments_(new QListWidget), title_(label({}, "title")), status_(label({}, "heading")),
      pages_(new QTabWidget), check_(new QComboBox), rule_(label({}, "soft")),
      nominal_(new ValueField(tr("Reference"), {})), reading_(new ValueField(tr("Reading"), {})),
      taken_(label({})), checks_(table({tr("when"), tr("check"), tr("reference"), tr("reading"), tr("off by"),
                                        tr("verdict"), tr("by")},
                                       tr("Checks"))),
      affected_(label({}, "warning")), from_(new QLineEdit), until_(new QLineEdit),
      chart_(new FigureView(tr("Control chart"), 260)), chartWords_(label({}, "heading")),
      flags_(table({tr("when"), tr("value"), tr("rules")}, tr("Points that break a rule"))),
      precision_(new PrecisionPage(session)), recorder_(new PressureRecorder(session, this)) {
    connect(recorder_, &PressureRecorder::finished, this, &QualityPlace::chamberRecorded);
    connect(&session.hub(), &link::InstrumentHub::frameArrived, this, &QualityPlace::takeFrame);
    instruments_->setAccessibleName(tr("Instruments"));
    instruments_->setFixedWidth(248);
    for (const Instrument& instrument : session.catalogue().instruments) {
        auto* item = new QListWidgetItem(words(instrument.name), instruments_);
        item->setData(Qt::UserRole, text(instrument.id));
    }
    pages_->setDocumentMode(true);
    pages_->addTab(buildChecksPage(), tr("C&hecks"));
    pages_->addTab(buildChartPage(), tr("Control cha&rt"));
    pages_->addTab(precision_, tr("&Precision"));
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
    instruments_->setCurrentRow(0);
    connect(instruments_, &QListWidget::currentRowChanged, this, [this] {
        readings_.clear();
        empty_.clear();
        calibration_.reset();
        stroke_ = -1.0;
        check_->clear();
        refresh();
        Q_EMIT moved();
    });
}

QWidget* QualityPlace::buildChecksPage() {
    auto* page = new QWidget;
    auto* layout = new QVBoxLayout(page);
    check_->setAccessibleName(tr("Check"));
    check_->setMinimumWidth(260);
    for (ValueField* field : {nominal_, reading_})
        field->makeCompact();
    auto* take = button(tr("Take this reading"), true);
    auto* live = button(tr("Take it from the instrument"));
    auto* service = button(tr("Service done…"));
    auto* report = button(tr("Quality report…"));
    layout->addWidget(check_, 0, Qt::AlignLeft);
    layout->addLayout(inOneRow({nominal_, reading_, take, live}));
    layout->addWidget(rule_);
    layout->addWidget(taken_);
    layout->addWidget(checks_, 1);
    layout->addWidget(affected_);
    for (const auto& [edit, name] :
         {std::pair(from_, tr("from 2026-01-31")), std::pair(until_, tr("to 2026-12-31"))}) {
        edit->setPlaceholderText(name);
        edit->setAccessibleName(tr("Quality report, %1; empty for everything").arg(name));
        edit->setMaximumWidth(150);
    }
    layout->addLayout(inOneRow({service, report, from_, until_}));
    connect(check_, &QComboBox::currentIndexChanged, this, [this] {
        readings_.clear();
        showChecks();
        showChart();
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
    layout->addWidget(chart_, 2);
    layout->addWidget(
        label(tr("Points that break a rule. Click a point, or activate a line, to open its check."), "soft"));
    layout->addWidget(flags_, 1);
    flags_->setColumnWidth(0, 160);
    flags_->setColumnWidth(1, 110);
    connect(flags_, &QTableWidget::cellActivated, this,
            [this](int row) { openCheck(flags_->item(row, 0)->data(Qt::UserRole).toString()); });
    connect(chart_, &FigureView::clicked, this, [this](const QPointF& place) {
        if (const auto point = report::controlPointAt(place, QRectF(chart_->rect()), model_))
            openCheck(charted_[*point]);
    });
    return page;
}

void QualityPlace::openCheck(const QString& id) {
    showPage(Page::Checks);
    for (int row = 0; row < checks_->rowCount(); ++row)
        if (checks_->item(row, 0)->data(Qt::UserRole).toString() == id)
            checks_->setCurrentCell(row, 0);
    checks_->setFocus();
}

QString QualityPlace::where() const {
    return selected() ? tr("Quality  ›  %1").arg(words(selected()->name)) : tr("Quality");
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
        const auto& instrument = session_.catalogue().instruments[static_cast<std::size_t>(row)];
        const auto checks = session_.book().checks(instrument.id);
        QString state;
        for (const CheckDefinition& check : instrument.checks) {
            const auto status = statusOf(check, checks, session_.now());
            if (state.isEmpty() || !status.good())
                state = stateWords(status);
        }
        instruments_->item(row)->setText(words(instrument.name) + QLatin1Char('\n') + state);
    }
    const Instrument* instrument = selected();
    if (!instrument)
        return;
    title_->setText(words(instrument->name));
    if (check_->count() == 0) {
        const QSignalBlocker blocker(check_);
        for (const CheckDefinition& check : instrument->checks)
            check_->addItem(words(check.title), text(check.id));
    }
    showChecks();
    showChart();
    precision_->showInstrument(*instrument);
}

void QualityPlace::showChecks() {
    const Instrument* instrument = selected();
    const CheckDefinition* definition = selectedCheck();
    if (!instrument || !definition)
        return;
    auto checks = session_.book().checks(instrument->id);
    const CheckStatus status = statusOf(*definition, checks, session_.now());
    status_->setText(words(definition->title) + QStringLiteral(": ") + stateWords(status));
    QStringList rule{tr("%1, certified %2 ± %3 %4")
                         .arg(words(definition->object),
                              text(fixed(definition->rule.nominal, definition->decimals)),
                              text(fixed(definition->uncertainty, 4)), text(definition->unit))};
    if (definition->certificateUntil)
        rule << tr("certificate until %1").arg(text(isoText(*definition->certificateUntil)));
    if (definition->rule.meanLimit)
        rule << tr("mean within %1 %2").arg(*definition->rule.meanLimit).arg(text(definition->unit));
    if (definition->rule.spreadLimit)
        rule << tr("scatter at most %1 %2").arg(*definition->rule.spreadLimit).arg(text(definition->unit));
    if (definition->rule.eachLimit)
        rule << tr("each within %1 %2").arg(*definition->rule.eachLimit).arg(text(definition->unit));
    rule << tr("every %1 h").arg(definition->everyHours) << words(definition->source);
    rule_->setText(rule.join(QStringLiteral("; ")));
    if (!nominal_->edit()->isModified() || readings_.empty())
        nominal_->setValue(definition->rule.nominal, definition->decimals);
    QStringList taken;
    for (const double reading : readings_)
        taken << text(fixed(reading, definition->decimals));
    taken_->setText(readings_.empty() ? tr("%1 readings make this check.").arg(definition->rule.readings)
                                      : tr("%1 of %2: %3")
                                            .arg(readings_.size())
                                            .arg(definition->rule.readings)
                                            .arg(taken.join(QStringLiteral("; "))));
    std::ranges::reverse(checks);
    const auto nameOf = namesOf(session_.book().staff());
    checks_->setRowCount(static_cast<int>(checks.size()));
    for (int row = 0; row < checks_->rowCount(); ++row) {
        const Check& check = checks[static_cast<std::size_t>(row)];
        const CheckDefinition* kind = instrument->check(check.kind);
        const int decimals = kind ? kind->decimals : 3;
        const bool service = check.kind == "service";
        setRow(checks_, row,
               {report::day(check.at) + QStringLiteral("  ") + report::clock(check.at),
                service ? tr("service")
                : kind  ? words(kind->title)
                        : text(check.kind),
                service ? QString() : text(fixed(check.nominal, decimals)),
                service ? QString() : text(fixed(check.reading, decimals)),
                service ? QString() : text(signedFixed(check.error(), decimals)),
                service        ? text(check.note)
                : check.passed ? tr("✓ passed")
                               : tr("▲ failed"),
                text(nameOf(check.by))});
        checks_->item(row, 0)->setData(Qt::UserRole, text(check.id));
    }
    checks_->setColumnWidth(0, 166);
    checks_->setColumnWidth(1, 176);
    for (const int column : {2, 3, 4, 5})
        checks_->setColumnWidth(column, 80);
    // Tests since the last good check rest on an instrument that nobody can vouch for.
    int affected = 0;
    if (!status.good() && status.last && status.lastGood)
        for (const std::string& method : instrument->methods)
            affected += static_cast<int>(session_.book().testsSince(*status.lastGood, method).size());
    affected_->setText(affected == 0 ? QString()
                                     : tr("%1 tests were made since the last good check (%2): review them.")
                                           .arg(affected)
                                           .arg(report::day(*status.lastGood)));
    affected_->setVisible(affected > 0);
}

void QualityPlace::showChart() {
    const Instrument* instrument = selected();
    const CheckDefinition* definition = selectedCheck();
    if (!instrument || !definition)
        return;
    const ControlSeries series = controlSeries(*definition, session_.book().checks(instrument->id));
    model_ = report::chartOf(series, *definition);
    charted_.clear();
    for (const Check& check : series.checks)
        charted_.push_back(text(check.id));
    chartWords_->setText(
        series.checks.empty() ? tr("No checks yet. The first ten make the baseline.")
        : !series.baseline
            ? tr("%1 of 10 values for the baseline; nothing is judged before.").arg(series.checks.size())
            : tr("Centre %1, SD %2 %3; %4 of %5 points break a rule that rejects.")
                  .arg(text(fixed(series.baseline->mean, definition->decimals)),
                       text(fixed(series.baseline->standardDeviation, definition->decimals + 1)),
                       text(definition->unit))
                  .arg(series.rejected())
                  .arg(series.points.size()));
    chart_->setPaint([model = model_, &palette = session_.palette()](QPainter& painter, const QRectF& area) {
        report::paintControlChart(painter, area, model, palette);
    });
    flags_->setRowCount(0);
    for (std::size_t i = series.points.size(); i-- > 0;) {
        if (series.points[i].rules.empty())
            continue;
        QStringList rules;
        for (const quality::ControlRule rule : series.points[i].rules)
            rules << report::say(quality::inWords(rule));
        setRow(flags_, flags_->rowCount(),
               {report::day(series.checks[i].at) + QStringLiteral("  ") + report::clock(series.checks[i].at),
                text(fixed(series.checks[i].reading, definition->decimals)), rules.join(QStringLiteral("; "))});
        flags_->item(flags_->rowCount() - 1, 0)->setData(Qt::UserRole, charted_[i]);
    }
}

void QualityPlace::takeReading() {
    const CheckDefinition* definition = selectedCheck();
    const auto nominal = nominal_->value(), reading = reading_->value();
    if (!definition || !nominal || !reading || !(*nominal > 0.0)) {
        session_.report(failure({FUSAIN_TEXT("A check needs the reference value and a reading."), {}}, {},
                                {FUSAIN_TEXT("Type numbers with a point or a comma."), {}}));
        return;
    }
    keepReading(*reading);
}

// The last reading of a check judges and keeps it.
void QualityPlace::keepReading(double reading) {
    const CheckDefinition* definition = selectedCheck();
    readings_.push_back(reading);
    reading_->clear();
    if (static_cast<int>(readings_.size()) < definition->rule.readings)
        return showChecks();
    if (session_.report(session_.keepCheck(selected()->id, definition->id,
                                           nominal_->value().value_or(definition->rule.nominal), readings_))) {
        readings_.clear();
        calibration_.reset();
        empty_.clear();
    }
    refresh();
}

void QualityPlace::takeLive() {
    const Instrument* instrument = selected();
    if (!instrument || !selectedCheck())
        return;
    if (instrument->id == "chamber" && recorder_->linked())
        return takeFromChamber();
    if (instrument->id == "spirometer" && session_.hub().isLive(QStringLiteral("spirometer"))) {
        stroke_ = 0.0;
        session_.hub().send(QStringLiteral("spirometer"), QStringLiteral("cue syringe"));
        return taken_->setText(tr("Empty the syringe in one even stroke."));
    }
    const auto frame = session_.hub().latest(text(instrument->id));
    const std::optional<double> value = !frame             ? std::nullopt
                                        : frame->has("kg") ? std::optional(frame->value("kg"))
                                        : frame->has("c")  ? std::optional(frame->value("c"))
                                                           : std::nullopt;
    if (!value) {
        session_.report(failure({FUSAIN_TEXT("There is no live reading from this instrument."), {}}, {},
                                {FUSAIN_TEXT("Type the reading, or connect the instrument."), {}}));
        return;
    }
    keepReading(*value);
}

// The empty chamber and the cylinder calibrate; then the cylinder is taken out and put in again for each
// reading.
void QualityPlace::takeFromChamber() {
    if (recorder_->recording())
        return;
    recorder_->start(empty_.empty() ? QStringLiteral("cue empty") : QStringLiteral("cue cylinder"),
                     calibrationSeconds);
    taken_->setText(empty_.empty() ? tr("Recording the empty chamber…") : tr("Recording the cylinder…"));
}

void QualityPlace::chamberRecorded() {
    if (!isVisible())
        return;
    if (empty_.empty()) {
        empty_ = recorder_->samples();
        return taken_->setText(tr("Empty chamber recorded. Put the cylinder in, close the door, and go on."));
    }
    if (!calibration_) {
        auto calibration = airdisplacement::calibrate(
            empty_, recorder_->samples(), Litres(nominal_->value().value_or(50.0)), session_.cylinderError());
        if (!calibration) {
            empty_.clear();
            session_.report(tl::unexpected(calibration.error()));
            return;
        }
        calibration_ = *calibration;
        return taken_->setText(
            tr("Calibrated. Take the cylinder out and put it in again for each of the five readings."));
    }
    const auto response = airdisplacement::responseOf(recorder_->samples());
    if (!response) {
        session_.report(tl::unexpected(response.error()));
        return;
    }
    keepReading(calibration_->volumeAt(response->ratio).value());
}

void QualityPlace::takeFrame(const link::Frame& frame) {
    if (stroke_ < 0.0 || frame.role != "spirometer" || !isVisible())
        return;
    stroke_ = std::max(stroke_, frame.value("l"));
    if (!frame.has("end"))
        return;
    const double litres = stroke_;
    stroke_ = -1.0;
    keepReading(litres);
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
        instrument ? QFileDialog::getSaveFileName(this, tr("Quality report"),
                                                  text(instrument->id) + QStringLiteral("-quality.pdf"),
                                                  tr("PDF or table (*.pdf *.csv)"))
                   : QString();
    if (path.isEmpty())
        return;
    const auto checks = session_.book().checks(instrument->id);
    if (path.endsWith(QLatin1String(".csv"))) {
        saveText(session_, path, exchange::checksToCsv(report::within(*period, checks)));
        return;
    }
    session_.report(report::writePdf(report::qualityReport(session_.labName(), *instrument, checks, *period,
                                                           namesOf(session_.book().staff())),
                                     path, tr("Quality report")));
}

} // namespace fusain::desktop
