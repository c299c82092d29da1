#pragma once
#include "record/base/people.hpp"
#include "record/base/signing_key.hpp"
#include "store/book/lab_book.hpp"
#include "store/book/sealed_names.hpp"
#include "store/book/verification.hpp"

#include <map>
#include <set>
#include <vector>

namespace fusain::store {

/// Kinds of events about keys and what is signed with them. They leave no rows: they are asked of the journal.
namespace kinds {
inline constexpr std::string_view keyMade = "key.made", keyRevoked = "key.revoked",
                                  signatureMade = "signature.made", passphraseWrong = "passphrase.wrong",
                                  passphraseRight = "passphrase.right";
} // namespace kinds

/// The setting that says whether everybody signs in.
inline constexpr std::string_view everybodySignsInSetting = "sign-in";
/// What the events about somebody's key are about.
inline constexpr std::string_view keySubjectPrefix = "key.";
[[nodiscard]] inline std::string keySubjectOf(const std::string& staff) {
    return std::string(keySubjectPrefix) + staff;
}

/// What a signature stands under: all that the journal holds up to and including one event.
struct KeySignature {
    std::string signer; ///< staff id
    std::string test;   ///< id of the test that was signed
    int version = 1;
    std::int64_t sequence = 0; ///< the last event that it covers
    std::string head;          ///< its hash
    std::string publicKey;
    std::string signature; ///< over `statementOf`
};
/// The text that is signed: one line each for what it is, the test, its version, the signer, the event and its
/// hash.
[[nodiscard]] std::string statementOf(const KeySignature& signature);
/// For a page and the lab's paper log: event, the first of its hash, the first of the key.
[[nodiscard]] Message signatureLine(const KeySignature& signature);

/// The keys of the lab's people and their signatures, in a lab book.
class Signatures {
public:
    explicit Signatures(LabBook& book, SealingCost cost = {}) : book_(book), cost_(cost) {}

    /// The key that somebody signs with now; nothing for somebody without one.
    [[nodiscard]] std::optional<SigningKey> keyOf(const std::string& staff) const;
    /// Makes a first key, or one in place of that before, which has to vouch for the new one.
    /// @param before the passphrase of the key that is replaced; empty for a first one
    [[nodiscard]] Expected<void> makeKey(const std::string& staff, const std::string& passphrase,
                                         const std::string& before = {});
    /// A key whose passphrase is lost, or known to others. What it signed before stays signed.
    [[nodiscard]] Expected<void> revokeKey(const std::string& staff, const std::string& by,
                                           const std::string& reason);
    /// Whether this is the passphrase of somebody with a key. Wrong ones are kept in the journal: after five in
    /// a row the next is looked at five minutes later. Somebody without a key is taken at their word, unless
    /// everybody has to sign in.
    [[nodiscard]] Expected<void> isPassphraseOf(const std::string& staff, const std::string& passphrase);
    /// Whether everybody has to prove who they are, at the bench and under a test.
    [[nodiscard]] bool everybodySignsIn() const;
    /// Says whether they have to. @return a Problem where whoever says so has no passphrase: nobody could undo
    /// it
    [[nodiscard]] Expected<void> setEverybodySignsIn(bool everybody, const std::string& by);
    /// Signs all that the journal holds now, for a test that was just signed; nothing for somebody without a
    /// key.
    /// @return a Problem for a wrong passphrase, or where everybody has to sign in and the signer has none
    [[nodiscard]] Expected<void> sign(const std::string& test, int version, const std::string& signer,
                                      const std::string& passphrase);
    /// The signature under a version of a test; nothing where it has none.
    [[nodiscard]] std::optional<KeySignature> signatureOf(const std::string& test, int version) const;

    /// After so many wrong passphrases in a row the next one waits, from the last of them.
    static constexpr int attempts = 5;
    static constexpr double waitMinutes = 5.0;

    /// Identities at rest, which are given to who has a key.
    [[nodiscard]] SealedNames sealedNames() const;
    /// Seals identities, and gives them to everybody with a key. @param by somebody with a key
    /// @return how many entries of the journal hold an identity in clear and are not changed
    [[nodiscard]] Expected<int> sealNames(const std::string& by, const std::string& phrase);
    /// Opens them, and gives them to who made a key while they were closed.
    [[nodiscard]] Expected<void> openNames(const std::string& phrase);

private:
    [[nodiscard]] Expected<void> giveNamesToAll();
    [[nodiscard]] std::vector<Event> wrongInARow(const std::string& staff) const;
    [[nodiscard]] std::optional<Problem> mustWait(const std::vector<Event>& wrong) const;

    LabBook& book_;
    SealingCost cost_;
};

/// Looks at the events of a journal one after the other: every key that replaces one is vouched for by it,
/// every signature is of what stands before it, and whoever has a key has signed with it.
class SignatureCheck {
public:
    void see(const Event& event, const std::string& headBefore, std::vector<Fault>& faults);
    /// What was signed without the key that its signer had. After the last event.
    void finish(std::vector<Fault>& faults);
    [[nodiscard]] int signatures() const { return count_; }

private:
    void seeKey(const Event& event, std::vector<Fault>& faults);
    void seeSignature(const Event& event, const std::string& headBefore, std::vector<Fault>& faults);
    void seeSigned(const Event& event, std::vector<Fault>& faults);

    /// Tests of a record that is being put in: they were signed elsewhere, in another lab's names.
    std::set<std::string> imported_;
    std::map<std::string, std::string> keys_; ///< public halves in force, by staff id
    struct Awaited {
        std::string test, signer;
        Instant at;
    };
    std::optional<Awaited> awaited_; ///< a test that its signer's key has still to sign
    int count_ = 0;
};

} // namespace fusain::store
