// SPDX-License-Identifier: GPL-3.0-or-later
// What the passport is to hold and where it goes: a file, or paper after a look at it.
#pragma once

#include "app/parts/jobs.h"
#include "report/report.h"

#include <QDialog>

class QCheckBox;
class QComboBox;
class QLineEdit;
class QPrintPreviewDialog;
class QPrinter;
class QPushButton;

namespace dowel::app {

class Questions;

class PassportDialog : public QDialog
{
    Q_OBJECT

public:
    PassportDialog(Questions& questions, std::shared_ptr<const Workbook> book, std::optional<FinishPlan> finish,
                   text::LengthUnit unit, QWidget* parent = nullptr);

Q_SIGNALS:
    void failed(const QString& sentence);
    void told(const QString& sentence);

private:
    [[nodiscard]] text::PassportWishes wishes() const;
    [[nodiscard]] draw::Paper paper() const;
    void write();
    void print();
    void paint(QPrinter& printer, QPrintPreviewDialog& preview);
    Questions* m_questions;
    std::shared_ptr<const Workbook> m_book;
    std::optional<Passport> m_passport; ///< when it is worked out
    QPushButton* m_file;
    QPushButton* m_print;
    std::optional<FinishPlan> m_finish;
    text::LengthUnit m_unit;
    QComboBox* m_which;
    QComboBox* m_paper;
    QLineEdit* m_maker;
    QLineEdit* m_serial;
    std::shared_ptr<draw::ReportPages> m_pages; ///< for printing, of the page that was asked for last
    Jobs m_jobs;
};

} // namespace dowel::app
