// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/parts/temperature_field.h"

#include "text/units.h"

#include <QSignalBlocker>

namespace dowel::app {

TemperatureField::TemperatureField(const QString& name, const QString& words, Temperature coldest, Temperature warmest,
                                   QWidget* parent)
    : QDoubleSpinBox(parent), m_coldest(coldest), m_warmest(warmest)
{
    setObjectName(name);
    setAccessibleName(words);
    setDecimals(1);
    setButtonSymbols(QAbstractSpinBox::NoButtons);
    setKeyboardTracking(false);
    followDegrees();
    connect(this, &QDoubleSpinBox::valueChanged, this, [this](double typed) {
        m_exact = text::fromDegrees(typed);
        Q_EMIT temperatureChanged(m_exact);
    });
}

void TemperatureField::setTemperature(Temperature temperature)
{
    setValue(text::inDegrees(temperature));
    m_exact = temperature;
}

Temperature TemperatureField::temperature() const
{
    return m_exact;
}

void TemperatureField::followDegrees()
{
    const QSignalBlocker quiet(this);
    const Temperature exact = m_exact;
    setSuffix(QLatin1Char(' ') + text::degreeSign());
    setSingleStep(text::speaksFahrenheit() ? 1.0 : 0.5);
    setRange(text::inDegrees(m_coldest), text::inDegrees(m_warmest));
    setTemperature(exact);
}

} // namespace dowel::app

#include "moc_temperature_field.cpp"
