#include "ship/recipe_child.h"

#include <fcntl.h>
#include <poll.h>
#include <spawn.h>
#include <sys/wait.h>
#include <unistd.h>

#include <algorithm>
#include <chrono>
#include <csignal>
#include <cstdlib>
#include <limits>

#include "base/printable.h"

extern char** environ;

namespace rook::ship {

namespace {

constexpr std::size_t maxAnswer = 512u << 20;
constexpr std::chrono::seconds mostTime{20};

class Descriptor {
public:
    Descriptor() = default;
    explicit Descriptor(int number) : m_number(number) {}
    ~Descriptor() { close(); }
    Descriptor(Descriptor&& other) noexcept : m_number(std::exchange(other.m_number, -1)) {}
    Descriptor& operator=(Descriptor&& other) noexcept {
        std::swap(m_number, other.m_number);
        return *this;
    }
    [[nodiscard]] int number() const { return m_number; }
    [[nodiscard]] bool isOpen() const { return m_number >= 0; }
    void close() {
        if (m_number >= 0) ::close(m_number);
        m_number = -1;
    }

private:
    int m_number = -1;
};

struct Pipe {
    Descriptor read, write;

    static Pipe open() {
        int ends[2];
        // Other children must not hold them open.
        if (::pipe2(ends, O_CLOEXEC) != 0) return {};
        return {Descriptor(ends[0]), Descriptor(ends[1])};
    }
};

/// The process, which is ended and waited for in any case.
class Child {
public:
    Result<void> start(const file::Path& program) {
        Pipe in = Pipe::open(), out = Pipe::open(), err = Pipe::open();
        if (!in.read.isOpen() || !out.read.isOpen() || !err.read.isOpen())
            return fail(ErrorKind::NotPermitted, "No process can be started for the recipe", {},
                        "Close other programs");
        posix_spawn_file_actions_t actions;
        posix_spawn_file_actions_init(&actions);
        posix_spawn_file_actions_adddup2(&actions, in.read.number(), 0);
        posix_spawn_file_actions_adddup2(&actions, out.write.number(), 1);
        posix_spawn_file_actions_adddup2(&actions, err.write.number(), 2);
        const std::string path = program.string();
        char* const arguments[] = {const_cast<char*>(path.c_str()), nullptr};
        const int problem =
            ::posix_spawn(&m_id, path.c_str(), &actions, nullptr, arguments, environ);
        posix_spawn_file_actions_destroy(&actions);
        if (problem != 0) {
            m_id = 0;
            return fail(ErrorKind::Missing, "The program that runs recipes is not there", path,
                        "Install Rook Plot again");
        }
        m_in = std::move(in.write);
        m_out = std::move(out.read);
        m_err = std::move(err.read);
        for (const Descriptor* each : {&m_in, &m_out, &m_err})
            ::fcntl(each->number(), F_SETFL, O_NONBLOCK);
        return {};
    }
    ~Child() {
        if (m_id == 0) return;
        ::kill(m_id, SIGKILL);
        ::waitpid(m_id, nullptr, 0);
    }

    /// Writes all of `request` and reads both ends until they close; false if it took too long.
    bool talk(const std::string& request, std::string& out, std::string& err) {
        const auto end = std::chrono::steady_clock::now() + mostTime;
        std::size_t written = 0;
        while (m_out.isOpen() || m_err.isOpen()) {
            const auto left = std::chrono::duration_cast<std::chrono::milliseconds>(
                end - std::chrono::steady_clock::now());
            if (left.count() <= 0 || out.size() > maxAnswer) return false;
            pollfd polled[] = {{m_in.number(), POLLOUT, 0},
                               {m_out.number(), POLLIN, 0},
                               {m_err.number(), POLLIN, 0}};
            if (::poll(polled, 3, static_cast<int>(left.count())) < 0) continue;
            if (polled[0].revents != 0) feed(request, written);
            if (polled[1].revents != 0) drain(m_out, out);
            if (polled[2].revents != 0) drain(m_err, err);
        }
        return true;
    }
    /// Its exit code; -1 if it was ended by a signal.
    int wait() {
        int status = 0;
        ::waitpid(m_id, &status, 0);
        m_id = 0;
        return WIFEXITED(status) ? WEXITSTATUS(status) : -1;
    }

private:
    void feed(const std::string& request, std::size_t& written) {
        const ssize_t count =
            ::write(m_in.number(), request.data() + written, request.size() - written);
        if (count > 0) written += static_cast<std::size_t>(count);
        const bool isBroken = count < 0 && errno != EAGAIN && errno != EINTR;
        if (isBroken || written == request.size()) m_in.close();
    }
    static void drain(Descriptor& from, std::string& to) {
        char bytes[65536];
        const ssize_t count = ::read(from.number(), bytes, sizeof bytes);
        if (count > 0)
            to.append(bytes, static_cast<std::size_t>(count));
        else if (count == 0 || (errno != EAGAIN && errno != EINTR))
            from.close();
    }

    pid_t m_id = 0;
    Descriptor m_in, m_out, m_err;
};

/// Path, bytes' number and bytes, over and over.
Result<std::map<std::string, std::string>> filesOfAnswer(const std::string& out) {
    const auto broken = fail(ErrorKind::BadSyntax, "The program that runs recipes broke off", {},
                             "Make the recipe smaller");
    std::map<std::string, std::string> files;
    for (std::size_t at = 0; at < out.size();) {
        const std::size_t pathEnd = out.find('\n', at);
        if (pathEnd == std::string::npos) return broken;
        const std::size_t numberEnd = out.find('\n', pathEnd + 1);
        if (numberEnd == std::string::npos) return broken;
        const std::size_t size =
            std::strtoull(out.substr(pathEnd + 1, numberEnd - pathEnd - 1).c_str(), nullptr, 10);
        if (size > out.size() - numberEnd - 1) return broken;
        files[out.substr(at, pathEnd - at)] = out.substr(numberEnd + 1, size);
        at = numberEnd + 1 + size;
    }
    return files;
}

}  // namespace

file::Path recipeProgram() {
    if (const char* named = std::getenv("ROOKPLOT_RECIPE"); named && *named) return named;
    std::error_code problem;
    const file::Path own = std::filesystem::read_symlink("/proc/self/exe", problem);
    return own.parent_path() / "rookplot-recipe";
}

Result<ChildAnswer> runChild(const std::string& request) {
    // Who writes to a child that has ended must not be ended as well.
    struct PipeSignal {
        sighandler_t former = std::signal(SIGPIPE, SIG_IGN);
        ~PipeSignal() {
            if (former != SIG_ERR && former != SIG_IGN) std::signal(SIGPIPE, former);
        }
    };
    static const PipeSignal ignored;
    Child child;
    if (const auto started = child.start(recipeProgram()); !started) return fail(started.error());
    std::string out, err;
    if (!child.talk(request, out, err)) {
        if (out.size() > maxAnswer)
            return fail(ErrorKind::OutOfRange, "The recipe writes more than 512 MiB", {},
                        "Write less");
        return ChildAnswer{true, "The recipe takes longer than 20 s", {}};
    }
    const int code = child.wait();
    if (code == 3) return ChildAnswer{false, {}, {}};
    if (code != 0) {
        while (!err.empty() && err.back() == '\n')
            err.pop_back();
        return ChildAnswer{true, err.empty() ? "The recipe was ended" : printableLine(err), {}};
    }
    auto files = filesOfAnswer(out);
    if (!files) return fail(files.error());
    return ChildAnswer{true, {}, std::move(*files)};
}

}  // namespace rook::ship
