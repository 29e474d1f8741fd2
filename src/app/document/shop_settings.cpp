// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/document/shop_settings.h"

#include "store/shop_memory.h"

#include <QFileInfo>
#include <QSettings>
#include <QStandardPaths>

namespace dowel::app {

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
