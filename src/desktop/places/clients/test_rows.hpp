#pragma once
#include "desktop/services/session.hpp"
#include "desktop/widgets/table_model.hpp"

namespace fusain::desktop {

/// The tests of a client as rows of a list: value with its interval, masses, what became of the fat since the
/// test before by the same method, state.
/// @param tests newest first
[[nodiscard]] std::vector<TableModel::Row> rowsOfTests(Session& session, const Client& client,
                                                       const std::vector<AnyTest>& tests);

} // namespace fusain::desktop
