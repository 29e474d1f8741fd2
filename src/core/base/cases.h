// SPDX-License-Identifier: GPL-3.0-or-later
// One visitor of several functions, one for each kind of a variant: a kind that is new and has none does not compile. There is
// no `auto` among them.
#pragma once

namespace dowel {

template <class... Functions> struct Cases : Functions...
{
    using Functions::operator()...;
};
template <class... Functions> Cases(Functions...) -> Cases<Functions...>;

} // namespace dowel
