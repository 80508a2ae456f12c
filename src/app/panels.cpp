#include <QComboBox>
#include <QFileDialog>
#include <QLineEdit>
#include <QPushButton>
#include <QSpinBox>
#include <algorithm>
#include <functional>

#include "app/margin.h"
#include "app/margin_section.h"
#include "app/theme.h"

namespace rook::app {

namespace {

QString textOf(std::string_view text) {
    return QString::fromUtf8(text.data(), qsizetype(text.size()));
}

QVBoxLayout* makeColumn(QWidget* panel) {
    auto* column = new QVBoxLayout(panel);
    column->setContentsMargins(12, 4, 12, 12);
    column->setSpacing(0);
    return column;
}

class ShapePanel : public MarginPanel {
public:
    ShapePanel(Session& session, QWidget* parent) : MarginPanel(parent), m_session(session) {
        auto* column = makeColumn(this);
        m_matter = new MarginSection({}, tr("matter"), this);
        m_behaviour = m_matter->addValue(tr("Behaves as"));
        m_laid = m_matter->addValue(tr("Laid here"));
        m_selection = new MarginSection(tr("Selection"), tr("cells"), this);
        m_selected = m_selection->addValue(tr("Size"));
        m_place = m_selection->addValue(tr("From cell"));
        auto* reach = new MarginSection(tr("Reach while you draw"), {}, this);
        m_reach = reach;
        m_exit = reach->addValue(tr("Exit"));
        m_exit->setObjectName(QStringLiteral("exit-verdict"));
        m_things = reach->addValue(tr("Things reached"));
        m_findings = reach->addValue(tr("Findings"));
        auto* level = new MarginSection(tr("Level"), {}, this);
        m_title = new QLineEdit(level);
        m_title->setObjectName(QStringLiteral("level-title"));
        m_title->setMaxLength(80);
        m_title->setFixedWidth(150);
        connect(m_title, &QLineEdit::editingFinished, this, [this] { rename(); });
        level->addControl(tr("Title"), m_title);
        m_size = level->addValue(tr("Size"));
        m_cell = level->addValue(tr("Cell"));
        m_profile = level->addValue(tr("Moves as"));
        column->addWidget(m_selection);
        column->addWidget(m_matter);
        column->addWidget(reach);
        column->addWidget(level);
        column->addStretch();
    }

    void refresh() override {
        const level::Project& project = m_session.project();
        const level::Level& level = *m_session.level();
        const level::Matter& matter = project.matters[m_session.options().matter.index];
        m_matter->setTitle(QString::fromStdString(matter.title));
        m_behaviour->setText(textOf(level::nameOf(matter.behaviour)));
        m_laid->setText(laidText(level));
        const auto& cells = m_session.selection().cells;
        m_selection->setVisible(cells.has_value());
        if (cells) {
            m_selected->setText(tr("%1 × %2").arg(cells->width).arg(cells->height));
            m_place->setText(tr("%1, %2").arg(cells->x).arg(cells->y));
        }
        if (!m_title->hasFocus()) m_title->setText(QString::fromStdString(level.title));
        m_size->setText(tr("%1 × %2 cells").arg(level.cells.width()).arg(level.cells.height()));
        m_cell->setText(tr("%1 × %2 px").arg(level.cellSize.width).arg(level.cellSize.height));
        const level::MotionProfile* profile = project.profileOf(level);
        m_profile->setText(profile ? QString::fromStdString(profile->name) : tr("nothing"));
        refreshReach();
    }

private:
    /// Counted for levels up to a million cells: more would hold the pointer up.
    QString laidText(const level::Level& level) const {
        if (level.cells.bounds().area() > 1000000) return tr("not counted");
        const level::MatterId wanted = m_session.options().matter;
        std::int64_t count = 0;
        for (int y = 0; y < level.cells.height(); ++y)
            level.cells.forEachRunOfRow(y, [&](int, int length, const level::Cell* values) {
                for (int i = 0; i < length; ++i)
                    count += values[i].matter() == wanted ? 1 : 0;
            });
        return QString::fromStdString(level::cellCountText(count));
    }

