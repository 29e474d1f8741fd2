// SPDX-License-Identifier: GPL-3.0-or-later
// What was just heard: pitch over the take with the tolerance as a band, and the partials as bars.
#pragma once

#include "app/document/document.h"
#include "session/hands_free.h"

#include <QWidget>
#include <deque>

namespace dowel::app {

class TakeStrip : public QWidget
{
    Q_OBJECT

public:
    explicit TakeStrip(QWidget* parent = nullptr);
    void show(const std::optional<TakePicture>& take, const ReadingEntry* reading, const Fingering* fingering);
    /// The last seconds while sound comes in, in place of the last take; until show() or an empty trace.
    void showLive(const std::deque<hearing::LiveValue>& trace, const session::Heard& heard, const Fingering* fingering);
    [[nodiscard]] QSize sizeHint() const override { return {520, 190}; }
    [[nodiscard]] QSize minimumSizeHint() const override { return {300, 140}; }

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    /// Where a pitch lies in a field that reaches so many cents either way.
    [[nodiscard]] static double centsAt(const QRectF& field, double reach, double cents);
    /// Tolerance band, target line and scale.
    void paintCents(QPainter& painter, const QRectF& field, double reach) const;
    void paintLive(QPainter& painter) const;
    std::deque<hearing::LiveValue> m_live;
    session::Heard m_heard;
    std::optional<TakePicture> m_take;
    std::optional<HeardNote> m_note;
    double m_target_Hz = 0.0;
    double m_tolerance = 6.0;
};

} // namespace dowel::app
