#pragma once
/// A disk whose power is cut.

#include <map>
#include <random>
#include <set>

#include "file/storage.h"

namespace rook::testing {

/// A disk in memory that keeps, after its power is cut, what was flushed, and of the rest what it
/// happens to. The n-th writing operation is the last; it is done, or not, by chance.
class PowerCutStorage final : public file::Storage {
public:
    PowerCutStorage(std::map<file::Path, std::string> files, int operations, std::uint64_t seed,
                    bool losesUnflushed)
        : m_now(files),
          m_durable(std::move(files)),
          m_left(operations),
          m_losesUnflushed(losesUnflushed),
          m_chance(seed) {}

    [[nodiscard]] bool wasCut() const { return m_left < 0; }
    /// What is on the disk when it is switched on again.
    [[nodiscard]] std::map<file::Path, std::string> afterwards() {
        if (!m_losesUnflushed) return m_now;
        for (const file::Path& path : m_unflushed)
            if (m_now.contains(path) && m_chance() % 2) m_durable[path] = m_now[path];
        return m_durable;
    }

    Result<std::string> read(const file::Path& path, std::size_t) override {
        const auto found = m_now.find(path);
        if (found == m_now.end())
            return fail(ErrorKind::Missing, "It is not there", path.string(), "Check the path");
        return found->second;
    }
    bool exists(const file::Path& path) override { return m_now.contains(path); }
    Result<void> writeNew(const file::Path& path, const std::string& bytes,
                          const file::Path&) override {
        if (m_now.contains(path)) return dead(path);
        if (!isOn()) {
            // Half of it, by chance, under a name that nothing points to.
            if (m_left == -1) m_now[path] = bytes.substr(0, m_chance() % (bytes.size() + 1));
            return dead(path);
        }
        m_now[path] = bytes;
        m_unflushed.insert(path);
        return {};
    }
    Result<void> flushFolder(const file::Path& folder) override {
        if (!isOn()) return dead(folder);
        std::erase_if(m_unflushed, [&](const file::Path& path) {
            if (path.parent_path() != folder) return false;
            m_durable[path] = m_now.at(path);
            return true;
        });
        return {};
    }
    Result<void> rename(const file::Path& from, const file::Path& to) override {
        return change(
            to,
            [&](auto& files, const std::string& bytes) {
                files.erase(from);
                files[to] = bytes;
            },
            m_now.at(from));
    }
    Result<void> exchange(const file::Path& a, const file::Path& b) override {
        const std::string former = m_now.at(b);
        return change(
            b,
            [&](auto& files, const std::string& bytes) {
                files[a] = former;
                files[b] = bytes;
            },
            m_now.at(a));
    }
    Result<void> makeFolder(const file::Path& path) override {
        return isOn() ? Result<void>() : dead(path);
    }
    Result<void> makeNewFolder(const file::Path& path) override { return makeFolder(path); }
    Result<void> remove(const file::Path& path) override {
        return change(path,
                      [&](auto& files, const std::string&) {
                          std::erase_if(files, [&](const auto& each) {
                              return each.first == path || each.first.parent_path() == path;
                          });
                      },
                      {});
    }

private:
    bool isOn() { return --m_left >= 0; }
    /// Does something to the disk and flushes it. The last one is done, and flushed, by chance.
    template <typename Change>
    Result<void> change(const file::Path& path, Change&& make, const std::string& bytes) {
        const std::string copy = bytes;
        const bool isLast = !isOn();
        if (isLast && (m_left < -1 || m_chance() % 2)) return dead(path);
        make(m_now, copy);
        if (!isLast || m_chance() % 2) make(m_durable, copy);
        return isLast ? dead(path) : Result<void>();
    }
    static Result<void> dead(const file::Path& path) {
        return fail(ErrorKind::WriteFailed, "The power was cut", path.string(), "Switch it on");
    }

    std::map<file::Path, std::string> m_now, m_durable;
    std::set<file::Path> m_unflushed;
    int m_left;
    bool m_losesUnflushed;
    std::mt19937_64 m_chance;
};

}  // namespace rook::testing
