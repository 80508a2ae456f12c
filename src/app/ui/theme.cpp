#include "app/ui/theme.h"

#include <QApplication>
#include <QComboBox>
#include <QFile>
#include <QFontDatabase>
#include <QLineEdit>
#include <QPainter>
#include <QPushButton>
#include <QSpinBox>
#include <QSvgRenderer>

/// Icons and words stand in a static library, which does not register them by itself. The macro
/// wants to be outside all namespaces.
static void initResources() {
    Q_INIT_RESOURCE(app);
    Q_INIT_RESOURCE(words);
}

namespace rook::app {

using namespace Qt::StringLiterals;

// Verdigris, ochre and vermilion of the day are a shade darker than on the colour card, so that
// text in them keeps 4.5 : 1 on all three grounds.
const Theme& Theme::day() {
    static const Theme theme{false,    0xECEBE4, 0xF5F4EE, 0xFBFAF5, 0xE3E2D8, 0xC9C8BB,
                             0x22303A, 0x5F6B73, 0x1C776A, 0x8F5C0A, 0xBD3823, 0x7A3B72};
    return theme;
}

const Theme& Theme::night() {
    static const Theme theme{true,     0x22262B, 0x2A2F35, 0x1B1F23, 0x2B3137, 0x3A424A,
                             0xE4E2D8, 0x98A2A9, 0x3FB8A4, 0xE0A63A, 0xF0705A, 0xC487BC};
    return theme;
}

QColor Theme::rule() const {
    return isNight ? QColor(0x3A424A) : QColor(0xCFCEC2);
}

QPalette Theme::palette() const {
    QPalette p;
    p.setColor(QPalette::Window, window);
    p.setColor(QPalette::WindowText, ink);
    p.setColor(QPalette::Base, paper);
    p.setColor(QPalette::AlternateBase, panel);
    p.setColor(QPalette::Text, ink);
    p.setColor(QPalette::Button, panel);
    p.setColor(QPalette::ButtonText, ink);
    p.setColor(QPalette::ToolTipBase, panel);
    p.setColor(QPalette::ToolTipText, ink);
    p.setColor(QPalette::PlaceholderText, quietInk);
    p.setColor(QPalette::Highlight, accent);
    p.setColor(QPalette::HighlightedText, isNight ? QColor(0x1B1F23) : QColor(0xFFFFFF));
    p.setColor(QPalette::Link, accent);
    for (const auto role : {QPalette::WindowText, QPalette::Text, QPalette::ButtonText})
        p.setColor(QPalette::Disabled, role, quietInk);
    return p;
}

QString Theme::styleSheet() const {
    QString sheet =
        uR"(
        QMainWindow, QMenuBar { background: @window; }
        QMenuBar, QMenu { font-family: "@font"; font-size: 13px; }
        QMenuBar { color: @ink; padding: 1px 6px; }
        QMenuBar::item { padding: 4px 7px; background: transparent; }
        QMenuBar::item:selected { background: @rule; border-radius: 3px; }
        QMenu { background: @panel; color: @ink; border: 1px solid @rule; padding: 4px; }
        QMenu::item { padding: 4px 26px 4px 14px; border-radius: 3px; }
        QMenu::item:selected { background: @accent; color: @onAccent; }
        QMenu::item:disabled { color: @quiet; }
        QMenu::separator { height: 1px; background: @rule; margin: 4px 6px; }
        QToolTip { background: @panel; color: @ink; border: 1px solid @rule; }
        QScrollArea { border: none; background: @panel; }
        QScrollBar:vertical { width: 8px; background: transparent; }
        QScrollBar:horizontal { height: 8px; background: transparent; }
        QScrollBar::handle { background: @rule; border-radius: 3px; }
        QScrollBar::add-line, QScrollBar::sub-line { width: 0; height: 0; }
        QLineEdit, QAbstractSpinBox, QComboBox { background: @paper; color: @ink; border: 1px solid @rule;
            border-radius: 3px; padding: 2px 5px; min-height: 18px; }
        QPlainTextEdit { background: @paper; color: @ink; border: 1px solid @rule; border-radius: 3px;
            padding: 1px 2px; }
        QLineEdit:focus, QAbstractSpinBox:focus, QComboBox:focus, QPlainTextEdit:focus {
            border-color: @accent; }
        QLineEdit:disabled, QAbstractSpinBox:disabled, QComboBox:disabled { color: @quiet;
            background: @panel; }
        QToolButton { color: @quiet; border: none; padding: 1px 2px; }
        QToolButton:hover, QToolButton:focus { color: @accent; }
        QAbstractSpinBox { padding-right: 1px; }
        QAbstractSpinBox::up-button, QAbstractSpinBox::down-button { width: 12px; border: none;
            subcontrol-origin: padding; }
        QAbstractSpinBox::up-button { subcontrol-position: top right; }
        QAbstractSpinBox::down-button { subcontrol-position: bottom right; }
        QAbstractSpinBox::up-arrow { image: url(:/icons/more-@time.svg); width: 8px; height: 5px; }
        QAbstractSpinBox::down-arrow { image: url(:/icons/less-@time.svg); width: 8px; height: 5px; }
        QComboBox { background: @panel; padding-right: 2px; }
        QComboBox:hover { border-color: @quiet; }
        QComboBox::drop-down { border: none; border-left: 1px solid @rule; width: 19px; }
        QComboBox::down-arrow { image: url(:/icons/opens-@time.svg); width: 10px; height: 7px; }
        QComboBox QAbstractItemView { background: @panel; color: @ink; border: 1px solid @rule;
            selection-background-color: @accent; selection-color: @onAccent; }
        QPushButton { background: @paper; color: @ink; border: 1px solid @quiet; border-radius: 3px;
            padding: 4px 12px; }
        QPushButton:hover { border-color: @accent; color: @accent; }
        QPushButton:focus { border: 2px solid @accent; padding: 3px 11px; }
        QPushButton:disabled { color: @quiet; border-color: @rule; }
        QCheckBox { color: @ink; spacing: 6px; }
        QListWidget { background: @panel; border: 1px solid transparent; outline: none; }
        QListWidget:focus { border: 1px solid @accent; }
        QSlider { border: 1px solid transparent; border-radius: 3px; }
        QSlider:focus { border: 1px solid @accent; }
    )"_s;
    const std::pair<const char*, QColor> names[] = {
        {"@window", window},  {"@panel", panel},
        {"@paper", paper},    {"@ink", ink},
        {"@quiet", quietInk}, {"@accent", accent},
        {"@rule", rule()},    {"@onAccent", isNight ? QColor(0x1B1F23) : QColor(0xFFFFFF)}};
    // The longer name first: "@onAccent" holds no other, "@accent" stands alone.
    for (const auto& [name, color] : names)
        sheet.replace(QLatin1String(name), color.name());
    sheet.replace(QLatin1String("@time"), QLatin1String(isNight ? "night" : "day"));
    // Platforms give menus fonts of their own.
    return sheet.replace(QLatin1String("@font"), windowFont().family());
}

