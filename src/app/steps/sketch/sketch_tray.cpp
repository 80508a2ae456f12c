#include "app/steps/sketch/sketch_tray.h"

#include <QPainter>
#include <QPainterPath>

#include "app/painting/cards.h"
#include "app/painting/sketch_painter.h"
#include "app/steps/sketch/sketch_options.h"
#include "app/ui/buttons.h"
#include "app/ui/theme.h"
#include "app/ui/words.h"
#include "level/names.h"
#include "level/sketch_edits.h"

namespace rook::app {

namespace {

template <typename E, std::size_t count>
std::array<E, count> allOf() {
    std::array<E, count> all{};
    for (std::size_t i = 0; i < count; ++i)
        all[i] = static_cast<E>(i);
    return all;
}

/// A short stroke, as the pencil draws it.
void paintPencilSample(QPainter& painter, level::PencilTone tone, const QRect& rect) {
    painter.setPen(QPen(pencilColor(tone), 2.2, Qt::SolidLine, Qt::RoundCap));
    QPainterPath path(rect.bottomLeft());
    path.cubicTo(rect.center() - QPoint(4, 34), rect.center() + QPoint(4, 34), rect.topRight());
    painter.drawPath(path);
}

CardButton* draggable(CardButton* card, level::PartSort sort, const std::string& target) {
    card->setDragText(
        QStringLiteral("%1:%2").arg(told(level::nameOf(sort)), QString::fromStdString(target)));
    return card;
}

class SketchTray final : public TrayParts {
public:
    using TrayParts::TrayParts;
    void fill() override {
        auto* row = addCardRow();
        const Workbench& workbench = m_session.workbench;
        if (workbench.isInHand("route"))
            addBeadCards(row);
        else if (workbench.isInHand("thing"))
            addThingCards(row);
        else
            addPencilCards(row);
        addOptions(addOptionGrid(workbench.isInHand("pencil") ? wide : narrow));
    }

private:
    void addPencilCards(QHBoxLayout* row) {
        using level::PencilTone;
        for (const PencilTone tone : allOf<PencilTone, 5>()) {
            auto* card = new CardButton(
                toneName(tone), tr("pencil"),
                [tone](QPainter& painter, const QRect& rect) {
                    paintPencilSample(painter, tone, rect);
                },
                m_cards);
            card->setObjectName(QStringLiteral("pencil-%1").arg(int(tone)));
            addCard<SketchOptions>(
                row, card, [tone](const auto& o) { return o.tone == tone; },
                [this, tone](auto& o) {
                    o.tone = tone;
                    recolor(tone);
                });
        }
    }
    void addBeadCards(QHBoxLayout* row) {
        using level::BeadSort;
        for (const BeadSort sort : allOf<BeadSort, 7>()) {
            auto* card = new CardButton(
                beadName(sort), check::isObstacle(sort) ? tr("obstacle") : tr("event"),
                [sort](QPainter& painter, const QRect& rect) {
                    painter.setPen(QPen(currentTheme().plum, 1.6));
                    QRectF sign(0, 0, 24, 24);
                    sign.moveCenter(QRectF(rect).center());
                    paintBeadSign(painter, sort, sign);
                },
                m_cards);
            card->setObjectName(QStringLiteral("bead-%1").arg(int(sort)));
            addCard<SketchOptions>(
                row, card, [sort](const auto& o) { return o.beadSort == sort; },
                [sort](auto& o) { o.beadSort = sort; });
        }
    }
    void recolor(level::PencilTone tone) {
        std::vector<level::Mark> marks;
        for (const level::MarkId id : m_session.workbench.selection().marks) {
            marks.push_back(*findMark(m_session.document.level()->sketch, id));
            marks.back().tone = tone;
        }
        if (!marks.empty())
            m_session.document.apply(
                changeMarks(*m_session.document.level(), marks, "Change the pencil"));
    }
    void addThingCards(QHBoxLayout* row) {
        const level::Project& project = m_session.document.project();
        auto* asked = new CardButton(
            tr("New name"), tr("is asked"),
            [](QPainter& painter, const QRect& rect) {
                painter.setPen(QPen(currentTheme().ink, 1.4));
                painter.drawEllipse(rect.center(), 9, 9);
                painter.drawLine(rect.center() - QPoint(4, 0), rect.center() + QPoint(4, 0));
                painter.drawLine(rect.center() - QPoint(0, 4), rect.center() + QPoint(0, 4));
            },
            m_cards);
        asked->setObjectName(QStringLiteral("thing-asked"));
        addCard<SketchOptions>(
            row, asked, [](const auto& o) { return o.thing.empty(); },
            [](auto& o) { o.thing.clear(); });
        for (const level::Kind& kind : project.kinds) {
            auto* card = makeKindCard(kind, m_cards);
            card->setObjectName(QStringLiteral("thing-kind-") +
                                QString::fromStdString(kind.id.text));
            addCard<SketchOptions>(
                row, draggable(card, level::PartSort::Kind, kind.id.text),
                [title = kind.title](const auto& o) { return o.thing == title; },
                [title = kind.title](auto& o) { o.thing = title; });
        }
        for (std::size_t i = 1; i < project.matters.size(); ++i) {
            const level::Matter& matter = project.matters[i];
            auto* card = makeMatterCard(matter, m_cards);
            card->setObjectName(QStringLiteral("thing-matter-") +
                                QString::fromStdString(matter.name));
            addCard<SketchOptions>(
                row, draggable(card, level::PartSort::Matter, matter.name),
                [title = matter.title](const auto& o) { return o.thing == title; },
                [title = matter.title](auto& o) { o.thing = title; });
        }
    }
    void addOptions(QGridLayout* grid) {
        using level::MarkShape;
        using level::PencilWidth;
        int line = 0;
        const auto addLine = [&](const QString& name) { return addOptionLine(grid, line++, name); };
        const auto finish = [&](QBoxLayout* row) { row->addStretch(); };
        const Workbench& workbench = m_session.workbench;
        if (workbench.isInHand("thing")) {
            addSearch(grid);
            line = 1;
        }
        if (workbench.isInHand("pencil")) {
            auto* shapes = addLine(tr("Draw"));
            const std::pair<QString, MarkShape> choices[] = {{tr("free"), MarkShape::Free},
                                                             {tr("line"), MarkShape::Line},
                                                             {tr("box"), MarkShape::Box},
                                                             {tr("outline"), MarkShape::Outline}};
            for (const auto& [text, shape] : choices)
                addChip<SketchOptions>(
                    shapes, text, QStringLiteral("shape-") + QString::number(int(shape)),
                    [shape = shape](const auto& o) {
                        return !o.pencilErases && o.pencilShape == shape;
                    },
                    [shape = shape](auto& o, bool) {
                        o.pencilShape = shape;
                        o.pencilErases = false;
                    });
            finish(shapes);
            auto* more = addLine({});
            addChip<SketchOptions>(
                more, tr("as room"), QStringLiteral("room"),
                [](const auto& o) { return o.drawsRooms; },
                [](auto& o, bool isOn) { o.drawsRooms = isOn; })
                ->setToolTip(
                    tr("Boxes and outlines are rooms: open space that the level must have."));
            addChip<SketchOptions>(
                more, tr("eraser"), QStringLiteral("eraser"),
                [](const auto& o) { return o.pencilErases; },
                [](auto& o, bool isOn) { o.pencilErases = isOn; })
                ->setToolTip(tr("Cuts strokes. The right button does so with any pencil."));
            finish(more);
        }
        if (!workbench.isInHand("route") && !workbench.isInHand("select")) {
            auto* widths = addLine(tr("Width"));
            const std::pair<QString, PencilWidth> choices[] = {{tr("fine"), PencilWidth::Fine},
                                                               {tr("bold"), PencilWidth::Bold}};
            for (const auto& [text, width] : choices)
                addChip<SketchOptions>(
                    widths, text, QStringLiteral("width-") + QString::number(int(width)),
                    [width = width](const auto& o) { return o.pencilWidth == width; },
                    [width = width](auto& o, bool) { o.pencilWidth = width; });
            finish(widths);
        }
        if (!workbench.isInHand("label")) {
            auto* snaps = addLine(tr("Snap"));
            addChip<SketchOptions>(
                snaps, tr("half cells"), QStringLiteral("sketch-snap"),
                [](const auto& o) { return o.sketchSnaps; },
                [](auto& o, bool isOn) { o.sketchSnaps = isOn; });
            finish(snaps);
        }
        grid->setRowStretch(line, 1);
    }
};

}  // namespace

std::unique_ptr<TrayParts> makeSketchTray(Session& session, QWidget* cards, QWidget* options) {
    return std::make_unique<SketchTray>(session, cards, options);
}

}  // namespace rook::app
