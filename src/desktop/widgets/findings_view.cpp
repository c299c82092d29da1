#include "desktop/widgets/findings_view.hpp"

#include "procedure/worked_sheet.hpp"
#include "report/figures/field_figure.hpp"
#include "report/figures/rule_figure.hpp"
#include "report/words.hpp"

#include <QClipboard>
#include <QGuiApplication>
#include <QHeaderView>
#include <cmath>

namespace fusain::desktop {
namespace {

QString plain(std::string_view text) {
    return QString::fromUtf8(text.data(), static_cast<qsizetype>(text.size()));
}

QWidget* column(std::initializer_list<QWidget*> widgets) {
    auto* box = new QWidget;
    auto* layout = new QVBoxLayout(box);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(6);
    for (QWidget* widget : widgets)
        layout->addWidget(widget);
    return box;
}

} // namespace

FindingsView::FindingsView(Session& session, QWidget* parent)
    : QWidget(parent), session_(session), sentences_(label({}, "")),
      rule_(new FigureView(tr("Body fat on its scale"), 108)),
      field_(new FigureView(tr("Fat-free mass index against fat mass index"), 300)),
      budget_(new FigureView(tr("Where the uncertainty comes from"), 126)),
      sheet_(table({tr(""), tr("quantity"), tr("value"), tr("unit"), tr("±"), tr("how")}, tr("Worked sheet"))),
      lineDetail_(label({}, "soft")), whatIfResidual_(new QLineEdit), whatIfConversion_(new QComboBox),
      whatIfPolicy_(new QComboBox), whatIfNote_(label({}, "warning")) {
    whatIfResidual_->setPlaceholderText(tr("lung gas, L"));
    whatIfResidual_->setAccessibleName(tr("What if the residual volume, or the thoracic gas, were, litres"));
    whatIfConversion_->setAccessibleName(tr("What if the conversion were"));
    whatIfPolicy_->setAccessibleName(tr("What if the policy were"));
    whatIfConversion_->addItem(tr("conversion as chosen"), QString());
    for (const auto& conversion : compartments::densityConversions())
        whatIfConversion_->addItem(plain(conversion.id), plain(conversion.id));
    whatIfPolicy_->addItem(tr("policy of the test"), QString());
    for (const AnyPolicy& policy : session.catalogue().policies)
        whatIfPolicy_->addItem(report::say(std::string_view(common(policy).title)), plain(common(policy).id));
    auto* copy = button(tr("Copy sheet as text"));

    auto* whatIf = new QHBoxLayout;
    whatIf->addWidget(label(tr("What if"), "heading", false));
    whatIfResidual_->setMaximumWidth(140);
    whatIfConversion_->setMaximumWidth(190);
    whatIfPolicy_->setMaximumWidth(240);
    for (QWidget* widget : std::initializer_list<QWidget*>{whatIfResidual_, whatIfConversion_, whatIfPolicy_})
        whatIf->addWidget(widget);
    whatIf->addStretch();
    whatIf->addWidget(copy);
    auto* whatIfRow = new QWidget;
    whatIfRow->setLayout(whatIf);
    whatIf->setContentsMargins(0, 0, 0, 0);

    auto* figures = new QHBoxLayout;
    figures->setSpacing(16);
    figures->addWidget(
        column({sentences_, rule_, label(tr("Where the uncertainty comes from"), "heading"), budget_}), 5);
    figures->addWidget(field_, 4);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(8);
    layout->addLayout(figures);
    layout->addWidget(whatIfRow);
    layout->addWidget(whatIfNote_);
    layout->addWidget(sheet_, 1);
    layout->addWidget(lineDetail_);
    whatIfNote_->hide();
    sheet_->setMinimumHeight(130);
    sentences_->setMinimumHeight(108);
    sentences_->setAlignment(Qt::AlignTop);

    connect(whatIfResidual_, &QLineEdit::textChanged, this, &FindingsView::recompute);
    connect(whatIfConversion_, &QComboBox::currentIndexChanged, this, &FindingsView::recompute);
    connect(whatIfPolicy_, &QComboBox::currentIndexChanged, this, &FindingsView::recompute);
    connect(copy, &QPushButton::clicked, this, &FindingsView::copySheet);
    connect(sheet_, &QTableWidget::currentCellChanged, this,
            [this](int row) { lineDetail_->setText(lineDetails_.value(row)); });
}

void FindingsView::showTest(const AnyTest& test) {
    const bool another =
        !test_ || common(*test_).id != common(test).id || common(*test_).version != common(test).version;
    test_ = test;
    if (another) {
        const QSignalBlocker a(whatIfResidual_), b(whatIfConversion_), c(whatIfPolicy_);
        whatIfResidual_->clear();
        whatIfConversion_->setCurrentIndex(0);
        whatIfPolicy_->setCurrentIndex(0);
    }
    recompute();
}

void FindingsView::recompute() {
    if (!test_)
        return;
    WhatIf whatIf;
    if (const auto volume = parseTyped(whatIfResidual_->text().toStdString());
        volume && *volume > 0.0 && *volume < 8.0)
        whatIf.lungGas = Litres(*volume);
    if (const QString conversion = whatIfConversion_->currentData().toString(); !conversion.isEmpty())
        whatIf.conversion = conversion.toStdString();
    const auto* policy = session_.catalogue().policy(whatIfPolicy_->currentData().toString().toStdString());
    const auto report = session_.reportOn(*test_, whatIf, policy);
    if (!report) {
        sentences_->setText(report::say(report.error()));
        return;
    }
    const bool trying = policy || !whatIf.empty();
    whatIfNote_->setVisible(trying);
    const auto base = trying ? session_.reportOn(*test_) : report;
    if (trying && base)
        whatIfNote_->setText(
            tr("What if: %1 % instead of %2 %. Nothing stored changes.")
                .arg(QString::fromStdString(fixed(report->result().body.fatPercent.estimate().value(), 1)),
                     QString::fromStdString(fixed(base->result().body.fatPercent.estimate().value(), 1))));
    fillSentences(*report);
    fillFigures(*report);
    fillSheet(*report);
    if (trying && base)
        markChangedLines(*base);
}

void FindingsView::fillSentences(const report::DensityReport& report) {
    QStringList lines;
    for (const Message& sentence : findings(report.record(), report.result(), report.fatReference,
                                            report.earlier, report.baseline, report.precision))
        lines << report::say(sentence);
    const auto pattern =
        weightPattern(report.result(), session_.catalogue().referenceFor("fat-mass-index"),
                      session_.catalogue().referenceFor("fat-free-mass-index"), report.record().subject);
    lines.insert(1, tr("What makes the weight: %1.").arg(report::say(patternText(pattern))));
    for (const OtherMethod& other : report.sameDay)
        lines.insert(1, tr("The same day by %1: %2 % fat. Difference %3, where the two can differ by ± %4. %5")
                            .arg(report::say(methodTitle(other.method)),
                                 QString::fromStdString(fixed(other.fatPercent.value(), 1)),
                                 QString::fromStdString(signedFixed(other.difference, 1)),
                                 QString::fromStdString(fixed(other.halfInterval, 1)),
                                 report::say(other.likelyCause)));
    sentences_->setText(lines.mid(0, 5).join(QLatin1Char('\n')));
}

void FindingsView::fillFigures(const report::DensityReport& report) {
    const auto& c = report.result().body;
    const double fat = c.fatPercent.estimate().value(), half = normal95 * c.fatPercent.technicalError().value();
    report::RuleModel rule;
    rule.title = tr("Body fat");
    rule.unit = QStringLiteral("%");
    rule.from = std::max(0.0, 5.0 * std::floor((fat - half - 6.0) / 5.0));
    rule.to = 5.0 * std::ceil((fat + half + 10.0) / 5.0);
    if (report.earlier)
        rule.spindles.push_back(
            {report.earlier->fatPercent.value(), normal95 * report.earlier->fatPercentError.value(), true});
    rule.spindles.push_back({fat, half});
    if (const auto* row = report.fatReference ? report.fatReference->rowFor(report.record().subject.sex,
                                                                            report.record().subject.age)
                                              : nullptr) {
        rule.band = {row->low, row->high};
        rule.from = std::min(rule.from, std::max(0.0, row->low - 5.0));
        rule.to = std::max(rule.to, row->high + 5.0);
        rule.reference =
            QString::fromStdString(report.fatReference->title + "; " + report.fatReference->population);
    }
    const report::Palette& palette = session_.palette();
    rule_->setPaint([rule, &palette](QPainter& painter, const QRectF& area) {
        report::paintRule(painter, area, rule, palette);
    });

    report::FieldModel field;
    const double h2 = report.record().subject.height.value() * report.record().subject.height.value();
    for (const auto& past : {report.baseline, report.earlier})
        if (past)
            field.path.push_back(
                {past->fatFreeMass.value() / h2, past->fatMass.value() / h2, report::day(past->at)});
    field.path.push_back({c.fatFreeMassIndex.estimate().value(), c.fatMassIndex.estimate().value(), tr("now")});
    const auto* fmi = session_.catalogue().reference("fat-mass-index.kyle-2003");
    const auto* ffmi = session_.catalogue().reference("fat-free-mass-index.kyle-2003");
    if (fmi && ffmi)
        if (const auto* y = fmi->rowFor(report.record().subject.sex, report.record().subject.age),
            *x = ffmi->rowFor(report.record().subject.sex, report.record().subject.age);
            x && y) {
            field.reference = QRectF(QPointF(x->low, y->low), QPointF(x->high, y->high));
            field.referenceName =
                tr("Hatched: %1, %2")
                    .arg(QString::fromStdString(fmi->title), QString::fromStdString(fmi->population));
        }
    field_->setPaint([field, &palette](QPainter& painter, const QRectF& area) {
        report::paintField(painter, area, field, palette);
    });

    std::vector<report::BudgetBar> bars;
    for (const BudgetLine& line : c.fatPercent.budget())
        bars.push_back({report::say(sourceName(line.source)), line.fraction,
                        QStringLiteral("± %1 %").arg(QString::fromStdString(fixed(line.standardError, 2)))});
    bars.push_back(
        {tr("apart: fat-free density of people"), 0.0,
         QStringLiteral("± %1 %").arg(QString::fromStdString(fixed(c.fatPercent.methodError().value(), 1)))});
    budget_->setPaint([bars, &palette](QPainter& painter, const QRectF& area) {
        report::paintBudget(painter, area, bars, palette);
    });
}

void FindingsView::fillSheet(const report::DensityReport& report) {
    const auto lines = report.computed.sheet();
    sheetText_ = plainText(lines);
    lineDetails_.clear();
    sheet_->setRowCount(static_cast<int>(lines.size()));
    for (int row = 0; row < static_cast<int>(lines.size()); ++row) {
        const WorkedLine& line = lines[static_cast<std::size_t>(row)];
        setRow(sheet_, row,
               {plain(line.symbol), report::say(std::string_view(line.name)), plain(line.value),
                plain(line.unit), plain(line.plusMinus), report::say(line.how)});
        lineDetails_ << plain(line.formula) + (line.source.empty() ? QString()
                                                                   : QStringLiteral("   [") +
                                                                         plain(line.source) + QLatin1Char(']'));
    }
    sheet_->setColumnWidth(0, 60);
    sheet_->setColumnWidth(1, 300);
    sheet_->setColumnWidth(2, 90);
    sheet_->setColumnWidth(3, 60);
    sheet_->setColumnWidth(4, 70);
}

// A diamond before each line that differs from the stored calculation.
void FindingsView::markChangedLines(const report::DensityReport& base) {
    const auto lines = base.computed.sheet();
    for (int row = 0; row < std::min(sheet_->rowCount(), static_cast<int>(lines.size())); ++row) {
        const WorkedLine& line = lines[static_cast<std::size_t>(row)];
        const bool same = sheet_->item(row, 2)->text() == plain(line.value) &&
                          sheet_->item(row, 4)->text() == plain(line.plusMinus);
        if (!same)
            sheet_->item(row, 1)->setText(QStringLiteral("◆ ") + sheet_->item(row, 1)->text());
    }
}

void FindingsView::copySheet() {
    QGuiApplication::clipboard()->setText(QString::fromStdString(sheetText_));
}

} // namespace fusain::desktop
