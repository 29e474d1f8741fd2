// SPDX-License-Identifier: GPL-3.0-or-later
// A sketch in running text, like a large letter. For the report's own files.
#pragma once

#include "draw/report.h"

#include <QObject>
#include <QTextFormat>
#include <QTextObjectInterface>

namespace dowel::draw {

inline constexpr int sketchObject = QTextFormat::UserObject + 1;
inline constexpr int sketchIndex = QTextFormat::UserProperty + 1;

class SketchInText : public QObject, public QTextObjectInterface
{
    Q_OBJECT
    Q_INTERFACES(QTextObjectInterface)

public:
    /// dots: a millimetre. The sketches must outlive it.
    SketchInText(const std::vector<Placed>& sketches, double dots) : m_sketches(&sketches), m_dots(dots) {}
    QSizeF intrinsicSize(QTextDocument* document, int position, const QTextFormat& format) override;
    void drawObject(QPainter* painter, const QRectF& rect, QTextDocument* document, int position,
                    const QTextFormat& format) override;

private:
    [[nodiscard]] const Sketch& of(const QTextFormat& format) const;
    const std::vector<Placed>* m_sketches;
    double m_dots;
};

} // namespace dowel::draw
