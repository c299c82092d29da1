#include "desktop/views/look_on.hpp"

#include "desktop/services/computing.hpp"
#include "desktop/services/workstation.hpp"
#include "desktop/widgets/ask.hpp"
#include "desktop/widgets/parts.hpp"
#include "procedure/all/methods.hpp"
#include "procedure/all/procedure.hpp"
#include "record/all/record.hpp"
#include "report/base/words.hpp"

#include <QDialogButtonBox>
#include <QPushButton>
#include <QVBoxLayout>

namespace fusain::desktop {
namespace {

QListWidget* lookedAt(const QString& name) {
    auto* list = new QListWidget;
    list->setAccessibleName(name);
    list->setSelectionMode(QAbstractItemView::NoSelection);
    list->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    return list;
}

QStringList stepsOf(const Procedure& run) {
    static const std::map<StepState, const char*> marks{{StepState::Done, "✓  "},
                                                        {StepState::Current, "▶  "},
                                                        {StepState::Attention, "▲  "},
                                                        {StepState::Waiting, "·   "}};
    QStringList lines;
    for (int i = 0; i < static_cast<int>(run.steps().size()); ++i)
        lines << QString::fromUtf8(marks.at(run.stateOf(Step(i)))) + report::say(run.textOf(Step(i)).title);
    return lines;
}

QStringList sheetOf(Session& session, const AnyTest& test) {
    QStringList lines;
    if (const auto computed = session.computing().computed(test))
        for (const WorkedLine& line : computed->sheet())
            lines << QStringLiteral("%1   %2 %3")
                         .arg(report::say(std::string_view(line.name)), QString::fromStdString(line.value),
                              QString::fromStdString(line.unit));
    return lines.isEmpty() ? QStringList{QObject::tr("no result yet")} : lines;
}

void fill(QListWidget& list, const QStringList& lines) {
    list.clear();
    list.addItems(lines);
}

} // namespace

LookOn::LookOn(Session& session, const std::string& testId, QWidget* parent)
    : QDialog(parent), session_(session), testId_(testId), who_(label({}, "title")), where_(label({}, "soft")),
      steps_(lookedAt(tr("Steps"))), sheet_(lookedAt(tr("Result so far"))) {
    setObjectName(QStringLiteral("lookOn"));
    setWindowTitle(tr("On another workstation"));
    auto* column = new QVBoxLayout(this);
    column->addWidget(who_);
    column->addWidget(where_);
    auto* beside = new QHBoxLayout;
    beside->addWidget(steps_);
    beside->addWidget(sheet_, 1);
    column->addLayout(beside, 1);
    auto* foot = new QDialogButtonBox;
    auto* close = foot->addButton(tr("Close"), QDialogButtonBox::RejectRole);
    close->setDefault(true); // Enter alone takes nothing from anybody
    auto* take = foot->addButton(tr("Move the test here…"), QDialogButtonBox::ResetRole);
    take->setAutoDefault(false);
    connect(foot, &QDialogButtonBox::rejected, this, &LookOn::reject);
    connect(take, &QPushButton::clicked, this, &LookOn::takeOver);
    column->addWidget(foot);
    resize(scaled(760), scaled(560));
    connect(&session_, &Session::changed, this, &LookOn::refresh);
    refresh();
}

void LookOn::refresh() {
    const auto test = session_.book().test(testId_);
    if (!test)
        return reject();
    const auto client = session_.book().client(common(*test).subject.clientId);
    who_->setText(
        QStringLiteral("%1  ·  %2")
            .arg(client ? session_.nameOf(*client) : QString(), report::say(methodTitle(methodOf(*test)))));
    const QString elsewhere = session_.workstation().elsewhere(testId_);
    where_->setText(elsewhere.isEmpty()
                        ? tr("No workstation has it now.")
                        : tr("Read only: it is %1. What is accepted there is seen here.").arg(elsewhere));
    MemoryJournal nothing; // nobody writes from here
    const auto policy = policyOf(*test, session_.catalogue());
    const auto protocol = protocolOf(*test, session_.catalogue());
    const auto run = policy && protocol ? resumeTest(*policy, *protocol, session_.book().eventsOf(testId_),
                                                     session_.atTheBench(), nothing, session_.clock())
                                        : Expected<std::unique_ptr<Procedure>>(tl::unexpected(Problem{}));
    fill(*steps_, run ? stepsOf(**run) : QStringList());
    fill(*sheet_, sheetOf(session_, *test));
}

void LookOn::takeOver() {
    const QString reason = askReason(this, tr("Move the test here"),
                                     tr("It leaves the other workstation at once. Why is it moved here?"));
    if (reason.isEmpty() || !session_.report(session_.takeOverRun(testId_, reason.toStdString())))
        return;
    taken_ = true;
    accept();
}

bool openOnBench(Session& session, QWidget* parent, const std::string& testId) {
    if (session.workstation().elsewhere(testId).isEmpty())
        return session.report(session.resumeRun(testId));
    LookOn looking(session, testId, parent);
    looking.exec();
    return looking.taken();
}

} // namespace fusain::desktop

#include "moc_look_on.cpp"
