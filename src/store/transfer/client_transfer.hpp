#pragma once
#include "record/library/client_record.hpp"
#include "store/transfer/imports.hpp"

namespace fusain::store {

/// Everything that the book holds of one client. @return a Problem for an unknown id
[[nodiscard]] Expected<ClientRecord> takeOut(LabBook& book, const std::string& clientId);
/// Puts a client with all tests into a book that does not know them, whole or not at all. Events keep their
/// moments and authors, and are chained anew after a "record.imported" that says who put them in. @return a
/// Problem, and nothing changed, when the client or a test is there already, or the record does not hold
/// together
[[nodiscard]] Expected<void> putIn(LabBook& book, const ClientRecord& record, const ImportedFrom& from);

} // namespace fusain::store
