// SPDX-License-Identifier: GPL-3.0-or-later
// Colours, pens, type sizes and spacing, defined once for every view, on paper (light) and on slate (dark). The reasons
// stand in docs/design.md.
#pragma once

#include <QColor>
#include <QFont>
#include <QString>

namespace dowel::app {

struct Colours
{
    QColor paper;    ///< ground
    QColor sheet;    ///< fields and the card, a shade off the ground
    QColor ink;      ///< text and lines
    QColor pencil;   ///< secondary text
    QColor hairline; ///< separators and grids
    QColor wood;     ///< the workpiece's wall
    QColor warm;     ///< to be removed, sharp
    QColor cool;     ///< will be, flat
    QColor within;   ///< the tolerance band
};

class Style
{
public:
    static constexpr int grid = 8;

    /// Contrast: black on white and full colours, for bright rooms and weak eyes.
    enum class Look { Light, Dark, Contrast };
    explicit Style(Look look);
    explicit Style(bool dark) : Style(dark ? Look::Dark : Look::Light) {}
    /// How many times as large the desktop asks type to be; 1 for its usual ten points. From then on for every font and size
    /// here.
    static void setTextScale(double times);
    [[nodiscard]] static double textScale();
    /// What goes with type: line heights and widths of fields.
    [[nodiscard]] static int scaled(int pixels);
    [[nodiscard]] static double px(double pixels) { return pixels * textScale(); }
    /// Loads the fonts that ship with the program and has boxes drawn by hand; call after the application is made.
    static void loadFonts();
    [[nodiscard]] const Colours& colours() const { return m_colours; }
    [[nodiscard]] bool dark() const { return m_look == Look::Dark; }
    /// Sets palette, font and style sheet of the whole application.
    void apply() const;
    [[nodiscard]] static QFont small();
    [[nodiscard]] static QFont body();
    [[nodiscard]] static QFont head();
    [[nodiscard]] static QFont display();
    /// The style in force.
    static const Style& current();

private:
    [[nodiscard]] QString sheet() const;
    Look m_look;
    Colours m_colours;
};

} // namespace dowel::app
