#pragma once
#include "desktop/services/session.hpp"

#include <QString>

namespace fusain {
struct MethodPolicy;
}

namespace fusain::desktop {

// The pieces that the pages of the Library are written with.

/// A text as it is, safe for a page.
[[nodiscard]] QString plainText(std::string_view value);
/// A text of the catalogue or of a data file, in the user's language, safe for a page.
[[nodiscard]] QString pageWords(std::string_view marked);
/// A name in bold with its value under it. @param value already safe for a page
[[nodiscard]] QString pageRow(const QString& name, const QString& value);
/// How sure the values of an entry are, in words. @param grade 'A', 'B', or 'l' for the lab's own
[[nodiscard]] QString gradeWords(char grade);
/// Who put an entry in force, from the journal. @param setting under which it was chosen
[[nodiscard]] QString chosenBy(Session& session, const std::string& setting, const std::string& id);
/// Every key of a policy's document with its value, unit and what is allowed, from the table that reads it.
[[nodiscard]] QString everyValue(const AnyPolicy& policy);
/// What a policy says of its own method.
[[nodiscard]] QString policyRows(const AnyPolicy& policy);
/// How much an unchanged person differs from day to day, by this policy.
[[nodiscard]] QString dayRow(const MethodPolicy& policy);

} // namespace fusain::desktop
