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
    void rule_catchesAnOutwardInclude();
};

namespace {

const QHash<QString, int> floors{{"runtime", 0}, {"base", 1},   {"level", 2}, {"motion", 3},
                                 {"collide", 3}, {"masses", 3}, {"skin", 3},  {"kit", 3},
                                 {"cast", 3},    {"reach", 4},  {"flow", 4},  {"check", 5},
                                 {"file", 5},    {"cli", 6},    {"app", 6}};

/// What is wrong with one include line of a file in `folder`; empty if nothing.
QString problemOf(const QString& folder, const QString& line) {
    static const QRegularExpression project(
        QStringLiteral("^#include \"([a-z]+)/[a-z_0-9]+\\.h\""));
    static const QRegularExpression runtime(QStringLiteral("^#include \"(rook_|lantern_)"));
    if (folder == "runtime" && project.match(line).hasMatch())
        return "the runtime includes the editor";
    if (runtime.match(line).hasMatch()) return {};
    const auto match = project.match(line);
    if (!match.hasMatch()) return {};
    const QString target = match.captured(1);
    if (!floors.contains(target)) return "unknown folder " + target;
    if (target == folder) return {};
    if (floors[target] < floors[folder]) return {};
    return folder + " includes " + target;
}

template <typename Visit>
void forEachInclude(Visit&& visit) {
    for (const QString& root :
         {QStringLiteral(ROOK_SOURCE_DIR "/src"), QStringLiteral(ROOK_SOURCE_DIR "/runtime")}) {
        QDirIterator it(root, {"*.h", "*.cpp", "*.hpp"}, QDir::Files, QDirIterator::Subdirectories);
        while (it.hasNext()) {
            QFile file(it.next());
            QVERIFY(file.open(QIODevice::ReadOnly));
            const QString folder = QFileInfo(file).dir().dirName();
            for (const QByteArray& line : file.readAll().split('\n'))
                if (line.startsWith("#include"))
                    visit(folder, QString::fromUtf8(line), file.fileName());
        }
    }
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
        if (folder == "app" || folder == "icons") return;
        QVERIFY2(!line.startsWith("#include <Q"), qPrintable(file + ": " + line));
    });
}

void FloorsTest::rule_catchesAnOutwardInclude() {
    QVERIFY(!problemOf("base", "#include \"level/cell.h\"").isEmpty());
    QVERIFY(!problemOf("motion", "#include \"collide/px_maps.h\"").isEmpty());
    QVERIFY(!problemOf("cli", "#include \"app/session.h\"").isEmpty());
    QVERIFY(!problemOf("runtime", "#include \"base/grid.h\"").isEmpty());
    QVERIFY(problemOf("reach", "#include \"collide/px_maps.h\"").isEmpty());
}

ROOK_TEST(FloorsTest)

}  // namespace rook::floors_test

#include "floors_test.moc"
