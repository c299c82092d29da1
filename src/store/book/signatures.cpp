#include "store/book/signatures.hpp"

#include "core/base/message.hpp"
#include "procedure/method/common_events.hpp"
#include "record/base/fields.hpp"
#include "store/book/names.hpp"

#include <algorithm>
#include <cmath>
#include <fmt/format.h>

namespace fusain::store {
namespace {

constexpr std::string_view recordImported = "record.imported";
constexpr std::string_view signaturePrefix = "signature.", attemptPrefix = "attempts.";
const std::string signInSetting(everybodySignsInSetting), everybody = "everybody";

Expected<void> noPassphrase(LabBook& book, const std::string& staff) {
    return failure(
        {FUSAIN_TEXT("Everybody signs in here, and {1} has no passphrase yet."), {nameOfStaff(book, staff)}},
        {}, {FUSAIN_TEXT("Make one under Settings (Alt+S), People, beside whoever says who works here."), {}});
}

std::string subjectOf(std::string_view prefix, const std::string& id) {
    return std::string(prefix) + id;
}
std::string idIn(std::string_view prefix, const std::string& subject) {
    return subject.starts_with(prefix) ? subject.substr(prefix.size()) : std::string();
}

// What a key says of the one that takes its place.
std::string replacement(const std::string& staff, const std::string& publicKey) {
    return fmt::format("fusain-key 1\n{}\n{}\n", staff, publicKey);
}

const Fields<KeySignature>& signatureFields() {
    static const FieldNote sequence{
        "sequence", "whole number", {}, atLeast(1.0), Presence::Required, "the last event that it covers", {},
        {}};
    static const auto fields =
        Fields<KeySignature>("signature")
            .required("signer", &KeySignature::signer, "staff id")
            .required("test", &KeySignature::test, "id of the test")
            .required("test_version", &KeySignature::version, "of the test", atLeast(1.0))
            .custom(
                sequence,
                [](const Json& json, KeySignature& signature) {
                    signature.sequence = static_cast<std::int64_t>(numberIn(json, sequence));
                },
                [](const KeySignature& signature) { return Json(signature.sequence); })
            .required("head", &KeySignature::head, "hash of that event")
            .required("public", &KeySignature::publicKey, "Ed25519, hexadecimal")
            .required("signature", &KeySignature::signature, "Ed25519, hexadecimal");
    return fields;
}

std::optional<KeySignature> signatureIn(const Event& event) {
    auto read = readDocument("signature", [&] { return signatureFields().read(*event.data); });
    return read ? std::optional(std::move(*read)) : std::nullopt;
}

std::optional<SigningKey> keyIn(const Event& event) {
    auto read = event.data->contains("key") ? signingKeyFromJson(event.data->at("key"), "key")
                                            : Expected<SigningKey>(tl::unexpected(Problem{}));
    return read ? std::optional(std::move(*read)) : std::nullopt;
}

} // namespace

std::string statementOf(const KeySignature& signature) {
    return fmt::format("fusain-signature 1\n{}\n{}\n{}\n{}\n{}\n", signature.test, signature.version,
                       signature.signer, signature.sequence, signature.head);
}

Message signatureLine(const KeySignature& signature) {
    constexpr std::size_t shown = 16;
    return {FUSAIN_TEXT("Signature: event {1}, {2}, key {3}"),
            {std::to_string(signature.sequence), signature.head.substr(0, shown),
             signature.publicKey.substr(0, shown)}};
}

std::optional<SigningKey> Signatures::keyOf(const std::string& staff) const {
    const auto events = book_.eventsOf(keySubjectOf(staff));
    return events.empty() || events.back().kind != kinds::keyMade ? std::nullopt : keyIn(events.back());
}

Expected<void> Signatures::makeKey(const std::string& staff, const std::string& passphrase,
                                   const std::string& before) {
    const auto present = keyOf(staff);
    if (present) // a guess here counts as one at the bench
        if (auto proved = isPassphraseOf(staff, before); !proved)
            return proved;
    auto made = makeSigningKey(passphrase, cost_);
    if (!made)
        return tl::unexpected(made.error());
    Json data{{"key", toJson(*made)}};
    if (present) {
        auto vouched = signedText(replacement(staff, made->publicKey), before, *present);
        if (!vouched)
            return tl::unexpected(vouched.error());
        data["vouched"] = *vouched;
    }
    const SealedNames names = sealedNames();
    return book_.together([&]() -> Expected<void> {
        auto done = book_.note(kinds::keyMade, keySubjectOf(staff), staff, std::move(data));
        return done && names.on() && !names.locked() ? sealedNames().allow(staff, *made) : done;
    });
}

Expected<void> Signatures::revokeKey(const std::string& staff, const std::string& by,
                                     const std::string& reason) {
    if (!keyOf(staff))
        return failure({FUSAIN_TEXT("There is no key to revoke."), {}});
    return book_.together([&]() -> Expected<void> {
        auto done = book_.note(kinds::keyRevoked, keySubjectOf(staff), by, {{"reason", reason}});
        return done ? sealedNames().withdraw(staff, by, [this](const std::string& id) { return keyOf(id); })
                    : done;
    });
}

SealedNames Signatures::sealedNames() const {
    return SealedNames(book_, cost_);
}

Expected<void> Signatures::giveNamesToAll() {
    for (const Staff& each : book_.staff())
        if (const auto key = keyOf(each.id))
            if (auto given = sealedNames().allow(each.id, *key); !given)
                return given;
    return {};
}

Expected<int> Signatures::sealNames(const std::string& by, const std::string& phrase) {
    if (!keyOf(by))
        return failure({FUSAIN_TEXT("Whoever seals names needs a passphrase first."), {}}, {},
                       {FUSAIN_TEXT("Make yours under Settings (Alt+S), People."), {}});
    int inClear = 0;
    const auto done = book_.together([&]() -> Expected<void> {
        const auto sealed = sealedNames().seal(by, phrase);
        inClear = sealed.value_or(0);
        return sealed ? giveNamesToAll() : tl::unexpected(sealed.error());
    });
    return done ? Expected<int>(inClear) : tl::unexpected(done.error());
}

Expected<void> Signatures::openNames(const std::string& phrase) {
    auto opened = sealedNames().openWithPhrase(phrase);
    return opened ? giveNamesToAll() : opened;
}

bool Signatures::everybodySignsIn() const {
    return book_.setting(signInSetting) == everybody;
}

Expected<void> Signatures::setEverybodySignsIn(bool wanted, const std::string& by) {
    if (wanted && !keyOf(by))
        return failure({FUSAIN_TEXT("Whoever asks everybody for a passphrase needs one first."), {}}, {},
                       {FUSAIN_TEXT("Make yours under Settings (Alt+S), People."), {}});
    return book_.setSetting(signInSetting, wanted ? everybody : "nobody", by);
}

// Since the last right one.
std::vector<Event> Signatures::wrongInARow(const std::string& staff) const {
    std::vector<Event> events = book_.eventsOf(subjectOf(attemptPrefix, staff));
    const auto right = std::find_if(events.rbegin(), events.rend(),
                                    [](const Event& event) { return event.kind == kinds::passphraseRight; });
    events.erase(events.begin(), right.base());
    return events;
}

std::optional<Problem> Signatures::mustWait(const std::vector<Event>& wrong) const {
    if (wrong.size() < static_cast<std::size_t>(attempts))
        return std::nullopt;
    const double passed = minutesBetween(wrong.back().at, book_.now());
    // A clock that was set back opens nothing.
    if (passed >= waitMinutes)
        return std::nullopt;
    return Problem{{FUSAIN_TEXT("{1} wrong passphrases in a row. The next one is looked at in {2} min."),
                    {std::to_string(wrong.size()),
                     std::to_string(static_cast<int>(std::ceil(waitMinutes - std::max(0.0, passed))))}},
                   {},
                   {},
                   {FUSAIN_TEXT("If it was not you, tell whoever keeps this lab book."), {}}};
}

Expected<void> Signatures::isPassphraseOf(const std::string& staff, const std::string& passphrase) {
    const auto key = keyOf(staff);
    if (!key) {
        if (auto problem = book_.notOurs()) // nobody is taken at their word because a cable was pulled
            return tl::unexpected(*problem);
        return everybodySignsIn() ? noPassphrase(book_, staff) : Expected<void>();
    }
    const auto wrong = wrongInARow(staff);
    if (auto problem = mustWait(wrong))
        return tl::unexpected(*problem);
    const auto right = opens(passphrase, *key);
    if (right && sealedNames().locked()) // who is not to see names signs in without them
        static_cast<void>(sealedNames().open(staff, *key, passphrase));
    if (right && wrong.empty())
        return {};
    const auto kept = book_.note(right ? kinds::passphraseRight : kinds::passphraseWrong,
                                 subjectOf(attemptPrefix, staff), staff, Json::object());
    return right ? kept : right;
}

Expected<void> Signatures::sign(const std::string& test, int version, const std::string& signer,
                                const std::string& passphrase) {
    const auto key = keyOf(signer);
    if (!key)
        return everybodySignsIn() ? noPassphrase(book_, signer) : Expected<void>();
    KeySignature signature{signer, test, version, book_.lastEvent(), book_.head(), key->publicKey, {}};
    auto text = signedText(statementOf(signature), passphrase, *key);
    if (!text)
        return tl::unexpected(text.error());
    signature.signature = std::move(*text);
    return book_.note(kinds::signatureMade, subjectOf(signaturePrefix, test), signer,
                      signatureFields().write(signature));
}

std::optional<KeySignature> Signatures::signatureOf(const std::string& test, int version) const {
    for (const Event& event : book_.eventsOf(subjectOf(signaturePrefix, test)))
        if (auto found = event.kind == kinds::signatureMade ? signatureIn(event) : std::nullopt;
            found && found->version == version)
            return found;
    return std::nullopt;
}

void SignatureCheck::see(const Event& event, const std::string& headBefore, std::vector<Fault>& faults) {
    if (event.kind == kinds::keyMade || event.kind == kinds::keyRevoked)
        seeKey(event, faults);
    else if (event.kind == kinds::signatureMade)
        seeSignature(event, headBefore, faults);
    else if (event.kind == TestSigned::kind)
        seeSigned(event, faults);
    else if (event.kind == recordImported)
        for (const Json& id : event.data->value("ids", Json::array()))
            imported_.insert(id.get<std::string>());
    else if (event.kind == kinds::importMade)
        imported_.clear();
}

void SignatureCheck::seeKey(const Event& event, std::vector<Fault>& faults) {
    const std::string staff = idIn(keySubjectPrefix, event.subject);
    const auto before = keys_.find(staff);
    if (event.kind == kinds::keyRevoked) {
        keys_.erase(staff);
        return;
    }
    const auto key = keyIn(event);
    const std::string vouched = event.data->value("vouched", std::string());
    if (!key ||
        (before != keys_.end() && !isSignatureOf(replacement(staff, key->publicKey), vouched, before->second)))
        faults.push_back(
            {{FUSAIN_TEXT("The signing key of {1} was replaced without approval by the previous key."),
              {staff}},
             event.at});
    if (key)
        keys_[staff] = key->publicKey;
}

// It is of the event right before it, by the key that its signer had then.
void SignatureCheck::seeSignature(const Event& event, const std::string& headBefore,
                                  std::vector<Fault>& faults) {
    ++count_;
    const auto signature = signatureIn(event);
    const auto key = signature ? keys_.find(signature->signer) : keys_.end();
    if (!signature || key == keys_.end() || key->second != signature->publicKey ||
        signature->sequence + 1 != event.sequence || signature->head != headBefore ||
        subjectOf(signaturePrefix, signature->test) != event.subject ||
        !isSignatureOf(statementOf(*signature), signature->signature, signature->publicKey)) {
        faults.push_back({{FUSAIN_TEXT("The signature under test {1} is not valid."),
                           {idIn(signaturePrefix, event.subject)}},
                          event.at});
        return;
    }
    if (awaited_ && awaited_->test == signature->test && awaited_->signer == signature->signer)
        awaited_.reset();
}

// Whoever answers for a result signs it with their key, where they have one.
void SignatureCheck::seeSigned(const Event& event, std::vector<Fault>& faults) {
    finish(faults);
    if (imported_.contains(event.subject))
        return;
    const std::string physiologist = event.data->value("physiologist", std::string());
    const std::string signer =
        physiologist.empty() ? event.data->value("technician", std::string()) : physiologist;
    if (keys_.contains(signer))
        awaited_ = {event.subject, signer, event.at};
}

void SignatureCheck::finish(std::vector<Fault>& faults) {
    if (awaited_)
        faults.push_back({{FUSAIN_TEXT("Test {1} was signed in the name of {2} without their key."),
                           {awaited_->test, awaited_->signer}},
                          awaited_->at});
    awaited_.reset();
}

} // namespace fusain::store