    void refreshReach() {
        const Theme& theme = currentTheme();
        const auto proven = m_session.proven(m_session.level()->id);
        const bool isCurrent = m_session.isProofCurrent(m_session.level()->id);
        if (!proven || proven->error) {
            m_exit->setText(proven ? tr("not decided") : tr("being solved …"));
            setTone(m_exit, theme.quietInk);
            return;
        }
        const reach::Verdict& verdict = proven->answer.verdict;
        QString word;
        QColor tone = theme.alarm;
        switch (verdict.kind) {
            case reach::VerdictKind::Reached:
                word = tr("✓ reached");
                tone = theme.accent;
                break;
            case reach::VerdictKind::NotReached:
                word = tr("✕ not reached");
                break;
            case reach::VerdictKind::NotDecided:
                word = tr("not decided");
                tone = theme.caution;
                break;
            case reach::VerdictKind::NoStart:
                word = tr("no start yet");
                tone = theme.caution;
                break;
            case reach::VerdictKind::StartBlocked:
                word = tr("start is blocked");
                break;
            case reach::VerdictKind::NoExit:
                word = tr("no exit yet");
                tone = theme.caution;
                break;
        }
        m_exit->setText(word);
        setTone(m_exit, isCurrent ? tone : theme.quietInk);
        m_reach->setNote(isCurrent ? tr("%1 ms").arg(proven->answer.milliseconds, 0, 'f', 1)
                                   : tr("…"));
        const auto reached = std::count_if(verdict.goals.begin(), verdict.goals.end(),
                                           [](const reach::Goal& goal) { return goal.isReached; });
        m_things->setText(tr("%1 of %2").arg(reached).arg(verdict.goals.size()));
        m_findings->setText(proven->findings.empty()
                                ? tr("none")
                                : tr("%1, in Prove").arg(proven->findings.size()));
    }

    void rename() {
        const std::string title = m_title->text().trimmed().toStdString();
        if (title.empty() || title == m_session.level()->title) return;
        level::Level level = *m_session.level();
        level.title = title;
        m_session.apply({level, "Rename level to " + title, {}});
    }

    Session& m_session;
    MarginSection* m_matter;
    MarginSection* m_selection;
    MarginSection* m_reach;
    QLabel *m_behaviour, *m_laid, *m_selected, *m_place, *m_exit, *m_things, *m_findings;
    QLabel *m_size, *m_cell, *m_profile;
    QLineEdit* m_title;
};

/// The fields of one selected entity, or what the cast of the level is.
class CastPanel : public MarginPanel {
public:
    CastPanel(Session& session, QWidget* parent)
        : MarginPanel(parent), m_session(session), m_column(makeColumn(this)) {
        const auto& ids = session.selection().entities;
        if (ids.size() == 1)
            addEntity(ids[0]);
        else if (ids.size() > 1)
            addSeveral(int(ids.size()));
        addCounts();
        m_column->addStretch();
    }

    void refresh() override {
        for (const auto& refresher : m_refreshers)
            refresher();
    }

private:
    [[nodiscard]] const level::Entity* entity() const {
        return findEntity(*m_session.level(), m_id);
    }

    /// Applies a change to the selected entity as one named step; tells what is wrong with it.
    template <typename Change>
    void change(const QString& what, Change&& make) {
        const level::Entity* former = entity();
        if (!former) return;
        level::Entity next = *former;
        make(next);
        if (next == *former) return;
        const auto edit = changeEntity(
            *m_session.level(), next,
            tr("Change %1 of %2").arg(what, QString::fromStdString(m_id.text)).toStdString());
        if (!edit) {
            m_session.say(QString::fromStdString(edit.error().sentence()));
            refresh();
            return;
        }
        m_session.apply(*edit);
    }

