#include "desktop/widgets/fitted_text.hpp"

namespace fusain::desktop {
namespace {

constexpr int least = 24, step = 4;

} // namespace

FittedText::FittedText(int most, bool figures) : most_(most), figures_(figures) {
    setTextFormat(Qt::PlainText);
    setWordWrap(true);
    setAlignment(Qt::AlignLeft | Qt::AlignVCenter);
    setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Ignored);
}

void FittedText::say(const QString& text) {
    if (text == this->text())
        return;
    setText(text);
    fit();
}

void FittedText::resizeEvent(QResizeEvent* event) {
    QLabel::resizeEvent(event);
    fit();
}

void FittedText::fit() {
    QFont font(figures_ ? QStringLiteral("Atkinson Hyperlegible Mono") : this->font().family());
    font.setWeight(QFont::DemiBold);
    int pixels = most_;
    for (; pixels > least; pixels -= step) {
        font.setPixelSize(pixels);
        const QRect needed =
            QFontMetrics(font).boundingRect(QRect(0, 0, width(), 100000), Qt::TextWordWrap, text());
        if (needed.height() <= height() && needed.width() <= width())
            break;
    }
    if (pixels == pixels_)
        return;
    pixels_ = pixels;
    font.setPixelSize(pixels);
    setFont(font);
}

} // namespace fusain::desktop

#include "moc_fitted_text.cpp"
