#pragma once
#include <QMetaType>
#include <set>
#include <string>
#include <utility>
#include <vector>

namespace fusain::desktop {

/// What has changed since the window was last told: in the lab book, by its events, and in what is shown of it.
struct Changes {
    bool shown =
        false; ///< names hidden, another person or test at the bench: concerns everything on the screen
    bool people = false, colleagues = false, visits = false, tests = false, checks = false, settings = false;
    bool elsewhere = false; ///< another workstation wrote it: no act of this one has succeeded
    std::set<std::string> subjects; ///< ids of the clients, visits, tests, checks and settings concerned

    /// Nothing of the book, only what is shown of it.
    [[nodiscard]] static Changes ofWhatIsShown() {
        Changes changes;
        changes.shown = true;
        return changes;
    }
    /// @param events kind and subject of each event, as the book gives them (LabBook::subjectsSince); a kind
    /// that is not known here is one of a test
    [[nodiscard]] static Changes ofEvents(const std::vector<std::pair<std::string, std::string>>& events);
    [[nodiscard]] bool none() const {
        return !shown && !people && !colleagues && !visits && !tests && !checks && !settings;
    }
};

} // namespace fusain::desktop

Q_DECLARE_METATYPE(fusain::desktop::Changes)
