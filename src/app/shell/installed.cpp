#include "app/shell/installed.h"

#include <QCoreApplication>
#include <QDir>
#include <QFileInfo>
#include <QStandardPaths>
#include <filesystem>

namespace rook::app {

namespace {

namespace fs = std::filesystem;

/// The first of those, seen from the program, that is a folder.
QString folderAt(std::initializer_list<const char*> places) {
    for (const char* place : places) {
        const QDir folder(QCoreApplication::applicationDirPath() + u'/' + QLatin1String(place));
        if (folder.exists()) return folder.canonicalPath();
    }
    return {};
}

/// All of a folder, and each file such that its owner may write it.
void copyFolder(const fs::path& from, const fs::path& to) {
    fs::create_directories(to);
    for (const auto& entry : fs::recursive_directory_iterator(from)) {
        const fs::path place = to / fs::relative(entry.path(), from);
        if (entry.is_directory()) {
            fs::create_directories(place);
            continue;
        }
        fs::copy_file(entry.path(), place, fs::copy_options::overwrite_existing);
        fs::permissions(place, fs::perms::owner_read | fs::perms::owner_write,
                        fs::perm_options::add);
    }
}

}  // namespace

QString docsFolder() {
    return folderAt({"../share/doc/rookplot/docs", "../../docs"});
}

QString demoFolder() {
    return folderAt({"../share/rookplot/demo/lantern-weir", "../../demo/lantern-weir"});
}

Result<QString> copyOfDemo() {
    const QString from = demoFolder();
    if (from.isEmpty())
        return fail(ErrorKind::Missing, "The demo is not beside the program",
                    QCoreApplication::applicationDirPath().toStdString(),
                    "Install the program again");
    const QString home = QStandardPaths::writableLocation(QStandardPaths::GenericDataLocation);
    const QString to = home + QStringLiteral("/rookplot/demo/lantern-weir");
    if (QFileInfo::exists(to + QStringLiteral("/rookplot.json"))) return to;
    // Half a copy is never taken for one: it gets its name when it is whole.
    const QString half = to + QStringLiteral(".half");
    try {
        fs::remove_all(half.toStdString());
        copyFolder(from.toStdString(), half.toStdString());
        fs::rename(half.toStdString(), to.toStdString());
    } catch (const fs::filesystem_error& problem) {
        return fail(ErrorKind::WriteFailed,
                    "The demo cannot be copied: " + problem.code().message(), to.toStdString(),
                    "Make room there, or let the folder be written");
    }
    return to;
}

bool isInstalled(const QString& project) {
    const QString shared = folderAt({"../share/rookplot"});
    const QString path = QFileInfo(project).canonicalFilePath();
    return !shared.isEmpty() && (path + u'/').startsWith(shared + u'/');
}

}  // namespace rook::app
