#pragma once
#include "core/base/message.hpp"

#include <optional>
#include <string>
#include <vector>

namespace fusain {

/// Where one person of a team morning stands.
enum class TeamState { Waiting, Aside, Done };

/// The queue of a team morning: who waits, who is set aside to be called again, who is done. It holds no names.
class TeamQueue {
public:
    struct Entry {
        std::string clientId;
        std::string code;
        TeamState state = TeamState::Waiting;
    };
    explicit TeamQueue(std::vector<Entry> entries) : entries_(std::move(entries)) {}

    [[nodiscard]] const std::vector<Entry>& entries() const { return entries_; }
    /// Who is called next: the first that waits, then those set aside, in the order of the list.
    [[nodiscard]] const Entry* next() const;
    [[nodiscard]] int left() const;

    /// Whom a typed or scanned code means. @return a Problem when the code is nobody's here, or the person is
    /// done
    struct Called {
        const Entry* entry = nullptr;
        Message problem; ///< empty when `entry` may go on
    };
    [[nodiscard]] Called byCode(const std::string& code) const;

private:
    std::vector<Entry> entries_;
};

} // namespace fusain
