#include <QComboBox>
#include <QLineEdit>
#include <QPainter>

#include "app/painting/sketch_painter.h"
#include "app/steps/sketch/sketch_options.h"
#include "app/steps/sketch/sketch_panel.h"
#include "app/ui/controls.h"
#include "app/ui/margin_row.h"
#include "app/ui/theme.h"
#include "level/sketch_edits.h"

namespace rook::app {

namespace {

using level::Route;

const check::RouteReport* reportOf(const Session& session, int route) {
    const auto proven = session.proofs.of(session.document.level()->id);
    const bool isThere = proven && proven->plan && proven->isPlanCurrent && route >= 0 &&
                         std::size_t(route) < proven->plan->routes.size();
    return isThere ? &proven->plan->routes[std::size_t(route)] : nullptr;
}

check::BeadState stateOf(const check::RouteReport* report, std::size_t bead) {
    return report && bead < report->beads.size() ? report->beads[bead]
                                                 : check::BeadState::NotJudged;
}

QColor rowToneOf(check::BeadState state) {
    using check::BeadState;
    if (state == BeadState::Met || state == BeadState::Passed) return currentTheme().accent;
    if (state == BeadState::NotJudged || state == BeadState::NotDecided) return {};
    return currentTheme().caution;
}

/// The routes with their length and time, and the beads of the one in hand.
class RouteSection : public SketchSection {
public:
    RouteSection(Session& session, QWidget* parent)
        : SketchSection(tr("Routes"), session, parent),
          m_routes(new QVBoxLayout),
          m_beads(new QVBoxLayout),
          m_name(new QLineEdit(this)) {
        m_routes->setSpacing(0);
        m_beads->setSpacing(0);
        addWide(m_routes);
        m_name->setObjectName(QStringLiteral("route-name"));
        m_name->setMaxLength(60);
        m_name->setFixedWidth(150);
        connect(m_name, &QLineEdit::editingFinished, this, [this] { rename(); });
        addControl(tr("Name"), m_name);
        m_beadTitle = makeWords(tr("Beads"), this);
        addWide(m_beadTitle);
        addWide(m_beads);
        auto* buttons = new QHBoxLayout;
        buttons->setSpacing(6);
        buttons->addWidget(makeButton(tr("New route"), QStringLiteral("new-route"), this,
                                      [this] { beginRoute(); }));
        m_delete = makeButton(tr("Delete"), QStringLiteral("delete-route"), this, [this] {
            m_session.document.apply(removeRoute(
                *m_session.document.level(),
                routeInHand(m_session.workbench.options(), *m_session.document.level())));
        });
        buttons->addWidget(m_delete);
        addWide(buttons);
        m_ends = makeButton(
            tr("Lay start and end as spawn and exit"), QStringLiteral("lay-route"), this, [this] {
                m_session.document.apply(layRouteEnds(
                    m_session.document.project(), *m_session.document.level(),
                    routeInHand(m_session.workbench.options(), *m_session.document.level())));
            });
        addWide(m_ends);
    }

