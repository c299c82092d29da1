#pragma once
#include "record/method/raw_record.hpp"
#include "record/method/reading_fields.hpp"

namespace fusain {

// For the sources of the records only: the table of what the raw record of every method has.

/// Of breaking a rule, in protocols and in answers.
inline constexpr Named<readiness::Effect> effectWords[] = {{"over", readiness::Effect::Over},
                                                           {"under", readiness::Effect::Under},
                                                           {"noise", readiness::Effect::Noise},
                                                           {"none", readiness::Effect::None}};

[[nodiscard]] Fields<RawTest> rawTestFields(std::string_view method);
[[nodiscard]] const Fields<ReportedValues>& reportedValuesFields();
[[nodiscard]] const Fields<ReportedValue>& reportedValueFields();
[[nodiscard]] const Fields<Note>& noteFields();

} // namespace fusain
