#pragma once
#include "report/base/style.hpp"

#include <QTableWidget>
#include <optional>
#include <vector>

namespace fusain::desktop {

/// One trial on the board.
struct BoardTrial {
    enum class State {
        Used,     ///< by the rule
        Counts,   ///< valid, but not used
        Excluded, ///< set aside, or of another calibration
        Ready     ///< recorded and not accepted yet
    };
    int number = 0;
    double value = 0.0;
    double standardError = 0.0; ///< of the reading; 0 where it is not known
    std::vector<double> trace;  ///< as it was recorded; empty for a typed one
    State state = State::Counts;
    QString words; ///< what becomes of it

    /// Half the 95 % interval of the reading.
    [[nodiscard]] double half() const;
};
/// How a trial stands that is on the record, with its word.
/// @param excluded why it does not count; empty while it does  @param used by the rule
[[nodiscard]] std::pair<BoardTrial::State, QString> standingOnTheBoard(const std::string& excluded, bool used);
/// So few heights of a recording that they fit the picture in a row.
/// @param height of one sample
template <class Samples, class Height>
[[nodiscard]] std::vector<double> thinned(const Samples& samples, Height height) {
    constexpr std::size_t most = 60;
    std::vector<double> heights;
    const std::size_t stride = samples.size() / most + 1;
    for (std::size_t i = 0; i < samples.size(); i += stride)
        heights.push_back(height(samples[i]));
    return heights;
}

/// All trials of a step on one axis.
struct BoardModel {
    int decimals = 3;
    std::vector<BoardTrial> trials;
    double tolerance = 0.0; ///< within which they must agree, in their unit
};

/// Where the tolerance stands: round the trials that agree, as many as there are; of as many, the heavier ones.
/// @return nothing while no two of them agree
[[nodiscard]] std::optional<std::pair<double, double>> bracketOf(const BoardModel& model);
/// The axis: all trials that count and the bracket, and at least three times the tolerance. Excluded trials do
/// not stretch it.
[[nodiscard]] std::pair<double, double> axisOf(const BoardModel& model);

/// Trials as spindles on one axis, with the rule's tolerance as a bracket round those that agree; what is
/// excluded stays, struck through. One row a trial, the newest always in view.
class TrialBoard : public QWidget {
    Q_OBJECT
public:
    /// @param unit with what it is of: "kg net"
    TrialBoard(const QString& accessibleName, const QString& unit);
    /// @param rule in words, over the axis
    void showTrials(const BoardModel& model, const QString& rule, const report::Palette& palette);
    /// Number of the chosen trial; 0 when there is none.
    [[nodiscard]] int chosen() const;
    [[nodiscard]] QTableWidget& rows() { return *rows_; }

Q_SIGNALS:
    void chosenChanged();

private:
    QTableWidget* rows_;
    QWidget* axis_;
};

} // namespace fusain::desktop