QIcon lineIcon(const QString& name, const QColor& color) {
    initResources();
    QFile file(u":/icons/"_s + name + u".svg"_s);
    if (!file.open(QIODevice::ReadOnly)) return {};
    QByteArray svg = file.readAll();
    svg.replace("currentColor", color.name().toLatin1());
    QSvgRenderer renderer(svg);
    QIcon icon;
    for (const int scale : {1, 2, 3}) {
        QPixmap pixmap(20 * scale, 20 * scale);
        pixmap.fill(Qt::transparent);
        QPainter painter(&pixmap);
        renderer.render(&painter);
        painter.end();
        icon.addPixmap(pixmap);
    }
    return icon;
}

QString textOf(std::string_view text) {
    return QString::fromUtf8(text.data(), qsizetype(text.size()));
}

QString counted(qsizetype count, const QString& one, const QString& many) {
    return QStringLiteral("%1 %2").arg(count).arg(count == 1 ? one : many);
}

QFont windowFont() {
    static const QFont font = [] {
        QFont f = QApplication::font();
        const bool hasDesktop = !qEnvironmentVariableIsEmpty("XDG_CURRENT_DESKTOP");
        if (!hasDesktop && QFontDatabase::hasFamily(u"Inter"_s)) f.setFamily(u"Inter"_s);
        f.setPixelSize(13);
        return f;
    }();
    return font;
}

QFont sizedFont(int differencePx, int weight) {
    QFont font = windowFont();
    font.setPixelSize(font.pixelSize() + differencePx);
    font.setWeight(static_cast<QFont::Weight>(weight));
    return font;
}

namespace {
const Theme* g_theme = nullptr;  // set once at the start and when the designer switches
}

const Theme& currentTheme() {
    return g_theme ? *g_theme : Theme::day();
}
void setCurrentTheme(const Theme& theme) {
    g_theme = theme.isNight ? &Theme::night() : &Theme::day();
}

}  // namespace rook::app
