// SPDX-License-Identifier: GPL-3.0-or-later
#include "text/template_words.h"

#include "text/tr.h"

namespace dowel::text {

QString partName(const std::string& part)
{
    return part == "head"     ? tr("head joint")
           : part == "middle" ? tr("middle joint")
           : part == "foot"   ? tr("foot joint")
                              : tr("body");
}

QString TemplateWords::size(Metres m) const
{
    return m_unit == LengthUnit::Inches ? lengthNumber(tenths(m), m_unit) : number(m.millimetres(), 1);
}

QString TemplateWords::from(const TemplateSheet& sheet) const
{
    switch (sheet.from) {
    case TemplateSheet::From::Edge: return tr("from the sounding edge");
    case TemplateSheet::From::UpperEnd: return sheet.topmost ? tr("from the top end") : tr("from the upper end");
    case TemplateSheet::From::LowerEnd: break;
    }
    return sheet.lowest ? tr("from the foot") : tr("from the lower end");
}

QString TemplateWords::label(const TemplateSheet& sheet, const SheetLabel& label) const
{
    const auto& lengths = label.lengths;
    switch (label.says) {
    case SheetLabel::Says::HoleName: return QString::fromStdString(label.name);
    case SheetLabel::Says::Note: return noteName(label.name);
    case SheetLabel::Says::Distance: return size(lengths[0]);
    case SheetLabel::Says::HoleSizes:
        return lengths.size() > 1 ? size(lengths[0]) + QStringLiteral("–") + size(lengths[1]) : size(lengths[0]);
    case SheetLabel::Says::RulerMark:
        return m_unit == LengthUnit::Inches ? lengthNumber(lengths[0], m_unit) : number(lengths[0].millimetres(), 0);
    case SheetLabel::Says::LowerEnd: {
        const QString unit = m_unit == LengthUnit::Inches ? tr("in", "unit") : tr("mm", "unit");
        return (sheet.lowest
                    ? tr("foot edge. Hole: size now–at most; below it how far %1 (%2)", "%1: from the foot")
                    : tr("lower end, without tenon. Hole: size now–at most; below it how far %1 (%2)", "%1: from the foot"))
            .arg(from(sheet), unit);
    }
    case SheetLabel::Says::UpperEnd: return sheet.topmost ? tr("top end") : tr("upper end, without tenon");
    case SheetLabel::Says::SawNoFurther: return tr("saw no further than %1").arg(size(lengths[0]));
    case SheetLabel::Says::Window: return tr("window %1 × %2").arg(size(lengths[0]), size(lengths[1]));
    case SheetLabel::Says::Stopper: return tr("stopper %1 from the hole").arg(size(lengths[0]));
    case SheetLabel::Says::Block: return tr("block", "of a duct");
    case SheetLabel::Says::Lap: return tr("lap: glue it under the other edge");
    case SheetLabel::Says::MouthThatWay: return tr("mouth", "of the instrument");
    }
    return {};
}

QStringList TemplateWords::heads(const TemplateSheet& sheet) const
{
    return {tr("hole"), from(sheet), tr("first", "size of a hole"), tr("at most", "size of a hole"), tr("done", "of a hole")};
}

QStringList TemplateWords::row(const SheetRow& row) const
{
    const QString hole = QString::fromStdString(row.hole.text);
    return {row.side == Side::Back ? tr("%1, at the back").arg(hole) : hole, size(row.distance), size(row.first),
            size(row.atMost)};
}

QString TemplateWords::title(const std::string& instrument, const TemplateSheet& sheet) const
{
    const QString name = QString::fromStdString(instrument);
    return sheet.lowest && sheet.topmost ? name
           : name.isEmpty()              ? partName(sheet.part)
                                         : QStringLiteral("%1, %2").arg(name, partName(sheet.part));
}

QString TemplateWords::pageLine(const QString& title, std::size_t page, std::size_t pages) const
{
    return tr("%1 – full size, page %2 of %3. Print without scaling and hold a rule against the ruler.")
        .arg(title)
        .arg(page)
        .arg(pages);
}

QString TemplateWords::edgeOfPage(std::size_t page) const
{
    return tr("edge of page %1").arg(page);
}

} // namespace dowel::text
