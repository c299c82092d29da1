#include "desktop/bench/all/result_so_far.hpp"

#include "desktop/bench/chamber/method.hpp"
#include "desktop/bench/girth/method.hpp"
#include "desktop/bench/impedance/method.hpp"
#include "desktop/bench/scan/method.hpp"
#include "desktop/bench/tank/method.hpp"
#include "desktop/services/computing.hpp"
#include "desktop/widgets/appearance.hpp"
#include "procedure/all/procedure.hpp"
#include "procedure/method/sheet.hpp"
#include "record/all/record.hpp"
#include "report/base/words.hpp"
#include "report/method/reference_rule.hpp"
#include "report/pages/result_figures.hpp"

#include <QHeaderView>
#include <QVBoxLayout>

namespace fusain::desktop {

ResultSoFar::ResultSoFar(Session& session)
    : session_(session), value_(label({}, "live", false)), interval_(label({}, "", true)),
      rule_(new FigureView(tr("Body fat on its scale"), 100)),
      errors_(new FigureView(tr("Where the interval comes from"), 150)),
      sheet_(table({tr("quantity"), tr("value")}, tr("Worked sheet"))) {
    value_->setObjectName(QStringLiteral("found"));
    sheet_->setColumnWidth(0, scaled(146));
    wrapLines(*sheet_);
    sheet_->setMinimumHeight(scaled(120));
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(4);
    layout->addWidget(value_);
    layout->addWidget(interval_);
    layout->addWidget(rule_);
    layout->addWidget(sheet_, 1);
    layout->addWidget(errors_);
}

void ResultSoFar::refresh() {
    const AnyTest test = snapshotOf(*session_.run());
    // Computed alone, without what a report compares it with: it is shown at every key.
    const auto computed = session_.computing().computed(test);
    const auto* body = computed ? computed->composition() : nullptr;
    for (QWidget* part : std::initializer_list<QWidget*>{value_, rule_, errors_})
        part->setVisible(body != nullptr);
    if (!body) {
        interval_->setText(computed ? QString() : tr("No result yet: readings are missing."));
        interval_->setVisible(!computed);
        if (computed)
            showSheet(computed->sheet());
        else
            showReadings(test);
        return;
    }
    interval_->show();
    const auto fat = body->fatPercent.estimate().value();
    const auto interval = report::spindleOf(body->fatPercent);
    value_->setText(tr("%1 % fat").arg(report::number(fat, 1)));
    interval_->setText(
        tr("95 % CI %1 to %2 %")
            .arg(report::number(fat - interval.halfWidth, 1), report::number(fat + interval.halfWidth, 1)));
    const report::Palette& palette = session_.palette();
    auto rule = report::referenceRule(tr("Body fat"), QStringLiteral("%"), interval, 5.0,
                                      session_.computing().referencesFor(*computed).fat,
                                      computed->record().subject, std::nullopt);
    rule.said = true;
    rule.reference = rule.reference.section(QLatin1Char(';'), 0, 0); // whom it is of stands with the findings
    rule_->setPaint([rule, &palette](QPainter& painter, const QRectF& area) {
        report::paintRule(painter, area, rule, palette);
    });
    errors_->setPaint([errors = report::errorsFigure(body->fatPercent), &palette](
                          QPainter& painter, const QRectF& area) { errors.paint(painter, area, palette); });
    showSheet(computed->sheet());
}

void ResultSoFar::showSheet(const std::vector<WorkedLine>& lines) {
    QList<QStringList> rows;
    for (const WorkedLine& line : lines)
        if (!line.symbol.empty())
            rows << QStringList{report::say(line.name),
                                report::written(line.value) + QLatin1Char(' ') + report::plain(line.unit)};
    fill(rows);
}

void ResultSoFar::showReadings(const AnyTest& test) {
    QList<QStringList> rows;
    Methods::with(methodOf(test), [&]<class Method> {
        for (const QStringList& reading :
             AtTheBench<Method>::readings(std::get<typename Method::Record>(test), session_.units()))
            rows << reading;
    });
    fill(rows);
}

void ResultSoFar::fill(const QList<QStringList>& rows) {
    sheet_->setRowCount(static_cast<int>(rows.size()));
    for (int row = 0; row < rows.size(); ++row)
        setRow(sheet_, row, rows[row]);
}

} // namespace fusain::desktop

#include "moc_result_so_far.cpp"
