// SPDX-License-Identifier: GPL-3.0-or-later
// Octaves or twelfths: how wide each is, and which work makes them wider or narrower.
#pragma once

#include "app/document/document.h"
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
    [[nodiscard]] const RegisterView& shown() const { return m_view; }
    /// Works out again what is shown: some twenty predictions, ten to twenty milliseconds.
    void refresh();

private:
    Document* m_document;
    QLabel* m_words;
    QTableWidget* m_pairs;
    QLabel* m_leverWords;
    QTableWidget* m_levers;
    RegisterView m_view;
};

} // namespace dowel::app
