/// Includes point inwards only: walks all include lines of src/ and runtime/.

#include <QDir>
#include <QDirIterator>
#include <QRegularExpression>

#include "registry.h"

namespace rook::floors_test {

class FloorsTest : public QObject {
    Q_OBJECT
private slots:
    void includes_pointInwards();
    void core_isFreeOfTheToolkit();
    void window_buildsNoEdit();
    void rule_catchesAnOutwardInclude();
};

namespace {

/// Folders below src/, and their floors; those of app/ go on above the core.
const QHash<QString, int> floors{{"runtime", 0},
                                 {"base", 1},
                                 {"level", 2},
                                 {"motion", 3},
                                 {"collide", 3},
                                 {"masses", 3},
                                 {"skin", 3},
                                 {"kit", 3},
                                 {"cast", 3},
                                 {"puzzle", 3},
                                 {"reach", 4},
                                 {"game", 5},
                                 {"check", 6},
                                 {"file", 6},
                                 {"ship", 7},
                                 {"recipe", 7},
                                 {"cli", 8},
                                 {"app/ui", 7},
                                 {"app/session", 8},
                                 {"app/painting", 9},
                                 {"app/panels", 10},
                                 {"app/tools", 11},
                                 {"app/play", 11},
                                 {"app/board", 12},
                                 {"app/steps/cast", 13},
                                 {"app/steps/kit", 13},
                                 {"app/steps/prove", 13},
                                 {"app/steps/puzzle", 13},
                                 {"app/steps/shape", 13},
                                 {"app/steps/ship", 13},
                                 {"app/steps/sketch", 13},
                                 {"app/steps/skin", 13},
                                 {"app/pages", 14},
                                 {"app/shell", 15}};

/// What is wrong with one include line of a file in `folder`; empty if nothing.
QString problemOf(const QString& folder, const QString& line) {
    static const QRegularExpression project(
        QStringLiteral("^#include \"([a-z/]+)/[a-z_0-9]+\\.h\""));
    static const QRegularExpression runtime(QStringLiteral("^#include \"(rook_|lantern_)"));
    if (folder == "runtime" && project.match(line).hasMatch())
        return "the runtime includes the editor";
    if (!floors.contains(folder)) return "the folder " + folder + " has no floor";
    if (runtime.match(line).hasMatch()) return {};
    const auto match = project.match(line);
    if (!match.hasMatch()) return {};
    const QString target = match.captured(1);
    if (!floors.contains(target)) return "unknown folder " + target;
    if (target == folder || floors[target] < floors[folder]) return {};
    return folder + " includes " + target;
}

template <typename Visit>
void forEachLine(Visit&& visit) {
    const QDir source(QStringLiteral(ROOK_SOURCE_DIR "/src"));
    for (const QString& root : {source.path(), QStringLiteral(ROOK_SOURCE_DIR "/runtime")}) {
        QDirIterator it(root, {"*.h", "*.cpp", "*.hpp"}, QDir::Files, QDirIterator::Subdirectories);
        while (it.hasNext()) {
            QFile file(it.next());
            QVERIFY(file.open(QIODevice::ReadOnly));
            const QString folder = QFileInfo(file).dir().path();
            const QString named =
                folder.startsWith(source.path()) ? source.relativeFilePath(folder) : "runtime";
            for (const QByteArray& line : file.readAll().split('\n'))
                visit(named, QString::fromUtf8(line), file.fileName());
        }
    }
}

template <typename Visit>
void forEachInclude(Visit&& visit) {
    forEachLine([&](const QString& folder, const QString& line, const QString& file) {
        if (line.startsWith("#include")) visit(folder, line, file);
    });
}

/// Edits are made in the core. A line that makes one there names its type with its parts, changes a
/// list of the document, or puts a level into the project; Document alone does the last.
bool buildsAnEdit(const QString& line) {
    static const QRegularExpression edit(QStringLiteral(
        "\\b(LevelEdit|ProjectEdit)\\s*\\w*\\{(?!\\*input\\.level, \\{\\}, "
        "\\{\\})|document\\.apply\\(\\{|\\bwithLevel\\(|"
        "\\b(level|project|next)\\.(entities|layers|zones|scatter|runs|backdrops|sheets|kinds)"
        "\\.edit\\("));
    return edit.match(line).hasMatch();
}

}  // namespace

void FloorsTest::includes_pointInwards() {
    int count = 0;
    forEachInclude([&](const QString& folder, const QString& line, const QString& file) {
        ++count;
        QVERIFY2(problemOf(folder, line).isEmpty(), qPrintable(file + ": " + line));
    });
    QVERIFY(count > 200);
}

void FloorsTest::core_isFreeOfTheToolkit() {
    forEachInclude([&](const QString& folder, const QString& line, const QString& file) {
        if (folder.startsWith("app/")) return;
        QVERIFY2(!line.startsWith("#include <Q"), qPrintable(file + ": " + line));
    });
}

void FloorsTest::window_buildsNoEdit() {
    forEachLine([&](const QString& folder, const QString& line, const QString& file) {
        if (!folder.startsWith("app/") || file.endsWith("session/document.cpp")) return;
        QVERIFY2(!buildsAnEdit(line), qPrintable(file + ": " + line));
    });
    QVERIFY(buildsAnEdit("        m_session.document.apply({std::move(level), name, {}});"));
    QVERIFY(buildsAnEdit("    level::LevelEdit edit{level, name, {}};"));
    QVERIFY(buildsAnEdit("    return level::ProjectEdit{std::move(project), name};"));
    // A tool that makes one edit of several of the core's begins with the level as it is.
    QVERIFY(!buildsAnEdit("    level::LevelEdit edit{*input.level, {}, {}};"));
    QVERIFY(buildsAnEdit("        level.runs.edit([&](auto& list) {"));
    QVERIFY(!buildsAnEdit("    void apply(const level::LevelEdit& edit);"));
}

void FloorsTest::rule_catchesAnOutwardInclude() {
    QVERIFY(!problemOf("base", "#include \"level/cell.h\"").isEmpty());
    QVERIFY(!problemOf("motion", "#include \"collide/px_maps.h\"").isEmpty());
    QVERIFY(!problemOf("cli", "#include \"app/session/session.h\"").isEmpty());
    QVERIFY(!problemOf("app/session", "#include \"app/painting/view.h\"").isEmpty());
    QVERIFY(!problemOf("app/tools", "#include \"app/play/walk.h\"").isEmpty());
    QVERIFY(!problemOf("app/steps/skin", "#include \"app/steps/cast/cast_options.h\"").isEmpty());
    QVERIFY(!problemOf("app/nowhere", "#include \"base/grid.h\"").isEmpty());
    QVERIFY(problemOf("app/steps/skin", "#include \"app/board/board.h\"").isEmpty());
    QVERIFY(!problemOf("runtime", "#include \"base/grid.h\"").isEmpty());
    QVERIFY(problemOf("reach", "#include \"collide/px_maps.h\"").isEmpty());
}

ROOK_TEST(FloorsTest)

}  // namespace rook::floors_test

#include "floors_test.moc"
