// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/shop/empty_shop.h"

#include "app/parts/style.h"

#include <QAbstractButton>
#include <QFocusEvent>
#include <QLabel>
#include <QPainter>
#include <QVBoxLayout>
#include <cmath>

namespace dowel::app {

namespace {

enum class Way { New, Existing, Practice };

/// One way to begin: a drawing, what it is called and what it is for. Pressed like any button.
class WayButton : public QAbstractButton
{
public:
    WayButton(Way way, const QString& title, const QString& words, QWidget* parent)
        : QAbstractButton(parent), m_way(way), m_words(words)
    {
        setText(title);
        setAccessibleName(title);
        setAccessibleDescription(words);
        setFocusPolicy(Qt::StrongFocus);
        setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
        setAttribute(Qt::WA_Hover);
    }
    [[nodiscard]] QSize sizeHint() const override { return {Style::scaled(420), Style::scaled(112)}; }

protected:
    void paintEvent(QPaintEvent* /*event*/) override
    {
        const Colours& c = Style::current().colours();
        QPainter painter(this);
        painter.setRenderHint(QPainter::Antialiasing);
        const QRectF frame = QRectF(rect()).adjusted(1.0, 1.0, -1.0, -1.0);
        painter.setBrush(c.sheet);
        painter.setPen(QPen(hasFocus() ? c.cool : underMouse() ? c.ink : c.hairline, hasFocus() ? 2.0 : 1.0));
        painter.drawRoundedRect(frame, 3.0, 3.0);
        const double drawing = frame.width() * 0.36;
        paintTube(painter, QRectF(frame.left() + 16.0, frame.top(), drawing - 24.0, frame.height()));
        const QRect text = frame.adjusted(drawing + 8.0, 0.0, -14.0, 0.0).toRect();
        painter.setFont(Style::head());
        const int high = painter.fontMetrics().height();
        painter.setPen(c.ink);
        const int flags = Qt::TextShowMnemonic | Qt::AlignLeft | Qt::AlignVCenter;
        painter.setFont(Style::small());
        const QRect words = painter.boundingRect(text, Qt::TextWordWrap, m_words);
        const int top = text.center().y() - (high + words.height() + 4) / 2;
        painter.drawText(QRect(text.left(), top + high + 4, text.width(), words.height()), Qt::TextWordWrap, m_words);
        painter.setFont(Style::head());
        painter.drawText(QRect(text.left(), top, text.width(), high), flags, this->text());
    }
    void focusInEvent(QFocusEvent* event) override
    {
        QAbstractButton::focusInEvent(event);
        update();
    }

private:
    /// A duct tube from the side: bare, with holes that sound off, or with holes that sound as the simulated player blows them.
    void paintTube(QPainter& painter, const QRectF& room) const
    {
        const Colours& c = Style::current().colours();
        const double half = room.height() * 0.11;
        const double middle = room.center().y() + half * 0.8;
        painter.setPen(QPen(c.ink, 1.4, m_way == Way::Practice ? Qt::DashLine : Qt::SolidLine));
        painter.setBrush(c.wood);
        painter.drawRoundedRect(QRectF(room.left(), middle - half, room.width(), 2.0 * half), 2.0, 2.0);
        painter.setPen(QPen(c.ink, 1.2));
        painter.setBrush(c.paper);
        painter.drawRect(QRectF(room.left() + room.width() * 0.13, middle - half * 0.6, room.width() * 0.05, half * 1.2));
        if (m_way == Way::New)
            return;
        // Cents off at each hole, in units of half the tube's height: by eye, only to tell the ways apart.
        const double off[] = {0.9, -0.7, 0.3, -1.1, 0.0, 0.6};
        for (int i = 0; i < 6; ++i) {
            const double x = room.left() + room.width() * (0.36 + 0.11 * i);
            painter.setBrush(c.paper);
            painter.drawEllipse(QPointF(x, middle), half * 0.32, half * 0.32);
            const double y = middle - 2.6 * half - (m_way == Way::Existing ? off[i] * half : 0.0);
            painter.setBrush(m_way == Way::Existing && std::abs(off[i]) > 0.5 ? c.warm : c.cool);
            painter.drawEllipse(QPointF(x, y), 3.2, 3.2);
        }
        painter.setPen(QPen(c.hairline, 1.0));
        painter.drawLine(QPointF(room.left() + room.width() * 0.3, middle - 2.6 * half),
                         QPointF(room.right(), middle - 2.6 * half));
    }
    Way m_way;
    QString m_words;
};

} // namespace

EmptyShop::EmptyShop(QWidget* parent) : QWidget(parent)
{
    setObjectName(QStringLiteral("emptyShop"));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(Style::grid);
    auto* title = new QLabel(tr("No instruments yet. Choose how to begin:"), this);
    column->addWidget(title);
    const auto add = [&](Way way, const char* name, const QString& words, const QString& what, void (EmptyShop::*asked)()) {
        auto* button = new WayButton(way, words, what, this);
        button->setObjectName(QLatin1String(name));
        connect(button, &QAbstractButton::clicked, this, asked);
        column->addWidget(button);
    };
    add(Way::New, "wayNew", tr("Start from stock"),
        tr("A bare tube, board or cane. Dowel finds the keys that suit it and lays out the holes."), &EmptyShop::newAsked);
    add(Way::Existing, "wayExisting", tr("Correct an existing instrument"),
        tr("Type its bore and holes, play it, and Dowel names the cuts that bring it in tune."), &EmptyShop::existingAsked);
    add(Way::Practice, "wayPractice", tr("Practise without wood"),
        tr("A simulated player blows a simulated tube that is drilled slightly too small."), &EmptyShop::practiceAsked);
    column->addStretch(1);
}

} // namespace dowel::app

#include "moc_empty_shop.cpp"
