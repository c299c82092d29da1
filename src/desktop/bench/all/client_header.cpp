#include "desktop/bench/all/client_header.hpp"

#include "core/anthropometry/ages.hpp"
#include "desktop/services/computing.hpp"
#include "desktop/services/plans.hpp"
#include "desktop/widgets/appearance.hpp"
#include "desktop/widgets/parts.hpp"
#include "procedure/all/computed.hpp"
#include "record/all/record.hpp"
#include "report/base/words.hpp"

#include <QHBoxLayout>
#include <algorithm>

namespace fusain::desktop {
namespace {

constexpr int tick = 10'000; // ms; minutes are shown

} // namespace

ClientHeader::ClientHeader(Session& session)
    : session_(session), name_(label({}, "heading", false)), facts_(label({}, "soft", false)),
      last_(label({}, "soft", false)), ask_(label({}, "warning", false)), note_(label({}, "warning", false)),
      time_(label({}, "number", false)) {
    time_->setFont(report::numberFont(scaled(13)));
    time_->setToolTip(tr("The time, and how long the test has been open"));
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(24, 0, 20, 6);
    row->setSpacing(scaled(14));
    auto* words = new QVBoxLayout;
    words->setSpacing(2);
    auto* first = new QHBoxLayout;
    first->setSpacing(scaled(14));
    first->addWidget(name_);
    first->addWidget(facts_);
    first->addWidget(ask_);
    first->addStretch();
    words->addLayout(first);
    auto* second = new QHBoxLayout;
    second->setSpacing(scaled(14));
    second->addWidget(last_);
    second->addWidget(note_);
    second->addStretch();
    words->addLayout(second);
    row->addLayout(words, 1);
    row->addWidget(time_);
    const std::pair<QString, void (ClientHeader::*)()> buttons[] = {
        {tr("Note… (N)"), &ClientHeader::noteAsked},
        {tr("End test…"), &ClientHeader::endAsked},
        {tr("Stand back (F11)"), &ClientHeader::standBackAsked}};
    for (const auto& [text, asked] : buttons) {
        auto* each = button(text);
        each->setFocusPolicy(Qt::TabFocus); // a click leaves the keys with the step
        connect(each, &QPushButton::clicked, this, asked);
        row->addWidget(each);
    }
    ticking_.setInterval(tick);
    connect(&ticking_, &QTimer::timeout, this, &ClientHeader::showTime);
}

void ClientHeader::refresh() {
    const RawTest& test = session_.run()->record();
    const auto client = session_.book().client(test.subject.clientId);
    if (!client) { // nobody's name stands over another's test
        for (QLabel* each : {name_, facts_, last_, ask_, note_})
            each->clear();
        lastOf_.clear();
        return;
    }
    name_->setText(session_.nameOf(*client));
    facts_->setText(factsOf(*client));
    if (std::exchange(lastOf_, test.id) != test.id)
        last_->setText(lastFound(client->id));
    const bool minor = test.subject.age < anthropometry::adultAge;
    QStringList notes;
    if (minor)
        notes << (client->guardianConsent ? tr("minor, guardian's consent on file")
                                          : tr("▲ minor, no guardian's consent on file"));
    if (!client->note.empty() && !session_.namesHidden())
        notes << report::plain(client->note);
    const auto plan = savedPlan(session_.book(), client->id);
    ask_->setText(plan && !plan->notes.empty() && !session_.namesHidden()
                      ? tr("to ask: what was noted (%1)").arg(report::plain(plan->notes))
                      : QString());
    note_->setText(notes.join(QStringLiteral("  ·  ")));
    note_->setVisible(!notes.isEmpty());
    showTime();
    ticking_.start();
}

QString ClientHeader::factsOf(const Client& client) {
    const RawTest& test = session_.run()->record();
    QStringList facts;
    if (!session_.namesHidden())
        facts << report::plain(client.code);
    facts << report::say(sexText(test.subject.sex)) + QStringLiteral(", ") +
                 tr("%1 y").arg(std::floor(test.subject.age.value()))
          << report::say(fusain::show(test.subject.height, session_.units()));
    return facts.join(QStringLiteral("  ·  "));
}

// By any method: what the scale and the result should not be far from.
QString ClientHeader::lastFound(const std::string& clientId) {
    const auto tests = session_.book().testsOf(clientId);
    for (auto test = tests.rbegin(); test != tests.rend(); ++test) {
        if (common(*test).state != TestState::Signed || common(*test).id == session_.run()->record().id)
            continue;
        const auto computed = session_.computing().computed(*test);
        if (const auto* body = computed ? computed->composition() : nullptr)
            return tr("last: %1, %2 % fat (%3, %4)")
                .arg(report::say(fusain::show(body->fatMass.estimate() + body->fatFreeMass.estimate(),
                                              session_.units())),
                     report::number(body->fatPercent.estimate().value(), 1),
                     report::say(methodTitle(methodOf(*test))), report::day(common(*test).startedAt));
    }
    return tr("first test here");
}

void ClientHeader::showTime() {
    if (!session_.run())
        return ticking_.stop();
    const double open = minutesBetween(session_.run()->record().startedAt, session_.now());
    const QString now = report::clock(session_.now());
    constexpr double day = 24.0 * 60.0;
    time_->setText(open >= 0.0 && open < day ? tr("%1  ·  %2 min").arg(now).arg(static_cast<int>(open)) : now);
}

} // namespace fusain::desktop

#include "moc_client_header.cpp"
