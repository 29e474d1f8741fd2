// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/document/take_dialog.h"

#include "app/parts/form.h"
#include "app/parts/style.h"
#include "core/base/ratio.h"
#include "core/hearing/analyse.h"
#include "io/audio_file.h"
#include "text/errors.h"
#include "text/units.h"

#include <QDoubleSpinBox>
#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <QVBoxLayout>
#include <cmath>

// The plotting library's header is written with Qt's keywords, which this program does without.
#define signals Q_SIGNALS
#define slots Q_SLOTS
#define foreach(item, all) for (item : all)
#include <qcustomplot.h>
#undef signals
#undef slots
#undef foreach

namespace dowel::app {

namespace {

QCustomPlot* plot(QWidget* parent, const char* name, const QString& spoken, const QString& below, const QString& beside)
{
    const Colours& c = Style::current().colours();
    auto* p = new QCustomPlot(parent);
    p->setObjectName(QLatin1String(name));
    p->setAccessibleName(spoken);
    p->setBackground(c.paper);
    for (QCPAxis* axis : {p->xAxis, p->yAxis}) {
        axis->setBasePen(QPen(c.ink));
        axis->setTickPen(QPen(c.ink));
        axis->setSubTicks(false);
        axis->setTickLabelFont(Style::small());
        axis->setLabelFont(Style::small());
        axis->setTickLabelColor(c.pencil);
        axis->setLabelColor(c.pencil);
        axis->grid()->setPen(QPen(c.hairline));
        axis->grid()->setZeroLinePen(QPen(c.ink));
    }
    p->xAxis->setLabel(below);
    p->yAxis->setLabel(beside);
    p->xAxis->ticker()->setTickCount(8);
    constexpr int left = 76; // the same for all, so that times stand under each other
    p->axisRect()->setAutoMargins(QCP::msTop | QCP::msRight | QCP::msBottom);
    p->axisRect()->setMargins(QMargins(left, 0, 0, 0));
    return p;
}

QCPItemRect* band(QCustomPlot* p)
{
    QColor soft = Style::current().colours().cool;
    soft.setAlpha(60);
    auto* rect = new QCPItemRect(p);
    rect->setLayer(QStringLiteral("overlay"));
    rect->setPen(Qt::NoPen);
    rect->setBrush(soft);
    rect->topLeft->setTypeX(QCPItemPosition::ptPlotCoords);
    rect->topLeft->setTypeY(QCPItemPosition::ptAxisRectRatio);
    rect->bottomRight->setTypeX(QCPItemPosition::ptPlotCoords);
    rect->bottomRight->setTypeY(QCPItemPosition::ptAxisRectRatio);
    return rect;
}

} // namespace

TakeDialog::TakeDialog(Document& document, EntryId entry, QWidget* parent)
    : QDialog(parent),
      m_document(&document),
      m_entry(entry),
      m_sound(plot(this, "takeSound", tr("Sound"), QString(), tr("sound"))),
      m_pitch(plot(this, "takePitch", tr("Pitch over time"), tr("seconds"), tr("deviation (cents)"))),
      m_spectrum(plot(this, "takeSpectrum", tr("Spectrum of the selection"), tr("hertz"), tr("dB"))),
      m_soundPart(band(m_sound)),
      m_pitchPart(band(m_pitch)),
      m_from(form::spin(this, "takeFrom", tr("From"), {0.0, 3600.0, 0.05, 2, tr(" s")})),
      m_to(form::spin(this, "takeTo", tr("To"), {0.0, 3600.0, 0.05, 2, tr(" s")})),
      m_words(form::words(this, "takeWords")),
      m_keep(form::button(this, "takeKeep", tr("&Use this reading"), true))
{
    setObjectName(QStringLiteral("takeDialog"));
    resize(1100, 720);
    for (const Entry& e : document.book()->entries())
        if (e.id == entry)
            m_reading = std::get<ReadingEntry>(e.body);
    setWindowTitle(tr("Take of %1").arg(text::noteName(m_reading.fingering.text)));
    if (const Fingering* f = document.book()->specified().find(m_reading.fingering))
        m_target_Hz = f->target.hertz();
    const Colours& c = Style::current().colours();
    m_sound->addGraph()->setPen(QPen(c.ink, 1.0));
    m_sound->yAxis->setTickLabels(false);
    m_pitch->addGraph()->setLineStyle(QCPGraph::lsNone);
    m_pitch->graph()->setScatterStyle(QCPScatterStyle(QCPScatterStyle::ssDisc, c.ink, 3.0));
    m_spectrum->addGraph()->setPen(QPen(c.ink, 1.0));
    m_spectrum->addGraph()->setLineStyle(QCPGraph::lsNone); // the partials that were counted
    m_spectrum->graph(1)->setScatterStyle(QCPScatterStyle(QCPScatterStyle::ssDisc, c.warm, 7.0));
    for (QCustomPlot* p : {m_sound, m_pitch}) {
        // Drag along the time to choose another part.
        p->setSelectionRectMode(QCP::srmCustom);
        connect(p->selectionRect(), &QCPSelectionRect::accepted, this, [this, p](const QRect& r, QMouseEvent* /*event*/) {
            choose(p->xAxis->pixelToCoord(r.left()), p->xAxis->pixelToCoord(r.right()));
        });
    }
    m_keep->setEnabled(false);
    auto* close = form::button(this, "takeClose", tr("C&lose"));
    auto* row = new QHBoxLayout;
    row->setSpacing(Style::grid);
    row->addWidget(new QLabel(tr("Measured from"), this));
    row->addWidget(m_from);
    row->addWidget(new QLabel(tr("to"), this));
    row->addWidget(m_to);
    row->addWidget(m_words, 1);
    row->addWidget(m_keep);
    row->addWidget(close);
    auto* column = new QVBoxLayout(this);
    column->setSpacing(Style::grid);
    column->addWidget(m_sound, 2);
    column->addWidget(m_pitch, 4);
    column->addWidget(m_spectrum, 3);
    column->addLayout(row);
    for (QDoubleSpinBox* s : {m_from, m_to})
        connect(s, &QDoubleSpinBox::valueChanged, this, [this] { choose(m_from->value(), m_to->value()); });
    connect(m_keep, &QPushButton::clicked, this, &TakeDialog::keep);
    connect(close, &QPushButton::clicked, this, &TakeDialog::reject);
    m_words->setText(tr("Opening the recording…"));
    const Seconds from = m_reading.note ? m_reading.note->start : Seconds();
    const Seconds to = m_reading.note ? m_reading.note->end : Seconds();
    m_jobs.run(
        [read = document.beside(entry), from, to](const Cancel& cancel) -> Result<Opened> {
            const auto flac = DOWEL_TRY(read());
            auto samples = DOWEL_TRY(io::samplesOfFlac(flac));
            auto frames = hearing::framesOf(samples.values, samples.rate_Hz, {}, cancel);
            auto spectrum = to > from ? spectrumOf(samples, from, to) : std::vector<SpectrumPoint>();
            return Opened{std::move(samples), std::move(frames), std::move(spectrum)};
        },
        [this](Result<Opened> take) { opened(std::move(take)); });
}

void TakeDialog::opened(Result<Opened> take)
{
    if (!take) {
        m_words->setText(text::sentence(take.error()));
        return;
    }
    m_samples = std::make_shared<const Samples>(std::move(take->samples));
    const auto& v = m_samples->values;
    // Lowest and highest of each small stretch: as the eye would see every sample.
    constexpr std::size_t pieces = 2000;
    const std::size_t step = std::max<std::size_t>(1, v.size() / pieces);
    QVector<double> t;
    QVector<double> y;
    for (std::size_t at = 0; at < v.size(); at += step) {
        const auto [low, high] = std::minmax_element(v.begin() + static_cast<std::ptrdiff_t>(at),
                                                     v.begin() + static_cast<std::ptrdiff_t>(std::min(v.size(), at + step)));
        for (const float s : {*low, *high}) {
            t << static_cast<double>(at) / m_samples->rate_Hz;
            y << static_cast<double>(s);
        }
    }
    m_sound->graph()->setData(t, y, true);
    const double lasts = m_samples->duration().seconds();
    m_sound->xAxis->setRange(0.0, lasts);
    m_sound->yAxis->rescale();
    QVector<double> when;
    QVector<double> cents;
    const double middle = centsOver(m_reading.pitch.hertz(), m_target_Hz);
    for (const auto& f : take->frames)
        if (f.pitch_Hz > 0.0 && f.clarity > 0.5) {
            when << f.centre_s;
            cents << centsOver(f.pitch_Hz, m_target_Hz);
        }
    m_pitch->graph()->setData(when, cents, true);
    m_pitch->xAxis->setRange(0.0, lasts);
    m_pitch->yAxis->setRange(middle - 40.0, middle + 40.0);
    m_from->setMaximum(lasts);
    m_to->setMaximum(lasts);
    if (m_reading.note) {
        m_measured = m_reading.note;
        m_spectrumOfPart = std::move(take->spectrum);
        const QSignalBlocker a(m_from);
        const QSignalBlocker b(m_to);
        m_from->setValue(m_reading.note->start.seconds());
        m_to->setValue(m_reading.note->end.seconds());
    }
    showPart();
}

void TakeDialog::choose(double from_s, double to_s)
{
    if (!m_samples)
        return;
    const double lasts = m_samples->duration().seconds();
    const double from = std::clamp(std::min(from_s, to_s), 0.0, lasts);
    const double to = std::clamp(std::max(from_s, to_s), 0.0, lasts);
    {
        const QSignalBlocker a(m_from);
        const QSignalBlocker b(m_to);
        m_from->setValue(from);
        m_to->setValue(to);
    }
    m_changed = true;
    measure();
}

void TakeDialog::measure()
{
    m_jobs.cancelAll();
    const Seconds from = Seconds::fromSeconds(m_from->value());
    const Seconds to = Seconds::fromSeconds(m_to->value());
    m_jobs.run(
        [samples = m_samples, from, to](const Cancel&) {
            auto note = measuredPart(*samples, from, to);
            auto spectrum = note ? spectrumOf(*samples, note->start, note->end) : std::vector<SpectrumPoint>();
            return std::pair(std::move(note), std::move(spectrum));
        },
        [this, from, to](std::pair<std::optional<HeardNote>, std::vector<SpectrumPoint>> part) {
            if (std::abs(m_from->value() - from.seconds()) > 1e-9 || std::abs(m_to->value() - to.seconds()) > 1e-9)
                return; // another part was chosen meanwhile
            m_measured = std::move(part.first);
            m_spectrumOfPart = std::move(part.second);
            showPart();
        });
}

void TakeDialog::showPart()
{
    const double from = m_from->value();
    const double to = m_to->value();
    for (QCPItemRect* r : {m_soundPart, m_pitchPart}) {
        r->topLeft->setCoords(from, 0.0);
        r->bottomRight->setCoords(to, 1.0);
    }
    m_keep->setEnabled(m_changed && m_measured.has_value());
    if (!m_measured) {
        m_words->setText(tr("No steady tone in this part: select a longer or quieter one."));
        m_spectrum->graph(0)->data()->clear();
        m_spectrum->graph(1)->data()->clear();
    } else {
        const HeardNote& n = *m_measured;
        // What a maker can use is how far the note itself leaves it open, not the exact error of this part's mean.
        constexpr double least_cents = 0.1;
        m_words->setText(tr("%1 Hz; %2 cents, ± %3 depending on the part selected")
                             .arg(text::number(n.pitch.hertz(), 2))
                             .arg(text::cents(centsOver(n.pitch.hertz(), m_target_Hz)))
                             .arg(text::number(std::max(least_cents, n.moves.value_or(n.sd).cents()), 1)));
        const auto& spectrum = m_spectrumOfPart;
        QVector<double> f;
        QVector<double> dB;
        const double highest = std::min(0.5 * m_samples->rate_Hz, n.pitch.hertz() * (static_cast<double>(partialsKept) + 1.0));
        double top = -120.0;
        for (const auto& s : spectrum) {
            if (s.hertz > highest)
                break;
            f << s.hertz;
            dB << s.level_dB;
            top = std::max(top, s.level_dB);
        }
        m_spectrum->graph(0)->setData(f, dB, true);
        QVector<double> partials;
        QVector<double> levels;
        for (std::size_t k = 0; k < partialsKept; ++k) {
            const double at = n.pitch.hertz() * static_cast<double>(k + 1);
            if (at > highest || n.partials_dB[k] < -100.0)
                continue;
            const auto nearest = std::min_element(spectrum.begin(), spectrum.end(), [&](const auto& a, const auto& b) {
                return std::abs(a.hertz - at) < std::abs(b.hertz - at);
            });
            partials << at;
            levels << nearest->level_dB;
        }
        m_spectrum->graph(1)->setData(partials, levels, true);
        m_spectrum->xAxis->setRange(0.0, highest);
        m_spectrum->yAxis->setRange(top - 90.0, top + 6.0);
    }
    for (QCustomPlot* p : {m_sound, m_pitch, m_spectrum})
        p->replot(QCustomPlot::rpQueuedReplot);
}

void TakeDialog::keep()
{
    if (!m_measured)
        return;
    ReadingEntry r = m_reading;
    r.pitch = m_measured->pitch;
    r.sd = m_measured->sd;
    r.note = *m_measured;
    if (m_reading.note)
        r.note->registerNumber = m_reading.note->registerNumber;
    m_document->measureAnew(m_entry, std::move(r), m_samples);
    accept();
}

} // namespace dowel::app

#include "moc_take_dialog.cpp"
