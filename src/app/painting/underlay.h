#pragma once
/// The picture under the board: read from a file, decoded on a worker, drawn at any scale.

#include <QFutureWatcher>
#include <QImage>
#include <QPainter>

#include "app/painting/view.h"
#include "base/result.h"
#include "level/sketch.h"

namespace rook::app {

/// An underlay made of a picture file, laid so that it fits the level. Decodes it once, to see that
/// it can be: any thread but the interface's. Errors: NotPermitted; BadSyntax for what is no PNG,
/// JPEG or SVG, or broken; OutOfRange above 8,192 px or 64 MiB.
[[nodiscard]] Result<level::Underlay> readUnderlay(const QString& file, const PxRect& level);

/// Where the picture lies, level px; empty if its size cannot be told.
[[nodiscard]] QRectF placeOf(const level::Underlay& underlay);

/// The picture of one underlay, in halves of its size, so that drawing costs what is seen. Decoded
/// on a worker; `changed` says when it is there.
class UnderlayImages : public QObject {
    Q_OBJECT

public:
    explicit UnderlayImages(QObject* parent);
    ~UnderlayImages() override;
    /// Turns to this underlay (or to none: null).
    void show(const level::Underlay* underlay);
    [[nodiscard]] bool isBusy() const { return m_watcher.isRunning(); }
    /// Draws it over paper and masses as if it lay below them.
    void paint(QPainter& painter, const level::Underlay& underlay, const View& view,
               const QRect& area) const;

Q_SIGNALS:
    void changed();

private:
    void decode();

    level::PictureBytes m_wanted;
    level::PictureBytes m_shown;
    int m_turns = 0;
    int m_shownTurns = 0;
    QList<QImage> m_halves;  ///< the whole size first
    QFutureWatcher<QList<QImage>> m_watcher;
};

}  // namespace rook::app
