#pragma once
/// What a target writes, how that differs from what lies there, and writing it.

#include <atomic>

#include "file/bundle.h"
#include "level/target.h"

namespace rook::ship {

/// Bytes by path, relative to the target's folder.
using Files = std::map<std::string, std::string>;

/// Shared with who waits: how far it is, and whether it is still wanted.
struct Progress {
    std::atomic<int> done{0}, all{0};  ///< levels
    std::atomic<bool> isCancelled{false};
};

/// What a target is made of.
struct Making {
    file::Storage& storage;
    const level::Project& project;
    file::Path folder;  ///< of the project
    const level::Target& target;
    Progress* progress = nullptr;
    file::Solved* solved = nullptr;  ///< what was solved before, and takes what is now

    /// One level more is done; false if it is no longer wanted.
    [[nodiscard]] bool goesOn() const {
        if (!progress) return true;
        ++progress->done;
        return !progress->isCancelled;
    }
};

struct Made {
    Files files;
    std::vector<std::string> notes;  ///< what is not written, and why: a sentence each
};
/// The files of a target. Errors: of the format; NotApplicable if it was cancelled.
/// Cost: bundles, findings and recipes solve each level; the others are linear in what they write.
[[nodiscard]] Result<Made> filesOf(const Making& making);

enum class FileState : unsigned char {
    New,      ///< nothing is there
    Changed,  ///< what the target wrote before is there, and is not as it will be
    Same,
    Gone,     ///< the target wrote it before and does no more: it is removed
    Edited,   ///< the target wrote it, and somebody changed it since
    Foreign,  ///< it is there, and the target did not write it
};
[[nodiscard]] std::string_view nameOf(FileState state);

struct PlannedFile {
    std::string path;
    std::size_t bytes = 0;  ///< as it will be; of what goes, as it is
    FileState state = FileState::New;
    bool operator==(const PlannedFile&) const = default;
};

struct Shipment {
    file::Path folder;
    bool isBundle = false;
    std::string record;  ///< name of the file that says what the target wrote
    Made made;
    std::vector<PlannedFile> planned;  ///< by path

    [[nodiscard]] std::size_t count(FileState state) const;
    /// Nothing would change.
    [[nodiscard]] bool isCurrent() const;
    /// The first file that would be written over unseen, or null.
    [[nodiscard]] const PlannedFile* inTheWay() const;
};
/// A dry run: nothing is written. Errors: of `filesOf`; NotApplicable for a folder that cannot take
/// it; BadReference without a folder.
[[nodiscard]] Result<Shipment> planShipment(const Making& making, const file::Path& to);

/// Writes what is new or changed, each file whole, and removes what goes; what is the same keeps
/// its time. A bundle is exchanged as a whole. Errors: NotApplicable where something is in the way,
/// unless `writesOver`; and of writing. Nothing is written then, or, where the disk fails in
/// between, the record tells what was, and writing again mends it.
[[nodiscard]] Result<void> writeShipment(file::Storage& storage, const Shipment& shipment,
                                         bool writesOver);

}  // namespace rook::ship
