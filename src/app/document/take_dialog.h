// SPDX-License-Identifier: GPL-3.0-or-later
// A kept take, opened: its sound, its pitch over time with the part that was measured, and the spectrum of that part. The
// part can be moved by hand; the reading follows, and both versions stay in the record.
#pragma once

#include "app/document/document.h"

#include <QDialog>

class QCustomPlot;
class QCPItemRect;
class QDoubleSpinBox;
class QLabel;
class QPushButton;

namespace dowel::app {

class TakeDialog : public QDialog
{
    Q_OBJECT

public:
    /// entry: a reading that has a take.
    TakeDialog(Document& document, EntryId entry, QWidget* parent = nullptr);
    [[nodiscard]] bool busy() const { return m_jobs.busy(); }
    /// The part as it is chosen now, and what it measures.
    [[nodiscard]] const std::optional<HeardNote>& measured() const { return m_measured; }

private:
    struct Opened
    {
        Samples samples;
        std::vector<hearing::Frame> frames;
        std::vector<SpectrumPoint> spectrum; ///< of the part that was read
    };
    void opened(Result<Opened> take);
    void choose(double from_s, double to_s);
    void measure();
    void showPart();
    void keep();

    Document* m_document;
    EntryId m_entry;
    ReadingEntry m_reading;
    double m_target_Hz = 0.0;
    std::shared_ptr<const Samples> m_samples;
    std::optional<HeardNote> m_measured;
    std::vector<SpectrumPoint> m_spectrumOfPart; ///< of what was measured
    QCustomPlot* m_sound;
    QCustomPlot* m_pitch;
    QCustomPlot* m_spectrum;
    QCPItemRect* m_soundPart;
    QCPItemRect* m_pitchPart;
    QDoubleSpinBox* m_from;
    QDoubleSpinBox* m_to;
    QLabel* m_words;
    QPushButton* m_keep;
    bool m_changed = false;
    Jobs m_jobs;
};

} // namespace dowel::app
