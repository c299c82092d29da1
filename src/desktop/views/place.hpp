#pragma once
#include "desktop/services/session.hpp"
#include "desktop/widgets/commands.hpp"
#include "desktop/widgets/parts.hpp"
#include "desktop/widgets/records_view.hpp"

namespace fusain::desktop {

/// Adds the commands of one place: each brings the place up before it does its work.
class PlaceCommands {
public:
    /// @param inFront whether the place is the one that is seen
    PlaceCommands(Commands& commands, QString place, std::function<void()> open, std::function<bool()> inFront)
        : commands_(commands), place_(std::move(place)), open_(std::move(open)), inFront_(std::move(inFront)) {}
    void operator()(const char* id, const QString& name, std::function<void()> act,
                    const QKeySequence& keys = {}, Commands::Obstacle obstacle = {}) const;
    /// One about what is chosen in the place (a client, an appointment, a test): only while the place is in
    /// front, so that nobody starts, changes or cancels what they do not see.
    void aboutChosen(const char* id, const QString& name, std::function<void()> act,
                     const QKeySequence& keys = {}, Commands::Obstacle obstacle = {}) const;
    /// A key that the place reads itself.
    void note(const QString& name, const QString& keys) const { commands_.note(place_, name, keys); }

private:
    Commands& commands_;
    QString place_;
    std::function<void()> open_;
    std::function<bool()> inFront_;
};

/// One of the five places of the shell.
class Place : public QWidget {
    Q_OBJECT
public:
    explicit Place(Session& session) : session_(session) { setObjectName(QStringLiteral("page")); }
    /// Shows the present state of the lab book.
    virtual void refresh() = 0;
    /// Whether what has changed can be seen here.
    [[nodiscard]] virtual bool concerns(const Changes& /*changes*/) const { return true; }
    /// Where the breadcrumb says we are.
    [[nodiscard]] virtual QString where() const = 0;
    /// A page takes the room that it is given. Otherwise every live reading would ask each label of each hidden
    /// page how high it likes to be, several times over at each level of pages.
    [[nodiscard]] bool hasHeightForWidth() const override { return false; }
    /// Tells what can be done here, by name.
    virtual void addCommands(const PlaceCommands& add) = 0;
    /// Takes back what was done last here.
    virtual void undo();
    /// The first thing that the keyboard reaches.
    virtual void enter() { setFocus(); }

    /// Starts a test. What is unusual about it (another test on the instrument, another day or hour, a
    /// preparation that is not done) is asked first; past a due check or bad water the physiologist is asked
    /// for a reason. @return whether it started
    bool startTest(const Client& client, const std::string& visitId, std::string_view method);

Q_SIGNALS:
    void openClient(const QString& id);
    void openBench();
    /// What `where` says has changed without the record changing.
    void moved();

protected:
    /// Gives a table the widths of its columns, or those that it was left with on this workstation.
    /// @param name under which they are kept
    void keepColumns(RecordsView& table, const char* name, std::initializer_list<std::pair<int, int>> widths);
    Session& session_;
};

} // namespace fusain::desktop
