// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/parts/picture.h"

#include "app/parts/style.h"

#include <QAccessible>
#include <QAccessibleWidget>
#include <QHelpEvent>
#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <QPointer>
#include <QToolTip>
#include <algorithm>
#include <vector>

namespace dowel::app {

namespace {

class PartAccess final : public QAccessibleInterface
{
public:
    PartAccess(Picture& picture, int part) : m_picture(&picture), m_part(part) {}
    bool isValid() const override { return m_picture && m_part < m_picture->partCount(); }
    QObject* object() const override { return nullptr; }
    QAccessibleInterface* parent() const override
    {
        return m_picture ? QAccessible::queryAccessibleInterface(m_picture) : nullptr;
    }
    QAccessibleInterface* child(int /*index*/) const override { return nullptr; }
    QAccessibleInterface* childAt(int /*x*/, int /*y*/) const override { return nullptr; }
    int childCount() const override { return 0; }
    int indexOfChild(const QAccessibleInterface* /*child*/) const override { return -1; }
    QRect rect() const override
    {
        if (!isValid())
            return {};
        const QRect r = m_picture->partPlace(m_part).toAlignedRect();
        return {m_picture->mapToGlobal(r.topLeft()), r.size()};
    }
    QString text(QAccessible::Text t) const override
    {
        return t == QAccessible::Name && isValid() ? m_picture->partWords(m_part) : QString();
    }
    void setText(QAccessible::Text /*t*/, const QString& /*text*/) override {}
    QAccessible::Role role() const override { return QAccessible::ListItem; }
    QAccessible::State state() const override
    {
        QAccessible::State s;
        s.focusable = true;
        s.selectable = true;
        if (isValid() && m_picture->currentPart() == m_part) {
            s.selected = true;
            s.focused = m_picture->hasFocus();
        }
        s.invisible = !isValid() || !m_picture->isVisible();
        return s;
    }

private:
    QPointer<Picture> m_picture;
    int m_part;
};

class PictureAccess final : public QAccessibleWidget
{
public:
    explicit PictureAccess(Picture& picture) : QAccessibleWidget(&picture, QAccessible::List) {}
    ~PictureAccess() override
    {
        for (const QAccessible::Id id : m_parts)
            QAccessible::deleteAccessibleInterface(id);
    }
    int childCount() const override { return picture().partCount(); }
    QAccessibleInterface* child(int index) const override
    {
        if (index < 0 || index >= childCount())
            return nullptr;
        while (static_cast<int>(m_parts.size()) <= index)
            m_parts.push_back(QAccessible::registerAccessibleInterface(
                new PartAccess(picture(), static_cast<int>(m_parts.size())))); // NOLINT: Qt's registry owns it
        return QAccessible::accessibleInterface(m_parts[static_cast<std::size_t>(index)]);
    }
    QAccessibleInterface* childAt(int x, int y) const override
    {
        const QPointF place = picture().mapFromGlobal(QPoint(x, y));
        for (int i = 0; i < childCount(); ++i)
            if (picture().partPlace(i).contains(place))
                return child(i);
        return nullptr;
    }
    int indexOfChild(const QAccessibleInterface* wanted) const override
    {
        for (int i = 0; i < childCount(); ++i)
            if (child(i) == wanted)
                return i;
        return -1;
    }
    QAccessibleInterface* focusChild() const override { return picture().hasFocus() ? child(picture().currentPart()) : nullptr; }

private:
    [[nodiscard]] Picture& picture() const { return *static_cast<Picture*>(widget()); }
    mutable std::vector<QAccessible::Id> m_parts;
};

QAccessibleInterface* accessOf(const QString& /*className*/, QObject* object)
{
    auto* picture = qobject_cast<Picture*>(object);
    return picture == nullptr ? nullptr : new PictureAccess(*picture); // NOLINT: Qt's registry owns it
}

} // namespace

void Picture::makeAccessible()
{
    QAccessible::installFactory(accessOf);
}

Picture::Picture(QWidget* parent) : QWidget(parent)
{
    setAttribute(Qt::WA_OpaquePaintEvent); // each fills its ground itself: nothing behind it is painted for nothing
    setFocusPolicy(Qt::StrongFocus);
}

void Picture::setCurrentPart(int part)
{
    if (part == m_current)
        return;
    m_current = part;
    partsChanged();
    update();
    if (part >= 0)
        Q_EMIT partChosen(part);
}

void Picture::partsChanged()
{
    if (!hasFocus() || currentPart() < 0 || !QAccessible::isActive())
        return;
    QAccessibleEvent focus(this, QAccessible::Focus);
    focus.setChild(currentPart());
    QAccessible::updateAccessibility(&focus);
}

int Picture::partAt(const QPointF& place) const
{
    for (int i = 0; i < partCount(); ++i)
        if (partPlace(i).contains(place))
            return i;
    return -1;
}

QRectF Picture::columnOf(const QRectF& all, int part) const
{
    const double column = all.width() / std::max(1, partCount());
    return {all.left() + part * column, all.top(), column, all.height()};
}

void Picture::keyPressEvent(QKeyEvent* event)
{
    const int last = partCount() - 1;
    int to = currentPart();
    switch (event->key()) {
    case Qt::Key_Right:
    case Qt::Key_Down: to = std::min(to + 1, last); break;
    case Qt::Key_Left:
    case Qt::Key_Up: to = std::max(to - 1, 0); break;
    case Qt::Key_Home: to = 0; break;
    case Qt::Key_End: to = last; break;
    default: QWidget::keyPressEvent(event); return;
    }
    if (last >= 0)
        setCurrentPart(to);
}

void Picture::mousePressEvent(QMouseEvent* event)
{
    if (const int part = partAt(event->position()); part >= 0) {
        m_current = -1; // pressed again it is chosen again
        setCurrentPart(part);
    }
}

void Picture::focusInEvent(QFocusEvent* event)
{
    // Who came by key is shown where; a window that only opens here marks nothing.
    const bool byKey = event->reason() == Qt::TabFocusReason || event->reason() == Qt::BacktabFocusReason;
    if (byKey && currentPart() < 0 && partCount() > 0)
        setCurrentPart(0);
    partsChanged();
    update();
    QWidget::focusInEvent(event);
}

void Picture::focusOutEvent(QFocusEvent* event)
{
    update();
    QWidget::focusOutEvent(event);
}

bool Picture::event(QEvent* event)
{
    if (event->type() == QEvent::ToolTip) {
        auto* help = static_cast<QHelpEvent*>(event);
        const int part = partAt(help->pos());
        if (part >= 0)
            QToolTip::showText(help->globalPos(), partWords(part), this);
        else
            QToolTip::hideText();
        return true;
    }
    return QWidget::event(event);
}

void Picture::paintFocus(QPainter& painter) const
{
    if (!hasFocus() || currentPart() < 0)
        return;
    painter.setBrush(Qt::NoBrush);
    painter.setPen(QPen(Style::current().colours().cool, 2.0));
    painter.drawRoundedRect(partPlace(currentPart()).adjusted(1.0, 1.0, -1.0, -1.0), 4.0, 4.0);
}

} // namespace dowel::app

#include "moc_picture.cpp"
