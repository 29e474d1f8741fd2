// SPDX-License-Identifier: GPL-3.0-or-later
// Another truth: a tube with holes whose formulas and constants are neither the model's nor the simulated player's.
// Boundary layers by Keefe's large-tube series (1984); holes by Keefe (1990) or by Nederveen (1998) with a length of his own;
// a window by Ingerslev and Frobenius (1947); air as a mixture of ideal gases; what openings hear of each other outside by
// solving for all their flows at once. All from memory.
#pragma once

#include "core/instrument/instrument.h"

#include <Eigen/Core>
#include <array>
#include <complex>
#include <optional>
#include <vector>

namespace dowel::sim {

enum class HoleSet { Keefe, Nederveen };

/// What is hidden in the wood and in the air that fills it. The defaults are a proven design's.
struct Hidden
{
    HoleSet holeSet = HoleSet::Keefe;
    double flange = 0.3;          ///< of every opening: 0 a bare end, 1 a wide plane
    double mouth = 1.0;           ///< on its inertance, or on a reed's volume
    double mouthPerOctave = 0.0;  ///< growth of that
    double losses = 1.2;          ///< on the boundary layer
    double hover_m = 0.0;         ///< how high fingers hang over open holes; 0 where they are out of the way
    double fingerDip = 0.1;       ///< share of a closed hole's chimney that the finger fills
    double breathShare = 0.2;     ///< how far the air in the tube is from the room's towards the breath's temperature
    double vapour = 0.02;         ///< by volume
    double carbonDioxide = 0.025; ///< by volume
    double boreScale = 1.0;
    double taper = 0.0; ///< relative, from mouth to foot, about the middle
    double wall = 1.0;
    double undercut = 1.0;            ///< how far a ramp reaches of what is measured
    std::vector<double> holeEnds;     ///< factor on each hole's end corrections; 1 where missing
    std::vector<double> holeShifts_m; ///< where each hole really is
    struct Bump
    {
        double at = 0.5; ///< share of the length
        double width_m = 0.02;
        double height = 0.0; ///< relative
    };
    std::vector<Bump> bumps;
};

/// One shape with what is hidden in it, at one room temperature; sounds any fingering.
class ForeignTube
{
public:
    ForeignTube(const Instrument& actual, const Hidden& hidden, double room_K);
    /// Where the n-th register sounds; near: looked for around there first. Nothing where it does not.
    [[nodiscard]] std::optional<double> soundingHz(const std::vector<double>& openShares, int registerNumber,
                                                   std::optional<double> near = std::nullopt) const;

private:
    struct Slice
    {
        double radius_m;
        double length_m;
        double kelvin;
    };
    struct Opening
    {
        double at_m;
        double radius_m;
        double inner_m; ///< radius at the bore
        double bore_m;
        double chimney_m;
        double ends;
        int count;
        double kelvin;
        std::size_t hole; ///< in the specification
    };
    /// Of the whole from the mouth, over the top's characteristic impedance; zero where a reedless pipe sounds.
    [[nodiscard]] double reactance(const std::vector<double>& openShares, double f_Hz) const;
    /// A hole's own inertance along the bore, half of it.
    [[nodiscard]] std::complex<double> holeEffect(const Opening& o, bool open, double omega) const;
    /// The bore's part of the equations: flows into every node by the pressures at it and its neighbours.
    void addBore(Eigen::MatrixXcd& equations, const std::vector<double>& openShares, double f_Hz) const;
    /// The holes' and the foot's part: what goes out, and what each opening hears of the others.
    void addOutlets(Eigen::MatrixXcd& equations, const std::vector<double>& openShares, double f_Hz) const;
    [[nodiscard]] std::complex<double> openHole(const Opening& o, double share, double f_Hz) const; ///< its impedance
    [[nodiscard]] std::complex<double> shutHole(const Opening& o, double f_Hz) const;               ///< its admittance
    [[nodiscard]] double withMouth(std::complex<double> tube, double f_Hz) const;
    [[nodiscard]] std::optional<double> between(const std::vector<double>& openShares, double low, double high) const;
    Hidden m_hidden;
    std::vector<Opening> m_holes;                ///< from the mouth to the foot
    std::vector<std::vector<Slice>> m_stretches; ///< before each hole, and to the foot
    double m_foot_m = 0.0;
    double m_footRadius_m = 0.0;
    double m_footKelvin = 0.0;
    bool m_footClosed = false;
    double m_topRadius_m = 0.0;
    double m_topKelvin = 0.0;
    Excitation m_mouth;
};

} // namespace dowel::sim
