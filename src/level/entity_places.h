#pragma once
/// Where the entities of a level are, for what is asked at every frame: a grid by chunks.
///
/// It follows a list by its chunks, so that an edit of a few entities is followed in proportion to
/// the chunks that it changed. Boxes lie close together, entities do not: what is far away is left
/// out without being looked at.

#include <algorithm>
#include <memory>
#include <vector>

#include "base/chunked_vector.h"
#include "level/entity.h"

namespace rook::level {

class EntityPlaces {
public:
    /// Threads: one at a time. Cost: the chunks that are others than before.
    void follow(const ChunkedVector<Entity>& entities) {
        m_chunks.resize(entities.chunkCount());
        for (std::size_t i = 0; i < m_chunks.size(); ++i)
            if (m_chunks[i].entities != entities.chunk(i))
                m_chunks[i] = glanceAt(entities.chunk(i));
    }

    /// All of them are drawn among the cast, in the order of the list.
    [[nodiscard]] bool arePlain() const {
        return std::all_of(m_chunks.begin(), m_chunks.end(),
                           [](const Chunk& chunk) { return chunk.arePlain; });
    }

    /// Calls `visit(entity)` for each whose box meets that one, or touches it, in the list's order.
    template <typename Visit>
    void forEachNear(const PxRect& box, Visit&& visit) const {
        const PxRect near = box.grown(1);
        for (const Chunk& chunk : m_chunks) {
            if (!chunk.bounds.overlaps(near)) continue;
            for (std::size_t i = 0; i < chunk.boxes.size(); ++i)
                if (chunk.boxes[i].overlaps(near)) visit((*chunk.entities)[i]);
        }
    }

private:
    struct Chunk {
        std::shared_ptr<const std::vector<Entity>> entities;
        std::vector<PxRect> boxes;
        PxRect bounds;
        bool arePlain = true;
    };
    static Chunk glanceAt(const std::shared_ptr<const std::vector<Entity>>& entities) {
        Chunk chunk;
        chunk.entities = entities;
        for (const Entity& entity : *entities) {
            chunk.boxes.push_back(entity.box);
            chunk.bounds = chunk.bounds.united(entity.box);
            chunk.arePlain = chunk.arePlain && entity.look.place == 0 &&
                             entity.look.order == DrawOrder::AmongCast;
        }
        return chunk;
    }

    std::vector<Chunk> m_chunks;
};

}  // namespace rook::level
