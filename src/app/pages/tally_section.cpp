#include <QComboBox>
#include <QLineEdit>
#include <QSpinBox>

#include "app/pages/game_page.h"
#include "app/pages/list_section.h"
#include "app/ui/buttons.h"
#include "app/ui/margin_row.h"
#include "app/ui/theme.h"
#include "app/ui/words.h"

namespace rook::app {

namespace {

using level::Tally;

/// One tally: what it is called, from what to what it counts, and what grows with it.
class TallyRow : public QWidget {
public:
    using Change = std::function<void(const std::function<void(Tally&)>&)>;

    TallyRow(std::size_t place, Session& session, Change change, std::function<void()> remove,
             QWidget* parent)
        : QWidget(parent), m_session(session), m_change(std::move(change)) {
        const auto name = [&](const char* what) {
            return QStringLiteral("tally-%1-%2").arg(place).arg(QLatin1String(what));
        };
        auto* rows = new QVBoxLayout(this);
        rows->setContentsMargins(0, 0, 0, 6);
        rows->setSpacing(4);
        auto* line = new QHBoxLayout;
        line->setSpacing(6);
        m_title = new QLineEdit(this);
        m_title->setObjectName(name("title"));
        m_title->setAccessibleName(tr("What it is called"));
        m_title->setFixedWidth(120);
        m_title->setMaxLength(40);
        connect(m_title, &QLineEdit::editingFinished, this, [this] {
            if (!m_title->isModified()) return;
            const std::string title = m_title->text().trimmed().toStdString();
            m_title->setModified(false);
            m_change([&title](Tally& tally) { tally.title = title; });
        });
        line->addWidget(m_title);
        m_start = addNumber(line, name("start"), tr("from"), &Tally::start);
        m_least = addNumber(line, name("least"), tr("least"), &Tally::least);
        m_most = addNumber(line, name("most"), tr("most"), &Tally::most);
        m_keeps = makeChoiceBox(
            name("keeps"), {tr("for the game"), tr("anew in each level")}, this, [this](int at) {
                m_change([at](Tally& tally) { tally.keeps = static_cast<level::Keeps>(at); });
            });
        m_keeps->setAccessibleName(tr("For how long it counts"));
        m_keeps->setFixedWidth(140);
        m_shown = new Chip(tr("shown"), this);
        m_shown->setObjectName(name("shown"));
        connect(m_shown, &QAbstractButton::clicked, this,
                [this](bool isOn) { m_change([isOn](Tally& tally) { tally.isShown = isOn; }); });
        auto* away = new IconToggle(QStringLiteral("remove"), QStringLiteral("remove"),
                                    tr("Take this tally away"), this);
        away->setObjectName(name("remove"));
        away->setCheckable(false);
        connect(away, &QAbstractButton::clicked, this, std::move(remove));
        line->addWidget(m_keeps);
        line->addWidget(m_shown);
        line->addStretch();
        line->addWidget(away);
        rows->addLayout(line);
        rows->addLayout(makeEvery(name("every-step"), name("every-tally"), name("every-add")));
    }

