#pragma once
#include "desktop/services/session.hpp"
#include "desktop/widgets/figure_view.hpp"
#include "report/base/language.hpp"
#include "report/pages/talk_scenes.hpp"

#include <QDialog>
#include <QLabel>
#include <QPlainTextEdit>

namespace fusain::desktop {

/// A sheet over a scene that a pen writes on.
class PenSheet : public QWidget {
    Q_OBJECT
public:
    explicit PenSheet(QWidget* over);
    using Line = report::PenMarks::Line;
    void showLines(std::vector<Line> lines, const report::Palette& palette);
    void setWriting(bool on);
    [[nodiscard]] bool writing() const { return writing_; }
    [[nodiscard]] const std::vector<Line>& lines() const { return lines_; }

Q_SIGNALS:
    void drawn();

protected:
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;

private:
    [[nodiscard]] QPointF share(const QPointF& place) const;
    std::vector<Line> lines_;
    QColor colour_;
    bool writing_ = false;
};

/// Turned towards the client: one scene after the other, large, in the client's own words, without lists or
/// other people's names. The interpreter's notes stay on a strip that only a key opens.
class TalkView : public QDialog {
    Q_OBJECT
public:
    TalkView(Session& session, report::VisitReport visit, QWidget* parent = nullptr);
    /// Goes to a scene; nothing happens beyond the first and the last.
    void goTo(int scene);
    [[nodiscard]] int scene() const { return scene_; }
    [[nodiscard]] const std::vector<report::TalkScene>& scenes() const { return scenes_; }
    void setPen(bool on);
    void setNotes(bool on);
    /// Chooses the scene for the pages that the client takes along, or takes it out.
    void pin();
    /// Leaves the scene out of the talk, or takes it in again.
    void leaveOut();
    /// Moves the scene one place earlier or later.
    void moveScene(int by);
    /// What the plan would be with so much more or less energy a day; refused where a plan must not be.
    void tryEnergy(KilocaloriesPerDay more);
    /// What was drawn and chosen, by what the scenes are about. It stays with the visit when the view closes.
    [[nodiscard]] const report::PenMarks& marks() const { return visit_.marks; }
    /// Writes the pinned scenes, or all when none is, with what was drawn on them.
    Expected<void> saveTo(const QString& path);

protected:
    void keyPressEvent(QKeyEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;

private:
    [[nodiscard]] int aboutNow() const {
        return static_cast<int>(scenes_[static_cast<std::size_t>(scene_)].about);
    }
    void step(int by);
    void fillScenes();
    void showScene(int scene);
    void showFoot();
    void keepDrawing();
    void save();

    Session& session_;
    /// The language of the one who looks on.
    [[nodiscard]] QString spoken() const { return report::spokenTo(visit_.client, visit_.day()); }

    report::VisitReport visit_;
    QString fileName_;
    std::vector<report::TalkScene> scenes_;
    std::set<int> leftOut_; ///< by what they are about
    int scene_ = -1;
    QLabel *name_, *headline_, *below_, *refused_, *foot_, *keys_;
    FigureView* picture_;
    PenSheet* pen_;
    QLabel* notes_;
};

} // namespace fusain::desktop
