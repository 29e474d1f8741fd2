// SPDX-License-Identifier: GPL-3.0-or-later
// What the shop memory holds, what it makes of it for one family, and how to be rid of it.
#pragma once

#include "store/shop_memory.h"

#include <QDialog>

class QCheckBox;
class QLabel;
class QPushButton;
class QTableWidget;

namespace dowel::app {

class ShopMemoryDialog : public QDialog
{
    Q_OBJECT

public:
    explicit ShopMemoryDialog(ShopMemory memory, QWidget* parent = nullptr);

private:
    void refresh();
    void showLearnt();
    ShopMemory m_memory;
    std::vector<Remembered> m_all;
    QCheckBox* m_use;
    QLabel* m_words;
    QTableWidget* m_table;
    QLabel* m_learntWords;
    QTableWidget* m_learnt;
    QPushButton* m_forget;
    QPushButton* m_forgetAll;
};

} // namespace dowel::app
