#include "app/pages/settings_page.h"

#include <QApplication>
#include <QDesktopServices>
#include <QDir>
#include <QKeySequenceEdit>
#include <QLineEdit>
#include <QSettings>
#include <QStandardPaths>
#include <QUrl>

#include "app/ui/buttons.h"
#include "app/ui/controls.h"
#include "app/ui/key_choices.h"
#include "app/ui/margin_row.h"
#include "app/ui/theme.h"
#include "app/ui/words.h"

namespace rook::app {

namespace {

QString sizeKey() {
    return QStringLiteral("textPercent");
}

/// In the order of their choices; empty = as the desktop.
constexpr QLatin1String languages[] = {QLatin1String(""), QLatin1String("en"), QLatin1String("de")};

class LookSection : public PanelSection {
public:
    LookSection(Session& session, std::function<void()> themeChosen, QWidget* parent)
        : PanelSection(tr("Look"), {}, session, parent) {
        m_theme = makeChoiceBox(
            QStringLiteral("settings-theme"), {tr("As the desktop"), tr("Day"), tr("Night")}, this,
            [themeChosen = std::move(themeChosen)](int choice) {
                if (choice == 0)
                    QSettings().remove(StartSettings::nightKey());
                else
                    QSettings().setValue(StartSettings::nightKey(), choice == 2);
                themeChosen();
            });
        addControl(tr("Theme"), m_theme);
        QStringList sizes;
        for (const int percent : StartSettings::sizes)
            sizes << tr("%1 %").arg(percent);
        m_size = makeChoiceBox(QStringLiteral("settings-size"), sizes, this, [this](int choice) {
            StartSettings::setTextPercent(StartSettings::sizes[choice]);
            refresh();
        });
        addControl(tr("Texts and controls"), m_size);
        // Each says itself in its own words, so that one finds back.
        m_language = makeChoiceBox(
            QStringLiteral("settings-language"),
            {tr("As the desktop"), QStringLiteral("English"), QStringLiteral("Deutsch")}, this,
            [this](int choice) {
                StartSettings::setLanguage(languages[choice]);
                refresh();
            });
        addControl(tr("Language"), m_language);
        m_words = makeWords({}, this);
        m_words->setObjectName(QStringLiteral("settings-size-words"));
        addWide(m_words);
        m_atStart = StartSettings::textPercent();
        m_languageAtStart = StartSettings::language();
    }
    void refresh() override {
        const QSettings settings;
        m_theme->setCurrentIndex(!settings.contains(StartSettings::nightKey())        ? 0
                                 : settings.value(StartSettings::nightKey()).toBool() ? 2
                                                                                      : 1);
        const int percent = StartSettings::textPercent();
        m_size->setCurrentIndex(int(
            std::find(std::begin(StartSettings::sizes), std::end(StartSettings::sizes), percent) -
            std::begin(StartSettings::sizes)));
        const QString language = StartSettings::language();
        m_language->setCurrentIndex(
            int(std::find(std::begin(languages), std::end(languages), language) -
                std::begin(languages)));
        m_words->setText(percent == m_atStart && language == m_languageAtStart
                             ? tr("The board has a zoom of its own: Ctrl and + or -, or the wheel.")
                             : tr("This takes hold when the window is opened next."));
    }

private:
    QComboBox* m_theme;
    QComboBox* m_size;
    QComboBox* m_language;
    QLabel* m_words;
    int m_atStart;
    QString m_languageAtStart;
};

/// A folder, as words that can be taken, and a button that opens it.
class FilesSection : public PanelSection {
public:
    FilesSection(Session& session, QWidget* parent)
        : PanelSection(tr("Where files lie"), {}, session, parent) {
        m_project = addFolder(tr("Project"), "settings-project");
        m_kept = addFolder(tr("Work that is not saved yet"), "settings-kept");
        m_data = addFolder(tr("Your copy of the demo"), "settings-data");
        m_settings = addFolder(tr("Settings"), "settings-file");
    }
    void refresh() override {
        const QString kept = m_session.autosave.folder();
        show(m_project, m_session.document.folder(), tr("not saved yet"));
        show(m_kept, kept, tr("nowhere: nothing is unsaved"));
        show(m_data,
             QStandardPaths::writableLocation(QStandardPaths::GenericDataLocation) +
                 QStringLiteral("/rookplot/demo"),
             {});
        show(m_settings, QFileInfo(QSettings().fileName()).absolutePath(), {});
    }

private:
    struct Row {
        QLabel* path;
        QWidget* button;
    };
    Row addFolder(const QString& name, const char* objectName) {
        auto* label = new QLabel(name, this);
        label->setFont(sizedFont(-1, QFont::DemiBold));
        addWide(label);
        auto* path = makeWords({}, this);
        path->setObjectName(QLatin1String(objectName));
        path->setTextInteractionFlags(Qt::TextSelectableByMouse | Qt::TextSelectableByKeyboard);
        path->setAccessibleName(name);
        QWidget* button = makeButton(
            tr("Open"), QLatin1String(objectName) + QStringLiteral("-open"), this, [path] {
                QDesktopServices::openUrl(QUrl::fromLocalFile(path->property("folder").toString()));
            });
        button->setAccessibleName(tr("Open the folder: %1").arg(name));
        auto* line = new QHBoxLayout;
        line->addWidget(path, 1);
        line->addWidget(button, 0, Qt::AlignTop);
        addWide(line);
        return {path, button};
    }
    static void show(const Row& row, const QString& folder, const QString& otherwise) {
        // What lies at home is told as people tell it.
        QString shown = folder;
        if (folder.startsWith(QDir::homePath() + u'/'))
            shown = u'~' + folder.mid(QDir::homePath().size());
        row.path->setProperty("folder", folder);
        row.path->setText(folder.isEmpty() ? otherwise : shown);
        row.button->setEnabled(!folder.isEmpty() && QDir(folder).exists());
    }
    Row m_project, m_kept, m_data, m_settings;
};

class ActionKeysSection : public PanelSection {
public:
    ActionKeysSection(Session& session, const QList<QAction*>& actions, QWidget* parent)
        : PanelSection(tr("Keys"), {}, session, parent), m_actions(actions) {
        m_words = makeWords(tr("Click a field, then press the keys. Tools keep A S D F G."), this);
        m_words->setObjectName(QStringLiteral("settings-key-words"));
        addWide(m_words);
        for (QAction* action : actions)
            if (!action->text().isEmpty() && !action->objectName().isEmpty()) addAction(action);
    }
    void refresh() override {
        for (const Row& row : m_rows) {
            const QSignalBlocker blocker(row.edit);
            row.edit->setKeySequence(row.action->shortcut());
            // Which sets words of its own each time.
            if (auto* typed = row.edit->findChild<QLineEdit*>())
                typed->setPlaceholderText(tr("none"));
            row.back->setEnabled(hasChosenKey(row.action));
        }
    }

private:
    struct Row {
        QAction* action;
        QKeySequenceEdit* edit;
        IconToggle* back;
    };
    void addAction(QAction* action) {
        const QString name = action->property("plainText").toString().isEmpty()
                                 ? action->text().remove(u'&')
                                 : action->property("plainText").toString();
        auto* label = new QLabel(name, this);
        label->setFont(sizedFont(-1));
        label->setWordWrap(true);
        auto* edit = new QKeySequenceEdit(this);
        edit->setObjectName(QStringLiteral("key-of-") + action->objectName());
        edit->setAccessibleName(tr("Keys for: %1").arg(name));
        edit->setFixedWidth(128);
        label->setBuddy(edit);
        auto* back = new IconToggle(QStringLiteral("remove"), QStringLiteral("remove"),
                                    tr("The given keys again"), this);
        back->setObjectName(QStringLiteral("key-of-%1-back").arg(action->objectName()));
        back->setCheckable(false);
        auto* line = new QHBoxLayout;
        line->setSpacing(6);
        line->addWidget(label, 1);
        line->addWidget(edit);
        line->addWidget(back);
        addWide(line);
        connect(edit, &QKeySequenceEdit::editingFinished, this,
                [this, action, edit] { take(action, edit->keySequence()); });
        connect(back, &QAbstractButton::clicked, this, [this, action] {
            giveStandardKey(action);
            refresh();
        });
        m_rows.push_back({action, edit, back});
    }
    void take(QAction* action, const QKeySequence& typed) {
        // One stroke each: what is typed after it is another try.
        const QKeySequence keys = typed.isEmpty() ? typed : QKeySequence(typed[typed.count() - 1]);
        const QString why = chooseKey(action, keys, m_actions);
        m_words->setText(
            why.isEmpty()
                ? tr("%1 has %2 now.")
                      .arg(action->text().remove(u'&'),
                           keys.isEmpty() ? tr("no key") : keys.toString(QKeySequence::NativeText))
                : why);
        refresh();
    }

