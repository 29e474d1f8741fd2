// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/parts/questions.h"

#include <QFileDialog>

namespace dowel::app {

QString FileDialogs::fileToOpen(QWidget* parent, const QString& caption, const QString& filter)
{
    return QFileDialog::getOpenFileName(parent, caption, QString(), filter);
}

QString FileDialogs::fileToWrite(QWidget* parent, const QString& caption, const QString& suggestion, const QString& filter)
{
    return QFileDialog::getSaveFileName(parent, caption, suggestion, filter);
}

QString FileDialogs::folderToUse(QWidget* parent, const QString& caption, const QString& now)
{
    return QFileDialog::getExistingDirectory(parent, caption, now);
}

} // namespace dowel::app
