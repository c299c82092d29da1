#include "desktop/places/quality_place.hpp"

#include "exchange/quality_csv.hpp"
#include "procedure/quality_review.hpp"
#include "report/figures/control_chart_figure.hpp"
#include "report/quality_report.hpp"
#include "report/words.hpp"

#include <QFileDialog>
#include <QHBoxLayout>
#include <QInputDialog>
#include <QSaveFile>
#include <QVBoxLayout>
#include <algorithm>

namespace fusain::desktop {
namespace {

QString text(const std::string& value) {
    return QString::fromStdString(value);
}
QString words(const std::string& marked) {
    return report::say(std::string_view(marked));
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

QHBoxLayout* line(std::initializer_list<QWidget*> widgets) {
    auto* row = new QHBoxLayout;
    for (QWidget* widget : widgets)
        row->addWidget(widget);
    row->addStretch();
    return row;
}

struct Quantity {
    const char* id;
    const char* title;
    const char* unit;
};
constexpr std::array quantities{Quantity{"fat-percent", QT_TR_NOOP("fat, %"), "%"},
                                Quantity{"fat-mass", QT_TR_NOOP("fat mass, kg"), "kg"},
                                Quantity{"fat-free-mass", QT_TR_NOOP("fat-free mass, kg"), "kg"}};

} // namespace

QualityPlace::QualityPlace(Session& session)
    : Place(session), instruments_(new QListWidget), title_(label({}, "title")), status_(label({}, "heading")),
      pages_(new QTabWidget), check_(new QComboBox), rule_(label({}, "soft")),
      nominal_(new ValueField(tr("Reference"), {})), reading_(new ValueField(tr("Reading"), {})),
      taken_(label({})), checks_(table({tr("when"), tr("check"), tr("reference"), tr("reading"), tr("off by"),
                                        tr("verdict"), tr("by")},
                                       tr("Checks"))),
      affected_(label({}, "warning")), chart_(new FigureView(tr("Control chart"), 260)),
      chartWords_(label({}, "heading")),
      flags_(table({tr("when"), tr("value"), tr("rules")}, tr("Points that break a rule"))),
      quantity_(new QComboBox), person_(new QLineEdit), precision_(label({}, "heading")),
      people_(table({tr("person"), tr("repeats")}, tr("People of the study"))), book_(label({})),
      recorder_(new PressureRecorder(session, this)) {
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
    pages_->addTab(buildPrecisionPage(), tr("&Precision"));
    pages_->addTab(buildBookPage(), tr("Lab b&ook"));
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
    layout->addLayout(line({nominal_, reading_, take, live}));
    layout->addWidget(rule_);
    layout->addWidget(taken_);
    layout->addWidget(checks_, 1);
    layout->addWidget(affected_);
    layout->addLayout(line({service, report}));
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
    layout->addWidget(label(tr("Points that break a rule; activate one to open its check"), "soft"));
    layout->addWidget(flags_, 1);
    flags_->setColumnWidth(0, 160);
    flags_->setColumnWidth(1, 110);
    connect(flags_, &QTableWidget::cellActivated, this, [this](int row) {
        const QString when = flags_->item(row, 0)->text();
        showPage(Page::Checks);
        for (int i = 0; i < checks_->rowCount(); ++i)
            if (checks_->item(i, 0)->text() == when)
                checks_->setCurrentCell(i, 0);
        checks_->setFocus();
    });
    return page;
}

QWidget* QualityPlace::buildPrecisionPage() {
    auto* page = new QWidget;
    auto* layout = new QVBoxLayout(page);
    for (const Quantity& quantity : quantities)
        quantity_->addItem(tr(quantity.title), QLatin1String(quantity.id));
    quantity_->setAccessibleName(tr("Quantity of the study"));
    person_->setPlaceholderText(tr("repeats of one person: 18.2 18.5 18.3"));
    person_->setAccessibleName(tr("Repeats of one person"));
    person_->setMinimumWidth(280);
    auto* add = button(tr("Add person"), true);
    auto* keep = button(tr("Keep the study"));
    auto* import = button(tr("Import CSV…"));
    layout->addWidget(
        label(tr("Measure 15 people three times or 30 twice, stepping off and on again between the repeats."),
              "soft"));
    layout->addLayout(line({quantity_, person_, add, keep, import}));
    layout->addWidget(precision_);
    layout->addWidget(people_, 1);
    connect(add, &QPushButton::clicked, this, &QualityPlace::addPerson);
    connect(person_, &QLineEdit::returnPressed, this, &QualityPlace::addPerson);
    connect(import, &QPushButton::clicked, this, &QualityPlace::importStudy);
    connect(quantity_, &QComboBox::currentIndexChanged, this, [this] {
        collected_.clear();
        showPrecision();
    });
    connect(keep, &QPushButton::clicked, this, [this] {
        const Instrument* instrument = selected();
        if (!instrument || collected_.empty())
            return;
        const auto& quantity = quantities[static_cast<std::size_t>(quantity_->currentIndex())];
        if (session_.report(session_.book().save(store::Study{session_.freshId("study"), instrument->id,
                                                              quantity.id, quantity.unit, session_.now(),
                                                              session_.atTheBench().id, collected_},
                                                 session_.atTheBench().id)))
            collected_.clear();
        showPrecision();
    });
    return page;
}

QWidget* QualityPlace::buildBookPage() {
    auto* page = new QWidget;
    auto* layout = new QVBoxLayout(page);
    auto* verifyBook = button(tr("Verify the lab book"));
    auto* backUpBook = button(tr("Back up…"));
    auto* restoreBook = button(tr("Restore a copy…"));
    layout->addWidget(
        label(tr("Every change is on disk in the chained journal before it is shown. Copies are made daily "
                 "beside the book."),
              "soft"));
    layout->addLayout(line({verifyBook, backUpBook, restoreBook}));
    layout->addWidget(book_);
    layout->addStretch();
    connect(verifyBook, &QPushButton::clicked, this, &QualityPlace::verify);
    connect(backUpBook, &QPushButton::clicked, this, &QualityPlace::backUp);
    connect(restoreBook, &QPushButton::clicked, this, &QualityPlace::restore);
    return page;
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
        QString state;
        for (const CheckDefinition& check : instrument.checks) {
            const auto status = statusOf(check, session_.book().checks(instrument.id), session_.now());
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
    showPrecision();
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
                text(session_.staffName(check.by))});
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
    report::ControlChartModel model = report::chartOf(series, *definition);
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
    chart_->setPaint([model, &palette = session_.palette()](QPainter& painter, const QRectF& area) {
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
    }
}

void QualityPlace::showPrecision() {
    const Instrument* instrument = selected();
    if (!instrument)
        return;
    const std::string quantity = quantity_->currentData().toString().toStdString();
    auto shown = collected_;
    QString when = tr("being collected");
    if (shown.empty())
        for (const store::Study& study : session_.book().studies(instrument->id))
            if (study.quantity == quantity) {
                shown = study.people;
                when = report::day(study.at);
            }
    const auto precision = quality::precisionOf(shown);
    precision_->setText(
        !precision
            ? tr("No study yet.")
            : tr("%1: SD %2, CV %3 %, %4 degrees of freedom, upper bound %5 (one-sided 95 %), least "
                 "significant "
                 "change %6. %7")
                  .arg(when, text(fixed(precision->rootMeanSquareSd, 3)),
                       text(fixed(precision->rootMeanSquareCv, 2)))
                  .arg(precision->degreesOfFreedom)
                  .arg(text(fixed(precision->upperBound, 3)), text(fixed(precision->leastSignificantChange, 2)),
                       precision->enough()
                           ? tr("It replaces the error model when a change is judged.")
                           : tr("Too few: 27 degrees of freedom are needed before it counts.")));
    people_->setRowCount(static_cast<int>(shown.size()));
    for (int row = 0; row < people_->rowCount(); ++row) {
        QStringList repeats;
        for (const double value : shown[static_cast<std::size_t>(row)])
            repeats << text(fixed(value, 2));
        setRow(people_, row, {QString::number(row + 1), repeats.join(QStringLiteral("   "))});
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

void QualityPlace::addPerson() {
    std::vector<double> repeats;
    for (const QString& part : person_->text().split(QLatin1Char(' '), Qt::SkipEmptyParts))
        if (const auto value = parseTyped(part.toStdString()))
            repeats.push_back(*value);
        else {
            session_.report(failure({FUSAIN_TEXT("\"{1}\" is not a number."), {part.toStdString()}}, {},
                                    {FUSAIN_TEXT("Type the repeats with spaces between them."), {}}));
            return;
        }
    if (repeats.size() < 2) {
        session_.report(failure({FUSAIN_TEXT("A person needs at least two repeats."), {}}));
        return;
    }
    collected_.push_back(std::move(repeats));
    person_->clear();
    showPrecision();
}

void QualityPlace::importStudy() {
    const QString path = QFileDialog::getOpenFileName(this, tr("Import a study"), {}, tr("Tables (*.csv)"));
    if (path.isEmpty())
        return;
    QFile file(path);
    if (!file.open(QIODevice::ReadOnly) || file.size() > 8 * 1024 * 1024) {
        session_.report(
            failure({FUSAIN_TEXT("The file cannot be read, or is larger than 8 MB."), {}}, path.toStdString()));
        return;
    }
    auto people = exchange::studyFromCsv(file.readAll().toStdString(), path.toStdString());
    if (!people) {
        session_.report(tl::unexpected(people.error()));
        return;
    }
    collected_ = std::move(*people);
    showPrecision();
}

void QualityPlace::saveReport() {
    const Instrument* instrument = selected();
    const QString path =
        instrument ? QFileDialog::getSaveFileName(this, tr("Quality report"),
                                                  text(instrument->id) + QStringLiteral("-quality.pdf"),
                                                  tr("PDF or table (*.pdf *.csv)"))
                   : QString();
    if (path.isEmpty())
        return;
    const auto checks = session_.book().checks(instrument->id);
    if (path.endsWith(QLatin1String(".csv"))) {
        QSaveFile file(path);
        if (!file.open(QIODevice::WriteOnly) ||
            file.write(QByteArray::fromStdString(exchange::checksToCsv(checks))) < 0 || !file.commit())
            session_.report(
                failure({FUSAIN_TEXT("The file could not be written: {1}"), {file.errorString().toStdString()}},
                        path.toStdString()));
        return;
    }
    session_.report(report::writePdf(
        report::qualityReport(session_.labName(), *instrument, checks,
                              [this](const std::string& id) { return session_.staffName(id); }),
        path, tr("Quality report")));
}

void QualityPlace::verify() {
    const auto verification = session_.book().verify();
    book_->setText(verification.sound() ? tr("✓ %1 events, each as it was written.").arg(verification.events)
                                        : tr("▲ %1").arg(text(verification.faults.front())));
}

void QualityPlace::backUp() {
    const QString path = QFileDialog::getSaveFileName(this, tr("Back up the lab book"), tr("copy.fusain"));
    if (path.isEmpty())
        return;
    const auto done = session_.book().backUp(path);
    book_->setText(done ? tr("✓ Copied and checked: %1").arg(path) : report::say(done.error()));
}

void QualityPlace::restore() {
    const QString from = QFileDialog::getOpenFileName(this, tr("Restore a copy"));
    const QString to = from.isEmpty() ? QString()
                                      : QFileDialog::getSaveFileName(this, tr("Restore as a new lab book"),
                                                                     tr("restored.fusain"));
    if (to.isEmpty())
        return;
    const auto done = store::LabBook::restore(from, to);
    book_->setText(done ? tr("✓ Restored: open it with fusain %1").arg(to) : report::say(done.error()));
}

} // namespace fusain::desktop
