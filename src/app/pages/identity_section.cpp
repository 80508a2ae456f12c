#include <QLineEdit>

#include "app/pages/level_sheet.h"
#include "app/ui/color_field.h"
#include "app/ui/theme.h"
#include "level/level_edits.h"
#include "level/level_kinds.h"
#include "level/running_order.h"

namespace rook::app {

namespace {

/// What a level is called, its colour, and what it is made of.
class IdentitySection : public PanelSection {
public:
    IdentitySection(Session& session, QWidget* parent)
        : PanelSection(tr("Level"), {}, session, parent) {
        m_title = addLine(tr("Title"), "sheet-title", 80, [this](const QString& text) {
            if (!text.trimmed().isEmpty())
                m_session.document.apply(renameLevel(level(), text.trimmed().toStdString()));
        });
        m_id = addLine(tr("Id, in files and for the game"), "sheet-id", 64,
                       [this](const QString& text) { changeId(text); });
        m_id->setToolTip(tr("Exits and fields that name the level are renamed with it."));
        m_color = new QLineEdit(rowsHolder());
        m_color->setObjectName(QStringLiteral("sheet-color"));
        m_color->setMaxLength(7);
        connect(m_color, &QLineEdit::editingFinished, this, [this] { changeColor(); });
        QWidget* color = withColorPicker(m_color, this);
        color->setFixedWidth(wide);
        m_color->setAccessibleName(tr("Colour behind"));
        addControl(tr("Colour behind"), color);
        m_below = new QLineEdit(rowsHolder());
        m_below->setObjectName(QStringLiteral("sheet-color-below"));
        m_below->setMaxLength(20);
        m_below->setAccessibleName(tr("Colour behind, at the lower edge"));
        m_below->setPlaceholderText(tr("the same"));
        connect(m_below, &QLineEdit::editingFinished, this, &IdentitySection::changeBelow);
        QWidget* below = withColorPicker(m_below, this);
        below->setFixedWidth(wide);
        addControl(tr("At the lower edge"), below);
        m_music =
            addLine(tr("Music, for the game"), "sheet-music", 200, [this](const QString& text) {
                change(tr("Change the music"),
                       [&](level::Level& l) { l.music = text.trimmed().toStdString(); });
            });
        m_kit = makeChoiceBox(QStringLiteral("sheet-kit"), {}, this, [this](int at) {
            m_session.document.apply(
                setKit(level(), m_session.document.project().kits[std::size_t(at)].name));
        });
        m_kit->setFixedWidth(wide);
        addControl(tr("Kit"), m_kit);
    }

    void refresh() override {
        const level::Project& project = m_session.document.project();
        show(m_title, level().title);
        show(m_id, level().id.text);
        show(m_color, level().background);
        show(m_below, level().backgroundBelow);
        show(m_music, level().music);
        const bool isOfPieces = level::traitsOf(level().kind).isOfPieces;
        showRow(m_kit, isOfPieces);
        if (!isOfPieces) return;
        QStringList names;
        int at = 0;
        for (const level::Kit& kit : project.kits) {
            if (kit.name == level().kit) at = int(names.size());
            names << QString::fromStdString(kit.title);
        }
        setChoices(m_kit, names);
        m_kit->setCurrentIndex(at);
    }

private:
    static constexpr int wide = 180;

    [[nodiscard]] const level::Level& level() const { return *m_session.document.level(); }
    template <typename Change>
    void change(const QString& name, Change&& act) {
        m_session.document.apply(
            changeLevel(level(), name.toStdString(), std::forward<Change>(act)));
    }
    QLineEdit* addLine(const QString& words, const char* name, int most,
                       const std::function<void(const QString&)>& act) {
        auto* line = new QLineEdit(rowsHolder());
        line->setObjectName(QLatin1String(name));
        line->setMaxLength(most);
        line->setFixedWidth(wide);
        connect(line, &QLineEdit::editingFinished, this, [this, line, act] {
            if (line->isModified()) act(line->text());
            line->setModified(false);
            refresh();
        });
        addControl(words, line);
        return line;
    }
    static void show(QLineEdit* line, const std::string& text) {
        if (!line->isModified()) line->setText(QString::fromStdString(text));
    }
    void changeId(const QString& text) {
        const LevelId to{text.trimmed().toStdString()};
        if (m_session.document.apply(
                level::changeLevelId(m_session.document.project(), level().id, to)))
            m_session.document.chooseLevel(to);
    }
    void changeColor() {
        const QColor color = QColor::fromString(m_color->text().trimmed());
        if (color.isValid() && color.name().toStdString() != level().background)
            change(tr("Colour behind the level"),
                   [&](level::Level& l) { l.background = color.name().toStdString(); });
        m_color->setModified(false);
        refresh();
    }

    /// Empty: one colour all over.
    void changeBelow() {
        const QString text = m_below->text().trimmed();
        const QColor color = QColor::fromString(text);
        const std::string name = color.isValid() ? color.name().toStdString() : std::string();
        if ((color.isValid() || text.isEmpty()) && name != level().backgroundBelow)
            change(tr("Colour behind the level"),
                   [&](level::Level& l) { l.backgroundBelow = name; });
        m_below->setModified(false);
        refresh();
    }

    QLineEdit* m_title;
    QLineEdit* m_id;
    QLineEdit* m_color;
    QLineEdit* m_below;
    QLineEdit* m_music;
    QComboBox* m_kit;
};

}  // namespace

PanelSection* makeIdentitySection(Session& session, QWidget* parent) {
    return new IdentitySection(session, parent);
}

}  // namespace rook::app
