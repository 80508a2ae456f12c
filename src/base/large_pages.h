#pragma once
/// Memory for large arrays that are looked at in no order of theirs: in large pages where the
/// system has them, since each page of 4 kB would have to be looked up anew.

#include <sys/mman.h>

#include <cstdlib>
#include <new>

namespace rook {

inline constexpr std::size_t largePageBytes = std::size_t{1} << 21;

/// Uninitialised; to be given back with std::free. Errors: std::bad_alloc.
[[nodiscard]] inline void* takeLargePages(std::size_t bytes) {
    const std::size_t whole = (bytes + largePageBytes - 1) / largePageBytes * largePageBytes;
    void* block = std::aligned_alloc(largePageBytes, whole);
    if (!block) throw std::bad_alloc();
    madvise(block, whole, MADV_HUGEPAGE);  // a hint: nothing depends on it
    return block;
}

/// For containers: large pages for what fills one at least, else what std::allocator does.
template <typename T>
struct LargePageAllocator {
    using value_type = T;
    LargePageAllocator() = default;
    template <typename U>
    LargePageAllocator(const LargePageAllocator<U>&) {}

    [[nodiscard]] T* allocate(std::size_t count) {
        const std::size_t bytes = count * sizeof(T);
        return static_cast<T*>(bytes < largePageBytes ? ::operator new(bytes)
                                                      : takeLargePages(bytes));
    }
    void deallocate(T* block, std::size_t count) {
        if (count * sizeof(T) < largePageBytes)
            ::operator delete(block);
        else
            std::free(block);
    }
    bool operator==(const LargePageAllocator&) const = default;
};

}  // namespace rook
