// SPDX-License-Identifier: GPL-3.0-or-later
// What is in the shop's drawer: bits by their markings, one by one or a set at a time, and the hand tools.
#pragma once

#include "core/shop/bit_drawer.h"

#include <QDialog>

class QComboBox;
class QLabel;
class QLineEdit;
class QListWidget;
class QPushButton;

namespace dowel::app {

class ShopDrawer;

class DrawerDialog : public QDialog
{
    Q_OBJECT

public:
    explicit DrawerDialog(ShopDrawer& drawer, QWidget* parent = nullptr);

private:
    void arrange();
    void fill();
    /// What is typed or pasted, all of it or nothing.
    void addTyped();
    void addSet();
    void removeChosen();
    void add(const std::vector<Bit>& bits);
    void save();

    ShopDrawer* m_kept;
    BitDrawer m_drawer;
    QLabel* m_words;
    QLineEdit* m_typed;
    QPushButton* m_add;
    QComboBox* m_set;
    QPushButton* m_addSet;
    QListWidget* m_bits;
    QPushButton* m_remove;
    QListWidget* m_tools;
    QLabel* m_trouble;
};

} // namespace dowel::app
