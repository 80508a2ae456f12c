#include "app/steps/ship/format_words.h"

#include <QCoreApplication>

#include "app/steps/ship/ship_options.h"

namespace rook::app {

namespace {

struct FormatWords {
    const char* title;
    const char* words;
    const char* ending;
};

/// In the order of `TargetFormat`.
constexpr FormatWords allFormats[formatCount] = {
    {QT_TRANSLATE_NOOP("Formats", "Bundle"),
     QT_TRANSLATE_NOOP("Formats", "all that a game loads, with proofs"), "json"},
    {QT_TRANSLATE_NOOP("Formats", "Text grid"),
     QT_TRANSLATE_NOOP("Formats", "rows of characters, out and in"), "txt"},
    {QT_TRANSLATE_NOOP("Formats", "Image map"),
     QT_TRANSLATE_NOOP("Formats", "a px a cell, out and in"), "png"},
    {QT_TRANSLATE_NOOP("Formats", "Placements"),
     QT_TRANSLATE_NOOP("Formats", "the cast as a table, out and in"), "csv"},
    {QT_TRANSLATE_NOOP("Formats", "Pictures"),
     QT_TRANSLATE_NOOP("Formats", "each level as the game draws it"), "png"},
    {QT_TRANSLATE_NOOP("Formats", "Plans"),
     QT_TRANSLATE_NOOP("Formats", "each level to scale, hatched"), "svg"},
    {QT_TRANSLATE_NOOP("Formats", "Plan book"),
     QT_TRANSLATE_NOOP("Formats", "the game on paper, with findings"), "pdf"},
    {QT_TRANSLATE_NOOP("Formats", "Models"),
     QT_TRANSLATE_NOOP("Formats", "collision and tiles in depth"), "glb"},
    {QT_TRANSLATE_NOOP("Formats", "Findings"),
     QT_TRANSLATE_NOOP("Formats", "for people and build servers"), "txt"},
    {QT_TRANSLATE_NOOP("Formats", "Recipe"),
     QT_TRANSLATE_NOOP("Formats", "a layout of your own, by a script"), "lua"},
    {QT_TRANSLATE_NOOP("Formats", "Play page"),
     QT_TRANSLATE_NOOP("Formats", "the game in a browser, for others to try"), "html"},
};

const FormatWords& wordsOf(level::TargetFormat format) {
    return allFormats[static_cast<std::size_t>(format)];
}

}  // namespace

QString formatTitle(level::TargetFormat format) {
    return QCoreApplication::translate("Formats", wordsOf(format).title);
}

QString formatWords(level::TargetFormat format) {
    return QCoreApplication::translate("Formats", wordsOf(format).words);
}

QString formatEnding(level::TargetFormat format) {
    return QLatin1String(wordsOf(format).ending);
}

const level::Target* chosenTarget(const Session& session) {
    const level::Project& project = session.document.project();
    if (project.targets.empty()) return nullptr;
    const level::Target* target =
        project.findTarget(session.workbench.options<ShipOptions>().target);
    return target ? target : &*project.targets.begin();
}

}  // namespace rook::app
