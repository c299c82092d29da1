#include "desktop/views/findings_view.hpp"

#include "desktop/services/computing.hpp"
#include "desktop/widgets/appearance.hpp"
#include "procedure/method/sheet.hpp"
#include "record/all/record.hpp"
#include "record/library/catalogue.hpp"
#include "report/base/words.hpp"
#include "report/figures/field_figure.hpp"
#include "report/figures/rule_figure.hpp"
#include "report/method/reference_rule.hpp"
#include "report/pages/result_figures.hpp"

#include <QClipboard>
#include <QGuiApplication>
#include <QHeaderView>
#include <QScrollArea>
#include <cmath>

namespace fusain::desktop {
namespace {

using report::plain;

} // namespace

FindingsView::~FindingsView() = default;

FindingsView::FindingsView(Session& session, QWidget* parent)
    : QWidget(parent), session_(session), sentences_(label({}, "")),
      rule_(new FigureView(tr("Body fat on its scale"), 108)), statements_(new StatementList),
      pictures_(new FigureGrid(session)), page_(new QScrollArea),
      sheet_(table({tr(""), tr("quantity"), tr("value"), tr("unit"), tr("SE"), tr("how")}, tr("Worked sheet"))),
      lineDetail_(label({}, "soft")), whatIfResidual_(new QLineEdit), whatIfConversion_(new QComboBox),
      whatIfPolicy_(new QComboBox), whatIfNote_(label({}, "warning")) {
    whatIfResidual_->setPlaceholderText(tr("lung gas, L"));
    whatIfResidual_->setAccessibleName(tr("What if the residual volume, or the thoracic gas, were, litres"));
    whatIfConversion_->setAccessibleName(tr("What if the conversion were"));
    whatIfPolicy_->setAccessibleName(tr("What if the policy were"));
    whatIfPolicy_->addItem(tr("policy of the test"), QString());
    for (const AnyPolicy& policy : session.catalogue().policies)
        whatIfPolicy_->addItem(report::say(std::string_view(common(policy).title)), plain(common(policy).id));
    auto* copy = button(tr("Copy worked sheet"));

    auto* whatIf = new QHBoxLayout;
    whatIf->addWidget(label(tr("What if"), "heading", false));
    whatIfResidual_->setMaximumWidth(scaled(140));
    whatIfConversion_->setMaximumWidth(scaled(190));
    whatIfPolicy_->setMaximumWidth(scaled(240));
    for (QWidget* widget : std::initializer_list<QWidget*>{whatIfResidual_, whatIfConversion_, whatIfPolicy_})
        whatIf->addWidget(widget);
    whatIf->addStretch();
    whatIf->addWidget(copy);
    auto* whatIfRow = new QWidget;
    whatIfRow->setLayout(whatIf);
    whatIf->setContentsMargins(0, 0, 0, 0);

    auto* content = new QWidget;
    auto* inside = new QVBoxLayout(content);
    inside->setContentsMargins(0, 0, scaled(8), 0);
    inside->setSpacing(scaled(10));
    inside->addWidget(statements_);
    inside->addWidget(rule_);
    inside->addWidget(pictures_);
    inside->addWidget(label(tr("All findings"), "heading"));
    inside->addWidget(sentences_);
    inside->addWidget(whatIfRow);
    inside->addWidget(whatIfNote_);
    inside->addWidget(sheet_);
    inside->addWidget(lineDetail_);
    page_->setObjectName(QStringLiteral("plain"));
    page_->setAccessibleName(tr("Findings"));
    page_->setWidget(content);
    page_->setWidgetResizable(true);
    page_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->addWidget(page_);
    whatIfNote_->hide();
    sheet_->setMinimumHeight(scaled(420));
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
    test_ = std::make_unique<AnyTest>(test);
    if (another) {
        const QSignalBlocker a(whatIfResidual_), b(whatIfConversion_), c(whatIfPolicy_);
        whatIfResidual_->clear();
        offerEquations(test);
        whatIfPolicy_->setCurrentIndex(0);
    }
    recompute();
}

// What can be tried in place of the chosen conversion: of density to fat, or of impedance to fat-free mass.
void FindingsView::offerEquations(const AnyTest& test) {
    whatIfConversion_->clear();
    whatIfConversion_->addItem(tr("equation as chosen"), QString());
    Methods::with(methodOf(test), [this]<class Method> {
        const auto choices = Running<Method>::equationsToTry();
        whatIfResidual_->setVisible(Running<Method>::triesLungGas);
        whatIfConversion_->setVisible(!choices.empty());
        for (const EquationChoice& choice : choices)
            whatIfConversion_->addItem(report::say(std::string_view(choice.title)), report::plain(choice.id));
    });
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
    const auto report = session_.computing().reportOn(*test_, whatIf, policy);
    if (!report)
        return showOnly(report::say(report.error()));
    const bool trying = policy || !whatIf.empty();
    whatIfNote_->setVisible(trying);
    const auto base = trying ? session_.computing().reportOn(*test_) : report;
    if (trying && base && report->composition() && base->composition())
        whatIfNote_->setText(tr("What if: %1 % instead of %2 %. Nothing stored changes.")
                                 .arg(number(report->composition()->fatPercent.estimate().value(), 1),
                                      number(base->composition()->fatPercent.estimate().value(), 1)));
    statements_->showReport(*report);
    fillSentences(*report);
    fillFigures(*report);
    fillSheet(*report);
    if (trying && base)
        markChangedLines(*base);
}

void FindingsView::showNothing() {
    test_.reset();
    showOnly({});
}

// Pictures and sheet of the test before must not stand under another name.
void FindingsView::showOnly(const QString& words) {
    sentences_->setText(words);
    whatIfNote_->hide();
    rule_->hide();
    statements_->clear();
    pictures_->showFigures({});
    sheet_->setRowCount(0);
    sheetText_.clear();
    lineDetails_.clear();
    lineDetail_->clear();
}

void FindingsView::fillSentences(const report::TestReport& report) {
    QStringList lines;
    for (const Message& sentence : report::findingsOf(report))
        lines << report::sentence(sentence);
    if (const auto* composition = report.composition()) {
        const auto pattern =
            weightPattern(*composition, session_.catalogue().referenceFor("fat-mass-index"),
                          session_.catalogue().referenceFor("fat-free-mass-index"), report.record().subject);
        lines.insert(1, tr("Build against the reference, for height (FMI and FFMI): %1.")
                            .arg(report::say(patternText(pattern))));
    }
    for (const OtherMethod& other : report.sameDay)
        lines.insert(
            1, tr("The same day by %1: %2 % fat. Difference %3, where the two can differ by ± %4 (95 %). %5")
                   .arg(report::say(methodTitle(other.method)), report::number(other.fatPercent.value(), 1),
                        report::signedNumber(other.difference.value(), 1),
                        report::number(other.halfInterval.value(), 1), report::say(other.likelyCause)));
    sentences_->setText(lines.join(QLatin1Char('\n')));
}

void FindingsView::fillFigures(const report::TestReport& report) {
    const report::Palette& palette = session_.palette();
    const auto* composition = report.composition();
    const auto rule = composition ? std::optional(report::fatRule(report))
                                  : report.visit([]<class Method>(const report::OwnReport<Method>& own) {
                                        return report::Reported<Method>::valueOfTheDay(own);
                                    });
    rule_->setVisible(rule.has_value());
    if (rule)
        rule_->setPaint([rule = *rule, &palette](QPainter& painter, const QRectF& area) {
            report::paintRule(painter, area, rule, palette);
        });

    pictures_->showFigures(report::figuresOf(report));
}

void FindingsView::fillSheet(const report::TestReport& report) {
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
    sheet_->setColumnWidth(0, scaled(60));
    sheet_->setColumnWidth(1, scaled(300));
    sheet_->setColumnWidth(2, scaled(90));
    sheet_->setColumnWidth(3, scaled(60));
    sheet_->setColumnWidth(4, scaled(70));
}

// A diamond before each line that differs from the stored calculation.
void FindingsView::markChangedLines(const report::TestReport& base) {
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

#include "moc_findings_view.cpp"
