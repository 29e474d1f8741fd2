// SPDX-License-Identifier: GPL-3.0-or-later
// What was just heard: pitch over the take with the tolerance as a band, and the partials as bars.
#pragma once

#include "app/document.h"

#include <QWidget>

namespace dowel::app {

class TakeStrip : public QWidget
{
    Q_OBJECT

public:
    explicit TakeStrip(QWidget* parent = nullptr);
    void show(const std::optional<TakePicture>& take, const ReadingEntry* reading, const Fingering* fingering);
    [[nodiscard]] QSize sizeHint() const override { return {520, 190}; }
    [[nodiscard]] QSize minimumSizeHint() const override { return {300, 140}; }

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    std::optional<TakePicture> m_take;
    std::optional<HeardNote> m_note;
    double m_target_Hz = 0.0;
    double m_tolerance = 6.0;
};

} // namespace dowel::app
