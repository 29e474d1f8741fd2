// SPDX-License-Identifier: GPL-3.0-or-later
// A temperature, typed and shown in the degrees that the window speaks.
#pragma once

#include "core/base/quantities.h"

#include <QDoubleSpinBox>

namespace dowel::app {

class TemperatureField : public QDoubleSpinBox
{
    Q_OBJECT

public:
    /// coldest, warmest: what can be typed; a step is half a degree Celsius or one Fahrenheit.
    TemperatureField(const QString& name, const QString& words, Temperature coldest, Temperature warmest, QWidget* parent);
    void setTemperature(Temperature temperature);
    [[nodiscard]] Temperature temperature() const;
    /// The degrees are others now: the same temperature in those.
    void followDegrees();

Q_SIGNALS:
    void temperatureChanged(dowel::Temperature temperature);

private:
    Temperature m_exact = Temperature::fromCelsius(20.0); ///< as it was set: what is shown is rounded
    Temperature m_coldest;
    Temperature m_warmest;
};

} // namespace dowel::app
