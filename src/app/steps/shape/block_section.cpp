#include <QLineEdit>

#include "app/steps/shape/shape_options.h"
#include "app/steps/shape/shape_sections.h"
#include "app/ui/margin_row.h"
#include "app/ui/theme.h"
#include "app/ui/words.h"
#include "level/blocks.h"

namespace rook::app {

namespace {

/// The project's blocks: kept from the selection, laid by their cards, changed where they lie.
class BlockSection : public PanelSection {
public:
    BlockSection(Session& session, QWidget* parent)
        : PanelSection(tr("Blocks"), {}, session, parent), m_list(new QVBoxLayout) {
        makeFoldable(QStringLiteral("blocks"), true);
        m_list->setSpacing(0);
        addWide(m_list);
        m_words = makeWords({}, this);
        m_words->setObjectName(QStringLiteral("block-words"));
        addWide(m_words);
        auto* row = new QHBoxLayout;
        row->setSpacing(6);
        m_name = new QLineEdit(rowsHolder());
        m_name->setObjectName(QStringLiteral("block-name"));
        m_name->setPlaceholderText(tr("its name"));
        m_name->setAccessibleName(tr("Name of a new block"));
        m_name->setMaxLength(60);
        const auto keep = [this] { keepNew(); };
        connect(m_name, &QLineEdit::returnPressed, this, keep);
        m_keep = makeButton(tr("Keep selection"), QStringLiteral("keep-block"), this, keep);
        row->addWidget(m_name, 1);
        row->addWidget(m_keep);
        addWide(row);
        auto* changes = new QHBoxLayout;
        changes->setSpacing(6);
        const auto add = [&](const QString& text, const char* name, const QString& tip,
                             std::function<void()> act) {
            QWidget* button = makeButton(text, QLatin1String(name), this, std::move(act));
            button->setToolTip(tip);
            changes->addWidget(button);
            m_changes << button;
        };
        add(tr("Change"), "change-block",
            tr("The block in hand becomes the selection; what was laid stays."),
            [this] { change(false); });
        add(tr("Change, laid ones too"), "change-laid",
            tr("Where it still stands as it was laid, too."), [this] { change(true); });
        addWide(changes);
        m_remove = makeButton(tr("Remove"), QStringLiteral("remove-block"), this, [this] {
            m_session.document.apply(removeBlock(m_session.document.project(), inHand()));
        });
        m_remove->setToolTip(tr("What was laid stays as cells."));
        addWide(m_remove);
    }

    void refresh() override {
        const auto& blocks = m_session.document.project().blocks;
        setNote(blocks.empty() ? tr("cells to lay again") : QString());
        setRowCount(m_rows, m_list, blocks.size(), QStringLiteral("block"),
                    [this](std::size_t i) { choose(i); });
        for (std::size_t i = 0; i < blocks.size(); ++i) {
            MarginRow* row = m_rows[qsizetype(i)];
            row->setWords(QString::fromStdString(blocks[i].title),
                          QStringLiteral("%1 × %2")
                              .arg(blocks[i].cells.width())
                              .arg(blocks[i].cells.height()));
            row->setChecked(blocks[i].name == inHand());
        }
        const bool hasSelection = m_session.workbench.selection().cells.has_value();
        const level::Block* block = m_session.document.project().findBlock(inHand());
        m_keep->setEnabled(hasSelection);
        for (QWidget* button : m_changes)
            button->setVisible(block && hasSelection);
        m_remove->setVisible(block != nullptr);
        refreshWords(block, hasSelection);
    }

private:
    [[nodiscard]] std::string inHand() const { return m_chosen; }

    void refreshWords(const level::Block* block, bool hasSelection) {
        if (!block)
            return m_words->setText(
                hasSelection
                    ? tr("Keep the selected cells, and what stands among them, as a block.")
                    : tr("Select cells (G) to keep them as a block."));
        const auto use = useOf(m_session.document.project(), block->name);
        m_words->setText(tr("%1: it stands in %2, of %3. Lay it with the brush.")
                             .arg(QString::fromStdString(block->title),
                                  counted(use.places, tr("place"), tr("places")),
                                  counted(use.levels, tr("level"), tr("levels"))));
    }
    /// Without a selection it comes to hand; with one, it may be what is to be changed.
    void choose(std::size_t index) {
        const level::Block& block = m_session.document.project().blocks[index];
        m_chosen = block.name;
        if (!m_session.workbench.selection().cells) {
            m_session.workbench.chooseTool("brush");
            m_session.workbench.change<ShapeOptions>([&](ShapeOptions& options) {
                options.stamp = std::make_shared<Stamp>(Stamp{{block.cells}, block.name});
            });
        }
        refresh();
    }
    void keepNew() {
        const auto& cells = m_session.workbench.selection().cells;
        if (!cells) return m_session.say(tr("Select some cells first (G), then keep them."));
        const std::string title = m_name->text().trimmed().toStdString();
        if (!m_session.document.apply(keepBlock(m_session.document.project(),
                                                *m_session.document.level(), *cells, title)))
            return;
        m_chosen = m_session.document.project().blocks.items().back().name;
        m_name->clear();
        m_session.say(tr("Kept as a block: its card stands behind the matters."));
        refresh();
    }
    void change(bool followsLaid) {
        const level::Block* former = m_session.document.project().findBlock(inHand());
        const auto& cells = m_session.workbench.selection().cells;
        if (!former || !cells) return;
        auto block = blockOf(m_session.document.project(), *m_session.document.level(), *cells,
                             former->title);
        if (!block) return m_session.say(told(block.error()));
        block->name = former->name;
        block->unknown = former->unknown;
        const auto use = useOf(m_session.document.project(), former->name);
        m_session.document.apply(changeBlock(m_session.document.project(), *block, followsLaid));
        m_session.say(followsLaid ? tr("Changed, and in %1 where it stood.")
                                        .arg(counted(use.places, tr("place"), tr("places")))
                                  : tr("Changed; what was laid before stays as it is."));
        refresh();
    }

    QVBoxLayout* m_list;
    QLabel* m_words;
    QLineEdit* m_name;
    QWidget* m_keep;
    QWidget* m_remove;
    QList<QWidget*> m_changes;
    QList<MarginRow*> m_rows;
    std::string m_chosen;
};

}  // namespace

PanelSection* makeBlockSection(Session& session, QWidget* parent) {
    return new BlockSection(session, parent);
}

}  // namespace rook::app
