// SPDX-License-Identifier: GPL-3.0-or-later
// What the shop memory holds, what it makes of it for one family, and how to be rid of it.
#pragma once

#include "app/parts/jobs.h"
#include "store/shop_memory.h"

#include <QDialog>
#include <map>

class QCheckBox;
class QLabel;
class QPushButton;
class QTableWidget;

namespace dowel::app {

class ShopMemoryDialog : public QDialog
{
    Q_OBJECT

public:
    explicit ShopMemoryDialog(std::shared_ptr<ShopMemory> memory, QWidget* parent = nullptr);

private:
    /// What is remembered, and what it makes of it for each family there.
    struct Known
    {
        std::vector<Remembered> all;
        std::map<Family, Result<Priors>> learnt;
    };
    /// change: on the worker, before everything is read again.
    void refresh(std::function<Status(ShopMemory&)> change = {});
    void fill(const Result<Known>& known);
    void showLearnt();
    std::shared_ptr<ShopMemory> m_memory; ///< touched by the worker only
    Known m_known;
    QCheckBox* m_use;
    QLabel* m_words;
    QTableWidget* m_table;
    QLabel* m_learntWords;
    QTableWidget* m_learnt;
    QPushButton* m_forget;
    QPushButton* m_forgetAll;
    Jobs m_jobs;
};

} // namespace dowel::app
