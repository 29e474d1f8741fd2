// SPDX-License-Identifier: GPL-3.0-or-later
// The shop's drawer: the bits and hand tools that there are, in a file beside the workbooks.
#pragma once

#include "app/parts/jobs.h"
#include "core/shop/bit_drawer.h"

#include <QObject>
#include <QString>

namespace dowel::app {

class ShopDrawer : public QObject
{
    Q_OBJECT

public:
    explicit ShopDrawer(QString folder, QObject* parent = nullptr);
    /// Empty until it is read, and where the shop has none.
    [[nodiscard]] const BitDrawer& drawer() const { return m_drawer; }
    [[nodiscard]] QString path() const;
    /// Another shop's drawer.
    void useFolder(const QString& folder);
    /// Written on the worker; changed() once it is there.
    void keep(BitDrawer drawer);

Q_SIGNALS:
    void changed();
    void failed(const QString& sentence);

private:
    void read();
    Jobs m_jobs;
    QString m_folder;
    BitDrawer m_drawer;
};

} // namespace dowel::app
