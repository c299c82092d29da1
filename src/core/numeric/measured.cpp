#include "core/numeric/measured.hpp"

#include "core/base/message.hpp"

#include <algorithm>

namespace fusain {

std::string_view sourceName(Source source) {
    switch (source) {
    case Source::DryMass:
        return FUSAIN_TEXT("dry mass");
    case Source::UnderwaterReading:
        return FUSAIN_TEXT("underwater reading");
    case Source::BetweenTrials:
        return FUSAIN_TEXT("between trials");
    case Source::ResidualVolume:
        return FUSAIN_TEXT("residual volume");
    case Source::GutGas:
        return FUSAIN_TEXT("gut gas");
    case Source::WaterTemperature:
        return FUSAIN_TEXT("water temperature");
    case Source::VolumeTrials:
        return FUSAIN_TEXT("volume trials");
    case Source::Calibration:
        return FUSAIN_TEXT("calibration of the chamber");
    case Source::ThoracicGas:
        return FUSAIN_TEXT("thoracic gas");
    case Source::SurfaceArea:
        return FUSAIN_TEXT("body surface area");
    case Source::Resistance:
        return FUSAIN_TEXT("resistance reading");
    case Source::Reactance:
        return FUSAIN_TEXT("reactance reading");
    case Source::PredictionEquation:
        return FUSAIN_TEXT("the equation for one person");
    case Source::ElectrodeConversion:
        return FUSAIN_TEXT("conversion of the electrodes");
    case Source::ScanFat:
        return FUSAIN_TEXT("fat of the scan");
    case Source::ScanLean:
        return FUSAIN_TEXT("lean of the scan");
    case Source::ScanMass:
        return FUSAIN_TEXT("mass of the scan");
    case Source::ScanBone:
        return FUSAIN_TEXT("bone mineral of the scan");
    case Source::ScanModel:
        return FUSAIN_TEXT("the densitometer for this person");
    case Source::FatFreeDensity:
        return FUSAIN_TEXT("fat-free density of this person");
    case Source::ModelAssumption:
        return FUSAIN_TEXT("what the model assumes of this person");
    case Source::DilutionWater:
        return FUSAIN_TEXT("body water by dilution");
    case Source::LungPrediction:
        return FUSAIN_TEXT("predicted lung volume for this person");
    case Source::LungOfTheDay:
        return FUSAIN_TEXT("lung volume of this day");
    case Source::BodyWaterOfTheDay:
        return FUSAIN_TEXT("body water of this day");
    case Source::GutContentOfTheDay:
        return FUSAIN_TEXT("gut content of this day");
    case Source::ResistanceOfTheDay:
        return FUSAIN_TEXT("resistance of this day");
    case Source::ReactanceOfTheDay:
        return FUSAIN_TEXT("reactance of this day");
    case Source::SpectrumOfTheDay:
        return FUSAIN_TEXT("spectrum of this day");
    case Source::TapeReading:
        return FUSAIN_TEXT("readings of the tape");
    case Source::HipReading:
        return FUSAIN_TEXT("readings of the hip");
    case Source::TapeScale:
        return FUSAIN_TEXT("the tape");
    case Source::LandmarkOfTheDay:
        return FUSAIN_TEXT("landmark and breath of this day");
    case Source::HipOfTheDay:
        return FUSAIN_TEXT("landmark of the hip of this day");
    case Source::Count:
        break;
    }
    return "";
}

std::string_view kindText(SourceKind kind) {
    switch (kind) {
    case SourceKind::Repeat:
        return "repeat";
    case SourceKind::Day:
        return "day";
    case SourceKind::Person:
        break;
    }
    return "person";
}

std::vector<BudgetLine> varianceBudget(const Uncertain& value) {
    double variance = 0.0;
    std::vector<BudgetLine> lines;
    for (std::size_t i = 0; i < sourceCount; ++i) {
        const auto source = static_cast<Source>(i);
        const double error = std::abs(value.shares()[i]);
        if (error == 0.0)
            continue;
        variance += error * error;
        lines.push_back({source, error, 0.0});
    }
    for (BudgetLine& line : lines)
        line.fraction = line.standardError * line.standardError / variance;
    std::ranges::sort(lines, std::greater<>(), &BudgetLine::standardError);
    return lines;
}

} // namespace fusain
