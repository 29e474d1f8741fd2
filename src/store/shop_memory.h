// SPDX-License-Identifier: GPL-3.0-or-later
// Shop memory: one small SQLite file in the user's data folder with what the fit found on each instrument, by family. It
// holds no readings and can be thrown away at any time; the workbooks know everything that is in it.
#pragma once

#include "core/fit/shared.h"
#include "core/instrument/instrument.h"

#include <memory>
#include <string>
#include <vector>

namespace dowel {

struct Remembered
{
    std::string book; ///< the workbook's identity: one entry each
    std::string name;
    Family family = Family::Other;
    std::string at; ///< ISO 8601, UTC
    int readings = 0;
    SharedEstimate estimate; ///< fitted with the default priors
};

class ShopMemory
{
public:
    /// Opens or makes the file, its folder too. Errors: Unreadable, Unwritable, Damaged, NotAWorkbook (another program's),
    /// NewerVersion.
    static Result<ShopMemory> open(const std::string& path);
    ~ShopMemory();
    ShopMemory(ShopMemory&&) noexcept;
    ShopMemory& operator=(ShopMemory&&) noexcept;
    ShopMemory(const ShopMemory&) = delete;
    ShopMemory& operator=(const ShopMemory&) = delete;

    /// Newest first. Errors: Damaged.
    [[nodiscard]] Result<std::vector<Remembered>> all() const;
    /// Adds an instrument, or replaces what was known of it. Errors: Unwritable.
    [[nodiscard]] Status remember(const Remembered& instrument);
    [[nodiscard]] Status forget(const std::string& book);
    [[nodiscard]] Status forgetAll();
    /// The prior for an instrument: what the others of its family say. Errors: those of all() and learntFrom().
    [[nodiscard]] Result<Priors> priorsFor(Family family, const std::string& butNot) const;

private:
    struct Parts;
    explicit ShopMemory(std::unique_ptr<Parts> parts);
    std::unique_ptr<Parts> m_parts;
};

} // namespace dowel
