#include "desktop/services/computing.hpp"

#include "desktop/services/screenings.hpp"
#include "procedure/quality/quality_review.hpp"
#include "record/base/json.hpp"
#include "record/library/catalogue.hpp"
#include "report/base/words.hpp"
#include "store/book/signatures.hpp"

#include <algorithm>

namespace fusain::desktop {

Computing::Computing(store::LabBook& book, const LabCatalogue& catalogue, const LabReferences& references,
                     const LabPolicies& policies, Dress dress)
    : book_(book), catalogue_(catalogue), references_(references), policies_(policies), ownVectors_(book),
      dress_(std::move(dress)) {}

Expected<ComputedTest> Computing::computed(const AnyTest& test, const WhatIf& whatIf,
                                           const AnyPolicy* instead) const {
    if (whatIf.empty() && !instead)
        return remembered(test);
    ++computations_;
    return instead ? computeTest(test, *instead, whatIf) : computeByItsPolicy(test, catalogue_, whatIf);
}

// A running test is computed each time: the record in hand may be older than the last event of the book. So is
// what the lab book does not hold, as in the practice bench.
Expected<ComputedTest> Computing::remembered(const AnyTest& test) const {
    const RawTest& record = common(test);
    const auto lastEvent = record.state == TestState::Running ? 0 : book_.lastEventOf(record.id);
    const std::string key = record.id + '/' + std::to_string(record.version) + '/' + std::to_string(lastEvent);
    if (lastEvent > 0)
        if (const Remembered* known = known_.find(key))
            return ComputedTest{test, known->policy, known->result};
    ++computations_;
    auto computed = computeByItsPolicy(test, catalogue_);
    if (computed && lastEvent > 0 && isWhatTheBookHolds(test))
        known_.put(key, {computed->policy, computed->result});
    return computed;
}

// A record from before an import was taken back must not stand for the one that came after it.
bool Computing::isWhatTheBookHolds(const AnyTest& test) const {
    const auto held = book_.test(common(test).id, common(test).version);
    return held && toJson(*held) == toJson(test);
}

std::vector<ComputedTest> Computing::earlierThan(const AnyTest& test) const {
    std::vector<ComputedTest> earlier;
    for (const AnyTest& other : book_.testsOf(common(test).subject.clientId)) {
        const RawTest& record = common(other);
        if (methodOf(other) != methodOf(test) || record.state != TestState::Signed ||
            !(record.startedAt < common(test).startedAt))
            continue;
        if (auto result = computed(other))
            earlier.push_back(std::move(*result));
    }
    return earlier;
}

std::vector<OtherMethod> Computing::sameDayAs(const ComputedTest& own) const {
    std::vector<OtherMethod> others;
    for (const AnyTest& test : book_.testsOf(own.record().subject.clientId)) {
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

LabPrecision Computing::precisionFor(std::string_view method, const std::string& technician,
                                     const std::optional<MeasuredPerson>& person) const {
    Staff colleague{technician, {}, Role::Technician};
    for (const Staff& staff : book_.staff())
        if (staff.id == technician)
            colleague = staff;
    std::string_view instrument;
    Methods::with(method, [&]<class Method> { instrument = Running<Method>::precisionInstrument; });
    return precisionInHandsOf(colleague, book_.studies(std::string(instrument)), person);
}

LabPrecision Computing::precisionOf(std::string_view method, const std::string& technician) const {
    return precisionFor(method, technician, {});
}

LabPrecision Computing::precisionOf(const ComputedTest& test, const std::string& technician) const {
    std::optional<MeasuredPerson> person;
    if (const auto* body = test.composition())
        person = MeasuredPerson{test.record().subject.sex, body->fatPercent.estimate()};
    return precisionFor(methodOf(test.test), technician, person);
}

std::function<std::string(const std::string&)> Computing::staffNames() const {
    return [colleagues = book_.staff()](const std::string& id) {
        const auto found = std::ranges::find(colleagues, id, &Staff::id);
        return found == colleagues.end() ? id : found->name;
    };
}

report::ReportReferences Computing::referencesFor(const ComputedTest& test) {
    return {policies_.fatReferenceFor(common(test.policy)),
            catalogue_.reference("fat-mass-index.kyle-2003"),
            catalogue_.reference("fat-free-mass-index.kyle-2003"),
            references_.chosenFor("fat-mass-index", "fat-mass-index.kelly-2009"),
            references_.chosenFor("phase-angle"),
            references_.chosenForMethod("limb-lean-index", methodOf(test.test)),
            references_.chosenForMethod("limb-lean-by-bmi", methodOf(test.test)),
            methodOf(test.test) == ImpedanceMethod::id ? ownVectors_.of(test.record().subject.sex) : nullptr};
}

void Computing::compareWithEarlier(report::TestReport& report) const {
    const report::ReportReferences& references = report.references;
    report.statements =
        Statements({&report.computed, report.history, references.fat,
                    methodOf(report.computed.test) == ScanMethod::id ? references.fatMassIndexByScan
                                                                     : references.fatMassIndex,
                    references.fatFreeMassIndex, references.limbLean, report.precision});
    if (const auto last = report.statements.last())
        report.earlier = outcomeOf(report.history[*last]);
    if (const auto first = report.statements.first())
        report.baseline = outcomeOf(report.history[*first]);
}

Expected<report::TestReport> Computing::reportOn(const AnyTest& test, const WhatIf& whatIf,
                                                 const AnyPolicy* instead) {
    auto result = computed(test, whatIf, instead);
    return result ? Expected<report::TestReport>(reportOn(std::move(*result))) : tl::unexpected(result.error());
}

report::TestReport Computing::reportOn(ComputedTest computed) {
    report::TestReport report(std::move(computed));
    const AnyTest& test = report.computed.test;
    const RawTest& record = common(test);
    dress_(report);
    report.client = book_.client(record.subject.clientId).value_or(Client{});
    report.protocol = catalogue_.protocolFor(methodOf(test), record.protocolId);
    report.references = referencesFor(report.computed);
    report.history = earlierThan(test);
    const std::string& technician = record.signature ? record.signature->technician : record.startedBy;
    report.precision = precisionOf(report.computed, technician);
    compareWithEarlier(report);
    report.sameDay = sameDayAs(report.computed);
    report.keyPoints = fusain::keyPoints(keyPointFacts({&report.computed, &report.statements,
                                                        report.history.empty(), report.references.limbLean}),
                                         catalogue_.keyPoints);
    const auto nameOf = staffNames();
    report.technician = nameOf(technician);
    if (record.signature && !record.signature->physiologist.empty())
        report.physiologist = nameOf(record.signature->physiologist);
    const auto byKey = store::Signatures(book_).signatureOf(record.id, record.version);
    if (record.signature && byKey)
        report.keySignature = store::signatureLine(*byKey);
    report.units = report.client.units;
    const TestSubject& who = record.subject;
    report.withoutNumbers =
        report::betterWithoutNumbers(record, report.result().mass) ||
        betterInWords(book_, catalogue_.screening, who.clientId, who.sex, who.age, record.startedAt);
    return report;
}

Expected<report::TestReport> Computing::reportOnPaper(const AnyTest& test) {
    auto result = computed(test);
    if (!result)
        return tl::unexpected(result.error());
    auto whole = book_.withRecordings(test);
    if (!whole)
        return tl::unexpected(whole.error());
    result->test = std::move(*whole); // its recordings are shown and change no number
    return reportOn(std::move(*result));
}

Expected<void> Computing::recompute(const AnyTest& test, const AnyPolicy& policy, Instant now,
                                    const std::string& by) {
    const auto result = computed(test, {}, &policy);
    if (!result)
        return tl::unexpected(result.error());
    const RawTest& record = common(test);
    int number = 0;
    for (const auto& stored : book_.resultsOf(record.id))
        if (stored.testVersion == record.version)
            number = std::max(number, stored.number);
    return book_.save(store::StoredResult{record.id, record.version, number + 1, now, result->document()}, by);
}

} // namespace fusain::desktop
