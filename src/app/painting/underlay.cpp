#include "app/painting/underlay.h"

#include <QBuffer>
#include <QCoreApplication>
#include <QCryptographicHash>
#include <QFile>
#include <QFileInfo>
#include <QImageReader>
#include <QPainter>
#include <QtConcurrent>

#include "app/ui/theme.h"
#include "base/limits.h"
#include "base/result.h"

namespace rook::app {

namespace {

/// A reader that takes PNG, JPEG and SVG and nothing else.
struct PictureReader {
    explicit PictureReader(const std::string& bytes)
        : data(QByteArray::fromRawData(bytes.data(), qsizetype(bytes.size()))), buffer(&data) {
        buffer.open(QIODevice::ReadOnly);
        reader.setDevice(&buffer);
        reader.setDecideFormatFromContent(true);
    }
    [[nodiscard]] bool isPicture() {
        static const QList<QByteArray> formats{"png", "jpeg", "jpg", "svg"};
        return reader.canRead() && formats.contains(reader.format());
    }
    QByteArray data;
    QBuffer buffer;
    QImageReader reader;
};

QSize turnedSize(const std::string& bytes, int turns) {
    PictureReader picture(bytes);
    if (!picture.isPicture()) return {};
    const QSize size = picture.reader.size();
    return turns % 2 == 1 ? size.transposed() : size;
}

QList<QImage> decoded(const level::PictureBytes& picture, int turns) {
    PictureReader reader(*picture.bytes);
    if (!reader.isPicture()) return {};
    const QSize size = reader.reader.size();
    if (std::max(size.width(), size.height()) > limits::maxPicturePx) return {};
    QImage image = reader.reader.read();
    if (image.isNull()) return {};
    image = image.convertToFormat(QImage::Format_ARGB32_Premultiplied);
    if (turns != 0) image = image.transformed(QTransform().rotate(90.0 * turns));
    QList<QImage> halves{image};
    while (std::min(halves.last().width(), halves.last().height()) > 64)
        halves << halves.last().scaled(halves.last().width() / 2, halves.last().height() / 2,
                                       Qt::IgnoreAspectRatio, Qt::SmoothTransformation);
    return halves;
}

/// A safe file name that no other picture has: the old name, cleaned, and a part of its hash.
std::string pathFor(const QFileInfo& file, const QByteArray& bytes, const QByteArray& format) {
    QString stem;
    for (const QChar c : file.completeBaseName().toLower())
        stem += c.unicode() < 128 && c.isLetterOrNumber() ? c : QChar(u'-');
    const QByteArray hash = QCryptographicHash::hash(bytes, QCryptographicHash::Sha256).toHex();
    return "underlays/" + stem.left(40).toStdString() + "-" + hash.left(8).toStdString() + "." +
           (format == "jpg" ? "jpeg" : format.toStdString());
}

}  // namespace

Result<level::Underlay> readUnderlay(const QString& file, const PxRect& level) {
    const std::string where = file.toStdString();
    QFile source(file);
    if (!source.open(QIODevice::ReadOnly))
        return fail(ErrorKind::NotPermitted, "The picture cannot be read", where,
                    "Choose a file that you may read");
    if (source.size() > qint64(limits::maxImageBytes))
        return fail(ErrorKind::OutOfRange, "The picture is larger than 64 MiB", where,
                    "Save it smaller and place it again");
    const QByteArray bytes = source.readAll();
    level::Underlay underlay;
    underlay.picture.bytes = std::make_shared<const std::string>(bytes.toStdString());
    PictureReader picture(*underlay.picture.bytes);
    if (!picture.isPicture())
        return fail(ErrorKind::BadSyntax, "This is no picture", where,
                    "Choose a PNG, JPEG or SVG file");
    const QSize size = picture.reader.size();
    if (size.isEmpty())
        return fail(ErrorKind::BadSyntax, "The picture does not tell its size", where,
                    "Save it as PNG and place that");
    if (std::max(size.width(), size.height()) > limits::maxPicturePx)
        return fail(ErrorKind::OutOfRange,
                    "The picture is " + std::to_string(size.width()) + " x " +
                        std::to_string(size.height()) + " px",
                    where, "Make it at most 8192 x 8192 and place it again");
    const QByteArray format = picture.reader.format();
    if (picture.reader.read().isNull())
        return fail(ErrorKind::BadSyntax, "The picture is broken", where,
                    "Save it again and place that");
    underlay.path = pathFor(QFileInfo(file), bytes, format);
    underlay.scale = std::clamp(
        std::min(double(level.width) / size.width(), double(level.height) / size.height()), 0.001,
        1000.0);
    return underlay;
}

QRectF placeOf(const level::Underlay& underlay) {
    if (!underlay.picture.bytes) return {};
    const QSize size = turnedSize(*underlay.picture.bytes, underlay.turns);
    if (size.isEmpty()) return {};
    return {QPointF(underlay.corner.x, underlay.corner.y), QSizeF(size) * underlay.scale};
}

UnderlayImages::UnderlayImages(QObject* parent) : QObject(parent) {
    connect(&m_watcher, &QFutureWatcherBase::finished, this, [this] {
        m_halves = m_watcher.result();
        if (!(m_shown == m_wanted) || m_shownTurns != m_turns) return decode();
        Q_EMIT changed();
    });
}

UnderlayImages::~UnderlayImages() {
    m_watcher.waitForFinished();
}

void UnderlayImages::show(const level::Underlay* underlay) {
    m_wanted = underlay ? underlay->picture : level::PictureBytes{};
    m_turns = underlay ? underlay->turns : 0;
    const bool isShown = m_wanted.bytes == m_shown.bytes && m_turns == m_shownTurns;
    if (!isShown && !m_watcher.isRunning()) decode();
}

void UnderlayImages::decode() {
    m_shown = m_wanted;
    m_shownTurns = m_turns;
    m_halves.clear();
    if (!m_shown.bytes) return;
    m_watcher.setFuture(QtConcurrent::run(
        [picture = m_shown, turns = m_shownTurns] { return decoded(picture, turns); }));
}

void UnderlayImages::paint(QPainter& painter, const level::Underlay& underlay, const View& view,
                           const QRect& area) const {
    if (!underlay.isShown || m_halves.isEmpty() || m_shown.bytes != underlay.picture.bytes ||
        m_shownTurns != underlay.turns)
        return;
    const double ratio = underlay.scale * view.scale();  // widget px a picture px
    qsizetype half = 0;
    while (half + 1 < m_halves.size() && ratio * double(1LL << (half + 1)) <= 1)
        ++half;
    const QImage& image = m_halves[half];
    const QPointF corner = view.toWidget(QPointF(underlay.corner.x, underlay.corner.y));
    const QRectF place(corner, QSizeF(m_halves[0].size()) * ratio);
    const QRectF seen = place.intersected(QRectF(area));
    if (seen.isEmpty()) return;
    const double sx = image.width() / place.width();
    const double sy = image.height() / place.height();
    const QRectF source((seen.left() - corner.x()) * sx, (seen.top() - corner.y()) * sy,
                        seen.width() * sx, seen.height() * sy);
    painter.save();
    painter.setOpacity(underlay.opacity / 100.0);
    // By day the picture darkens the paper and leaves lines and masses in sight.
    if (!currentTheme().isNight) painter.setCompositionMode(QPainter::CompositionMode_Multiply);
    painter.drawImage(seen, image, source);
    painter.restore();
}

}  // namespace rook::app
