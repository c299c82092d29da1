#include "demo/visits.hpp"

#include "link/simulation/all/played_run.hpp"
#include "procedure/all/computed.hpp"
#include "record/base/json.hpp"

namespace fusain::demo {

const Staff physiologist{"oriel", "Oriel Thackway", Role::Physiologist};
const Staff technician{"bram", "Bram Iyengar", Role::Technician};
const Staff trainee{"sunniva", "Sunniva Pell", Role::Trainee};

Expected<std::unique_ptr<Procedure>> Visits::begin(const Client& client, std::string_view method,
                                                   const std::string& testId) {
    return beginTest(
        catalogue_.policyFor(method, {}), catalogue_.protocolFor(method), testId,
        {client.id, client.sex, client.ageAt(clock_), *client.height, !book_.testsOf(client.id).empty()},
        technician, book_, [&clock = clock_] { return clock; });
}

Expected<std::unique_ptr<Procedure>> Visits::beginAt(const char* when, const Person& person,
                                                     std::string_view method, const std::string& kind,
                                                     std::size_t digits) {
    clock_ = *instantFromIso(when);
    return begin(*book_.client(person.id), method, person.code + kind + isoText(clock_).substr(0, digits));
}

Expected<void> Visits::finish(Procedure& run, const char* interpretation) {
    const auto computed = computeByItsPolicy(snapshotOf(run), catalogue_);
    if (!computed)
        return tl::unexpected(computed.error());
    const auto done = simulation::playFinish(run, interpretation, technician, physiologist);
    return done ? book_.save(store::StoredResult{run.record().id, 1, 1, clock_, computed->document()},
                             technician.id)
                : done;
}

Expected<void> Visits::keepCheck(const std::string& id, const char* instrument, const char* kind,
                                 double nominal, double reading, Instant when) {
    return book_.save(Check{id, instrument, kind, when, nominal, reading, true, technician.id, {}, {reading}},
                      technician.id);
}

Expected<void> Visits::refuse(const Refusal& refusal) {
    clock_ = *instantFromIso(refusal.when);
    const auto begun = begin(*book_.client(refusal.client), refusal.method, refusal.testId);
    if (!begun)
        return tl::unexpected(begun.error());
    const auto done = (*begun)->answer(refusal.rule, {std::nullopt, false, std::nullopt, refusal.answer});
    return done ? (*begun)->refuse(refusal.reason) : done;
}

} // namespace fusain::demo
