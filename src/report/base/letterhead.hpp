#pragma once
#include <QByteArray>
#include <QSizeF>
#include <string>

namespace fusain::report {

enum class Paper { A4, Letter };

/// What the pages of a lab carry of the lab, and the paper that they are printed on.
struct Letterhead {
    std::string name, address, telephone;
    QByteArray logo; ///< a picture as a file holds it (PNG, JPEG); empty for none
    Paper paper = Paper::A4;
    std::string head = {}; ///< where the journal of the lab book ended when the page was made: "4745:3f2a…"
};

/// Points (1/72 inch).
[[nodiscard]] inline QSizeF sizeOf(Paper paper) {
    return paper == Paper::Letter ? QSizeF(612.0, 792.0) : QSizeF(595.0, 842.0);
}

} // namespace fusain::report
