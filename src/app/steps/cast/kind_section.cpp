#include <QComboBox>
#include <QFileDialog>
#include <QLineEdit>
#include <QSpinBox>

#include "app/panels/field_control.h"
#include "app/panels/sheet_popup.h"
#include "app/steps/cast/cast_options.h"
#include "app/steps/cast/cast_sections.h"
#include "app/tools/cell_options.h"
#include "app/ui/choice_names.h"
#include "app/ui/color_field.h"
#include "app/ui/margin_row.h"
#include "app/ui/theme.h"
#include "app/ui/words.h"
#include "file/kind_file.h"
#include "level/kind_edits.h"
#include "level/names.h"

// Long because a kind is edited as a whole: what would be lost is considered for all of its rows at
// once.

namespace rook::app {

namespace {

using level::FieldDefinition;
using level::FieldType;
using level::Kind;

constexpr int roleCount = int(level::Role::Counter) + 1;
constexpr int typeCount = 11;
constexpr int standingCount = 5;

/// The kind in hand: what it is, where it may stand, and its fields. A change that would lose what
/// is placed says so and waits for a second click.
class KindSection : public PanelSection {
public:
    KindSection(Session& session, QWidget* parent)
        : PanelSection(tr("Edit kind"), {}, session, parent), m_list(new QVBoxLayout) {
        makeFoldable(QStringLiteral("kind"), false);
        m_title = addLine(tr("Name"), "kind-title",
                          [](Kind& k, const QString& text) { k.title = text.toStdString(); });
        m_id = addLine(tr("Name in files"), "kind-id",
                       [](Kind& k, const QString& text) { k.id = {text.toStdString()}; });
        m_role = addChoice(tr("Role"), "kind-role", namesUpTo<level::Role>(roleCount),
                           [](Kind& k, int index) { k.role = level::Role(index); });
        m_standing = addChoice(tr("Stands"), "kind-standing",
                               {tr("anywhere"), tr("on a floor"), tr("under a ceiling"),
                                tr("at a wall"), tr("in a liquid")},
                               [](Kind& k, int index) { k.standing = level::Standing(index); });
        static_assert(standingCount == 5);
        addNumber(tr("Box, px across"), "kind-width", 1, 4096, &Kind::width);
        addNumber(tr("Box, px down"), "kind-height", 1, 4096, &Kind::height);
        addNumber(tr("At least, a level"), "kind-least", 0, 1000000, &Kind::atLeast);
        addNumber(tr("At most, a level"), "kind-most", 0, 1000000, &Kind::atMost)
            ->setSpecialValueText(tr("any"));
        m_color = addLine(tr("Colour"), "kind-color", [](Kind& k, const QString& text) {
            if (level::isColor(text.toStdString())) k.color = text.toStdString();
        });
        m_tally = makeChoiceBox(QStringLiteral("kind-tally"), {}, this, [this](int at) {
            const auto& tallies = m_session.document.project().game.tallies;
            change([&](Kind& kind) {
                kind.tally = at <= 0 ? std::string() : tallies[std::size_t(at) - 1].name;
            });
        });
        m_tally->setToolTip(
            tr("Of the game (key 0): what is taken adds its value to it, a foe that "
               "is beaten what it is worth."));
        addControl(tr("Counts for"), m_tally);
        m_all << m_tally;
        m_worth = addNumber(tr("Worth, beaten"), "kind-worth", -1000000, 1000000, &Kind::worth);
        addSprite();
        addWide(makeWords(tr("Fields"), this));
        m_list->setSpacing(0);
        addWide(m_list);
        addField();
        m_words = makeWords({}, this);
        m_words->setObjectName(QStringLiteral("kind-words"));
        addWide(m_words);
        m_go = makeButton(tr("Change it all the same"), QStringLiteral("kind-go"), this, [this] {
            if (!m_waiting) return;
            m_session.document.apply(m_waiting->edit);
            takeInHand(m_waitingId);
            m_waiting.reset();
            refresh();
        });
        addWide(m_go);
        addActions();
    }

