#include "desktop/window/lock.hpp"

#include "desktop/widgets/appearance.hpp"
#include "desktop/widgets/parts.hpp"
#include "report/base/words.hpp"
#include "store/book/signatures.hpp"

#include <QApplication>
#include <QKeyEvent>
#include <QVBoxLayout>

namespace fusain::desktop {

LockCover::LockCover(Session& session, QWidget* window, Why why)
    : QDialog(window, Qt::FramelessWindowHint | Qt::Dialog), session_(session), who_(new QComboBox),
      passphrase_(new QLineEdit), said_(label({}, "warning")) {
    setObjectName(QStringLiteral("lock"));
    setAccessibleName(tr("Locked"));
    setModal(true);
    setGeometry(QRect(window->mapToGlobal(QPoint(0, 0)), window->size()));
    who_->setAccessibleName(tr("Who you are"));
    for (const Staff& staff : session.book().staff())
        if (why == Why::Start || session.signatures().keyOf(staff.id)) {
            who_->addItem(report::plain(staff.name), report::plain(staff.id));
            if (staff.id == session.atTheBench().id)
                who_->setCurrentIndex(who_->count() - 1);
        }
    passphrase_->setEchoMode(QLineEdit::Password);
    passphrase_->setAccessibleName(tr("Passphrase"));
    passphrase_->setPlaceholderText(tr("passphrase"));
    auto* open = button(why == Why::Idle ? tr("Unlock") : tr("Take the bench"), true);
    auto* middle = new QVBoxLayout;
    middle->setSpacing(scaled(10));
    middle->addWidget(label(why == Why::Idle ? tr("Locked") : tr("Who is at the bench?"), "title"));
    middle->addWidget(label(
        why == Why::Idle ? tr("Running tests and recordings continue.") : tr("Whoever has a passphrase types it."), "soft"));
    for (QWidget* each : std::initializer_list<QWidget*>{who_, passphrase_, open, said_})
        middle->addWidget(each);
    if (why == Why::Start) { // nothing runs yet
        auto* leave = button(tr("Close Fusain"));
        middle->addWidget(leave);
        connect(leave, &QPushButton::clicked, qApp, &QApplication::quit);
        connect(leave, &QPushButton::clicked, this, &QDialog::accept);
    }
    auto* box = new QWidget;
    box->setFixedWidth(scaled(360));
    box->setLayout(middle);
    auto* layout = new QVBoxLayout(this);
    layout->addStretch();
    layout->addWidget(box, 0, Qt::AlignHCenter);
    layout->addStretch();
    connect(open, &QPushButton::clicked, this, &LockCover::unlock);
    connect(passphrase_, &QLineEdit::returnPressed, this, &LockCover::unlock);
    open->setAutoDefault(false);
    passphrase_->setFocus();
}

void LockCover::unlock() {
    const std::string id = who_->currentData().toString().toStdString(),
                      said = passphrase_->text().toStdString();
    passphrase_->clear();
    const auto right = session_.signatures().isPassphraseOf(id, said);
    if (!right)
        return announce(said_, report::say(right.error().what));
    if (id != session_.atTheBench().id)
        for (const Staff& staff : session_.book().staff())
            if (staff.id == id && !session_.setAtTheBench(staff, said))
                return;
    accept();
}

Lock::Lock(Session& session, QWidget* window) : QObject(window), session_(session), window_(window) {
    idle_.setSingleShot(true);
    connect(&idle_, &QTimer::timeout, this, &Lock::lockNow);
    qApp->installEventFilter(this);
    lockAfter(session.own().value(QLatin1String(lockAfterKey), usualLockAfter).toInt());
}

void Lock::lockAfter(double minutes) {
    constexpr double millisecondsAMinute = 60000.0;
    idle_.setInterval(static_cast<int>(minutes * millisecondsAMinute));
    minutes > 0.0 ? idle_.start() : idle_.stop();
}

QString Lock::obstacle() const {
    return session_.signatures().keyOf(session_.atTheBench().id)
               ? QString()
               : tr("Only somebody with a passphrase can lock: set one under Settings, People.");
}

void Lock::lockNow() {
    if (obstacle().isEmpty())
        cover(LockCover::Why::Idle);
}

void Lock::askWhoItIs() {
    if (session_.atTheBench().id.empty() && !session_.book().staff().empty())
        cover(LockCover::Why::Start);
}

void Lock::cover(LockCover::Why why) {
    if (cover_)
        return;
    QWidget* above = QApplication::activeModalWidget();
    LockCover cover(session_, above ? above->window() : window_, why);
    cover.setGeometry(QRect(window_->mapToGlobal(QPoint(0, 0)), window_->size()));
    cover_ = &cover;
    cover.exec();
    cover_ = nullptr;
    (above ? above->window() : window_)->activateWindow();
    if (idle_.interval() > 0)
        idle_.start();
}

bool Lock::eventFilter(QObject* watched, QEvent* event) {
    switch (event->type()) {
    case QEvent::KeyPress:
    case QEvent::MouseButtonPress:
    case QEvent::MouseMove:
    case QEvent::Wheel:
        if (idle_.isActive())
            idle_.start();
        break;
    default:
        break;
    }
    return QObject::eventFilter(watched, event);
}

} // namespace fusain::desktop

#include "moc_lock.cpp"
