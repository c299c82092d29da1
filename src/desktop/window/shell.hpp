#pragma once
#include "desktop/bench/all/bench_place.hpp"
#include "desktop/places/clients/clients_place.hpp"
#include "desktop/places/day/day_place.hpp"
#include "desktop/places/library/library_place.hpp"
#include "desktop/places/practice/practice_place.hpp"
#include "desktop/places/quality/quality_place.hpp"
#include "desktop/places/settings/settings_place.hpp"
#include "desktop/widgets/commands.hpp"
#include "desktop/widgets/typing_pause.hpp"
#include "desktop/window/book_menu.hpp"
#include "desktop/window/care_bar.hpp"
#include "desktop/window/lock.hpp"

#include <QMainWindow>
#include <QProgressBar>
#include <QStackedWidget>

namespace fusain::desktop {

enum class PlaceName { Day, Clients, Bench, Quality, Library, Settings, Practice };

/// The window: the spine with five places, the breadcrumb and the search.
class Shell : public QMainWindow {
    Q_OBJECT
public:
    explicit Shell(Session& session);
    void open(PlaceName place);
    [[nodiscard]] BenchPlace& bench() { return *bench_; }
    /// Opens the one client, test or equation that fits; shows them when several clients do.
    void searchFor(const QString& text);
    [[nodiscard]] ClientsPlace& clients() { return *clients_; }
    [[nodiscard]] LibraryPlace& library() { return *library_; }
    DayPlace& day() { return *day_; }
    [[nodiscard]] QualityPlace& quality() { return *quality_; }
    [[nodiscard]] SettingsPlace& settings() { return *settings_; }
    /// Null outside the practice room.
    [[nodiscard]] PracticePlace* practice() { return practice_; }
    /// The last problem shown, for tests and for the reader who missed it.
    [[nodiscard]] QString lastProblem() const { return problem_->text(); }
    /// What leads to other lab books.
    [[nodiscard]] BookMenu& books() { return *books_; }
    /// All that can be done by name.
    [[nodiscard]] Commands& commands() { return *commands_; }
    [[nodiscard]] const TypingPause& typingPause() const { return *typingPause_; }
    /// Brings the window to the front: a second start with the same lab book asks for it.
    void bringForward();
    [[nodiscard]] Lock& lock() { return *lock_; }

protected:
    void closeEvent(QCloseEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;

private:
    QWidget* buildSpine();
    QWidget* buildTop();
    void addCommands();
    void addViewCommands();
    void recallKeys();
    void searchCommands();
    void showKeys();
    [[nodiscard]] QWidget* undoLine();
    void offerUndo(const QString& name);
    void showUndo(const QString& words, bool canUndo);
    /// Puts the notices that are open where they belong. @param shown one to open first
    void placeNotices(QFrame* shown = nullptr);
    [[nodiscard]] QString ofThisBook();
    void recallWindow();
    void refresh();
    void refreshFrame();
    [[nodiscard]] bool mayShowAnew();
    void applyAppearance();
    void showProblem(const Problem& problem);
    void showLinks();
    void sayHowItBegins();
    void showWhere();
    void showAbout();
    void showHelp();
    [[nodiscard]] QMenu* bookMenu();
    void fillStaff();
    void takeTheBench(const Staff& staff);
    [[nodiscard]] Place* current() const;

    Session& session_;
    QStackedWidget* places_;
    DayPlace* day_;
    ClientsPlace* clients_;
    BenchPlace* bench_;
    QualityPlace* quality_;
    LibraryPlace* library_;
    SettingsPlace* settings_;
    PracticePlace* practice_ = nullptr;
    QWidget* spine_;
    QWidget* top_;
    QList<QPushButton*> placeButtons_;
    QLabel* breadcrumb_;
    QLineEdit* search_;
    QLabel* problem_;
    QPushButton* dismiss_;
    QFrame* problemBar_;
    bool goesWithItsCause_ = false; ///< the problem shown was one of an act: the next act that succeeds ends it
    CareBar* care_;
    QComboBox* staff_;
    QLabel* links_;
    QLabel* bookName_;
    BookMenu* books_;
    Commands* commands_;
    TypingPause* typingPause_;
    Lock* lock_;
    QFrame* undoBar_; ///< what was done last, as long as it is fresh
    QLabel* undoWords_;
    QPushButton* undoBack_;
    QTimer* undoTime_;
};

} // namespace fusain::desktop
