// SPDX-License-Identifier: GPL-3.0-or-later
// Who is new is led through a practice blank: under the stages stands what to do now, until it is put away.
#pragma once

#include <QWidget>

class QLabel;
class QPushButton;

namespace dowel {
class Workbook;
struct Advice;
} // namespace dowel

namespace dowel::app {

class FirstSteps : public QWidget
{
    Q_OBJECT

public:
    explicit FirstSteps(QWidget* parent);
    /// Shown where a practice blank is open and nobody has put it away. advice: nullptr where there is none yet. pending: notes
    /// that are still to be heard. room: as high as it may be; it keeps away where its words need more.
    void follow(const Workbook* book, const Advice* advice, std::size_t pending, int room);
    /// Brings it back for who had put it away.
    static void bringBack();

private:
    QLabel* m_words;
    QPushButton* m_away;
};

} // namespace dowel::app
