#pragma once
/// lantern's end of the live link: JSON-RPC 2.0 over WebSocket, by libwebsockets, on a thread of
/// its own. It fetches the game into a folder, as an export would write it, and tells what changes.
/// docs/live-link.md says what is spoken.

#include <libwebsockets.h>

#include <atomic>
#include <condition_variable>
#include <cstdlib>
#include <deque>
#include <filesystem>
#include <fstream>
#include <mutex>
#include <thread>

#include "rook_json.hpp"
#include "rook_link.hpp"
#include "rook_packed.hpp"

namespace lantern {

using nlohmann::json;
using rook::runtime::LoadError;

/// A connection: texts in and out.
class Socket {
public:
    explicit Socket(int port) {
        static const lws_protocols protocols[] = {{"", &Socket::take, 0, 65536, 0, nullptr, 0},
                                                  {nullptr, nullptr, 0, 0, 0, nullptr, 0}};
        lws_set_log_level(0, nullptr);
        lws_context_creation_info info{};
        info.port = CONTEXT_PORT_NO_LISTEN;
        info.protocols = protocols;
        info.user = this;
        m_context = lws_create_context(&info);
        if (!m_context) throw LoadError("The link cannot be opened (--link).");
        lws_client_connect_info connect{};
        connect.context = m_context;
        connect.address = connect.host = "127.0.0.1";
        connect.port = port;
        connect.path = "/";
        connect.local_protocol_name = protocols[0].name;
        connect.pwsi = &m_connection;
        if (!lws_client_connect_via_info(&connect)) m_isClosed = true;
        m_thread = std::thread([this] {
            while (!m_isEnding && !m_isClosed)
                lws_service(m_context, 0);
            const std::lock_guard<std::mutex> lock(m_mutex);
            m_arrived.notify_all();
        });
    }
    ~Socket() {
        m_isEnding = true;
        lws_cancel_service(m_context);
        m_thread.join();
        lws_context_destroy(m_context);
    }
    Socket(const Socket&) = delete;
    Socket& operator=(const Socket&) = delete;

    void send(const json& message) {
        {
            const std::lock_guard<std::mutex> lock(m_mutex);
            m_out.push_back(message.dump());
        }
        lws_cancel_service(m_context);
    }
    /// The oldest text that came and was not taken; false if there is none within so long.
    bool next(std::string& text, int milliseconds) {
        std::unique_lock<std::mutex> lock(m_mutex);
        m_arrived.wait_for(lock, std::chrono::milliseconds(milliseconds),
                           [this] { return !m_in.empty() || m_isClosed; });
        if (m_in.empty()) return false;
        text = std::move(m_in.front());
        m_in.pop_front();
        return true;
    }
    [[nodiscard]] bool isClosed() const { return m_isClosed; }

private:
    static int take(lws* connection, lws_callback_reasons reason, void*, void* bytes,
                    std::size_t count) {
        lws_context* context = lws_get_context(connection);
        auto* self = context ? static_cast<Socket*>(lws_context_user(context)) : nullptr;
        if (!self) return 0;
        switch (reason) {
            case LWS_CALLBACK_CLIENT_ESTABLISHED:
                self->m_isOpen = true;
                lws_callback_on_writable(connection);
                break;
            case LWS_CALLBACK_CLIENT_RECEIVE: {
                self->m_part.append(static_cast<const char*>(bytes), count);
                if (!lws_is_final_fragment(connection) ||
                    lws_remaining_packet_payload(connection) > 0)
                    break;
                const std::lock_guard<std::mutex> lock(self->m_mutex);
                self->m_in.push_back(std::move(self->m_part));
                self->m_part.clear();
                self->m_arrived.notify_all();
                break;
            }
            case LWS_CALLBACK_CLIENT_WRITEABLE:
                return self->write(connection);
            case LWS_CALLBACK_EVENT_WAIT_CANCELLED:
                if (self->m_isOpen && self->m_connection)
                    lws_callback_on_writable(self->m_connection);
                break;
            case LWS_CALLBACK_CLIENT_CONNECTION_ERROR:
            case LWS_CALLBACK_CLIENT_CLOSED:
                self->m_connection = nullptr;
                self->m_isClosed = true;
                break;
            default:
                break;
        }
        return 0;
    }
    /// One text at a time, with the room before it that the library wants.
    int write(lws* connection) {
        std::string text;
        bool hasMore = false;
        {
            const std::lock_guard<std::mutex> lock(m_mutex);
            if (m_out.empty()) return 0;
            text = std::move(m_out.front());
            m_out.pop_front();
            hasMore = !m_out.empty();
        }
        std::vector<unsigned char> room(LWS_PRE + text.size());
        std::copy(text.begin(), text.end(), room.begin() + LWS_PRE);
        const int written =
            lws_write(connection, room.data() + LWS_PRE, text.size(), LWS_WRITE_TEXT);
        if (written < static_cast<int>(text.size())) return -1;
        if (hasMore) lws_callback_on_writable(connection);
        return 0;
    }