    QSpinBox* addNumber(MarginSection* section, const QString& name, int low, int high,
                        const std::function<int(const level::Entity&)>& get,
                        const std::function<void(level::Entity&, int)>& set) {
        auto* box = new QSpinBox(section);
        box->setRange(low, high);
        box->setFixedWidth(110);
        box->setKeyboardTracking(false);
        box->setObjectName(QStringLiteral("field-") + name);
        connect(box, &QSpinBox::valueChanged, this, [this, name, set](int value) {
            change(name, [&](level::Entity& e) { set(e, value); });
        });
        m_refreshers << [this, box, get] {
            const QSignalBlocker blocker(box);
            if (const level::Entity* e = entity()) box->setValue(get(*e));
        };
        section->addControl(name, box);
        return box;
    }

    QComboBox* addChoice(MarginSection* section, const QString& name,
                         const QList<std::pair<QString, QString>>& choices,
                         const std::function<QString(const level::Entity&)>& get,
                         const std::function<void(level::Entity&, const QString&)>& set) {
        auto* box = new QComboBox(section);
        box->setFixedWidth(150);
        box->setObjectName(QStringLiteral("field-") + name);
        for (const auto& [text, value] : choices)
            box->addItem(text, value);
        connect(box, &QComboBox::activated, this, [this, box, name, set](int index) {
            const QString value = box->itemData(index).toString();
            change(name, [&](level::Entity& e) { set(e, value); });
        });
        m_refreshers << [this, box, get] {
            const level::Entity* e = entity();
            if (!e) return;
            const QString value = get(*e);
            // A value that nothing answers to is shown as it is, not replaced.
            if (box->findData(value) < 0) box->addItem(value + QStringLiteral(" ?"), value);
            box->setCurrentIndex(box->findData(value));
        };
        section->addControl(name, box);
        return box;
    }

    void addEntity(const EntityId& id) {
        m_id = id;
        const level::Entity* e = entity();
        const level::Kind* kind = e ? m_session.project().findKind(e->kind) : nullptr;
        if (!kind) return;
        auto* section = new MarginSection(QString::fromStdString(kind->title),
                                          QString::fromStdString(id.text), this);
        m_column->addWidget(section);
        const PxRect level = m_session.level()->boundsPx();
        addNumber(
            section, tr("x, px"), 0, level.width - e->box.width,
            [](const auto& entity) { return entity.box.x; },
            [](auto& entity, int value) { entity.box.x = value; });
        addNumber(
            section, tr("y, px"), 0, level.height - e->box.height,
            [](const auto& entity) { return entity.box.y; },
            [](auto& entity, int value) { entity.box.y = value; });
        if (kind->role == level::Role::Spawn) {
            addChoice(
                section, tr("Facing"),
                {{tr("left"), QStringLiteral("left")}, {tr("right"), QStringLiteral("right")}},
                [](const auto& entity) { return textOf(level::nameOf(entity.facing)); },
                [](auto& entity, const QString& value) {
                    entity.facing = *level::fromName<level::Facing>(value.toStdString());
                });
        }
        if (kind->role == level::Role::Exit) addTarget(section);
        for (const level::FieldDefinition& field : kind->fields)
            addField(section, field);
        section->addWide(makeWords(tr("Arrows nudge by a cell, with Shift by a px."), section));
    }

    void addTarget(MarginSection* section) {
        QList<std::pair<QString, QString>> levels{{tr("the end"), QString()}};
        for (const auto& level : m_session.project().levels)
            levels << std::pair(QString::fromStdString(level->title),
                                QString::fromStdString(level->id.text));
        addChoice(
            section, tr("Leads to"), levels,
            [](const auto& entity) { return QString::fromStdString(entity.to.level.text); },
            [](auto& entity, const QString& value) {
                entity.to = {{value.toStdString()}, {}};
            });
    }

    static void setField(level::Entity& entity, const std::string& name, level::FieldValue value) {
        for (auto& [key, slot] : entity.fields) {
            if (key != name) continue;
            slot = std::move(value);
            return;
        }
        entity.fields.emplace_back(name, std::move(value));
    }

