#include "desktop/places/quality/agreement_page.hpp"

#include "desktop/services/background.hpp"
#include "desktop/services/computing.hpp"
#include "desktop/services/cross_calibrations.hpp"
#include "desktop/widgets/appearance.hpp"
#include "record/all/record.hpp"
#include "report/base/words.hpp"
#include "report/figures/agreement_figure.hpp"

#include <QVBoxLayout>
#include <memory>

namespace fusain::desktop {

AgreementPage::AgreementPage(Session& session)
    : session_(session), reference_(new QComboBox), other_(new QComboBox),
      adopt_(button(tr("Adopt as cross-calibration"))), words_(label({})),
      figure_(new FigureView(tr("Difference between two methods over their mean"), 380)) {
    reference_->setAccessibleName(tr("Reference method"));
    other_->setAccessibleName(tr("Other method"));
    for (const std::string_view method : session.ownedMethods())
        for (QComboBox* box : {reference_, other_})
            box->addItem(report::say(methodTitle(method)), report::plain(method));
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 8, 0, 0);
    layout->addLayout(inOneRow(
        {label(tr("Reference"), "soft", false), reference_, label(tr("and"), "soft", false), other_, adopt_}));
    layout->addWidget(words_);
    layout->addWidget(figure_, 1);
    layout->addStretch();
    connect(adopt_, &QPushButton::clicked, this, &AgreementPage::adopt);
    for (QComboBox* box : {reference_, other_})
        connect(box, &QComboBox::currentIndexChanged, this, &AgreementPage::refresh);
}

// Where most can be seen, until somebody chooses.
void AgreementPage::choosePair() {
    int most = -1;
    for (int i = 0; i < reference_->count(); ++i)
        for (int j = i + 1; j < other_->count(); ++j) {
            const int people = session_.book().clientsOfBoth(reference_->itemData(i).toString().toStdString(),
                                                             other_->itemData(j).toString().toStdString());
            if (people > most) {
                most = people;
                const QSignalBlocker first(reference_), second(other_);
                reference_->setCurrentIndex(i);
                other_->setCurrentIndex(j);
            }
        }
}

void AgreementPage::refresh() {
    if (people_.events < 0)
        choosePair();
    const std::string reference = reference_->currentData().toString().toStdString(),
                      other = other_->currentData().toString().toStdString();
    const std::int64_t events = session_.book().lastEvent();
    if (people_.events == events && people_.reference == reference && people_.other == other)
        return show();
    people_ = {events, reference, other, {}, {}};
    if (reference == other)
        return show();
    read();
}

// In slices: nobody waits for a book of years.
void AgreementPage::read() {
    auto tests =
        std::make_shared<std::vector<AnyTest>>(session_.book().testsOfBoth(people_.reference, people_.other));
    words_->setText(tr("Reading the tests…"));
    figure_->hide();
    session_.background().runInSlices(
        tr("Reading the tests"), tests->size(),
        [this, tests, events = people_.events](std::size_t i) -> Expected<void> {
            if (people_.events != events || common((*tests)[i]).state != TestState::Signed)
                return {};
            if (auto result = session_.computing().computed((*tests)[i]))
                people_.tests.push_back(std::move(*result));
            return {};
        },
        this,
        [this](const Expected<void>& read) {
            if (!read) {
                people_.events = -1;
                return words_->setText(report::say(read.error()));
            }
            people_.pairs = pairedFat(people_.tests, people_.reference, people_.other, &report::sameDay);
            show();
        });
}

void AgreementPage::show() {
    const auto adopted = adoptedCalibration(session_.book(), people_.reference, people_.other);
    const QString since = adopted ? tr(" Adopted on %1 from %2 people: converted values are marked.")
                                        .arg(report::day(adopted->adopted))
                                        .arg(adopted->people)
                                  : QString();
    const auto agreement = quality::agreementOf(people_.pairs);
    const auto line = quality::demingLine(people_.pairs);
    adopt_->setEnabled(line.has_value());
    figure_->setVisible(agreement.has_value());
    if (!agreement || !line)
        return words_->setText(tr("%n people had both; at least three are needed.", nullptr,
                                  static_cast<int>(people_.pairs.size())) +
                               since);
    const auto range = [](const quality::WithInterval& value, int decimals) {
        return tr("%1 (%2 to %3)")
            .arg(number(value.value, decimals), number(value.low, decimals), number(value.high, decimals));
    };
    QStringList sentences{
        tr("n = %1. Mean difference %2 %-points; 95 % limits of agreement %3 and %4.")
            .arg(agreement->people)
            .arg(range(agreement->bias, 1), range(agreement->lower, 1), range(agreement->upper, 1)),
        tr("Concordance %1. Deming regression: slope %2, intercept %3.")
            .arg(range(agreement->concordance, 2), range(line->slope, 2), range(line->intercept, 1))};
    if (agreement->proportionalP < 0.05)
        sentences << tr("The difference depends on the level.");
    if (agreement->people < quality::crossCalibrationPeople)
        sentences << tr("A cross-calibration needs n ≥ %1 over the whole range.")
                         .arg(quality::crossCalibrationPeople);
    words_->setText(sentences.join(QLatin1Char(' ')) + since);
    figure_->setPaint([model = report::AgreementModel{people_.pairs, *agreement, reference_->currentText(),
                                                      other_->currentText(), tr("%-points"), 1},
                       &palette = session_.palette()](QPainter& painter, const QRectF& area) {
        report::paintAgreement(painter, area, model, palette);
    });
}

// From now on a value by the first method may be held against one by the second.
void AgreementPage::adopt() {
    const auto line = quality::demingLine(people_.pairs);
    if (!line) {
        session_.report(failure({FUSAIN_TEXT("There are too few people measured by both."), {}}));
        return;
    }
    const auto error = [&](const std::string& method) {
        return meanVisitError(people_.tests, method,
                              session_.computing().precisionOf(method, session_.atTheBench().id).fatPercent);
    };
    const auto adopted = crossCalibrationFrom(*line, people_.reference, people_.other, error(people_.reference),
                                              error(people_.other), session_.now());
    session_.report(adopted ? desktop::adopt(session_.book(), *adopted, session_.atTheBench().id)
                            : Expected<void>(tl::unexpected(adopted.error())));
}

} // namespace fusain::desktop

#include "moc_agreement_page.cpp"
