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
    /// Lines in shares of the sheet, so that they stay where they were drawn when it changes its size.
    using Line = std::vector<QPointF>;
    void showLines(std::vector<Line> lines, const report::Palette& palette);
    void setWriting(bool on);
    [[nodiscard]] bool writing() const { return writing_; }
    [[nodiscard]] const std::vector<Line>& lines() const { return lines_; }
    /// Draws lines into an area, as they lie on the sheet.
    static void paint(QPainter& painter, const QRectF& area, const std::vector<Line>& lines,
                      const QColor& colour);

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
    [[nodiscard]] const std::set<int>& pinned() const { return pinned_; }
    /// Writes the pinned scenes, or all when none is, with what was drawn on them. One page each.
    Expected<void> saveTo(const QString& path);

protected:
    void keyPressEvent(QKeyEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;

private:
    void showScene(int scene);
    void showFoot();
    void save();
    void paintPage(QPainter& painter, const QRectF& page, int scene);

    Session& session_;
    QString language_, person_, fileName_;
    std::vector<report::TalkScene> scenes_;
    std::vector<std::vector<PenSheet::Line>> drawn_; ///< on each scene
    std::set<int> pinned_;
    int scene_ = -1;
    QLabel *name_, *headline_, *below_, *foot_, *keys_;
    FigureView* picture_;
    PenSheet* pen_;
    QLabel* notes_;
};

} // namespace fusain::desktop
