#include "desktop/window/shell.hpp"
#include "desktop/services/book_care.hpp"
#include "store/transfer/data_files.hpp"
#include <QApplication>
#include <QElapsedTimer>
#include <QTemporaryDir>
using namespace fusain; using namespace fusain::desktop;
int main(int argc, char** argv) {
    qputenv("QT_QPA_PLATFORM", "offscreen");
    QElapsedTimer t; t.start();
    auto lap=[&](const char* w){ std::printf("%-28s %lld ms\n", w, (long long)t.restart()); };
    QApplication application(argc, argv); lap("QApplication");
    report::loadFonts(QStringLiteral(FUSAIN_SOURCE_DIR "/data/fonts")); lap("fonts");
    const Clock clock=[]{ return *instantFromIso("2026-03-12T07:40:00.000Z"); };
    auto book = store::LabBook::openOrCreate(argc>1? QString::fromLocal8Bit(argv[1]) : QStringLiteral("/dev/shm/zz.fusain"), clock); lap("open");
    auto cat=*store::readCatalogue(QStringLiteral(FUSAIN_SOURCE_DIR "/data")); lap("catalogue");
    Session session(std::move(*book), cat, clock); lap("session");
    { DayPlace p(session); lap("day"); }
    { ClientsPlace p(session); lap("clients"); }
    { BenchPlace p(session); lap("bench"); }
    { QualityPlace p(session); lap("quality"); }
    { LibraryPlace p(session); lap("library"); }
    Shell shell(session); lap("shell");
    shell.show(); lap("show");
    QApplication::processEvents(); lap("events");
    shell.open(PlaceName::Clients); lap("open clients");
    QApplication::processEvents(); lap("events");
    session.setDark(true); lap("dark"); QApplication::processEvents(); lap("events");
    session.setDark(false); lap("light"); QApplication::processEvents(); lap("events");
    std::printf("%lld widgets\n", (long long)QApplication::allWidgets().size());
    
    const QString sheet = qApp->styleSheet(); qApp->setStyleSheet(sheet+" "); lap("sheet"); for(int i=0;i<6;++i) qApp->setStyleSheet(sheet+QString(i+2, QLatin1Char(32))); lap("6 sheets");
    shell.open(PlaceName::Clients); lap("refresh");
}
