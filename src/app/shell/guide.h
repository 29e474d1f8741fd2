// SPDX-License-Identifier: GPL-3.0-or-later
// The guide: what each stage is for and the trade's words explained, in a window of its own that stays beside the work.
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
    /// Brings a chapter up: "shop", "blank", "edge", "target", "layout", "drill", "listen", "correct", "finish", "logbook".
    void openAt(const QString& chapter);

protected:
    void keyPressEvent(QKeyEvent* event) override;
    void changeEvent(QEvent* event) override;

private:
    struct Chapter
    {
        QString name;
        QString title;
        QString body;
        QString figure; ///< under its title; empty where there is none
    };
    void add(const char* name, const QString& title, const QString& body, const char* figure = "");
    void addStages();
    void addWords();
    /// Only the chapters in which the words stand; all where nothing is looked for.
    void find(const QString& words);
    std::vector<Chapter> m_chapters;
    QLineEdit* m_search;
    QTextBrowser* m_text;
};

} // namespace dowel::app
