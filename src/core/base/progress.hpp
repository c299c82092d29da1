#pragma once
#include <atomic>
#include <cstddef>
#include <optional>

namespace fusain {

/// How far a long piece of work has come, and whether it is still wanted. The work tells the one and asks for
/// the other; somebody on another thread reads and cancels.
class Progress {
public:
    /// @param all pieces, at least `done`
    void reached(std::size_t done, std::size_t all) {
        share_ = all > 0 ? static_cast<double>(done) / static_cast<double>(all) : 0.0;
    }
    /// From 0 to 1; nothing before the work has said how much there is.
    [[nodiscard]] std::optional<double> share() const {
        const double share = share_;
        return share < 0.0 ? std::nullopt : std::optional(share);
    }
    void cancel() { cancelled_ = true; }
    [[nodiscard]] bool cancelled() const { return cancelled_; }

private:
    std::atomic<double> share_ = -1.0;
    std::atomic<bool> cancelled_ = false;
};

} // namespace fusain
