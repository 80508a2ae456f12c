#include <QComboBox>

#include "app/pages/game_page.h"
#include "app/ui/buttons.h"
#include "app/ui/theme.h"
#include "app/ui/words.h"

namespace rook::app {

namespace {

/// Where the game begins, what follows its last level, and what a death costs.
class FlowSection : public PanelSection {
public:
    FlowSection(Session& session, QWidget* parent)
        : PanelSection(tr("From level to level"), {}, session, parent) {
        m_start = addBox(tr("Begins in"), "game-start", [this](int at) {
            changeGame(m_session, tr("Begin in another level"), [&](level::Game& game) {
                game.start = {at == 0 ? LevelId() : idAt(at - 1), {}};
            });
        });
        m_afterLast = addBox(tr("After the last level"), "game-after-last", [this](int at) {
            changeGame(m_session, tr("What follows the last level"), [&](level::Game& game) {
                using What = level::AfterLastWhat;
                game.afterLast = {};
                if (at == 1) game.afterLast.what = What::Again;
                if (at > 1) game.afterLast = {What::Level, idAt(at - 2), {}};
            });
        });
        m_lives = addBox(tr("A death takes one of"), "game-lives", [this](int at) {
            changeGame(m_session, tr("What a death costs"), [&](level::Game& game) {
                game.lives = at == 0 ? std::string() : game.tallies[std::size_t(at) - 1].name;
            });
        });
        auto* carried = new QHBoxLayout;
        carried->setSpacing(6);
        auto* name = new QLabel(tr("Carried on"), rowsHolder());
        name->setFont(sizedFont(-1));
        carried->addWidget(name);
        carried->addStretch();
        m_abilities =
            addCarried(carried, tr("abilities"), "carries-abilities", &level::Carries::abilities);
        m_abilities->setToolTip(
            tr("What a lasting pickup of any level grants is held nowhere "
               "until it was gained or carried."));
        m_keys = addCarried(carried, tr("keys"), "carries-keys", &level::Carries::keys);
        m_keys->setToolTip(tr("A key counts as every key of its kind and letter in later levels."));
        addWide(carried);
        m_mayLoop = new Chip(tr("Levels may lead round for ever"), rowsHolder());
        m_mayLoop->setObjectName(QStringLiteral("game-may-loop"));
        m_mayLoop->setToolTip(tr("Off: a game from which no exit leads to the end is a finding."));
        connect(m_mayLoop, &QAbstractButton::clicked, this, [this](bool isOn) {
            changeGame(m_session, tr("Levels that lead round"),
                       [isOn](level::Game& game) { game.mayLoop = isOn; });
        });
        auto* line = new QHBoxLayout;
        line->addWidget(m_mayLoop);
        line->addStretch();
        addWide(line);
        m_words = makeWords({}, this);
        m_words->setObjectName(QStringLiteral("game-findings"));
        addWide(m_words);
        connect(&session.projectCheck, &ProjectCheck::changed, this, [this] { showFindings(); });
    }

    void refresh() override {
        const level::Project& project = m_session.document.project();
        const level::Game& game = project.game;
        QStringList titles;
        for (const auto& level : project.levels)
            titles << QString::fromStdString(level->title);
        fill(m_start, QStringList{tr("the first level")} + titles,
             game.start.level.isEmpty() ? 0 : 1 + placeOf(game.start.level));
        fill(m_afterLast, QStringList{tr("the end"), tr("the game again")} + titles,
             game.afterLast.what == level::AfterLastWhat::Level ? 2 + placeOf(game.afterLast.level)
                                                                : int(game.afterLast.what));
        QStringList tallies{tr("nothing: it costs none")};
        int at = 0;
        for (const level::Tally& tally : game.tallies) {
            if (tally.name == game.lives) at = int(tallies.size());
            tallies << QString::fromStdString(tally.title);
        }
        fill(m_lives, tallies, at);
        m_mayLoop->setChecked(game.mayLoop);
        m_abilities->setChecked(game.carries.abilities);
        m_keys->setChecked(game.carries.keys);
        showFindings();
    }

private:
    QComboBox* addBox(const QString& words, const char* name, std::function<void(int)> act) {
        QComboBox* box = makeChoiceBox(QLatin1String(name), {}, this, std::move(act));
        box->setFixedWidth(190);
        addControl(words, box);
        return box;
    }
    Chip* addCarried(QHBoxLayout* line, const QString& words, const char* name,
                     bool level::Carries::*field) {
        auto* chip = new Chip(words, rowsHolder());
        chip->setObjectName(QLatin1String(name));
        chip->setAccessibleName(tr("Carry %1 from level to level").arg(words));
        connect(chip, &QAbstractButton::clicked, this, [this, field](bool isOn) {
            changeGame(m_session, tr("What is carried"),
                       [=](level::Game& game) { game.carries.*field = isOn; });
        });
        line->addWidget(chip);
        return chip;
    }
    static void fill(QComboBox* box, const QStringList& names, int at) {
        setChoices(box, names);
        box->setCurrentIndex(at);
    }
    [[nodiscard]] LevelId idAt(int place) const {
        return m_session.document.project().levels[std::size_t(place)]->id;
    }
    /// -1 and so no choice where it is gone.
    [[nodiscard]] int placeOf(const LevelId& id) const {
        const auto& levels = m_session.document.project().levels;
        for (std::size_t i = 0; i < levels.size(); ++i)
            if (levels[i]->id == id) return int(i);
        return -1000;
    }
    void showFindings() {
        constexpr std::size_t most = 8;
        const auto* findings = m_session.projectCheck.findings();
        setTone(m_words, currentTheme().quietInk);
        if (!findings) return m_words->setText(tr("Being looked at …"));
        QStringList lines;
        for (std::size_t i = 0; i < findings->size() && i < most; ++i)
            lines << told((*findings)[i].sentence) + u'.';
        if (findings->size() > most)
            lines << tr("And %1 more, in Ship.").arg(findings->size() - most);
        const bool hasErrors =
            std::any_of(findings->begin(), findings->end(), [](const check::ProjectFinding& each) {
                return each.severity == check::Severity::Error;
            });
        if (!lines.isEmpty())
            setTone(m_words, hasErrors ? currentTheme().alarm : currentTheme().caution);
        m_words->setText(lines.isEmpty() ? tr("✓ Nothing wrong between the levels, or in files.")
                                         : lines.join(u'\n'));
    }

    QComboBox* m_start;
    QComboBox* m_afterLast;
    QComboBox* m_lives;
    Chip* m_abilities;
    Chip* m_keys;
    Chip* m_mayLoop;
    QLabel* m_words;
};

}  // namespace

PanelSection* makeFlowSection(Session& session, QWidget* parent) {
    return new FlowSection(session, parent);
}

}  // namespace rook::app
