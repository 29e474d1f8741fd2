// SPDX-License-Identifier: GPL-3.0-or-later
// Another like this, or several: under which name, in which keys, and what becomes of bore and mouth.
#pragma once

#include "session/shelf.h"
#include "session/sizes.h"

#include <QDialog>
#include <QStringList>

class QDoubleSpinBox;
class QLabel;
class QLineEdit;
class QListWidget;

namespace dowel::app {

/// What is to be made after a model.
struct LikeWanted
{
    QString path; ///< of the model: a workbook or a specification
    QString name;
    QStringList keys; ///< lowest notes; empty: the model's own
    session::Widths widths{};
};

class LikeDialog : public QDialog
{
    Q_OBJECT

public:
    /// lowest: the model's lowest note; empty where it has none, which leaves no choice of keys.
    LikeDialog(const QString& path, const QString& name, const QString& lowest, QWidget* parent);
    void accept() override;

Q_SIGNALS:
    void wanted(const dowel::app::LikeWanted& what);

private:
    void fillKeys(const QString& lowest);
    void showSizes();
    [[nodiscard]] QStringList chosenKeys() const;
    QString m_path;
    QString m_lowest;
    QLineEdit* m_name;
    QListWidget* m_keys;
    QDoubleSpinBox* m_power;
    QLabel* m_trouble;
};

} // namespace dowel::app
