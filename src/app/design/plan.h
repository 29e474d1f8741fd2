// SPDX-License-Identifier: GPL-3.0-or-later
// The design of the instrument that is open: blank, target, wishes, and the layout worked out from them on a worker. Whoever
// owns it keeps it in the workbook when it says that it is worth it.
#pragma once

#include "app/parts/jobs.h"
#include "app/parts/time_source.h"
#include "core/instrument/whole.h"
#include "core/shop/bit_drawer.h"
#include "io/plan_json.h"
#include "text/units.h"

#include <QObject>
#include <QString>
#include <functional>
#include <optional>

namespace dowel::app {

/// What positions are told from, as this user chose it last.
[[nodiscard]] Origin rememberedOrigin();
void rememberOrigin(Origin origin);

class Plan : public QObject
{
    Q_OBJECT

public:
    Plan(io::PlanKept kept, TimeSource& time, QObject* parent = nullptr);
    /// What errors are told in.
    void setUnit(text::LengthUnit unit) { m_unit = unit; }
    [[nodiscard]] TimeSource& time() const { return m_keepLater.time(); }
    /// A whistle's usual plan.
    [[nodiscard]] static io::PlanKept usual(Family family = Family::Whistle);
    /// Another one in its place, as it stands in the record.
    void restore(io::PlanKept kept);
    /// As it is to be kept.
    [[nodiscard]] std::string text() const { return io::planText(m_kept); }
    /// Says that it is worth keeping where something has changed since it was kept last.
    void flush();

    [[nodiscard]] const Blank& blank() const { return m_kept.blank; }
    [[nodiscard]] const LayoutWishes& wishes() const { return m_kept.wishes; }
    /// With how much sharper than the model the tube is, where it was blown.
    [[nodiscard]] LayoutWishes wishesAsBlown() const;
    [[nodiscard]] const PlanTarget& target() const { return m_kept.target; }
    [[nodiscard]] bool ownChart() const { return m_kept.ownChart; }
    [[nodiscard]] const std::string& material() const { return m_kept.blank.spec.material; }
    /// A measured instrument that the layout is carried over from.
    [[nodiscard]] const std::optional<Instrument>& model() const { return m_kept.model; }
    [[nodiscard]] const std::vector<io::StepDone>& done() const { return m_kept.done; }
    [[nodiscard]] const std::optional<Layout>& layout() const { return m_layout; }
    /// Why there is no layout; empty while it was not asked for.
    [[nodiscard]] const QString& trouble() const { return m_trouble; }
    [[nodiscard]] bool busy() const { return m_jobs.busy(); }
    /// The notes of what is dragged are still being worked out.
    [[nodiscard]] bool following() const { return m_drags.busy(); }
    /// What is drawn: the layout's goal, else the bare tube; nothing where the blank cannot be.
    [[nodiscard]] std::optional<Instrument> drawn() const;
    /// The holes that the chart names, before they have a place.
    [[nodiscard]] std::vector<Hole> chartHoles() const;

    /// A family's usual blank and chart for its usual target.
    void begin(Family family);
    void setBlank(Blank blank);
    /// A chart that is the maker's own keeps its fingerings while only the pitch of the notes changes; another lowest note,
    /// mode or number of registers makes it anew. Errors are told by failed().
    void setTarget(const PlanTarget& target);
    void setChart(std::vector<Fingering> chart);
    /// What a gain changes of the blank, the chart or the wishes, and the layout with it.
    void take(const ShapingGain& gain);
    void setWishes(const LayoutWishes& wishes);
    void setMaterial(const std::string& material);
    /// The highest hole at the back, for the thumb, or at the front.
    void setThumb(bool thumb);
    /// What lies above the edge sounds nothing: the layout stays.
    void setHead(const Head& head);
    /// Nor does how far a mouthpiece goes in, whose end is where it was, or the flat that a reed lies on.
    void setReedSeat(Metres socket, Metres lay, double layAngle_deg);
    /// Of every joint.
    void setTenons(Metres length);
    /// What is in the shop's drawer: the order of work calls bits by it. sizesToo: nothing is drilled yet, so that the blank goes
    /// by its sizes as well.
    void setDrawer(const BitDrawer& drawer, bool sizesToo);
    /// What positions are told and typed from on every page; remembered for this user.
    void setOrigin(Origin origin);
    [[nodiscard]] Origin origin() const { return m_origin; }
    /// nullptr where the shop has none.
    [[nodiscard]] const BitDrawer* drawer() const { return m_drawer ? &*m_drawer : nullptr; }
    /// The holes of this plan are in the wood.
    void setDrilled(bool drilled) { m_drilled = drilled; }
    [[nodiscard]] bool isDrilled() const { return m_drilled; }
    /// The shop's, whatever instrument this is.
    [[nodiscard]] const std::vector<Reamer>& reamers() const { return m_reamers; }
    /// They were typed anew: the shop is asked to keep them.
    void keepReamers(std::vector<Reamer> reamers);
    void setModel(std::optional<Instrument> model);
    /// What the bare tube was heard at before any hole: keys and layout go by it. Nothing: by the model alone.
    void setBlown(std::optional<Hertz> blown);
    [[nodiscard]] const std::optional<Hertz>& blown() const { return m_kept.blown; }
    /// A hole beside the line; places and sizes stay.
    void setAside(std::size_t hole, Metres aside);
    /// A hole at the back, for a thumb, or at the front; places and sizes stay.
    void setSide(std::size_t hole, Side side);
    void tick(const std::string& step, bool done);
    /// What was ticked went into a logbook.
    void clearDone();
    void layOut();
    void cancel() { m_jobs.cancelAll(); }
    /// A hole or the foot dragged; notes are worked out again, places are not.
    void tryOut(const Instrument& shape);

Q_SIGNALS:
    void changed();
    void busyChanged(bool busy);
    void failed(const QString& sentence);
    void worthKeeping();
    void reamersTyped(const std::vector<dowel::Reamer>& reamers);

private:
    /// One hole of the layout as it stands; nothing, and told, where it cannot be.
    bool changeHole(std::size_t hole, const std::function<void(Hole&)>& change);
    /// Of blank and layout alike, which stays.
    void setWithoutSound(const std::function<void(InstrumentSpec&)>& change);
    void touched(bool dropLayout);
    void judgeKept();
    void follow(Result<Layout> layout, int revision);

    text::LengthUnit m_unit = text::LengthUnit::Millimetres;
    Jobs m_jobs;
    Jobs m_drags;
    bool m_unkept = false;
    bool m_drilled = false;
    bool m_dragged = false; ///< since it was last judged
    io::PlanKept m_kept;
    Alarm m_keepLater;
    std::optional<BitDrawer> m_drawer;
    std::vector<Reamer> m_reamers;
    Origin m_origin = rememberedOrigin();
    std::optional<Layout> m_layout;
    std::optional<Layout> m_judged; ///< while a hand drags: the last whose notes were worked out
    QString m_trouble;
    int m_revision = 0;
};

} // namespace dowel::app
