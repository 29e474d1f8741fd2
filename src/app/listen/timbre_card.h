// SPDX-License-Identifier: GPL-3.0-or-later
// How every note sounds beside its neighbours or beside a pattern, and what would make a dull one brighter; or how it has changed
// since it was first heard, with the drift of the whole.
#pragma once

#include "app/document/document.h"
#include "app/listen/timbre_picture.h"
#include "app/parts/jobs.h"

#include <QWidget>

class QLabel;
class QPushButton;

namespace dowel::app {

class DriftPicture;
class Questions;

class TimbreCard : public QWidget
{
    Q_OBJECT

public:
    TimbreCard(Document& document, Questions& questions, QWidget* parent = nullptr);
    void show(TimbrePicture::Face face);

Q_SIGNALS:
    void failed(const QString& sentence);

private:
    void showNote(int part);
    void alike();
    void likeAnInstrument();
    Document* m_document;
    Questions* m_questions;
    TimbrePicture::Face m_face = TimbrePicture::Face::Now;
    DriftPicture* m_drift;
    TimbrePicture* m_picture;
    QLabel* m_words;
    QPushButton* m_alike;
    QPushButton* m_like;
    QPushButton* m_none;
    Jobs m_sums;  ///< the notes
    Jobs m_means; ///< what would make one brighter
};

} // namespace dowel::app
