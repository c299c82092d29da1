#include "desktop/places/library/reference_editor.hpp"

#include "desktop/widgets/appearance.hpp"
#include "desktop/widgets/dialog_foot.hpp"
#include "record/base/people.hpp"
#include "report/base/words.hpp"

#include <QFormLayout>
#include <QHeaderView>
#include <QRegularExpression>
#include <QVBoxLayout>

namespace fusain::desktop {
namespace {

using namespace reference;

enum Column { SexColumn, FromColumn, ToColumn, LowColumn, HighColumn, FirstSpread };
constexpr int spreadColumns = 3;

std::optional<double> readNumber(QString text) {
    bool read = false;
    const double value = text.replace(QLatin1Char(','), QLatin1Char('.')).toDouble(&read);
    return read ? std::optional(value) : std::nullopt;
}

QString exactly(double value) {
    return QString::number(value, 'g', 10);
}

QString pointsText(const PercentileTable& table) {
    QStringList points;
    for (const auto& point : table.points)
        points << exactly(point.percent) + QLatin1Char(' ') + exactly(point.value);
    return points.join(QStringLiteral("; "));
}

} // namespace

ReferenceEditor::ReferenceEditor(LabReferences& references, const ReferenceSet& set, std::string by,
                                 QWidget* parent)
    : QDialog(parent), references_(references), set_(set), by_(std::move(by)), quantity_(new QComboBox),
      title_(new QLineEdit(QString::fromStdString(set.title))),
      population_(new QLineEdit(QString::fromStdString(set.population))),
      citation_(new QLineEdit(QString::fromStdString(set.citation))),
      date_(new QLineEdit(QString::fromStdString(set.date))),
      meaning_(new QLineEdit(QString::fromStdString(set.bandMeaning))), spread_(new QComboBox),
      rows_(new QTableWidget(0, FirstSpread + spreadColumns)), problem_(label({}, "warning")) {
    setWindowTitle(tr("Reference set"));
    resize(scaled(920), scaled(600));
    for (const ReferenceQuantity& each : referenceQuantities())
        quantity_->addItem(report::say(each.title),
                           QString::fromUtf8(each.id.data(), qsizetype(each.id.size())));
    quantity_->setCurrentIndex(std::max(0, quantity_->findData(QString::fromStdString(set.quantity))));
    spread_->addItems(
        {tr("bands only"), tr("mean and standard deviation"), tr("L, M and S"), tr("percentiles")});
    spread_->setCurrentIndex(set.rows.empty() ? 0 : static_cast<int>(set.rows.front().distribution.index()));
    rows_->setAccessibleName(tr("Rows by sex and age"));
    rows_->verticalHeader()->hide();
    auto* form = new QFormLayout;
    form->addRow(tr("Quantity"), quantity_);
    form->addRow(tr("Title"), title_);
    form->addRow(tr("Population"), population_);
    form->addRow(tr("Source"), citation_);
    form->addRow(tr("Year or date"), date_);
    form->addRow(tr("What the band means"), meaning_);
    form->addRow(tr("Spread"), spread_);
    auto* more = button(tr("Add a row"));
    auto* fewer = button(tr("Remove the row"));
    auto* layout = new QVBoxLayout(this);
    layout->addLayout(form);
    layout->addWidget(rows_, 1);
    layout->addLayout(inOneRow({more, fewer}));
    layout->addWidget(problem_);
    layout->addWidget(footOf(this, tr("Save the set"), [this] { keep(); }).box);
    fillRows();
    showSpread();
    connect(spread_, &QComboBox::currentIndexChanged, this, &ReferenceEditor::showSpread);
    connect(more, &QPushButton::clicked, this, [this] { addRow({}); });
    connect(fewer, &QPushButton::clicked, this, [this] { rows_->removeRow(rows_->currentRow()); });
}

void ReferenceEditor::showSpread() {
    static const QMap<int, QStringList> names{{BandsOnly, {}},
                                              {MeanAndSd, {tr("mean"), tr("SD")}},
                                              {Lms, {tr("L"), tr("M"), tr("S")}},
                                              {Percentiles, {tr("percentile and value; …")}}};
    const QStringList spread = names.value(spread_->currentIndex());
    rows_->setHorizontalHeaderLabels(
        QStringList{tr("sex"), tr("age from"), tr("to"), tr("band from"), tr("to (may be empty)")} + spread);
    for (int column = 0; column < spreadColumns; ++column)
        rows_->setColumnHidden(FirstSpread + column, column >= spread.size());
    rows_->horizontalHeader()->setStretchLastSection(false);
    rows_->setColumnWidth(FirstSpread, scaled(spread_->currentIndex() == Percentiles ? 360 : 90));
}

void ReferenceEditor::fillRows() {
    for (const ReferenceRow& row : set_.rows)
        addRow(row);
    if (set_.rows.empty())
        addRow({});
}

void ReferenceEditor::addRow(const ReferenceRow& row) {
    const int at = rows_->rowCount();
    rows_->insertRow(at);
    auto* sex = new QComboBox;
    sex->addItem(tr("female"), QStringLiteral("female"));
    sex->addItem(tr("male"), QStringLiteral("male"));
    sex->setCurrentIndex(row.sex == Sex::Male ? 1 : 0);
    rows_->setCellWidget(at, SexColumn, sex);
    const bool given = row.ageTo > Years(0.0);
    QStringList cells{exactly(row.ageFrom.value()), exactly(row.ageTo.value()), exactly(row.low),
                      row.openAbove() ? QString() : exactly(row.high)};
    if (const auto* normal = std::get_if<MeanAndDeviation>(&row.distribution))
        cells << exactly(normal->mean) << exactly(normal->standardDeviation);
    else if (const auto* skewed = std::get_if<LambdaMuSigma>(&row.distribution))
        cells << exactly(skewed->lambda) << exactly(skewed->mu) << exactly(skewed->sigma);
    else if (const auto* table = std::get_if<PercentileTable>(&row.distribution))
        cells << pointsText(*table);
    for (int column = FromColumn; column < rows_->columnCount(); ++column)
        rows_->setItem(at, column, new QTableWidgetItem(given ? cells.value(column - 1) : QString()));
}

std::optional<double> ReferenceEditor::numberAt(int row, int column) const {
    return readNumber(rows_->item(row, column)->text().trimmed());
}

Expected<Distribution> ReferenceEditor::spreadAt(int row) const {
    const auto missing = [] { return failure({FUSAIN_TEXT("A number of the spread is missing."), {}}); };
    const auto a = numberAt(row, FirstSpread), b = numberAt(row, FirstSpread + 1),
               c = numberAt(row, FirstSpread + 2);
    switch (static_cast<Spread>(spread_->currentIndex())) {
    case BandsOnly:
        return Distribution{};
    case MeanAndSd:
        if (!a || !b)
            return missing();
        return MeanAndDeviation{*a, *b};
    case Lms:
        if (!a || !b || !c)
            return missing();
        return LambdaMuSigma{*a, *b, *c};
    case Percentiles:
        break;
    }
    PercentileTable table;
    static const QRegularExpression space(QStringLiteral("\\s+"));
    for (const QString& part :
         rows_->item(row, FirstSpread)->text().split(QLatin1Char(';'), Qt::SkipEmptyParts)) {
        const QStringList pair = part.trimmed().split(space);
        const auto percent = readNumber(pair.value(0)), value = readNumber(pair.value(1));
        if (pair.size() != 2 || !percent || !value)
            return failure({FUSAIN_TEXT("Percentiles are written as \"5 12.3; 50 20.1; 95 30\"."), {}},
                           part.trimmed().toStdString());
        table.points.push_back({*percent, *value});
    }
    return table;
}

Expected<ReferenceRow> ReferenceEditor::rowAt(int at) const {
    const auto from = numberAt(at, FromColumn), to = numberAt(at, ToColumn), low = numberAt(at, LowColumn),
               high = numberAt(at, HighColumn);
    if (!from || !to || !low || (!high && !rows_->item(at, HighColumn)->text().trimmed().isEmpty()))
        return failure({FUSAIN_TEXT("Ages and the band of a row are numbers."), {}},
                       tr("row %1").arg(at + 1).toStdString());
    auto spread = spreadAt(at);
    if (!spread)
        return tl::unexpected(spread.error());
    ReferenceRow row;
    const auto* sex = qobject_cast<QComboBox*>(rows_->cellWidget(at, SexColumn));
    row.sex = sexFromText(sex->currentData().toString().toStdString());
    row.ageFrom = Years(*from);
    row.ageTo = Years(*to);
    row.low = *low;
    if (high)
        row.high = *high;
    row.distribution = std::move(*spread);
    return row;
}

Expected<ReferenceSet> ReferenceEditor::edited() const {
    const ReferenceQuantity& quantity =
        referenceQuantities()[static_cast<std::size_t>(quantity_->currentIndex())];
    ReferenceSet set = set_;
    set.quantity = quantity.id;
    set.unit = quantity.unit;
    set.title = title_->text().trimmed().toStdString();
    set.population = population_->text().trimmed().toStdString();
    set.citation = citation_->text().trimmed().toStdString();
    set.date = date_->text().trimmed().toStdString();
    set.bandMeaning = meaning_->text().trimmed().toStdString();
    set.grade = "lab";
    set.rows.clear();
    for (int at = 0; at < rows_->rowCount(); ++at) {
        auto row = rowAt(at);
        if (!row)
            return tl::unexpected(row.error());
        set.rows.push_back(std::move(*row));
    }
    return set;
}

void ReferenceEditor::keep() {
    const auto set = edited();
    const auto done = set ? references_.keep(*set, by_) : Expected<void>(tl::unexpected(set.error()));
    if (!done) {
        problem_->setText(report::say(done.error()));
        return;
    }
    set_ = *set;
    accept();
}

} // namespace fusain::desktop

#include "moc_reference_editor.cpp"
