#pragma once
#include "procedure/method/procedure.hpp"
#include "record/all/policy.hpp"
#include "record/all/record.hpp"

#include <memory>

namespace fusain {

/// Starts a test by the method of the policy. @return a Problem when the journal cannot keep the start
[[nodiscard]] Expected<std::unique_ptr<Procedure>> beginTest(const AnyPolicy& policy, const Protocol& protocol,
                                                             const std::string& testId,
                                                             const TestSubject& subject,
                                                             const Staff& atTheBench, Journal& journal,
                                                             Clock clock, std::optional<Instant> takenAt = {});
/// Takes a test up where its events leave it; the policy is of its method.
[[nodiscard]] Expected<std::unique_ptr<Procedure>> resumeTest(const AnyPolicy& policy, const Protocol& protocol,
                                                              std::vector<Event> events,
                                                              const Staff& atTheBench, Journal& journal,
                                                              Clock clock);

/// The record of a running test, as it stands.
[[nodiscard]] AnyTest snapshotOf(const Procedure& procedure);

} // namespace fusain
