#pragma once
#include <QString>
#include <optional>
#include <string>

class QLineEdit;
class QWidget;

namespace fusain::desktop {

/// Asks for one sentence; empty when cancelled.
[[nodiscard]] QString askReason(QWidget* parent, const QString& title, const QString& question);
/// Asks for what nobody else may read. @param act what is then done, on the button  @return nothing when
/// cancelled
[[nodiscard]] std::optional<std::string> askSecret(QWidget* parent, const QString& act,
                                                   const QString& question);

/// Asks for a new one, twice. @return nothing when cancelled
[[nodiscard]] std::optional<std::string> askNewSecret(QWidget* parent, const QString& act, const QString& question);

/// A field for it.
[[nodiscard]] QLineEdit* secretField(const QString& accessibleName);

} // namespace fusain::desktop
