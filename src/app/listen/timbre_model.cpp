// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/listen/timbre_model.h"

#include "app/parts/style.h"
#include "core/acoustics/colour.h"
#include "core/fit/fit.h"
#include "text/units.h"

#include <algorithm>
#include <cmath>

namespace dowel::app {

namespace {

QString words(acoustics::SpeechReason reason)
{
    switch (reason) {
    case acoustics::SpeechReason::None: return {};
    case acoustics::SpeechReason::WeakResonance: return TimbreModel::tr("weak resonance");
    case acoustics::SpeechReason::NearCutoff: return TimbreModel::tr("low cutoff");
    case acoustics::SpeechReason::OctaveAway: return TimbreModel::tr("octave out of line");
    case acoustics::SpeechReason::LowerIsStronger: return TimbreModel::tr("register below stronger");
    }
    return {};
}

} // namespace

void TimbreModel::setBook(const Document::Snapshot& book, Face face)
{
    m_jobs->runNewest([book, face](const Cancel&) { return rowsOf(*book, face); },
                      [this, face](std::vector<Row> rows) {
                          beginResetModel();
                          m_rows = std::move(rows);
                          m_face = face;
                          endResetModel();
                          Q_EMIT headerDataChanged(Qt::Horizontal, 0, ColumnCount - 1);
                      });
}

std::vector<TimbreModel::Row> TimbreModel::rowsOf(const Workbook& book, Face face)
{
    std::vector<Row> rows;
    for (NoteTimbre& note : face == Face::Now ? timbresOf(book) : timbreTrendsOf(book)) {
        const QString takes = QString::number(note.takes);
        rows.push_back({std::move(note), face == Face::Trend ? takes : QString()});
    }
    if (face == Face::Trend)
        return rows;
    const Instrument& shape = book.present();
    const acoustics::Model model(acoustics::Shape::of(shape), acoustics::calibrationOf(shape.spec().tuning));
    if (const auto colours = acoustics::coloursOf(model, queriesOf(shape)))
        for (std::size_t i = 0; i < rows.size(); ++i)
            rows[i].why = words((*colours)[i].reason);
    return rows;
}

TimbreModel::TimbreModel(QObject* parent) : QAbstractTableModel(parent), m_jobs(new Jobs(this)) {}

int TimbreModel::rowCount(const QModelIndex& parent) const
{
    return parent.isValid() ? 0 : static_cast<int>(m_rows.size());
}

int TimbreModel::columnCount(const QModelIndex& parent) const
{
    return parent.isValid() ? 0 : ColumnCount;
}

bool TimbreModel::standsOut(int row, int column) const
{
    return column >= Speaks && column <= Level &&
           m_rows[static_cast<std::size_t>(row)].note.standsOut[static_cast<std::size_t>(column - Speaks)];
}

QVariant TimbreModel::data(const QModelIndex& index, int role) const
{
    if (!index.isValid() || index.row() >= rowCount())
        return {};
    const Row& row = m_rows[static_cast<std::size_t>(index.row())];
    const bool number = index.column() >= Speaks && index.column() <= Level;
    switch (role) {
    case Qt::DisplayRole: {
        if (index.column() == Note)
            return text::noteName(row.note.id.text);
        if (index.column() == Why)
            return row.why;
        const auto& v = row.note.value[static_cast<std::size_t>(index.column() - Speaks)];
        if (!v)
            return QStringLiteral("–");
        const int decimals = index.column() == Speaks || index.column() == Centre ? 2 : 1;
        const double unit = std::pow(10.0, -decimals);
        const double rounded = std::round(*v / unit) * unit;
        const QString sign = rounded < 0.0                            ? QStringLiteral("−")
                             : rounded > 0.0 && m_face == Face::Trend ? QStringLiteral("+")
                                                                      : QString();
        const QString words = sign + text::number(std::abs(rounded), decimals);
        return standsOut(index.row(), index.column()) ? QStringLiteral("◆ ") + words : words;
    }
    case Qt::AccessibleTextRole:
        return standsOut(index.row(), index.column()) ? tr("stands out, %1").arg(data(index, Qt::DisplayRole).toString().mid(2))
                                                      : data(index, Qt::DisplayRole);
    case Qt::TextAlignmentRole: return QVariant((number ? Qt::AlignRight : Qt::AlignLeft) | Qt::AlignVCenter);
    case Qt::ForegroundRole: {
        const Colours& c = Style::current().colours();
        return standsOut(index.row(), index.column()) ? c.warm : index.column() == Why ? c.pencil : c.ink;
    }
    default: return {};
    }
}

QVariant TimbreModel::headerData(int section, Qt::Orientation orientation, int role) const
{
    if (orientation != Qt::Horizontal)
        return {};
    if (role == Qt::TextAlignmentRole)
        return QVariant((section >= Speaks && section <= Level ? Qt::AlignRight : Qt::AlignLeft) | Qt::AlignVCenter);
    if (role == Qt::ToolTipRole)
        switch (section) {
        case Speaks: return tr("Seconds from the first sound until pitch and level have settled");
        case Noise: return tr("Tone over all noise, dB: small is breathy");
        case Breath: return tr("Tone over the breath from 2 to 8 kHz, where an edge hisses, dB");
        case Centre: return tr("Centre of the partials, in multiples of the note: small is dull, large is bright");
        case EvenOdd: return tr("Even partials over odd ones, dB");
        case Level: return tr("How much the level wavers, dB");
        case Why:
            return m_face == Face::Now ? tr("What the model says of this fingering")
                                       : tr("From the first take to the newest, of so many");
        default: return {};
        }
    if (role != Qt::DisplayRole)
        return {};
    switch (section) {
    case Note: return tr("Note") + QLatin1Char('\n');
    case Speaks: return tr("Speaks\ns");
    case Noise: return tr("Tone\ndB");
    case Breath: return tr("Breath\ndB");
    case Centre: return tr("Centre\n× note");
    case EvenOdd: return tr("Even\ndB");
    case Level: return tr("Wavers\ndB");
    case Why: return (m_face == Face::Now ? tr("Model") : tr("Takes")) + QLatin1Char('\n');
    default: return {};
    }
}

} // namespace dowel::app
