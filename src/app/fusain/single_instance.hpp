#pragma once
#include <QLocalServer>
#include <functional>

namespace fusain {

/// Brings the window of a lab book forward when it is started again. That two never write to one book is the
/// lab book's own business (store::BookPlace).
class SingleInstance {
public:
    /// Knocks at the window that has this book open. @param workstation which of several has a book on a server
    /// @return whether one answered
    [[nodiscard]] static bool knock(const QString& book, const QString& workstation);
    /// Answers from here on. @param comeForward called for each knock
    void answer(const QString& book, const QString& workstation, std::function<void()> comeForward);

private:
    QLocalServer server_;
};

} // namespace fusain
