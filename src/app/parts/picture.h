// SPDX-License-Identifier: GPL-3.0-or-later
// A drawn picture whose parts (a note, a hole, a measure) can be walked by the arrow keys, pointed at, and are read out one by
// one to who does not see them.
#pragma once

#include <QWidget>

class QPainter;

namespace dowel::app {

class Picture : public QWidget
{
    Q_OBJECT

public:
    explicit Picture(QWidget* parent = nullptr);
    [[nodiscard]] virtual int partCount() const = 0;
    /// As it is read out: "E5, 19 cents flat, after the cut 2 cents flat".
    [[nodiscard]] virtual QString partWords(int part) const = 0;
    /// In the widget.
    [[nodiscard]] virtual QRectF partPlace(int part) const = 0;
    /// -1 while nobody walks it.
    [[nodiscard]] int currentPart() const { return m_current < partCount() ? m_current : -1; }
    void setCurrentPart(int part);
    /// To be called once, after the application is made: lets assistive technology see the parts of pictures.
    static void makeAccessible();

Q_SIGNALS:
    /// Walked to, or pressed.
    void partChosen(int part);

protected:
    void keyPressEvent(QKeyEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void focusInEvent(QFocusEvent* event) override;
    void focusOutEvent(QFocusEvent* event) override;
    bool event(QEvent* event) override;
    /// The one at a place in the widget, -1 for none.
    [[nodiscard]] int partAt(const QPointF& place) const;
    /// One of as many equal columns of a rectangle as there are parts.
    [[nodiscard]] QRectF columnOf(const QRectF& all, int part) const;
    /// A frame round the current part, while the keys are here.
    void paintFocus(QPainter& painter) const;
    /// What stands there has changed: the current part is read out anew.
    void partsChanged();

private:
    int m_current = -1;
};

} // namespace dowel::app
