// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/timbre_model.h"

#include "app/style.h"
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

double median(std::vector<double> v)
{
    std::sort(v.begin(), v.end());
    return v.size() % 2 == 1 ? v[v.size() / 2] : 0.5 * (v[v.size() / 2] + v[v.size() / 2 - 1]);
}

} // namespace

void TimbreModel::setBook(const Document::Snapshot& book)
{
    const Instrument& shape = book->present();
    const auto& fingerings = shape.spec().fingerings;
    const auto readings = book->readings();
    const acoustics::Model model(acoustics::Shape::of(shape), acoustics::calibrationOf(shape.spec().tuning));
    const auto queries = queriesOf(shape);
    const auto colours = acoustics::coloursOf(model, queries);
    std::vector<Row> rows;
    for (std::size_t i = 0; i < fingerings.size(); ++i) {
        Row row;
        row.id = fingerings[i].id;
        row.registerNumber = fingerings[i].registerNumber;
        if (colours)
            row.why = words((*colours)[i].reason);
        const HeardNote* note = nullptr;
        for (const PlacedReading& r : readings)
            if (r.reading->fingering == row.id && r.reading->note)
                note = &*r.reading->note;
        if (note != nullptr) {
            if (note->speaks)
                row.value[0] = note->speaks->seconds();
            row.value[1] = note->noise_dB;
            row.value[2] = centreInFundamentals(*note);
            row.value[3] = evenToOdd_dB(*note);
            row.value[4] = note->levelSpread_dB;
        }
        rows.push_back(std::move(row));
    }
    // Out of line: three times as far from its register's middle as the half of them is, and far enough to be heard.
    // Common practice, no source.
    constexpr std::array<double, values> heard{0.06, 4.0, 0.35, 6.0, 1.0};
    constexpr std::size_t fewest = 4;
    for (std::size_t k = 0; k < values; ++k)
        for (Row& row : rows) {
            std::vector<double> all;
            for (const Row& other : rows)
                if (other.registerNumber == row.registerNumber && other.value[k])
                    all.push_back(*other.value[k]);
            if (!row.value[k] || all.size() < fewest)
                continue;
            const double middle = median(all);
            std::vector<double> off;
            for (const double v : all)
                off.push_back(std::abs(v - middle));
            row.standsOut[k] = std::abs(*row.value[k] - middle) > std::max(3.0 * median(off), heard[k]);
        }
    beginResetModel();
    m_rows = std::move(rows);
    endResetModel();
}

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
           m_rows[static_cast<std::size_t>(row)].standsOut[static_cast<std::size_t>(column - Speaks)];
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
            return text::noteName(row.id.text);
        if (index.column() == Why)
            return row.why;
        const auto& v = row.value[static_cast<std::size_t>(index.column() - Speaks)];
        if (!v)
            return QStringLiteral("–");
        const QString shown = QString::number(*v, 'f', index.column() == Speaks || index.column() == Centre ? 2 : 1);
        const QString words = QString(shown).replace(QLatin1Char('-'), QChar(0x2212));
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
        case Noise: return tr("Tone over breath and noise, dB: small is breathy");
        case Centre: return tr("Centre of the partials, in multiples of the note: small is dull, large is bright");
        case EvenOdd: return tr("Even partials over odd ones, dB");
        case Level: return tr("How much the level wavers, dB");
        case Why: return tr("What the model says of this fingering");
        default: return {};
        }
    if (role != Qt::DisplayRole)
        return {};
    switch (section) {
    case Note: return tr("Note");
    case Speaks: return tr("Speaks, s");
    case Noise: return tr("Tone, dB");
    case Centre: return tr("Centre");
    case EvenOdd: return tr("Even/odd");
    case Level: return tr("Wavers");
    case Why: return tr("Model");
    default: return {};
    }
}

} // namespace dowel::app
