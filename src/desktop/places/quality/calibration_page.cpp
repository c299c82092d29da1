#include "desktop/places/quality/calibration_page.hpp"

#include "desktop/services/computing.hpp"
#include "desktop/services/lab_policies.hpp"
#include "desktop/services/text_files.hpp"
#include "exchange/impedance/calibration_csv.hpp"
#include "record/all/record.hpp"
#include "record/base/json.hpp"
#include "report/base/words.hpp"

#include <QVBoxLayout>

namespace fusain::desktop {
namespace {

QString wordsFor(const impedance::PairedRegression& line) {
    return QObject::tr("R gel = %1 + %2 · R contact, ± %3 Ω for one person, from %4 people between %5 and %6 Ω")
        .arg(number(line.intercept.value(), 1), number(line.slope, 4),
             number(line.residualDeviation.value(), 1))
        .arg(line.people)
        .arg(number(line.lowest.value(), 0), number(line.highest.value(), 0));
}

QString wordsFor(const impedance::SegmentModel& model) {
    QStringList lines{QObject::tr("Apparent resistivities (n = %1):").arg(model.people)};
    for (const auto& [segment, resistivity] : model.resistivity)
        lines << QObject::tr("%1: %2 Ω·cm, ± %3 % for one person")
                     .arg(report::say(impedance::segmentName(segment)), number(resistivity, 1),
                          number(100.0 * model.relativeError.at(segment), 1));
    return lines.join(QLatin1Char('\n'));
}

} // namespace

CalibrationPage::CalibrationPage(Session& session)
    : session_(session), kind_(new QComboBox), sex_(new QComboBox), inForce_(label({})), fitted_(label({})),
      adopt_(button(tr("Adopt it for new tests"), true)) {
    kind_->addItem(tr("Contacts to gel electrodes, whole body"));
    kind_->addItem(tr("Segments against the lab's densitometer"));
    sex_->addItem(tr("women"));
    sex_->addItem(tr("men"));
    kind_->setAccessibleName(tr("Kind of calibration"));
    sex_->setAccessibleName(tr("Whom it is for"));
    auto* import = button(tr("Import people measured by both…"));
    auto* layout = new QVBoxLayout(this);
    layout->addLayout(inOneRow({kind_, sex_, import}));
    layout->addWidget(label(
        tr("Needed: n ≥ %1 of one sex for the electrodes, n ≥ %2 for the segments. Without them results are "
           "raw, or are called an uncalibrated estimate.")
            .arg(impedance::leastPairs)
            .arg(impedance::leastCalibrationCases),
        "soft"));
    layout->addWidget(label(tr("In force"), "heading"));
    layout->addWidget(inForce_);
    layout->addWidget(label(tr("Fitted now"), "heading"));
    layout->addWidget(fitted_);
    layout->addLayout(inOneRow({adopt_}));
    layout->addStretch();
    connect(import, &QPushButton::clicked, this, &CalibrationPage::load);
    connect(adopt_, &QPushButton::clicked, this, &CalibrationPage::adopt);
    for (QComboBox* box : {kind_, sex_})
        connect(box, &QComboBox::currentIndexChanged, this, [this] {
            pending_ = Document();
            fitted_->clear();
            refresh();
        });
}

Sex CalibrationPage::sex() const {
    return sex_->currentIndex() == 1 ? Sex::Male : Sex::Female;
}

void CalibrationPage::choose(int kind, Sex whose) {
    kind_->setCurrentIndex(kind);
    sex_->setCurrentIndex(whose == Sex::Male ? 1 : 0);
}

std::string CalibrationPage::setting() const {
    const auto& policy = std::get<ImpedancePolicy>(session_.policies().inForce(methodImpedance));
    return (kind_->currentIndex() == ContactToGel ? std::string("calibration.contact-to-gel")
                                                  : "calibration.segments." + geometryText(policy.geometry)) +
           "." + std::string(sexText(sex()));
}

void CalibrationPage::refresh() {
    const AnyPolicy any = session_.policies().forNewTest(methodImpedance);
    const auto& policy = std::get<ImpedancePolicy>(any);
    const auto line = policy.contactToGel.find(sex());
    const auto segments = policy.segments.find(sex());
    QString words = tr("None yet.");
    if (kind_->currentIndex() == ContactToGel && line != policy.contactToGel.end())
        words = wordsFor(line->second);
    if (kind_->currentIndex() == Segments && segments != policy.segments.end())
        words = wordsFor(segments->second);
    for (const Event& event : session_.book().eventsOf(setting()))
        words +=
            QLatin1Char('\n') + tr("adopted by %1 on %2")
                                    .arg(QString::fromStdString(session_.computing().staffNames()(event.by)),
                                         report::day(event.at));
    inForce_->setText(words);
    adopt_->setEnabled(!pending_->is_null());
}

void CalibrationPage::load() {
    if (const auto chosen = chooseText(session_, this, tr("People measured by both"), tr("Tables (*.csv)")))
        fit(chosen->text, chosen->path);
}

void CalibrationPage::fit(const std::string& text, const std::string& where) {
    pending_ = Document();
    fitted_->clear();
    const auto keep = [&](auto fitted) {
        if (!fitted) {
            session_.report(tl::unexpected(fitted.error()));
            return;
        }
        pending_ = toJson(*fitted);
        fitted_->setText(wordsFor(*fitted));
    };
    if (kind_->currentIndex() == ContactToGel) {
        const auto pairs = exchange::pairsFromCsv(text, where);
        pairs ? keep(impedance::fitPairs(*pairs)) : (void)session_.report(tl::unexpected(pairs.error()));
    } else {
        const auto cases = exchange::calibrationCasesFromCsv(text, where);
        cases ? keep(impedance::calibrateSegments(*cases))
              : (void)session_.report(tl::unexpected(cases.error()));
    }
    refresh();
}

void CalibrationPage::adopt() {
    if (!pending_->is_null() &&
        session_.report(session_.book().setSetting(setting(), pending_->dump(), session_.atTheBench().id))) {
        pending_ = Document();
        fitted_->clear();
        refresh();
    }
}

} // namespace fusain::desktop

#include "moc_calibration_page.cpp"
