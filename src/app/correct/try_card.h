// SPDX-License-Identifier: GPL-3.0-or-later
// Try it: drag on the workpiece and see every note move. The card lists what was tried; nothing of it is kept.
#pragma once

#include "app/document/document.h"
#include "app/parts/jobs.h"
#include "app/parts/tried.h"
#include "text/units.h"

#include <QFrame>

class QLabel;
class QPushButton;

namespace dowel::app {

class TryCard : public QFrame
{
    Q_OBJECT

public:
    explicit TryCard(Document& document, QWidget* parent = nullptr);
    void setUnit(text::LengthUnit unit);
    /// The bench's instrument with what was tried; the bench's own where nothing was.
    [[nodiscard]] const Instrument& tried() const { return m_tried; }
    /// Every note as tried, or as tried a moment ago; empty without recommendation.
    [[nodiscard]] const std::vector<NoteState>& notes() const { return m_notes; }
    /// Back to the bench's instrument, which may have changed.
    void reset();

public Q_SLOTS:
    /// Sizes that cannot be stop at the last one that could.
    void resize(const Handle& handle, Metres size);

Q_SIGNALS:
    void triedChanged();

private:
    void evaluate();
    void describe();
    Document* m_document;
    Instrument m_bench;
    Instrument m_tried;
    std::vector<NoteState> m_notes;
    text::LengthUnit m_unit = text::LengthUnit::Millimetres;
    QLabel* m_changes;
    QLabel* m_outcome;
    QPushButton* m_back;
    Jobs m_jobs;
};

} // namespace dowel::app
