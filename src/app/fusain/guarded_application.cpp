#include "fusain/guarded_application.hpp"

#include <QMessageBox>
#include <iostream>

namespace fusain {

bool GuardedApplication::notify(QObject* receiver, QEvent* event) {
    try {
        return QApplication::notify(receiver, event);
    } catch (const std::exception& error) {
        std::cerr << "fusain: " << error.what() << '\n';
        QMessageBox::warning(activeWindow(), QCoreApplication::translate("main", "That did not work"),
                             QCoreApplication::translate(
                                 "main", "Something unexpected was in a file or in the lab book: %1\n\n"
                                         "Everything accepted so far is kept. Please report this.")
                                 .arg(QString::fromUtf8(error.what())));
        return true;
    }
}

} // namespace fusain
