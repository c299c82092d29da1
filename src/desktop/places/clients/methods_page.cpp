#include "desktop/places/clients/methods_page.hpp"

#include "desktop/places/clients/water_sample_dialog.hpp"
#include "desktop/services/body_waters.hpp"
#include "desktop/services/computing.hpp"
#include "desktop/widgets/appearance.hpp"
#include "record/all/record.hpp"
#include "report/base/words.hpp"
#include "report/figures/spindles_figure.hpp"
#include "report/pages/visit_report.hpp"

#include <QVBoxLayout>
#include <algorithm>

namespace fusain::desktop {
MethodsPage::MethodsPage(Session& session)
    : session_(session), day_(new QComboBox), water_(button(tr("Body water by dilution…"))),
      values_(new FigureView(tr("Fat by every method of the day"), 230)),
      pairs_(
          table({tr("methods"), tr("difference"), tr("limit (95 %)"), tr("verdict")}, tr("Methods in pairs"))),
      inputs_(label({}, "soft")) {
    day_->setAccessibleName(tr("Day"));
    day_->setMinimumWidth(scaled(360));
    pairs_->setColumnWidth(0, scaled(280));
    pairs_->setColumnWidth(1, scaled(90));
    pairs_->setColumnWidth(2, scaled(100));
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 8, 0, 0);
    layout->addLayout(inOneRow({label(tr("Day"), "soft", false), day_, water_}));
    layout->addWidget(values_, 3);
    layout->addWidget(inputs_);
    layout->addWidget(pairs_, 2);
    connect(water_, &QPushButton::clicked, this, &MethodsPage::addWater);
    connect(day_, &QComboBox::currentIndexChanged, this, &MethodsPage::showDay);
}

void MethodsPage::showTests(const std::string& clientId, const std::vector<AnyTest>& tests) {
    clientId_ = clientId;
    days_.clear();
    for (const AnyTest& test : tests) {
        if (common(test).state != TestState::Signed)
            continue;
        auto result = session_.computing().computed(test);
        if (!result || !result->composition())
            continue;
        const QString name = report::day(common(test).startedAt);
        auto day = std::ranges::find(days_, name, &Day::name);
        if (day == days_.end())
            day = days_.insert(days_.end(), {name, {}});
        day->tests.push_back(std::move(*result));
    }
    std::ranges::stable_sort(days_, std::ranges::greater(), [](const Day& day) { return day.tests.size(); });
    {
        const QSignalBlocker blocker(day_);
        day_->clear();
        for (const Day& day : days_)
            day_->addItem(tr("%1: %2 tests").arg(day.name).arg(day.tests.size()));
    }
    showDay();
}

const MethodsPage::Day* MethodsPage::chosenDay() const {
    const int row = day_->currentIndex();
    return row >= 0 && row < static_cast<int>(days_.size()) ? &days_[static_cast<std::size_t>(row)] : nullptr;
}

void MethodsPage::addWater() {
    const Day* day = chosenDay();
    if (!day)
        return;
    const ComputedTest test = day->tests.front(); // the page may be filled anew behind the dialog
    WaterSampleDialog dialog(test.record().startedAt, test.shared().mass, session_.atTheBench().id, this);
    if (dialog.exec() != QDialog::Accepted)
        return;
    if (const auto sample = dialog.sample())
        session_.report(keepBodyWater(session_.book(), test.record().subject.clientId, *sample));
    showDay();
}

void MethodsPage::showDay() {
    pairs_->setRowCount(0);
    std::vector<report::NamedSpindle> rows;
    QStringList inputs;
    water_->setEnabled(chosenDay() != nullptr);
    if (const Day* chosen = chosenDay()) {
        const MethodsOfADay day =
            acrossMethods(chosen->tests, bodyWaterOn(bodyWatersOf(session_.book(), clientId_),
                                                     chosen->tests.front().record().startedAt));
        rows = report::spindlesOf(day);
        for (const MethodPair& pair : day.pairs)
            setRow(pairs_, pairs_->rowCount(),
                   {tr("%1 − %2").arg(report::say(methodTitle(day.values[pair.first].method)),
                                      report::say(methodTitle(day.values[pair.second].method))),
                    report::signedNumber(pair.difference.value(), 1), number(pair.halfInterval.value(), 1),
                    pair.agrees() ? tr("no further apart than expected")
                                  : tr("further apart than expected. ") + report::say(pair.likelyCause)});
        for (const Message& input : day.inputs)
            inputs << report::say(input);
        if (day.best)
            inputs << report::inTogether(day);
        if (day.models.empty())
            inputs << tr(
                "Three and four components need density and body water of one day, the fourth bone mineral.");
    }
    inputs_->setText(inputs.join(QLatin1Char(' ')));
    values_->setPaint([rows, &palette = session_.palette()](QPainter& painter, const QRectF& area) {
        report::paintSpindles(painter, area, rows, palette);
    });
}

} // namespace fusain::desktop

#include "moc_methods_page.cpp"
