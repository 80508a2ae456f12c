#include <QLabel>
#include <QLocale>
#include <QTimer>

#include "app/painting/kit_models.h"
#include "app/steps/kit/kit_sections.h"
#include "app/ui/theme.h"
#include "app/ui/words.h"

namespace rook::app {

namespace {

constexpr int soonMs = 60;

/// What the level costs, piece by piece, and what is still to be made.
class PartsSection final : public PanelSection {
public:
    PartsSection(Session& session, std::shared_ptr<ModelCosts> costs, QWidget* parent)
        : PanelSection(tr("Pieces of this level"), {}, session, parent), m_costs(std::move(costs)) {
        makeFoldable(QStringLiteral("kit-pieces"), true);
        if (!kit()) return;
        m_models = addNamed(tr("Models, each used"), "parts-models");
        m_triangles = addNamed(tr("Triangles"), "parts-triangles");
        m_materials = addNamed(tr("Materials"), "parts-materials");
        m_toMake = addNamed(tr("Still to be made"), "parts-to-make");
        for (const level::Piece& piece : kit()->pieces)
            m_pieces << std::pair(piece.name, addValue(QString::fromStdString(piece.title)));
    }

    void refresh() override {
        if (!kit() || !m_models) return;
        const auto& costs = m_costs->of(*kit(), m_session.document.folder());
        const bool isReading = m_costs->isReading();
        const level::Level& level = *m_session.document.level();
        const auto& kits = m_session.document.project().kits;
        const bool isKnown = m_known && m_known->pieces.isSharedWith(level.pieces) &&
                             m_known->solids.isSharedWith(level.solids) &&
                             m_known->kits.isSharedWith(kits) && m_known->costs == costs.size();
        if (!isKnown) {
            m_list = kit::partsListOf(*kit(), level, costs);
            m_known = Known{level.pieces, level.solids, kits, costs.size()};
        }
        const kit::PartsList& list = m_list;
        if (isReading) QTimer::singleShot(soonMs, this, &PartsSection::refresh);
        const Theme& theme = currentTheme();
        setNote(tr("%1 placed, %2 different").arg(list.placed).arg(list.pieces.size()));
        m_models->setText(tr("%1, %2 times").arg(list.models).arg(list.reuse(), 0, 'f', 1));
        m_triangles->setText(isReading ? tr("being read")
                                       : QLocale().toString(qulonglong(list.triangles)));
        m_materials->setText(isReading ? tr("being read") : QString::number(list.materials.size()));
        m_toMake->setText(toMakeText(list));
        const bool isMade = list.toMake.empty() && list.solids == 0;
        setTone(m_toMake, isMade ? theme.accent : theme.caution);
        for (const auto& [name, label] : m_pieces) {
            const auto cost = list.pieces.find(name);
            const bool isUsed = cost != list.pieces.end();
            label->setText(
                !isUsed ? tr("never used")
                : isReading
                    ? QString::number(cost->second.uses)
                    : tr("%1 of %2 triangles").arg(cost->second.uses).arg(cost->second.triangles));
            setTone(label, isUsed ? theme.ink : theme.quietInk);
        }
    }

private:
    [[nodiscard]] const level::Kit* kit() const {
        return m_session.document.project().kitOf(*m_session.document.level());
    }
    QLabel* addNamed(const QString& words, const char* name) {
        QLabel* label = addValue(words);
        label->setObjectName(QLatin1String(name));
        return label;
    }
    static QString toMakeText(const kit::PartsList& list) {
        if (list.toMake.empty() && list.solids == 0) return tr("nothing");
        QStringList words;
        if (!list.toMake.empty())
            words << counted(qsizetype(list.toMake.size()), tr("model"), tr("models"));
        if (list.solids > 0)
            words << tr("for %1").arg(counted(list.solids, tr("solid"), tr("solids")));
        return words.join(QStringLiteral(", "));
    }

    /// What the list was made of.
    struct Known {
        ChunkedVector<level::PlacedPiece> pieces;
        ChunkedVector<level::Solid> solids;
        SharedVector<level::Kit> kits;
        std::size_t costs = 0;
    };
    std::shared_ptr<ModelCosts> m_costs;
    std::optional<Known> m_known;
    kit::PartsList m_list;
    QLabel* m_models = nullptr;
    QLabel* m_triangles = nullptr;
    QLabel* m_materials = nullptr;
    QLabel* m_toMake = nullptr;
    QList<std::pair<std::string, QLabel*>> m_pieces;
};

}  // namespace

PanelSection* makePartsSection(Session& session, std::shared_ptr<ModelCosts> costs,
                               QWidget* parent) {
    return new PartsSection(session, std::move(costs), parent);
}

}  // namespace rook::app
