// SPDX-License-Identifier: GPL-3.0-or-later
// The few questions that need a dialog, behind an interface so that a test can answer them.
#pragma once

#include <QString>

class QWidget;

namespace dowel::app {

class Questions
{
public:
    virtual ~Questions() = default;
    /// Empty where the user changed their mind.
    virtual QString fileToOpen(QWidget* parent, const QString& caption, const QString& filter) = 0;
    virtual QString fileToWrite(QWidget* parent, const QString& caption, const QString& suggestion, const QString& filter) = 0;
    virtual QString folderToUse(QWidget* parent, const QString& caption, const QString& now) = 0;
};

/// Asks with the platform's own file dialogs.
class FileDialogs : public Questions
{
public:
    QString fileToOpen(QWidget* parent, const QString& caption, const QString& filter) override;
    QString fileToWrite(QWidget* parent, const QString& caption, const QString& suggestion, const QString& filter) override;
    QString folderToUse(QWidget* parent, const QString& caption, const QString& now) override;
};

} // namespace dowel::app
