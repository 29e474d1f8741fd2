// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/shop/bits.h"

#include "core/base/number_text.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <numeric>

namespace dowel {

namespace {

/// Thousandths of an inch times ten, from number 1 up.
constexpr std::array<int, 60> numberSizes{
    2280, 2210, 2130, 2090, 2055, 2040, 2010, 1990, 1960, 1935, 1910, 1890, 1850, 1820, 1800, 1770, 1730, 1695, 1660, 1610,
    1590, 1570, 1540, 1520, 1495, 1470, 1440, 1405, 1360, 1285, 1200, 1160, 1130, 1110, 1100, 1065, 1040, 1015, 995,  980,
    960,  935,  890,  860,  820,  810,  785,  760,  730,  700,  670,  635,  595,  550,  520,  465,  430,  420,  410,  400};
constexpr std::array<int, 26> letterSizes{2340, 2380, 2420, 2460, 2500, 2570, 2610, 2660, 2720, 2770, 2810, 2900, 2950,
                                          3020, 3160, 3230, 3320, 3390, 3480, 3580, 3680, 3770, 3860, 3970, 4040, 4130};

std::string fraction(int over, int parts)
{
    const int common = std::gcd(over, parts);
    return std::to_string(over / common) + "/" + std::to_string(parts / common);
}

std::vector<Bit> made(BitSeries series)
{
    std::vector<Bit> bits;
    switch (series) {
    case BitSeries::Metric:
        for (int tenths = 10; tenths <= 140; ++tenths)
            bits.push_back({fixedText(tenths / 10.0, 1) + " mm", Metres::fromMillimetres(tenths / 10.0)});
        break;
    case BitSeries::Fractional:
        for (int n = 4; n <= 32; ++n)
            bits.push_back({fraction(n, 64), Metres::fromInches(n / 64.0)});
        break;
    case BitSeries::Number:
        for (std::size_t i = numberSizes.size(); i-- > 0;)
            bits.push_back({"No. " + std::to_string(i + 1), Metres::fromInches(numberSizes[i] * 1e-4)});
        break;
    case BitSeries::Letter:
        for (std::size_t i = 0; i < letterSizes.size(); ++i)
            bits.push_back(
                {std::string(1, static_cast<char>('A' + static_cast<int>(i))), Metres::fromInches(letterSizes[i] * 1e-4)});
        break;
    }
    return bits;
}

} // namespace

const std::vector<Bit>& bitsOf(BitSeries series)
{
    static const std::array<std::vector<Bit>, 4> all{made(BitSeries::Metric), made(BitSeries::Fractional),
                                                     made(BitSeries::Number), made(BitSeries::Letter)};
    return all[static_cast<std::size_t>(series)];
}

const Bit* largestBitWithin(Metres size, const std::vector<BitSeries>& all)
{
    const Bit* best = nullptr;
    for (const auto series : all)
        for (const Bit& b : bitsOf(series))
            if (b.diameter.metres() <= size.metres() + 1e-9 && (best == nullptr || b.diameter > best->diameter))
                best = &b;
    return best;
}

std::optional<BitLadder> ladderTo(Metres size, const std::vector<BitSeries>& series)
{
    const Bit* last = largestBitWithin(size, series);
    if (last == nullptr)
        return std::nullopt;
    BitLadder ladder{{}, *last};
    constexpr double start_mm = 4.0;
    constexpr double stride_mm = 2.0;
    constexpr double leftForLast_mm = 1.2;
    for (double mm = start_mm; mm < last->diameter.millimetres() - leftForLast_mm; mm += stride_mm)
        ladder.first.push_back(Metres::fromMillimetres(mm));
    return ladder;
}

namespace {

RoundedInch inchMark(Metres length, long whole, int parts)
{
    const long inches = whole / parts;
    const long rest = whole % parts;
    std::string text = inches != 0 || rest == 0 ? std::to_string(inches) : std::string();
    if (rest != 0)
        text += (text.empty() ? "" : " ") + fraction(static_cast<int>(rest), parts);
    return {text, Metres::fromInches(static_cast<double>(whole) / parts) - length};
}

} // namespace

RoundedInch roundedInch(Metres length, int parts)
{
    return inchMark(length, std::lround(length.inches() * parts), parts);
}

std::array<RoundedInch, 2> inchMarksBeside(Metres length, int parts)
{
    constexpr double onIt = 1e-6;
    const double marks = length.inches() * parts;
    return {inchMark(length, static_cast<long>(std::floor(marks + onIt)), parts),
            inchMark(length, static_cast<long>(std::ceil(marks - onIt)), parts)};
}

} // namespace dowel
