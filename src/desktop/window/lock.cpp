#include "desktop/window/lock.hpp"

#include "desktop/widgets/appearance.hpp"
#include "desktop/widgets/ask.hpp"
#include "desktop/widgets/parts.hpp"
#include "report/base/words.hpp"
#include "store/book/signatures.hpp"

#include <QApplication>
#include <QKeyEvent>
#include <QVBoxLayout>
#include <algorithm>

namespace fusain::desktop {

LockCover::LockCover(Session& session, QWidget* window, Why why)
    : QDialog(window, Qt::FramelessWindowHint | Qt::Dialog), session_(session), who_(new QComboBox),
      passphrase_(secretField(tr("Passphrase"))), said_(label({}, "warning")) {
    setObjectName(QStringLiteral("lock"));
    setAccessibleName(tr("Locked"));
    setModal(true);
    offer(why);
    connect(who_, &QComboBox::currentIndexChanged, this, &LockCover::sayWhatOpens);
    sayWhatOpens();
    auto* open = button(why == Why::Idle ? tr("Unlock") : tr("Take the bench"), true);
    auto* middle = new QVBoxLayout;
    middle->setSpacing(scaled(10));
    middle->addWidget(label(why == Why::Idle ? tr("Locked") : tr("Who is at the bench?"), "title"));
    middle->addWidget(label(why == Why::Idle ? tr("Running tests and recordings continue.")
                            : why == Why::Sealed
                                ? tr("Names are sealed in this lab book. Your passphrase opens them.")
                                : tr("Enter your passphrase if you have one."),
                            "soft"));
    for (QWidget* each : std::initializer_list<QWidget*>{who_, passphrase_, open, said_})
        middle->addWidget(each);
    if (why != Why::Idle && !session.run()) { // nothing runs yet
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

void LockCover::offer(Why why) {
    who_->setAccessibleName(tr("Who you are"));
    const auto holders = session_.signatures().sealedNames().holders();
    for (const Staff& staff : session_.book().staff()) {
        const bool offered = why == Why::Sealed ? std::ranges::find(holders, staff.id) != holders.end()
                                                : why == Why::Start || session_.signatures().keyOf(staff.id);
        if (!offered)
            continue;
        who_->addItem(report::plain(staff.name), report::plain(staff.id));
        if (staff.id == session_.atTheBench().id)
            who_->setCurrentIndex(who_->count() - 1);
    }
    if (why == Why::Sealed)
        who_->addItem(tr("Recovery phrase"), QString());
}

void LockCover::sayWhatOpens() {
    const bool pin = session_.pins().has(who_->currentData().toString().toStdString(), session_.now());
    passphrase_->setPlaceholderText(pin ? tr("passphrase or PIN") : tr("passphrase"));
}

// The phrase opens names and takes nobody's place at the bench.
Expected<void> LockCover::tryToOpen(const std::string& staff, const std::string& said) {
    if (staff.empty() && session_.signatures().sealedNames().on())
        return session_.signatures().openNames(said);
    return session_.isThemselves(staff, said);
}

void LockCover::unlock() {
    const std::string id = who_->currentData().toString().toStdString(),
                      said = passphrase_->text().toStdString();
    passphrase_->clear();
    const bool sealed = session_.signatures().sealedNames().locked();
    const auto right = tryToOpen(id, said);
    if (!right)
        return announce(said_, report::say(right.error().what));
    if (sealed)
        session_.report({}); // names are read again
    if (!id.empty() && id != session_.atTheBench().id)
        for (const Staff& staff : session_.book().staff())
            if (staff.id == id && !session_.setAtTheBench(staff, said))
                return;
    accept();
}

Lock::Lock(Session& session, QWidget* window) : QObject(window), session_(session), window_(window) {
    idle_.setSingleShot(true);
    connect(&idle_, &QTimer::timeout, this, &Lock::lockNow);
    connect(&session, &Session::recorded, this, &Lock::touched); // nobody is locked out of a reading that runs
    // Another workstation took a key away, or sealed names.
    connect(&session, &Session::changed, this, [this] {
        if (session_.signatures().sealedNames().locked())
            QTimer::singleShot(0, this, &Lock::askWhoItIs);
    });
    qApp->installEventFilter(this);
    lockAfter(session.own().value(QLatin1String(lockAfterKey), usualLockAfter).toInt());
}

void Lock::lockAfter(double minutes) {
    constexpr double millisecondsAMinute = 60000.0;
    idle_.setInterval(static_cast<int>(minutes * millisecondsAMinute));
    minutes > 0.0 ? idle_.start() : idle_.stop();
}

void Lock::touched() {
    if (idle_.interval() > 0 && !cover_)
        idle_.start();
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
    if (session_.signatures().sealedNames().locked())
        cover(LockCover::Why::Sealed);
    if (session_.atTheBench().id.empty() && !session_.book().staff().empty())
        cover(LockCover::Why::Start);
}

void Lock::cover(LockCover::Why why) {
    if (cover_)
        return;
    QWidget* above = QApplication::activeModalWidget();
    QWidget* front = above ? above->window() : window_;
    LockCover cover(session_, front, why);
    cover.setGeometry(
        window_->frameGeometry().united(front->frameGeometry())); // a dialog may be the larger one
    cover_ = &cover;
    cover.exec();
    cover_ = nullptr;
    front->activateWindow();
    touched();
}

bool Lock::eventFilter(QObject* watched, QEvent* event) {
    switch (event->type()) {
    case QEvent::KeyPress:
    case QEvent::MouseButtonPress:
    case QEvent::MouseMove:
    case QEvent::Wheel:
        touched();
        break;
    default:
        break;
    }
    return QObject::eventFilter(watched, event);
}

} // namespace fusain::desktop

#include "moc_lock.cpp"