    void refresh() override {
        const Kind* kind = inHand();
        const auto& kinds = m_session.document.project().kinds;
        setNote(tr("of %1").arg(counted(qsizetype(kinds.size()), tr("kind"), tr("kinds"))));
        m_go->setVisible(m_waiting.has_value());
        for (QWidget* widget : m_all)
            widget->setEnabled(kind != nullptr);
        if (!kind) {
            m_words->setText(tr("Choose a kind in the tray, or add one."));
            return;
        }
        show(m_title, kind->title);
        show(m_id, kind->id.text);
        show(m_color, kind->color);
        m_role->setCurrentIndex(int(kind->role));
        m_standing->setCurrentIndex(int(kind->standing));
        for (const auto& [box, field] : m_numbers)
            showNumber(box, kind->*field);
        refreshTally(*kind);
        refreshSprite(*kind);
        refreshFields(*kind);
        if (!m_waiting)
            m_words->setText(tr("%1 of it in the project.")
                                 .arg(useOfKind(m_session.document.project(), kind->id)));
    }

private:
    [[nodiscard]] const Kind* inHand() const {
        return m_session.document.project().findKind(
            m_session.workbench.options<CastOptions>().kind);
    }
    void takeInHand(const KindId& id) {
        m_session.workbench.change<CastOptions>([&](CastOptions& o) { o.kind = id; });
    }
    static void show(QLineEdit* line, const std::string& text) {
        if (!line->hasFocus() || !line->isModified()) line->setText(QString::fromStdString(text));
    }

    /// Does it, or tells what would be lost and waits.
    void change(const std::function<void(Kind&)>& make) {
        const Kind* former = inHand();
        if (!former) return;
        Kind next = *former;
        make(next);
        if (next == *former) return;
        const KindId id = former->id;
        auto changed = changeKind(m_session.document.project(), id, next);
        if (!changed) {
            m_session.say(told(changed.error()));
            return refresh();
        }
        consider(std::move(*changed), next.id);
    }
    void consider(level::KindChange change, const KindId& then) {
        m_waiting.reset();
        if (change.losses.empty()) {
            m_session.document.apply(change.edit);
            takeInHand(then);
            return refresh();
        }
        QStringList lines;
        for (std::size_t i = 0; i < change.losses.size() && i < 4; ++i)
            lines << told(change.losses[i]) + QLatin1Char('.');
        if (change.losses.size() > 4) lines << tr("And %1 more.").arg(change.losses.size() - 4);
        m_words->setText(lines.join(QLatin1Char('\n')));
        m_waiting = std::move(change);
        m_waitingId = then;
        m_go->setVisible(true);
    }

    QLineEdit* addLine(const QString& words, const char* name, void (*set)(Kind&, const QString&)) {
        auto* line = new QLineEdit(rowsHolder());
        line->setObjectName(QLatin1String(name));
        line->setMaxLength(80);
        line->setFixedWidth(150);
        connect(line, &QLineEdit::editingFinished, this, [this, line, set] {
            if (!line->isModified()) return;
            line->setModified(false);
            change([&](Kind& kind) { set(kind, line->text().trimmed()); });
        });
        const bool isColor = line->objectName() == QStringLiteral("kind-color");
        addControl(words, isColor ? withColorPicker(line, this) : line);
        m_all << line;
        return line;
    }
    QComboBox* addChoice(const QString& words, const char* name, const QStringList& choices,
                         void (*set)(Kind&, int)) {
        QComboBox* box = makeChoiceBox(QLatin1String(name), choices, this, [this, set](int index) {
            change([&](Kind& kind) { set(kind, index); });
        });
        addControl(words, box);
        m_all << box;
        return box;
    }
    QSpinBox* addNumber(const QString& words, const char* name, int low, int high,
                        int Kind::*field) {
        QSpinBox* box = makeNumberBox(
            QLatin1String(name), low, high, this,
            [this, field](int value) { change([&](Kind& kind) { kind.*field = value; }); });
        box->setKeyboardTracking(false);
        addControl(words, box);
        m_numbers.emplace_back(box, field);
        m_all << box;
        return box;
    }

    void refreshTally(const Kind& kind) {
        QStringList names{tr("no tally")};
        int at = kind.tally.empty() ? 0 : -1;
        for (const level::Tally& tally : m_session.document.project().game.tallies) {
            if (tally.name == kind.tally) at = int(names.size());
            names << QString::fromStdString(tally.title);
        }
        setChoices(m_tally, names);
        m_tally->setCurrentIndex(at);
        const bool isFoe = kind.role == level::Role::Foe;
        showRow(m_tally, isFoe || kind.role == level::Role::Pickup);
        showRow(m_worth, isFoe && !kind.tally.empty());
    }

