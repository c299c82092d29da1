#pragma once
#include "core/anthropometry/limb_balance.hpp"
#include "core/reference/reference_set.hpp"
#include "procedure/meaning/progress.hpp"

#include <variant>

namespace fusain {

/// What can be said of a test, worked out once: every page, screen and export says it from here.

/// Where a value lies with regard to a reference. Below and above only when the whole 95 % interval is; a value
/// beyond a limit that its interval reaches back over is close to it.
enum class ReferencePlace { Below, CloseToLower, Within, CloseToUpper, Above };
/// @param half of the 95 % interval, 0 or more
[[nodiscard]] ReferencePlace placeIn(const reference::ReferenceRow& row, double value, double half);

struct PlaceStatement {
    Followed quantity = Followed::FatPercent;
    double value = 0.0, half = 0.0; ///< 95 %
    const reference::ReferenceSet* set = nullptr;
    const reference::ReferenceRow* row = nullptr; ///< of this person
    ReferencePlace place = ReferencePlace::Within;
};

/// Against which earlier test: the last that may be compared, or the first where that is another.
enum class Since { Last, First };
struct ChangeStatement {
    Followed quantity = Followed::FatMass;
    Since since = Since::Last;
    Comparison comparison;
};

struct SidesStatement {
    enum class Limbs { Arms, Legs };
    Limbs limbs = Limbs::Arms;
    anthropometry::LimbBalance balance; ///< of lean
};

using Statement = std::variant<PlaceStatement, ChangeStatement, SidesStatement>;

/// What the statements of a test are made from; null where there is none.
struct StatementInputs {
    const ComputedTest* test = nullptr;
    std::span<const ComputedTest> history = {}; ///< signed tests by the same method before it, oldest first
    const reference::ReferenceSet *fat = nullptr, *fatMassIndex = nullptr, *fatFreeMassIndex = nullptr,
                                  *limbLeanIndex = nullptr;
    LabPrecision precision = {};
};

class Statements {
public:
    Statements() = default;
    explicit Statements(const StatementInputs& inputs);

    [[nodiscard]] std::span<const Statement> all() const { return all_; }
    /// Null where the test does not say it.
    [[nodiscard]] const PlaceStatement* place(Followed quantity) const;
    [[nodiscard]] const ChangeStatement* change(Followed quantity, Since since) const;
    [[nodiscard]] const SidesStatement* sides(SidesStatement::Limbs limbs) const;
    /// Why the very last test is not compared; nothing when it is, or when there is none.
    [[nodiscard]] const std::optional<Message>& obstacle() const { return obstacle_; }
    /// Whether that is because of the preparation, and not of the instrument or the equation.
    [[nodiscard]] bool preparedOtherwise() const { return preparedOtherwise_; }
    /// Places in the history: the last and the first test that are compared with.
    [[nodiscard]] std::optional<std::size_t> last() const { return last_; }
    [[nodiscard]] std::optional<std::size_t> first() const { return first_; }

private:
    void addPlaces(const StatementInputs& inputs);
    void addChanges(const StatementInputs& inputs, Since since, const ComputedTest& earlier);
    void addSides(const ComputedTest& test);

    std::vector<Statement> all_;
    std::optional<Message> obstacle_;
    bool preparedOtherwise_ = false;
    std::optional<std::size_t> last_, first_;
};

/// Whether % fat lies below its reference with the whole interval.
[[nodiscard]] bool isBelowReference(const Statements& statements);

/// The verdict alone, in words marked for translation: "above the reference range", "exceeds the LSC" …
[[nodiscard]] std::string_view verdictOf(const Statement& statement);
/// A statement as the lab reads it: quantity, value with its interval, verdict, limit.
[[nodiscard]] Message labSentence(const Statement& statement);

} // namespace fusain
