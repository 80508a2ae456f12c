#include "app/ui/words.h"

#include <QFile>
#include <QLibraryInfo>
#include <QTranslator>
#include <memory>

#include "app/ui/core_words.h"

namespace rook::app {

namespace {

/// Of the language that was chosen last; null for English.
std::unique_ptr<CoreWords>& chosenWords() {
    static std::unique_ptr<CoreWords> words;
    return words;
}

/// Finds a text in whatever class it stands.
class WindowTranslator : public QTranslator {
public:
    QString translate(const char*, const char* text, const char* = nullptr,
                      int = -1) const override {
        return QTranslator::translate("window", text);
    }
};

/// Ours is asked first, then Qt's own for its buttons and menus.
struct Translators {
    WindowTranslator window;
    QTranslator toolkit;
};

Translators& translators() {
    static Translators both;
    return both;
}

}  // namespace

QString told(std::string_view sentence) {
    const QString text = QString::fromUtf8(sentence.data(), qsizetype(sentence.size()));
    return chosenWords() ? chosenWords()->told(text) : text;
}

QString told(const Error& error) {
    if (!chosenWords()) return QString::fromStdString(error.sentence());
    const auto part = [](const std::string& text) { return told(text).toStdString(); };
    return QString::fromStdString(
        Error{error.kind, part(error.what), part(error.where), part(error.remedy)}.sentence());
}

void speak(const QLocale& locale) {
    Translators& both = translators();
    QCoreApplication::removeTranslator(&both.window);
    QCoreApplication::removeTranslator(&both.toolkit);
    chosenWords().reset();
    const QString language = QLocale::languageToCode(locale.language());
    if (!both.window.load(QStringLiteral(":/words/%1.qm").arg(language))) return;
    QCoreApplication::installTranslator(&both.window);
    if (both.toolkit.load(locale, QStringLiteral("qtbase"), QStringLiteral("_"),
                          QLibraryInfo::path(QLibraryInfo::TranslationsPath)))
        QCoreApplication::installTranslator(&both.toolkit);
    QFile file(QStringLiteral(":/words/%1.core.ts").arg(language));
    if (file.open(QIODevice::ReadOnly)) chosenWords() = std::make_unique<CoreWords>(file);
}

}  // namespace rook::app
