#include "desktop/services/changes.hpp"

#include "store/book/identity.hpp"
#include "store/book/projection.hpp"

#include <map>
#include <string_view>

namespace fusain::desktop {

Changes Changes::ofEvents(const std::vector<std::pair<std::string, std::string>>& events) {
    using namespace store::kinds;
    static const std::map<std::string_view, bool Changes::*> about{
        {clientSaved, &Changes::people},    {clientErased, &Changes::people},
        {staffSaved, &Changes::colleagues}, {visitSaved, &Changes::visits},
        {resultStored, &Changes::tests},    {checkSaved, &Changes::checks},
        {studySaved, &Changes::checks},     {settingChanged, &Changes::settings}};
    Changes changes;
    for (const auto& [kind, subject] : events) {
        changes.subjects.insert(subject);
        if (kind == importMade || kind == importTakenBack || kind == rowFound) { // whole rows of any kind
            changes.people = changes.visits = changes.tests = changes.checks = true;
            continue;
        }
        const auto found = about.find(kind);
        changes.*(found == about.end() ? &Changes::tests : found->second) = true;
    }
    return changes;
}

} // namespace fusain::desktop
