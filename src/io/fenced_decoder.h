// SPDX-License-Identifier: GPL-3.0-or-later
// Decoding in a process of its own, with bounds on memory and time that it cannot leave: for formats whose decoders ask for as
// much of both as a file says. What becomes of it there, nothing here comes to harm.
#pragma once

#include "core/base/result.h"

#include <cstdint>
#include <functional>
#include <memory>
#include <vector>

namespace dowel::io {

class FencedDecoder
{
public:
    struct Bounds
    {
        std::size_t memory_bytes = std::size_t{384} << 20U; ///< above what the program has when it begins
        int processor_s = 60;
    };
    struct Head
    {
        int rate_Hz = 0;
        int channels = 0;
        std::int64_t frames = 0;
    };
    /// Hands out the head once and then samples; says false at the first trouble or when nobody takes them any more.
    struct Sink
    {
        std::function<bool(const Head&)> head;
        std::function<bool(const std::vector<float>&)> samples;
    };

    /// Runs work in the other process. name: of the file, for messages. Errors: BadAudio (it died, ran out of memory or time, or
    /// gave nothing), Unreadable (no process to be had).
    static Result<FencedDecoder> start(const std::string& name, const std::function<void(const Sink&)>& work, Bounds bounds);
    ~FencedDecoder();
    FencedDecoder(FencedDecoder&&) noexcept;
    FencedDecoder& operator=(FencedDecoder&&) noexcept;
    FencedDecoder(const FencedDecoder&) = delete;
    FencedDecoder& operator=(const FencedDecoder&) = delete;

    [[nodiscard]] const Head& head() const;
    /// Adds up to so many samples; fewer only at the end. Errors: BadAudio (it died on the way).
    [[nodiscard]] Result<std::size_t> next(std::size_t most, std::vector<float>& values);

private:
    struct Parts;
    explicit FencedDecoder(std::unique_ptr<Parts> parts);
    std::unique_ptr<Parts> m_parts;
};

} // namespace dowel::io
