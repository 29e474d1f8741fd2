// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/recordings_import.h"

#include "io/audio_file.h"
#include "session/round.h"
#include "session/takes.h"

#include <algorithm>
#include <array>
#include <cctype>
#include <filesystem>

namespace dowel::session {

namespace {

bool isRecording(const std::filesystem::path& file)
{
    constexpr std::array<std::string_view, 5> endings{".wav", ".flac", ".ogg", ".aif", ".aiff"};
    std::string ending = file.extension().string();
    std::transform(ending.begin(), ending.end(), ending.begin(),
                   [](unsigned char c) { return static_cast<char>(std::tolower(c)); });
    return std::find(endings.begin(), endings.end(), ending) != endings.end();
}

std::vector<std::string> filesIn(const std::vector<std::string>& paths)
{
    std::vector<std::string> files;
    for (const std::string& path : paths) {
        std::error_code problem;
        if (!std::filesystem::is_directory(path, problem)) {
            files.push_back(path);
            continue;
        }
        std::vector<std::string> inside;
        for (auto it = std::filesystem::directory_iterator(path, problem);
             !problem && it != std::filesystem::directory_iterator(); it.increment(problem))
            if (it->is_regular_file(problem) && isRecording(it->path()))
                inside.push_back(it->path().string());
        std::sort(inside.begin(), inside.end());
        files.insert(files.end(), inside.begin(), inside.end());
    }
    return files;
}

} // namespace

Imported importRecordings(const std::vector<std::string>& paths, Temperature room,
                          const std::function<std::shared_ptr<const Workbook>()>& book,
                          const std::function<Status(std::vector<Store::NewEntry>)>& keep, const Cancel& cancel)
{
    const std::vector<std::string> files = filesIn(paths);
    Imported all;
    all.files = static_cast<int>(files.size());
    for (const std::string& file : files) {
        if (cancel.requested())
            break;
        const auto now = book();
        const auto named = fingeringNamed(*now, std::filesystem::path(file).stem().string());
        const auto samples = io::readAudioFile(file);
        auto sorted =
            samples ? sortedOut(*now, named, *samples, room, ReadingSource::File, cancel) : Result<Sorted>(samples.error());
        Status kept = sorted ? Status(Done{}) : Status(sorted.error());
        if (sorted && !sorted->entries.empty())
            kept = keep(std::move(sorted->entries));
        if (!kept) {
            all.troubles.emplace_back(file, kept.error());
            continue;
        }
        all.strangers += sorted->strangers;
        all.fingerings.insert(all.fingerings.end(), sorted->fingerings.begin(), sorted->fingerings.end());
    }
    return all;
}

} // namespace dowel::session
