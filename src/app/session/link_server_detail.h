#pragma once
/// What the sources of `LinkServer` share. Private to them.

#include <QWebSocket>
#include <QWebSocketServer>
#include <cmath>

#include "app/session/link_server.h"

namespace rook::app {

namespace link {

using file::Json;

// Codes of JSON-RPC 2.0, and ours.
inline constexpr int badJson = -32700, badCall = -32600, noSuchMethod = -32601, badParams = -32602;
inline constexpr int notGreeted = 1, wrongToken = 2, noSuchLevel = 3, noSuchFile = 4;

/// What a call is answered with where it cannot be done.
struct Refusal {
    int code;
    std::string why;
};

inline std::string textIn(const Json& params, const char* key) {
    const auto found = params.is_object() ? params.find(key) : params.end();
    if (!params.is_object() || found == params.end() || !found->is_string())
        throw Refusal{badParams, std::string("A text ") + key + " is wanted"};
    return found->get<std::string>();
}

inline int numberIn(const Json& params, const char* key) {
    const auto found = params.is_object() ? params.find(key) : params.end();
    if (!params.is_object() || found == params.end() || !found->is_number() ||
        !(std::abs(found->get<double>()) < 1e9))
        throw Refusal{badParams, std::string("A number ") + key + " is wanted"};
    return static_cast<int>(found->get<double>());
}

}  // namespace link

/// A level that games look at.
struct LinkServer::Known {
    std::shared_ptr<const level::Level> of;
    level::Project with;  ///< the project that it was baked with
    int revision = 0;
    ship::LiveLevel live;
    std::shared_ptr<const file::Json> json;  ///< of `live`; null = it was never baked
    std::string cutPath, cutTiles;
};

struct LinkServer::Client {
    QPointer<QWebSocket> socket;
    LinkedGame game;
    bool isGreeted = false;
    bool isOfAll = false;
    QSet<QString> levels;  ///< that it wants to hear of
    struct Sent {
        int revision = 0;
        std::shared_ptr<const file::Json> json;
        std::string cutTiles;
    };
    std::map<std::string, Sent> sent;  ///< what it has of each level
    int campaignRevision = 0;
    int mistakes = 0;
    std::optional<ship::Play> play;
    std::string playLevel;
};

}  // namespace rook::app
