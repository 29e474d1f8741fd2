// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/document/shop_drawer.h"

#include "io/drawer_json.h"
#include "io/whole_file.h"
#include "text/errors.h"
#include "text/reamers.h"

#include <QFileInfo>
#include <QSettings>

namespace dowel::app {

ShopDrawer::ShopDrawer(QString folder, QObject* parent) : QObject(parent), m_folder(std::move(folder))
{
    read();
}

QString ShopDrawer::path() const
{
    return m_folder + QStringLiteral("/drawer.json");
}

void ShopDrawer::useFolder(const QString& folder)
{
    m_folder = folder;
    read();
}

void ShopDrawer::read()
{
    m_jobs.runNewest(
        [path = path()](const Cancel&) -> Result<BitDrawer> {
            return QFileInfo::exists(path) ? io::readDrawerFile(path.toStdString()) : Result<BitDrawer>(BitDrawer{});
        },
        [this](const Result<BitDrawer>& drawer) {
            if (!drawer) {
                Q_EMIT failed(text::sentence(drawer.error()));
                return;
            }
            m_drawer = *drawer;
            // Up to 1.0.0 reamers stood in the settings, in millimetres for most.
            if (m_drawer.reamers.empty())
                if (auto typed =
                        text::reamersFrom(QSettings().value(QStringLiteral("reamers")).toString(), text::LengthUnit::Millimetres))
                    m_drawer.reamers = std::move(*typed);
            Q_EMIT changed();
        });
}

void ShopDrawer::keep(BitDrawer drawer)
{
    m_jobs.run([path = path().toStdString(), drawer](const Cancel&) { return io::writeFileWhole(path, io::drawerText(drawer)); },
               [this, drawer](const Status& written) {
                   if (!written) {
                       Q_EMIT failed(text::sentence(written.error()));
                       return;
                   }
                   m_drawer = drawer;
                   Q_EMIT changed();
               });
}

} // namespace dowel::app

#include "moc_shop_drawer.cpp"