    void refresh() override {
        const int inHand = routeInHand(m_session.workbench.options(), *m_session.document.level());
        const auto& routes = sketch().routes;
        setNote(routes.empty() ? tr("none yet") : QString());
        resize(m_routes, m_routeRows, routes.size(), "route-");
        for (std::size_t i = 0; i < routes.size(); ++i) {
            m_routeRows[qsizetype(i)]->setWords(QString::fromStdString(routes[i].name),
                                                lengthWords(routes[i]));
            m_routeRows[qsizetype(i)]->setChecked(int(i) == inHand);
        }
        const Route none;
        const Route& route = inHand >= 0 ? routes[std::size_t(inHand)] : none;
        m_name->setEnabled(inHand >= 0);
        if (!m_name->hasFocus()) m_name->setText(QString::fromStdString(route.name));
        m_delete->setEnabled(inHand >= 0);
        m_ends->setEnabled(route.points.size() >= 2);
        m_beadTitle->setText(
            route.beads.empty()
                ? (inHand >= 0 ? tr("Click on the line to hang a bead on it: what stands in the "
                                    "way, or happens there.")
                               : tr("Click on the board where the player starts, then on from "
                                    "there to the end."))
                : tr("%1 on it")
                      .arg(counted(qsizetype(route.beads.size()), tr("bead"), tr("beads"))));
        const auto* report = reportOf(m_session, inHand);
        resize(m_beads, m_beadRows, route.beads.size(), "bead-row-");
        for (std::size_t i = 0; i < route.beads.size(); ++i) {
            const level::Bead& bead = route.beads[i];
            MarginRow* row = m_beadRows[qsizetype(i)];
            const QString note = QString::fromStdString(bead.note);
            const check::BeadState state = stateOf(report, i);
            row->setSign([sort = bead.sort](QPainter& painter, const QRectF& rect) {
                paintBeadSign(painter, sort, rect);
            });
            row->setWords(tr("%1  %2").arg(i + 1).arg(note.isEmpty() ? beadName(bead.sort) : note),
                          beadStateWords(state), rowToneOf(state));
            row->setChecked(m_session.workbench.selection().bead == int(i));
        }
    }

private:
    [[nodiscard]] QString lengthWords(const Route& route) const {
        const level::Level& level = *m_session.document.level();
        const double cells = lengthInCells(route, level.cellSize);
        const level::MotionProfile* profile = m_session.document.project().profileOf(level);
        if (!profile || profile->run.thousandths <= 0) return tr("%1 cells").arg(cells, 0, 'f', 1);
        return tr("%1 cells, %2 s")
            .arg(cells, 0, 'f', 1)
            .arg(cells * 1000.0 / double(profile->run.thousandths), 0, 'f', 1);
    }
    /// As many rows as there are things; a click on one chooses it.
    void resize(QVBoxLayout* layout, QList<MarginRow*>& rows, std::size_t count, const char* name) {
        while (rows.size() > qsizetype(count)) {
            MarginRow* row = rows.takeLast();
            layout->removeWidget(row);
            row->hide();
            row->deleteLater();
        }
        while (rows.size() < qsizetype(count)) {
            auto* row = new MarginRow(rowsHolder());
            const int index = int(rows.size());
            row->setObjectName(QLatin1String(name) + QString::number(index + 1));
            const bool isRoute = layout == m_routes;
            connect(row, &QAbstractButton::clicked, this,
                    [this, index, isRoute] { isRoute ? chooseRoute(index) : chooseBead(index); });
            layout->addWidget(row);
            rows << row;
        }
    }
    void chooseRoute(int index) {
        m_session.workbench.select({});
        m_session.workbench.change<SketchOptions>([index](auto& o) {
            o.route = index;
            o.drawsRegion = false;
        });
    }
    void chooseBead(int index) {
        m_session.workbench.chooseTool("route");
        Selection selection;
        selection.bead = index;
        m_session.workbench.select(selection);
        const Route& route = sketch().routes[std::size_t(
            routeInHand(m_session.workbench.options(), *m_session.document.level()))];
        const PxPoint at = placeOf(route, route.beads[std::size_t(index)]);
        m_session.requests.showPlace({at.x, at.y, 1, 1});
    }
    void beginRoute() {
        m_session.workbench.chooseTool("route");
        chooseRoute(int(sketch().routes.size()));
        m_session.say(tr("Click on the board where the new route starts."));
    }
    void rename() {
        const int index = routeInHand(m_session.workbench.options(), *m_session.document.level());
        const std::string name = m_name->text().trimmed().toStdString();
        if (index < 0 || name.empty()) return;
        Route route = sketch().routes[std::size_t(index)];
        if (route.name == name) return;
        const std::string former = std::exchange(route.name, name);
        m_session.document.apply(
            changeRoute(*m_session.document.level(), index, route, "Rename " + former));
    }

