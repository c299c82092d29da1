#pragma once
#include "store/book/lab_book.hpp"

#include <QString>

namespace fusain::store {

/// Who has a running test.
struct Lease {
    std::string workstation;
    std::string staff; ///< id
    Instant since;     ///< by the clock of its workstation
};

/// Running tests belong to one workstation at a time: whoever has one says so every few seconds, and is taken
/// to have gone when nothing was heard for half a minute. That is told by the clock of the server, so that it
/// does not matter when those of the workstations are wrong. A book that is a file has one window, which has
/// everything.
class Leases {
public:
    /// How often a holder has to speak, and after how long without it a test is free.
    static constexpr int heartbeatSeconds = 5, expirySeconds = 30;

    Leases(LabBook& book, std::string workstation) : book_(book), workstation_(std::move(workstation)) {}

    /// Takes a test that nobody has, or that this workstation has already. @return a Problem that says who has
    /// it
    [[nodiscard]] Expected<void> take(const std::string& test, const std::string& staff);
    /// Takes it from whoever has it; the journal says so, with the reason.
    [[nodiscard]] Expected<void> takeOver(const std::string& test, const std::string& staff,
                                          const std::string& reason);
    /// Says that this workstation still has what it has.
    void speak();
    /// Gives a test back.
    void release(const std::string& test);
    /// Who else has a test now; nothing when it is free or this workstation's.
    [[nodiscard]] std::optional<Lease> otherHolder(const std::string& test) const;
    [[nodiscard]] const std::string& workstation() const { return workstation_; }

private:
    [[nodiscard]] bool needed() const { return book_.address().onServer(); }

    LabBook& book_;
    std::string workstation_;
};

} // namespace fusain::store
