#include <QComboBox>
#include <QLineEdit>
#include <QMenu>
#include <QPushButton>

#include "app/painting/matter_painter.h"
#include "app/panels/field_control.h"
#include "app/steps/shape/shape_sections.h"
#include "app/tools/cell_options.h"
#include "app/ui/choice_names.h"
#include "app/ui/color_field.h"
#include "app/ui/theme.h"
#include "level/blocks.h"
#include "level/matter_edits.h"

namespace rook::app {

namespace {

using level::Behaviour;
using level::Matter;

/// The matter in hand: what it is, what it is called, and what becomes of it.
class MatterSection : public PanelSection {
public:
    // Long because it is the list of what a matter has, a row each.
    MatterSection(Session& session, QWidget* parent)
        : PanelSection(tr("Edit matter"), {}, session, parent) {
        makeFoldable(QStringLiteral("matter"), false);
        m_title = addLine(tr("Name"), QStringLiteral("matter-title"), 80,
                          [](Matter& m, const std::string& text) { m.title = text; });
        m_behaviour = makeChoiceBox(
            QStringLiteral("matter-behaviour"), namesUpTo<Behaviour>(6), this,
            [this](int index) { change([&](Matter& m) { m.behaviour = Behaviour(index); }); });
        addControl(tr("Behaves as"), m_behaviour);
        m_form = makeChoiceBox(
            QStringLiteral("matter-form"), namesUpTo<level::Form>(runtime::formCount), this,
            [this](int index) { change([&](Matter& m) { m.form = level::Form(index); }); });
        addControl(tr("Laid as"), m_form);
        m_color = makeLine(QStringLiteral("matter-color"), 7,
                           [](Matter& m, const std::string& text) { m.color = text; });
        addControl(tr("Colour"), withColorPicker(m_color, this));
        m_color->setInputMask(QStringLiteral("\\#HHHHHH"));
        m_glyph = addLine(tr("Character in files"), QStringLiteral("matter-glyph"), 1,
                          [](Matter& m, const std::string& text) { m.glyph = text; });
        m_name = addLine(tr("Name in files"), QStringLiteral("matter-name"), 64,
                         [](Matter& m, const std::string& text) { m.name = text; });
        m_joins = new QPushButton(rowsHolder());
        m_joins->setObjectName(QStringLiteral("matter-joins"));
        m_joins->setFixedWidth(150);
        m_joins->setMenu(new QMenu(m_joins));
        connect(m_joins->menu(), &QMenu::aboutToShow, this, [this] { fillJoins(); });
        addControl(tr("Joins, dressed"), m_joins);
        m_fields = new QVBoxLayout;
        m_fields->setSpacing(5);
        addWide(m_fields);
        addAdding();
        addTaking();
    }

    void refresh() override {
        const auto& matters = m_session.document.project().matters;
        const Matter& matter = matters[inHand().index];
        setNote(
            tr("of %1").arg(counted(qsizetype(matters.size()) - 1, tr("matter"), tr("matters"))));
        show(m_title, matter.title);
        show(m_color, matter.color);
        show(m_glyph, matter.glyph);
        show(m_name, matter.name);
        m_behaviour->setCurrentIndex(int(matter.behaviour));
        m_form->setCurrentIndex(int(matter.form));
        m_joins->setText(matter.joins.empty() ? tr("nothing else")
                                              : counted(qsizetype(matter.joins.size()),
                                                        tr("matter"), tr("matters")));
        refreshFields(matter);
        refreshInto();
        for (QWidget* widget : std::initializer_list<QWidget*>{
                 m_title, m_behaviour, m_form, m_color, m_glyph, m_name, m_joins, m_take})
            widget->setEnabled(inHand().index > 0);
    }

private:
    [[nodiscard]] level::MatterId inHand() const {
        return m_session.workbench.options<CellOptions>().matter;
    }

    template <typename Change>
    void change(Change&& alter) {
        Matter matter = m_session.document.project().matters[inHand().index];
        alter(matter);
        if (matter == m_session.document.project().matters[inHand().index]) return;
        m_session.document.apply(changeMatter(m_session.document.project(), inHand(), matter));
        refresh();
    }
    QLineEdit* addLine(const QString& words, const QString& name, int most,
                       std::function<void(Matter&, const std::string&)> set) {
        QLineEdit* line = makeLine(name, most, std::move(set));
        addControl(words, line);
        return line;
    }
    QLineEdit* makeLine(const QString& name, int most,
                        std::function<void(Matter&, const std::string&)> set) {
        auto* line = new QLineEdit(rowsHolder());
        line->setObjectName(name);
        line->setMaxLength(most);
        line->setFixedWidth(150);
        connect(line, &QLineEdit::editingFinished, this, [this, line, set] {
            if (!line->isModified()) return;
            line->setModified(false);
            change([&](Matter& m) { set(m, line->text().trimmed().toStdString()); });
        });
        return line;
    }
    static void show(QLineEdit* line, const std::string& text) {
        if (!line->isModified()) line->setText(QString::fromStdString(text));
    }

