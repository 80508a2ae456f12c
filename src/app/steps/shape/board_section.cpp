#include <QComboBox>
#include <QSpinBox>

#include "app/steps/shape/shape_options.h"
#include "app/steps/shape/shape_sections.h"
#include "app/ui/theme.h"
#include "app/ui/words.h"
#include "base/limits.h"
#include "kit/levels.h"

namespace rook::app {

namespace {

/// The size of the board, as a whole, and on which side it grows; says first what would be cut off.
class BoardSection : public PanelSection {
public:
    BoardSection(Session& session, QWidget* parent);
    void refresh() override;

private:
    [[nodiscard]] CellRect frame() const;
    void consider();
    void resizeNow();

    QSpinBox* m_columns;
    QSpinBox* m_rows;
    QComboBox* m_across;
    QComboBox* m_down;
    QLabel* m_words;
    QWidget* m_apply;
    std::optional<std::pair<LevelId, CellRect>> m_shown;
};

BoardSection::BoardSection(Session& session, QWidget* parent)
    : PanelSection(tr("Board size"), tr("cells"), session, parent), m_words(makeWords({}, this)) {
    makeFoldable(QStringLiteral("board"), false);
    const auto number = [&](const QString& words, const char* name) {
        QSpinBox* box = makeNumberBox(QLatin1String(name), 1, limits::maxBoardCells, this,
                                      [this](int) { consider(); });
        addControl(words, box);
        return box;
    };
    const auto choice = [&](const QString& words, const char* name, const QStringList& choices) {
        QComboBox* box =
            makeChoiceBox(QLatin1String(name), choices, this, [this](int) { consider(); });
        box->setFixedWidth(128);
        addControl(words, box);
        return box;
    };
    m_columns = number(tr("Columns"), "board-columns");
    m_rows = number(tr("Rows"), "board-rows");
    m_across = choice(tr("Grows across"), "board-across",
                      {tr("at the right"), tr("at the left"), tr("on both sides")});
    m_down = choice(tr("Grows down"), "board-down",
                    {tr("at the bottom"), tr("at the top"), tr("on both sides")});
    addWide(m_words);
    m_words->setObjectName(QStringLiteral("board-size-words"));
    m_apply = makeButton(tr("Change the size"), QStringLiteral("apply-board-size"), this,
                         [this] { resizeNow(); });
    addWide(m_apply);
}

void BoardSection::refresh() {
    const level::Level& level = *m_session.document.level();
    // What somebody is choosing stays until the level becomes another.
    const std::pair now(level.id, level.cells.bounds());
    if (m_shown == now) return;
    m_shown = now;
    showNumber(m_columns, now.second.width);
    showNumber(m_rows, now.second.height);
    consider();
}

CellRect BoardSection::frame() const {
    return level::frameOfSize(*m_session.document.level(), m_columns->value(), m_rows->value(),
                              static_cast<level::Growth>(m_across->currentIndex()),
                              static_cast<level::Growth>(m_down->currentIndex()));
}

void BoardSection::consider() {
    const CellRect wanted = frame();
    const bool isSame = wanted == m_session.document.level()->cells.bounds();
    const auto shown = isSame ? std::nullopt : std::optional(wanted);
    if (shown != m_session.workbench.options<ShapeOptions>().boardFrame)
        change<ShapeOptions>([&](auto& o) { o.boardFrame = shown; });
    m_apply->setEnabled(!isSame);
    if (isSame) {
        setTone(m_words, currentTheme().quietInk);
        return m_words->setText(tr("A frame on the board shows another size before it is taken."));
    }
    const level::CutOff cut = cutOffBy(*m_session.document.level(), wanted);
    QString words = tr("%1 × %2 cells.").arg(wanted.width).arg(wanted.height);
    if (cut.cells > 0)
        words += QLatin1Char(' ') +
                 tr("Cuts off %1 of matter.").arg(told(level::cellCountText(cut.cells)));
    if (!cut.entities.empty()) {
        QStringList names;
        for (std::size_t i = 0; i < cut.entities.size() && i < 4; ++i)
            names << QString::fromStdString(cut.entities[i].text);
        if (cut.entities.size() > 4) names << tr("%1 more").arg(cut.entities.size() - 4);
        words += QLatin1Char(' ') + tr("Takes away %1.").arg(names.join(QStringLiteral(", ")));
    }
    const auto pieces =
        kit::piecesCutOffBy(m_session.document.project(), *m_session.document.level(), wanted);
    if (!pieces.empty())
        words +=
            QLatin1Char(' ') +
            tr("Takes away %1.").arg(counted(qsizetype(pieces.size()), tr("piece"), tr("pieces")));
    setTone(m_words,
            cut.isNothing() && pieces.empty() ? currentTheme().quietInk : currentTheme().caution);
    m_words->setText(words);
}

void BoardSection::resizeNow() {
    const auto edit =
        kit::resizeBoard(m_session.document.project(), *m_session.document.level(), frame());
    if (!edit) return m_session.say(told(edit.error()));
    change<ShapeOptions>([](auto& o) { o.boardFrame.reset(); });
    m_session.document.apply(*edit);
}

}  // namespace

PanelSection* makeBoardSection(Session& session, QWidget* parent) {
    return new BoardSection(session, parent);
}

}  // namespace rook::app
