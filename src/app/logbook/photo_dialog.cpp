// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/logbook/photo_dialog.h"

#include "app/parts/form.h"
#include "app/parts/style.h"
#include "text/errors.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QPixmap>
#include <QPushButton>
#include <QVBoxLayout>

namespace dowel::app {

PhotoDialog::PhotoDialog(Document& document, EntryId entry, const QString& words, QWidget* parent)
    : QDialog(parent), m_picture(new QLabel(tr("Opening the photograph…"), this))
{
    setObjectName(QStringLiteral("photoDialog"));
    setWindowTitle(words);
    resize(900, 680);
    m_picture->setObjectName(QStringLiteral("photoPicture"));
    m_picture->setAccessibleName(words);
    m_picture->setAlignment(Qt::AlignCenter);
    m_picture->setMinimumSize(240, 180);
    auto* close = form::button(this, "photoClose", tr("&Close"));
    connect(close, &QPushButton::clicked, this, &QDialog::accept);
    auto* title = form::words(this, "photoWords");
    title->setText(words);
    auto* foot = new QHBoxLayout;
    foot->addWidget(title, 1);
    foot->addWidget(close);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(24, 20, 24, 20);
    column->setSpacing(2 * Style::grid);
    column->addWidget(m_picture, 1);
    column->addLayout(foot);
    m_jobs.run(
        [read = document.beside(entry), entry](const Cancel&) -> Result<QImage> {
            const auto bytes = DOWEL_TRY(read());
            const QImage image = QImage::fromData(bytes.data(), static_cast<int>(bytes.size()), "JPEG");
            if (image.isNull())
                return Error{ErrorCode::Damaged, "entry " + std::to_string(entry.number), FactId::PhotographUnreadable};
            return image;
        },
        [this](const Result<QImage>& image) {
            if (image)
                m_image = *image;
            else
                m_picture->setText(text::sentence(image.error()));
            fit();
        });
}

void PhotoDialog::fit()
{
    if (!m_image.isNull())
        m_picture->setPixmap(
            QPixmap::fromImage(m_image.scaled(m_picture->size(), Qt::KeepAspectRatio, Qt::SmoothTransformation)));
}

void PhotoDialog::resizeEvent(QResizeEvent* event)
{
    QDialog::resizeEvent(event);
    fit();
}

} // namespace dowel::app

#include "moc_photo_dialog.cpp"
