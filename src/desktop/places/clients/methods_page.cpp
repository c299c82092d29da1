#include "desktop/places/clients/methods_page.hpp"

#include "desktop/places/clients/water_sample_dialog.hpp"
#include "desktop/services/body_waters.hpp"
#include "desktop/services/computing.hpp"
#include "desktop/services/cross_calibrations.hpp"
#include "desktop/widgets/appearance.hpp"
#include "record/all/record.hpp"
#include "report/base/words.hpp"
#include "report/figures/spindles_figure.hpp"
#include "report/pages/visit_report.hpp"

#include <QVBoxLayout>
#include <algorithm>
#include <cmath>

namespace fusain::desktop {
MethodsPage::MethodsPage(Session& session)
    : session_(session), day_(new QComboBox), water_(button(tr("Body water by dilution…"))),
      values_(new FigureView(tr("Fat by every method of the day"), 230)),
      pairs_(
          table({tr("methods"), tr("difference"), tr("limit (95 %)"), tr("verdict")}, tr("Methods in pairs"))),
      inputs_(label({}, "soft")), reference_(new QComboBox), other_(new QComboBox), agreement_(label({})),
      adopt_(button(tr("Adopt as cross-calibration"))) {
    day_->setAccessibleName(tr("Day"));
    day_->setMinimumWidth(scaled(360));
    reference_->setAccessibleName(tr("Reference method"));
    other_->setAccessibleName(tr("Other method"));
    for (const std::string_view method : methods)
        for (QComboBox* box : {reference_, other_})
            box->addItem(report::say(methodTitle(method)),
                         QString::fromUtf8(method.data(), static_cast<qsizetype>(method.size())));
    reference_->setCurrentIndex(0);
    other_->setCurrentIndex(1);
    pairs_->setColumnWidth(0, scaled(280));
    pairs_->setColumnWidth(1, scaled(90));
    pairs_->setColumnWidth(2, scaled(100));
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 8, 0, 0);
    layout->addLayout(inOneRow({label(tr("Day"), "soft", false), day_, water_}));
    layout->addWidget(values_, 3);
    layout->addWidget(inputs_);
    layout->addWidget(pairs_, 2);
    layout->addWidget(label(tr("Agreement over everybody of this lab who had both on one day"), "heading"));
    layout->addLayout(inOneRow({reference_, label(tr("and"), "soft", false), other_, adopt_}));
    layout->addWidget(agreement_);
    connect(adopt_, &QPushButton::clicked, this, &MethodsPage::adopt);
    connect(water_, &QPushButton::clicked, this, &MethodsPage::addWater);
    connect(day_, &QComboBox::currentIndexChanged, this, &MethodsPage::showDay);
    connect(reference_, &QComboBox::currentIndexChanged, this, &MethodsPage::showAgreement);
    connect(other_, &QComboBox::currentIndexChanged, this, &MethodsPage::showAgreement);
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
    agreement_->setText(tr("Choose two methods: everybody of this lab who had both on one day is looked up."));
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
                    report::signedNumber(pair.difference, 1), number(pair.halfInterval, 1),
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

// Read once for two methods, and again only when the lab book has grown.
const MethodsPage::Everybody& MethodsPage::everybody() {
    const std::string reference = reference_->currentData().toString().toStdString(),
                      other = other_->currentData().toString().toStdString();
    const std::int64_t events = session_.book().eventCount();
    if (everybody_.events == events && everybody_.reference == reference && everybody_.other == other)
        return everybody_;
    everybody_ = {events, reference, other, {}, {}};
    if (reference == other)
        return everybody_;
    for (const AnyTest& test : session_.book().testsOfBoth(reference, other))
        if (common(test).state == TestState::Signed)
            if (auto result = session_.computing().computed(test))
                everybody_.tests.push_back(std::move(*result));
    everybody_.pairs = pairedFat(everybody_.tests, reference, other, &report::sameDay);
    return everybody_;
}

// From now on a value by the first method may be held against one by the second.
void MethodsPage::adopt() {
    if (session_.atTheBench().role != Role::Physiologist) {
        session_.report(failure({FUSAIN_TEXT("The physiologist adopts a cross-calibration."), {}}));
        return;
    }
    const Everybody& people = everybody();
    const auto line = quality::demingLine(people.pairs);
    if (!line) {
        session_.report(failure({FUSAIN_TEXT("There are too few people measured by both."), {}}));
        return;
    }
    const auto error = [&](const std::string& method) {
        return meanVisitError(people.tests, method,
                              session_.computing().precisionOf(method, session_.atTheBench().id).fatPercent);
    };
    const auto adopted = crossCalibrationFrom(*line, people.reference, people.other, error(people.reference),
                                              error(people.other), session_.now());
    session_.report(adopted ? desktop::adopt(session_.book(), *adopted, session_.atTheBench().id)
                            : Expected<void>(tl::unexpected(adopted.error())));
    showAgreement();
}

void MethodsPage::showAgreement() {
    const Everybody& people = everybody();
    const auto& pairs = people.pairs;
    const auto adopted = adoptedCalibration(session_.book(), people.reference, people.other);
    const QString since = adopted ? tr(" Adopted on %1 from %2 people: converted values are marked.")
                                        .arg(report::day(adopted->adopted))
                                        .arg(adopted->people)
                                  : QString();
    const auto agreement = quality::agreementOf(pairs);
    const auto line = quality::demingLine(pairs);
    if (!agreement || !line) {
        agreement_->setText(
            tr("%1 people had both; at least three are needed to say anything.").arg(pairs.size()) + since);
        return;
    }
    const auto range = [](const quality::WithInterval& value, int decimals) {
        return tr("%1 (%2 to %3)")
            .arg(number(value.value, decimals), number(value.low, decimals), number(value.high, decimals));
    };
    agreement_->setText(
        tr("%1 people. The second minus the first: %2 points of fat; limits of agreement %3 and %4. "
           "Concordance %5. "
           "Line through both errors: slope %6, intercept %7.%8 %9")
            .arg(agreement->people)
            .arg(range(agreement->bias, 1), range(agreement->lower, 1), range(agreement->upper, 1),
                 range(agreement->concordance, 2), range(line->slope, 2), range(line->intercept, 1),
                 agreement->proportionalP < 0.05 ? tr(" The difference depends on the level.") : QString(),
                 agreement->people < quality::crossCalibrationPeople
                     ? tr("A cross-calibration needs %1 people over the whole range.")
                           .arg(quality::crossCalibrationPeople)
                     : QString()) +
        since);
}

} // namespace fusain::desktop

#include "moc_methods_page.cpp"
