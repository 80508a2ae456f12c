#include "app/pages/model_row.h"

#include <QLocale>
#include <cmath>

#include "app/ui/words.h"

namespace rook::app {

namespace {

QString number(double value) {
    return QString::number(std::round(value * 1000) / 1000, 'g', 7);
}

/// As short as tells whether it is whole.
QString rough(double value) {
    return std::abs(value - std::round(value)) < 5e-4
               ? QString::number(std::round(value))
               : QString::number(value, 'g', value < 1 ? 2 : 3);
}

QString pivotWords(const level::Kit& kit, const level::Piece& piece) {
    const QString at = QStringLiteral("%1, %2").arg(piece.pivotX / 2.0).arg(piece.pivotY / 2.0);
    if (!piece.measure) return at;
    const double x = kit::unitsOf(piece.measure->pivotX) / kit::unitsOf(kit.width);
    const double y = kit::unitsOf(piece.measure->pivotY) / kit::unitsOf(kit.depth);
    if (x == 0 && y == 0) return at;
    return tr("%1, off %2, %3").arg(at, number(x), number(y));
}

}  // namespace

QStringList modelRow(const level::Kit* kit, const ship::IncomingModel& model) {
    QStringList texts{QString::fromStdString(model.name)};
    if (model.seen && kit) {
        const CellRect cells = model.seen->piece.bounds();
        texts << QStringLiteral("%1 × %2 × %3")
                     .arg(cells.width)
                     .arg(cells.height)
                     .arg(model.seen->piece.storeys());
        texts << QStringLiteral("%1 × %2 × %3")
                     .arg(rough(model.size.x / kit::unitsOf(kit->width)),
                          rough(model.size.y / kit::unitsOf(kit->depth)),
                          rough(model.size.z / kit::unitsOf(kit->storey)));
        texts << pivotWords(*kit, model.seen->piece);
        texts << tr("%1 ×").arg(QString::number(model.against, 'g', 2));
    } else {
        texts << QStringLiteral("–") << QStringLiteral("–") << QStringLiteral("–")
              << QStringLiteral("–");
    }
    if (model.faces) {
        const auto turned = model.fixes.mendsFaces ? 0 : model.faces->turned.size();
        texts << QString::number(model.faces->openEdges.size()) << QString::number(turned)
              << QLocale().toString(qulonglong(model.mesh->triangles.size()));
    } else {
        texts << QStringLiteral("–") << QStringLiteral("–") << QStringLiteral("–");
    }
    return texts;
}

}  // namespace rook::app
