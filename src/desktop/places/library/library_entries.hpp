#pragma once
#include "desktop/places/library/library_model.hpp"

namespace fusain::desktop {

class Session;

/// All that the Library lists.
[[nodiscard]] std::vector<LibraryGroup> libraryEntries(Session& session);
/// Ids of what the policies and references of this lab use now.
[[nodiscard]] std::set<std::string> usedNow(Session& session);

} // namespace fusain::desktop
