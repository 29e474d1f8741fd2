// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/parts/style.h"

#include "app/parts/drawn_style.h"
#include "draw/fonts.h"

#include <QApplication>
#include <QPalette>
#include <QRegularExpression>
#include <algorithm>
#include <cmath>
#include <memory>
#include <utility>

namespace dowel::app {

namespace {

QFont sized(int pixels, bool bold = false)
{
    QFont f(QStringLiteral("B612"));
    f.setPixelSize(Style::scaled(pixels));
    f.setBold(bold);
    return f;
}

std::unique_ptr<Style>& inForce()
{
    static std::unique_ptr<Style> style;
    return style;
}

} // namespace

Style::Style(Look look) : m_look(look)
{
    switch (look) {
    case Look::Dark:
        m_colours = {QColor(0x1B2126), QColor(0x242C33), QColor(0xECE6D8), QColor(0xB4B0A4), QColor(0x4A535B),
                     QColor(0x6B5A45), QColor(0xF0946A), QColor(0x7DB8E0), QColor(0x2E4438)};
        break;
    case Look::Light:
        m_colours = {QColor(0xF7F3E9), QColor(0xFFFDF7), QColor(0x1D2730), QColor(0x55595A), QColor(0xCFC6B4),
                     QColor(0xDCC7A1), QColor(0xA63D12), QColor(0x14598C), QColor(0xDCE8D8)};
        break;
    case Look::Contrast:
        m_colours = {QColor(0xFFFFFF), QColor(0xFFFFFF), QColor(0, 0, 0),  QColor(0x202020), QColor(0x707070),
                     QColor(0xD8D8D8), QColor(0x8A1500), QColor(0x003C80), QColor(0xC4DCC4)};
        break;
    }
}

namespace {
double& scaleInForce()
{
    static double times = 1.0;
    return times;
}
} // namespace

void Style::setTextScale(double times)
{
    constexpr double smallest = 0.75;
    constexpr double largest = 3.0;
    scaleInForce() = std::clamp(times, smallest, largest);
}

double Style::textScale()
{
    return scaleInForce();
}

int Style::scaled(int pixels)
{
    return static_cast<int>(std::lround(pixels * scaleInForce()));
}

void Style::loadFonts()
{
    draw::loadFonts();
    // Once, before there are widgets.
    static bool drawn = false;
    if (!std::exchange(drawn, true))
        QApplication::setStyle(new DrawnStyle);
}

QFont Style::small()
{
    return sized(13);
}
QFont Style::body()
{
    return sized(15);
}
QFont Style::head()
{
    return sized(22, true);
}
QFont Style::display()
{
    return sized(64, true);
}

const Style& Style::current()
{
    if (!inForce())
        inForce() = std::make_unique<Style>(false);
    return *inForce();
}

void Style::apply() const
{
    inForce() = std::make_unique<Style>(*this);
    QPalette p;
    p.setColor(QPalette::Window, m_colours.paper);
    p.setColor(QPalette::Base, m_colours.sheet);
    p.setColor(QPalette::AlternateBase, m_colours.paper);
    p.setColor(QPalette::Button, m_colours.sheet);
    for (const auto role : {QPalette::WindowText, QPalette::Text, QPalette::ButtonText, QPalette::ToolTipText})
        p.setColor(role, m_colours.ink);
    p.setColor(QPalette::ToolTipBase, m_colours.sheet);
    p.setColor(QPalette::PlaceholderText, m_colours.pencil);
    p.setColor(QPalette::Highlight, m_colours.cool);
    p.setColor(QPalette::Link, m_colours.cool);
    p.setColor(QPalette::LinkVisited, m_colours.cool);
    p.setColor(QPalette::HighlightedText, m_colours.sheet);
    for (const auto role : {QPalette::WindowText, QPalette::Text, QPalette::ButtonText})
        p.setColor(QPalette::Disabled, role, m_colours.pencil);
    // Each of these goes over every widget there is: only where something is new.
    if (QApplication::font() != body())
        QApplication::setFont(body());
    QApplication::setPalette(p);
    qApp->setStyleSheet(sheet());
}

namespace {

/// The sheet's paddings and widths in step with the type; lines stay lines.
QString grown(const QString& sheet)
{
    constexpr int widestLine = 4;
    static const QRegularExpression pixels(QStringLiteral("\\b(\\d+)px"));
    QString grown;
    qsizetype done = 0;
    for (auto found = pixels.globalMatch(sheet); found.hasNext();) {
        const auto m = found.next();
        const int size = m.captured(1).toInt();
        grown += sheet.mid(done, m.capturedStart() - done) +
                 QStringLiteral("%1px").arg(size <= widestLine ? size : Style::scaled(size));
        done = m.capturedEnd();
    }
    return grown + sheet.mid(done);
}

} // namespace

QString Style::sheet() const
{
    QString s = QStringLiteral(R"(
        QMainWindow, QWidget#page { background: @paper; }
        QMenuBar { font-family: "B612"; font-size: @small; background: @paper; color: @ink; border-bottom: 1px solid @hair; padding: 2px; }
        QMenuBar::item:selected, QMenu::item:selected { background: @cool; color: @sheet; }
        QMenu { font-family: "B612"; font-size: @small; background: @sheet; color: @ink; border: 1px solid @hair; }
        QListWidget#stages { font-family: "B612"; font-size: @body; background: @paper; border: none; border-right: 1px solid @hair; outline: none; }
        QWidget#firstSteps { background: @paper; border-right: 1px solid @hair; }
        QListWidget#stages::item { padding: 10px 14px; color: @ink; border-left: 4px solid transparent; }
        QListWidget#stages::item:selected { border-left: 4px solid @warm; color: @ink; background: @sheet; }
        QPushButton { background: @sheet; color: @ink; border: 1px solid @pencil; border-radius: 3px; padding: 7px 11px; }
        QPushButton:hover { border-color: @ink; }
        QPushButton:focus { border: 2px solid @cool; padding: 6px 10px; }
        QPushButton:disabled { color: @pencil; border-color: @hair; }
        QPushButton[main="true"] { background: @cool; color: @sheet; border-color: @cool; }
        QPushButton[main="true"]:focus { border: 2px solid @ink; }
        QPushButton[main="true"]:disabled { background: @paper; color: @pencil; border-color: @hair; }
        QPushButton#handsFreeButton:checked { background: @warm; color: @sheet; border-color: @warm; }
        QPushButton[face="true"] { border: none; border-bottom: 2px solid @hair; border-radius: 0; background: @paper; padding: 6px 8px; color: @pencil; }
        QPushButton[face="true"]:checked { color: @ink; border-bottom: 3px solid @warm; padding: 6px 8px 5px 8px; }
        QPushButton[face="true"]:focus { border: none; border-bottom: 3px solid @cool; padding: 6px 8px 5px 8px; }
        QComboBox { background: @sheet; color: @ink; border: none; border-bottom: 2px solid @pencil; padding: 4px 6px; }
        QComboBox::drop-down { border: none; width: 24px; }
        QComboBox::down-arrow { width: 0; height: 0; border-left: 5px solid @sheet; border-right: 5px solid @sheet; border-top: 7px solid @pencil; }
        QComboBox:focus { border-bottom: 2px solid @cool; }
        QComboBox QAbstractItemView { background: @sheet; color: @ink; selection-background-color: @cool; selection-color: @sheet; }
        QListWidget#stages::item:disabled { color: @pencil; }
        QListWidget#shopList { background: @paper; border: none; border-top: 1px solid @hair; outline: none; }
        QListWidget#drillSteps, QListWidget#edgeSymptoms { background: @paper; border: none; outline: none; }
        QListWidget#drillSteps::item, QListWidget#edgeSymptoms::item { padding: 4px 2px; border-bottom: 1px solid @hair; color: @ink; }
        QListWidget#drillSteps::item:selected { background: @sheet; color: @ink; }
        QListWidget#edgeSymptoms::item { padding: 8px 6px; }
        QListWidget#edgeSymptoms::item:selected { background: @sheet; color: @ink; border-left: 4px solid @warm; }
        QLineEdit[wrong="true"] { border-bottom: 2px solid @warm; }
        QCheckBox { spacing: 8px; }
        QSlider::groove:horizontal { background: @pencil; height: 2px; }
        QSlider::handle:horizontal { background: @cool; border: 1px solid @ink; width: 12px; margin: -8px 0px; border-radius: 3px; }
        QTableWidget#sensitivityTable { background: @sheet; }
        QTableWidget#sensitivityTable QHeaderView::section { background: @sheet; }
        QLineEdit, QDoubleSpinBox, QSpinBox { background: @sheet; color: @ink; border: none; border-bottom: 2px solid @pencil; padding: 4px; }
        QLineEdit:focus, QDoubleSpinBox:focus, QSpinBox:focus { border-bottom: 2px solid @cool; }
        QTableView { background: @paper; alternate-background-color: @paper; color: @ink; border: none; gridline-color: @hair;
                     selection-background-color: @sheet; selection-color: @ink; outline: none; }
        QTableView::item { border-bottom: 1px solid @hair; padding: 0 6px; }
        QTableView::item:selected { background: @sheet; color: @ink; border-bottom: 2px solid @cool; }
        QHeaderView::section { background: @paper; color: @pencil; border: none; border-bottom: 1px solid @ink; padding: 4px 6px; }
        QFrame#hairline { background: @hair; }
        QFrame#card { background: @sheet; border-top: 3px solid @warm; }
        QFrame#messageBar { background: @sheet; border-left: 4px solid @warm; }
        QToolTip { background: @sheet; color: @ink; border: 1px solid @pencil; padding: 4px; }
        QLabel[quiet="true"] { color: @pencil; }
    )");
    if (textScale() != 1.0)
        s = grown(s);
    s.replace(QLatin1String("@small"), QStringLiteral("%1px").arg(scaled(14)));
    s.replace(QLatin1String("@body"), QStringLiteral("%1px").arg(scaled(15)));
    const std::pair<const char*, QColor> names[] = {
        {"@paper", m_colours.paper},   {"@sheet", m_colours.sheet}, {"@ink", m_colours.ink},  {"@pencil", m_colours.pencil},
        {"@hair", m_colours.hairline}, {"@warm", m_colours.warm},   {"@cool", m_colours.cool}};
    for (const auto& [name, colour] : names)
        s.replace(QLatin1String(name), colour.name());
    return s;
}

} // namespace dowel::app