    lws_context* m_context = nullptr;
    lws* m_connection = nullptr;
    std::thread m_thread;
    std::mutex m_mutex;
    std::condition_variable m_arrived;
    std::deque<std::string> m_in, m_out;
    std::string m_part;
    std::atomic<bool> m_isOpen{false}, m_isClosed{false}, m_isEnding{false};
};

/// The game of a running editor, in a folder of its own that goes with it.
class Link {
public:
    Link() : m_socket(readPlace()) {
        m_folder = (std::filesystem::temp_directory_path() / "lantern-link-").string() +
                   std::string(6, 'X');
        if (!mkdtemp(m_folder.data()))
            throw LoadError("No folder can be made for the game (--link).");
        (void)call("hello", {{"token", m_token}, {"game", "lantern"}, {"version", 1}});
        fetchGame();
        (void)call("subscribe", json::object());
    }
    ~Link() {
        std::error_code problem;
        std::filesystem::remove_all(m_folder, problem);
    }
    Link(const Link&) = delete;
    Link& operator=(const Link&) = delete;

    [[nodiscard]] const std::string& folder() const { return m_folder; }
    [[nodiscard]] bool isClosed() const { return m_socket.isClosed(); }

    struct News {
        bool isOtherGame = false;         ///< the campaign changed
        std::vector<std::string> levels;  ///< files of these changed
        bool hasOtherFiles = false;       ///< pictures
    };
    /// What came since, written to the folder. Never waits.
    News news() {
        News news;
        std::string text;
        while (m_socket.next(text, 0))
            take(text, news);
        return news;
    }
    /// Told to the editor, without an answer.
    void tell(const char* method, json params) {
        m_socket.send({{"jsonrpc", "2.0"}, {"method", method}, {"params", std::move(params)}});
    }
    /// A level's file as it is now. Requires: it was told of.
    [[nodiscard]] const json& level(const std::string& id) const { return m_levels.at(id).level; }
    /// Files that changed are written when they are wanted from the folder.
    void writeAll() {
        for (const std::string& id : m_unwritten)
            write("levels/" + id + ".level.json", m_levels.at(id).level.dump());
        m_unwritten.clear();
    }
    /// Revision of a level that the folder has.
    [[nodiscard]] int revisionOf(const std::string& level) const {
        const auto found = m_levels.find(level);
        return found == m_levels.end() ? 0 : found->second.revision;
    }

private:
    struct Known {
        int revision = 0;
        json level;
    };

