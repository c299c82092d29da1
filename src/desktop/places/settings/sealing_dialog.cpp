#include "desktop/places/settings/sealing_dialog.hpp"

#include "desktop/widgets/appearance.hpp"
#include "desktop/widgets/dialog_foot.hpp"
#include "desktop/widgets/page_preview.hpp"
#include "desktop/widgets/parts.hpp"
#include "report/base/words.hpp"
#include "report/pages/phrase_page.hpp"
#include "store/book/sealed_names.hpp"

#include <QDateTime>
#include <QVBoxLayout>

namespace fusain::desktop {

PhraseDialog::PhraseDialog(Session& session, const QString& act, QWidget* parent)
    : QDialog(parent), session_(session), phrase_(store::SealedNames::newPhrase()), typed_(new QLineEdit) {
    setObjectName(QStringLiteral("phrase"));
    setWindowTitle(tr("Recovery phrase"));
    resize(scaled(620), scaled(400));
    auto* shown = label(report::plain(phrase_), "found");
    shown->setTextInteractionFlags(Qt::TextSelectableByMouse | Qt::TextSelectableByKeyboard);
    shown->setAccessibleName(tr("Recovery phrase"));
    typed_->setAccessibleName(tr("Last group of the phrase"));
    typed_->setMaximumWidth(scaled(140));
    auto* printed = button(tr("Print…"));
    auto* column = new QVBoxLayout(this);
    column->addWidget(
        label(tr("This phrase opens the names when all passphrases are lost. It is shown only now. "
                 "Print it or write it down, and lock it away where the computer is not.")));
    column->addWidget(shown);
    column->addLayout(inOneRow({printed}));
    column->addWidget(label(tr("Type its last group to show that you have it.")));
    column->addWidget(typed_);
    column->addStretch();
    const DialogFoot foot = footOf(this, act);
    foot.primary->setEnabled(false);
    column->addWidget(foot.box);
    connect(printed, &QPushButton::clicked, this, &PhraseDialog::print);
    connect(typed_, &QLineEdit::textChanged, this, [this, primary = foot.primary](const QString& typed) {
        const QString last = report::plain(phrase_).section(QLatin1Char('-'), -1);
        primary->setEnabled(typed.trimmed().compare(last, Qt::CaseInsensitive) == 0);
    });
    typed_->setFocus();
}

void PhraseDialog::print() {
    PagePreview page;
    page.setPages(report::phrasePage(session_.letterhead(), report::plain(phrase_),
                                     QDateTime::fromMSecsSinceEpoch(session_.now().milliseconds).date()));
    page.print();
}

} // namespace fusain::desktop

#include "moc_sealing_dialog.cpp"
