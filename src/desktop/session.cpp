#include "desktop/session.hpp"

#include "report/words.hpp"

#include <algorithm>

namespace fusain::desktop {

Session::Session(std::unique_ptr<store::LabBook> book, LabCatalogue catalogue, Clock clock, QObject* parent)
    : QObject(parent), book_(std::move(book)), catalogue_(std::move(catalogue)),
      references_(*book_, catalogue_), clock_(std::move(clock)) {
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
    const std::string name = book_->setting("lab-name", book_->name());
    return practice_ ? tr("PRACTICE, not a client · %1").arg(QString::fromStdString(name)).toStdString() : name;
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

const AnyPolicy& Session::policyInForce(std::string_view method) {
    return catalogue_.policyFor(method, book_->setting("policy." + std::string(method)));
}

const reference::ReferenceSet* Session::fatReferenceFor(const MethodPolicy& policy) {
    return references_.chosenFor("fat-percent", policy.fatReference);
}

std::string Session::freshId(const std::string& prefix) {
    return prefix + "-" + std::to_string(book_->eventCount() + 1);
}

AnyPolicy Session::policyForNewTest(std::string_view method) {
    AnyPolicy policy = policyInForce(method);
    auto* impedance = std::get_if<ImpedancePolicy>(&policy);
    if (!impedance)
        return policy;
    for (const Sex sex : {Sex::Male, Sex::Female}) {
        const std::string whose = "." + std::string(sexText(sex));
        const auto own = [&](const std::string& key, auto read, auto& target) {
            if (const std::string kept = book_->setting(key + whose); !kept.empty())
                if (auto found = readDocument(key, [&] { return read(Json::parse(kept)); }))
                    target[sex] = *found;
        };
        own("calibration.contact-to-gel", pairedRegressionFromJson, impedance->contactToGel);
        own("calibration.segments." + geometryText(impedance->geometry), segmentModelFromJson,
            impedance->segments);
    }
    return policy;
}

std::optional<Problem> Session::obstacleToTests(std::string_view method) {
    return fusain::obstacleToTests(
        method, catalogue_.instruments, [this](const std::string& id) { return book_->checks(id); }, now());
}

LabPrecision Session::precisionOf(std::string_view method, const std::string& technician) {
    Staff colleague{technician, {}, Role::Technician};
    for (const Staff& staff : book_->staff())
        if (staff.id == technician)
            colleague = staff;
    return precisionInHandsOf(colleague, book_->studies(method == methodChamber     ? "chamber"
                                                        : method == methodImpedance ? "analyzer"
                                                        : method == methodDxa       ? "scanner"
                                                                                    : "load-cell"));
}

Expected<void> Session::startRun(const Client& client, const std::string& visitId, std::string_view method,
                                 const std::string& override) {
    if (auto obstacle = obstacleToTests(method)) {
        if (override.empty())
            return tl::unexpected(*obstacle);
        if (atTheBench_.role != Role::Physiologist)
            return failure({FUSAIN_TEXT("Only the physiologist may start a test past a check."), {}}, {},
                           {FUSAIN_TEXT("Make the check, or ask the physiologist to take the bench."), {}});
    }
    if (!client.height)
        return failure({FUSAIN_TEXT("The height of this client is missing; the equations need it."), {}}, {},
                       {FUSAIN_TEXT("Measure and enter it in the dossier."), {}});
    const Years age = client.ageAt(now());
    if (age.value() < 18.0 && !client.guardianConsent)
        return failure({FUSAIN_TEXT("The client is under 18 and the guardian's consent is not recorded."), {}},
                       {}, {FUSAIN_TEXT("Record it in the dossier first."), {}});
    const bool repeat = std::ranges::any_of(book_->testsOf(client.id),
                                            [&](const AnyTest& test) { return methodOf(test) == method; });
    const TestSubject subject{client.id, client.sex, age, *client.height, repeat};
    const Protocol& protocol = catalogue_.protocolFor(method);
    auto begun =
        beginTest(policyForNewTest(method), protocol, freshId("test"), subject, atTheBench_, *book_, clock_);
    if (!begun)
        return tl::unexpected(begun.error());
    run_ = std::move(*begun);
    for (store::Visit visit : book_->visitsOf(client.id))
        if (visit.id == visitId) {
            visit.state = "running";
            visit.testId = run_->record().id;
            if (auto saved = book_->save(visit, atTheBench_.id); !saved)
                return saved;
        }
    if (!override.empty())
        if (auto noted = run_->addNote("started past a check of an instrument: " + override); !noted)
            return noted;
    if (method == methodChamber)
        if (auto noted = noteWetHair(client); !noted)
            return noted;
    Q_EMIT changed();
    return {};
}

// Wet hair and warm skin ruin the chamber: say so when the same person was in the tank today.
Expected<void> Session::noteWetHair(const Client& client) {
    for (const AnyTest& test : book_->testsOf(client.id))
        if (methodOf(test) == methodHydrostatic && report::day(common(test).startedAt) == report::day(now())) {
            Q_EMIT problemRaised(
                {{FUSAIN_TEXT("This client was in the tank today: hair and skin may be wet or warm, which "
                              "makes the chamber read too lean."),
                  {}},
                 {},
                 {},
                 {FUSAIN_TEXT("Dry well and wait; better, measure in the chamber before the tank."), {}}});
            return run_->addNote("in the tank earlier today: hair and skin may be wet or warm");
        }
    return {};
}

Expected<void> Session::resumeRun(const std::string& testId) {
    const auto test = book_->test(testId);
    if (!test)
        return failure({FUSAIN_TEXT("The test {1} is not in this lab book."), {testId}});
    const Protocol& protocol = catalogue_.protocolFor(methodOf(*test), common(*test).protocolId);
    auto resumed =
        resumeTest(policyOf(*test, catalogue_), protocol, book_->eventsOf(testId), atTheBench_, *book_, clock_);
    if (!resumed)
        return tl::unexpected(resumed.error());
    run_ = std::move(*resumed);
    Q_EMIT changed();
    return {};
}

Expected<void> Session::endRun(const std::string& reason) {
    if (auto ended = run_->refuse(reason); !ended)
        return ended;
    return saveVisitOfRun("refused");
}

Expected<void> Session::saveVisitOfRun(const std::string& state) {
    for (store::Visit visit : book_->visitsOf(run_->record().subject.clientId))
        if (visit.testId == run_->record().id) {
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
    for (const AnyTest& test : book_->testsOf(run_->record().subject.clientId))
        if (common(test).id != run_->record().id && common(test).startedAt < run_->record().startedAt)
            if (const AnsweredQuestion* answer = common(test).answerTo(ruleId))
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

Expected<ComputedTest> Session::computed(const AnyTest& test, const WhatIf& whatIf,
                                         const AnyPolicy* instead) const {
    return computeTest(test, instead ? *instead : policyOf(test, catalogue_), whatIf);
}

std::vector<ComputedTest> Session::earlierThan(const AnyTest& test) {
    std::vector<ComputedTest> earlier;
    for (const AnyTest& other : book_->testsOf(common(test).subject.clientId)) {
        const RawTest& record = common(other);
        if (methodOf(other) != methodOf(test) || record.state != TestState::Signed ||
            !(record.startedAt < common(test).startedAt))
            continue;
        if (auto result = computed(other))
            earlier.push_back(std::move(*result));
    }
    return earlier;
}

std::vector<OtherMethod> Session::sameDayAs(const ComputedTest& own) {
    std::vector<OtherMethod> others;
    for (const AnyTest& test : book_->testsOf(own.record().subject.clientId)) {
        const RawTest& record = common(test);
        if (methodOf(test) == methodOf(own.test) || record.state == TestState::Refused ||
            report::day(record.startedAt) != report::day(own.record().startedAt))
            continue;
        if (const auto other = computed(test))
            if (auto comparison = compareMethods(own, *other))
                others.push_back(std::move(*comparison));
    }
    return others;
}

std::optional<Ohms> Session::magnitudeAt50(const ImpedanceTest& test) {
    const ImpedanceSweep* sweep = test.sweep();
    const auto* whole = sweep ? sweep->readings.of(impedance::Segment::WholeBody) : nullptr;
    const auto* point = whole ? whole->at(impedance::standardFrequency) : nullptr;
    return point ? std::optional(point->magnitude) : std::nullopt;
}

std::optional<impedance::IdentityFacts> Session::lastImpedance(const RawTest& test) {
    std::optional<impedance::IdentityFacts> last;
    for (const AnyTest& any : book_->testsOf(test.subject.clientId)) {
        const auto* past = std::get_if<ImpedanceTest>(&any);
        if (past && past->id != test.id && past->state == TestState::Signed && past->startedAt < test.startedAt)
            last = {past->subject.height,
                    past->mass ? std::optional(Kilograms(past->mass->value)) : std::nullopt,
                    magnitudeAt50(*past)};
    }
    return last;
}

// Adults measured lying with gel electrodes, each by the latest signed test. Read again only when the book has
// grown.
std::optional<impedance::VectorReference> Session::ownVectors(Sex sex) {
    constexpr std::size_t enough = 30;
    if (ownVectorsAt_ != book_->eventCount()) {
        ownVectorsAt_ = book_->eventCount();
        std::map<Sex, std::map<std::string, impedance::BodyVector>> people;
        for (const AnyTest& any : book_->testsSince(Instant{}, std::string(methodImpedance))) {
            const auto* past = std::get_if<ImpedanceTest>(&any);
            const ImpedanceSweep* sweep = past ? past->sweep() : nullptr;
            const auto whole = sweep ? sweep->readings.standard(impedance::Segment::WholeBody) : std::nullopt;
            if (whole && past->state == TestState::Signed && past->subject.age.value() >= 18.0 &&
                past->setup.geometry == impedance::ElectrodeGeometry::SupineGel)
                people[past->subject.sex][past->subject.clientId] =
                    impedance::vectorOf(*whole, past->subject.height);
        }
        ownVectors_.clear();
        for (const auto& [group, vectors] : people) {
            std::vector<impedance::BodyVector> list;
            for (const auto& [client, vector] : vectors)
                list.push_back(vector);
            if (list.size() >= enough)
                if (auto own = impedance::ownReference(
                        list, group, group == Sex::Male ? "this lab's own men" : "this lab's own women"))
                    ownVectors_[group] = *own;
        }
    }
    const auto found = ownVectors_.find(sex);
    return found == ownVectors_.end() ? std::nullopt : std::optional(found->second);
}

std::function<std::string(const std::string&)> Session::staffNames() {
    return [colleagues = book_->staff()](const std::string& id) {
        const auto found = std::ranges::find(colleagues, id, &Staff::id);
        return found == colleagues.end() ? id : found->name;
    };
}

Expected<report::TestReport> Session::reportOn(const AnyTest& test, const WhatIf& whatIf,
                                               const AnyPolicy* instead) {
    auto result = computed(test, whatIf, instead);
    if (!result)
        return tl::unexpected(result.error());
    const RawTest& record = common(test);
    report::TestReport report(std::move(*result));
    report.labName = labName();
    report.client = book_->client(record.subject.clientId).value_or(Client{});
    report.namesHidden = namesHidden_;
    report.protocol = catalogue_.protocolFor(methodOf(test), record.protocolId);
    report.fatReference = fatReferenceFor(common(report.computed.policy));
    report.fatMassIndexReference = catalogue_.reference("fat-mass-index.kyle-2003");
    report.fatFreeMassIndexReference = catalogue_.reference("fat-free-mass-index.kyle-2003");
    report.fatMassIndexByScanReference = references_.chosenFor("fat-mass-index", "fat-mass-index.kelly-2009");
    report.phaseAngleReference = references_.chosenFor("phase-angle");
    report.limbLeanReference = references_.chosenFor("limb-lean-index");
    if (std::holds_alternative<ImpedanceTest>(test))
        report.ownVectors = ownVectors(record.subject.sex);
    report.history = earlierThan(test);
    std::vector<Outcome> outcomes;
    for (const ComputedTest& past : report.history)
        if (auto outcome = outcomeOf(past))
            outcomes.push_back(std::move(*outcome));
    if (const auto now = outcomeOf(report.computed)) {
        if (!outcomes.empty() && obstacleToChange(outcomes.back(), *now))
            report.otherSetting = outcomes.back();
        std::erase_if(outcomes, [&](const Outcome& past) { return obstacleToChange(past, *now).has_value(); });
    }
    if (!outcomes.empty())
        report.earlier = outcomes.back();
    if (outcomes.size() > 1)
        report.baseline = outcomes.front();
    report.sameDay = sameDayAs(report.computed);
    const std::string& technician = record.signature ? record.signature->technician : record.startedBy;
    report.precision = precisionOf(methodOf(test), technician);
    const auto& history = report.history;
    report.keyPoints =
        fusain::keyPoints(keyPointFacts({&report.computed, history.empty() ? nullptr : &history.back(),
                                         history.size() < 2 ? nullptr : &history.front(), report.fatReference,
                                         report.limbLeanReference, report.precision}),
                          catalogue_.keyPoints);
    const auto nameOf = staffNames();
    report.technician = nameOf(technician);
    if (record.signature && !record.signature->physiologist.empty())
        report.physiologist = nameOf(record.signature->physiologist);
    report.units = report.client.units;
    report.withoutNumbers = report::betterWithoutNumbers(record, report.result().mass);
    return report;
}

Expected<void> Session::signRun(const Staff& technician, const std::optional<Staff>& physiologist) {
    const auto result = computed(run_->snapshot());
    if (!result)
        return tl::unexpected(result.error());
    if (auto done = run_->sign(technician, physiologist); !done)
        return done;
    const RawTest& record = run_->record();
    if (auto stored = book_->save(store::StoredResult{record.id, record.version, 1, now(), result->document()},
                                  atTheBench_.id);
        !stored)
        return stored;
    return saveVisitOfRun("done");
}

Expected<void> Session::keepCheck(const std::string& instrument, const std::string& check, double nominal,
                                  const std::vector<double>& readings, const std::string& note) {
    const Instrument* known = catalogue_.instrument(instrument);
    const CheckDefinition* definition = known ? known->check(check) : nullptr;
    if (!definition)
        return failure({FUSAIN_TEXT("There is no check \"{1}\" of {2}."), {check, instrument}});
    quality::CheckRule rule = definition->rule;
    rule.nominal = nominal;
    const auto verdict = quality::judgeCheck(readings, rule, definition->unit, definition->decimals);
    return book_->save(Check{freshId("check"), instrument, check, now(), nominal, verdict.mean, verdict.passed,
                             atTheBench_.id, note, readings},
                       atTheBench_.id);
}

Litres Session::cylinderError() const {
    const Instrument* chamber = catalogue_.instrument("chamber");
    const CheckDefinition* check = chamber ? chamber->check("cylinder-volume") : nullptr;
    return Litres(check ? check->uncertainty : 0.01);
}

Expected<void> Session::recompute(const AnyTest& test, const AnyPolicy& policy) {
    const auto result = computed(test, {}, &policy);
    if (!result)
        return tl::unexpected(result.error());
    const RawTest& record = common(test);
    int number = 0;
    for (const auto& stored : book_->resultsOf(record.id))
        if (stored.testVersion == record.version)
            number = std::max(number, stored.number);
    return book_->save(store::StoredResult{record.id, record.version, number + 1, now(), result->document()},
                       atTheBench_.id);
}

} // namespace fusain::desktop
