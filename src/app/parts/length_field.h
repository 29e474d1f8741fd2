// SPDX-License-Identifier: GPL-3.0-or-later
// A length typed as makers write it. What cannot be read keeps its text, is underlined warm and says why.
#pragma once

#include "core/base/quantities.h"
#include "text/units.h"

#include <QLineEdit>

namespace dowel::app {

class LengthField : public QLineEdit
{
    Q_OBJECT

public:
    explicit LengthField(const QString& objectName, const QString& spokenName, QWidget* parent = nullptr);
    void setUnit(text::LengthUnit unit);
    void setLength(Metres length);
    /// What stands in the empty field where the length is nothing; without it a nothing is "0 mm".
    void setNothing(const QString& words);
    [[nodiscard]] Metres length() const { return m_length; }

Q_SIGNALS:
    void lengthChanged(dowel::Metres length);
    void refused(const QString& why);

private:
    void take();
    void show();
    text::LengthUnit m_unit = text::LengthUnit::Millimetres;
    Metres m_length;
    bool m_mayBeNothing = false;
};

} // namespace dowel::app
