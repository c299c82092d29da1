#pragma once
#include <string>
#include <unordered_map>
#include <utility>

namespace fusain {

/// Values that were costly to find, by a key that says all of what they were found from. Holds between `most`
/// and twice as many of those asked for last: what is asked for again moves to the newer shelf, and when that
/// is full the older one is emptied. No clock, no order to keep up.
template <class Value>
class RecentlyUsed {
public:
    /// @param most at least 1
    explicit RecentlyUsed(std::size_t most) : most_(most) {}

    /// The value of a key, or null. Holds until the next call.
    [[nodiscard]] const Value* find(const std::string& key) {
        if (const auto found = newer_.find(key); found != newer_.end())
            return &found->second;
        const auto found = older_.find(key);
        return found == older_.end() ? nullptr : &put(key, Value(found->second));
    }
    const Value& put(const std::string& key, Value value) {
        if (newer_.size() >= most_ && !newer_.contains(key)) {
            std::swap(newer_, older_);
            newer_.clear();
        }
        return newer_.insert_or_assign(key, std::move(value)).first->second;
    }

private:
    std::size_t most_;
    std::unordered_map<std::string, Value> newer_, older_;
};

} // namespace fusain
