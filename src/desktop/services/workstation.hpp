#pragma once
#include "desktop/services/own_settings.hpp"
#include "store/book/leases.hpp"

#include <QString>

namespace fusain::desktop {

/// This workstation among those of the lab: what it is called, what is set for it alone (which instruments hang
/// on it, who stands at it), and the running tests that it has.
///
/// A lab book that is a file has one workstation, and keeps its settings; one on a server keeps those of the
/// lab only, and each workstation its own.
class Workstation {
public:
    Workstation(store::LabBook& book, OwnSettings& own);

    [[nodiscard]] QString name() const { return QString::fromStdString(leases_.workstation()); }
    [[nodiscard]] std::string setting(const std::string& key, const std::string& otherwise = {}) const;
    [[nodiscard]] Expected<void> setSetting(const std::string& key, const std::string& value,
                                            const std::string& by);
    store::Leases& leases() { return leases_; }
    /// Who else has a running test, in words: "at Tank PC with Bram Iyengar since 10:12"; empty when nobody.
    [[nodiscard]] QString elsewhere(const std::string& test) const;

    /// The key under which an account says what its workstation is called; as the machine is called until then.
    static constexpr auto nameKey = "workstation";

private:
    [[nodiscard]] QString ownKey(const std::string& key) const;

    store::LabBook& book_;
    OwnSettings& own_;
    store::Leases leases_;
};

} // namespace fusain::desktop
