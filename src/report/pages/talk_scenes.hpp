#pragma once
#include "report/pages/visit_report.hpp"

namespace fusain::report {

/// One thing to say to a client across the table: a sentence, what goes with it, and a picture.
struct TalkScene {
    enum class About { Today, SinceWeBegan, WhereYouAre, YourSides, Plan, Next };
    About about = About::Today;
    QString name;     ///< for the row of scenes
    QString headline; ///< one sentence
    QString below;    ///< what goes with it; may be empty
    std::optional<NamedFigure> picture;
};

/// What can be said of a visit, in order: today, since the first test, where the value lies, both sides, the
/// plan, the next test. A scene that this visit has nothing for, or that is not for this person, is left out:
/// no scale for minors, no numbers for who asked for words only.
[[nodiscard]] std::vector<TalkScene> talkScenes(const VisitReport& visit);

/// What the interpreter alone sees: the key points with their evidence, as the lab reads them.
[[nodiscard]] QStringList talkNotes(const VisitReport& visit);

} // namespace fusain::report
