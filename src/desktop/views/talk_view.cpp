#include "desktop/views/talk_view.hpp"

#include "desktop/services/text_files.hpp"
#include "desktop/widgets/appearance.hpp"
#include "desktop/widgets/parts.hpp"
#include "report/base/words.hpp"

#include <QFileDialog>
#include <QGuiApplication>
#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <QPdfWriter>
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
        painter.save();
        painter.translate(area.topLeft());
        painter.scale(larger, larger);
        figure.paint(painter, QRectF(0, 0, area.width() / larger, area.height() / larger), palette);
        painter.restore();
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

void PenSheet::paint(QPainter& painter, const QRectF& area, const std::vector<Line>& lines,
                     const QColor& colour) {
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setPen(QPen(colour, penWidth, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
    for (const Line& line : lines) {
        QPolygonF points;
        for (const QPointF& point : line)
            points << QPointF(area.left() + point.x() * area.width(), area.top() + point.y() * area.height());
        painter.drawPolyline(points);
    }
    painter.restore();
}

void PenSheet::paintEvent(QPaintEvent* /*event*/) {
    QPainter painter(this);
    paint(painter, rect(), lines_, colour_);
}

QPointF PenSheet::share(const QPointF& place) const {
    return {place.x() / std::max(1, width()), place.y() / std::max(1, height())};
}

void PenSheet::mousePressEvent(QMouseEvent* event) {
    lines_.push_back({share(event->position())});
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
    : QDialog(parent), session_(session), language_(QString::fromStdString(visit.client.language)),
      person_(session.nameOf(visit.client)), name_(label({}, "talkName")), headline_(label({}, "talkHeadline")),
      below_(label({}, "talkBelow")), foot_(label({}, "talkFoot", false)), keys_(label({}, "soft", false)),
      picture_(new FigureView(tr("Picture"), 300)), pen_(new PenSheet(picture_)),
      notes_(label(report::talkNotes(visit).join(QLatin1Char('\n')), "talkNotes")) {
    setWindowTitle(tr("Talk"));
    setObjectName(QStringLiteral("talk"));
    fileName_ = safeFileName(QStringLiteral("%1-%2-talk.pdf")
                                 .arg(QString::fromStdString(visit.client.code), report::day(visit.day())));
    visit.namesHidden = visit.namesHidden || session.namesHidden();
    {
        const report::InLanguage theirs(language_);
        scenes_ = report::talkScenes(visit);
    }
    drawn_.resize(scenes_.size());
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(scaled(72), scaled(40), scaled(72), scaled(24));
    layout->setSpacing(scaled(8));
    for (QWidget* part : std::initializer_list<QWidget*>{name_, headline_, below_})
        layout->addWidget(part);
    layout->addSpacing(scaled(16));
    layout->addWidget(picture_, 1);
    layout->addStretch(); // under a scene without a picture
    layout->addWidget(notes_);
    auto* last = new QHBoxLayout;
    last->addWidget(foot_, 1);
    last->addWidget(keys_);
    layout->addLayout(last);
    picture_->setFocusPolicy(Qt::NoFocus); // the arrows go from scene to scene
    notes_->hide();
    connect(pen_, &PenSheet::drawn, this, [this] { drawn_[static_cast<std::size_t>(scene_)] = pen_->lines(); });
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

void TalkView::goTo(int scene) {
    if (scene >= 0 && scene < static_cast<int>(scenes_.size()))
        showScene(scene);
}

void TalkView::showScene(int scene) {
    scene_ = scene;
    const report::TalkScene& shown = scenes_[static_cast<std::size_t>(scene)];
    name_->setText(shown.name);
    announce(headline_, shown.headline);
    below_->setText(shown.below);
    below_->setVisible(!shown.below.isEmpty());
    picture_->setVisible(shown.picture.has_value());
    if (shown.picture)
        picture_->setPaint(enlarged(*shown.picture, language_, session_.palette()));
    pen_->setGeometry(picture_->rect());
    pen_->showLines(drawn_[static_cast<std::size_t>(scene)], session_.palette());
    showFoot();
}

void TalkView::showFoot() {
    QStringList names;
    for (int i = 0; i < static_cast<int>(scenes_.size()); ++i) {
        const QString name = scenes_[static_cast<std::size_t>(i)].name;
        names << (i == scene_ ? QStringLiteral("▸ ") : QString()) + name +
                     (pinned_.contains(i) ? QStringLiteral(" ✓") : QString());
    }
    foot_->setText(names.join(QStringLiteral("      ")));
    keys_->setText((pen_->writing() ? tr("P pen away  C clear") : tr("P pen")) +
                   tr("  ·  K keep for the page  ·  S save  ·  Tab notes  ·  Space next  ·  Esc close"));
}

void TalkView::setPen(bool on) {
    pen_->setWriting(on);
    showFoot();
}

void TalkView::setNotes(bool on) {
    notes_->setVisible(on);
}

void TalkView::pin() {
    if (!pinned_.erase(scene_))
        pinned_.insert(scene_);
    showFoot();
}

void TalkView::keyPressEvent(QKeyEvent* event) {
    switch (event->key()) {
    case Qt::Key_Space:
    case Qt::Key_Right:
    case Qt::Key_PageDown:
        return goTo(scene_ + 1);
    case Qt::Key_Backspace:
    case Qt::Key_Left:
    case Qt::Key_PageUp:
        return goTo(scene_ - 1);
    case Qt::Key_Home:
        return goTo(0);
    case Qt::Key_End:
        return goTo(static_cast<int>(scenes_.size()) - 1);
    case Qt::Key_P:
        return setPen(!pen_->writing());
    case Qt::Key_C:
        drawn_[static_cast<std::size_t>(scene_)].clear();
        return pen_->showLines({}, session_.palette());
    case Qt::Key_K:
        return pin();
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
    QPdfWriter writer(path);
    writer.setPageSize(QPageSize(QPageSize::A4));
    writer.setPageOrientation(QPageLayout::Landscape);
    writer.setTitle(tr("What was talked over"));
    QPainter painter;
    if (!painter.begin(&writer))
        return failure({FUSAIN_TEXT("The page could not be written."), {}}, path.toStdString(),
                       {FUSAIN_TEXT("Check that the disk is connected and may be written."), {}});
    const report::InLanguage theirs(language_);
    constexpr double across = 1200.0; // units of a page, as of a screen
    const double scale = writer.width() / across;
    bool first = true;
    for (int scene = 0; scene < static_cast<int>(scenes_.size()); ++scene) {
        if (!pinned_.empty() && !pinned_.contains(scene))
            continue;
        if (!std::exchange(first, false))
            writer.newPage();
        painter.save();
        painter.scale(scale, scale);
        paintPage(painter, QRectF(0, 0, across, writer.height() / scale), scene);
        painter.restore();
    }
    return painter.end() ? Expected<void>()
                         : failure({FUSAIN_TEXT("The page could not be written."), {}}, path.toStdString(),
                                   {FUSAIN_TEXT("Check that the disk is not full."), {}});
}

void TalkView::paintPage(QPainter& painter, const QRectF& page, int scene) {
    const report::TalkScene& shown = scenes_[static_cast<std::size_t>(scene)];
    const report::Palette& palette = report::printPalette();
    double y = page.top();
    const auto say = [&](const QString& words, const QFont& font, const QColor& colour) {
        painter.setFont(font);
        painter.setPen(colour);
        QRectF taken;
        painter.drawText(QRectF(page.left(), y, page.width(), page.height()), Qt::TextWordWrap, words, &taken);
        y = taken.bottom() + 10.0;
    };
    say(QStringLiteral("%1  ·  %2").arg(person_, shown.name), report::textFont(16), palette.softInk);
    say(shown.headline, report::textFont(34, report::Weight::Bold), palette.ink);
    if (!shown.below.isEmpty())
        say(shown.below, report::textFont(19), palette.softInk);
    if (!shown.picture)
        return;
    const QRectF area(page.left(), y + 12.0, page.width(), page.bottom() - y - 12.0);
    painter.save();
    painter.translate(area.topLeft());
    painter.scale(larger, larger);
    shown.picture->paint(painter, QRectF(0, 0, area.width() / larger, area.height() / larger), palette);
    painter.restore();
    PenSheet::paint(painter, area, drawn_[static_cast<std::size_t>(scene)], palette.aril);
}

} // namespace fusain::desktop

#include "moc_talk_view.cpp"