    void addField(MarginSection* section, const level::FieldDefinition& field) {
        const QString name = QString::fromStdString(field.name);
        switch (field.type) {
            case level::FieldType::WholeNumber:
                addNumber(
                    section, name, -1000000, 1000000,
                    [field](const auto& entity) {
                        return int(std::get<std::int64_t>(fieldOf(entity, field)));
                    },
                    [field](auto& entity, int value) {
                        setField(entity, field.name, std::int64_t{value});
                    });
                return;
            case level::FieldType::YesNo:
                addChoice(
                    section, name,
                    {{tr("no"), QStringLiteral("no")}, {tr("yes"), QStringLiteral("yes")}},
                    [field](const auto& entity) {
                        return std::get<bool>(fieldOf(entity, field)) ? QStringLiteral("yes")
                                                                      : QStringLiteral("no");
                    },
                    [field](auto& entity, const QString& value) {
                        setField(entity, field.name, value == QLatin1String("yes"));
                    });
                return;
            case level::FieldType::Text: {
                auto* line = new QLineEdit(section);
                line->setFixedWidth(150);
                connect(line, &QLineEdit::editingFinished, this, [this, line, field, name] {
                    change(name, [&](level::Entity& e) {
                        setField(e, field.name, line->text().toStdString());
                    });
                });
                m_refreshers << [this, line, field] {
                    if (const level::Entity* e = entity(); e && !line->hasFocus())
                        line->setText(
                            QString::fromStdString(std::get<std::string>(fieldOf(*e, field))));
                };
                section->addControl(name, line);
                return;
            }
        }
    }

    void addSeveral(int count) {
        auto* section =
            new MarginSection(tr("Selection"), counted(count, tr("entity"), tr("entities")), this);
        section->addWide(
            makeWords(tr("Drag or nudge them together; Delete removes them."), section));
        m_column->addWidget(section);
    }

    void addCounts() {
        auto* section = new MarginSection(tr("Cast of this level"), {}, this);
        for (const level::Kind& kind : m_session.project().kinds) {
            QLabel* value = section->addValue(QString::fromStdString(kind.title));
            m_refreshers << [this, value, id = kind.id] {
                const auto& list = m_session.level()->entities;
                value->setText(QString::number(std::count_if(
                    list.begin(), list.end(), [&](const auto& e) { return e.kind == id; })));
            };
        }
        m_column->addWidget(section);
    }

    Session& m_session;
    QVBoxLayout* m_column;
    EntityId m_id;
    QList<std::function<void()>> m_refreshers;
};

class ShipPanel : public MarginPanel {
public:
    ShipPanel(Session& session, QWidget* parent) : MarginPanel(parent), m_session(session) {
        auto* column = makeColumn(this);
        auto* section = new MarginSection(tr("Export"), tr("the bundle a game loads"), this);
        m_target = new QLineEdit(section);
        m_target->setObjectName(QStringLiteral("export-folder"));
        m_target->setAccessibleName(tr("Folder to export to"));
        m_target->setPlaceholderText(tr("Folder of the bundle"));
        if (!session.folder().isEmpty())
            m_target->setText(session.folder() + QStringLiteral("-bundle"));
        auto* choose = new QPushButton(tr("Choose …"), section);
        connect(choose, &QPushButton::clicked, this, [this] {
            const QString folder = QFileDialog::getExistingDirectory(
                this, tr("Folder of the bundle"), m_target->text());
            if (!folder.isEmpty()) m_target->setText(folder);
        });
        auto* write = new QPushButton(tr("Export"), section);
        write->setObjectName(QStringLiteral("export"));
        connect(write, &QPushButton::clicked, this, [this] { write_(); });
        auto* buttons = new QHBoxLayout;
        buttons->setSpacing(8);
        buttons->addWidget(choose);
        buttons->addWidget(write);
        buttons->addStretch();
        m_outcome = makeWords({}, section);
        section->addWide(m_target);
        section->addWide(buttons);
        section->addWide(m_outcome);
        m_written = new MarginSection(tr("Written"), {}, this);
        m_files = makeWords({}, m_written);
        m_files->setObjectName(QStringLiteral("written"));
        m_written->addWide(m_files);
        m_order = new MarginSection(tr("Order of play"), {}, this);
        m_levels = makeWords({}, m_order);
        m_order->addWide(m_levels);
        column->addWidget(section);
        column->addWidget(m_written);
        column->addWidget(m_order);
        column->addStretch();
    }

