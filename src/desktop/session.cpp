#include "desktop/session.hpp"

#include <cmath>

namespace fusain::desktop {

Session::Session(std::unique_ptr<store::LabBook> book, LabCatalogue catalogue, Clock clock, QObject* parent)
    : QObject(parent), book_(std::move(book)), catalogue_(std::move(catalogue)), clock_(std::move(clock)) {
    const auto everyone = book_->staff();
    const std::string last = book_->setting("at-the-bench");
    for (const Staff& staff : everyone)
        if (atTheBench_.id.empty() || staff.id == last)
            atTheBench_ = staff;
    dark_ = book_->setting("theme") == "dark";
    for (const QString& role : link::InstrumentHub::roles())
        hub_.configure(role, link::LinkSettings::fromText(
                                 QString::fromStdString(book_->setting("link." + role.toStdString(), "none"))));
}

std::string Session::labName() {
    return book_->setting("lab-name", book_->name());
}

void Session::setAtTheBench(const Staff& staff) {
    atTheBench_ = staff;
    if (run_)
        run_->setAtTheBench(staff);
    report(book_->setSetting("at-the-bench", staff.id, staff.id));
}

void Session::setNamesHidden(bool hidden) {
    namesHidden_ = hidden;
    Q_EMIT changed();
}

void Session::setDark(bool dark) {
    dark_ = dark;
    Q_EMIT appearanceChanged();
    report(book_->setSetting("theme", dark ? "dark" : "light", atTheBench_.id));
}

UnitSystem Session::units() {
    return book_->setting("units") == "us" ? UnitSystem::UsCustomary : UnitSystem::Metric;
}

QString Session::nameOf(const Client& client) const {
    return QString::fromStdString(namesHidden_ ? client.code : client.name);
}

const HydrostaticPolicy& Session::policyInForce() {
    const HydrostaticPolicy* chosen = catalogue_.policy(book_->setting("policy.hydrostatic"));
    return chosen ? *chosen : catalogue_.policies.front();
}

const reference::ReferenceSet* Session::fatReferenceFor(const HydrostaticPolicy& policy) {
    const auto* chosen = catalogue_.reference(book_->setting("reference.fat-percent"));
    return chosen ? chosen : catalogue_.reference(policy.fatReference);
}

std::string Session::freshId(const std::string& prefix) {
    return prefix + "-" + std::to_string(book_->eventCount() + 1);
}

Expected<void> Session::startRun(const Client& client, const std::string& visitId) {
    if (!client.height)
        return failure({FUSAIN_TEXT("The height of this client is missing; the equations need it."), {}}, {},
                       {FUSAIN_TEXT("Measure and enter it in the dossier."), {}});
    const Years age = client.ageAt(now());
    if (age.value() < 18.0 && !client.guardianConsent)
        return failure({FUSAIN_TEXT("The client is under 18 and the guardian's consent is not recorded."), {}},
                       {}, {FUSAIN_TEXT("Record it in the dossier first."), {}});
    const bool repeat = !book_->testsOf(client.id).empty();
    auto begun = HydrostaticProcedure::begin({policyInForce(), catalogue_.protocols.front()}, freshId("test"),
                                             {client.id, client.sex, age, *client.height, repeat}, atTheBench_,
                                             *book_, clock_);
    if (!begun)
        return tl::unexpected(begun.error());
    run_.emplace(std::move(*begun));
    visitId_ = visitId;
    for (store::Visit visit : book_->visitsOf(client.id))
        if (visit.id == visitId) {
            visit.state = "running";
            visit.testId = run_->test().id;
            if (auto saved = book_->save(visit, atTheBench_.id); !saved)
                return saved;
        }
    Q_EMIT changed();
    return {};
}

HydrostaticSetting Session::settingOf(const HydrostaticTest& test) const {
    const Protocol* protocol = catalogue_.protocol(test.protocolId);
    // The policy as it stood when the test began; the shipped one only for records that do not carry it.
    const auto kept = test.policy.is_null() ? failure({}) : policyFromJson(test.policy, test.id);
    const HydrostaticPolicy* shipped = catalogue_.policy(test.policyId);
    return {kept      ? *kept
            : shipped ? *shipped
                      : catalogue_.policies.front(),
            protocol ? *protocol : catalogue_.protocols.front()};
}

Expected<void> Session::resumeRun(const std::string& testId) {
    const auto test = book_->test(testId);
    if (!test)
        return failure({FUSAIN_TEXT("The test {1} is not in this lab book."), {testId}});
    auto resumed =
        HydrostaticProcedure::resume(settingOf(*test), book_->eventsOf(testId), atTheBench_, *book_, clock_);
    if (!resumed)
        return tl::unexpected(resumed.error());
    run_.emplace(std::move(*resumed));
    Q_EMIT changed();
    return {};
}

Expected<void> Session::endRun(const std::string& reason) {
    if (auto ended = run_->refuse(reason); !ended)
        return ended;
    return saveVisitOfRun("refused");
}

Expected<void> Session::saveVisitOfRun(const std::string& state) {
    for (store::Visit visit : book_->visitsOf(run_->test().subject.clientId))
        if (visit.testId == run_->test().id) {
            visit.state = state;
            if (auto saved = book_->save(visit, atTheBench_.id); !saved)
                return saved;
        }
    return {};
}

std::optional<AnsweredQuestion> Session::earlierAnswer(const std::string& ruleId) {
    if (!run_)
        return std::nullopt;
    std::optional<AnsweredQuestion> latest;
    for (const HydrostaticTest& test : book_->testsOf(run_->test().subject.clientId))
        if (test.id != run_->test().id && test.startedAt < run_->test().startedAt)
            if (const AnsweredQuestion* answer = test.answerTo(ruleId))
                latest = *answer;
    return latest;
}

void Session::closeRun() {
    run_.reset();
    Q_EMIT changed();
}

bool Session::report(const Expected<void>& outcome) {
    if (outcome)
        Q_EMIT changed();
    else
        Q_EMIT problemRaised(outcome.error());
    return outcome.has_value();
}

std::vector<EarlierResult> Session::earlierThan(const HydrostaticTest& test) {
    std::vector<EarlierResult> earlier;
    for (const HydrostaticTest& other : book_->testsOf(test.subject.clientId)) {
        if (other.state != TestState::Signed || !(other.startedAt < test.startedAt))
            continue;
        if (const auto result = computeHydrostatic(other, settingOf(other).policy)) {
            const auto& c = result->composition;
            earlier.push_back({other.startedAt, Kilograms(other.dryMass->value), c.fatPercent.estimate(),
                               c.fatPercent.technicalError(), c.fatMass.estimate(), c.fatMass.technicalError(),
                               c.fatFreeMass.estimate(), c.fatFreeMass.technicalError(),
                               result->residualVolume.measured});
        }
    }
    return earlier;
}

std::string Session::staffName(const std::string& id) {
    for (const Staff& staff : book_->staff())
        if (staff.id == id)
            return staff.name;
    return id;
}

Expected<report::HydrostaticReport> Session::reportOn(const HydrostaticTest& test, const WhatIf& whatIf,
                                                      const HydrostaticPolicy* instead) {
    HydrostaticSetting setting = settingOf(test);
    if (instead)
        setting.policy = *instead;
    auto result = computeHydrostatic(test, setting.policy, whatIf);
    if (!result)
        return tl::unexpected(result.error());
    const auto client = book_->client(test.subject.clientId);
    const auto earlier = earlierThan(test);
    report::HydrostaticReport report;
    report.labName = labName();
    report.client = client.value_or(Client{});
    report.namesHidden = namesHidden_;
    report.test = test;
    report.policy = setting.policy;
    report.protocol = setting.protocol;
    report.result = std::move(*result);
    report.fatReference = fatReferenceFor(setting.policy);
    if (!earlier.empty())
        report.earlier = earlier.back();
    if (earlier.size() > 1)
        report.baseline = earlier.front();
    report.technician = staffName(test.signature ? test.signature->technician : test.startedBy);
    if (test.signature && !test.signature->physiologist.empty())
        report.physiologist = staffName(test.signature->physiologist);
    report.units = report.client.units;
    report.withoutNumbers = report::betterWithoutNumbers(test);
    return report;
}

Expected<void> Session::signRun(const Staff& technician, const std::optional<Staff>& physiologist) {
    const auto result = computeHydrostatic(run_->test(), run_->setting().policy);
    if (!result)
        return tl::unexpected(result.error());
    if (auto done = run_->sign(technician, physiologist); !done)
        return done;
    const HydrostaticTest& test = run_->test();
    if (auto stored = book_->save(
            store::StoredResult{test.id, test.version, 1, now(), toJson(*result, test, run_->setting().policy)},
            atTheBench_.id);
        !stored)
        return stored;
    return saveVisitOfRun("done");
}

Expected<void> Session::recompute(const HydrostaticTest& test, const HydrostaticPolicy& policy) {
    const auto result = computeHydrostatic(test, policy);
    if (!result)
        return tl::unexpected(result.error());
    int number = 0;
    for (const auto& stored : book_->resultsOf(test.id))
        if (stored.testVersion == test.version)
            number = std::max(number, stored.number);
    return book_->save(
        store::StoredResult{test.id, test.version, number + 1, now(), toJson(*result, test, policy)},
        atTheBench_.id);
}

} // namespace fusain::desktop
