#pragma once
#include "report/base/page_flow.hpp"

#include <QDate>

namespace fusain::report {

/// The recovery phrase of a lab book whose names are sealed, to be locked away. Made for the printer alone.
[[nodiscard]] PageFlow phrasePage(const Letterhead& lab, const QString& phrase, const QDate& day);

} // namespace fusain::report
