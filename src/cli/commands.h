// SPDX-License-Identifier: GPL-3.0-or-later
// dowel-cli, version 1 of its contract: one JSON document to out, words to err, exit status 0, 1 or 2.
#pragma once

#include <iosfwd>
#include <string>
#include <vector>

namespace dowel::cli {

/// arguments without the program's name. Returns the exit status; never throws.
int run(const std::vector<std::string>& arguments, std::ostream& out, std::ostream& err);

} // namespace dowel::cli
