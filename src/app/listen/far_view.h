// SPDX-License-Identifier: GPL-3.0-or-later
// The asked fingering and what is heard, to be read across the room: the whole screen, F11 or Escape ends it.
#pragma once

#include "core/instrument/instrument.h"
#include "session/hands_free.h"

#include <QWidget>
#include <optional>

namespace dowel::app {

class FarView : public QWidget
{
    Q_OBJECT

public:
    explicit FarView(QWidget* parent = nullptr);
    void showAsked(const std::vector<Hole>& holes, const Fingering* fingering);
    /// words: what is heard, as a sentence.
    void showHeard(const session::Heard& heard, const QString& words);

Q_SIGNALS:
    void left();

protected:
    void paintEvent(QPaintEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void closeEvent(QCloseEvent* event) override;

private:
    std::vector<Hole> m_holes;
    std::vector<double> m_open;
    std::optional<Fingering> m_fingering;
    session::Heard m_heard;
    QString m_words;
};

} // namespace dowel::app
