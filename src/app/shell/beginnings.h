// SPDX-License-Identifier: GPL-3.0-or-later
// Workbooks begun: of a bare tube, of a practice blank, after a model. For workers: nothing here touches the window.
#pragma once

#include "app/shop/like_dialog.h"
#include "core/base/cancel.h"
#include "io/plan_json.h"
#include "store/store.h"

#include <QString>

namespace dowel::app {

/// A workbook of the bare tube, with what is wanted of it, under a free name in the folder. Errors: those of Instrument::make()
/// and Store.
[[nodiscard]] Result<Store> begun(const QString& folder, const QString& name, io::PlanKept plan);
/// The demonstration's whistle on a piece of wood that is always the same.
[[nodiscard]] Result<Store> begunPractice(const QString& folder);
/// Any family, laid out, on the wood and in the room that are asked for.
[[nodiscard]] Result<Store> begunPractice(const QString& folder, Family family, const PracticeEntry& with);
/// After a model, in its own key or the one that is asked for. Errors: those of session::modelIn() and session::laidOutIn().
[[nodiscard]] Result<Store> begunLike(const QString& folder, const LikeWanted& what);
/// In every key that is asked for, all or none. Errors: as above, with the key.
[[nodiscard]] Status begunFamily(const QString& folder, const LikeWanted& what, const Cancel& cancel);
/// Of a plan that a version before 0.11.0 kept beside the workbooks; its name. The plan is put aside.
[[nodiscard]] Result<QString> begunFromEarlier(const QString& folder, const QString& path);

} // namespace dowel::app
