#pragma once
#include "core/units/format.hpp"
#include "procedure/meaning/statements.hpp"

#include <QString>

namespace fusain::report {

// Statements as a client reads them: the same verdicts as the lab's, in plain words. Every page for a client and
// the talk across the table take them from here.

/// How a client wants to read it.
struct ForClient {
    UnitSystem units = UnitSystem::Metric;
    bool withoutNumbers = false;
};

/// Where the value lies: one short sentence.
[[nodiscard]] QString placeForClient(ReferencePlace place);
/// Whom the reference describes and what its range is. @param statement of % fat
[[nodiscard]] QString rangeForClient(const PlaceStatement& statement, const ForClient& client);
/// "About 26 %; very likely between 23 and 29 %", as whole numbers.
[[nodiscard]] QString intervalForClient(const Measured<Percent>& fat);
/// What became of a mass, without a full stop: "Fat: 2.1 kg less", "Fat: no measurable change".
/// @param name of what changed
[[nodiscard]] QString changeForClient(const QString& name, const Change& change, const ForClient& client);
/// The same of all parts of a balance, in one line. @param from leaves out so many parts that were said before
[[nodiscard]] QString balanceForClient(const MassBalance& balance, const ForClient& client, std::size_t from = 0);
/// A mass without its sign, in the client's units.
[[nodiscard]] QString massForClient(double kilograms, const ForClient& client);

} // namespace fusain::report
