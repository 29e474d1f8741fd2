// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/finish/finish_page.h"

#include "app/finish/passport_dialog.h"
#include "app/parts/form.h"
#include "app/parts/questions.h"
#include "app/parts/style.h"
#include "io/calendar.h"
#include "io/finish_json.h"
#include "io/whole_file.h"
#include "text/errors.h"
#include "text/finish.h"

#include <QComboBox>
#include <QDateEdit>
#include <QDateTime>
#include <QFileInfo>
#include <QHBoxLayout>
#include <QHeaderView>
#include <QInputDialog>
#include <QLabel>
#include <QLocale>
#include <QPushButton>
#include <QSettings>
#include <QTableWidget>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>

namespace dowel::app {

namespace {

QDate dateOf(std::chrono::sys_days day)
{
    return QDate::fromString(QString::fromStdString(dayText(day)), Qt::ISODate);
}

std::chrono::sys_days dayOf(QDate date)
{
    return dayFrom(date.toString(Qt::ISODate).toStdString()).value_or(std::chrono::sys_days());
}

/// The shop's own recipes: names and plans without days.
QString recipeKey(const QString& name)
{
    return QStringLiteral("finishRecipes/") + QString::fromLatin1(name.toUtf8().toHex());
}

std::vector<std::pair<QString, FinishPlan>> ownRecipes()
{
    std::vector<std::pair<QString, FinishPlan>> all;
    QSettings settings;
    settings.beginGroup(QStringLiteral("finishRecipes"));
    for (const QString& key : settings.childKeys())
        if (auto plan = io::finishFromText(settings.value(key).toString().toStdString()))
            all.emplace_back(QString::fromStdString(plan->recipe), std::move(*plan));
    return all;
}

} // namespace

FinishPage::FinishPage(Document& document, Questions& questions, QWidget* parent)
    : QWidget(parent),
      m_document(&document),
      m_questions(&questions),
      m_recipe(form::box(this, "finishRecipe", tr("Recipe"))),
      m_start(new QDateEdit(dateOf(today(document.time())), this)),
      m_begin(form::button(this, "finishBegin", tr("&Start this schedule"), true)),
      m_words(form::words(this, "finishWords")),
      m_works(form::table(this, "finishWorks", tr("Steps of the finish"),
                          {tr("step"), tr("days"), tr("from"), tr("Done"), tr("weight (g)"), tr("humidity (%)")}, 28)),
      m_how(form::words(this, "finishHow", true)),
      m_moved(form::table(this, "finishMoved", tr("Pitch shift"), {tr("note"), tr("before"), tr("after"), tr("shift")})),
      m_usual(form::words(this, "finishUsual")),
      m_room(form::button(this, "finishRoom", tr("Allo&w for finish")))
{
    setObjectName(QStringLiteral("finishPage"));
    m_start->setObjectName(QStringLiteral("finishStart"));
    m_start->setAccessibleName(tr("First day"));
    m_start->setCalendarPopup(true);
    m_start->setDisplayFormat(QLocale().dateFormat(QLocale::ShortFormat));
    m_works->setEditTriggers(QAbstractItemView::DoubleClicked | QAbstractItemView::EditKeyPressed);
    m_works->setSelectionMode(QAbstractItemView::SingleSelection);
    m_works->setSelectionBehavior(QAbstractItemView::SelectRows);
    m_works->horizontalHeader()->setSectionResizeMode(QHeaderView::ResizeToContents);
    m_works->horizontalHeader()->setSectionResizeMode(Work, QHeaderView::Stretch);
    auto* columns = new QHBoxLayout(this);
    columns->setContentsMargins(3 * Style::grid, 2 * Style::grid, 2 * Style::grid, 2 * Style::grid);
    columns->setSpacing(4 * Style::grid);
    columns->addLayout(makePlan(), 2);
    columns->addLayout(makeMoved(), 1);
    fillRecipes();
    bind();
    refresh();
}

QLayout* FinishPage::makePlan()
{
    auto* head = new QHBoxLayout;
    head->setSpacing(Style::grid);
    for (QWidget* w : std::initializer_list<QWidget*>{m_recipe, m_start, m_begin})
        head->addWidget(w);
    head->addStretch(1);
    auto* edit = new QHBoxLayout;
    edit->setSpacing(Style::grid);
    const std::tuple<const char*, QString, std::function<void()>> works[] = {{"finishAdd", tr("&Add step…"),
                                                                              [this] {
                                                                                  addOwn();
                                                                              }},
                                                                             {"finishRemove", tr("&Remove"),
                                                                              [this] {
                                                                                  remove();
                                                                              }},
                                                                             {"finishEarlier", tr("&Earlier"),
                                                                              [this] {
                                                                                  shift(-1);
                                                                              }},
                                                                             {"finishLater", tr("La&ter"),
                                                                              [this] {
                                                                                  shift(1);
                                                                              }},
                                                                             {"finishKeep", tr("&Save as recipe…"), [this] {
                                                                                  keepRecipe();
                                                                              }}};
    for (const auto& [name, words, does] : works) {
        auto* b = form::button(this, name, words);
        connect(b, &QPushButton::clicked, this, does);
        edit->addWidget(b);
        m_needPlan.push_back(b);
    }
    edit->addStretch(1);
    auto* column = new QVBoxLayout;
    column->setSpacing(Style::grid);
    column->addWidget(m_words);
    column->addLayout(head);
    column->addWidget(m_works, 1);
    column->addLayout(edit);
    column->addWidget(m_how);
    return column;
}

QLayout* FinishPage::makeMoved()
{
    auto* head = new QLabel(tr("Pitch shift"), this);
    head->setFont(Style::head());
    auto* measure = form::button(this, "finishMeasure", tr("&Measure again…"));
    auto* calendar = form::button(this, "finishCalendar", tr("Export cale&ndar…"));
    auto* paper = form::button(this, "finishPassport", tr("&Passport…"), true);
    connect(measure, &QPushButton::clicked, this, &FinishPage::measureAsked);
    connect(calendar, &QPushButton::clicked, this, &FinishPage::writeCalendar);
    connect(paper, &QPushButton::clicked, this, &FinishPage::passport);
    m_needPlan.push_back(calendar);
    auto* answers = new QHBoxLayout;
    answers->setSpacing(Style::grid);
    answers->addWidget(measure);
    answers->addWidget(calendar);
    answers->addStretch(1);
    answers->addWidget(paper);
    auto* column = new QVBoxLayout;
    column->setSpacing(Style::grid);
    column->addWidget(head);
    column->addWidget(m_usual);
    column->addWidget(m_room, 0, Qt::AlignLeft);
    connect(m_room, &QPushButton::clicked, this, &FinishPage::leaveRoom);
    m_room->hide();
    column->addWidget(m_moved, 1);
    column->addLayout(answers);
    return column;
}

void FinishPage::bind()
{
    connect(m_begin, &QPushButton::clicked, this, &FinishPage::begin);
    connect(m_works, &QTableWidget::itemSelectionChanged, this, &FinishPage::showHow);
    connect(m_works, &QTableWidget::cellChanged, this, &FinishPage::takeCell);
    connect(m_document, &Document::changed, this, &FinishPage::refresh);
}

void FinishPage::fillRecipes()
{
    m_recipe->clear();
    for (const std::string& r : finishRecipes())
        m_recipe->addItem(text::recipe(r), QString::fromStdString(r));
    for (const auto& [name, plan] : ownRecipes())
        m_recipe->addItem(name, QStringLiteral("own:") + name);
}

void FinishPage::showEvent(QShowEvent* event)
{
    m_usualOf.reset(); // other instruments may have been worked on since
    refresh();
    QWidget::showEvent(event);
}

void FinishPage::begin()
{
    const QString chosen = m_recipe->currentData().toString();
    const InstrumentSpec& spec = m_document->book()->present().spec();
    FinishPlan plan = usualFinish(chosen.toStdString(), spec.material, !spec.slides.empty(), dayOf(m_start->date()));
    for (const auto& [name, own] : ownRecipes())
        if (chosen == QStringLiteral("own:") + name) {
            plan = own;
            plan.start = dayOf(m_start->date());
        }
    if (m_plan) { // room that was left stays to be given back
        plan.room_cents = m_plan->room_cents;
        plan.wantedA4_Hz = m_plan->wantedA4_Hz;
    }
    keep(std::move(plan));
}

void FinishPage::keep(FinishPlan plan)
{
    if (const auto ok = checked(plan); !ok) {
        Q_EMIT failed(text::sentence(ok.error(), m_unit));
        m_plan.reset(); // what stands in the table is drawn anew
        return refresh();
    }
    m_document->keepFinish(io::finishText(plan));
}

void FinishPage::refresh()
{
    if (!isVisible())
        return;
    const auto book = m_document->book();
    if (auto plan = session::finishOf(*book)) {
        m_plan = std::move(*plan);
    } else {
        m_plan.reset();
        Q_EMIT failed(text::sentence(plan.error(), m_unit));
    }
    for (QPushButton* b : m_needPlan)
        b->setEnabled(m_plan.has_value());
    m_begin->setText(m_plan ? tr("&Restart with this recipe") : tr("&Start this schedule"));
    if (!m_plan) {
        m_words->setText(tr("Once every note is in tune, choose a finish and its first day. Each step gets its days; a late step "
                            "moves the following ones."));
    } else if (const auto next = nextWork(*m_plan)) {
        const auto days = daysOf(*m_plan)[*next];
        m_words->setText(tr("Next, from %1: %2.", "day, work").arg(text::day(days.from), text::work(m_plan->works[*next])));
    } else {
        m_words->setText(tr("All steps are done. Play the instrument in and write its passport."));
    }
    showWorks();
    showMoved();
    showHow();
}

void FinishPage::showWorks()
{
    const int row = m_works->currentRow();
    m_filling = true;
    m_works->setRowCount(m_plan ? static_cast<int>(m_plan->works.size()) : 0);
    const auto days = m_plan ? daysOf(*m_plan) : std::vector<FinishDays>();
    for (int i = 0; i < m_works->rowCount(); ++i) {
        const FinishWork& w = m_plan->works[static_cast<std::size_t>(i)];
        form::row(m_works, i,
                  {text::work(w), QString::number(w.days), text::day(days[static_cast<std::size_t>(i)].from),
                   w.done ? QLocale().toString(dateOf(*w.done), QLocale::ShortFormat) : QString(),
                   w.weight_g ? text::number(*w.weight_g, 1) : QString(),
                   w.humidity ? text::number(100.0 * *w.humidity, 0) : QString()});
        m_works->item(i, Work)->setFlags(Qt::ItemIsEnabled | Qt::ItemIsSelectable | Qt::ItemIsUserCheckable | Qt::ItemIsEditable);
        m_works->item(i, Work)->setCheckState(w.done ? Qt::Checked : Qt::Unchecked);
        m_works->item(i, From)->setFlags(Qt::ItemIsEnabled | Qt::ItemIsSelectable);
    }
    if (m_works->rowCount() > 0)
        m_works->setCurrentCell(std::clamp(row, 0, m_works->rowCount() - 1), Work);
    m_filling = false;
}

void FinishPage::showHow()
{
    const int row = m_works->currentRow();
    if (!m_plan || row < 0 || row >= static_cast<int>(m_plan->works.size()))
        return m_how->setText(
            tr("Instructions for the selected step appear here. Your shop's rules and qualified practice come first."));
    m_how->setText(text::how(m_plan->works[static_cast<std::size_t>(row)].kind));
}

void FinishPage::offerRoom(double usual_cents)
{
    const double left_cents = m_plan ? session::roomLeft(*m_document->book(), *m_plan).cents() : 0.0;
    const bool left = left_cents != 0.0;
    m_roomAsked = std::round(usual_cents);
    m_room->setVisible(m_plan && (left || m_roomAsked != 0.0));
    if (left)
        m_room->setText(tr("Remove allo&wance: %1 cents").arg(text::wholeCents(left_cents)));
    else
        m_room->setText(
            (m_roomAsked > 0.0 ? tr("Allo&w for finish: tune %1 cents flat") : tr("Allo&w for finish: tune %1 cents sharp"))
                .arg(std::abs(m_roomAsked)));
    m_room->setToolTip(
        tr("Shifts the target, A4 included, until the finish is on. The change is logged, and advice follows it."));
}

void FinishPage::leaveRoom()
{
    if (!m_plan)
        return;
    const double left_cents = session::roomLeft(*m_document->book(), *m_plan).cents();
    const double by_cents = left_cents != 0.0 ? -left_cents : m_roomAsked;
    auto change = session::withRoom(*m_document->book(), Cents::fromCents(by_cents));
    if (!change) {
        Q_EMIT failed(text::sentence(change.error(), m_unit));
        return;
    }
    FinishPlan plan = *m_plan;
    if (left_cents == 0.0)
        plan.wantedA4_Hz = m_document->book()->present().spec().tuning.a4.hertz();
    plan.room_cents = left_cents == 0.0 ? by_cents : 0.0;
    m_usualOf.reset();
    keep(std::move(plan));
    m_document->amend(std::move(*change));
}

void FinishPage::showMoved()
{
    if (m_plan && session::roomLeft(*m_document->book(), *m_plan).cents() != 0.0)
        offerRoom(m_plan->room_cents);
    else if (!m_plan)
        m_room->hide();
    const auto shifts = m_plan ? session::shiftsOf(*m_document->book(), *m_plan) : std::vector<Shift>();
    m_moved->setRowCount(static_cast<int>(shifts.size()));
    for (int i = 0; i < m_moved->rowCount(); ++i) {
        const Shift& s = shifts[static_cast<std::size_t>(i)];
        form::row(m_moved, i,
                  {text::noteName(s.fingering.text), text::cents(s.before.cents()), text::cents(s.after.cents()),
                   text::cents((s.after - s.before).cents())});
    }
    if (!m_plan) {
        m_usualOf.reset();
        m_usual->setText(tr("Record every note before and after oiling. The shift then appears here, and the next instrument can "
                            "be tuned to allow for it."));
        return;
    }
    if (m_usualOf == std::pair(m_plan->recipe, shifts.empty()))
        return;
    m_usualOf = std::pair(m_plan->recipe, shifts.empty());
    const QString folder = QFileInfo(m_document->path()).absolutePath();
    m_sums.runNewest(
        [folder = folder.toStdString(), recipe = m_plan->recipe, own = m_document->path().toStdString()](const Cancel& cancel) {
            return session::usualShift(folder, recipe, own, cancel);
        },
        [this, heard = !shifts.empty()](const Result<session::UsualShift>& usual) {
            if (!usual)
                return;
            offerRoom(usual->instruments == 0 ? 0.0 : usual->mean.cents());
            if (usual->instruments == 0)
                return m_usual->setText(
                    heard ? tr("This is the first instrument heard before and after this finish; the shop remembers its shift.")
                          : tr("No notes were heard before and after this finish yet. Play every note before the first step and "
                               "after the last."));
            const double mean = usual->mean.cents();
            const long room = std::lround(std::abs(mean));
            const QString usually =
                tr("This finish shifted %n other instrument(s) of the shop by %1 to %2 cents.", nullptr, usual->instruments)
                    .arg(text::cents(usual->low.cents()), text::cents(usual->high.cents()));
            m_usual->setText(room == 0 ? tr("%1 No allowance needed.", "sentence").arg(usually)
                             : mean > 0.
                                 ? tr("%1 Tune %2 cents flat to allow for this.", "sentence, cents").arg(usually).arg(room)
                                 : tr("%1 Tune %2 cents sharp to allow for this.", "sentence, cents").arg(usually).arg(room));
        });
}

void FinishPage::tick(int row, bool done)
{
    FinishPlan plan = *m_plan;
    FinishWork& w = plan.works[static_cast<std::size_t>(row)];
    if (done == w.done.has_value())
        return;
    w.done.reset();
    if (done)
        w.done = today(m_document->time());
    keep(std::move(plan));
}

void FinishPage::takeCell(int row, int column)
{
    if (m_filling || !m_plan || row >= static_cast<int>(m_plan->works.size()))
        return;
    FinishPlan plan = *m_plan;
    FinishWork& w = plan.works[static_cast<std::size_t>(row)];
    const QString typed = m_works->item(row, column)->text().trimmed();
    if (column == Work) {
        const bool done = m_works->item(row, column)->checkState() == Qt::Checked;
        if (done != w.done.has_value())
            return tick(row, done);
        w.words = w.kind == FinishKind::Own || typed != text::work(w) ? typed.toStdString() : w.words;
        w.kind = w.words.empty() || typed == text::work(w) ? w.kind : FinishKind::Own;
    } else if (column == Days) {
        w.days = typed.toInt();
    } else if (column == DoneOn) {
        const QDate date = QLocale().toDate(typed, QLocale::ShortFormat);
        const QDate iso = QDate::fromString(typed, Qt::ISODate);
        w.done.reset();
        if (iso.isValid() || date.isValid())
            w.done = dayOf(iso.isValid() ? iso : date);
        else if (!typed.isEmpty())
            Q_EMIT failed(tr("%1 is not a date; type dates as 2026-05-12.", "what was typed").arg(typed));
    } else if (column == Weight) {
        bool number = false;
        const double grams = QLocale().toDouble(typed, &number);
        w.weight_g.reset();
        if (number)
            w.weight_g = grams;
    } else if (column == Humidity) {
        bool number = false;
        const double percent = QLocale().toDouble(typed, &number);
        w.humidity.reset();
        if (number)
            w.humidity = percent / 100.0;
    }
    if (plan == *m_plan)
        return showWorks();
    keep(std::move(plan));
}

void FinishPage::addOwn()
{
    bool wanted = false;
    const QString words =
        QInputDialog::getText(this, tr("Own step"), tr("Description:"), QLineEdit::Normal, QString(), &wanted).trimmed();
    if (!wanted || words.isEmpty() || !m_plan)
        return;
    FinishPlan plan = *m_plan;
    const auto at = static_cast<std::ptrdiff_t>(std::max(0, m_works->currentRow() + 1));
    plan.works.insert(plan.works.begin() + at, FinishWork{FinishKind::Own, words.left(100).toStdString(), 1});
    keep(std::move(plan));
}

void FinishPage::remove()
{
    const int row = m_works->currentRow();
    if (!m_plan || row < 0)
        return;
    FinishPlan plan = *m_plan;
    plan.works.erase(plan.works.begin() + row);
    keep(std::move(plan));
}

void FinishPage::shift(int by)
{
    const int row = m_works->currentRow();
    if (!m_plan || row < 0 || row + by < 0 || row + by >= m_works->rowCount())
        return;
    FinishPlan plan = *m_plan;
    std::swap(plan.works[static_cast<std::size_t>(row)], plan.works[static_cast<std::size_t>(row + by)]);
    m_filling = true;
    m_works->setCurrentCell(row + by, Work);
    m_filling = false;
    keep(std::move(plan));
}

void FinishPage::keepRecipe()
{
    bool wanted = false;
    const QString name =
        QInputDialog::getText(this, tr("Save recipe"), tr("Name:"), QLineEdit::Normal, QString(), &wanted).trimmed();
    if (!wanted || name.isEmpty() || !m_plan)
        return;
    FinishPlan plan = *m_plan;
    plan.recipe = name.left(60).toStdString();
    plan.room_cents = 0.0;
    plan.wantedA4_Hz = 0.0;
    for (FinishWork& w : plan.works) {
        w.done.reset();
        w.weight_g.reset();
        w.humidity.reset();
    }
    QSettings().setValue(recipeKey(name.left(60)), QString::fromStdString(io::finishText(plan)));
    fillRecipes();
    m_recipe->setCurrentIndex(m_recipe->findText(name.left(60)));
}

void FinishPage::writeCalendar()
{
    if (!m_plan)
        return;
    const QString path = m_questions->fileToWrite(this, tr("Calendar"), QStringLiteral("finish.ics"), QStringLiteral("*.ics"));
    if (path.isEmpty())
        return;
    m_writing.run(
        [plan = *m_plan, book = m_document->book(), identity = m_document->identity(), to = path.toStdString(),
         at = timestamp(m_document->time())](const Cancel&) {
            const auto days = io::calendarDays(plan, identity, text::forCalendar);
            return io::writeFileWhole(to, io::calendarText(days, book->present().spec().name, at, book->finishChanges()));
        },
        [this, path](const Status& done) {
            if (!done)
                Q_EMIT failed(text::sentence(done.error(), m_unit));
            else
                Q_EMIT told(tr("Saved %1.").arg(path));
        });
}

void FinishPage::passport()
{
    const auto book = m_document->book();
    auto kept = session::finishOf(*book);
    std::optional<FinishPlan> finish = kept ? std::move(*kept) : std::nullopt;
    auto* dialog = new PassportDialog(*m_questions, book, std::move(finish), m_unit, this);
    dialog->setAttribute(Qt::WA_DeleteOnClose);
    connect(dialog, &PassportDialog::failed, this, &FinishPage::failed);
    connect(dialog, &PassportDialog::told, this, &FinishPage::told);
    dialog->open();
}

} // namespace dowel::app

#include "moc_finish_page.cpp"
