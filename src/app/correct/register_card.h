// SPDX-License-Identifier: GPL-3.0-or-later
// Octaves or twelfths: how wide each is, and which work makes them wider or narrower.
#pragma once

#include "app/document/document.h"
#include "app/parts/jobs.h"
#include "core/plan/registers.h"
#include "text/units.h"

#include <QFrame>

class QLabel;
class QTableWidget;

namespace dowel::app {

class RegisterCard : public QFrame
{
    Q_OBJECT

public:
    explicit RegisterCard(Document& document, QWidget* parent = nullptr);
    void setUnit(text::LengthUnit unit);
    [[nodiscard]] const RegisterView& shown() const { return m_view; }
    /// Has what is shown worked out again.
    void refresh();

private:
    void showView(const Instrument& shape, const std::vector<NoteState>& now);
    Document* m_document;
    QLabel* m_words;
    QTableWidget* m_pairs;
    QLabel* m_leverWords;
    QTableWidget* m_levers;
    Jobs* m_jobs;
    RegisterView m_view;
    text::LengthUnit m_unit = text::LengthUnit::Millimetres;
};

} // namespace dowel::app
