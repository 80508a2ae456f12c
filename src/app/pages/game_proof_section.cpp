#include "app/pages/game_page.h"
#include "app/ui/margin_row.h"
#include "app/ui/theme.h"
#include "app/ui/words.h"

namespace rook::app {

namespace {

/// Whether the whole game can be finished, what is wrong with it, and the run through all of it.
class GameProofSection : public PanelSection {
public:
    GameProofSection(Session& session, QWidget* parent)
        : PanelSection(tr("Proof"), {}, session, parent), m_list(new QVBoxLayout) {
        m_sentence = new QLabel(rowsHolder());
        m_sentence->setObjectName(QStringLiteral("game-verdict"));
        m_sentence->setFont(sizedFont(1, QFont::DemiBold));
        m_sentence->setWordWrap(true);
        addWide(m_sentence);
        m_list->setSpacing(0);
        addWide(m_list);
        m_walk = new QPushButton(tr("Walk it through"), rowsHolder());
        m_walk->setObjectName(QStringLiteral("walk-proof"));
        m_walk->setToolTip(tr("Play the runs that prove it, level after level"));
        connect(m_walk, &QPushButton::clicked, this, [this] { m_session.requests.walkProof(); });
        addWide(m_walk);
    }

    void refresh() override {
        const GameProver& prover = m_session.gameProver;
        const auto proof = prover.proof();
        const auto progress = prover.progress();
        const Theme& theme = currentTheme();
        const bool isCurrent = prover.isCurrent();
        setNote(progress && progress->second > 0
                    ? tr("being proven: %1 of %2").arg(progress->first).arg(progress->second)
                : progress ? tr("being proven …")
                           : QString());
        const level::Project& project = m_session.document.project();
        m_walk->setEnabled(isCurrent && proof && !proof->chain.empty());
        if (!proof) {
            m_sentence->setText(tr("Not proven yet."));
            setTone(m_sentence, theme.quietInk);
            m_told.clear();
        } else {
            m_sentence->setText(told(game::sentenceOf(project, *proof)));
            setTone(m_sentence, !isCurrent                          ? theme.quietInk
                                : proof->ends == game::Decided::Yes ? theme.accent
                                : proof->ends == game::Decided::No  ? theme.alarm
                                                                    : theme.caution);
            gather(project, *proof);
        }
        setRowCount(m_rows, m_list, m_told.size(), QStringLiteral("game-finding"),
                    [this](std::size_t at) { m_session.document.chooseLevel(m_told[at].level); });
        for (std::size_t i = 0; i < m_told.size(); ++i) {
            MarginRow& row = *m_rows[qsizetype(i)];
            const auto level = project.findLevel(m_told[i].level);
            row.setWords(level ? QString::fromStdString(level->title) : QString(), m_told[i].words,
                         theme.caution);
            row.setToolTip(m_told[i].help);
        }
    }

private:
    static constexpr std::size_t mostRows = 12;

    struct Told {
        LevelId level;
        QString words, help;
    };
    /// Dead ends, and levels that one never comes to.
    void gather(const level::Project& project, const game::GameProof& proof) {
        m_told.clear();
        if (proof.ends != game::Decided::No)
            for (const std::size_t i : proof.deadEnds)
                m_told.push_back(
                    {proof.nodes[i].level,
                     tr("a dead end %1").arg(told(game::wordsOf(project, proof.nodes[i].inHand))),
                     tr("Who comes here so cannot finish the game any more")});
        for (const LevelId& id : proof.never)
            m_told.push_back({id, tr("never come to"), tr("No run leads here, whatever one does")});
        m_told.resize(std::min(m_told.size(), mostRows));
    }

    QLabel* m_sentence;
    QVBoxLayout* m_list;
    QPushButton* m_walk;
    QList<MarginRow*> m_rows;
    std::vector<Told> m_told;
};

}  // namespace

PanelSection* makeGameProofSection(Session& session, QWidget* parent) {
    return new GameProofSection(session, parent);
}

}  // namespace rook::app
