// SPDX-License-Identifier: GPL-3.0-or-later
// The first page: every instrument of the folder as a line with its outline to one common scale, where it stands and what is
// next; and what begins a new one.
#pragma once

#include "app/parts/jobs.h"
#include "app/parts/time_source.h"
#include "app/shop/like_dialog.h"
#include "session/shelf.h"
#include "text/units.h"

#include <QWidget>

class QCheckBox;
class QComboBox;
class QLabel;
class QLineEdit;
class QListWidget;
class QPushButton;
class QSpinBox;
class QStackedWidget;
class QVBoxLayout;

namespace dowel::app {

class ShopPage : public QWidget
{
    Q_OBJECT

public:
    ShopPage(QString folder, TimeSource& time, QWidget* parent = nullptr);
    void setUnit(text::LengthUnit unit);
    void setFolder(const QString& folder);
    [[nodiscard]] const QString& folder() const { return m_folder; }
    /// Another like the one in a file, a workbook or a specification.
    void likeFile(const QString& path);
    /// Reads the folder again.
    void refresh();

Q_SIGNALS:
    void openAsked(const QString& path);
    void beginAsked(dowel::Family family, const QString& name);
    /// An instrument that exists and is to be corrected.
    void existingAsked(dowel::Family family, const QString& name);
    void likeAsked(const dowel::app::LikeWanted& what);
    void compareAsked(const QStringList& paths);
    void practiceAsked(dowel::Family family, const dowel::PracticeEntry& with);
    void fileAsked();
    void specificationAsked();
    void modelAsked();
    void folderAsked();
    void drawerAsked();
    /// The file is about to be moved: whoever has it open lets go of it.
    void movingAway(const QString& path);
    void failed(const QString& sentence);

private:
    enum class Order { Next, Name, Family, Touched };
    [[nodiscard]] QVBoxLayout* makeList();
    [[nodiscard]] QVBoxLayout* makeBeginning();
    void bind();
    void show(std::vector<session::ShelfLine> lines);
    void arrange();
    /// What the shop shows where no instrument is listed.
    void showWhyEmpty();
    /// Starts a workbook under the typed name, or under that of the family.
    void begin(bool exists);
    void practise();
    void updateButtons();
    [[nodiscard]] QStringList chosenPaths() const;
    /// The chosen line's; nothing where none is.
    [[nodiscard]] const session::ShelfLine* chosen() const;
    void archive();
    /// Asks how another like it is to be.
    void askLike(const QString& path, const QString& name, const QString& lowest);
    Jobs m_jobs;
    TimeSource* m_time;
    std::shared_ptr<session::ShelfMemory> m_memory = std::make_shared<session::ShelfMemory>();
    QString m_folder;
    std::vector<session::ShelfLine> m_lines;
    text::LengthUnit m_unit = text::LengthUnit::Millimetres;
    QLabel* m_where;
    QLabel* m_empty;
    QLineEdit* m_find;
    QComboBox* m_order;
    QCheckBox* m_archived;
    QWidget* m_begins;      ///< the ways to begin
    QStackedWidget* m_room; ///< for the list, the ways to begin, or why the list is empty
    QListWidget* m_list;
    QPushButton* m_open;
    QPushButton* m_like;
    QPushButton* m_compare;
    QPushButton* m_archive;
    QComboBox* m_family;
    QLineEdit* m_name;
    QPushButton* m_begin;
    QComboBox* m_practiceFamily;
    QComboBox* m_practiceLevel;
    QSpinBox* m_seed;
    QCheckBox* m_ownFirst;
};

/// The folder beside a shop's where archived workbooks lie.
[[nodiscard]] QString archiveOf(const QString& folder);

} // namespace dowel::app