    QVBoxLayout* m_routes;
    QVBoxLayout* m_beads;
    QLineEdit* m_name;
    QLabel* m_beadTitle;
    QWidget* m_delete;
    QWidget* m_ends;
    QList<MarginRow*> m_routeRows;
    QList<MarginRow*> m_beadRows;
};

/// The bead, or way point, that is selected.
class BeadSection : public SketchSection {
public:
    BeadSection(Session& session, QWidget* parent)
        : SketchSection({}, session, parent),
          m_sort(new ChoiceBox(this)),
          m_note(new QLineEdit(this)) {
        for (int i = 0; i < 7; ++i)
            m_sort->addItem(beadName(static_cast<level::BeadSort>(i)), i);
        m_sort->setObjectName(QStringLiteral("bead-sort"));
        m_sort->setFixedWidth(170);
        connect(m_sort, &QComboBox::activated, this, [this](int index) {
            change("Change a bead",
                   [index](level::Bead& bead) { bead.sort = static_cast<level::BeadSort>(index); });
        });
        addControl(tr("Sort"), m_sort);
        m_note->setObjectName(QStringLiteral("bead-note"));
        m_note->setMaxLength(200);
        m_note->setFixedWidth(170);
        connect(m_note, &QLineEdit::editingFinished, this, [this] {
            change("Note on a bead", [this](level::Bead& bead) {
                bead.note = m_note->text().trimmed().toStdString();
            });
        });
        addControl(tr("Note"), m_note);
        m_region = addValue(tr("Region"));
        m_state = addValue(tr("In the level"));
        m_state->setObjectName(QStringLiteral("bead-state"));
        auto* buttons = new QHBoxLayout;
        buttons->setSpacing(6);
        buttons->addWidget(makeButton(tr("Draw region"), QStringLiteral("draw-region"), this,
                                      [this] { drawRegion(); }));
        m_drop = makeButton(tr("No region"), QStringLiteral("drop-region"), this, [this] {
            change("Drop a region", [](level::Bead& bead) { bead.region.reset(); });
        });
        buttons->addWidget(m_drop);
        addWide(buttons);
        m_words = makeWords({}, this);
        addWide(m_words);
    }

    void refresh() override {
        const level::Bead* now = bead();
        setVisible(now != nullptr);
        if (!now) return;
        const std::size_t index = std::size_t(*m_session.workbench.selection().bead);
        setTitle(tr("Bead %1").arg(index + 1));
        setNote(check::isObstacle(now->sort) ? tr("obstacle") : tr("event"));
        m_sort->setCurrentIndex(int(now->sort));
        if (!m_note->hasFocus()) m_note->setText(QString::fromStdString(now->note));
        m_region->setText(now->region ? tr("%1 × %2 at %3, %4")
                                            .arg(now->region->width)
                                            .arg(now->region->height)
                                            .arg(now->region->x)
                                            .arg(now->region->y)
                                      : tr("none"));
        const auto state = stateOf(reportOf(m_session, routeInHand(m_session.workbench.options(),
                                                                   *m_session.document.level())),
                                   index);
        m_state->setText(beadStateWords(state));
        setTone(m_state, rowToneOf(state).isValid() ? rowToneOf(state) : currentTheme().quietInk);
        m_drop->setEnabled(now->region.has_value());
        m_words->setText(
            m_session.workbench.options<SketchOptions>().drawsRegion
                ? tr("Drag a box on the board over what must be met.")
            : now->region ? tr("Closed off and solved anew: is the end still reached?")
                          : tr("With a region, it is proven whether the player can go without."));
    }

private:
    [[nodiscard]] const level::Bead* bead() const {
        const int route = routeInHand(m_session.workbench.options(), *m_session.document.level());
        const auto& index = m_session.workbench.selection().bead;
        if (route < 0 || !index) return nullptr;
        return &sketch().routes[std::size_t(route)].beads[std::size_t(*index)];
    }
    template <typename Change>
    void change(const std::string& name, Change&& change) {
        const level::Bead* now = bead();
        if (!now) return;
        const int index = routeInHand(m_session.workbench.options(), *m_session.document.level());
        Route route = sketch().routes[std::size_t(index)];
        level::Bead& next = route.beads[std::size_t(*m_session.workbench.selection().bead)];
        change(next);
        if (next == *now) return;
        m_session.document.apply(changeRoute(*m_session.document.level(), index, route, name));
    }
    void drawRegion() {
        const Selection selection = m_session.workbench.selection();
        if (!m_session.workbench.isInHand("route")) {
            m_session.workbench.chooseTool("route");
            m_session.workbench.select(selection);
        }
        m_session.workbench.change<SketchOptions>([](auto& o) { o.drawsRegion = true; });
    }

    QComboBox* m_sort;
    QLineEdit* m_note;
    QLabel* m_region;
    QLabel* m_state;
    QWidget* m_drop;
    QLabel* m_words;
};

}  // namespace

SketchSection* makeRouteSection(Session& session, QWidget* parent) {
    return new RouteSection(session, parent);
}

SketchSection* makeBeadSection(Session& session, QWidget* parent) {
    return new BeadSection(session, parent);
}

}  // namespace rook::app
