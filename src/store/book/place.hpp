#pragma once
#include "core/base/problem.hpp"

#include <QString>
#include <sys/types.h>

namespace fusain::store {

/// The file of a lab book that is open for writing: one window at a time, by whatever name, and known again if
/// somebody puts another file in its place.
class BookPlace {
public:
    /// The place of nothing: a book that is only read.
    BookPlace() = default;
    BookPlace(BookPlace&& other) noexcept;
    BookPlace& operator=(BookPlace&& other) noexcept;
    ~BookPlace();

    /// Takes an existing lab book. @return a Problem for a missing folder (a disk that is not connected), a
    /// missing, empty or foreign file, one with a second name, or one that is open elsewhere
    [[nodiscard]] static Expected<BookPlace> take(const QString& path);
    /// An empty file that nobody else may read. @return a Problem when it cannot be made
    [[nodiscard]] static Expected<void> makeEmpty(const QString& path);

    /// Without links.
    [[nodiscard]] const QString& path() const { return path_; }
    /// Whether the path still leads to the file that was taken.
    [[nodiscard]] bool holds() const;
    /// Since when the window had it that went without closing it; empty when it was closed.
    [[nodiscard]] const std::string& endedBadly() const { return endedBadly_; }
    /// Whether others could read the file before it was taken; they cannot any more.
    [[nodiscard]] bool wasReadableByOthers() const { return wasReadableByOthers_; }

private:
    void leave();

    QString path_;
    int file_ = -1;
    dev_t device_ = 0;
    ino_t inode_ = 0;
    bool wasReadableByOthers_ = false;
    std::string endedBadly_;
};

enum class Over { Nothing, Anything };
/// Gives a finished file its name, on disk when this returns: there is no moment without the old or the new
/// one.
/// @return a Problem when there is a file that must not be replaced, or the folder cannot be written
[[nodiscard]] Expected<void> putInPlace(const QString& finished, const QString& path, Over over);

} // namespace fusain::store
