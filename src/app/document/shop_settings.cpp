// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/document/shop_settings.h"

#include "store/shop_memory.h"

#include <QDir>
#include <QFileInfo>
#include <QSettings>
#include <QStandardPaths>

namespace dowel::app {

QString workbooksFolder()
{
    const QString chosen = QSettings().value(QStringLiteral("folder")).toString();
    if (!chosen.isEmpty())
        return chosen;
    const QString documents = QStandardPaths::writableLocation(QStandardPaths::DocumentsLocation) + QStringLiteral("/Dowel");
    const QDir earlier(QStandardPaths::writableLocation(QStandardPaths::AppDataLocation));
    const bool moved = QDir(documents).exists() || earlier.entryList({QStringLiteral("*.dowel")}, QDir::Files).isEmpty();
    return moved ? documents : earlier.path();
}

void chooseWorkbooksFolder(const QString& folder)
{
    QSettings().setValue(QStringLiteral("folder"), folder);
}

QString shopMemoryPath()
{
    return QStandardPaths::writableLocation(QStandardPaths::AppDataLocation) + QStringLiteral("/shop-memory.sqlite");
}

bool usesShopMemory()
{
    return QSettings().value(QStringLiteral("shopMemory"), true).toBool();
}

Priors learntPriors(Family family)
{
    if (!usesShopMemory() || !QFileInfo::exists(shopMemoryPath()))
        return {};
    const auto memory = ShopMemory::open(shopMemoryPath().toStdString());
    const auto learnt = memory ? memory->priorsFor(family, {}) : Result<Priors>(memory.error());
    return learnt ? *learnt : Priors{};
}

} // namespace dowel::app
