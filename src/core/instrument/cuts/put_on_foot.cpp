// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/instrument/cuts/put_on_foot.h"

namespace dowel {

void PutOnFoot::resize(Metres to)
{
    if (piece && to.metres() > 0.0)
        piece->length = to;
    else
        piece.reset();
}

std::optional<Metres> PutOnFoot::present(const Instrument& there) const
{
    const auto& on = there.spec().footPiece;
    return on ? on->length : Metres{};
}

Status PutOnFoot::doTo(InstrumentSpec& spec) const
{
    spec.footPiece = piece;
    return Done{};
}

std::vector<PutOnFoot> PutOnFoot::on(const Instrument& there)
{
    if (there.spec().foot != Foot::Open)
        return {};
    return {{there.spec().footPiece}};
}

} // namespace dowel
