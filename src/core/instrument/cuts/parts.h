// SPDX-License-Identifier: GPL-3.0-or-later
// What several kinds of work have in common. For their own sources.
#pragma once

#include "core/instrument/cuts/kind.h"

namespace dowel::cuts {

/// One work a hole, each at the size that is there now.
template <class Kind> std::vector<Kind> onHoles(const Instrument& there)
{
    std::vector<Kind> works;
    for (const Hole& h : there.spec().holes) {
        Kind work{h.id, {}};
        work.resize(*work.present(there));
        works.push_back(std::move(work));
    }
    return works;
}

/// One work on that mouth, at the size that is there now; none where it is another mouth.
template <class Kind, class Mouth> std::vector<Kind> onMouth(const Instrument& there, Metres Mouth::*size)
{
    const auto now = ofMouth(there, size);
    return now ? std::vector<Kind>{{*now}} : std::vector<Kind>();
}

/// The mouth itself. Errors: BadValue (it is another one; none: what the kind of work says then).
template <class Mouth> Result<Mouth*> mouthIn(InstrumentSpec& spec, const Fact& none)
{
    auto* mouth = std::get_if<Mouth>(&spec.excitation);
    if (mouth == nullptr)
        return Error{ErrorCode::BadValue, "kind", none};
    return mouth;
}

/// A size of the mouth grows. Errors: NotRemovable at that key of the excitation.
inline Status grow(Metres& size, Metres to, std::string_view key)
{
    if (to < size - boreSlack)
        return tooSmall("/excitation/" + std::string(key), to, size);
    size = to;
    return Done{};
}

/// Where the tube ends: nearer, or further on as wide as it was at its end.
inline void endAt(InstrumentSpec& spec, Metres to)
{
    std::vector<Station>& bore = spec.bore;
    if (!(to > bore.back().at)) {
        bore = boreEndingAt(std::move(bore), to);
        return;
    }
    if (bore.back().diameter != bore[bore.size() - 2].diameter)
        bore.push_back(bore.back());
    bore.back().at = to;
}

} // namespace dowel::cuts
