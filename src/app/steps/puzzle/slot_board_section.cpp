#include <QCheckBox>
#include <QComboBox>
#include <QLineEdit>
#include <QSpinBox>

#include "app/steps/puzzle/puzzle_sections.h"
#include "app/ui/theme.h"
#include "app/ui/words.h"
#include "puzzle/edits.h"

namespace rook::app {

namespace {

using level::Arrangement;
using level::SlotBoard;

class SlotBoardSection : public PanelSection {
public:
    SlotBoardSection(Session& session, QWidget* parent)
        : PanelSection(tr("Board of slots"), {}, session, parent) {
        makeFoldable(QStringLiteral("slot-board"), true);
        m_arrangement = makeChoiceBox(QStringLiteral("slot-arrangement"),
                                      {tr("square"), tr("hexagons"), tr("rings"), tr("free")}, this,
                                      [this](int) { consider(); });
        addControl(tr("Arrangement"), m_arrangement);
        m_points = makeChoiceBox(QStringLiteral("slot-points"), {tr("up"), tr("aside")}, this,
                                 [this](int) { consider(); });
        addControl(tr("Corners point"), m_points);
        m_columns = addNumber(tr("Columns"), "slot-columns", 1, level::maxSlotsAcross);
        m_rows = addNumber(tr("Rows"), "slot-rows", 1, level::maxSlotsAcross);
        m_rings = new QLineEdit(rowsHolder());
        m_rings->setObjectName(QStringLiteral("slot-rings"));
        m_rings->setFixedWidth(150);
        m_rings->setToolTip(tr("Slots of each ring, the innermost first: 6, 12, 12"));
        connect(m_rings, &QLineEdit::textEdited, this, [this] { consider(); });
        addControl(tr("Slots of rings"), m_rings);
        addPlaces();
        m_diagonals =
            makeChoiceBox(QStringLiteral("slot-diagonals"), {tr("four"), tr("eight, aslant too")},
                          this, [this](int) { consider(); });
        addControl(tr("Directions"), m_diagonals);
        m_words = makeWords({}, this);
        m_words->setObjectName(QStringLiteral("slot-board-words"));
        addWide(m_words);
        m_apply = makeButton(tr("Change the board"), QStringLiteral("apply-slot-board"), this,
                             [this] { apply(); });
        addWide(m_apply);
    }

