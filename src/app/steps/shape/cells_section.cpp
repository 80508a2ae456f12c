#include <QComboBox>
#include <QSpinBox>

#include "app/steps/shape/shape_sections.h"
#include "app/ui/theme.h"
#include "app/ui/words.h"
#include "level/board_kind.h"

namespace rook::app {

namespace {

/// The size of a level's cells and how it is seen; what would follow stands there before it is
/// done.
class CellsSection : public PanelSection {
public:
    CellsSection(Session& session, QWidget* parent)
        : PanelSection(tr("Cells and view"), {}, session, parent) {
        makeFoldable(QStringLiteral("cells"), false);
        m_kind = makeChoiceBox(QStringLiteral("level-kind"), {tr("side"), tr("above")}, this,
                               [this](int) { consider(); });
        m_kind->setFixedWidth(92);
        addControl(tr("Seen from"), m_kind);
        const auto add = [&](const QString& words, const char* name) {
            QSpinBox* box =
                makeNumberBox(QLatin1String(name), 1, 512, this, [this](int) { consider(); });
            addControl(words, box);
            return box;
        };
        m_width = add(tr("Cell width, px"), "cell-width");
        m_height = add(tr("Cell height, px"), "cell-height");
        m_words = makeWords({}, this);
        m_words->setObjectName(QStringLiteral("cells-words"));
        addWide(m_words);
        m_apply = makeButton(tr("Change"), QStringLiteral("apply-cells"), this, [this] {
            const auto change = wanted();
            if (!change) return m_session.say(told(change.error()));
            m_session.document.apply(change->edit);
            m_shown.reset();
            refresh();
        });
        addWide(m_apply);
    }

    void refresh() override {
        const level::Level& level = *m_session.document.level();
        // What somebody is choosing stays until the level becomes another.
        if (m_shown && m_shown->first == level.cellSize && m_shown->second == level.kind) return;
        m_shown = {level.cellSize, level.kind};
        m_kind->setCurrentIndex(level.kind == level::LevelKind::Above ? 1 : 0);
        showNumber(m_width, level.cellSize.width);
        showNumber(m_height, level.cellSize.height);
        consider();
    }

private:
    [[nodiscard]] level::LevelKind kind() const {
        return m_kind->currentIndex() == 1 ? level::LevelKind::Above : level::LevelKind::Side;
    }
    /// Both changes, as one.
    [[nodiscard]] Result<level::BoardChange> wanted() const {
        const level::Level& level = *m_session.document.level();
        auto change = changeCellSize(m_session.document.project(), level,
                                     {m_width->value(), m_height->value()});
        if (!change) return change;
        const bool isSameSize = change->edit.level.cellSize == level.cellSize;
        if (isSameSize) change->consequences.clear();
        auto seen = changeKind(m_session.document.project(), change->edit.level, kind());
        if (!seen) return seen;
        const std::vector<std::string>& first = change->consequences;
        seen->consequences.insert(seen->consequences.begin(), first.begin(), first.end());
        if (!isSameSize) seen->edit.name = change->edit.name;
        return seen;
    }
    void consider() {
        const level::Level& level = *m_session.document.level();
        const bool isSame = kind() == level.kind && m_width->value() == level.cellSize.width &&
                            m_height->value() == level.cellSize.height;
        m_apply->setEnabled(!isSame);
        setTone(m_words, currentTheme().quietInk);
        if (isSame) return m_words->setText(tr("What follows from a change is told here first."));
        const auto change = wanted();
        if (!change) {
            setTone(m_words, currentTheme().alarm);
            m_apply->setEnabled(false);
            return m_words->setText(told(change.error()));
        }
        QStringList lines;
        for (const std::string& line : change->consequences)
            lines << told(line) + QLatin1Char('.');
        m_words->setText(lines.join(QLatin1Char('\n')));
    }

    QComboBox* m_kind;
    QSpinBox* m_width;
    QSpinBox* m_height;
    QLabel* m_words;
    QWidget* m_apply;
    std::optional<std::pair<CellSize, level::LevelKind>> m_shown;
};

}  // namespace

PanelSection* makeCellsSection(Session& session, QWidget* parent) {
    return new CellsSection(session, parent);
}

}  // namespace rook::app
