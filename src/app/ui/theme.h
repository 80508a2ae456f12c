#pragma once
/// The look: the colours of product.md for day and night, the palette, the style sheet and the
/// icons.

#include <QColor>
#include <QFont>
#include <QIcon>
#include <QPalette>
#include <QString>
#include <string_view>

namespace rook::app {

struct Theme {
    bool isNight = false;
    QColor window, panel, paper, gridMinor, gridMajor, ink, quietInk;
    QColor accent;   ///< verdigris: reach, selection, proven
    QColor caution;  ///< ochre: traps, doubtful
    QColor alarm;    ///< vermilion: deadly, errors
    QColor plum;     ///< runs, movers, links

    [[nodiscard]] static const Theme& day();
    [[nodiscard]] static const Theme& night();

    /// A thin line between parts: quiet ink, mostly paper.
    [[nodiscard]] QColor rule() const;
    [[nodiscard]] QPalette palette() const;
    [[nodiscard]] QString styleSheet() const;
};

/// A line icon (20 x 20 px) of src/app/icons, in that colour.
[[nodiscard]] QIcon lineIcon(const QString& name, const QColor& color);

/// The font of the window: the desktop's; where there is no desktop, a plain sans of 13 px.
[[nodiscard]] QFont windowFont();
/// The same with figures of one width, and a size relative to the window's, px.
[[nodiscard]] QFont sizedFont(int differencePx, int weight = QFont::Normal);

/// Text of the core as text of the window.
[[nodiscard]] QString textOf(std::string_view text);
/// "1 finding", "3 findings".
[[nodiscard]] QString counted(qsizetype count, const QString& one, const QString& many);

/// The theme in force, kept by the main window; widgets read it when they paint.
[[nodiscard]] const Theme& currentTheme();
void setCurrentTheme(const Theme& theme);

}  // namespace rook::app
