// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/parts/length_field.h"

#include "app/parts/style.h"

#include "text/errors.h"

#include <QStyle>

namespace dowel::app {

LengthField::LengthField(const QString& objectName, const QString& spokenName, QWidget* parent) : QLineEdit(parent)
{
    setObjectName(objectName);
    setAccessibleName(spokenName);
    setMaxLength(24);
    setFixedWidth(Style::scaled(104));
    connect(this, &QLineEdit::editingFinished, this, &LengthField::take);
}

void LengthField::setUnit(text::LengthUnit unit)
{
    m_unit = unit;
    show();
}

void LengthField::setLength(Metres length)
{
    m_length = length;
    show();
}

void LengthField::setNothing(const QString& words)
{
    m_mayBeNothing = true;
    setPlaceholderText(words);
    show();
}

void LengthField::show()
{
    if (!hasFocus() || !isModified())
        setText(m_mayBeNothing && m_length == Metres{} ? QString() : text::length(m_length, m_unit));
    setProperty("wrong", false);
    setToolTip(QString());
    style()->polish(this);
}

void LengthField::take()
{
    if (!isModified())
        return;
    const bool nothing = m_mayBeNothing && QLineEdit::text().trimmed().isEmpty();
    const auto parsed = nothing ? Result<Metres>(Metres{}) : text::parseLength(QLineEdit::text(), m_unit);
    if (!parsed) {
        setProperty("wrong", true);
        setToolTip(text::sentence(parsed.error(), m_unit));
        style()->polish(this);
        Q_EMIT refused(text::sentence(parsed.error(), m_unit));
        return;
    }
    setModified(false);
    m_length = *parsed;
    show();
    Q_EMIT lengthChanged(m_length);
}

} // namespace dowel::app

#include "moc_length_field.cpp"
