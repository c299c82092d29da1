#pragma once
#include "record/library/client_record.hpp"
#include "store/book/lab_book.hpp"

namespace fusain::store {

/// Everything that the book holds of one client. @return a Problem for an unknown id
[[nodiscard]] Expected<ClientRecord> takeOut(LabBook& book, const std::string& clientId);
/// Puts a client with all tests into a book that does not know them. Events keep their moments and authors, and
/// are chained anew. @return a Problem, and nothing changed, when the client or a test is there already
[[nodiscard]] Expected<void> putIn(LabBook& book, const ClientRecord& record, const std::string& by);

} // namespace fusain::store
