#include <QCheckBox>
#include <QComboBox>
#include <QLineEdit>

#include "app/painting/sketch_painter.h"
#include "app/steps/sketch/sketch_panel.h"
#include "app/ui/controls.h"
#include "app/ui/theme.h"
#include "app/ui/words.h"
#include "level/sketch_edits.h"

namespace rook::app {

namespace {

using level::Mark;
using level::MarkShape;

QString shapeName(MarkShape shape) {
    switch (shape) {
        case MarkShape::Free:
            return MarginSection::tr("Stroke");
        case MarkShape::Line:
            return MarginSection::tr("Line");
        case MarkShape::Box:
            return MarginSection::tr("Box");
        case MarkShape::Outline:
            return MarginSection::tr("Outline");
        case MarkShape::Label:
            return MarginSection::tr("Label");
        case MarkShape::Thing:
            return MarginSection::tr("Thing");
    }
    return {};
}

/// The marks that are selected: their words, and what can be done with them.
class MarkSection : public SketchSection {
public:
    MarkSection(Session& session, QWidget* parent)
        : SketchSection({}, session, parent),
          m_text(new QLineEdit(this)),
          m_room(new QCheckBox(tr("a room: open space"), this)),
          m_matter(new ChoiceBox(this)) {
        m_text->setObjectName(QStringLiteral("mark-text"));
        m_text->setMaxLength(200);
        m_text->setFixedWidth(170);
        connect(m_text, &QLineEdit::editingFinished, this, [this] { rewrite(); });
        addControl(tr("Words"), m_text);
        m_size = addValue(tr("Size"));
        m_room->setObjectName(QStringLiteral("mark-room"));
        connect(m_room, &QCheckBox::clicked, this, [this](bool isOn) {
            changeAll(isOn ? "Make a room" : "Make no room", [isOn](Mark& mark) {
                if (mark.isClosed()) mark.isRoom = isOn;
            });
        });
        addWide(m_room);
        auto* turns = new QHBoxLayout;
        turns->setSpacing(6);
        turns->addWidget(
            makeButton(tr("Mirror ↔"), QStringLiteral("mirror"), this, [this] { mirror(true); }));
        turns->addWidget(makeButton(tr("Mirror ↕"), QStringLiteral("mirror-down"), this,
                                    [this] { mirror(false); }));
        m_group = makeButton(tr("Group"), QStringLiteral("group"), this, [this] {
            m_session.document.apply(
                groupMarks(*m_session.document.level(), m_session.workbench.selection().marks));
        });
        turns->addWidget(m_group);
        addWide(turns);
        m_matter->setObjectName(QStringLiteral("lay-matter"));
        m_matter->setAccessibleName(tr("Matter to lay"));
        m_lay = new QWidget(rowsHolder());
        auto* lay = new QHBoxLayout(m_lay);
        lay->setSpacing(6);
        lay->setContentsMargins(0, 0, 0, 0);
        lay->addWidget(m_matter, 1);
        lay->addWidget(makeButton(tr("Lay as matter"), QStringLiteral("lay-marks"), this,
                                  [this] { layAsMatter(); }));
        addWide(m_lay);
        m_cells = makeWords({}, this);
        addWide(m_cells);
    }

    void refresh() override {
        const auto& ids = m_session.workbench.selection().marks;
        setVisible(!ids.empty());
        const Mark* mark = ids.empty() ? nullptr : findMark(sketch(), ids[0]);
        if (!mark) return;
        const bool isOne = ids.size() == 1;
        setTitle(isOne ? shapeName(mark->shape) : tr("%1 marks").arg(ids.size()));
        const int leaf = leafOf(sketch(), mark->id);
        setNote(tr("on %1").arg(QString::fromStdString(sketch().leaves[std::size_t(leaf)].name)));
        const bool hasWords = isOne && (!mark->isStroke() || mark->isClosed());
        m_text->setEnabled(hasWords);
        if (!m_text->hasFocus())
            m_text->setText(isOne ? QString::fromStdString(mark->text) : QString());
        PxRect bounds;
        level::CellRegion region;
        bool hasClosed = false;
        for (const level::MarkId id : ids) {
            const Mark* each = findMark(sketch(), id);
            bounds = bounds.united(boundsOf(*each));
            region = region.united(cellsOf(*each, m_session.document.level()->cellSize));
            hasClosed = hasClosed || each->isClosed();
        }
        const CellSize cell = m_session.document.level()->cellSize;
        m_size->setText(tr("%1 × %2 cells")
                            .arg(double(bounds.width - 1) / cell.width, 0, 'g', 3)
                            .arg(double(bounds.height - 1) / cell.height, 0, 'g', 3));
        m_room->setVisible(hasClosed);
        m_room->setChecked(mark->isRoom);
        m_group->setEnabled(ids.size() > 1);
        fillMatters();
        const auto inside = region.clipped(m_session.document.level()->cells.bounds());
        m_lay->setEnabled(!inside.isEmpty());
        m_cells->setText(
            inside.isEmpty()
                ? tr("Boxes, outlines and straight lines can be laid as matter.")
                : tr("Covers %1.").arg(told(level::cellCountText(inside.cellCount()))));
    }

private:
    template <typename Change>
    void changeAll(const std::string& name, Change&& change) {
        std::vector<Mark> marks;
        for (const level::MarkId id : m_session.workbench.selection().marks) {
            marks.push_back(*findMark(sketch(), id));
            change(marks.back());
        }
        m_session.document.apply(changeMarks(*m_session.document.level(), marks, name));
    }
    void rewrite() {
        const auto& ids = m_session.workbench.selection().marks;
        if (ids.size() != 1) return;
        const std::string words = m_text->text().trimmed().toStdString();
        const Mark* mark = findMark(sketch(), ids[0]);
        const bool isNeeded = !mark->isStroke();  // a label or thing without words is nothing
        if (words == mark->text || (words.empty() && isNeeded)) return refresh();
        changeAll("Rewrite " + (mark->text.empty() ? words : mark->text),
                  [&](Mark& each) { each.text = words; });
    }
    void mirror(bool isSideways) {
        m_session.document.apply(mirrorMarks(*m_session.document.level(),
                                             m_session.workbench.selection().marks, isSideways));
    }
    void layAsMatter() {
        const level::MatterId matter{static_cast<std::uint16_t>(m_matter->currentData().toInt())};
        m_session.document.apply(layMarks(m_session.document.project(), *m_session.document.level(),
                                          m_session.workbench.selection().marks,
                                          level::Cell(matter)));
    }
    void fillMatters() {
        const auto& matters = m_session.document.project().matters;
        if (m_matter->count() == int(matters.size())) return;
        m_matter->clear();
        for (std::size_t i = 1; i < matters.size(); ++i)
            m_matter->addItem(QString::fromStdString(matters[i].title), int(i));
        m_matter->addItem(tr("Open air (carve)"), 0);
    }

    QLineEdit* m_text;
    QLabel* m_size;
    QCheckBox* m_room;
    QWidget* m_group;
    QWidget* m_lay;
    QLabel* m_cells;
    QComboBox* m_matter;
};

}  // namespace

SketchSection* makeMarkSection(Session& session, QWidget* parent) {
    return new MarkSection(session, parent);
}

}  // namespace rook::app
