// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/parts/questions.h"

#include "app/parts/modal.h"

#include <QFileDialog>

namespace dowel::app {

namespace {

/// Nothing where the window that asked went away meanwhile.
QString answerOf(QFileDialog* asked)
{
    Modal dialog(asked);
    if (!dialog.exec() || dialog->result() != QDialog::Accepted)
        return {};
    return dialog->selectedFiles().value(0);
}

} // namespace

QString FileDialogs::fileToOpen(QWidget* parent, const QString& caption, const QString& filter)
{
    auto* dialog = new QFileDialog(parent, caption, QString(), filter);
    dialog->setFileMode(QFileDialog::ExistingFile);
    return answerOf(dialog);
}

QString FileDialogs::fileToWrite(QWidget* parent, const QString& caption, const QString& suggestion, const QString& filter)
{
    auto* dialog = new QFileDialog(parent, caption, QString(), filter);
    dialog->setAcceptMode(QFileDialog::AcceptSave);
    dialog->setFileMode(QFileDialog::AnyFile);
    dialog->selectFile(suggestion);
    return answerOf(dialog);
}

QString FileDialogs::folderToUse(QWidget* parent, const QString& caption, const QString& now)
{
    auto* dialog = new QFileDialog(parent, caption, now);
    dialog->setFileMode(QFileDialog::Directory);
    dialog->setOption(QFileDialog::ShowDirsOnly);
    return answerOf(dialog);
}

} // namespace dowel::app
