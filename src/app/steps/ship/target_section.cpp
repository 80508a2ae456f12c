#include "app/steps/ship/target_section.h"

#include <QDir>
#include <QFileDialog>
#include <QLineEdit>
#include <QListWidget>
#include <QPushButton>
#include <QSpinBox>

#include "app/steps/ship/format_words.h"
#include "app/steps/ship/ship_options.h"
#include "app/ui/buttons.h"
#include "app/ui/choice_names.h"
#include "app/ui/words.h"
#include "level/target_edits.h"

namespace rook::app {

namespace {

using level::Target;
using level::TargetFormat;
using level::TargetOptions;

/// Name, folder, levels, and what the format wants to know.
class TargetSection : public PanelSection {
public:
    TargetSection(Session& session, QWidget* parent)
        : PanelSection(tr("Target"), {}, session, parent) {
        addName();
        addFolder();
        addLevels();
        addLooks();
        addForms();
        addRecipe();
        m_remove = new Chip(tr("Remove the target"), rowsHolder());
        m_remove->setObjectName(QStringLiteral("target-remove"));
        m_remove->setCheckable(false);
        m_remove->setToolTip(tr("What it has written stays where it is"));
        connect(m_remove, &QAbstractButton::clicked, this, [this] {
            if (const Target* target = chosen())
                m_session.document.apply(
                    level::removeTarget(m_session.document.project(), target->name));
        });
        addWide(m_remove);
    }

    void refresh() override {
        const Target* target = chosen();
        setVisible(target != nullptr);
        if (!target) return;
        setNote(formatTitle(target->format));
        if (!m_name->hasFocus()) m_name->setText(QString::fromStdString(target->name));
        if (!m_folder->hasFocus()) m_folder->setText(QString::fromStdString(target->to));
        showPlace(*target);
        showLevels(*target);
        for (const auto& [control, formats] : m_rows)
            showRow(control, formats.contains(target->format));
        for (const auto& show : m_shows)
            show(target->options);
    }

private:
    [[nodiscard]] const Target* chosen() const { return chosenTarget(m_session); }
    template <typename Change>
    void changeTarget(Change&& change) {
        const Target* target = chosen();
        if (!target) return;
        Target next = *target;
        change(next);
        if (next == *target) return;
        const std::string name = next.name;
        if (m_session.document.apply(
                level::changeTarget(m_session.document.project(), target->name, std::move(next))))
            m_session.workbench.change<ShipOptions>(
                [&](ShipOptions& options) { options.target = name; });
        refresh();
    }

    void addName() {
        m_name = new QLineEdit(rowsHolder());
        m_name->setObjectName(QStringLiteral("target-name"));
        m_name->setAccessibleName(tr("Name of the target"));
        m_name->setFixedWidth(150);
        connect(m_name, &QLineEdit::editingFinished, this, [this] {
            changeTarget(
                [this](Target& target) { target.name = m_name->text().trimmed().toStdString(); });
        });
        addControl(tr("Name"), m_name);
    }

    void addFolder() {
        m_folder = new QLineEdit(rowsHolder());
        m_folder->setObjectName(QStringLiteral("target-folder"));
        m_folder->setAccessibleName(tr("Folder that the target is written to"));
        m_folder->setPlaceholderText(tr("from the project's folder, as ../game"));
        connect(m_folder, &QLineEdit::editingFinished, this,
                [this] { takeFolder(m_folder->text().trimmed()); });
        addWide(m_folder);
        m_place = makeWords({}, this);
        m_place->setObjectName(QStringLiteral("target-place"));
        addWide(m_place);
        addWide(makeButton(tr("Choose a folder …"), QStringLiteral("target-choose"), this, [this] {
            const Target* target = chosen();
            if (!target) return;
            const auto place = m_session.shipping.placeOf(*target);
            const QString folder = QFileDialog::getExistingDirectory(
                this, tr("Folder of the target"),
                place ? QString::fromStdString(place->string()) : QString());
            if (!folder.isEmpty()) takeFolder(folder);
        }));
    }
    /// One beside or below the project is said so; any other one is this person's own.
    void takeFolder(const QString& wish) {
        const Target* target = chosen();
        if (!target) return;
        const std::string name = target->name;
        QString folder = wish;
        if (QDir::isAbsolutePath(folder)) {
            const QString relative = QDir(m_session.document.folder()).relativeFilePath(folder);
            const bool isNear =
                relative.count(QStringLiteral("../")) < 3 && !QDir::isAbsolutePath(relative);
            if (!isNear) {
                m_session.shipping.setOwnPlace(name, folder);
                return changeTarget([](Target& next) { next.to.clear(); });
            }
            folder = relative;
        }
        changeTarget([&](Target& next) { next.to = folder.toStdString(); });
    }
    void showPlace(const Target& target) {
        const auto place = m_session.shipping.placeOf(target);
        // What the field says needs no second line; its whole path stands in the tool tip.
        m_folder->setToolTip(
            place ? text(*place)
                  : tr("Relative to the project, so that it is the same for everybody"));
        m_place->setVisible(!place || target.to.empty());
        m_place->setText(place ? tr("%1, for you alone").arg(text(*place)) : told(place.error()));
        setTone(m_place, place ? currentTheme().quietInk : currentTheme().alarm);
    }
    [[nodiscard]] static QString text(const file::Path& path) {
        return QString::fromStdString(path.string());
    }

