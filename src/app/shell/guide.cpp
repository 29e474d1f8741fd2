// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/shell/guide.h"

#include "app/parts/form.h"
#include "app/parts/language.h"
#include "app/parts/style.h"
#include "app/shell/guide_figures.h"

#include <QFile>
#include <QKeyEvent>
#include <QLineEdit>
#include <QPushButton>
#include <QRegularExpression>
#include <QTextBrowser>
#include <QTextDocument>
#include <QTextDocumentFragment>
#include <QVBoxLayout>

namespace dowel::app {

namespace {

/// A text whose pictures are drawn when they are wanted.
class GuideText : public QTextBrowser
{
public:
    using QTextBrowser::QTextBrowser;

protected:
    QVariant loadResource(int type, const QUrl& name) override
    {
        if (type == QTextDocument::ImageResource && name.scheme() == QLatin1String("figure"))
            return guideFigure(name.path(), Style::scaled(figureWidth), devicePixelRatioF());
        return QTextBrowser::loadResource(type, name);
    }

private:
    static constexpr int figureWidth = 460;
};

/// Chapters whose picture is drawn by the program, in its own colours and language, instead of the manual's screenshots.
QString figureOf(const QString& chapter)
{
    static const std::pair<const char*, const char*> figures[] = {
        {"edge", "edge"},     {"target", "fingering"}, {"layout", "workpiece"}, {"holes", "hole"},
        {"listen", "timbre"}, {"correct", "tuning"},   {"words", "parts"}};
    for (const auto& [name, figure] : figures)
        if (chapter == QLatin1String(name))
            return QLatin1String(figure);
    return {};
}

QString read(const QString& path)
{
    QFile file(QStringLiteral(":/manual/") + path);
    return file.open(QIODevice::ReadOnly) ? QString::fromUtf8(file.readAll()) : QString();
}

QString htmlOf(const QString& markdown)
{
    static const QRegularExpression pictures(QStringLiteral(R"(!\[[^\]]*\]\([^)]*\)\n?)"));
    static const QRegularExpression body(QStringLiteral("<body[^>]*>(.*)</body>"),
                                         QRegularExpression::DotMatchesEverythingOption);
    QTextDocument page;
    page.setMarkdown(QString(markdown).remove(pictures));
    return body.match(page.toHtml()).captured(1).replace(QLatin1String("margin-bottom:0px"), QLatin1String("margin-bottom:8px"));
}

} // namespace

Guide::Guide(QWidget* parent) : QDialog(parent), m_search(new QLineEdit(this)), m_text(new GuideText(this))
{
    setObjectName(QStringLiteral("guide"));
    setWindowTitle(tr("How to work with Dowel"));
    resize(QSize(Style::scaled(560), Style::scaled(640)).boundedTo(parent->size()));
    m_search->setObjectName(QStringLiteral("guideSearch"));
    m_search->setAccessibleName(tr("Search the guide"));
    m_search->setPlaceholderText(tr("Search"));
    m_text->setObjectName(QStringLiteral("guideText"));
    m_text->setAccessibleName(tr("The guide"));
    m_text->setFrameShape(QFrame::NoFrame);
    auto* close = form::button(this, "guideClose", tr("&Close"));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(3 * Style::grid, 2 * Style::grid, 3 * Style::grid, 2 * Style::grid);
    column->addWidget(m_search);
    column->addWidget(m_text, 1);
    column->addWidget(close, 0, Qt::AlignRight);
    connect(close, &QPushButton::clicked, this, &QDialog::hide);
    connect(m_search, &QLineEdit::textChanged, this, &Guide::find);
    const bool german = spokenLanguage() == QLatin1String("de");
    for (const char* page : {"index", "makers", "shop", "plan", "listen", "correct", "finish"})
        addPage(read((german ? QStringLiteral("manual/de/%1.md") : QStringLiteral("manual/%1.md")).arg(QLatin1String(page))));
    addGlossary(read(QStringLiteral("glossary.md")), german);
    find({});
}

void Guide::openAt(const QString& chapter)
{
    m_search->clear();
    show();
    raise();
    activateWindow();
    m_text->scrollToAnchor(chapter);
    m_search->setFocus();
}

void Guide::keyPressEvent(QKeyEvent* event)
{
    if (event->matches(QKeySequence::HelpContents)) // there and back by the same key
        return hide();
    QDialog::keyPressEvent(event);
}

void Guide::changeEvent(QEvent* event)
{
    if (event->type() == QEvent::PaletteChange && !m_chapters.empty()) // its pictures have the colours of the look before
        find(m_search->text());
    QDialog::changeEvent(event);
}

void Guide::find(const QString& words)
{
    QString html;
    for (const Chapter& c : m_chapters) {
        const QString plain = c.title + QLatin1Char(' ') + QTextDocumentFragment::fromHtml(c.body).toPlainText();
        if (!words.trimmed().isEmpty() && !plain.contains(words.trimmed(), Qt::CaseInsensitive))
            continue;
        html += QStringLiteral("<h3><a name=\"%1\"></a>%2</h3>").arg(c.name, c.title);
        if (const QString figure = figureOf(c.name); !figure.isEmpty())
            html += QStringLiteral("<p><img src=\"figure:%1\"></p>").arg(figure);
        html += c.body;
    }
    m_text->setHtml(html.isEmpty() ? tr("<p>The guide has nothing on that.</p>") : html);
}

void Guide::addPage(const QString& markdown)
{
    // What stands above the first anchor, a page's title and its list of links, is for readers of the files.
    static const QRegularExpression heading(QStringLiteral("^#+ (?:<a id=\"(\\w+)\"></a>)?(.+)$"),
                                            QRegularExpression::MultilineOption);
    std::vector<QRegularExpressionMatch> headings;
    for (auto found = heading.globalMatch(markdown); found.hasNext();)
        headings.push_back(found.next());
    for (std::size_t i = 0; i < headings.size(); ++i) {
        if (headings[i].captured(1).isEmpty())
            continue;
        const qsizetype from = headings[i].capturedEnd();
        const qsizetype to = i + 1 < headings.size() ? headings[i + 1].capturedStart() : markdown.size();
        m_chapters.push_back({headings[i].captured(1), headings[i].captured(2), htmlOf(markdown.mid(from, to - from))});
    }
}

void Guide::addGlossary(const QString& markdown, bool german)
{
    QString body;
    for (const QString& line : markdown.split(QLatin1Char('\n'))) {
        const QStringList cells = line.split(QStringLiteral(" | "));
        const bool term = cells.size() == 4 && line.startsWith(QLatin1String("| ")) && !line.startsWith(QLatin1String("| ---")) &&
                          !line.startsWith(QLatin1String("| term"));
        if (!term)
            continue;
        const QString name = german ? cells[2] : cells[0].mid(2);
        const QString meaning = german ? cells[3].chopped(2) : cells[1];
        body += QStringLiteral("<p><b>%1</b>: %2</p>").arg(name.toHtmlEscaped(), meaning.toHtmlEscaped());
    }
    m_chapters.push_back({QStringLiteral("words"), tr("Words of the trade"), body});
}

} // namespace dowel::app

#include "moc_guide.cpp"
