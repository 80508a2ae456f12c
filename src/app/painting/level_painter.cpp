#include "app/painting/level_painter.h"

#include <QPainter>

#include "app/painting/board_images.h"
#include "app/painting/kit_models.h"
#include "app/painting/kit_painter.h"
#include "app/painting/placed_indexes.h"
#include "app/ui/words.h"
#include "level/names.h"

namespace rook::app {

namespace {

/// Paints through images of the board that are kept.
class ImagePainter : public LevelPainter {
public:
    explicit ImagePainter(Session& session) : m_session(session) {}
    void clear() override { m_images.clear(); }
    void invalidate(const CellRect& cells, CellSize size) override {
        m_images.invalidate(cells, size);
    }

protected:
    Session& m_session;
    BoardImages m_images;
};

class MatterPainter final : public ImagePainter {
public:
    using ImagePainter::ImagePainter;
    bool paint(QPainter& painter, const MatterScene& scene, const PaintFrame& frame) override {
        return m_images.paint(
            painter,
            [&scene](QPainter& tile, const QRect& target, QPointF origin, double scale) {
                paintMatter(tile, scene, target, origin, scale);
            },
            frame.view, frame.area, frame.devicePixelRatio, frame.budgetMs,
            scene.isClear ? QColor() : currentTheme().paper);
    }
    QString wordsAt(CellPoint cell, const level::Entity* entity) override {
        const level::Cell value = m_session.document.level()->cells.at(cell);
        QString text = tr("<b>open air</b>");
        if (!value.isOpen()) {
            const level::Matter& matter = m_session.document.project().matterOf(value);
            const auto word = level::nameOf(matter.behaviour);
            text = tr("<b>%1</b> %2")
                       .arg(QString::fromStdString(matter.title).toLower().toHtmlEscaped(),
                            told(word));
            if (value.form() != level::Form::Full)
                text += QStringLiteral(", ") + told(level::nameOf(value.form()));
        }
        return entity ? tr("<b>%1</b> in %2").arg(QString::fromStdString(entity->id.text), text)
                      : text;
    }
};

class KitPainter final : public ImagePainter {
public:
    using ImagePainter::ImagePainter;
    bool paint(QPainter& painter, const MatterScene& shown, const PaintFrame& frame) override {
        const level::Level& level = *shown.level;
        static const level::Kit none;
        const level::Kit* found = shown.project->kitOf(level);
        const level::Kit& kit = found ? *found : none;
        const auto& models = m_models.of(kit, m_session.document.folder());
        if (models.size() != m_shownModels) {
            m_images.clear();
            m_plans.clear();
        }
        m_shownModels = models.size();
        const KitScene scene{&kit,
                             &level,
                             &m_indexes.of(kit, level),
                             m_session.workbench.storey(),
                             shown.look.showsPorts,
                             &models,
                             shown.look.grid > 0,
                             &m_plans};
        if (m_paintedStorey != scene.storey) m_images.clear();
        m_paintedStorey = scene.storey;
        const bool isWhole = m_images.paint(
            painter,
            [&scene](QPainter& tile, const QRect& target, QPointF origin, double scale) {
                paintKitPlan(tile, scene, target, origin, scale);
            },
            frame.view, frame.area, frame.devicePixelRatio, frame.budgetMs, currentTheme().paper);
        // What is still being read is painted in another round.
        return isWhole && !m_models.isReading();
    }
    bool shows(const level::Entity& entity) const override {
        return entity.storey == m_session.workbench.storey();
    }
    /// The piece in a module of the storey that is worked on.
    QString wordsAt(CellPoint cell, const level::Entity* entity) override {
        const level::Level& level = *m_session.document.level();
        const int storey = m_session.workbench.storey();
        const level::Kit* kit = m_session.document.project().kitOf(level);
        if (!kit)
            return tr("nothing: the project has no kit %1")
                .arg(QString::fromStdString(level.kit).toHtmlEscaped());
        QString text = tr("nothing");
        for (const auto& tenant : m_indexes.of(*kit, level).at({cell, storey})) {
            const level::PlacedPiece& placed = level.pieces[tenant.placed];
            const level::Piece* piece = kit->find(placed.piece);
            const QString title = QString::fromStdString(piece ? piece->title : placed.piece);
            text = QStringLiteral("<b>%1 %2</b>").arg(title.toHtmlEscaped()).arg(placed.id);
        }
        if (entity && shows(*entity))
            text = tr("<b>%1</b> on %2").arg(QString::fromStdString(entity->id.text), text);
        return tr("%1, storey %2").arg(text).arg(storey + 1);
    }

private:
    PlacedIndexes m_indexes;
    KitModels m_models;
    ModelPlans m_plans;
    std::size_t m_shownModels = 0;
    int m_paintedStorey = 0;
};

}  // namespace

std::unique_ptr<LevelPainter> makeMatterPainter(Session& session) {
    return std::make_unique<MatterPainter>(session);
}
std::unique_ptr<LevelPainter> makeKitPainter(Session& session) {
    return std::make_unique<KitPainter>(session);
}

}  // namespace rook::app