    void addLevels() {
        m_some = new Chip(tr("only some"), rowsHolder());
        m_some->setObjectName(QStringLiteral("target-some"));
        connect(m_some, &QAbstractButton::clicked, this, [this](bool isOn) {
            changeTarget([&](Target& target) {
                target.levels.clear();
                if (isOn) target.levels.push_back(m_session.document.level()->id);
            });
        });
        addControl(tr("Levels"), m_some);
        m_levels = new QListWidget(rowsHolder());
        m_levels->setObjectName(QStringLiteral("target-levels"));
        m_levels->setAccessibleName(tr("Levels of the target"));
        m_levels->setMaximumHeight(150);
        connect(m_levels, &QListWidget::itemChanged, this, [this] {
            std::vector<LevelId> levels;
            for (int i = 0; i < m_levels->count(); ++i)
                if (m_levels->item(i)->checkState() == Qt::Checked)
                    levels.push_back(
                        {m_levels->item(i)->data(Qt::UserRole).toString().toStdString()});
            // None at all would be all of them.
            if (levels.empty()) return refresh();
            changeTarget([&](Target& target) { target.levels = levels; });
        });
        addWide(m_levels);
    }
    void showLevels(const Target& target) {
        m_some->setChecked(!target.levels.empty());
        m_levels->setVisible(!target.levels.empty());
        const QSignalBlocker blocker(m_levels);
        const auto& all = m_session.document.project().levels;
        if (m_levels->count() != int(all.size())) {
            m_levels->clear();
            for (std::size_t i = 0; i < all.size(); ++i)
                new QListWidgetItem(m_levels);
        }
        for (std::size_t i = 0; i < all.size(); ++i) {
            QListWidgetItem* item = m_levels->item(int(i));
            item->setText(QString::fromStdString(all[i]->title));
            item->setData(Qt::UserRole, QString::fromStdString(all[i]->id.text));
            const bool isOf = std::find(target.levels.begin(), target.levels.end(), all[i]->id) !=
                              target.levels.end();
            item->setCheckState(isOf ? Qt::Checked : Qt::Unchecked);
        }
    }

    using Formats = QList<TargetFormat>;
    void addNumber(const QString& words, const char* name, int low, int high,
                   int TargetOptions::*member, const QString& suffix, const QString& zero,
                   const Formats& formats) {
        QSpinBox* box =
            makeNumberBox(QLatin1String(name), low, high, this, [this, member](int value) {
                changeTarget([&](Target& target) { target.options.*member = value; });
            });
        box->setFixedWidth(110);
        box->setKeyboardTracking(false);
        box->setAccessibleName(words);
        box->setSuffix(suffix);
        box->setSpecialValueText(zero);
        addControl(words, box);
        m_rows.append({box, formats});
        m_shows <<
            [box, member](const TargetOptions& options) { showNumber(box, options.*member); };
    }
    void addFlag(const QString& words, const QString& chip, const char* name,
                 bool TargetOptions::*member, const Formats& formats) {
        auto* box = new Chip(chip, rowsHolder());
        box->setObjectName(QLatin1String(name));
        connect(box, &QAbstractButton::clicked, this, [this, member](bool isOn) {
            changeTarget([&](Target& target) { target.options.*member = isOn; });
        });
        addControl(words, box);
        m_rows.append({box, formats});
        m_shows <<
            [box, member](const TargetOptions& options) { box->setChecked(options.*member); };
    }
    template <typename E>
    void addChoice(const QString& words, const char* name, int count, E TargetOptions::*member,
                   const Formats& formats) {
        QComboBox* box = makeChoiceBox(
            QLatin1String(name), namesUpTo<E>(count), this, [this, member](int value) {
                changeTarget(
                    [&](Target& target) { target.options.*member = static_cast<E>(value); });
            });
        box->setAccessibleName(words);
        addControl(words, box);
        m_rows.append({box, formats});
        m_shows << [box, member](const TargetOptions& options) {
            const QSignalBlocker blocker(box);
            box->setCurrentIndex(static_cast<int>(options.*member));
        };
    }

