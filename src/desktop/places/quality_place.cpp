#include "desktop/places/quality_place.hpp"

#include "report/words.hpp"

#include <QFileDialog>
#include <QHBoxLayout>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>

namespace fusain::desktop {
namespace {

QString text(const std::string& value) {
    return QString::fromStdString(value);
}
QString grams(double kilograms) {
    return text(signedFixed(1000.0 * kilograms, 0)) + QStringLiteral(" g");
}

double toleranceOf(const std::string& instrument) {
    return instrument == "Tank" ? loadCellTolerance : scaleTolerance;
}

// Each check's error in time order between the two limits; a failed one is a triangle.
void paintHistory(QPainter& painter, const QRectF& area, const std::vector<store::Check>& checks,
                  double tolerance, const report::Palette& palette) {
    painter.setRenderHint(QPainter::Antialiasing);
    const QRectF plot = area.adjusted(64, 12, -16, -22);
    double reach = 1.5 * tolerance;
    for (const auto& check : checks)
        reach = std::max(reach, 1.2 * std::abs(check.reading - check.nominal));
    const auto y = [&](double error) { return plot.center().y() - error / reach * plot.height() / 2.0; };
    painter.fillRect(QRectF(QPointF(plot.left(), y(tolerance)), QPointF(plot.right(), y(-tolerance))),
                     palette.paper);
    painter.setFont(report::numberFont(11));
    for (const double at : {tolerance, 0.0, -tolerance}) {
        painter.setPen(
            QPen(at == 0.0 ? palette.ink : palette.softInk, 1.0, at == 0.0 ? Qt::SolidLine : Qt::DashLine));
        painter.drawLine(QPointF(plot.left(), y(at)), QPointF(plot.right(), y(at)));
        painter.setPen(palette.softInk);
        painter.drawText(QRectF(area.left(), y(at) - 8, 58, 16), Qt::AlignRight | Qt::AlignVCenter, grams(at));
    }
    const double step = plot.width() / static_cast<double>(checks.size() + 1);
    for (std::size_t i = 0; i < checks.size(); ++i) {
        const QPointF at(plot.left() + static_cast<double>(i + 1) * step,
                         y(checks[i].reading - checks[i].nominal));
        painter.setPen(QPen(checks[i].passed ? palette.ink : palette.aril, 1.6));
        painter.setBrush(checks[i].passed ? QBrush(palette.ink) : QBrush(palette.aril));
        if (checks[i].passed)
            painter.drawEllipse(at, 3.5, 3.5);
        else
            painter.drawPolygon(QPolygonF({at + QPointF(0, -6), at + QPointF(6, 5), at + QPointF(-6, 5)}));
    }
    painter.setPen(palette.softInk);
    if (!checks.empty()) {
        painter.drawText(QRectF(plot.left(), plot.bottom() + 4, 140, 16), Qt::AlignLeft,
                         report::day(checks.front().at));
        painter.drawText(QRectF(plot.right() - 140, plot.bottom() + 4, 140, 16), Qt::AlignRight,
                         report::day(checks.back().at));
    }
}

} // namespace

QualityPlace::QualityPlace(Session& session)
    : Place(session), instrument_(new QComboBox),
      nominal_(new ValueField(tr("Reference mass"), QStringLiteral("kg"))),
      reading_(new ValueField(tr("Reading"), QStringLiteral("kg"))),
      checks_(table({tr("when"), tr("reference"), tr("reading"), tr("off by"), tr("verdict"), tr("by")},
                    tr("Checks"))),
      history_(new FigureView(tr("Error of the instrument over time"), 170)), book_(label({})) {
    instrument_->addItem(tr("Floor scale A"), QStringLiteral("Scale A"));
    instrument_->addItem(tr("Tank load cell"), QStringLiteral("Tank"));
    instrument_->setAccessibleName(tr("Instrument"));
    auto* keep = button(tr("Keep the check"), true);
    auto* verifyBook = button(tr("Verify the lab book"));
    auto* backUpBook = button(tr("Back up…"));
    auto* restoreBook = button(tr("Restore a copy…"));
    auto* form = new QHBoxLayout;
    form->addWidget(instrument_);
    nominal_->makeCompact();
    reading_->makeCompact();
    form->addWidget(nominal_);
    form->addWidget(reading_);
    form->addWidget(keep);
    form->addStretch();
    auto* care = new QHBoxLayout;
    for (QPushButton* each : {verifyBook, backUpBook, restoreBook})
        care->addWidget(each);
    care->addWidget(book_, 1);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(24, 16, 24, 16);
    layout->addWidget(label(tr("Checks of scale and load cell"), "title"));
    layout->addLayout(form);
    layout->addWidget(history_);
    layout->addWidget(checks_, 1);
    layout->addWidget(thinRule());
    layout->addWidget(label(tr("Lab book"), "heading"));
    layout->addLayout(care);
    connect(instrument_, &QComboBox::currentIndexChanged, this, &QualityPlace::refresh);
    connect(keep, &QPushButton::clicked, this, &QualityPlace::keepCheck);
    connect(reading_, &ValueField::entered, this, &QualityPlace::keepCheck);
    connect(verifyBook, &QPushButton::clicked, this, &QualityPlace::verify);
    connect(backUpBook, &QPushButton::clicked, this, &QualityPlace::backUp);
    connect(restoreBook, &QPushButton::clicked, this, &QualityPlace::restore);
}

void QualityPlace::refresh() {
    const std::string instrument = instrument_->currentData().toString().toStdString();
    auto checks = session_.book().checks(instrument);
    const double tolerance = toleranceOf(instrument);
    history_->setPaint(
        [checks, tolerance, &palette = session_.palette()](QPainter& painter, const QRectF& area) {
            paintHistory(painter, area, checks, tolerance, palette);
        });
    std::ranges::reverse(checks);
    checks_->setRowCount(static_cast<int>(checks.size()));
    for (int row = 0; row < checks_->rowCount(); ++row) {
        const auto& check = checks[static_cast<std::size_t>(row)];
        setRow(checks_, row,
               {report::day(check.at) + QStringLiteral("  ") + report::clock(check.at),
                text(fixed(check.nominal, 3)), text(fixed(check.reading, 3)),
                grams(check.reading - check.nominal),
                check.passed ? tr("✓ within %1 g").arg(1000.0 * tolerance)
                             : tr("▲ outside %1 g").arg(1000.0 * tolerance),
                text(session_.staffName(check.by))});
    }
    checks_->setColumnWidth(0, 170);
    checks_->setColumnWidth(4, 180);
    if (nominal_->edit()->text().isEmpty() || !nominal_->edit()->isModified())
        nominal_->setValue(instrument == "Tank" ? 5.0 : 20.0, 3);
}

void QualityPlace::keepCheck() {
    const auto nominal = nominal_->value(), reading = reading_->value();
    if (!nominal || !reading || *nominal < 0.5 || *nominal > 200.0) {
        session_.report(
            failure({FUSAIN_TEXT("A check needs the reference mass (0.5 to 200 kg) and the reading."), {}}));
        return;
    }
    const std::string instrument = instrument_->currentData().toString().toStdString();
    const bool passed = std::abs(*reading - *nominal) <= toleranceOf(instrument) + 1e-9;
    if (session_.report(session_.book().save(store::Check{session_.freshId("check"),
                                                          instrument,
                                                          "reference-mass",
                                                          session_.now(),
                                                          *nominal,
                                                          *reading,
                                                          passed,
                                                          session_.atTheBench().id,
                                                          {}},
                                             session_.atTheBench().id)))
        reading_->clear();
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
