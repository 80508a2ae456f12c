#pragma once
/// Files for tests: a folder that goes with the test, and storages that fail on demand.

#include <QDir>
#include <QTemporaryDir>
#include <QtTest>
#include <map>

#include "demo_copy.h"
#include "file/storage.h"

namespace rook::testing {

inline QByteArray readBytes(const QString& path) {
    QFile file(path);
    return file.open(QIODevice::ReadOnly) ? file.readAll() : QByteArray();
}

inline void writeBytes(const QString& path, const QByteArray& bytes) {
    QDir().mkpath(QFileInfo(path).path());
    QFile file(path);
    QVERIFY(file.open(QIODevice::WriteOnly));
    QCOMPARE(file.write(bytes), qint64(bytes.size()));
}

/// A copy of the demo that a test may change.
inline QString copyDemo(const QTemporaryDir& folder) {
    const QString to = folder.filePath(QStringLiteral("weir"));
    copyDemo(to.toStdString());
    return to;
}

/// Under sanitizers a solve of the demo's large level takes a quarter of a minute: tests that hold
/// for every level do without it there.
inline bool leavesOut(const std::string& levelId) {
    return qEnvironmentVariableIntValue("ROOK_ROUNDS") > 0 && levelId == "wheel-hall";
}

/// The real disk, of which the n-th writing operation and all later ones fail, as after a kill: a
/// write that fails leaves half its bytes.
class DyingStorage : public file::Storage {
public:
    explicit DyingStorage(int operations) : m_left(operations) {}
    [[nodiscard]] bool hasDied() const { return m_left < 0; }

    Result<std::string> read(const file::Path& path, std::size_t maxBytes) override {
        return file::diskStorage().read(path, maxBytes);
    }
    bool exists(const file::Path& path) override { return file::diskStorage().exists(path); }
    Result<void> writeNew(const file::Path& path, const std::string& bytes,
                          const file::Path& like) override {
        if (alive()) return file::diskStorage().writeNew(path, bytes, like);
        if (m_left == -1)
            (void)file::diskStorage()
                .writeNew(path, bytes.substr(0, bytes.size() / 2), like)
                .has_value();
        return dead(path);
    }
    Result<void> flushFolder(const file::Path& path) override {
        return alive() ? file::diskStorage().flushFolder(path) : dead(path);
    }
    Result<void> makeNewFolder(const file::Path& path) override {
        return alive() ? file::diskStorage().makeNewFolder(path) : dead(path);
    }
    Result<void> rename(const file::Path& from, const file::Path& to) override {
        return alive() ? file::diskStorage().rename(from, to) : dead(to);
    }
    Result<void> exchange(const file::Path& a, const file::Path& b) override {
        return alive() ? file::diskStorage().exchange(a, b) : dead(b);
    }
    Result<void> makeFolder(const file::Path& path) override {
        return alive() ? file::diskStorage().makeFolder(path) : dead(path);
    }
    Result<void> remove(const file::Path& path) override {
        return alive() ? file::diskStorage().remove(path) : dead(path);
    }

private:
    bool alive() { return --m_left >= 0; }
    static Result<void> dead(const file::Path& path) {
        return fail(ErrorKind::WriteFailed, "The disk is full", path.string(), "Free some space");
    }
    int m_left;
};

}  // namespace rook::testing
