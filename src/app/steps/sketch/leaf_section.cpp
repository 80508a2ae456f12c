#include <QLineEdit>
#include <QSpinBox>

#include "app/steps/sketch/sketch_options.h"
#include "app/steps/sketch/sketch_panel.h"
#include "app/ui/flow_layout.h"
#include "app/ui/margin_row.h"
#include "app/ui/theme.h"
#include "level/sketch_edits.h"

namespace rook::app {

namespace {

/// The leaves of tracing paper, the uppermost first.
class LeafSection : public SketchSection {
public:
    LeafSection(Session& session, QWidget* parent)
        : SketchSection(tr("Leaves"), session, parent),
          m_list(new QVBoxLayout),
          m_name(new QLineEdit(this)) {
        m_list->setSpacing(0);
        addWide(m_list);
        m_name->setObjectName(QStringLiteral("leaf-name"));
        m_name->setMaxLength(60);
        m_name->setFixedWidth(150);
        connect(m_name, &QLineEdit::editingFinished, this, [this] {
            const std::string name = m_name->text().trimmed().toStdString();
            if (!name.empty())
                change(leafInHand(m_session.workbench.options(), *m_session.document.level()),
                       "Rename a leaf", [&](level::Leaf& leaf) { leaf.name = name; });
        });
        addControl(tr("Name"), m_name);
        m_opacity = makeOpacityBox(QStringLiteral("leaf-opacity"), this, [this](int value) {
            change(leafInHand(m_session.workbench.options(), *m_session.document.level()),
                   "Opacity of a leaf", [&](level::Leaf& leaf) { leaf.opacity = value; });
        });
        addControl(tr("Opacity"), m_opacity);
        auto* buttons = new FlowLayout(6);
        const auto add = [&](const QString& text, const char* name, std::function<void()> act) {
            QWidget* button = makeButton(text, QLatin1String(name), this, std::move(act));
            buttons->addWidget(button);
            return button;
        };
        add(tr("Add"), "add-leaf", [this] { addOne(); });
        m_up = add(tr("Higher"), "leaf-up", [this] { move(1); });
        m_down = add(tr("Lower"), "leaf-down", [this] { move(-1); });
        m_remove = add(tr("Remove"), "remove-leaf", [this] {
            m_session.document.apply(
                removeLeaf(*m_session.document.level(),
                           leafInHand(m_session.workbench.options(), *m_session.document.level())));
        });
        addWide(buttons);
    }

    void refresh() override {
        const auto& leaves = sketch().leaves;
        const int inHand = leafInHand(m_session.workbench.options(), *m_session.document.level());
        setNote(leaves.empty() ? tr("the first stroke makes one") : QString());
        if (m_rows.size() != qsizetype(leaves.size())) rebuild(int(leaves.size()));
        for (std::size_t i = 0; i < leaves.size(); ++i) {
            const Row& row = m_rows[qsizetype(i)];
            const QString count =
                counted(qsizetype(leaves[i].marks.size()), tr("mark"), tr("marks"));
            row.name->setWords(QString::fromStdString(leaves[i].name), count);
            row.name->setChecked(int(i) == inHand);
            row.shown->setChecked(leaves[i].isShown);
            row.locked->setChecked(leaves[i].isLocked);
        }
        const bool isAny = inHand >= 0;
        for (QWidget* widget : {m_up, m_down, m_remove})
            widget->setEnabled(isAny);
        m_name->setEnabled(isAny);
        m_opacity->setEnabled(isAny);
        const level::Leaf none;
        const level::Leaf& leaf = isAny ? leaves[std::size_t(inHand)] : none;
        if (!m_name->hasFocus()) m_name->setText(QString::fromStdString(leaf.name));
        const QSignalBlocker blocker(m_opacity);
        m_opacity->setValue(leaf.opacity);
        if (!isAny) return;
        m_up->setEnabled(inHand + 1 < int(leaves.size()));
        m_down->setEnabled(inHand > 0);
    }

private:
    struct Row {
        QWidget* whole;
        MarginRow* name;
        IconToggle* shown;
        IconToggle* locked;
    };

    void rebuild(int count) {
        for (const Row& row : m_rows) {
            m_list->removeWidget(row.whole);
            row.whole->hide();
            row.whole->deleteLater();
        }
        m_rows.clear();
        for (int i = 0; i < count; ++i) {
            Row row{};
            row.whole = new QWidget(rowsHolder());
            auto* line = new QHBoxLayout(row.whole);
            line->setContentsMargins(0, 0, 0, 0);
            line->setSpacing(2);
            row.name = new MarginRow(row.whole);
            row.name->setObjectName(QStringLiteral("leaf-%1").arg(i + 1));
            row.shown = new IconToggle(QStringLiteral("eye"), QStringLiteral("eye-off"),
                                       tr("Show leaf %1").arg(i + 1), row.whole);
            row.locked = new IconToggle(QStringLiteral("lock"), QStringLiteral("unlock"),
                                        tr("Lock leaf %1").arg(i + 1), row.whole);
            row.shown->setObjectName(QStringLiteral("leaf-shown-%1").arg(i + 1));
            row.locked->setObjectName(QStringLiteral("leaf-locked-%1").arg(i + 1));
            connect(row.name, &QAbstractButton::clicked, this, [this, i] { choose(i); });
            connect(row.shown, &QAbstractButton::clicked, this, [this, i](bool isOn) {
                change(i, isOn ? "Show a leaf" : "Hide a leaf",
                       [isOn](level::Leaf& leaf) { leaf.isShown = isOn; });
            });
            connect(row.locked, &QAbstractButton::clicked, this, [this, i](bool isOn) {
                change(i, isOn ? "Lock a leaf" : "Unlock a leaf",
                       [isOn](level::Leaf& leaf) { leaf.isLocked = isOn; });
            });
            for (QWidget* part : {static_cast<QWidget*>(row.name), static_cast<QWidget*>(row.shown),
                                  static_cast<QWidget*>(row.locked)})
                line->addWidget(part);
            m_list->insertWidget(0, row.whole);
            m_rows << row;
        }
    }
    void choose(int leaf) {
        m_session.workbench.change<SketchOptions>([leaf](auto& o) { o.leaf = leaf; });
    }
    template <typename Change>
    void change(int index, const std::string& name, Change&& change) {
        if (index < 0) return;
        level::Leaf leaf = sketch().leaves[std::size_t(index)];
        change(leaf);
        if (leaf == sketch().leaves[std::size_t(index)]) return;
        m_session.document.apply(changeLeaf(*m_session.document.level(), index, leaf, name));
    }
    void addOne() {
        const std::size_t count = sketch().leaves.size();
        m_session.document.apply(
            addLeaf(*m_session.document.level(), tr("Leaf %1").arg(count + 1).toStdString()));
        choose(int(count));
    }
    void move(int by) {
        const int leaf = leafInHand(m_session.workbench.options(), *m_session.document.level());
        m_session.document.apply(moveLeaf(*m_session.document.level(), leaf, by));
        choose(std::clamp(leaf + by, 0, int(sketch().leaves.size()) - 1));
    }

    QVBoxLayout* m_list;
    QList<Row> m_rows;
    QLineEdit* m_name;
    QSpinBox* m_opacity;
    QWidget* m_up;
    QWidget* m_down;
    QWidget* m_remove;
};

}  // namespace

SketchSection* makeLeafSection(Session& session, QWidget* parent) {
    return new LeafSection(session, parent);
}

}  // namespace rook::app
