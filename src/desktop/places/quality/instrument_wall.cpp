#include "desktop/places/quality/instrument_wall.hpp"

#include "desktop/widgets/appearance.hpp"
#include "desktop/widgets/parts.hpp"

#include <QPainter>
#include <QScrollBar>
#include <QStyledItemDelegate>
#include <algorithm>

namespace fusain::desktop {
namespace {

constexpr int leastCardWidth = 320, cardHeight = 184, gap = 12;
enum CardRole { IdRole = Qt::UserRole };

// How long the check holds: a ring that empties.
void paintClock(QPainter& painter, const QRectF& ring, double left, const report::Palette& palette) {
    constexpr int top = 90 * 16, whole = 360 * 16; // sixteenths of a degree
    painter.setBrush(Qt::NoBrush);
    painter.setPen(QPen(palette.rule, 3.0));
    painter.drawEllipse(ring);
    painter.setPen(QPen(left > 0.0 ? palette.leaf : palette.aril, 3.0, Qt::SolidLine, Qt::FlatCap));
    painter.drawArc(ring, top, left > 0.0 ? -static_cast<int>(left * whole) : -whole);
}

} // namespace

/// Draws one card in the figures' own units, which grow with the size of text.
class CardDelegate : public QStyledItemDelegate {
public:
    CardDelegate(const InstrumentCards& cards, const report::Palette& look, QObject* parent)
        : QStyledItemDelegate(parent), cards_(cards), palette(&look) {}
    [[nodiscard]] QSize sizeHint(const QStyleOptionViewItem& /*option*/,
                                 const QModelIndex& /*index*/) const override {
        return size;
    }
    void paint(QPainter* painter, const QStyleOptionViewItem& option, const QModelIndex& index) const override {
        const InstrumentCard* card = cards_.at(index.row());
        if (!card)
            return;
        painter->save();
        painter->setRenderHint(QPainter::Antialiasing);
        painter->translate(option.rect.topLeft());
        const double scale = scaled(100) / 100.0;
        painter->scale(scale, scale);
        paintCard(*painter, QRectF(0, 0, option.rect.width() / scale - gap, option.rect.height() / scale - gap),
                  *card, option.state.testFlag(QStyle::State_Selected));
        painter->restore();
    }

private:
    void paintCard(QPainter& painter, const QRectF& area, const InstrumentCard& card, bool chosen) const {
        painter.setPen(QPen(chosen ? palette->berry : palette->rule, chosen ? 2.0 : 1.0));
        painter.setBrush(palette->sheet);
        painter.drawRect(area.adjusted(1, 1, -1, -1));
        const QRectF inside = area.adjusted(14, 10, -14, -10);
        painter.setPen(palette->ink);
        painter.setFont(report::textFont(16, report::Weight::SemiBold));
        painter.drawText(QRectF(inside.left(), inside.top(), inside.width() - 30, 22), Qt::AlignVCenter,
                         card.name);
        paintClock(painter, QRectF(inside.right() - 20, inside.top() + 1, 18, 18), card.left, *palette);
        painter.setPen(palette->softInk);
        painter.setFont(report::textFont(12));
        painter.drawText(QRectF(inside.left(), inside.top() + 24, inside.width(), 16), Qt::AlignVCenter,
                         painter.fontMetrics().elidedText(card.check, Qt::ElideRight, int(inside.width())));
        report::paintControlSpark(painter, QRectF(inside.left(), inside.top() + 48, inside.width(), 40),
                                  card.chart, *palette);
        painter.setPen(card.good ? palette->ink : palette->aril);
        painter.setFont(report::textFont(13, card.good ? report::Weight::Regular : report::Weight::SemiBold));
        const double below = card.others.isEmpty() ? 0.0 : 18.0;
        painter.drawText(QRectF(inside.left(), inside.top() + 94, inside.width(), inside.height() - 94 - below),
                         Qt::AlignTop | Qt::TextWordWrap, card.verdict);
        painter.setPen(palette->softInk);
        painter.setFont(report::textFont(12));
        painter.drawText(QRectF(inside.left(), inside.bottom() - 16, inside.width(), 16), Qt::AlignVCenter,
                         painter.fontMetrics().elidedText(card.others, Qt::ElideRight, int(inside.width())));
    }
    const InstrumentCards& cards_;

public:
    const report::Palette* palette;
    QSize size{leastCardWidth, cardHeight};
};

void InstrumentCards::setCards(std::vector<InstrumentCard> cards) {
    const bool same = std::ranges::equal(cards, cards_, {}, &InstrumentCard::id, &InstrumentCard::id);
    if (!same)
        beginResetModel();
    cards_ = std::move(cards);
    if (!same)
        endResetModel();
    else if (!cards_.empty())
        Q_EMIT dataChanged(index(0), index(static_cast<int>(cards_.size()) - 1));
}

const InstrumentCard* InstrumentCards::at(int row) const {
    return row >= 0 && row < static_cast<int>(cards_.size()) ? &cards_[static_cast<std::size_t>(row)] : nullptr;
}

int InstrumentCards::rowCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : static_cast<int>(cards_.size());
}

