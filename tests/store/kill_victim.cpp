// SPDX-License-Identifier: GPL-3.0-or-later
// Records takes and cuts as fast as it can and says each entry's number on standard output only after it was accepted.
#include "core/base/random.h"
#include "io/audio_file.h"
#include "store/store.h"
#include "support/entries.h"
#include "support/tones.h"

#include <cstdio>

using namespace dowel;

int main(int argc, char** argv)
{
    if (argc < 2)
        return 2;
    auto store = Store::open(argv[1], Store::Mode::Work);
    if (!store)
        return 1;
    const auto flac = io::flacOf(tones::constantTone(587.0, 0.4, 25.0, 1)).value();
    for (int i = 0; i < 100000; ++i) {
        const auto length = fixtures::mm(store->book().present().length().millimetres() - 0.001);
        const auto id = i % 4 == 3 ? store->append(CutEntry{TrimFoot{length}, length, {}, {}})
                                   : store->append(fixtures::fullReading(true), flac);
        if (!id)
            return 1;
        std::printf("%lld\n", static_cast<long long>(id->number));
        std::fflush(stdout);
    }
    return 0;
}
