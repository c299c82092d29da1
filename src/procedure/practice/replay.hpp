#pragma once
#include "record/all/record.hpp"
#include "record/practice/practice_log.hpp"

namespace fusain {

/// A practice test along its time: what was wrong when, and what the trainee took, threw away and did. Times in
/// minutes from its start.
struct Replay {
    double minutes = 0.0; ///< until it was signed or ended
    /// A recording, from its beginning until what came of it was accepted or the next one began.
    struct Recording {
        double from = 0.0, until = 0.0;
        std::vector<std::string> spoiltBy; ///< names of faults; empty for a good one
    };
    /// A reading that was accepted.
    struct Reading {
        double at = 0.0;
        int number = 0;
        bool counts = true;  ///< not excluded afterwards
        bool spoilt = false; ///< what it was taken from was
        /// A spoilt one that was excluded, or a good one that counts.
        [[nodiscard]] bool right() const { return counts != spoilt; }
    };
    /// Something said or done beside the screen.
    struct Act {
        double at = 0.0;
        std::string id;
        bool mended = false;    ///< something was wrong and is so no longer
        bool calledFor = false; ///< there was a reason for it
    };
    std::vector<Recording> recordings;
    std::vector<Reading> readings;
    std::vector<Act> acts;
};

/// @param end when the test was signed or ended
[[nodiscard]] Replay replayOf(const AnyTest& test, const PracticeLog& log, Instant end);

} // namespace fusain