    /// Its picture: a sheet, and in one movement more the tiles of it.
    void addSprite() {
        m_sheet = makeChoiceBox(QStringLiteral("kind-sheet"), {}, this, [this](int index) {
            if (index > 0) return pickTiles(std::size_t(index - 1));
            change([&](Kind& kind) {
                kind.sheet.clear();
                kind.tile = 0;
            });
        });
        addControl(tr("Sprite from"), m_sheet);
        m_tile = makeNumberBox(QStringLiteral("kind-tile"), 0, 65536, this, [this](int value) {
            change([&](Kind& kind) { kind.tile = value; });
        });
        m_tile->setSpecialValueText(tr("none"));
        m_tile->setKeyboardTracking(false);
        addControl(tr("From tile"), m_tile);
        QWidget* pick =
            makeButton(tr("Take tiles from the sheet"), QStringLiteral("kind-tiles"), this, [this] {
                const int at = m_sheet->currentIndex();
                if (at > 0) pickTiles(std::size_t(at - 1));
            });
        pick->setToolTip(tr("Opens the sheet: click a tile, or drag over several."));
        addWide(pick);
        m_all << m_sheet << m_tile << pick;
    }
    void pickTiles(std::size_t index) {
        const level::Sheet sheet = m_session.document.project().sheets[index];
        const Kind* kind = inHand();
        TakenTiles now;
        if (kind && kind->sheet == sheet.name && kind->tile > 0)
            now = {kind->tile - 1, kind->spriteTiles};
        openSheet(m_session, m_sheet, sheet, now,
                  [this, sheet](const TakenTiles& taken) { takeTiles(sheet, taken); });
        refresh();  // without a choice it stays as it was
    }
    void takeTiles(const level::Sheet& sheet, const TakenTiles& taken) {
        change([&](Kind& kind) {
            kind.sheet = sheet.name;
            kind.tile = taken.first + 1;
            kind.spriteTiles = taken.tiles;
            kind.sprite.reset();
            if (taken.tiles.width * taken.tiles.height == 1) return;
            // As large as it is drawn, its foot on the foot of the box.
            const int width = taken.tiles.width * sheet.tile.width;
            const int height = taken.tiles.height * sheet.tile.height;
            kind.sprite = PxRect{(kind.width - width) / 2, kind.height - height, width, height};
        });
    }
    void refreshSprite(const Kind& kind) {
        QStringList sheets{tr("no sprite")};
        for (const level::Sheet& sheet : m_session.document.project().sheets)
            sheets << QString::fromStdString(sheet.name);
        setChoices(m_sheet, sheets);
        m_sheet->setCurrentIndex(
            int(std::max<qsizetype>(0, sheets.indexOf(QString::fromStdString(kind.sheet)))));
        showNumber(m_tile, kind.tile);
    }