    void addLooks() {
        using enum TargetFormat;
        addFlag(tr("All levels"), tr("in one file"), "target-one-file", &TargetOptions::isOneFile,
                {TextGrid});
        addChoice(tr("Shows"), "target-shows", 3, &TargetOptions::shows, {Picture});
        addNumber(tr("Scale"), "target-scale", 1, level::maxPictureScale, &TargetOptions::scale,
                  tr(" px a px"), {}, {Picture});
        addFlag(tr("Zones"), tr("shown"), "target-zones", &TargetOptions::showsZones,
                {Picture, Plan, PlanBook});
        addFlag(tr("Reach"), tr("shown"), "target-reach", &TargetOptions::showsReach,
                {Picture, Plan, PlanBook});
        addChoice(tr("Paper"), "target-paper", 2, &TargetOptions::paper, {PlanBook});
        addNumber(tr("A cell"), "target-cell", 0, 500, &TargetOptions::cellTenths, tr(" / 10 mm"),
                  tr("as it fits"), {Plan, PlanBook});
        addNumber(tr("Masses are deep"), "target-depth", 1, 64, &TargetOptions::depth, tr(" cells"),
                  {}, {Model});
        addChoice(tr("Up is"), "target-up", 2, &TargetOptions::up, {Model});
        addNumber(tr("A unit is"), "target-unit-mm", 1, level::maxUnitMm, &TargetOptions::unitMm,
                  tr(" mm"), {}, {Model});
        addChoice(tr("As"), "target-report", 4, &TargetOptions::report, {Findings});
        addChoice(tr("y goes"), "target-y", 2, &TargetOptions::y, {Placements});
        addChoice(tr("Lengths in"), "target-unit", 2, &TargetOptions::unit, {Placements});
    }
    void addForms() {
        using enum TargetFormat;
        addChoice(tr("Collision"), "target-collision", 3, &TargetOptions::collision,
                  {Recipe, Model});
        addFlag(tr("Members"), tr("one by one"), "target-members", &TargetOptions::hasMembers,
                {Recipe});
        addChoice(tr("Tiles in"), "target-tile-rows", 2, &TargetOptions::tileRows, {Recipe});
        addNumber(tr("First tile is"), "target-first-tile", 0, 1, &TargetOptions::firstTile, {}, {},
                  {Recipe});
        addChoice(tr("No tile is"), "target-empty", 3, &TargetOptions::emptyTile, {Recipe});
        addChoice(tr("Flips"), "target-flips", 2, &TargetOptions::flips, {Recipe});
    }
    /// The scripts that lie below recipes/ of the project.
    void addRecipe() {
        m_recipe = makeChoiceBox(QStringLiteral("target-recipe"), {}, this, [this](int at) {
            const QString path = m_recipe->itemText(at);
            changeTarget([&](Target& target) { target.options.recipe = path.toStdString(); });
        });
        m_recipe->setAccessibleName(tr("Recipe"));
        addControl(tr("Recipe"), m_recipe);
        m_rows.append({m_recipe, {TargetFormat::Recipe}});
        m_shows << [this](const TargetOptions& options) {
            const QSignalBlocker blocker(m_recipe);
            QStringList scripts;
            const QDir folder(m_session.document.folder() + QStringLiteral("/recipes"));
            for (const QString& name : folder.entryList({QStringLiteral("*.lua")}, QDir::Files))
                scripts << QStringLiteral("recipes/") + name;
            const QString chosen = QString::fromStdString(options.recipe);
            if (!chosen.isEmpty() && !scripts.contains(chosen)) scripts << chosen;
            scripts.prepend(QString());
            setChoices(m_recipe, scripts);
            m_recipe->setCurrentIndex(int(scripts.indexOf(chosen)));
        };
    }

    QLineEdit* m_name = nullptr;
    QLineEdit* m_folder = nullptr;
    QLabel* m_place = nullptr;
    Chip* m_some = nullptr;
    QListWidget* m_levels = nullptr;
    QComboBox* m_recipe = nullptr;
    Chip* m_remove = nullptr;
    QList<std::pair<QWidget*, Formats>> m_rows;  ///< controls, and the formats that have them
    QList<std::function<void(const TargetOptions&)>> m_shows;
};

}  // namespace

PanelSection* makeTargetSection(Session& session, QWidget* parent) {
    return new TargetSection(session, parent);
}

}  // namespace rook::app
