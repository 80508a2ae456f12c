#include "app/steps/ship/link_section.h"

#include <QLineEdit>

#include "app/ui/buttons.h"
#include "app/ui/theme.h"
#include "app/ui/words.h"

namespace rook::app {

namespace {

QString seconds(int ticks) {
    return LiveLink::tr("%1 s").arg(ticks / 60.0, 0, 'f', 1);
}

class LinkSection : public PanelSection {
public:
    LinkSection(Session& session, QWidget* parent)
        : PanelSection(tr("Live link"), {}, session, parent) {
        m_on = new Chip(tr("linked"), rowsHolder());
        m_on->setObjectName(QStringLiteral("link-on"));
        m_on->setToolTip(
            tr("A game on this computer sees each stroke as it is drawn, and tells "
               "where players are"));
        connect(m_on, &QAbstractButton::clicked, this,
                [this](bool isOn) { m_session.link.setOn(isOn); });
        addControl(tr("Running games"), m_on);
        m_state = makeWords({}, this);
        m_state->setObjectName(QStringLiteral("link-state"));
        addWide(m_state);
        m_origins = new QLineEdit(rowsHolder());
        m_origins->setObjectName(QStringLiteral("link-origins"));
        m_origins->setAccessibleName(tr("Pages of browsers that may link"));
        m_origins->setPlaceholderText(tr("pages that may link, as http://localhost:8000"));
        connect(m_origins, &QLineEdit::editingFinished, this, [this] {
            m_session.link.setOrigins(m_origins->text().split(u' ', Qt::SkipEmptyParts));
        });
        addWide(m_origins);
        m_plays = makeWords({}, this);
        m_plays->setObjectName(QStringLiteral("link-plays"));
        addWide(m_plays);
        auto* buttons = new ButtonGrid;
        m_keep = buttons->add(tr("Keep the run"), "link-keep", this,
                              [this] { m_session.link.keepRun(); });
        m_keep->setToolTip(tr("The last run that was played here must stay possible"));
        m_forget = buttons->add(tr("Forget plays"), "link-forget", this,
                                [this] { m_session.link.forgetPlays(); });
        addWide(buttons);
        connect(&session.link, &LiveLink::changed, this, [this] { refresh(); });
        makeFoldable(QStringLiteral("ship-link"), true);
    }

    void refresh() override {
        const LiveLink& link = m_session.link;
        m_on->setChecked(link.isOn());
        setNote(!link.isOn()             ? tr("off")
                : link.games().isEmpty() ? tr("no game yet")
                                         : counted(link.games().size(), tr("game"), tr("games")));
        QStringList lines;
        if (link.isOn() && link.port() > 0 && link.games().isEmpty())
            lines << tr("Listens on port %1. Start lantern --link, or a game of your own.")
                         .arg(link.port());
        for (const LinkedGame& game : link.games()) {
            const auto level = m_session.document.project().findLevel({game.level.toStdString()});
            lines << (level ? tr("%1 plays %2").arg(game.name, QString::fromStdString(level->title))
                            : tr("%1 is there").arg(game.name));
        }
        m_state->setText(lines.join(u'\n'));
        m_state->setVisible(!lines.isEmpty());
        m_origins->setVisible(link.isOn());
        if (!m_origins->hasFocus()) m_origins->setText(link.origins().join(u' '));
        const ship::HeatMap* heat = link.heat();
        m_plays->setVisible(heat != nullptr);
        if (heat) m_plays->setText(wordsOf(*heat));
        m_keep->setVisible(link.hasRun());
        m_forget->setVisible(heat != nullptr);
    }

private:
    /// "12 plays here, 7 deaths, 4 won: 21.4 s in the middle, 16.0 s proven".
    [[nodiscard]] QString wordsOf(const ship::HeatMap& heat) const {
        QString words = tr("%1 here, %2")
                            .arg(counted(heat.plays, tr("play"), tr("plays")),
                                 counted(heat.deaths, tr("death"), tr("deaths")));
        if (!heat.wins.empty()) {
            words += tr(", %1 won: %2 at best, %3 in the middle")
                         .arg(heat.wins.size())
                         .arg(seconds(heat.wins.front()), seconds(heat.wins[heat.wins.size() / 2]));
            if (const auto& proof = m_session.document.level()->proof)
                words += tr("; the proof run takes %1").arg(seconds(int(proof->ticks())));
        }
        return words + u'.';
    }

    Chip* m_on;
    QLabel* m_state;
    QLineEdit* m_origins;
    QLabel* m_plays;
    QWidget* m_keep;
    QWidget* m_forget;
};

}  // namespace

PanelSection* makeLinkSection(Session& session, QWidget* parent) {
    return new LinkSection(session, parent);
}

}  // namespace rook::app
