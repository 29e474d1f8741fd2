// SPDX-License-Identifier: GPL-3.0-or-later
// The manual page and the shell's completion, read from the commands themselves, so that they say what --help says.
#pragma once

#include <string>

namespace CLI {
class App;
}

namespace dowel::cli {

/// A page for man(1), section 1. stamp: version and so on, for its foot.
[[nodiscard]] std::string manualOf(const CLI::App& app, const std::string& stamp);
/// For bash: the commands, then each command's options and file names.
[[nodiscard]] std::string completionOf(const CLI::App& app);

} // namespace dowel::cli
