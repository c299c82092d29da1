#include "desktop/services/instrument_checks.hpp"

#include "core/quality/check_rule.hpp"
#include "procedure/quality/quality_review.hpp"
#include "record/base/json.hpp"
#include "record/library/catalogue.hpp"

namespace fusain::desktop {

namespace {

std::string referenceKey(const std::string& instrument, const std::string& check) {
    return "reference." + instrument + "." + check;
}

std::string limitsKey(const std::string& instrument, const std::string& check) {
    return "limits." + instrument + "." + check;
}

} // namespace

InstrumentChecks::InstrumentChecks(store::LabBook& book, LabCatalogue& catalogue, Clock clock)
    : book_(book), catalogue_(catalogue), clock_(std::move(clock)) {
    for (Instrument& instrument : catalogue_.instruments)
        for (CheckDefinition& check : instrument.checks)
            useOwn(instrument.id, check);
}

void InstrumentChecks::useOwn(const std::string& instrument, CheckDefinition& check) {
    if (const auto own = reference(instrument, check.id))
        use(check, *own);
    const std::string key = limitsKey(instrument, check.id), kept = book_.setting(key);
    if (kept.empty())
        return;
    const auto json = parseJson(kept, key);
    if (const auto limits = json ? checkLimitsFromJson(*json, key) : tl::unexpected(json.error()))
        use(check, *limits);
}

CheckDefinition* InstrumentChecks::definitionOf(const std::string& instrument, const std::string& check) {
    for (Instrument& each : catalogue_.instruments)
        for (CheckDefinition& definition : each.checks)
            if (each.id == instrument && definition.id == check)
                return &definition;
    return nullptr;
}

std::optional<ReferenceObject> InstrumentChecks::reference(const std::string& instrument,
                                                           const std::string& check) const {
    const std::string key = referenceKey(instrument, check), kept = book_.setting(key);
    if (kept.empty())
        return std::nullopt;
    const auto json = parseJson(kept, key);
    const auto object = json ? referenceObjectFromJson(*json, key) : tl::unexpected(json.error());
    return object ? std::optional(*object) : std::nullopt;
}

Expected<void> InstrumentChecks::keepReference(const std::string& instrument, const std::string& check,
                                               const ReferenceObject& object, const std::string& by) {
    CheckDefinition* definition = definitionOf(instrument, check);
    if (!definition)
        return failure({FUSAIN_TEXT("There is no check \"{1}\" of {2}."), {check, instrument}});
    if (auto problem = problemWith(object))
        return tl::unexpected(*problem);
    auto kept = book_.setSetting(referenceKey(instrument, check), toJson(object).dump(), by);
    if (kept)
        use(*definition, object);
    return kept;
}

Expected<void> InstrumentChecks::keepLimits(const std::string& instrument, const std::string& check,
                                            const CheckLimits& limits, const std::string& by) {
    CheckDefinition* definition = definitionOf(instrument, check);
    if (!definition)
        return failure({FUSAIN_TEXT("There is no check \"{1}\" of {2}."), {check, instrument}});
    if (auto problem = problemWith(limits))
        return tl::unexpected(*problem);
    auto kept = book_.setSetting(limitsKey(instrument, check), toJson(limits).dump(), by);
    if (kept)
        use(*definition, limits);
    return kept;
}

std::optional<Problem> InstrumentChecks::obstacleToTests(std::string_view method) const {
    return fusain::obstacleToTests(
        method, catalogue_.instruments, [this](const std::string& id) { return book_.checks(id); }, clock_());
}

Expected<void> InstrumentChecks::keep(const std::string& id, const std::string& instrument,
                                      const std::string& check, double nominal,
                                      const std::vector<double>& readings, const std::string& by,
                                      const std::string& note) {
    const Instrument* known = catalogue_.instrument(instrument);
    const CheckDefinition* definition = known ? known->check(check) : nullptr;
    if (!definition)
        return failure({FUSAIN_TEXT("There is no check \"{1}\" of {2}."), {check, instrument}});
    quality::CheckRule rule = definition->rule;
    rule.nominal = nominal;
    const auto verdict = quality::judgeCheck(readings, rule, definition->unit, definition->decimals);
    return book_.save(
        Check{id, instrument, check, clock_(), nominal, verdict.mean, verdict.passed, by, note, readings}, by);
}

Litres InstrumentChecks::cylinderError() const {
    const Instrument* chamber = catalogue_.instrument("chamber");
    const CheckDefinition* check = chamber ? chamber->check("cylinder-volume") : nullptr;
    return Litres(check ? check->uncertainty : 0.01);
}

} // namespace fusain::desktop
