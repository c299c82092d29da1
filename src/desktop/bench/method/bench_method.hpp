#pragma once
#include "desktop/bench/method/step_panel.hpp"

#include <QList>
#include <QStringList>

namespace fusain::desktop {

/// What a method brings to the bench: the panel of each step, and the readings that stand beside the run sheet
/// until there is a result. Specialized in each method's own room (desktop/bench/tank/method.hpp …); a method
/// without one does not compile.
template <class Method>
struct AtTheBench;

/// Name and value of a reading, for the narrow sheet beside the run.
[[nodiscard]] QStringList readingRow(const QString& name, double value, int decimals, const QString& unit);

/// The same for a quantity that follows the units of the lab. @param kept in its kept unit
[[nodiscard]] QStringList readingRow(const QString& name, Dimension dimension, double kept, int decimals,
                                     UnitSystem units);

/// How many readings a step has, for its line in the run sheet; empty for none.
[[nodiscard]] QString countOf(std::size_t readings);

/// Texts of a protocol in the language of the window.
[[nodiscard]] QStringList inWords(const std::vector<std::string>& texts);

/// The panel of a step that is alike for every method; null for a step that needs its own.
[[nodiscard]] StepPanel* commonPanel(Session& session, std::span<const StepText> sheet, Step step);

} // namespace fusain::desktop
