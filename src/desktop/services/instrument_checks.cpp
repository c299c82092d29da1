#include "desktop/services/instrument_checks.hpp"

#include "core/quality/check_rule.hpp"
#include "procedure/quality/quality_review.hpp"
#include "record/library/catalogue.hpp"

namespace fusain::desktop {

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
