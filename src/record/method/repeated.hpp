#pragma once
#include "record/method/raw_record.hpp"
#include "record/method/signal_verdict.hpp"

#include <algorithm>
#include <concepts>

namespace fusain {

/// What every reading that is taken several times carries: whose it is, which one it is, and why it does not
/// count.
struct NumberedReading : Attribution {
    int number = 0;             ///< 1, 2, 3 … in the order of the work
    std::string setAsideReason; ///< empty while the reading counts
    [[nodiscard]] bool counts() const { return setAsideReason.empty(); }
};

/// The readings of one kind in a test, in the order of the work. None is ever removed: one that does not count
/// stays, with the reason.
template <std::derived_from<NumberedReading> Item>
class Repeated {
public:
    Repeated() = default;
    Repeated(std::initializer_list<Item> items) : items_(items) {}

    [[nodiscard]] auto begin() const { return items_.begin(); }
    [[nodiscard]] auto end() const { return items_.end(); }
    [[nodiscard]] auto begin() { return items_.begin(); }
    [[nodiscard]] auto end() { return items_.end(); }
    [[nodiscard]] bool empty() const { return items_.empty(); }
    [[nodiscard]] std::size_t size() const { return items_.size(); }
    [[nodiscard]] const Item& operator[](std::size_t index) const { return items_[index]; }
    [[nodiscard]] Item& operator[](std::size_t index) { return items_[index]; }
    [[nodiscard]] const Item& front() const { return items_.front(); }
    [[nodiscard]] const Item& back() const { return items_.back(); }
    [[nodiscard]] Item& front() { return items_.front(); }
    [[nodiscard]] Item& back() { return items_.back(); }
    void push_back(Item item) { items_.push_back(std::move(item)); }
    void clear() { items_.clear(); }

    /// The number of the next reading.
    [[nodiscard]] int nextNumber() const { return static_cast<int>(items_.size()) + 1; }
    /// How many count.
    [[nodiscard]] int counting() const {
        return static_cast<int>(std::ranges::count_if(items_, &NumberedReading::counts));
    }
    /// The reading with this number; null when there is none.
    [[nodiscard]] const Item* find(int number) const {
        const auto found = std::ranges::find(items_, number, &NumberedReading::number);
        return found == items_.end() ? nullptr : &*found;
    }
    [[nodiscard]] Item* find(int number) { return const_cast<Item*>(std::as_const(*this).find(number)); }
    /// The latest reading that counts; null when none does.
    [[nodiscard]] const Item* latest() const {
        const auto found = std::ranges::find_if(items_.rbegin(), items_.rend(), &NumberedReading::counts);
        return found == items_.rend() ? nullptr : &*found;
    }

    /// The latest that counts of those accepted up to a moment; null when there is none.
    [[nodiscard]] const Item* heldAt(Instant moment) const {
        const Item* held = nullptr;
        for (const Item& each : items_)
            if (each.counts() && each.at <= moment)
                held = &each;
        return held;
    }

private:
    std::vector<Item> items_;
};

} // namespace fusain
