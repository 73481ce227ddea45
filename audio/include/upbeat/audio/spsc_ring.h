#pragma once

#include <algorithm>
#include <atomic>
#include <bit>
#include <cstddef>
#include <span>
#include <vector>

namespace upbeat {

/// Ring of trivially copyable values for one writing and one reading thread; neither ever waits. The capacity is
/// rounded up to a power of two. Storage is allocated once, in the constructor.
template <class T>
class SpscRing {
  public:
    explicit SpscRing(std::size_t capacity) : m_values(std::bit_ceil(std::max<std::size_t>(capacity, 2))) {}

    /// Writes all or nothing.
    [[nodiscard]] bool push(std::span<const T> values) noexcept {
        const std::size_t head = m_head.load(std::memory_order_relaxed);
        const std::size_t tail = m_tail.load(std::memory_order_acquire);
        if (m_values.size() - (head - tail) < values.size()) return false;
        for (std::size_t i = 0; i < values.size(); ++i) m_values[(head + i) & (m_values.size() - 1)] = values[i];
        m_head.store(head + values.size(), std::memory_order_release);
        return true;
    }

    /// Reads up to out.size() values; gives how many.
    [[nodiscard]] std::size_t pop(std::span<T> out) noexcept {
        const std::size_t tail = m_tail.load(std::memory_order_relaxed);
        const std::size_t head = m_head.load(std::memory_order_acquire);
        const std::size_t count = std::min(out.size(), head - tail);
        for (std::size_t i = 0; i < count; ++i) out[i] = m_values[(tail + i) & (m_values.size() - 1)];
        m_tail.store(tail + count, std::memory_order_release);
        return count;
    }

    /// Values waiting to be read; either thread may ask.
    [[nodiscard]] std::size_t size() const noexcept {
        return m_head.load(std::memory_order_acquire) - m_tail.load(std::memory_order_acquire);
    }

    [[nodiscard]] std::size_t capacity() const { return m_values.size(); }

  private:
    std::vector<T> m_values;
    alignas(64) std::atomic<std::size_t> m_head{0};
    alignas(64) std::atomic<std::size_t> m_tail{0};
};

}  // namespace upbeat
