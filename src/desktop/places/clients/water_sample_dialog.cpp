#include "desktop/places/clients/water_sample_dialog.hpp"

#include "desktop/widgets/appearance.hpp"
#include "desktop/widgets/dialog_foot.hpp"
#include "report/base/words.hpp"

#include <QVBoxLayout>

namespace fusain::desktop {

using compartments::Enrichment;
using compartments::Tracer;

WaterSampleDialog::WaterSampleDialog(Instant day, Kilograms mass, std::string by, QWidget* parent)
    : QDialog(parent), day_(day), mass_(mass), by_(std::move(by)), how_(new QComboBox), unit_(new QComboBox),
      dose_(new ValueField(tr("Dose of pure tracer water"), QStringLiteral("g"))),
      before_(new ValueField(tr("Enrichment before the dose"), {})),
      after_(new ValueField(tr("Enrichment at equilibrium"), {})),
      litres_(new ValueField(tr("Body water, as reported"), QStringLiteral("L"))),
      words_(label({}, "verdict")) {
    setWindowTitle(tr("Body water by dilution"));
    setMinimumSize(scaled(600), scaled(460));
    how_->setAccessibleName(tr("What was reported"));
    how_->addItem(tr("Deuterium (²H₂O): dose and enrichments"));
    how_->addItem(tr("Oxygen-18 (H₂¹⁸O): dose and enrichments"));
    how_->addItem(tr("Litres of body water"));
    unit_->setAccessibleName(tr("Unit of the enrichments"));
    unit_->addItem(tr("mg of tracer water per kg of water"));
    unit_->addItem(tr("ppm of atoms"));
    auto* layout = new QVBoxLayout(this);
    layout->addWidget(label(tr("Samples of %1. Dose and water of the samples are weighed; the tracer's space "
                               "is divided by %2 (deuterium) or %3 (oxygen-18).")
                                .arg(report::day(day_), number(compartments::overfill(Tracer::Deuterium), 3),
                                     number(compartments::overfill(Tracer::Oxygen18), 3)),
                            "soft"));
    layout->addLayout(inOneRow({how_, unit_}));
    for (ValueField* field : {dose_, before_, after_, litres_}) {
        layout->addWidget(field);
        connect(field, &ValueField::edited, this, &WaterSampleDialog::judge);
    }
    layout->addWidget(words_);
    layout->addStretch(1);
    const DialogFoot foot = footOf(this, tr("Save body water"));
    keep_ = foot.primary;
    layout->addWidget(foot.box);
    connect(how_, &QComboBox::currentIndexChanged, this, &WaterSampleDialog::judge);
    connect(unit_, &QComboBox::currentIndexChanged, this, &WaterSampleDialog::judge);
    judge();
}

Expected<WaterSample> WaterSampleDialog::sample() const {
    const auto missing = [](Message what) { return failure(std::move(what)); };
    WaterSample sample;
    if (how_->currentIndex() == 2) {
        if (!litres_->value())
            return missing({FUSAIN_TEXT("Type the litres."), {}});
        sample = {day_, by_, Litres(*litres_->value()), {}};
    } else {
        if (!dose_->value() || !before_->value() || !after_->value())
            return missing({FUSAIN_TEXT("Type the dose and both enrichments."), {}});
        sample = waterSampleFrom(
            {how_->currentIndex() == 0 ? Tracer::Deuterium : Tracer::Oxygen18,
             Kilograms(*dose_->value() / 1000.0),
             unit_->currentIndex() == 0 ? Enrichment::MilligramsPerKilogram : Enrichment::AtomsPerMillion,
             *before_->value(), *after_->value()},
            day_, by_);
    }
    if (auto problem = problemWith(sample, mass_))
        return tl::unexpected(std::move(*problem));
    return sample;
}

void WaterSampleDialog::judge() {
    const bool litres = how_->currentIndex() == 2;
    for (QWidget* each : {static_cast<QWidget*>(unit_), static_cast<QWidget*>(dose_),
                          static_cast<QWidget*>(before_), static_cast<QWidget*>(after_)})
        each->setVisible(!litres);
    litres_->setVisible(litres);
    const auto found = sample();
    keep_->setEnabled(found.has_value());
    words_->setText(found ? tr("%1 L of body water, %2 % of the mass; SE %3 L.")
                                .arg(number(found->water.value(), 1),
                                     number(100.0 * found->water.value() / mass_.value(), 0),
                                     number(compartments::dilutionWaterError.value(), 1))
                          : report::say(found.error()));
}

} // namespace fusain::desktop

#include "moc_water_sample_dialog.cpp"
