#pragma once
#include "store/book/lab_book.hpp"

namespace fusain::store {

/// Who puts something in, when, and from what file.
struct ImportedFrom {
    std::string by; ///< staff id
    Instant at;
    std::string file;     ///< name
    std::string fileHash; ///< hashOf its text
};

/// What was put into the book in one go, and what it brought.
struct Import {
    std::int64_t number = 0; ///< of its event in the journal
    ImportedFrom from;
    std::vector<std::string> tests;   ///< ids of the tests that it began
    std::vector<std::string> clients; ///< ids of the clients that it brought
    bool takenBack = false;
};

/// Does what `work` keeps as one import: all of it, or nothing.
[[nodiscard]] Expected<void> asImport(LabBook& book, const ImportedFrom& from,
                                      const std::function<Expected<void>()>& work);
/// The imports of a book, the latest first.
[[nodiscard]] std::vector<Import> imports(LabBook& book);
/// Why an import cannot be taken back: something of it was worked on since, or it is taken back already.
[[nodiscard]] std::optional<Problem> obstacleToTakingBack(LabBook& book, const Import& import);
/// Takes an import back as one: its tests, results and clients leave the lists. The journal keeps that they
/// were there.
[[nodiscard]] Expected<void> takeBack(LabBook& book, const Import& import, const std::string& by, Instant at);

} // namespace fusain::store