QVariant InstrumentCards::data(const QModelIndex& index, int role) const {
    const InstrumentCard* card = at(index.row());
    if (!card)
        return {};
    switch (role) {
    case Qt::DisplayRole:
        return card->name;
    case Qt::AccessibleTextRole:
        return card->name + QStringLiteral(". ") + card->check + QStringLiteral(": ") + card->verdict +
               (card->others.isEmpty() ? QString() : QStringLiteral(" ") + card->others);
    case Qt::ToolTipRole:
        return card->verdict;
    case IdRole:
        return card->id;
    default:
        return {};
    }
}

InstrumentWall::InstrumentWall(const report::Palette& palette)
    : cards_(new InstrumentCards(this)), delegate_(new CardDelegate(*cards_, palette, this)) {
    setAccessibleName(tr("Instruments"));
    setObjectName(QStringLiteral("wall"));
    setModel(cards_);
    followSelection(this);
    setItemDelegate(delegate_);
    setViewMode(QListView::IconMode);
    setMovement(QListView::Static);
    setResizeMode(QListView::Adjust);
    setUniformItemSizes(true);
    setEditTriggers(QAbstractItemView::NoEditTriggers);
    setFrameShape(QFrame::NoFrame);
    setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    const auto open = [this](const QModelIndex& index) { Q_EMIT opened(index.data(IdRole).toString()); };
    connect(this, &QListView::clicked, this, open);
    connect(this, &QListView::activated, this, open);
}

void InstrumentWall::showCards(std::vector<InstrumentCard> cards) {
    cards_->setCards(std::move(cards));
    if (!currentIndex().isValid())
        setCurrentIndex(cards_->index(0));
}

void InstrumentWall::usePalette(const report::Palette& palette) {
    delegate_->palette = &palette;
    viewport()->update();
}

void InstrumentWall::choose(const QString& id) {
    for (int row = 0; row < cards_->rowCount(); ++row)
        if (cards_->at(row)->id == id)
            setCurrentIndex(cards_->index(row));
}

// As many columns as there is width for, over the whole width.
void InstrumentWall::resizeEvent(QResizeEvent* event) {
    const int width = contentsRect().width() - verticalScrollBar()->sizeHint().width() - 2;
    const int columns = std::max(1, width / scaled(leastCardWidth));
    delegate_->size = {width / columns, scaled(cardHeight)};
    setGridSize(delegate_->size);
    const int rows = (cards_->rowCount() + columns - 1) / columns;
    setVerticalScrollBarPolicy(
        rows * delegate_->size.height() <= contentsRect().height()
            ? Qt::ScrollBarAlwaysOff // by itself it stays where nothing is to be scrolled
            : Qt::ScrollBarAsNeeded);
    QListView::resizeEvent(event);
}

} // namespace fusain::desktop

#include "moc_instrument_wall.cpp"
