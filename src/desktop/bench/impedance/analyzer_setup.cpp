#include "desktop/bench/impedance/analyzer_setup.hpp"

#include "report/base/words.hpp"

#include <QVBoxLayout>
#include <algorithm>

namespace fusain::desktop {

AnalyzerSetupDialog::AnalyzerSetupDialog(Session& session, ImpedanceProcedure& run, QWidget* parent)
    : QDialog(parent), session_(session), run_(run), geometry_(new QComboBox), electrodes_(new QComboBox),
      side_(new QComboBox), missing_(new QComboBox), firmware_(new QLineEdit),
      temperature_(new ValueField(tr("Skin of the limbs"), tr("°C"))) {
    setWindowTitle(tr("How it is connected"));
    const AnalyzerSetup& setup = run.test().setup;
    for (const auto geometry :
         {impedance::ElectrodeGeometry::SupineGel, impedance::ElectrodeGeometry::StandingContact})
        geometry_->addItem(report::say(impedance::geometryName(geometry)), static_cast<int>(geometry));
    geometry_->setCurrentIndex(static_cast<int>(setup.geometry));
    for (const int count : {2, 4, 8})
        electrodes_->addItem(tr("%1 electrodes").arg(count), count);
    electrodes_->setCurrentIndex(electrodes_->findData(setup.electrodes));
    for (const auto& [id, name] : {std::pair("right", tr("right side")), std::pair("left", tr("left side"))})
        side_->addItem(name, QLatin1String(id));
    side_->setCurrentIndex(setup.side == "left" ? 1 : 0);
    missing_->addItem(tr("no part is missing"), QString());
    for (const auto& [id, name] : {std::pair("left", tr("left")), std::pair("right", tr("right"))})
        for (const impedance::MissingPart& part : impedance::missingParts())
            missing_->addItem(tr("missing: %1 %2").arg(name, report::say(part.title)),
                              QStringLiteral("%1/%2").arg(
                                  QLatin1String(id),
                                  QString::fromUtf8(part.id.data(), static_cast<qsizetype>(part.id.size()))));
    if (!run.test().missingParts.empty())
        missing_->setCurrentIndex(missing_->findData(QString::fromStdString(run.test().missingParts.front())));
    firmware_->setText(QString::fromStdString(setup.firmware));
    firmware_->setPlaceholderText(tr("firmware of the analyzer"));
    if (setup.limbTemperature)
        temperature_->setValue(setup.limbTemperature->value(), 1);
    const std::pair<QWidget*, QString> named[] = {{geometry_, tr("Electrodes")},
                                                  {electrodes_, tr("Number of electrodes")},
                                                  {side_, tr("Measured side")},
                                                  {missing_, tr("Missing part")},
                                                  {firmware_, tr("Firmware")}};
    auto* layout = new QVBoxLayout(this);
    for (const auto& [widget, name] : named) {
        widget->setAccessibleName(name);
        layout->addWidget(widget);
    }
    layout->addWidget(temperature_);
    layout->addWidget(
        label(tr("Lengths by tape, where they were taken; others follow from the height."), "soft"));
    for (const impedance::Segment segment : impedance::bodySegments) {
        auto* field = lengths_[segment] =
            new ValueField(report::say(impedance::segmentName(segment)), tr("cm"));
        if (const auto taped = run.test().tapedLengths.find(segment); taped != run.test().tapedLengths.end())
            field->setValue(centimetres(taped->second), 1);
        layout->addWidget(field);
    }
    auto* accepted = button(tr("Save the set-up"), true);
    auto* back = button(tr("Go back"));
    layout->addLayout(inOneRow({accepted, back}));
    connect(accepted, &QPushButton::clicked, this, [this] {
        if (keep())
            accept();
    });
    connect(back, &QPushButton::clicked, this, &QDialog::reject);
}

bool AnalyzerSetupDialog::keep() {
    AnalyzerSetup setup = run_.test().setup;
    setup.geometry = static_cast<impedance::ElectrodeGeometry>(geometry_->currentData().toInt());
    setup.electrodes = electrodes_->currentData().toInt();
    setup.side = side_->currentData().toString().toStdString();
    setup.firmware = firmware_->text().trimmed().toStdString();
    if (const auto celsius = temperature_->value())
        setup.limbTemperature = Celsius(*celsius);
    bool good = session_.report(run_.setUp(setup));
    std::vector<std::string> missing;
    if (const QString part = missing_->currentData().toString(); !part.isEmpty())
        missing.push_back(part.toStdString());
    if (good && missing != run_.test().missingParts)
        good = session_.report(run_.setMissingParts(missing));
    for (const auto& [segment, field] : lengths_)
        if (const auto cm = field->value(); good && cm)
            good = session_.report(run_.tapeLength(segment, metresFromCentimetres(*cm)));
    return good;
}

} // namespace fusain::desktop

#include "moc_analyzer_setup.cpp"