    void refresh() override {
        refreshOutcome();
        const auto& written = m_session.lastExport();
        m_written->setVisible(!written.empty());
        m_written->setNote(m_session.isExportCurrent() ? tr("up to date")
                                                       : tr("older than the project"));
        QStringList lines;
        for (const auto& one : written)
            lines << tr("%1  ·  %2 bytes").arg(QString::fromStdString(one.path)).arg(one.bytes);
        m_files->setText(lines.join(QLatin1Char('\n')));
        QStringList levels;
        std::size_t open = 0;
        for (const auto& level : m_session.project().levels) {
            levels << tr("%1  %2").arg(levels.size() + 1).arg(QString::fromStdString(level->title));
            if (const auto proven = m_session.proven(level->id)) open += proven->findings.size();
        }
        m_levels->setText(levels.join(QLatin1Char('\n')));
        m_order->setNote(
            open == 0 ? tr("no findings")
                      : tr("%1 open").arg(counted(qsizetype(open), tr("finding"), tr("findings"))));
    }

private:
    void write_() {
        if (m_target->text().trimmed().isEmpty()) {
            m_outcome->setText(tr("Choose a folder first."));
            return;
        }
        if (m_session.folder().isEmpty()) {
            m_outcome->setText(
                tr("Save the project first: its sheets are copied from its folder."));
            return;
        }
        m_outcome->setText(tr("Exporting …"));
        setTone(m_outcome, currentTheme().quietInk);
        m_isAsked = true;
        m_session.exportInBackground(m_target->text().trimmed());
    }

    void refreshOutcome() {
        if (!m_isAsked || m_session.isWriting()) return;
        const auto& error = m_session.exportError();
        const auto count = qsizetype(m_session.lastExport().size());
        m_outcome->setText(error ? QString::fromStdString(error->sentence())
                                 : tr("Wrote %1.").arg(counted(count, tr("file"), tr("files"))));
        setTone(m_outcome, error ? currentTheme().alarm : currentTheme().accent);
    }

    Session& m_session;
    bool m_isAsked = false;  ///< an export was asked for here
    QLineEdit* m_target;
    QLabel* m_outcome;
    MarginSection* m_written;
    QLabel* m_files;
    MarginSection* m_order;
    QLabel* m_levels;
};

class EmptyPanel : public MarginPanel {
public:
    EmptyPanel(Session& session, QWidget* parent) : MarginPanel(parent) {
        const bool isSketch = session.step() == Step::Sketch;
        auto* column = makeColumn(this);
        auto* section = new MarginSection(isSketch ? tr("Sketch") : tr("Skin"),
                                          tr("not in this version"), this);
        section->addWide(makeWords(
            isSketch
                ? tr("The plan of the level belongs here: its border, the route through it and "
                     "what stands in the way.")
                : tr("The dressing of the masses belongs here, learned from a swatch. What you see "
                     "is each matter's plain tile, as it is exported today."),
            section));
        column->addWidget(section);
        column->addStretch();
    }
    void refresh() override {}
};

}  // namespace

MarginPanel* makeShapePanel(Session& session, QWidget* parent) {
    return new ShapePanel(session, parent);
}
MarginPanel* makeCastPanel(Session& session, QWidget* parent) {
    return new CastPanel(session, parent);
}
MarginPanel* makeShipPanel(Session& session, QWidget* parent) {
    return new ShipPanel(session, parent);
}
MarginPanel* makeEmptyPanel(Session& session, QWidget* parent) {
    return new EmptyPanel(session, parent);
}

}  // namespace rook::app
