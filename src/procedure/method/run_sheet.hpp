#pragma once
#include <algorithm>
#include <array>
#include <span>
#include <string_view>
#include <type_traits>

namespace fusain {

/// What has to happen at a step, and who may go past it.
enum class StepKind {
    Confirm,         ///< things to do, confirmed as a whole
    Reading,         ///< needs its own reading
    OptionalReading, ///< a reading that may be gone past with a reason
    Check,           ///< a check of an instrument: past a failed one only the physiologist goes, with a reason
    Screening,
    Readiness,
    Result,         ///< the computed result is looked at; done for as long as it stays the same
    Interpretation, ///< written for one result; to be looked at again when that changes
    Sign,
    Afterwards ///< may still be confirmed after signing
};

/// A step of any run sheet. The methods name theirs in an enumeration of their own, which converts to it.
class Step {
public:
    constexpr explicit Step(int index) : index_(index) {}
    template <class Name>
    requires std::is_enum_v<Name>
    constexpr Step(Name name) : index_(static_cast<int>(name)) {}
    [[nodiscard]] constexpr int index() const { return index_; }
    template <class Name>
    [[nodiscard]] constexpr Name as() const {
        return static_cast<Name>(index_);
    }
    friend constexpr bool operator==(Step, Step) = default;

private:
    int index_;
};

/// The steps that must be done before another can be entered; at most eight.
class StepNeeds {
public:
    constexpr StepNeeds() = default;
    template <class... Name>
    constexpr StepNeeds(Name... steps) : indices_{Step(steps).index()...}, count_(sizeof...(steps)) {}
    [[nodiscard]] constexpr std::span<const int> indices() const { return {indices_.data(), count_}; }

private:
    std::array<int, 8> indices_{};
    std::size_t count_ = 0;
};

/// One row of a run sheet: everything that is fixed about a step.
struct StepText {
    Step step;
    std::string_view id; ///< as events and protocols name it
    std::string_view title;
    std::string_view instruction; ///< one sentence, for the stand-back view too
    StepKind kind = StepKind::Confirm;
    StepNeeds needs = {};
};

/// Whether the rows of a run sheet stand in the order of its enumeration, each step once, and need only steps
/// that are on it: for a static_assert beside the table.
template <std::size_t Count>
[[nodiscard]] constexpr bool inOrder(const std::array<StepText, Count>& sheet) {
    for (std::size_t i = 0; i < Count; ++i) {
        if (sheet[i].step.index() != static_cast<int>(i))
            return false;
        for (const int needed : sheet[i].needs.indices())
            if (needed < 0 || needed >= static_cast<int>(Count))
                return false;
    }
    return true;
}

enum class StepState { Waiting, Current, Done, Attention };

} // namespace fusain
