// SPDX-License-Identifier: GPL-3.0-or-later
// Bad input, files and devices: a value or an Error. A thin [[nodiscard]] class over tl::expected, because
// a forgotten failure must not compile. Sentences for people are made of an Error in src/text alone.
#pragma once

#include "core/base/fact.h"

#include <optional>
#include <string>
#include <string_view>
#include <tl/expected.hpp>
#include <utility>

namespace dowel {

/// What kind of trouble it is; printed as a stable word by codeName().
enum class ErrorCode {
    Unreadable,      ///< a file cannot be opened or read
    Unwritable,      ///< a file cannot be written; nothing was changed
    Refused,         ///< what stands there must not be overwritten
    Exists,          ///< the file is there already and is not overwritten
    NotAWorkbook,    ///< the file is something else
    NewerVersion,    ///< written by a newer Dowel
    InUse,           ///< another window or command has it open for work
    Damaged,         ///< the file's or the record's own checks fail
    BadSyntax,       ///< not JSON, or not a number where one must stand
    UnknownKey,      ///< a key that the format does not have
    MissingKey,      ///< a key that must be there
    BadValue,        ///< a value of the wrong kind or out of its range
    BadGeometry,     ///< a shape that cannot exist
    BadFingering,    ///< a fingering that names what is not there or sets no target
    UnknownName,     ///< a hole or fingering of that name is not on this instrument
    NotRemovable,    ///< the step would have to add material
    BadAudio,        ///< no samples, cut-off or unreadable sound
    NoSteadyTone,    ///< sound without a tone that could be read
    WrongNote,       ///< a tone, but not this fingering's
    OutOfModelRange, ///< the model has no such resonance
    Cancelled,       ///< stopped by the user
    Internal         ///< a library failed in a way that should not happen
};

[[nodiscard]] std::string_view codeName(ErrorCode code);

/// What went wrong, where, and what was found; never a sentence.
struct Error
{
    ErrorCode code = ErrorCode::Internal;
    std::string where; ///< place: a JSON pointer, a file, a hole's name
    Fact fact;         ///< what was found and what was expected
    friend bool operator==(const Error&, const Error&) = default;
};

/// Its code, its place and what was found, without a sentence: for whoever looks for a fault of the program.
[[nodiscard]] std::string told(const Error& error);

/// A value of T or an Error.
template <class T> class [[nodiscard]] Result
{
public:
    Result(T value) : m_value(std::move(value)) {}                     // NOLINT(google-explicit-constructor)
    Result(Error error) : m_value(tl::unexpected(std::move(error))) {} // NOLINT(google-explicit-constructor)
    [[nodiscard]] bool ok() const { return m_value.has_value(); }
    explicit operator bool() const { return ok(); }
    [[nodiscard]] const T& value() const& { return m_value.value(); }
    [[nodiscard]] T& value() & { return m_value.value(); }
    [[nodiscard]] T&& value() && { return std::move(m_value).value(); }
    const T& operator*() const& { return value(); }
    T& operator*() & { return value(); }
    const T* operator->() const { return &value(); }
    T* operator->() { return &value(); }
    [[nodiscard]] const Error& error() const { return m_value.error(); }

private:
    tl::expected<T, Error> m_value;
};

/// Success without a value.
struct Done
{
    friend bool operator==(const Done&, const Done&) = default;
};
using Status = Result<Done>;

/// The value of a Result, or out of the function with its error. A statement expression, as every compiler that builds Dowel
/// has it.
#define DOWEL_TRY(...)                                                                                                           \
    __extension__({                                                                                                              \
        auto dowelTried = (__VA_ARGS__);                                                                                         \
        if (!dowelTried)                                                                                                         \
            return dowelTried.error();                                                                                           \
        std::move(dowelTried).value();                                                                                           \
    })

} // namespace dowel
