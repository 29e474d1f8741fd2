// SPDX-License-Identifier: GPL-3.0-or-later
// Work that nobody advised: what was done, and how large it is now or by how much it changed.
#pragma once

#include "app/document/document.h"
#include "text/units.h"

#include <QDialog>

class QComboBox;
class QLabel;
class QLineEdit;

namespace dowel::app {

class OwnWorkDialog : public QDialog
{
    Q_OBJECT

public:
    OwnWorkDialog(Document& document, text::LengthUnit unit, const std::optional<HoleId>& hole, QWidget* parent = nullptr);

public Q_SLOTS:
    void accept() override;

private:
    /// A kind of work at the size that is there; with one of the shop's reamers, where it goes by that.
    struct Choice
    {
        Cut work;
        std::optional<Reamer> reamer{};
    };
    [[nodiscard]] const Choice& chosen() const;
    /// What was typed, as the size after the work. Errors: BadValue.
    [[nodiscard]] Result<Metres> size() const;
    /// The work as it was typed, one cut or several. Errors: BadValue; what reamings() says.
    [[nodiscard]] Result<std::vector<Cut>> typed() const;
    /// A stretch of the bore to a width, as it was typed. Errors: BadValue.
    [[nodiscard]] Result<Ream> stretch() const;
    void addChoices(const std::optional<HoleId>& hole);
    /// What is put on the foot, as it was typed. Errors: BadValue.
    [[nodiscard]] Result<FootPiece> piece() const;
    void showRecorded();
    void refuse(const Error& error);

    Document* m_document;
    text::LengthUnit m_unit;
    std::vector<Choice> m_works;
    QComboBox* m_what;
    QLabel* m_recorded;
    QComboBox* m_how;
    QLineEdit* m_size;
    QLabel* m_sizeWords;
    QLineEdit* m_mouth; ///< of what is put on the foot
    QLabel* m_mouthWords;
    QComboBox* m_shape;
    QLineEdit* m_stretchFrom; ///< of a bore that was reamed, from the sounding edge
    QLineEdit* m_stretchTo;
    QLabel* m_stretchWords;
    QLabel* m_stretchAnd;
    QComboBox* m_end; ///< which a reamer went in at
    QLabel* m_trouble;
};

} // namespace dowel::app
