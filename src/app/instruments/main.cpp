#include "link/connection/instrument_hub.hpp"
#include "link/simulation/all/simulated_lab.hpp"

#include <QCommandLineParser>
#include <QCoreApplication>
#include <QDateTime>
#include <algorithm>
#include <cmath>
#include <functional>
#include <iostream>

namespace {

/// An option with a value; what it stands for is kept by `keep`, which is false for a value that is none.
struct Option {
    const char* name;
    const char* help;
    std::function<bool(const QString&)> keep;
};
/// An option that is there or not.
struct Flag {
    const char* name;
    const char* help;
    bool* value;
};

std::function<bool(const QString&)> into(double& target) {
    return [&target](const QString& text) {
        bool good = false;
        target = text.toDouble(&good);
        return good && std::isfinite(target);
    };
}
std::function<bool(const QString&)> into(int& target) {
    return [&target](const QString& text) {
        bool good = false;
        target = text.toInt(&good);
        return good;
    };
}
std::function<bool(const QString&)> into(std::string& target) {
    return [&target](const QString& text) {
        target = text.toStdString();
        return true;
    };
}

/// Everything that can be set from the command line.
struct Settings {
    int seed = 1, firstPort = 0, chamberSpeed = 1, analyzerSpeed = 1, scanSpeed = 1;
    bool terminals = false, standing = false, contactLost = false;
    std::string scanFolder;
    fusain::simulation::VirtualPerson person;
    fusain::simulation::LabFaults faults;

    std::vector<Option> options() {
        return {
            {"seed", "Seed of the random numbers: the same seed and cues give the same readings", into(seed)},
            {"port", "First TCP port; 0 takes free ones", into(firstPort)},
            {"mass", "Dry mass of the person, kg", into(person.dryMass)},
            {"net", "Net underwater mass of the person, kg", into(person.netUnderwaterMass)},
            {"vital-capacity", "Vital capacity of the person, L BTPS", into(person.vitalCapacity)},
            {"learning", "Air held back in the first trial, L", into(person.learning)},
            {"chamber-speed", "How many times faster than life the chamber plays", into(chamberSpeed)},
            {"tissue-volume", "Body volume without lung air, L", into(person.inChamber.tissueVolume)},
            {"thoracic-gas", "Mean thoracic gas, L", into(person.inChamber.meanThoracicGas)},
            {"analyzer-speed", "How many times faster than life a sweep of the analyzer runs",
             into(analyzerSpeed)},
            {"scan-folder", "Where the densitometer leaves its scans", into(scanFolder)},
            {"scan-speed", "How many times faster than life a scan runs", into(scanSpeed)},
            {"code", "Code of the client that the densitometer writes on its scans", into(person.code)},
            {"phantom-off", "Points of fat that the densitometer has drifted", into(faults.phantomOff)},
            {"analyzer-off", "Relative error of the analyzer on its test module", into(faults.analyzerOff)},
        };
    }
    std::vector<Flag> flags() {
        return {
            {"terminals", "Use pseudo-terminals instead of TCP ports", &terminals},
            {"fault-scale-unstable", "The floor scale never settles", &faults.scaleUnstable},
            {"fault-scale-offset", "The floor scale reads 0.4 kg high", &faults.scaleOffset},
            {"fault-zero-drift", "The load cell drifts 2 g a second", &faults.zeroDrift},
            {"fault-breathing", "The client keeps breathing out slowly", &faults.incompleteBreathingOut},
            {"fault-wall", "The person touches the wall", &faults.wallTouch},
            {"fault-splash", "Splashing during the whole trial", &faults.splash},
            {"fault-thermometer", "The thermometer is dead", &faults.thermometerDead},
            {"fault-spirometer", "Efforts end early", &faults.spirometerLeak},
            {"fault-cylinder-left", "The calibration cylinder is still inside", &faults.chamber.cylinderLeft},
            {"fault-door", "The chamber's door is not shut", &faults.chamber.doorOpen},
            {"fault-draught", "A draught about the chamber", &faults.chamber.draught},
            {"fault-moves", "The person in the chamber moves", &faults.chamber.moves},
            {"fault-coughs", "The person in the chamber coughs", &faults.chamber.coughs},
            {"fault-loose-air", "No cap, or loose clothing", &faults.chamber.looseAir},
            {"fault-warm", "The person in the chamber is warm and damp", &faults.chamber.warmDamp},
            {"fault-chamber-scale", "The chamber's scale reads 0.1 kg high", &faults.chamberScaleOffset},
            {"standing", "The analyzer has contacts under hands and feet", &standing},
            {"fault-contact", "An electrode of the left arm has poor contact", &contactLost},
            {"fault-socks", "The person wears socks", &faults.analyzer.socks},
            {"fault-crossed", "Two sense leads are crossed", &faults.analyzer.crossedLeads},
            {"fault-talking", "The person talks", &faults.analyzer.talking},
            {"fault-drift", "The analyzer is not warm", &faults.analyzer.warmUpDrift},
            {"fault-arm-outside", "One arm is half outside the scan field", &faults.scanner.armOutside},
            {"fault-lines", "A shoulder line is drawn wrong", &faults.scanner.linesWrong},
            {"fault-metal", "Metal on the client during the scan", &faults.scanner.metal},
            {"fault-scan-moves", "The person moves during the scan", &faults.scanner.moves},
            {"fault-shirt", "The tape is laid over a thick shirt", &faults.tape.overShirt},
            {"fault-tight", "The tape is pulled tight", &faults.tape.pulledTight},
            {"fault-room", "The barometer is stuck at 300 mmHg", &faults.roomFrozen},
            {"fault-garbage", "Every fifth line is noise", &faults.garbage},
        };
    }
};

/// @return false, with a sentence on the error output, for a value that cannot be read
bool readSettings(const QCoreApplication& application, Settings& settings) {
    QCommandLineParser parser;
    parser.setApplicationDescription(QStringLiteral("Simulated instruments of a body-composition lab"));
    parser.addHelpOption();
    parser.addVersionOption();
    const auto options = settings.options();
    const auto flags = settings.flags();
    for (const Option& option : options)
        parser.addOption({QLatin1String(option.name), QLatin1String(option.help), QStringLiteral("value")});
    for (const Flag& flag : flags)
        parser.addOption({QLatin1String(flag.name), QLatin1String(flag.help)});
    parser.process(application);
    for (const Flag& flag : flags)
        *flag.value = parser.isSet(QLatin1String(flag.name));
    for (const Option& option : options)
        if (parser.isSet(QLatin1String(option.name)) &&
            !option.keep(parser.value(QLatin1String(option.name)))) {
            std::cerr << "--" << option.name << " needs a number.\n";
            return false;
        }
    return true;
}

} // namespace

int main(int argc, char** argv) {
    QCoreApplication application(argc, argv);
    QCoreApplication::setApplicationName(QStringLiteral("fusain-instruments"));
    QCoreApplication::setApplicationVersion(QStringLiteral(FUSAIN_VERSION));
    Settings settings;
    if (!readSettings(application, settings))
        return 1;
    auto& [seed, firstPort, chamberSpeed, analyzerSpeed, scanSpeed, terminals, standing, contactLost,
           scanFolder, person, faults] = settings;
    if (contactLost)
        faults.analyzer.badContact = fusain::impedance::Segment::LeftArm;
    fusain::simulation::SimulatedLab lab(static_cast<std::uint64_t>(seed), person, faults);
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
