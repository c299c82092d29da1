#include "desktop/bench/method/sign_panel.hpp"

#include "desktop/services/computing.hpp"
#include "desktop/views/passphrase.hpp"
#include "desktop/widgets/appearance.hpp"
#include "procedure/all/procedure.hpp"
#include "report/base/words.hpp"
#include "report/pages/test_report.hpp"

#include <algorithm>

namespace fusain::desktop {

SignPanel::SignPanel(Session& session, std::span<const StepText> sheet, Step step)
    : StepPanel(session, sheet, step), state_(label({}, "heading")), answers_(label({})),
      technician_(new QComboBox), page_(new PagePreview) {
    technician_->setAccessibleName(tr("Technician"));
    auto* side = new QVBoxLayout;
    side->setSpacing(scaled(6));
    side->addWidget(state_);
    side->addSpacing(scaled(8));
    side->addWidget(label(tr("Technician who ran the test"), "soft"));
    side->addWidget(technician_);
    side->addSpacing(scaled(8));
    side->addWidget(label(tr("Physiologist who answers for the result"), "soft"));
    side->addWidget(answers_);
    side->addStretch();
    auto* seen = new QVBoxLayout;
    seen->addWidget(label(tr("The client's page"), "soft"));
    seen->addWidget(page_, 1);
    auto* beside = new QHBoxLayout;
    beside->setSpacing(scaled(20));
    beside->addLayout(side, 4);
    beside->addLayout(seen, 5);
    body()->addLayout(beside, 1);
}

// Filled for each test anew: who ran it, never who ran the one before.
void SignPanel::fillTechnicians() {
    const std::string test = run().record().id + '/' + std::to_string(run().record().version);
    if (std::exchange(filledFor_, test) == test)
        return;
    staff_ = session_.book().staff();
    technician_->clear();
    technician_->addItem(tr("choose who ran the test"), QString());
    for (const Staff& staff : staff_)
        if (may(staff.role, Right::SignFor))
            technician_->addItem(QString::fromStdString(staff.name), QString::fromStdString(staff.id));
    technician_->setCurrentIndex(
        std::max(0, technician_->findData(QString::fromStdString(run().record().startedBy))));
}

// In the practice room a made-up one looks over the trainee's shoulder.
std::optional<Staff> SignPanel::physiologist() const {
    if (may(session_.atTheBench().role, Right::Answer))
        return session_.atTheBench();
    const auto made = std::ranges::find(staff_, Role::Physiologist, &Staff::role);
    return session_.practice() && made != staff_.end() ? std::optional(*made) : std::nullopt;
}

std::optional<Staff> SignPanel::technician() const {
    const auto found =
        std::ranges::find(staff_, technician_->currentData().toString().toStdString(), &Staff::id);
    return found == staff_.end() ? std::nullopt : std::optional(*found);
}

SignPanel::Act SignPanel::act() const {
    if (run().record().state == TestState::Signed)
        return Act::Amend;
    if (physiologist() || !run().physiologistMustSign())
        return Act::Sign;
    return run().handedOver() ? Act::Wait : Act::HandOver;
}

void SignPanel::refresh() {
    fillTechnicians();
    const auto nameOf = session_.computing().staffNames();
    const RawTest& record = run().record();
    const auto& signature = record.signature;
    technician_->setEnabled(!signature);
    state_->setText(
        signature ? tr("Signed by %1 at %2. Version %3.")
                        .arg(report::plain(nameOf(signature->physiologist.empty() ? signature->technician
                                                                                  : signature->physiologist)),
                             report::clock(signature->at))
                        .arg(record.version)
        : run().handedOver() ? tr("Handed over. Not signed yet.")
                             : tr("Version %1, not signed yet.").arg(record.version));
    answers_->setText(signature && !signature->physiologist.empty()
                          ? report::plain(nameOf(signature->physiologist))
                      : physiologist() ? tr("%1, at the bench now.").arg(report::plain(physiologist()->name))
                      : run().physiologistMustSign() ? tr("Not at the bench. A test that is handed over waits "
                                                          "in the day of the physiologist, who signs it in "
                                                          "her or his own name.")
                                                     : tr("This lab's policy does not ask for one."));
    if (isVisible())
        showPage();
}

void SignPanel::showPage() {
    const auto report = session_.computing().reportOn(snapshotOf(run()));
    if (!report)
        return page_->clear(report::say(report.error()));
    const report::InLanguage language(report::spokenTo(report->client, report->record().startedAt));
    page_->setPages(report::clientCopy(*report));
}

QString SignPanel::primaryText() const {
    switch (act()) {
    case Act::Sign:
        return tr("Sign and lock");
    case Act::HandOver:
        return tr("Hand over for signing");
    case Act::Amend:
        return tr("Amend with a reason");
    case Act::Wait:
        break;
    }
    return {};
}

void SignPanel::primary() {
    switch (act()) {
    case Act::Sign:
        sign();
        return;
    case Act::HandOver:
        session_.report(run().handOver(technician().value_or(Staff{})));
        return;
    case Act::Amend:
        if (const QString reason = askReason(this, tr("Amend a signed test"),
                                             tr("What has to change, and why? Both versions are kept."));
            !reason.isEmpty() && provesWhoItIs(session_, this, tr("Amend a signed test")))
            session_.report(run().amend(reason.toStdString()));
        return;
    case Act::Wait:
        return;
    }
}

// Whoever answers for the result proves who it is, where they have a key.
void SignPanel::sign() {
    const Staff technician = this->technician().value_or(Staff{});
    const auto answers = physiologist(); // asked for once: somebody else may take the bench meanwhile
    const auto passphrase = passphraseOf(session_, this, answers.value_or(technician), tr("Sign and lock"));
    if (passphrase)
        session_.report(session_.signRun(technician, answers, *passphrase));
}

QString SignPanel::verdict() const {
    switch (act()) {
    case Act::Amend:
        return tr("Locked. An amendment makes a new version; both are kept.");
    case Act::Wait:
        return tr("Handed over. The test waits for the physiologist. Continue with the next client.");
    case Act::HandOver:
        return tr("Ready: look at the page, then hand it over.");
    case Act::Sign:
        break;
    }
    return StepPanel::verdict();
}

} // namespace fusain::desktop

#include "moc_sign_panel.cpp"
