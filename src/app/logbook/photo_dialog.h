// SPDX-License-Identifier: GPL-3.0-or-later
// A photograph of the logbook, as large as the window lets it be.
#pragma once

#include "app/document/document.h"
#include "app/parts/jobs.h"

#include <QDialog>
#include <QImage>

class QLabel;

namespace dowel::app {

class PhotoDialog : public QDialog
{
    Q_OBJECT

public:
    PhotoDialog(Document& document, EntryId entry, const QString& words, QWidget* parent = nullptr);
    [[nodiscard]] const QImage& image() const { return m_image; }

protected:
    void resizeEvent(QResizeEvent* event) override;

private:
    void fit();
    QImage m_image;
    QLabel* m_picture;
    Jobs m_jobs;
};

} // namespace dowel::app
