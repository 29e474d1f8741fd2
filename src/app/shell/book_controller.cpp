// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/shell/book_controller.h"

#include "app/parts/modal.h"

#include <QFileInfo>
#include <QMessageBox>
#include <QPushButton>
#include <QSettings>

namespace dowel::app {

BookController::BookController(TimeSource& time, QWidget& window) : m_time(&time), m_window(&window) {}

bool BookController::has(const QString& path) const
{
    return m_document && QFileInfo(m_document->path()) == QFileInfo(path);
}

void BookController::open(std::function<Result<Store>(const Cancel&)> how)
{
    if (m_document && m_document->keeping() > 0)
        return m_document->afterThat([this, how = std::move(how)] { open(how); });
    if (!mayLeave()) {
        Q_EMIT failedToOpen();
        return;
    }
    m_jobs.run(
        [how = std::move(how)](const Cancel& cancel) -> Result<std::shared_ptr<Store>> {
            auto store = DOWEL_TRY(how(cancel));
            return std::make_shared<Store>(std::move(store));
        },
        [this](const Result<std::shared_ptr<Store>>& store) {
            if (store && mayLeave()) // what could not be saved meanwhile
                return adopt(std::move(**store));
            if (!store)
                Q_EMIT trouble(store.error());
            Q_EMIT failedToOpen();
        });
}

bool BookController::mayLeave()
{
    if (!m_document || m_document->waiting() == 0)
        return true;
    Modal box(new QMessageBox(QMessageBox::NoIcon, tr("Not saved yet"),
                              tr("%n entry/entries of this workbook could not be saved yet and will be lost if you leave now.",
                                 nullptr, static_cast<int>(m_document->waiting())),
                              QMessageBox::NoButton, m_window));
    box->setObjectName(QStringLiteral("unsavedBox"));
    auto* again = box->addButton(tr("Try again"), QMessageBox::AcceptRole);
    auto* without = box->addButton(tr("Discard"), QMessageBox::DestructiveRole);
    box->addButton(tr("Cancel"), QMessageBox::RejectRole);
    box->setDefaultButton(again);
    if (!box.exec())
        return false;
    if (box->clickedButton() == again)
        m_document->trySavingAgain();
    return box->clickedButton() == without;
}

void BookController::close()
{
    if (m_plan)
        m_plan->flush();
    Q_EMIT closing();
    m_plan.reset();
    m_document.reset();
}

void BookController::adopt(Store store)
{
    close();
    m_document = std::make_unique<Document>(std::move(store), *m_time);
    QStringList paths = recent();
    paths.removeAll(m_document->path());
    paths.prepend(m_document->path());
    constexpr int most = 8;
    QSettings().setValue(QStringLiteral("recent"), paths.mid(0, most));
    takePlan();
    Q_EMIT adopted();
}

void BookController::takePlan()
{
    const auto book = m_document->book();
    const std::string* kept = book->plan();
    auto plan = kept == nullptr ? Result<io::PlanKept>(io::planOf(book->present())) : io::planFromText(*kept);
    if (!plan) {
        Q_EMIT trouble(plan.error());
        plan = io::planOf(book->present());
    }
    if (m_plan)
        return m_plan->restore(std::move(*plan));
    m_plan = std::make_unique<Plan>(std::move(*plan), *m_time);
    connect(m_plan.get(), &Plan::worthKeeping, m_document.get(), [this] { m_document->keepPlan(m_plan->text()); });
    Q_EMIT planMade();
}

QStringList BookController::recent()
{
    return QSettings().value(QStringLiteral("recent")).toStringList();
}

} // namespace dowel::app

#include "moc_book_controller.cpp"
