#include "link/instrument_hub.hpp"
#include "link/simulation/simulated_lab.hpp"

#include <CLI/CLI.hpp>
#include <QCoreApplication>
#include <QDateTime>
#include <algorithm>
#include <iostream>

int main(int argc, char** argv) {
    CLI::App cli{"Simulated instruments of a body-composition lab", "fusain-instruments"};
    std::uint64_t seed = 1;
    int firstPort = 0;
    bool terminals = false;
    fusain::simulation::VirtualPerson person;
    fusain::simulation::LabFaults faults;
    cli.add_option("--seed", seed, "Seed of the random numbers: the same seed and cues give the same readings");
    cli.add_option("--port", firstPort, "First TCP port; 0 takes free ones");
    cli.add_flag("--terminals", terminals, "Use pseudo-terminals instead of TCP ports");
    cli.add_option("--mass", person.dryMass, "Dry mass of the person, kg");
    cli.add_option("--net", person.netUnderwaterMass, "Net underwater mass of the person, kg");
    cli.add_option("--vital-capacity", person.vitalCapacity, "Vital capacity of the person, L BTPS");
    cli.add_option("--learning", person.learning, "Air held back in the first trial, L");
    cli.add_flag("--fault-scale-unstable", faults.scaleUnstable, "The floor scale never settles");
    cli.add_flag("--fault-scale-offset", faults.scaleOffset, "The floor scale reads 0.4 kg high");
    cli.add_flag("--fault-zero-drift", faults.zeroDrift, "The load cell drifts 2 g a second");
    cli.add_flag("--fault-breathing", faults.incompleteBreathingOut, "The person goes on breathing out slowly");
    cli.add_flag("--fault-wall", faults.wallTouch, "The person touches the wall");
    cli.add_flag("--fault-splash", faults.splash, "Splashing during the whole trial");
    cli.add_flag("--fault-thermometer", faults.thermometerDead, "The thermometer is dead");
    cli.add_flag("--fault-spirometer", faults.spirometerLeak, "Efforts end early");
    int chamberSpeed = 1;
    cli.add_option("--chamber-speed", chamberSpeed, "How many times faster than life the chamber plays");
    cli.add_option("--tissue-volume", person.inChamber.tissueVolume, "Body volume without lung air, L");
    cli.add_option("--thoracic-gas", person.inChamber.meanThoracicGas, "Mean thoracic gas, L");
    cli.add_flag("--fault-cylinder-left", faults.chamber.cylinderLeft,
                 "The calibration cylinder is still inside");
    cli.add_flag("--fault-door", faults.chamber.doorOpen, "The chamber's door is not shut");
    cli.add_flag("--fault-draught", faults.chamber.draught, "A draught about the chamber");
    cli.add_flag("--fault-moves", faults.chamber.moves, "The person in the chamber moves");
    cli.add_flag("--fault-coughs", faults.chamber.coughs, "The person in the chamber coughs");
    cli.add_flag("--fault-loose-air", faults.chamber.looseAir, "No cap, or loose clothing");
    cli.add_flag("--fault-warm", faults.chamber.warmDamp, "The person in the chamber is warm and damp");
    cli.add_flag("--fault-chamber-scale", faults.chamberScaleOffset, "The chamber's scale reads 0.1 kg high");
    int analyzerSpeed = 1;
    bool standing = false, contactLost = false;
    cli.add_option("--analyzer-speed", analyzerSpeed,
                   "How many times faster than life a sweep of the analyzer runs");
    cli.add_flag("--standing", standing, "The analyzer has contacts under hands and feet");
    cli.add_flag("--fault-contact", contactLost, "An electrode of the left arm has poor contact");
    cli.add_flag("--fault-socks", faults.analyzer.socks, "The person wears socks");
    cli.add_flag("--fault-crossed", faults.analyzer.crossedLeads, "Two sense leads are crossed");
    cli.add_flag("--fault-talking", faults.analyzer.talking, "The person talks");
    cli.add_flag("--fault-drift", faults.analyzer.warmUpDrift, "The analyzer is not warm");
    std::string scanFolder;
    int scanSpeed = 1;
    cli.add_option("--scan-folder", scanFolder, "Where the densitometer leaves its scans");
    cli.add_option("--scan-speed", scanSpeed, "How many times faster than life a scan runs");
    cli.add_option("--code", person.code, "Code of the client that the densitometer writes on its scans");
    cli.add_flag("--fault-arm-outside", faults.scanner.armOutside,
                 "An arm lies half outside the field of the scan");
    cli.add_flag("--fault-lines", faults.scanner.linesWrong, "A shoulder line is drawn wrong");
    cli.add_flag("--fault-metal", faults.scanner.metal, "Metal lies on the person in the scan");
    cli.add_flag("--fault-scan-moves", faults.scanner.moves, "The person moves during the scan");
    cli.add_option("--phantom-off", faults.phantomOff, "Points of fat that the densitometer has drifted");
    cli.add_option("--analyzer-off", faults.analyzerOff, "Relative error of the analyzer on its test module");
    cli.add_flag("--fault-room", faults.roomFrozen, "The barometer is stuck at 300 mmHg");
    cli.add_flag("--fault-garbage", faults.garbage, "Every fifth line is noise");
    cli.set_version_flag("--version", std::string("fusain-instruments ") + FUSAIN_VERSION);
    CLI11_PARSE(cli, argc, argv);

    if (contactLost)
        faults.analyzer.badContact = fusain::impedance::Segment::LeftArm;
    QCoreApplication application(argc, argv);
    fusain::simulation::SimulatedLab lab(seed, person, faults);
    lab.setChamberSpeed(std::max(1, chamberSpeed));
    lab.setScanner(
        QString::fromStdString(scanFolder), [] { return fusain::Instant{QDateTime::currentMSecsSinceEpoch()}; },
        std::max(1, scanSpeed));
    fusain::simulation::AnalyzerModel analyzer;
    if (standing)
        analyzer.geometry = fusain::impedance::ElectrodeGeometry::StandingContact;
    lab.setAnalyzer(analyzer, std::max(1, analyzerSpeed));
    for (const QString& role : fusain::link::InstrumentHub::roles()) {
        if (terminals) {
            const QString path = lab.openTerminal(role);
            if (path.isEmpty())
                return std::cerr << "No pseudo-terminal for " << role.toStdString() << ".\n", 1;
            std::cout << role.toStdString() << " serial:" << path.toStdString() << ":9600:none" << std::endl;
        } else {
            const quint16 port = lab.openTcp(role, static_cast<quint16>(firstPort == 0 ? 0 : firstPort++));
            if (port == 0)
                return std::cerr << "No TCP port for " << role.toStdString() << ".\n", 1;
            std::cout << role.toStdString() << " tcp:127.0.0.1:" << port << std::endl;
        }
    }
    return QCoreApplication::exec();
}
