// SPDX-License-Identifier: GPL-3.0-or-later
// Files that stand whole under their name or not at all: written under no name or a random one in the same folder, synced,
// then given their own. Nothing is ever written through a link, into a device or over a workbook.
#pragma once

#include "core/base/result.h"

#include <functional>
#include <string>
#include <string_view>

namespace dowel::io {

/// Replaces a regular file that is no workbook and may be written, or makes a new one; where nothing stood nothing is replaced.
/// Errors: Refused (a workbook, a link, a device, a pipe, a folder or a file that may only be read stands there, or the name is
/// one of a workbook's journal; it is left as it was), Exists (something came meanwhile), Unwritable (what stood there is
/// unchanged).
[[nodiscard]] Status writeFileWhole(const std::string& path, std::string_view content);
/// Makes a file where none is. Errors: Exists, Refused (a journal's name), Unwritable; nothing is left behind then.
[[nodiscard]] Status writeNewFile(const std::string& path, std::string_view content);
/// The same for what another library writes: fill gets a random name in the same folder. Errors: those of fill, Exists,
/// Unwritable; nothing is left behind then.
[[nodiscard]] Status writeNewFile(const std::string& path, const std::function<Status(const std::string&)>& fill);
/// Gives a file another name where none is, for good on return. Errors: Exists, Unwritable.
[[nodiscard]] Status moveFile(const std::string& from, const std::string& to);
/// A regular file's content. Errors: Unreadable (not there, a folder, a pipe or a device, longer than that).
[[nodiscard]] Result<std::string> readFileWhole(const std::string& path, std::size_t most);
/// Whether a file begins as a workbook does, of any version.
[[nodiscard]] bool looksLikeWorkbook(const std::string& path);

} // namespace dowel::io
