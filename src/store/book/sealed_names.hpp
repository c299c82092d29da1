#pragma once
#include "record/base/signing_key.hpp"
#include "store/book/lab_book.hpp"

namespace fusain::store {

/// Identities at rest: names, birth dates, telephones, notes and papers of all clients are sealed in the file
/// under one data key, which is given to everybody with a passphrase and to a recovery phrase on paper. A
/// stolen file, or copy, shows measurements under codes and no person. The window opens them when somebody
/// signs in.
class SealedNames {
public:
    explicit SealedNames(LabBook& book, SealingCost cost = {}) : book_(book), cost_(cost) {}

    [[nodiscard]] bool on() const { return book_.identities().atRest(); }
    [[nodiscard]] bool locked() const { return book_.identities().locked(); }
    /// Who can open them with their passphrase; staff ids.
    [[nodiscard]] std::vector<std::string> holders() const;

    /// A new recovery phrase: seven groups of four letters and digits, 130 bits and a check.
    [[nodiscard]] static std::string newPhrase();
    /// What was typed of a phrase, in its own form; nothing where a letter is missing or wrong.
    [[nodiscard]] static std::optional<std::string> phraseIn(const std::string& typed);

    /// Seals everything from here on, with what there is.
    /// @param by somebody with a passphrase  @param phrase of `newPhrase`
    /// @return how many entries of the journal from before hold an identity that is not sealed: they are not
    /// changed
    [[nodiscard]] Expected<int> seal(const std::string& by, const std::string& phrase);
    /// Opens everything again, for good.
    [[nodiscard]] Expected<void> unseal(const std::string& by);
    /// Makes identities readable in this window. @param key of who has just proved who they are
    /// @return a Problem for somebody to whom they were not given
    [[nodiscard]] Expected<void> open(const std::string& staff, const SigningKey& key,
                                      const std::string& passphrase);
    [[nodiscard]] Expected<void> openWithPhrase(const std::string& phrase);
    /// Hides them again, in this window.
    void close();
    /// Gives them to somebody with a key, or takes them away from who has none any more: then the data key is
    /// changed, since they may have kept a copy of it. While identities are locked here it stays.
    [[nodiscard]] Expected<void> allow(const std::string& staff, const SigningKey& key);
    [[nodiscard]] Expected<void>
    withdraw(const std::string& staff, const std::string& by,
             const std::function<std::optional<SigningKey>(const std::string&)>& keyOf);
    /// Another phrase in the place of the one before, which opens nothing more.
    [[nodiscard]] Expected<void> changePhrase(const std::string& phrase);

private:
    [[nodiscard]] Expected<void> give(const std::string& holder, const SigningKey& key, const BoxKey& dataKey,
                                      bool keepKey);
    [[nodiscard]] Expected<void> takeFrom(const std::string& holder);
    [[nodiscard]] Expected<void> openFor(const std::string& holder, const SigningKey& key,
                                         const std::string& passphrase);
    [[nodiscard]] Expected<void> writeAllAnew(const std::string& by);
    [[nodiscard]] std::optional<SigningKey> recoveryKey() const;
    void readAnew();

    LabBook& book_;
    SealingCost cost_;
};

} // namespace fusain::store
