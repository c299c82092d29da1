#include "report/pages/phrase_page.hpp"

#include "report/base/words.hpp"

#include <QCoreApplication>

namespace fusain::report {

PageFlow phrasePage(const Letterhead& lab, const QString& phrase, const QDate& day) {
    PageFlow flow(tr("%1 · recovery phrase").arg(plain(lab.name)), lab);
    flow.title(tr("Recovery phrase of the lab book"));
    flow.paragraph(day.toString(Qt::ISODate), 10.5, printPalette().softInk);
    flow.rule();
    flow.gap(18.0);
    flow.headline(phrase);
    flow.gap(18.0);
    flow.paragraph(tr("This phrase opens the names of all clients of this lab book, without any passphrase."));
    flow.paragraph(tr("Lock this page away, where the computer is not. Whoever has both reads every name."));
    flow.paragraph(
        tr("It is needed when all passphrases are lost: choose \"Recovery phrase\" where Fusain asks who is "
           "at the bench. Without passphrases and phrase nobody can restore the names."));
    return flow;
}

} // namespace fusain::report
