#include "fusain/guarded_application.hpp"

#include <QMessageBox>
#include <iostream>

namespace fusain {

bool GuardedApplication::notify(QObject* receiver, QEvent* event) {
    try {
        return QApplication::notify(receiver, event);
    } catch (const std::exception& error) {
        std::cerr << "fusain: " << error.what() << '\n';
        QMessageBox box(
            QMessageBox::Warning, QCoreApplication::translate("main", "That did not work"),
            QCoreApplication::translate("main", "Something unexpected was in a file or in the lab book: %1\n\n"
                                                "Everything accepted so far is kept. Please report this.")
                .arg(QString::fromUtf8(error.what())),
            QMessageBox::Ok, activeWindow());
        box.setTextFormat(Qt::PlainText); // the words may be those of a file
        box.exec();
        return true;
    }
}

} // namespace fusain
