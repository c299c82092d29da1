#pragma once
#include "desktop/services/session.hpp"
#include "report/figures/change_figure.hpp"

#include <QStyledItemDelegate>

namespace fusain::desktop {

/// A value with its interval, small enough for a row of a table, on a scale that all rows share.
struct SpindleMark {
    double value = 0.0, half = 0.0; ///< 95 %
    double from = 0.0, to = 1.0;    ///< of the scale
    bool present = false;           ///< drawn full; earlier ones as outlines
};

/// What a cell carries for the delegates below, under `pictureRole`; an empty one draws nothing.
[[nodiscard]] QVariant pictureOf(const SpindleMark& mark);
[[nodiscard]] QVariant pictureOf(const report::ChangeMark& mark);

/// Draws the pictures of a column: values as spindles on one scale, changes against their LSC.
class MarkDelegate : public QStyledItemDelegate {
public:
    MarkDelegate(Session& session, int pictureRole, QObject* parent)
        : QStyledItemDelegate(parent), session_(session), role_(pictureRole) {}
    void paint(QPainter* painter, const QStyleOptionViewItem& option, const QModelIndex& index) const override;

private:
    Session& session_;
    int role_;
};

} // namespace fusain::desktop

Q_DECLARE_METATYPE(fusain::desktop::SpindleMark)
Q_DECLARE_METATYPE(fusain::report::ChangeMark)