    void show(const Tally& tally) {
        if (!m_title->isModified()) m_title->setText(QString::fromStdString(tally.title));
        showNumber(m_start, tally.start);
        showNumber(m_least, tally.least);
        showNumber(m_most, tally.most);
        m_keeps->setCurrentIndex(int(tally.keeps));
        m_shown->setChecked(tally.isShown);
        QStringList names{tr("nothing grows with it")};
        m_others.clear();
        for (const Tally& other : m_session.document.project().game.tallies) {
            if (other.name == tally.name) continue;
            m_others.push_back(other.name);
            names << tr("grows %1").arg(QString::fromStdString(other.title));
        }
        setChoices(m_everyTally, names);
        const bool has = !tally.every.empty();
        const auto found = has ? std::find(m_others.begin(), m_others.end(), tally.every[0].tally)
                               : m_others.end();
        m_everyTally->setCurrentIndex(found == m_others.end() ? 0
                                                              : int(found - m_others.begin()) + 1);
        for (QWidget* each :
             std::initializer_list<QWidget*>{m_everyWords, m_everyStep, m_byWords, m_everyAdd})
            each->setVisible(has);
        if (!has) return;
        showNumber(m_everyStep, tally.every[0].step);
        showNumber(m_everyAdd, tally.every[0].add);
    }

private:
    QLabel* addWord(QHBoxLayout* line, const QString& text) {
        auto* label = new QLabel(text, this);
        label->setFont(sizedFont(-1));
        label->setForegroundRole(QPalette::PlaceholderText);
        line->addWidget(label);
        return label;
    }
    QSpinBox* addNumber(QHBoxLayout* line, const QString& name, const QString& words,
                        int Tally::*field) {
        addWord(line, words);
        QSpinBox* box = makeNumberBox(
            name, -level::greatestTally, level::greatestTally, this,
            [this, field](int value) { m_change([=](Tally& tally) { tally.*field = value; }); });
        box->setFixedWidth(84);
        box->setAccessibleName(words);
        line->addWidget(box);
        return box;
    }
    QHBoxLayout* makeEvery(const QString& step, const QString& tally, const QString& add) {
        auto* line = new QHBoxLayout;
        line->setSpacing(6);
        line->setContentsMargins(0, 0, 0, 0);
        m_everyTally = makeChoiceBox(tally, {}, this, [this](int at) {
            const std::string other = at <= 0 ? std::string() : m_others[std::size_t(at) - 1];
            m_change([&other](Tally& t) {
                if (other.empty()) return t.every.clear();
                if (t.every.empty()) t.every.emplace_back();
                t.every[0].tally = other;
            });
        });
        m_everyTally->setAccessibleName(tr("What grows with it"));
        m_everyTally->setFixedWidth(170);
        line->addWidget(m_everyTally);
        m_byWords = addWord(line, tr("by"));
        m_everyAdd = makeNumberBox(add, -10000, 10000, this, [this](int value) {
            m_change([value](Tally& t) {
                if (!t.every.empty()) t.every[0].add = value;
            });
        });
        line->addWidget(m_everyAdd);
        m_everyWords = addWord(line, tr("each time that it passes"));
        m_everyStep = makeNumberBox(step, 1, level::greatestTally, this, [this](int value) {
            m_change([value](Tally& t) {
                if (!t.every.empty()) t.every[0].step = value;
            });
        });
        m_everyStep->setFixedWidth(84);
        line->addWidget(m_everyStep);
        line->addStretch();
        return line;
    }

    Session& m_session;
    Change m_change;
    QLineEdit* m_title;
    QSpinBox* m_start;
    QSpinBox* m_least;
    QSpinBox* m_most;
    QComboBox* m_keeps;
    Chip* m_shown;
    QComboBox* m_everyTally = nullptr;
    QLabel* m_byWords = nullptr;
    QSpinBox* m_everyAdd = nullptr;
    QLabel* m_everyWords = nullptr;
    QSpinBox* m_everyStep = nullptr;
    std::vector<std::string> m_others;  ///< that `m_everyTally` shows
};

/// What the game counts.
class TallySection final : public ListSection<Tally, TallyRow> {
public:
    TallySection(Session& session, QWidget* parent)
        : ListSection({tr("Tallies"), tr("what the game counts"), tr("Change a tally"),
                       tr("Take a tally away"),
                       tr("None. Pickups of a kind can count for one: a score, lives, keys of a "
                          "kind.")},
                      session, parent) {
        Tally score, lives;
        score.name = "score";
        score.title = tr("Score").toStdString();
        lives.name = "lives";
        lives.title = tr("Lives").toStdString();
        lives.start = 3;
        lives.most = 99;
        addButton(tr("Add a tally"), "add-tally", [this, score] { add(score, false); });
        addButton(tr("Add lives"), "add-lives", [this, lives] { add(lives, true); });
    }

protected:
    const Items& items() const override { return m_session.document.project().game.tallies; }
    bool setItems(Items tallies, const QString& name) override {
        return changeGame(m_session, name,
                          [&](level::Game& game) { game.tallies = std::move(tallies); });
    }
    TallyRow* makeRow(std::size_t place, Change change, std::function<void()> remove,
                      QWidget* parent) override {
        return new TallyRow(place, m_session, std::move(change), std::move(remove), parent);
    }

private:
    /// The first lives are what a death costs.
    void add(Tally fresh, bool areLives) {
        changeGame(m_session, tr("Add a tally"), [&](level::Game& game) {
            fresh.name = level::freeName(game.tallies, &Tally::name, fresh.name);
            if (areLives && game.lives.empty()) game.lives = fresh.name;
            game.tallies.push_back(fresh);
        });
    }
};

}  // namespace

PanelSection* makeTallySection(Session& session, QWidget* parent) {
    return new TallySection(session, parent);
}

}  // namespace rook::app
