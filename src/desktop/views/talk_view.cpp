#include "desktop/views/talk_view.hpp"

#include "desktop/services/text_files.hpp"
#include "desktop/widgets/appearance.hpp"
#include "desktop/widgets/parts.hpp"
#include "report/base/words.hpp"
#include "report/method/parts.hpp"
#include "report/pages/talk_pages.hpp"

#include <QFileDialog>
#include <QGuiApplication>
#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <QScreen>
#include <QVBoxLayout>
#include <algorithm>

namespace fusain::desktop {
namespace {

constexpr double larger = 1.6; // than at the desk
constexpr double penWidth = 4.0;

// The picture of a scene, as large as it is read across a table.
FigureView::Paint enlarged(const report::NamedFigure& figure, const QString& language,
                           const report::Palette& palette) {
    return [figure, language, &palette](QPainter& painter, const QRectF& area) {
        const report::InLanguage inTheirs(language);
        report::paintScaled(painter, area, larger, figure, palette);
    };
}

} // namespace

PenSheet::PenSheet(QWidget* over) : QWidget(over) {
    setAttribute(Qt::WA_TransparentForMouseEvents);
    setAccessibleName(tr("Sheet for the pen"));
}

void PenSheet::showLines(std::vector<Line> lines, const report::Palette& palette) {
    lines_ = std::move(lines);
    colour_ = palette.aril;
    update();
}

void PenSheet::setWriting(bool on) {
    writing_ = on;
    setAttribute(Qt::WA_TransparentForMouseEvents, !on);
    setCursor(on ? Qt::CrossCursor : Qt::ArrowCursor);
}

void PenSheet::paintEvent(QPaintEvent* /*event*/) {
    QPainter painter(this);
    report::paintLines(painter, rect(), lines_, penWidth, colour_);
}

QPointF PenSheet::share(const QPointF& place) const {
    return {place.x() / std::max(1, width()), place.y() / std::max(1, height())};
}

void PenSheet::mousePressEvent(QMouseEvent* event) {
    lines_.push_back({share(event->position())});
    update();
}

void PenSheet::mouseMoveEvent(QMouseEvent* event) {
    if (lines_.empty())
        return;
    lines_.back().push_back(share(event->position()));
    update();
}

void PenSheet::mouseReleaseEvent(QMouseEvent* /*event*/) {
    Q_EMIT drawn();
}

TalkView::TalkView(Session& session, report::VisitReport visit, QWidget* parent)
    : QDialog(parent), session_(session), visit_(std::move(visit)), name_(label({}, "talkName")),
      headline_(label({}, "talkHeadline")), below_(label({}, "talkBelow")), refused_(label({}, "warning")),
      foot_(label({}, "talkFoot", false)), keys_(label({}, "soft", false)),
      picture_(new FigureView(tr("Picture"), 300)), pen_(new PenSheet(picture_)),
      notes_(label(report::talkNotes(visit_).join(QLatin1Char('\n')), "talkNotes")) {
    setWindowTitle(tr("Talk"));
    setObjectName(QStringLiteral("talk"));
    fileName_ = safeFileName(QStringLiteral("%1-%2-talk.pdf")
                                 .arg(QString::fromStdString(visit_.client.code), report::day(visit_.day())));
    visit_.namesHidden = visit_.namesHidden || session.namesHidden();
    fillScenes();
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(scaled(72), scaled(40), scaled(72), scaled(24));
    layout->setSpacing(scaled(8));
    for (QWidget* part : std::initializer_list<QWidget*>{name_, headline_, below_, refused_})
        layout->addWidget(part);
    layout->addSpacing(scaled(16));
    layout->addWidget(picture_, 1);
    layout->addStretch(); // under a scene without a picture
    layout->addWidget(notes_);
    layout->addWidget(foot_);
    layout->addWidget(keys_);
    picture_->setFocusPolicy(Qt::NoFocus); // the arrows go from scene to scene
    notes_->hide();
    connect(pen_, &PenSheet::drawn, this, &TalkView::keepDrawing);
    setFocusPolicy(Qt::StrongFocus);
    // On the screen that the client sees, where there are two.
    const auto screens = QGuiApplication::screens();
    const QScreen* own = parent ? parent->window()->screen() : nullptr;
    const auto other = std::ranges::find_if(screens, [own](const QScreen* each) { return each != own; });
    setGeometry((screens.size() > 1 && other != screens.end() ? *other : screens.front())->availableGeometry());
    if (parent && screens.size() < 2)
        setGeometry(parent->window()->geometry());
    goTo(0);
}

// In the order in which they stand, once there is one.
void TalkView::fillScenes() {
    const report::InLanguage theirs(spoken());
    auto fresh = report::talkScenes(visit_);
    const auto place = [this](const report::TalkScene& scene) {
        return std::ranges::find(scenes_, scene.about, &report::TalkScene::about) - scenes_.begin();
    };
    std::ranges::stable_sort(fresh, {}, place);
    scenes_ = std::move(fresh);
}

void TalkView::goTo(int scene) {
    if (scene >= 0 && scene < static_cast<int>(scenes_.size()))
        showScene(scene);
}

// To the next scene that is not left out.
void TalkView::step(int by) {
    int scene = scene_ + by;
    while (scene >= 0 && scene < static_cast<int>(scenes_.size()) &&
           leftOut_.contains(static_cast<int>(scenes_[static_cast<std::size_t>(scene)].about)))
        scene += by;
    goTo(scene);
}

void TalkView::showScene(int scene) {
    scene_ = scene;
    const report::TalkScene& shown = scenes_[static_cast<std::size_t>(scene)];
    name_->setText(shown.name);
    announce(headline_, shown.headline);
    below_->setText(shown.below);
    below_->setVisible(!shown.below.isEmpty());
    refused_->hide();
    picture_->setVisible(shown.picture.has_value());
    if (shown.picture)
        picture_->setPaint(enlarged(*shown.picture, spoken(), session_.palette()));
    pen_->setGeometry(picture_->rect());
    const auto drawn = visit_.marks.drawn.find(aboutNow());
    pen_->showLines(drawn == visit_.marks.drawn.end() ? std::vector<PenSheet::Line>{} : drawn->second.lines,
                    session_.palette());
    showFoot();
}

void TalkView::showFoot() {
    QStringList names;
    for (int i = 0; i < static_cast<int>(scenes_.size()); ++i) {
        const report::TalkScene& scene = scenes_[static_cast<std::size_t>(i)];
        const int about = static_cast<int>(scene.about);
        const QString name = leftOut_.contains(about) ? tr("(%1)").arg(scene.name) : scene.name;
        names << (i == scene_ ? QStringLiteral("▸ ") : QString()) + name +
                     (visit_.marks.chosen.contains(about) ? QStringLiteral(" ✓") : QString());
    }
    foot_->setText(names.join(QStringLiteral("      ")));
    QStringList keys{pen_->writing() ? tr("P pen away, C clear") : tr("P pen"),
                     tr("K take along"),
                     tr("S save"),
                     tr("X leave out"),
                     tr("Tab notes"),
                     tr("Space next"),
                     tr("Esc close")};
    if (scenes_[static_cast<std::size_t>(scene_)].about == report::TalkScene::About::Plan)
        keys.prepend(tr("↑ ↓ other energy"));
    keys_->setText(keys.join(QStringLiteral("  ·  ")));
}

void TalkView::setPen(bool on) {
    pen_->setWriting(on);
    showFoot();
}

void TalkView::setNotes(bool on) {
    notes_->setVisible(on);
}

// What was drawn and chosen is with the visit at once: closing loses nothing.
void TalkView::keepDrawing() {
    if (pen_->lines().empty())
        visit_.marks.drawn.erase(aboutNow());
    else
        visit_.marks.drawn[aboutNow()] = {QSizeF(picture_->size()) / larger, pen_->lines()};
    session_.marksOf(visit_.client.id, visit_.day()) = visit_.marks;
}

void TalkView::pin() {
    if (!visit_.marks.chosen.erase(aboutNow()))
        visit_.marks.chosen.insert(aboutNow());
    keepDrawing();
    showFoot();
}

void TalkView::leaveOut() {
    if (!leftOut_.erase(aboutNow()))
        leftOut_.insert(aboutNow());
    showFoot();
}

void TalkView::moveScene(int by) {
    const int to = scene_ + by;
    if (to < 0 || to >= static_cast<int>(scenes_.size()))
        return;
    std::swap(scenes_[static_cast<std::size_t>(scene_)], scenes_[static_cast<std::size_t>(to)]);
    scene_ = to;
    showFoot();
}

void TalkView::tryEnergy(KilocaloriesPerDay more) {
    if (!visit_.planSubject ||
        scenes_[static_cast<std::size_t>(scene_)].about != report::TalkScene::About::Plan)
        return;
    PlanRequest wished = visit_.planRequest;
    wished.change = wished.change + more;
    auto plan = makePlan(*visit_.planSubject, wished);
    if (!plan || plan->crossing) {
        const report::InLanguage theirs(spoken());
        announce(refused_, report::say(plan ? plan->crossing->why : plan.error().what));
        refused_->show();
        return;
    }
    visit_.planRequest = wished;
    visit_.plan = std::move(*plan);
    fillScenes();
    showScene(scene_);
}

void TalkView::keyPressEvent(QKeyEvent* event) {
    constexpr KilocaloriesPerDay aStep(50.0);
    const bool shift = event->modifiers().testFlag(Qt::ShiftModifier);
    switch (event->key()) {
    case Qt::Key_Space:
    case Qt::Key_PageDown:
        return step(1);
    case Qt::Key_Right:
        return shift ? moveScene(1) : step(1);
    case Qt::Key_Backspace:
    case Qt::Key_PageUp:
        return step(-1);
    case Qt::Key_Left:
        return shift ? moveScene(-1) : step(-1);
    case Qt::Key_Home:
        return goTo(0);
    case Qt::Key_End:
        return goTo(static_cast<int>(scenes_.size()) - 1);
    case Qt::Key_Up:
        return tryEnergy(aStep);
    case Qt::Key_Down:
        return tryEnergy(-aStep);
    case Qt::Key_P:
        return setPen(!pen_->writing());
    case Qt::Key_C:
        pen_->showLines({}, session_.palette());
        return keepDrawing();
    case Qt::Key_K:
        return pin();
    case Qt::Key_X:
        return leaveOut();
    case Qt::Key_S:
        return save();
    case Qt::Key_Tab:
        return setNotes(notes_->isHidden());
    default:
        QDialog::keyPressEvent(event);
    }
}

void TalkView::resizeEvent(QResizeEvent* event) {
    QDialog::resizeEvent(event);
    pen_->setGeometry(picture_->rect());
}

void TalkView::save() {
    const QString path =
        QFileDialog::getSaveFileName(this, tr("Save what was talked over"), fileName_, tr("PDF (*.pdf)"));
    if (!path.isEmpty())
        session_.report(saveTo(path));
}

Expected<void> TalkView::saveTo(const QString& path) {
    const report::InLanguage theirs(spoken());
    return report::writePdf(report::talkPages(visit_), path, tr("What was talked over"));
}

} // namespace fusain::desktop

#include "moc_talk_view.cpp"