    // Long because it is the list of what a field has, a row each.
    void addField() {
        m_fieldName = new QLineEdit(rowsHolder());
        m_fieldName->setObjectName(QStringLiteral("field-name"));
        m_fieldName->setFixedWidth(150);
        m_fieldName->setMaxLength(64);
        connect(m_fieldName, &QLineEdit::editingFinished, this, [this] {
            if (!m_fieldName->isModified() || m_field < 0) return;
            m_fieldName->setModified(false);
            const std::string name = m_fieldName->text().trimmed().toStdString();
            changeField([&](FieldDefinition& f) { f.name = name; });
        });
        addControl(tr("Field"), m_fieldName);
        m_type = makeChoiceBox(QStringLiteral("field-type"), namesUpTo<FieldType>(typeCount), this,
                               [this](int index) {
                                   changeField([&](FieldDefinition& f) {
                                       f.type = FieldType(index);
                                       const auto same = level::converted(f.defaultValue, f.type);
                                       f.defaultValue = same ? *same : level::defaultOf(f.type);
                                       if (f.type == FieldType::Choice && f.choices.empty()) {
                                           f.choices = {"one", "other"};
                                           f.defaultValue = std::string("one");
                                       }
                                   });
                               });
        addControl(tr("Type"), m_type);
        m_standard = addFieldLine(tr("Standard"), "field-standard",
                                  [](FieldDefinition& f, const QString& text) {
                                      if (const auto value = valueOfText(f, text))
                                          f.defaultValue = *value;
                                  });
        m_choices = addFieldLine(
            tr("Choices"), "field-choices", [](FieldDefinition& f, const QString& text) {
                f.choices.clear();
                for (const QString& part : text.split(u',', Qt::SkipEmptyParts))
                    f.choices.push_back(part.trimmed().toStdString());
            });
        m_range = addFieldLine(
            tr("From, to"), "field-range", [](FieldDefinition& f, const QString& text) {
                const auto bound = [](const QString& part) -> std::optional<level::Decimal> {
                    const auto value =
                        level::converted(part.trimmed().toStdString(), FieldType::Number);
                    return value ? std::optional(std::get<level::Decimal>(*value)) : std::nullopt;
                };
                f.low = bound(text.section(u',', 0, 0));
                f.high = bound(text.section(u',', 1, 1));
            });
        m_unit = addFieldLine(
            tr("Unit"), "field-unit",
            [](FieldDefinition& f, const QString& text) { f.unit = text.toStdString(); });
        m_help = addFieldLine(
            tr("Help"), "field-help",
            [](FieldDefinition& f, const QString& text) { f.help = text.toStdString(); });
        m_needed =
            makeChoiceBox(QStringLiteral("field-needed"), {tr("may be empty"), tr("needed")}, this,
                          [this](int index) {
                              changeField([&](FieldDefinition& f) { f.isNeeded = index == 1; });
                          });
        addControl(tr("Value"), m_needed);
        auto* grid = new ButtonGrid;
        m_all << grid->add(tr("Add a field"), "field-add", this, [this] {
            const Kind* kind = inHand();
            m_field = kind ? int(kind->fields.size()) : -1;
            change([](Kind& k) {
                FieldDefinition field;
                field.type = FieldType::Integer;
                field.defaultValue = std::int64_t{0};
                const auto isTaken = [&](const std::string& name) {
                    return std::any_of(k.fields.begin(), k.fields.end(),
                                       [&](const auto& f) { return f.name == name; });
                };
                int number = 1;
                do {
                    field.name = "field-" + std::to_string(number++);
                } while (isTaken(field.name));
                k.fields.push_back(field);
            });
        });
        m_fieldRemove = grid->add(tr("Remove the field"), "field-remove", this, [this] {
            const int gone = std::exchange(m_field, -1);
            change([gone](Kind& k) { k.fields.erase(k.fields.begin() + gone); });
        });
        addWide(grid);
    }
    QLineEdit* addFieldLine(const QString& words, const char* name,
                            void (*set)(FieldDefinition&, const QString&)) {
        auto* line = new QLineEdit(rowsHolder());
        line->setObjectName(QLatin1String(name));
        line->setMaxLength(400);
        line->setFixedWidth(150);
        connect(line, &QLineEdit::editingFinished, this, [this, line, set] {
            if (!line->isModified()) return;
            line->setModified(false);
            changeField([&](FieldDefinition& f) { set(f, line->text().trimmed()); });
        });
        addControl(words, line);
        m_ofField << line;
        return line;
    }
    void changeField(const std::function<void(FieldDefinition&)>& make) {
        const Kind* kind = inHand();
        if (!kind || m_field < 0 || m_field >= int(kind->fields.size())) return;
        change([&](Kind& k) { make(k.fields[std::size_t(m_field)]); });
    }
    void refreshFields(const Kind& kind) {
        if (m_field >= int(kind.fields.size())) m_field = -1;
        setRowCount(m_rows, m_list, kind.fields.size(), QStringLiteral("field"),
                    [this](std::size_t i) {
                        m_field = int(i);
                        refresh();
                    });
        for (std::size_t i = 0; i < kind.fields.size(); ++i) {
            m_rows[qsizetype(i)]->setChecked(int(i) == m_field);
            m_rows[qsizetype(i)]->setWords(
                QString::fromStdString(kind.fields[i].name),
                told(level::nameOf(kind.fields[i].type)).replace(u'-', u' '));
        }
        const bool hasField = m_field >= 0;
        for (QWidget* widget : m_ofField)
            widget->setEnabled(hasField);
        for (QWidget* widget :
             std::initializer_list<QWidget*>{m_fieldName, m_type, m_needed, m_fieldRemove})
            widget->setEnabled(hasField);
        const FieldDefinition none;
        const FieldDefinition& field = hasField ? kind.fields[std::size_t(m_field)] : none;
        show(m_fieldName, field.name);
        m_type->setCurrentIndex(int(field.type));
        show(m_standard, hasField ? textOfValue(field.defaultValue).toStdString() : std::string());
        QStringList choices;
        for (const std::string& choice : field.choices)
            choices << QString::fromStdString(choice);
        show(m_choices, choices.join(QStringLiteral(", ")).toStdString());
        const auto bound = [](const std::optional<level::Decimal>& limit) {
            return limit ? textOfValue(*limit) : QString();
        };
        const bool hasRange = field.low || field.high;
        show(m_range,
             hasRange ? (bound(field.low) + QStringLiteral(", ") + bound(field.high)).toStdString()
                      : std::string());
        show(m_unit, field.unit);
        show(m_help, field.help);
        m_needed->setCurrentIndex(field.isNeeded ? 1 : 0);
        m_choices->setEnabled(hasField && field.type == FieldType::Choice);
        const bool isNumber = field.type == FieldType::Integer || field.type == FieldType::Number;
        m_range->setEnabled(hasField && isNumber);
    }

