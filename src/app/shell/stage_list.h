// SPDX-License-Identifier: GPL-3.0-or-later
// The stages of the work, each with a word on where it stands.
#pragma once

#include <QListWidget>

namespace dowel::app {

class Document;
class Plan;

class StageList : public QListWidget
{
    Q_OBJECT

public:
    explicit StageList(QWidget* parent);
    /// plan: nothing where none is open. built: what it says is there and can be heard.
    void sayPlan(const Plan* plan, bool built);
    /// pending: notes that are still to be heard in this round.
    void sayBook(const Document& document, std::size_t pending);
    /// As wide as its words ask for.
    void fit();
    /// As high as all its stages.
    [[nodiscard]] int wholeHeight() const { return count() * sizeHintForRow(0) + 2 * frameWidth(); }
};

} // namespace dowel::app
