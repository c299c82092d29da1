#include "desktop/window/help.hpp"

#include "desktop/widgets/appearance.hpp"
#include "desktop/widgets/parts.hpp"
#include "report/base/language.hpp"

#include <QFile>
#include <QTextBrowser>
#include <QTextTable>
#include <QVBoxLayout>

namespace fusain::desktop {
namespace {

QString handbook(const QString& folder) {
    for (const QString& language :
         {report::windowLanguage().section(QLatin1Char('_'), 0, 0), QStringLiteral("en")}) {
        QFile file(folder + QStringLiteral("/handbook.%1.md").arg(language));
        if (file.open(QIODevice::ReadOnly))
            return QString::fromUtf8(file.readAll());
    }
    return QObject::tr("The handbook is not installed.");
}

// Markdown says nothing of the look of a table.
void loosenTables(QTextDocument& document) {
    for (QTextFrame* frame : document.rootFrame()->childFrames())
        if (auto* table = qobject_cast<QTextTable*>(frame)) {
            QTextTableFormat format = table->format();
            format.setBorder(0);
            format.setCellPadding(5);
            format.setCellSpacing(0);
            table->setFormat(format);
        }
}

} // namespace

Help::Help(const QString& folder, QWidget* parent) : QDialog(parent) {
    setWindowTitle(tr("Help"));
    resize(scaled(860), scaled(680));
    auto* text = new QTextBrowser;
    text->setAccessibleName(tr("Handbook"));
    text->setMarkdown(handbook(folder));
    text->setOpenLinks(false);
    loosenTables(*text->document());
    auto* find = new QLineEdit;
    find->setPlaceholderText(tr("Find in the handbook"));
    find->setAccessibleName(find->placeholderText());
    auto* close = button(tr("Close"));
    auto* layout = new QVBoxLayout(this);
    layout->addWidget(find);
    layout->addWidget(text, 1);
    layout->addLayout(inOneRow({close}));
    const auto next = [text, find] {
        if (!find->text().isEmpty() && !text->find(find->text())) {
            text->moveCursor(QTextCursor::Start); // from the top again
            text->find(find->text());
        }
    };
    connect(find, &QLineEdit::returnPressed, this, next);
    connect(find, &QLineEdit::textChanged, this, [text, next] {
        text->moveCursor(QTextCursor::Start);
        next();
    });
    connect(close, &QPushButton::clicked, this, &QDialog::accept);
    close->setAutoDefault(false); // Enter finds the next place
    find->setFocus();
}

} // namespace fusain::desktop

#include "moc_help.cpp"
