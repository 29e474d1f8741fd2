// SPDX-License-Identifier: GPL-3.0-or-later
// What a template's sheet says, in the user's language and unit.
#pragma once

#include "core/layout/template_sheet.h"
#include "text/units.h"

#include <QCoreApplication>
#include <QString>
#include <QStringList>

namespace dowel::text {

class TemplateWords
{
public:
    explicit TemplateWords(LengthUnit unit) : m_unit(unit) {}
    [[nodiscard]] LengthUnit unit() const { return m_unit; }
    [[nodiscard]] QString label(const TemplateSheet& sheet, const SheetLabel& label) const;
    /// Of the list of holes: hole, distance, first, at most, done; as many as row() has, and one for the box.
    [[nodiscard]] QStringList heads(const TemplateSheet& sheet) const;
    [[nodiscard]] QStringList row(const SheetRow& row) const;
    /// The instrument's name, and which joint it is where there are several.
    [[nodiscard]] QString title(const std::string& instrument, const TemplateSheet& sheet) const;
    /// page: from 1.
    [[nodiscard]] QString pageLine(const QString& title, std::size_t page, std::size_t pages) const;
    [[nodiscard]] QString edgeOfPage(std::size_t page) const;

private:
    /// In the context that the translations have for this class.
    [[nodiscard]] static QString tr(const char* words, const char* remark = nullptr)
    {
        return QCoreApplication::translate("dowel::text::TemplateWords", words, remark);
    }
    /// To a tenth of a millimetre, without its unit.
    [[nodiscard]] QString size(Metres m) const;
    [[nodiscard]] QString from(const TemplateSheet& sheet) const;
    LengthUnit m_unit;
};

/// "head", "middle", "foot", "body", as parts are called on their own.
[[nodiscard]] QString partName(const std::string& part);

} // namespace dowel::text