    /// The port; keeps the token.
    int readPlace() {
        const char* runtime = std::getenv("XDG_RUNTIME_DIR");
        const std::string place =
            (runtime && *runtime ? runtime : std::filesystem::temp_directory_path().string()) +
            std::string("/rookplot/link.json");
        std::ifstream file(place);
        const json link = json::parse(file, nullptr, false);
        if (!link.is_object() || !link.contains("port") || !link.contains("token"))
            throw LoadError("No editor is linked (" + place + "). Switch the link on in Ship.");
        m_token = link["token"].get<std::string>();
        return link["port"].get<int>();
    }
    json call(const char* method, json params) {
        const int id = ++m_calls;
        m_socket.send({{"jsonrpc", "2.0"}, {"id", id}, {"method", method}, {"params", params}});
        std::string text;
        while (m_socket.next(text, 20000)) {
            const json answer = json::parse(text, nullptr, false);
            if (!answer.is_object() || answer.value("id", json()) != id) {
                m_early.push_back(text);  // news that came meanwhile
                continue;
            }
            if (answer.contains("error"))
                throw LoadError("The editor refuses " + std::string(method) + ": " +
                                answer["error"].value("message", "") + " (--link).");
            return answer.value("result", json());
        }
        throw LoadError(std::string("The editor does not answer ") + method +
                        " (--link). Is its link still on?");
    }
    void write(const std::string& path, const std::string& bytes) const {
        const std::filesystem::path place =
            std::filesystem::path(m_folder) / rook::runtime::detail::pathInside(path, "the link");
        std::filesystem::create_directories(place.parent_path());
        std::ofstream(place, std::ios::binary) << bytes;
    }
    void fetchFile(const std::string& path) {
        if (path.empty()) return;
        const json file = call("file.get", {{"path", path}});
        write(path, rook::runtime::detail::bytesOfBase64(file.value("base64", ""), path));
        m_files.insert(path);
    }
    /// The pictures that something of the game names.
    void fetchFilesOf(const json& value) {
        if (value.is_object())
            for (const auto& [key, each] : value.items()) {
                if ((key == "sheet" || key == "image") && each.is_string() &&
                    m_files.count(each.get<std::string>()) == 0)
                    fetchFile(each.get<std::string>());
                fetchFilesOf(each);
            }
        if (value.is_array() && !value.empty() && value[0].is_structured())
            for (const json& each : value)
                fetchFilesOf(each);
    }
    void fetchGame() {
        const json game = call("game.get", json::object());
        const json campaign = game.at("campaign");
        write("campaign.json", campaign.dump());
        fetchFilesOf(campaign.value("kinds", json::array()));
        for (const json& each : campaign.at("levels"))
            if (m_levels.count(each.at("id").get<std::string>()) == 0)
                fetchLevel(each.at("id").get<std::string>());
    }
    void fetchLevel(const std::string& id) {
        const json got = call("level.get", {{"id", id}});
        m_levels[id] = {got.at("revision").get<int>(), got.at("level")};
        writeLevel(id);
    }
    void fetchFilesOfLevel(const json& level) {
        for (const char* part : {"layers", "pictures"})
            if (level.contains(part))
                for (const json& each : level[part])
                    for (const char* key : {"sheet", "image"})
                        if (each.contains(key) && m_files.count(each[key].get<std::string>()) == 0)
                            fetchFile(each[key].get<std::string>());
        for (const json& entity : level.value("entities", json::array()))
            if (entity.contains("look")) fetchFilesOf(entity["look"]);
    }
    void writeLevel(const std::string& id) {
        const json& level = m_levels[id].level;
        fetchFilesOfLevel(level);
        m_unwritten.erase(id);
        write("levels/" + id + ".level.json", level.dump());
    }
    void take(const std::string& text, News& news) {
        const json message = json::parse(text, nullptr, false);
        if (!message.is_object() || !message.contains("method")) return;
        const std::string method = message["method"];
        const json params = message.value("params", json::object());
        if (method == "game.changed") {
            fetchGame();
            news.isOtherGame = true;
        }
        if (method == "level.changed") {
            const std::string id = params.at("id");
            if (params.contains("files"))
                for (const json& path : params["files"])
                    fetchFile(path.get<std::string>());
            news.hasOtherFiles = news.hasOtherFiles || params.contains("files");
            Known& known = m_levels[id];
            if (known.revision == params.at("from").get<int>()) {
                rook::runtime::applyChange(known.level, params.at("set"));
                known.revision = params.at("revision").get<int>();
                fetchFilesOfLevel(known.level);
                m_unwritten.insert(id);
            } else {
                fetchLevel(id);  // something was missed
            }
            news.levels.push_back(id);
        }
        // What came while something was asked for.
        while (!m_early.empty()) {
            const std::string early = std::move(m_early.front());
            m_early.pop_front();
            take(early, news);
        }
    }

    std::string m_token;
    Socket m_socket;
    std::string m_folder;
    int m_calls = 0;
    std::map<std::string, Known> m_levels;
    std::set<std::string> m_files;
    std::set<std::string> m_unwritten;  ///< ids of levels whose files are old
    std::deque<std::string> m_early;
};

}  // namespace lantern
