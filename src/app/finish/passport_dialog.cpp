// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/finish/passport_dialog.h"

#include "app/parts/form.h"
#include "app/parts/modal.h"
#include "app/parts/questions.h"
#include "app/parts/style.h"
#include "io/whole_file.h"
#include "session/passport.h"
#include "text/errors.h"

#include <QComboBox>
#include <QFormLayout>
#include <QHBoxLayout>
#include <QLabel>
#include <QLineEdit>
#include <QPointer>
#include <QPrintPreviewDialog>
#include <QPrintPreviewWidget>
#include <QPrinter>
#include <QPushButton>
#include <QSettings>
#include <QVBoxLayout>

namespace dowel::app {

PassportDialog::PassportDialog(Questions& questions, std::shared_ptr<const Workbook> book, std::optional<FinishPlan> finish,
                               text::LengthUnit unit, QWidget* parent)
    : QDialog(parent),
      m_questions(&questions),
      m_book(std::move(book)),
      m_file(form::button(this, "passportFile", tr("&Save as…"), true)),
      m_print(form::button(this, "passportPrint", tr("&Print…"))),
      m_finish(std::move(finish)),
      m_unit(unit),
      m_which(form::box(this, "passportWhich", tr("Type"))),
      m_paper(form::box(this, "passportPaper", tr("Paper"))),
      m_maker(new QLineEdit(QSettings().value(QStringLiteral("makersMark")).toString(), this)),
      m_serial(new QLineEdit(this))
{
    setObjectName(QStringLiteral("passportDialog"));
    setWindowTitle(tr("Passport"));
    resize(600, 340);
    m_which->setSizeAdjustPolicy(QComboBox::AdjustToContents);
    m_which->setMinimumContentsLength(0);
    m_which->addItem(tr("maker's passport with all cuts"));
    m_which->addItem(tr("player's passport: label and fingerings"));
    m_paper->addItem(tr("A4"));
    m_paper->addItem(tr("Letter"));
    m_maker->setObjectName(QStringLiteral("passportMaker"));
    m_maker->setAccessibleName(tr("Maker's mark"));
    m_maker->setMaxLength(100);
    m_serial->setObjectName(QStringLiteral("passportSerial"));
    m_serial->setAccessibleName(tr("Serial number"));
    m_serial->setMaxLength(40);
    auto* fields = new QFormLayout;
    fields->setHorizontalSpacing(2 * Style::grid);
    fields->setVerticalSpacing(Style::grid);
    fields->addRow(tr("&Type"), m_which);
    fields->addRow(tr("Pap&er"), m_paper);
    fields->addRow(tr("&Maker's mark"), m_maker);
    fields->addRow(tr("&Number"), m_serial);
    auto* words = form::words(this, "passportWords", true);
    words->setText(tr("Pitches are the latest readings since the last cut, at tuning temperature. Save as .pdf for paper or "
                      ".html for a browser."));
    auto* close = form::button(this, "passportClose", tr("&Close"));
    auto* answers = new QHBoxLayout;
    answers->addWidget(close);
    answers->addStretch(1);
    answers->addWidget(m_print);
    answers->addWidget(m_file);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(24, 20, 24, 20);
    column->setSpacing(2 * Style::grid);
    column->addLayout(fields);
    column->addWidget(words);
    column->addStretch(1);
    column->addLayout(answers);
    connect(m_maker, &QLineEdit::textChanged, this,
            [](const QString& mark) { QSettings().setValue(QStringLiteral("makersMark"), mark); });
    connect(close, &QPushButton::clicked, this, &QDialog::reject);
    connect(m_file, &QPushButton::clicked, this, &PassportDialog::write);
    connect(m_print, &QPushButton::clicked, this, &PassportDialog::print);
    for (QPushButton* b : {m_file, m_print})
        b->setEnabled(false); // until it is worked out
    m_jobs.run([book = m_book](const Cancel& cancel) { return session::wholePassport(*book, cancel); },
               [this](const Result<Passport>& passport) {
                   if (!passport) {
                       Q_EMIT failed(text::sentence(passport.error(), m_unit));
                       return;
                   }
                   m_passport = *passport;
                   for (QPushButton* b : {m_file, m_print})
                       b->setEnabled(true);
               });
}

text::PassportWishes PassportDialog::wishes() const
{
    return {m_which->currentIndex() == 1, m_maker->text().trimmed(), m_serial->text().trimmed(), m_unit};
}

draw::Paper PassportDialog::paper() const
{
    return m_paper->currentIndex() == 1 ? draw::Paper::Letter : draw::Paper::A4;
}

void PassportDialog::write()
{
    const QString path =
        m_questions->fileToWrite(this, tr("Passport"), QStringLiteral("passport.pdf"), QStringLiteral("*.pdf *.html"));
    if (path.isEmpty())
        return;
    const bool pdf = !path.endsWith(QLatin1String(".html"));
    setEnabled(false); // until it is written
    m_jobs.run(
        [passport = *m_passport, finish = m_finish, wishes = wishes(), pdf, paper = paper(),
         to = path.toStdString()](const Cancel&) {
            const auto content = report::written(passport, finish, wishes, pdf, paper);
            return content ? io::writeFileWhole(to, *content) : Status(content.error());
        },
        [this, path](const Status& done) {
            if (!done)
                Q_EMIT failed(text::sentence(done.error(), m_unit));
            else
                Q_EMIT told(tr("Saved %1.").arg(path));
            accept();
        });
}

void PassportDialog::print()
{
    QPrinter printer(QPrinter::HighResolution);
    printer.setPageSize(QPageSize(paper() == draw::Paper::Letter ? QPageSize::Letter : QPageSize::A4));
    printer.setDocName(QString::fromStdString(m_passport->instrument.spec().name));
    m_pages.reset();
    Modal preview(new QPrintPreviewDialog(&printer, this));
    preview->setObjectName(QStringLiteral("passportPreview"));
    connect(preview.get(), &QPrintPreviewDialog::paintRequested, this,
            [this, at = preview.get()](QPrinter* to) { paint(*to, *at); });
    (void)preview.exec();
}

void PassportDialog::paint(QPrinter& printer, QPrintPreviewDialog& preview)
{
    const QSizeF page_mm = printer.pageLayout().fullRect(QPageLayout::Millimeter).size();
    if (m_pages && m_pages->page_mm() == page_mm) {
        if (const auto ok = m_pages->drawAll(printer); !ok)
            Q_EMIT failed(text::sentence(ok.error(), m_unit));
        return;
    }
    // Laid out on the worker; the preview shows the pages as soon as they are there.
    m_jobs.runNewest(
        [passport = *m_passport, finish = m_finish, wishes = wishes(), page_mm, here = thread()](const Cancel&) {
            std::shared_ptr<draw::ReportPages> pages = report::pagesOf(passport, finish, wishes, page_mm);
            pages->handTo(here);
            return pages;
        },
        [this, at = QPointer(&preview)](std::shared_ptr<draw::ReportPages> pages) {
            m_pages = std::move(pages);
            if (at)
                if (auto* widget = at->findChild<QPrintPreviewWidget*>())
                    widget->updatePreview();
        });
}

} // namespace dowel::app

#include "moc_passport_dialog.cpp"