    void fillJoins() {
        QMenu* menu = m_joins->menu();
        menu->clear();
        const auto& matters = m_session.document.project().matters;
        const Matter& own = matters[inHand().index];
        for (std::size_t i = 1; i < matters.size(); ++i) {
            if (i == inHand().index) continue;
            const std::string name = matters[i].name;
            QAction* action = menu->addAction(QString::fromStdString(matters[i].title));
            action->setCheckable(true);
            action->setChecked(std::find(own.joins.begin(), own.joins.end(), name) !=
                               own.joins.end());
            connect(action, &QAction::toggled, this, [this, name](bool isOn) {
                change([&](Matter& m) {
                    std::erase(m.joins, name);
                    if (isOn) m.joins.push_back(name);
                });
            });
        }
    }

    void refreshFields(const Matter& matter) {
        const bool isSame =
            m_shownFields.size() == matter.fields.size() &&
            std::equal(matter.fields.begin(), matter.fields.end(), m_shownFields.begin(),
                       [](const auto& a, const auto& b) {
                           return a.first == b.first && typeOf(a.second) == typeOf(b.second);
                       });
        if (!isSame) rebuildFields(matter);
        m_shownFields = matter.fields;
        for (std::size_t i = 0; i < matter.fields.size(); ++i)
            m_controls[qsizetype(i)]->setValue(matter.fields[i].second);
    }
    void rebuildFields(const Matter& matter) {
        qDeleteAll(m_fieldRows);
        m_fieldRows.clear();
        m_controls.clear();
        for (std::size_t i = 0; i < matter.fields.size(); ++i) {
            const auto& [name, value] = matter.fields[i];
            auto* holder = new QWidget(rowsHolder());
            auto* row = new QHBoxLayout(holder);
            row->setContentsMargins(0, 0, 0, 0);
            row->setSpacing(6);
            const QString words = QString::fromStdString(name);
            auto* label = new QLabel(words, holder);
            label->setFont(sizedFont(-1));
            auto* control = new FieldControl(
                typeOf(value),
                [this, i](const level::FieldValue& next) {
                    change([&](Matter& m) {
                        if (i < m.fields.size()) m.fields[i].second = next;
                    });
                },
                holder);
            control->setFixedWidth(120);
            control->setWords(QStringLiteral("matter-field-") + words, words);
            QWidget* remove = makeButton(
                QStringLiteral("–"), QStringLiteral("drop-field-") + words, holder, [this, i] {
                    QMetaObject::invokeMethod(
                        this,
                        [this, i] {
                            change([&](Matter& m) {
                                m.fields.erase(m.fields.begin() + qsizetype(i));
                            });
                        },
                        Qt::QueuedConnection);
                });
            remove->setFixedWidth(26);
            remove->setAccessibleName(tr("Take the field %1 away").arg(words));
            row->addWidget(label, 1);
            row->addWidget(control);
            row->addWidget(remove);
            m_fields->addWidget(holder);
            m_fieldRows << holder;
            m_controls << control;
        }
    }