    void refresh() override {
        const SlotBoard& board = m_session.document.level()->puzzle.board;
        setNote(counted(puzzle::Geometry(board).count(), tr("slot"), tr("slots")));
        // What somebody is choosing stays until the level becomes another.
        const auto shown = std::pair(m_session.document.level()->id, board);
        if (m_shown && *m_shown == shown) return;
        m_shown = shown;
        m_arrangement->setCurrentIndex(int(board.arrangement));
        m_points->setCurrentIndex(int(board.points));
        m_diagonals->setCurrentIndex(board.hasDiagonals ? 1 : 0);
        QStringList rings;
        for (const int count : board.rings)
            rings << QString::number(count);
        m_rings->setText(rings.join(QStringLiteral(", ")));
        const std::pair<QSpinBox*, int> numbers[] = {
            {m_columns, board.columns},  {m_rows, board.rows},        {m_inner, board.inner},
            {m_pitch, board.pitch},      {m_width, board.slot.width}, {m_height, board.slot.height},
            {m_gapX, board.gap.x},       {m_gapY, board.gap.y},       {m_originX, board.origin.x},
            {m_originY, board.origin.y}, {m_snap, board.snap}};
        for (const auto& [box, value] : numbers)
            showNumber(box, value);
        consider();
    }

private:
    /// Where slots lie, in px.
    void addPlaces() {
        m_inner = addNumber(tr("Inner radius, px"), "slot-inner", 0, 16384);
        m_pitch = addNumber(tr("Ring to ring, px"), "slot-pitch", 0, 4096);
        m_width = addNumber(tr("Slot width, px"), "slot-width", 1, 512);
        m_height = addNumber(tr("Slot height, px"), "slot-height", 1, 512);
        m_gapX = addNumber(tr("Gap across, px"), "slot-gap-x", -512, 512);
        m_gapY = addNumber(tr("Gap down, px"), "slot-gap-y", -512, 512);
        m_originX = addNumber(tr("First corner x, px"), "slot-origin-x", -4096, 1 << 20);
        m_originY = addNumber(tr("First corner y, px"), "slot-origin-y", -4096, 1 << 20);
        m_snap = addNumber(tr("Snaps to, px"), "slot-snap", 1, 512);
    }
    QSpinBox* addNumber(const QString& words, const char* name, int low, int high) {
        QSpinBox* box =
            makeNumberBox(QLatin1String(name), low, high, this, [this](int) { consider(); });
        addControl(words, box);
        return box;
    }
    [[nodiscard]] SlotBoard wanted() const {
        SlotBoard board = m_session.document.level()->puzzle.board;
        board.arrangement = static_cast<Arrangement>(m_arrangement->currentIndex());
        board.points = static_cast<level::HexPoints>(m_points->currentIndex());
        board.hasDiagonals = m_diagonals->currentIndex() == 1;
        board.columns = m_columns->value();
        board.rows = m_rows->value();
        board.rings.clear();
        for (const QString& part : m_rings->text().split(u',', Qt::SkipEmptyParts)) {
            const int count = part.trimmed().toInt();
            if (count >= 1 && count <= level::maxSlotsOfRing &&
                board.rings.size() < std::size_t(level::maxRings))
                board.rings.push_back(count);
        }
        board.inner = m_inner->value();
        board.pitch = m_pitch->value();
        board.slot = {m_width->value(), m_height->value()};
        board.gap = {m_gapX->value(), m_gapY->value()};
        board.origin = {m_originX->value(), m_originY->value()};
        board.snap = m_snap->value();
        if (board.arrangement == Arrangement::Rings && board.rings.empty()) board.rings = {6, 12};
        return board;
    }
    void consider() {
        const SlotBoard board = wanted();
        const Arrangement as = board.arrangement;
        const bool isGrid = as == Arrangement::Square || as == Arrangement::Hex;
        showRow(m_points, as == Arrangement::Hex);
        showRow(m_diagonals, as == Arrangement::Square);
        for (QWidget* each : {static_cast<QWidget*>(m_columns), static_cast<QWidget*>(m_rows),
                              static_cast<QWidget*>(m_gapX), static_cast<QWidget*>(m_gapY)})
            showRow(each, isGrid);
        for (QWidget* each : {static_cast<QWidget*>(m_rings), static_cast<QWidget*>(m_inner),
                              static_cast<QWidget*>(m_pitch)})
            showRow(each, as == Arrangement::Rings);
        showRow(m_snap, as == Arrangement::Free);
        const bool isSame = board == m_session.document.level()->puzzle.board;
        m_apply->setEnabled(!isSame);
        setTone(m_words, currentTheme().quietInk);
        if (isSame) return m_words->setText(tr("What would be lost is told here first."));
        const auto change =
            puzzle::changeBoard(m_session.document.project(), *m_session.document.level(), board);
        if (!change) {
            setTone(m_words, currentTheme().alarm);
            m_apply->setEnabled(false);
            return m_words->setText(told(change.error()));
        }
        QStringList lines;
        for (const std::string& line : change->consequences)
            lines << told(line) + u'.';
        if (lines.isEmpty()) lines << tr("Nothing would be lost.");
        m_words->setText(lines.join(u'\n'));
    }
    void apply() {
        const auto change = puzzle::changeBoard(m_session.document.project(),
                                                *m_session.document.level(), wanted());
        if (!change) return m_session.say(told(change.error()));
        m_shown.reset();
        m_session.document.apply(change->edit);
        refresh();
    }

    QComboBox* m_arrangement;
    QComboBox* m_points;
    QComboBox* m_diagonals;
    QLineEdit* m_rings;
    QSpinBox* m_columns;
    QSpinBox* m_rows;
    QSpinBox* m_inner;
    QSpinBox* m_pitch;
    QSpinBox* m_width;
    QSpinBox* m_height;
    QSpinBox* m_gapX;
    QSpinBox* m_gapY;
    QSpinBox* m_originX;
    QSpinBox* m_originY;
    QSpinBox* m_snap;
    QLabel* m_words;
    QWidget* m_apply;
    std::optional<std::pair<LevelId, SlotBoard>> m_shown;
};

}  // namespace

PanelSection* makeSlotBoardSection(Session& session, QWidget* parent) {
    return new SlotBoardSection(session, parent);
}

}  // namespace rook::app
