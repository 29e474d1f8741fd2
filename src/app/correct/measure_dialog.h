// SPDX-License-Identifier: GPL-3.0-or-later
// Writes down what the calipers say of the instrument now, where the record has it wrong: one size, or all in a table.
#pragma once

#include "app/document/document.h"
#include "io/amend_json.h"
#include "text/units.h"

#include <QDialog>

class QComboBox;
class QLabel;
class QLineEdit;
class QPushButton;
class QStackedWidget;
class QTableWidget;

namespace dowel::app {

class MeasureDialog : public QDialog
{
    Q_OBJECT

public:
    /// hole: which one is shown first; nothing for the tube's length.
    MeasureDialog(Document& document, text::LengthUnit unit, const std::optional<HoleId>& hole, QWidget* parent);
    void accept() override;

private:
    /// One size, and where a specification has it.
    struct Size
    {
        QString name;
        Metres recorded;
        io::SizePlace place;
    };
    [[nodiscard]] static std::vector<Size> sizesOf(const InstrumentSpec& spec, text::LengthUnit unit);
    void lay(const std::optional<HoleId>& hole);
    void fillTable();
    void showRecorded();
    void showAll();
    void grow();
    void refuse(const Error& error);
    /// What was typed, as entries. Errors: of a length, and io::amendFromJson().
    [[nodiscard]] Result<std::vector<EntryBody>> measured() const;
    /// What was typed at which size. Errors: of a length, where = the size's name; BadValue where nothing was.
    [[nodiscard]] Result<std::vector<std::pair<std::size_t, Metres>>> typed() const;

    Document* m_document;
    text::LengthUnit m_unit;
    std::vector<Size> m_sizes;
    QStackedWidget* m_faces;
    QComboBox* m_what;
    QLabel* m_recorded;
    QLineEdit* m_size;
    QTableWidget* m_table;
    QPushButton* m_all;
    QLabel* m_trouble;
};

} // namespace dowel::app