    void addActions() {
        auto* grid = new ButtonGrid;
        grid->add(tr("Add a kind"), "kind-add", this, [this] {
            const Kind kind = level::freshKind(m_session.document.project(),
                                               tr("Thing").toStdString(), level::Role::Prop);
            m_session.document.apply(addKind(m_session.document.project(), kind));
            takeInHand(kind.id);
            refresh();
        });
        m_all << grid->add(tr("Remove the kind"), "kind-remove", this, [this] {
            const Kind* kind = inHand();
            auto change = removeKind(m_session.document.project(), kind->id);
            if (change) consider(std::move(*change), {});
        });
        grid->add(tr("Write kinds …"), "kinds-out", this, [this] {
            const QString file =
                QFileDialog::getSaveFileName(this, tr("Kinds to a file"), {}, tr("Kinds (*.json)"));
            if (!file.isEmpty()) write(file);
        });
        grid->add(tr("Read kinds …"), "kinds-in", this, [this] {
            const QString file = QFileDialog::getOpenFileName(this, tr("Kinds from a file"), {},
                                                              tr("Kinds (*.json)"));
            if (!file.isEmpty()) read(file);
        });
        addWide(grid);
    }
    void write(const QString& file) {
        const auto written =
            file::writeKinds(file::diskStorage(), file.toStdString(), m_session.document.project());
        m_session.say(written ? tr("Wrote %1.").arg(file) : told(written.error()));
    }
    void read(const QString& file) {
        auto change =
            file::readKinds(file::diskStorage(), file.toStdString(), m_session.document.project());
        if (!change) return m_session.say(told(change.error()));
        consider(std::move(*change), m_session.workbench.options<CastOptions>().kind);
    }

    QLineEdit* m_title;
    QLineEdit* m_id;
    QLineEdit* m_color;
    QComboBox* m_role;
    QComboBox* m_tally = nullptr;
    QSpinBox* m_worth = nullptr;
    QComboBox* m_standing;
    QComboBox* m_sheet;
    QSpinBox* m_tile;
    std::vector<std::pair<QSpinBox*, int Kind::*>> m_numbers;
    QVBoxLayout* m_list;
    QList<MarginRow*> m_rows;
    int m_field = -1;  ///< in hand; -1 = none
    QLineEdit* m_fieldName;
    QComboBox* m_type;
    QLineEdit* m_standard;
    QLineEdit* m_choices;
    QLineEdit* m_range;
    QLineEdit* m_unit;
    QLineEdit* m_help;
    QComboBox* m_needed;
    QWidget* m_fieldRemove;
    QList<QWidget*> m_ofField;
    QList<QWidget*> m_all;
    QLabel* m_words;
    QWidget* m_go;
    std::optional<level::KindChange> m_waiting;  ///< that would lose something
    KindId m_waitingId;
};

}  // namespace

PanelSection* makeKindSection(Session& session, QWidget* parent) {
    return new KindSection(session, parent);
}

}  // namespace rook::app
