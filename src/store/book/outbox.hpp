#pragma once
#include "record/base/event.hpp"

#include <QLockFile>
#include <QSqlDatabase>
#include <QString>
#include <memory>
#include <vector>

namespace fusain::store {

/// What was accepted at the bench while the server of the lab book was away. It stands in a small file of this
/// workstation, on disk when the call returns, until it is in the book.
class Outbox {
public:
    /// Numbers from here on stand for events that have none of the book yet.
    static constexpr std::int64_t firstNumber = 1'000'000'000'000'000;

    struct Waiting {
        Event event;            ///< its number is one of the outbox
        std::int64_t after = 0; ///< number of the last event of its subject that the window knew of
    };

    /// @param path of the file, which is made when something is kept
    explicit Outbox(QString path);
    ~Outbox();
    Outbox(const Outbox&) = delete;
    Outbox& operator=(const Outbox&) = delete;

    /// @return the event with its number, or a Problem when it is not on disk or another window has this outbox
    [[nodiscard]] Expected<Event> keep(Event event, std::int64_t after);
    /// What is not in the book yet, in order.
    [[nodiscard]] std::vector<Waiting> waiting();
    /// How much that is, without reading it: a recording may have a megabyte. @param subject of this alone
    [[nodiscard]] int count(const std::string& subject = {});
    /// An event stands in the book under this number now.
    void delivered(std::int64_t waiting, std::int64_t number);
    /// Number in the book of what was delivered; the same for any other.
    [[nodiscard]] std::int64_t numberOf(std::int64_t number);
    /// All of one subject leaves the outbox.
    void drop(const std::string& subject);

private:
    [[nodiscard]] bool open(bool make);
    [[nodiscard]] QSqlDatabase database() const;
    QString path_, connection_;
    QLockFile lock_; ///< two windows of one workstation do not send the same
};

} // namespace fusain::store
