#pragma once
#include <QLocalServer>
#include <QLockFile>
#include <functional>
#include <memory>

namespace fusain {

/// One window per lab book. The first start holds a lock beside the book and listens; a second start knocks and
/// leaves.
class SingleInstance {
public:
    /// @return true when this process may open the book; false when another one was asked to come forward
    [[nodiscard]] bool claim(const QString& bookPath, std::function<void()> comeForward);

private:
    std::unique_ptr<QLockFile> lock_;
    QLocalServer server_;
};

} // namespace fusain
