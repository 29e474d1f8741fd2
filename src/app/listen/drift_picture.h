// SPDX-License-Identifier: GPL-3.0-or-later
// How the pitch of the whole has drifted since each shape was first heard, listening by listening.
#pragma once

#include "app/parts/picture.h"
#include "core/record/timbre.h"

#include <vector>

namespace dowel::app {

class DriftPicture : public Picture
{
    Q_OBJECT

public:
    explicit DriftPicture(QWidget* parent = nullptr);
    void show(std::vector<Drift> drifts);
    [[nodiscard]] int partCount() const override { return static_cast<int>(m_drifts.size()); }
    [[nodiscard]] QString partWords(int part) const override;
    [[nodiscard]] QRectF partPlace(int part) const override;
    [[nodiscard]] QSize sizeHint() const override { return {520, 150}; }
    [[nodiscard]] QSize minimumSizeHint() const override { return {360, 110}; }

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    [[nodiscard]] QRectF field() const;
    std::vector<Drift> m_drifts;
};

} // namespace dowel::app