    QList<QAction*> m_actions;
    std::vector<Row> m_rows;
    QLabel* m_words;
};

class AboutSection : public PanelSection {
public:
    AboutSection(Session& session, QWidget* parent)
        : PanelSection(tr("Rook Plot"), {}, session, parent) {
        addValue(tr("Version"))->setText(QApplication::applicationVersion());
        addValue(tr("Window"))->setText(QStringLiteral("Qt ") + QLatin1String(qVersion()));
        addWide(
            makeWords(tr("Rook Plot is for level designers. Every verdict is proven: a yes comes "
                         "with a run that replays, tick by tick; a no means that every pixel "
                         "was tried."),
                      this));
        addWide(makeWords(tr("Made with Qt, nlohmann-json, CLI11, tl-expected, libspng, zlib, "
                             "libsodium, libnoise, libcsv, Lua, Pango, Cairo, Poppler, TinyGLTF, "
                             "tinyobjloader, SDL and libwebsockets, each under its own licence. "
                             "Rook Plot's own licence is not chosen yet."),
                          this));
    }
    void refresh() override {}
};

}  // namespace

int StartSettings::textPercent() {
    const int percent = QSettings().value(sizeKey(), 100).toInt();
    const bool isKnown = std::find(std::begin(sizes), std::end(sizes), percent) != std::end(sizes);
    return isKnown ? percent : 100;
}

QString StartSettings::language() {
    const QString code = QSettings().value(QStringLiteral("language")).toString();
    const bool isKnown =
        std::find(std::begin(languages), std::end(languages), code) != std::end(languages);
    return isKnown ? code : QString();
}

void StartSettings::setLanguage(const QString& code) {
    if (code.isEmpty())
        QSettings().remove(QStringLiteral("language"));
    else
        QSettings().setValue(QStringLiteral("language"), code);
}

QLocale StartSettings::locale() {
    const QString code = language();
    return code.isEmpty() ? QLocale::system() : QLocale(code);
}

void StartSettings::setTextPercent(int percent) {
    QSettings().setValue(sizeKey(), percent);
}

SettingsPage::SettingsPage(Session& session, const QList<QAction*>& actions, QWidget* parent)
    : Page(session, tr("Settings"), parent) {
    setObjectName(QStringLiteral("settings-page"));
    setWords(tr("Settings"), tr("yours alone: they are in no project"));
    QVBoxLayout* first = addColumn();
    add(first, new LookSection(
                   session, [this] { Q_EMIT themeChosen(); }, this));
    add(first, new FilesSection(session, this));
    add(addColumn(), new ActionKeysSection(session, actions, this));
}

AboutPage::AboutPage(Session& session, QWidget* parent)
    : Page(session, tr("About Rook Plot"), parent) {
    setObjectName(QStringLiteral("about-page"));
    add(addColumn(), new AboutSection(session, this));
    add(addColumn(), new FilesSection(session, this));
}

}  // namespace rook::app
