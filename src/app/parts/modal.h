// SPDX-License-Identifier: GPL-3.0-or-later
// A dialog that runs an event loop of its own while its caller waits. What asked for it may be closed meanwhile, and takes its
// dialogs along: one that stood on the caller's stack would be destroyed twice then.
#pragma once

#include <QDialog>
#include <QPointer>

namespace dowel::app {

template <class Dialog> class Modal
{
public:
    explicit Modal(Dialog* dialog) : m_dialog(dialog) {}
    ~Modal() { delete m_dialog.data(); }
    Modal(const Modal&) = delete;
    Modal& operator=(const Modal&) = delete;
    Modal(Modal&&) = delete;
    Modal& operator=(Modal&&) = delete;
    Dialog* operator->() const { return m_dialog.data(); }
    [[nodiscard]] Dialog* get() const { return m_dialog.data(); }
    /// Waits for the answer: whether there is one, that is whether the dialog and whoever owns it are still there. If not, the
    /// caller returns without looking at itself.
    [[nodiscard]] bool exec()
    {
        m_dialog->exec();
        return m_dialog != nullptr;
    }

private:
    QPointer<Dialog> m_dialog;
};

} // namespace dowel::app
