// SPDX-License-Identifier: GPL-3.0-or-later
#include "support/recording_disk.h"

#include "core/base/random.h"

#include <algorithm>
#include <cstring>
#include <sqlite3.h>

namespace dowel::disk {

namespace {

/// SQLite's own file lies behind it, in the same piece of memory.
struct File
{
    sqlite3_file base;
    Recording::Parts* parts;
    char name[64]; ///< empty: not of our folder
};

sqlite3_file* behind(sqlite3_file* f)
{
    return reinterpret_cast<sqlite3_file*>(reinterpret_cast<File*>(f) + 1);
}

} // namespace

struct Recording::Parts
{
    std::string folder;
    sqlite3_vfs* real = nullptr;
    sqlite3_vfs ours{};
    sqlite3_io_methods methods{};
    std::vector<Act> acts;

    [[nodiscard]] std::string nameOf(const char* path) const
    {
        const std::string p = path == nullptr ? "" : path;
        return p.starts_with(folder + "/") ? p.substr(folder.size() + 1) : std::string();
    }
};

namespace {

void wrote(sqlite3_file* f, Act act)
{
    const auto* file = reinterpret_cast<File*>(f);
    act.file = file->name;
    if (!act.file.empty())
        file->parts->acts.push_back(std::move(act));
}

int closeFile(sqlite3_file* f)
{
    return behind(f)->pMethods->xClose(behind(f));
}
int readFile(sqlite3_file* f, void* to, int count, sqlite3_int64 at)
{
    return behind(f)->pMethods->xRead(behind(f), to, count, at);
}
int writeFile(sqlite3_file* f, const void* from, int count, sqlite3_int64 at)
{
    const auto* bytes = static_cast<const unsigned char*>(from);
    const int code = behind(f)->pMethods->xWrite(behind(f), from, count, at);
    if (code == SQLITE_OK)
        wrote(f, {Act::Kind::Write, {}, at, Bytes(bytes, bytes + count)});
    return code;
}
int truncateFile(sqlite3_file* f, sqlite3_int64 size)
{
    const int code = behind(f)->pMethods->xTruncate(behind(f), size);
    if (code == SQLITE_OK)
        wrote(f, {Act::Kind::Truncate, {}, size});
    return code;
}
int syncFile(sqlite3_file* f, int flags)
{
    const int code = behind(f)->pMethods->xSync(behind(f), flags);
    if (code == SQLITE_OK)
        wrote(f, {Act::Kind::Sync, {}});
    return code;
}
int sizeOf(sqlite3_file* f, sqlite3_int64* size)
{
    return behind(f)->pMethods->xFileSize(behind(f), size);
}
int lockFile(sqlite3_file* f, int level)
{
    return behind(f)->pMethods->xLock(behind(f), level);
}
int unlockFile(sqlite3_file* f, int level)
{
    return behind(f)->pMethods->xUnlock(behind(f), level);
}
int isReserved(sqlite3_file* f, int* answer)
{
    return behind(f)->pMethods->xCheckReservedLock(behind(f), answer);
}
int control(sqlite3_file* f, int what, void* with)
{
    return behind(f)->pMethods->xFileControl(behind(f), what, with);
}
int sectorSize(sqlite3_file* f)
{
    return behind(f)->pMethods->xSectorSize(behind(f));
}
int characteristics(sqlite3_file* f)
{
    return behind(f)->pMethods->xDeviceCharacteristics(behind(f));
}

Recording::Parts& partsOf(sqlite3_vfs* vfs)
{
    return *static_cast<Recording::Parts*>(vfs->pAppData);
}

int openFile(sqlite3_vfs* vfs, const char* path, sqlite3_file* f, int flags, int* outFlags)
{
    Recording::Parts& parts = partsOf(vfs);
    auto* file = reinterpret_cast<File*>(f);
    file->base.pMethods = nullptr;
    file->parts = &parts;
    const std::string name = parts.nameOf(path);
    std::memset(file->name, 0, sizeof file->name);
    std::memcpy(file->name, name.data(), std::min(name.size(), sizeof file->name - 1));
    int there = 0;
    if (path != nullptr)
        parts.real->xAccess(parts.real, path, SQLITE_ACCESS_EXISTS, &there);
    const int code = parts.real->xOpen(parts.real, path, behind(f), flags, outFlags);
    if (code != SQLITE_OK)
        return code;
    file->base.pMethods = &parts.methods;
    if (there == 0)
        wrote(f, {Act::Kind::Create, {}});
    return code;
}
int removeFile(sqlite3_vfs* vfs, const char* path, int syncsFolder)
{
    Recording::Parts& parts = partsOf(vfs);
    const int code = parts.real->xDelete(parts.real, path, syncsFolder);
    if (const std::string name = parts.nameOf(path); code == SQLITE_OK && !name.empty())
        parts.acts.push_back({syncsFolder != 0 ? Act::Kind::RemoveForGood : Act::Kind::Remove, name});
    return code;
}

/// One file as it stands on the disk, and what it was told since it was last synced.
struct Standing
{
    Bytes bytes;
    std::vector<const Act*> waits;
    bool there = true;
    bool thereForGood = true;
};

void apply(const Act& act, Bytes& to, std::size_t count)
{
    const auto at = static_cast<std::size_t>(act.at);
    if (act.kind == Act::Kind::Truncate) {
        to.resize(at);
        return;
    }
    to.resize(std::max(to.size(), at + count));
    std::copy_n(act.bytes.begin(), count, to.begin() + static_cast<std::ptrdiff_t>(at));
}

} // namespace

Recording::Recording(const std::string& folder) : m_parts(std::make_unique<Parts>())
{
    Parts& p = *m_parts;
    p.folder = folder;
    p.real = sqlite3_vfs_find(nullptr);
    p.ours = *p.real;
    p.ours.zName = "recording";
    p.ours.pAppData = &p;
    p.ours.szOsFile = static_cast<int>(sizeof(File)) + p.real->szOsFile;
    p.ours.xOpen = openFile;
    p.ours.xDelete = removeFile;
    p.methods = {1,        closeFile,  readFile,   writeFile, truncateFile, syncFile,        sizeOf,
                 lockFile, unlockFile, isReserved, control,   sectorSize,   characteristics, nullptr,
                 nullptr,  nullptr,    nullptr,    nullptr,   nullptr};
    sqlite3_vfs_register(&p.ours, 1);
}

Recording::~Recording()
{
    sqlite3_vfs_register(m_parts->real, 1);
    sqlite3_vfs_unregister(&m_parts->ours);
}

const std::vector<Act>& Recording::acts() const
{
    return m_parts->acts;
}

std::map<std::string, Bytes> afterPowerCut(const std::map<std::string, Bytes>& before, const std::vector<Act>& acts,
                                           std::size_t count, Survives survives, std::uint64_t seed)
{
    Random random(seed);
    const auto lives = [&] {
        return survives == Survives::Everything || (survives != Survives::Nothing && random.uniform(0.0, 1.0) < 0.5);
    };
    std::map<std::string, Standing> files;
    for (const auto& [name, bytes] : before)
        files[name] = {bytes, {}, true, true};
    for (std::size_t i = 0; i < count; ++i) {
        const Act& act = acts[i];
        switch (act.kind) {
        case Act::Kind::Create: files[act.file] = {{}, {}, true, false}; break;
        case Act::Kind::Sync: {
            Standing& f = files[act.file];
            for (const Act* a : f.waits)
                apply(*a, f.bytes, a->bytes.size());
            f.waits.clear();
            f.thereForGood = true; // a file that is new has its folder synced with it (os_unix.c, from memory)
            break;
        }
        case Act::Kind::Remove: files[act.file].there = false; break;
        case Act::Kind::RemoveForGood: files.erase(act.file); break;
        default: files[act.file].waits.push_back(&act);
        }
    }
    constexpr std::size_t sector = 512;
    std::map<std::string, Bytes> left;
    for (auto& [name, f] : files) {
        const bool wasThere = f.thereForGood || lives();
        const bool isGone = !f.there && lives();
        if (!wasThere || isGone)
            continue;
        for (const Act* a : f.waits) {
            if (!lives())
                continue;
            const bool torn = survives == Survives::SomeTorn && a == f.waits.back() && a->bytes.size() > sector;
            const auto sectors = static_cast<double>(a->bytes.size() / sector);
            apply(*a, f.bytes, torn ? sector * static_cast<std::size_t>(random.uniform(0.0, sectors)) : a->bytes.size());
        }
        left[name] = std::move(f.bytes);
    }
    return left;
}

} // namespace dowel::disk
