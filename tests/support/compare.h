// SPDX-License-Identifier: GPL-3.0-or-later
// Comparison with a named tolerance; QCOMPARE on doubles is a fuzzy relative test of its own and not used for numbers.
#pragma once

#include <QTest>
#include <cmath>
#include <string>

/// Fails where |actual - expected| > tolerance or is not a number.
#define VERIFY_NEAR(actual, expected, tolerance)                                                                                 \
    do {                                                                                                                         \
        const double nearActual = (actual);                                                                                      \
        const double nearExpected = (expected);                                                                                  \
        const double nearTolerance = (tolerance);                                                                                \
        QVERIFY2(std::abs(nearActual - nearExpected) <= nearTolerance, qPrintable(QStringLiteral("%1 is not within %2 of %3")    \
                                                                                      .arg(nearActual, 0, 'g', 12)               \
                                                                                      .arg(nearTolerance, 0, 'g', 6)             \
                                                                                      .arg(nearExpected, 0, 'g', 12)));          \
    } while (false)

/// Fails with the error's own words where a Result holds none.
#define VERIFY_OK(result)                                                                                                        \
    do {                                                                                                                         \
        const auto& okResult = (result); /* evaluated once */                                                                    \
        QVERIFY2(okResult.ok(), okResult.ok() ? "" : qPrintable(QString::fromStdString(dowel::told(okResult.error()))));         \
    } while (false)
