#include "theme/theme.h"

#include <QFontDatabase>
#include <QFontMetricsF>
#include <QPainter>
#include <QWidget>

// The resources sit in a static library: without this line the linker leaves them out.
static void initResources() {
    Q_INIT_RESOURCE(resources);
}

namespace upbeat {

const Theme& Theme::light() {
    static const Theme theme{false,
                             QColor(0xF3, 0xEE, 0xE4),
                             QColor(0xFC, 0xF9, 0xF2),
                             QColor(0xD9, 0xD2, 0xC3),
                             QColor(0x1F, 0x25, 0x30),
                             QColor(0x6A, 0x66, 0x5E),
                             QColor(0xE4, 0xDB, 0xCC),
                             QColor(0x1A, 0x6C, 0x88),
                             QColor(0xB4, 0x52, 0x1E),
                             QColor(0x1F, 0x25, 0x30),
                             QColor(0xF6, 0xF2, 0xEA),
                             QColor(0xB9, 0xB5, 0xAB),
                             QColor(0xF3, 0xC7, 0x9B)};
    return theme;
}

const Theme& Theme::night() {
    static const Theme theme{true,
                             QColor(0x15, 0x19, 0x20),
                             QColor(0x1D, 0x23, 0x2C),
                             QColor(0x38, 0x40, 0x4C),
                             QColor(0xEE, 0xE8, 0xDC),
                             QColor(0xA3, 0xA4, 0xA2),
                             QColor(0x36, 0x3E, 0x49),
                             QColor(0x62, 0xBC, 0xDA),
                             QColor(0xF3, 0x9A, 0x5B),
                             QColor(0x0D, 0x10, 0x15),
                             QColor(0xEE, 0xE8, 0xDC),
                             QColor(0x8E, 0x93, 0x9B),
                             QColor(0xF3, 0xC7, 0x9B)};
    return theme;
}

const Theme& Theme::stark() {
    static const Theme theme{true,
                             QColor(0x00, 0x00, 0x00),
                             QColor(0x00, 0x00, 0x00),
                             QColor(0xFF, 0xFF, 0xFF),
                             QColor(0xFF, 0xFF, 0xFF),
                             QColor(0xE6, 0xE6, 0xE6),
                             QColor(0x4C, 0x4C, 0x4C),
                             QColor(0x5F, 0xD7, 0xFF),
                             QColor(0xFF, 0xC8, 0x3D),
                             QColor(0x00, 0x00, 0x00),
                             QColor(0xFF, 0xFF, 0xFF),
                             QColor(0xE6, 0xE6, 0xE6),
                             QColor(0xFF, 0xE0, 0x66)};
    return theme;
}

const Theme& Theme::next() const {
    return this == &light() ? night() : (this == &night() ? stark() : light());
}

const Theme& Theme::of(const QPalette& palette) {
    const QColor ground = palette.color(QPalette::Window);
    if (ground == stark().ground) return stark();
    return ground.lightness() < 128 ? night() : light();
}

QPalette Theme::palette() const {
    QPalette p;
    p.setColor(QPalette::Window, ground);
    p.setColor(QPalette::WindowText, ink);
    p.setColor(QPalette::Base, surface);
    p.setColor(QPalette::AlternateBase, ground);
    p.setColor(QPalette::Text, ink);
    p.setColor(QPalette::PlaceholderText, inkSoft);
    p.setColor(QPalette::Button, surface);
    p.setColor(QPalette::ButtonText, ink);
    p.setColor(QPalette::ToolTipBase, surface);
    p.setColor(QPalette::ToolTipText, ink);
    p.setColor(QPalette::Highlight, early);
    p.setColor(QPalette::HighlightedText, surface);
    p.setColor(QPalette::Link, early);
    p.setColor(QPalette::Mid, edge);
    p.setColor(QPalette::Disabled, QPalette::Text, inkSoft);
    p.setColor(QPalette::Disabled, QPalette::ButtonText, inkSoft);
    return p;
}

QString Theme::styleSheet() const {
    return QStringLiteral(
               "QToolTip{background:%1;color:%2;border:1px solid %3;padding:4px}"
               "QLineEdit,QTextEdit,QSpinBox,QDoubleSpinBox,QComboBox{background:%1;color:%2;border:1px solid "
               "%3;border-radius:6px;"
               "padding:5px 8px;min-height:22px}"
               "QLineEdit:focus,QTextEdit:focus,QSpinBox:focus,QDoubleSpinBox:focus,QComboBox:focus,QPushButton:focus,"
               "QListView:focus{"
               "border:2px solid %4}"
               "QComboBox QAbstractItemView{background:%1;color:%2;selection-background-color:%4;selection-color:%1}"
               "QComboBox::drop-down{border:none;width:26px}"
               "QComboBox::down-arrow{image:url(:/icons/down.svg);width:14px;height:14px}"
               "QPushButton{background:%1;color:%2;border:1px solid %3;border-radius:6px;padding:7px 14px}"
               "QPushButton:hover{border-color:%2}"
               "QPushButton:checked{background:%2;color:%1;border-color:%2}"
               "QListView,QTableView{background:%1;color:%2;border:1px solid %3;border-radius:8px;outline:none}"
               "#stages::item:selected{background:%5}"
               "QScrollBar:vertical{background:transparent;width:10px}"
               "QScrollBar::handle:vertical{background:%3;border-radius:5px;min-height:30px}"
               "QScrollBar::add-line,QScrollBar::sub-line{height:0;width:0}"
               "QDialogButtonBox{dialogbuttonbox-buttons-have-icons:0}"
               "QCheckBox{color:%2;spacing:8px}")
        .arg(surface.name(), ink.name(), edge.name(), early.name(), target.name());
}

void paintCard(QPainter& painter, const QWidget& card) {
    const Theme& theme = Theme::of(card.palette());
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setPen(QPen(theme.edge, 1));
    painter.setBrush(theme.surface);
    painter.drawRoundedRect(QRectF(card.rect()).adjusted(0.5, 0.5, -0.5, -0.5), 8, 8);
}

bool loadFonts() {
    initResources();
    const int regular = QFontDatabase::addApplicationFont(QStringLiteral(":/fonts/UpbeatB612-Regular.otf"));
    const int bold = QFontDatabase::addApplicationFont(QStringLiteral(":/fonts/UpbeatB612-Bold.otf"));
    return regular >= 0 && bold >= 0;
}

QFont typeFace(double pixels, bool bold) {
    QFont font(QStringLiteral("Upbeat B612"));
    font.setPixelSize(qMax(6, qRound(pixels)));
    font.setBold(bold);
    font.setStyleStrategy(QFont::PreferAntialias);
    return font;
}

QFont fittingFace(const QString& text, double room, double pixels, double least, bool bold) {
    constexpr double kSmaller = 0.95;
    while (pixels > least && QFontMetricsF(typeFace(pixels, bold)).horizontalAdvance(text) > room) pixels *= kSmaller;
    return typeFace(pixels, bold);
}

}  // namespace upbeat
