#include "desktop/widgets/typing_pause.hpp"

#include <QCoreApplication>
#include <QKeyEvent>
#include <QWidget>

namespace fusain::desktop {
namespace {

bool isText(const QWidget& widget) {
    return widget.inherits("QLineEdit") || widget.inherits("QPlainTextEdit") || widget.inherits("QTextEdit") ||
           widget.inherits("QAbstractSpinBox");
}

} // namespace

TypingPause::TypingPause(QObject* parent) : QObject(parent) {
    QCoreApplication::instance()->installEventFilter(this);
}

bool TypingPause::eventFilter(QObject* watched, QEvent* event) {
    const bool press = event->type() == QEvent::KeyPress;
    if (!press && event->type() != QEvent::ShortcutOverride)
        return false;
    const auto* widget = qobject_cast<const QWidget*>(watched);
    const auto* key = static_cast<QKeyEvent*>(event);
    if (!widget || isText(*widget) ||
        (key->modifiers() & (Qt::ControlModifier | Qt::AltModifier | Qt::MetaModifier)))
        return false;
    if (const QString text = key->text(); press && !text.isEmpty() && text.front().isLetterOrNumber())
        since_.restart();
    if (key->key() != Qt::Key_Space || !holds())
        return false;
    event->accept(); // nor does a shortcut take it
    return true;
}

} // namespace fusain::desktop

#include "moc_typing_pause.cpp"
