#include "desktop/widgets/appearance.hpp"

#include <QApplication>
#include <QFontInfo>
#include <QRegularExpression>
#include <algorithm>
#include <cmath>

namespace fusain::desktop {
namespace {

constexpr double textSize = 13.0, // pixels, in the drawings
    usualDesktopText = 15.0,      // pixels of 11 points at 96 to the inch
    mostScale = 2.0;
double scale = 1.0;

// Lines stay thin; everything that stands around text grows with it.
QString grown(QString sheet) {
    static const QRegularExpression size(QStringLiteral("(\\d+)px"));
    QString result;
    qsizetype at = 0;
    for (auto found = size.globalMatch(sheet); found.hasNext();) {
        const auto match = found.next();
        const int pixels = match.captured(1).toInt();
        result += sheet.mid(at, match.capturedStart() - at) +
                  QStringLiteral("%1px").arg(pixels < 3 ? pixels : scaled(pixels));
        at = match.capturedEnd();
    }
    return result + sheet.mid(at);
}

} // namespace

double textScale() {
    return scale;
}

void setTextScale(double chosen) {
    // As the desktop had it before the program set a font of its own.
    static const double desktop = QFontInfo(QGuiApplication::font()).pixelSize() / usualDesktopText;
    scale = std::clamp(std::max(1.0, desktop) * chosen, 1.0, mostScale);
    QApplication::setFont(report::textFont(scaled(textSize)));
}

int scaled(double pixels) {
    return static_cast<int>(std::lround(pixels * scale));
}

QString styleSheetFor(const report::Palette& palette) {
    QString sheet = QStringLiteral(R"(
QMainWindow, QWidget#page, QDialog, QMessageBox { background: @paper; }
QWidget#spine { background: @sheet; border-right: 1px solid @rule; }
QLabel { background: transparent; }
QLabel#title { font-size: 22px; font-weight: 700; }
QLabel#heading { font-size: 16px; font-weight: 600; }
QLabel#soft { color: @soft; }
QLabel#chip { border: 1px solid @ink; border-radius: 3px; padding: 2px 8px; font-weight: 600; }
QFrame#now { background: @sheet; border: 2px solid @berry; border-radius: 3px; }
QLabel#nowSentence { font-size: 20px; font-weight: 700; }
QFrame#problemCard { background: @sheet; border: 1px solid @rule; border-left: 4px solid @aril; }
QDialog#talk { background: @sheet; }
QLabel#talkName { font-size: 18px; font-weight: 600; color: @soft; }
QLabel#talkHeadline { font-size: 40px; font-weight: 700; }
QLabel#talkBelow { font-size: 22px; color: @soft; }
QLabel#talkFoot { font-size: 16px; }
QLabel#talkNotes { font-size: 16px; background: @paper; padding: 12px; border-top: 2px solid @ink; }
QLabel#warning { color: @aril; font-weight: 600; }
QLabel#verdict { font-size: 16px; font-weight: 600; }
QLabel#live { font-family: "Atkinson Hyperlegible Mono"; font-size: 40px; font-weight: 600; color: @ink; }
QLabel#found { font-family: "Atkinson Hyperlegible Mono"; font-size: 22px; font-weight: 600; color: @berry; }
QPushButton { background: @sheet; border: 1px solid @soft; border-radius: 2px; padding: 6px 14px; min-height: 20px; }
QDialogButtonBox { dialogbuttonbox-buttons-have-icons: 0; }
QPushButton:hover { border-color: @berry; }
QPushButton:focus { border: 2px solid @berry; padding: 5px 13px; }
QPushButton:disabled { color: @soft; border-color: @rule; }
QPushButton#primary { background: @berry; color: @sheet; border-color: @berry; font-weight: 600; }
QPushButton#primary:focus { border: 2px solid @ink; }
QPushButton#primary:disabled { background: @rule; color: @soft; border-color: @rule; }
QPushButton#place { text-align: left; border: none; border-left: 4px solid transparent; background: transparent; font-size: 16px; padding: 10px 12px; }
QPushButton#place:checked { border-left: 4px solid @berry; font-weight: 700; }
QPushButton#place:focus { border: 1px solid @berry; border-left: 4px solid @berry; padding: 9px 11px 9px 12px; }
QLineEdit, QPlainTextEdit, QComboBox, QDateTimeEdit { background: @sheet; border: 1px solid @soft; border-radius: 2px; padding: 5px 7px; selection-background-color: @berry; selection-color: @sheet; }
QLineEdit:focus, QPlainTextEdit:focus, QComboBox:focus { border: 2px solid @berry; padding: 4px 6px; }
QComboBox QAbstractItemView { background: @sheet; selection-background-color: @rule; selection-color: @ink; }
QListWidget, QListView#clients, QTableView, QTextBrowser, QScrollArea, QTreeView { background: @sheet; border: 1px solid @rule; outline: 0; }
QListWidget:focus, QTableView:focus, QTextBrowser:focus, QTreeView:focus, QListView#clients:focus { border: 2px solid @berry; }
QScrollArea#plain { border: none; background: transparent; }
QScrollArea#plain:focus { border: 1px solid @berry; }
QScrollArea > QWidget > QWidget { background: transparent; }
QScrollArea#settingsPage { background: @paper; border: none; }
QListView#wall { background: @paper; border: none; outline: 0; }
QListWidget::item, QListView#clients::item, QTreeView::item { padding: 6px 8px; border-bottom: 1px solid @rule; }
QListWidget::item:selected, QListView#clients::item:selected, QTreeView::item:selected { background: @rule; color: @ink; border-left: 4px solid @berry; }
QTableView::item:selected, QTableView::item:focus { background: @rule; color: @ink; border: none; padding: 3px 6px; }
QTabBar { qproperty-drawBase: 0; }
QTableView { gridline-color: @rule; }
QTabWidget::pane { border: none; border-top: 1px solid @ink; }
QTabBar::tab { background: @paper; border: none; border-bottom: 3px solid transparent; padding: 7px 14px; font-size: 13px; }
QTabBar::tab:selected { border-bottom: 3px solid @berry; font-weight: 600; }
QTabBar#pictures::tab { padding: 6px 5px; }
QTabBar::tab:focus { color: @berry; }
QSlider::groove:horizontal { background: @rule; height: 4px; }
QSlider::sub-page:horizontal { background: @soft; }
QSlider::handle:horizontal { background: @berry; width: 14px; margin: -6px 0; }
QSlider::handle:horizontal:focus { border: 2px solid @ink; }
QComboBox::drop-down { border: none; width: 20px; }
QComboBox::down-arrow, QPushButton::menu-indicator { width: 0; height: 0; border-left: 5px solid @sheet; border-right: 5px solid @sheet; border-top: 6px solid @soft; }
QPushButton::menu-indicator { subcontrol-origin: padding; subcontrol-position: right center; right: 8px; }
QTableView::item { border: none; padding: 3px 6px; }
QHeaderView::section { background: @paper; color: @soft; border: none; border-bottom: 1px solid @ink; padding: 4px 6px; font-weight: 600; }
QTableCornerButton::section { background: @paper; border: none; }
QScrollBar:vertical { background: @paper; width: 10px; } QScrollBar::handle:vertical { background: @rule; min-height: 24px; }
QScrollBar::add-line, QScrollBar::sub-line { height: 0; width: 0; }
QScrollBar:horizontal { background: @paper; height: 10px; } QScrollBar::handle:horizontal { background: @rule; min-width: 24px; }
QFrame#thinRule { background: @rule; max-height: 1px; min-height: 1px; border: none; }
QFrame#strip { background: @sheet; border: none; border-bottom: 1px solid @rule; }
QFrame#verdictLine { background: @sheet; border-top: 2px solid @ink; }
QFrame#notice { background: @sheet; border: 2px solid @ink; }
QToolTip { background: @sheet; color: @ink; border: 1px solid @ink; }
)");
    const auto put = [&](const char* name, const QColor& colour) {
        sheet.replace(QLatin1String(name), colour.name());
    };
    put("@paper", palette.paper);
    put("@sheet", palette.sheet);
    put("@ink", palette.ink);
    put("@soft", palette.softInk);
    put("@rule", palette.rule);
    put("@berry", palette.berry);
    put("@aril", palette.aril);
    put("@leaf", palette.leaf);
    return grown(sheet);
}

QPalette coloursFor(const report::Palette& palette) {
    QPalette colours;
    for (const auto& [role, colour] :
         {std::pair(QPalette::Window, palette.paper), std::pair(QPalette::WindowText, palette.ink),
          std::pair(QPalette::Base, palette.sheet), std::pair(QPalette::AlternateBase, palette.paper),
          std::pair(QPalette::Text, palette.ink), std::pair(QPalette::PlaceholderText, palette.softInk),
          std::pair(QPalette::Button, palette.sheet), std::pair(QPalette::ButtonText, palette.ink),
          std::pair(QPalette::ToolTipBase, palette.sheet), std::pair(QPalette::ToolTipText, palette.ink),
          std::pair(QPalette::Highlight, palette.berry), std::pair(QPalette::HighlightedText, palette.sheet),
          std::pair(QPalette::Link, palette.berry), std::pair(QPalette::Mid, palette.rule)})
        colours.setColor(role, colour);
    for (const QPalette::ColorRole role : {QPalette::WindowText, QPalette::Text, QPalette::ButtonText})
        colours.setColor(QPalette::Disabled, role, palette.softInk);
    return colours;
}

// The colours of text come from the palette, not from a rule for every widget: such a rule sets them on each of
// some two thousand widgets and all that is in them.
void putOn(const report::Palette& palette) {
    QApplication::setPalette(coloursFor(palette));
    qApp->setStyleSheet(styleSheetFor(palette));
}

} // namespace fusain::desktop
