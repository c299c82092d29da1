// Opening the Quality place on an instrument with 10,000 checks, in the real window without a screen, against
// the bare query of the same rows.
#include "desktop/places/quality/quality_place.hpp"
#include "desktop/widgets/appearance.hpp"
#include "store/transfer/data_files.hpp"
#include "support.hpp"

#include <QApplication>
#include <QElapsedTimer>
#include <QSqlDatabase>
#include <QSqlQuery>
#include <QTemporaryDir>
#include <cstdio>
#include <random>

namespace {

using namespace fusain;

Instant hour(int number) {
    return instantFromIso("2025-01-01T00:00:00.000Z")->plusMinutes(60.0 * number);
}

} // namespace

int main(int argc, char** argv) {
    qputenv("QT_QPA_PLATFORM", "offscreen");
    QApplication application(argc, argv);
    const QTemporaryDir folder(QStringLiteral("/dev/shm/fusain-bench-XXXXXX"));
    const QString path = folder.filePath(QStringLiteral("lab.fusain"));
    const Clock clock = [] { return hour(10001); };
    auto catalogue = store::readCatalogue(QStringLiteral(FUSAIN_SOURCE_DIR "/data"));
    auto book = store::LabBook::create(path, clock);
    if (!book || !catalogue)
        return 1;
    std::mt19937_64 random(1);
    for (int i = 0; i < 10000; ++i) {
        const double reading = 50.0 + std::normal_distribution(0.0, 0.01)(random);
        const auto kept = (*book)->save(Check{"c" + std::to_string(i),
                                              "chamber",
                                              "cylinder-volume",
                                              hour(i),
                                              50.0,
                                              reading,
                                              true,
                                              "bram",
                                              {},
                                              {reading}},
                                        "bram");
        if (!kept)
            return 1;
    }
    desktop::Session session(std::move(*book), std::move(*catalogue), clock);
    desktop::QualityPlace place(session);
    place.resize(1100, 760);
    place.show();
    QApplication::processEvents();
    double opening = 1e9;
    for (int run = 0; run < 5; ++run) {
        place.showInstrument(QStringLiteral("thermometer"));
        QApplication::processEvents();
        QElapsedTimer timer;
        timer.start();
        place.showInstrument(QStringLiteral("chamber"));
        place.showPage(desktop::QualityPlace::Page::Chart);
        QApplication::processEvents();
        opening = std::min(opening, static_cast<double>(timer.nsecsElapsed()) / 1e6);
    }
    const double bare = std::min(
        bareQuery(path, QStringLiteral("SELECT * FROM checks WHERE instrument = 'chamber' ORDER BY at"),
                  [](const QVariant&) {}),
        bareQuery(path, QStringLiteral("SELECT * FROM checks WHERE instrument = 'chamber' ORDER BY at"),
                  [](const QVariant&) {}));
    std::printf(
        "control chart of 10,000 checks opened: %.1f ms (aim under 100), %.1f times the bare query of its "
        "rows\n",
        opening, opening / bare);
}
