// SPDX-License-Identifier: GPL-3.0-or-later
// The guide: the user manual (docs/manual) and the glossary in the language of the window, searched by word, in a window of its
// own that stays beside the work.
#pragma once

#include <QDialog>
#include <vector>

class QLineEdit;
class QTextBrowser;

namespace dowel::app {

class Guide : public QDialog
{
    Q_OBJECT

public:
    explicit Guide(QWidget* parent);
    /// Brings a chapter up, by its anchor in the manual: "shop", "blank", "edge", "target", "layout", "drill", "listen",
    /// "correct", "finish", "logbook".
    void openAt(const QString& chapter);

protected:
    void keyPressEvent(QKeyEvent* event) override;
    void changeEvent(QEvent* event) override;

private:
    struct Chapter
    {
        QString name;
        QString title;
        QString body; ///< HTML
    };
    /// Adds the chapters of a page: each heading with an anchor begins one.
    void addPage(const QString& markdown);
    void addGlossary(const QString& markdown, bool german);
    /// Only the chapters in which the words stand; all where nothing is looked for.
    void find(const QString& words);
    std::vector<Chapter> m_chapters;
    QLineEdit* m_search;
    QTextBrowser* m_text;
};

} // namespace dowel::app
