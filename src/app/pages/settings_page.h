#pragma once
/// What is the designer's own, and in no project: the look, the size of texts, keys, and where
/// files lie.

#include <QAction>
#include <QLocale>

#include "app/pages/page.h"

namespace rook::app {

/// The settings that are read before there is a window.
struct StartSettings {
    /// Size of texts and controls, in percent, 100 to 200.
    static int textPercent();
    static void setTextPercent(int percent);
    /// The language that is chosen, by its ISO 639 code; empty = that of the desktop.
    static QString language();
    static void setLanguage(const QString& code);
    /// The locale of that language, for words and numbers.
    static QLocale locale();
    /// That the board is dark; not there = as the desktop is.
    static QString nightKey() { return QStringLiteral("night"); }
    static constexpr int sizes[] = {100, 125, 150, 175, 200};
};

class SettingsPage : public Page {
    Q_OBJECT

public:
    /// `actions` are those that keys may be chosen for, and those whose keys are taken (without a
    /// text).
    SettingsPage(Session& session, const QList<QAction*>& actions, QWidget* parent);

Q_SIGNALS:
    void themeChosen();
};

/// What this program is, and what it was made with.
class AboutPage : public Page {
    Q_OBJECT

public:
    AboutPage(Session& session, QWidget* parent);
};

}  // namespace rook::app
