#include "app/steps/ship/format_words.h"

#include "app/steps/ship/ship_options.h"
#include "app/ui/words.h"

namespace rook::app {

namespace {

struct FormatWords {
    const char* title;
    const char* words;
    const char* ending;
};

/// In the order of `TargetFormat`.
constexpr FormatWords allFormats[formatCount] = {
    {QT_TR_NOOP("Bundle"), QT_TR_NOOP("all that a game loads, with proofs"), "json"},
    {QT_TR_NOOP("Text grid"), QT_TR_NOOP("rows of characters, out and in"), "txt"},
    {QT_TR_NOOP("Image map"), QT_TR_NOOP("a px a cell, out and in"), "png"},
    {QT_TR_NOOP("Placements"), QT_TR_NOOP("the cast as a table, out and in"), "csv"},
    {QT_TR_NOOP("Pictures"), QT_TR_NOOP("each level as the game draws it"), "png"},
    {QT_TR_NOOP("Plans"), QT_TR_NOOP("each level to scale, hatched"), "svg"},
    {QT_TR_NOOP("Plan book"), QT_TR_NOOP("the game on paper, with findings"), "pdf"},
    {QT_TR_NOOP("Models"), QT_TR_NOOP("collision and tiles in depth"), "glb"},
    {QT_TR_NOOP("Findings"), QT_TR_NOOP("for people and build servers"), "txt"},
    {QT_TR_NOOP("Recipe"), QT_TR_NOOP("a layout of your own, by a script"), "lua"},
    {QT_TR_NOOP("Play page"), QT_TR_NOOP("the game in a browser, for others to try"), "html"},
};

const FormatWords& wordsOf(level::TargetFormat format) {
    return allFormats[static_cast<std::size_t>(format)];
}

}  // namespace

QString formatTitle(level::TargetFormat format) {
    return tr(wordsOf(format).title);
}

QString formatWords(level::TargetFormat format) {
    return tr(wordsOf(format).words);
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