    void addAdding() {
        auto* row = new QHBoxLayout;
        row->setSpacing(6);
        m_fieldName = new QLineEdit(rowsHolder());
        m_fieldName->setObjectName(QStringLiteral("new-field"));
        m_fieldName->setPlaceholderText(tr("new field"));
        m_fieldName->setAccessibleName(tr("Name of a new field"));
        m_fieldName->setMaxLength(64);
        auto* type =
            makeChoiceBox(QStringLiteral("new-field-type"),
                          {tr("number"), tr("whole"), tr("yes/no"), tr("text")}, this, [](int) {});
        type->setAccessibleName(tr("Type of the new field"));
        type->setFixedWidth(78);
        const auto add = [this, type] {
            constexpr level::FieldType types[] = {
                level::FieldType::Number, level::FieldType::Integer, level::FieldType::Boolean,
                level::FieldType::Text};
            addField(types[type->currentIndex()]);
        };
        connect(m_fieldName, &QLineEdit::returnPressed, this, add);
        row->addWidget(m_fieldName, 1);
        row->addWidget(type);
        row->addWidget(makeButton(tr("Add"), QStringLiteral("add-field"), this, add));
        addWide(row);
    }
    void addField(level::FieldType type) {
        const std::string name = m_fieldName->text().trimmed().toStdString();
        const auto& fields = m_session.document.project().matters[inHand().index].fields;
        if (!isPlainName(name))
            return m_session.say(tr("A field's name is lower-case letters, digits, - and _."));
        if (std::any_of(fields.begin(), fields.end(), [&](auto& f) { return f.first == name; }))
            return m_session.say(tr("This matter has a field of that name already."));
        m_fieldName->clear();
        change([&](Matter& m) { m.fields.emplace_back(name, defaultOf(type)); });
    }

    void addTaking() {
        auto* row = new QHBoxLayout;
        row->setSpacing(6);
        row->addWidget(makeButton(tr("New matter"), QStringLiteral("new-matter"), this, [this] {
            if (!m_session.document.apply(addMatter(
                    m_session.document.project(),
                    freshMatter(m_session.document.project(), tr("New matter").toStdString()))))
                return;
            m_session.workbench.change<CellOptions>([&](CellOptions& options) {
                options.matter.index =
                    static_cast<std::uint16_t>(m_session.document.project().matters.size() - 1);
            });
            m_title->setFocus();
            m_title->selectAll();
        }));
        row->addStretch();
        addWide(row);
        auto* take = new QHBoxLayout;
        take->setSpacing(6);
        m_into =
            makeChoiceBox(QStringLiteral("merge-into"), {}, this, [this](int) { refreshInto(); });
        m_into->setAccessibleName(tr("What its cells become"));
        m_into->setMinimumWidth(60);
        m_into->setMaximumWidth(QWIDGETSIZE_MAX);
        m_into->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
        m_take = new QPushButton(rowsHolder());
        m_take->setObjectName(QStringLiteral("merge-matter"));
        connect(m_take, &QAbstractButton::clicked, this, [this] { merge(); });
        m_take->setToolTip(tr("Takes this matter away; its cells in all levels become the other."));
        auto* label = new QLabel(tr("Its cells:"), rowsHolder());
        label->setFont(sizedFont(-1));
        label->setBuddy(m_into);
        take->addWidget(label);
        take->addWidget(m_into, 1);
        take->addWidget(m_take);
        addWide(take);
    }
    /// The other matters, open air first: each item carries the matter's place.
    void refreshInto() {
        const auto& matters = m_session.document.project().matters;
        QStringList names{tr("open air")};
        for (std::size_t i = 1; i < matters.size(); ++i)
            if (i != inHand().index) names << QString::fromStdString(matters[i].title);
        m_take->setText(m_into->currentIndex() > 0 ? tr("Merge") : tr("Take away"));
        if (names == m_intoNames) return;
        m_intoNames = names;
        m_into->clear();
        m_into->addItems(names);
    }
    void merge() {
        const int index = m_into->currentIndex();
        const int own = inHand().index;
        const int into = index == 0 ? 0 : index < own ? index : index + 1;
        const auto use = useOf(m_session.document.project(), inHand());
        if (m_session.document.apply(mergeMatter(m_session.document.project(), inHand(),
                                                 {static_cast<std::uint16_t>(into)})))
            m_session.say(tr("%1 in %2 followed. Undo brings the matter back.")
                              .arg(counted(use.cells, tr("cell"), tr("cells")),
                                   counted(use.levels, tr("level"), tr("levels"))));
    }

    QLineEdit* m_title;
    QComboBox* m_behaviour;
    QComboBox* m_form;
    QLineEdit* m_color;
    QLineEdit* m_glyph;
    QLineEdit* m_name;
    QPushButton* m_joins;
    QVBoxLayout* m_fields;
    QLineEdit* m_fieldName = nullptr;
    QComboBox* m_into = nullptr;
    QPushButton* m_take = nullptr;
    QStringList m_intoNames;
    std::vector<level::NamedValue> m_shownFields;
    QList<QWidget*> m_fieldRows;
    QList<FieldControl*> m_controls;
};

}  // namespace

PanelSection* makeMatterSection(Session& session, QWidget* parent) {
    return new MatterSection(session, parent);
}

}  // namespace rook::app
