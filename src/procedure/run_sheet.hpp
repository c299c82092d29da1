#pragma once
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
    Interpretation,
    Sign,
    Afterwards ///< may still be confirmed after signing
};

struct StepText {
    std::string_view id;
    std::string_view title;
    std::string_view instruction; ///< one sentence, for the stand-back view too
    StepKind kind = StepKind::Confirm;
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

enum class StepState { Waiting, Current, Done, Attention };

} // namespace fusain
