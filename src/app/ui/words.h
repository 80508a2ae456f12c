#pragma once
/// The words of the window, in the language that it speaks.
///
/// One English text has one translation, wherever it stands: no text needs a class around it.
/// `cmake/words.py` finds the texts in tr("...") and QT_TR_NOOP("..."); the translations lie in
/// words/. What the core says in English becomes the window's words by `told`.

#include <QCoreApplication>
#include <QLocale>
#include <QString>
#include <string_view>

#include "base/result.h"

namespace rook::app {

/// `text` in the language of the window; the text itself where there are no words for it.
[[nodiscard]] inline QString tr(const char* text) {
    return QCoreApplication::translate("window", text);
}

/// A sentence of the core in the language of the window, with its values where they belong; the
/// sentence itself where no pattern fits. Interface thread only; a sentence is looked up once.
[[nodiscard]] QString told(std::string_view sentence);
/// What happened, where, and what to do: as `Error::sentence`.
[[nodiscard]] QString told(const Error& error);

/// The window's language from now on, if there are words for it; English if not. Before the first
/// widget is made.
void speak(const QLocale& locale);

}  // namespace rook::app
