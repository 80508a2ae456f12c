#include "app/pages/file_preview.h"

#include <poppler-qt6.h>

#include <QFontDatabase>
#include <QHBoxLayout>
#include <QJsonArray>
#include <QJsonDocument>
#include <QJsonObject>
#include <QLabel>
#include <QPainter>
#include <QPlainTextEdit>
#include <QPushButton>
#include <QSvgRenderer>
#include <QtConcurrent>
#include <QtEndian>

#include "app/ui/controls.h"
#include "app/ui/picture_view.h"
#include "app/ui/theme.h"

namespace rook::app {

namespace {

constexpr qsizetype mostText = 200'000;  // bytes shown of a text
constexpr int pageDpi = 110;
constexpr int mostDrawingPx = 2400;

/// "3 meshes, 12 nodes": what the JSON of a binary model says.
QString modelWords(const std::string& bytes) {
    // Twelve bytes of head, then the length of the JSON and its sort.
    if (bytes.size() < 20) return {};
    const auto length = qFromLittleEndian<quint32>(bytes.data() + 12);
    if (length > bytes.size() - 20) return {};
    const QJsonObject model =
        QJsonDocument::fromJson(QByteArray(bytes.data() + 20, qsizetype(length))).object();
    QStringList lines{
        FilePreview::tr("A model of %1 kB, glTF 2.0, y up:").arg(bytes.size() / 1000.0, 0, 'f', 1)};
    for (const QJsonValue& mesh : model[QStringLiteral("meshes")].toArray()) {
        qint64 corners = 0;
        for (const QJsonValue& part : mesh[QStringLiteral("primitives")].toArray()) {
            const int at = part[QStringLiteral("indices")].toInt(
                part[QStringLiteral("attributes")][QStringLiteral("POSITION")].toInt());
            corners += model[QStringLiteral("accessors")]
                           .toArray()[at][QStringLiteral("count")]
                           .toInteger();
        }
        lines << FilePreview::tr("mesh %1, %2 triangles")
                     .arg(mesh[QStringLiteral("name")].toString())
                     .arg(corners / 3);
    }
    const auto count = [&](const char* key) { return model[QLatin1String(key)].toArray().size(); };
    lines << FilePreview::tr("%1 nodes, %2 materials, %3 pictures")
                 .arg(count("nodes"))
                 .arg(count("materials"))
                 .arg(count("images"));
    return lines.join(u'\n');
}

QImage drawingOf(const QByteArray& bytes) {
    QSvgRenderer renderer(bytes);
    const QSizeF size = renderer.defaultSize();
    const double scale = std::min(2.0, mostDrawingPx / std::max(size.width(), size.height()));
    QImage image((size * scale).toSize(), QImage::Format_RGB32);
    image.fill(Qt::white);
    QPainter painter(&image);
    renderer.render(&painter);
    return image;
}

FilePreview::Seen pageOf(const QByteArray& bytes, int page) {
    FilePreview::Seen seen;
    const auto document = Poppler::Document::loadFromData(bytes);
    seen.pages = document ? document->numPages() : 0;
    if (seen.pages == 0) {
        seen.text = FilePreview::tr("This book cannot be shown.");
        return seen;
    }
    seen.page = std::clamp(page, 0, seen.pages - 1);
    document->setRenderHint(Poppler::Document::Antialiasing);
    document->setRenderHint(Poppler::Document::TextAntialiasing);
    if (const auto found = document->page(seen.page))
        seen.image = found->renderToImage(pageDpi, pageDpi);
    return seen;
}

/// On any thread.
FilePreview::Seen seenOf(const QString& name, const std::string& bytes, int page) {
    const QByteArray raw = QByteArray::fromRawData(bytes.data(), qsizetype(bytes.size()));
    const QString ending = name.section(u'.', -1).toLower();
    if (ending == QStringLiteral("pdf")) return pageOf(raw, page);
    FilePreview::Seen seen;
    if (ending == QStringLiteral("png")) {
        seen.image = QImage::fromData(raw);
    } else if (ending == QStringLiteral("svg")) {
        seen.image = drawingOf(raw);
    } else if (ending == QStringLiteral("glb")) {
        seen.text = modelWords(bytes);
    } else {
        seen.text = QString::fromUtf8(raw.left(mostText));
        if (raw.size() > mostText)
            seen.text += FilePreview::tr("\n… and %1 kB more").arg((raw.size() - mostText) / 1000);
    }
    return seen;
}

}  // namespace

FilePreview::FilePreview(QWidget* parent)
    : QWidget(parent),
      m_picture(new PictureView(PictureView::Fit::WholePx, this)),
      m_text(new QPlainTextEdit(this)),
      m_turning(new QWidget(this)),
      m_pageWords(new QLabel(m_turning)) {
    m_text->setReadOnly(true);
    m_text->setObjectName(QStringLiteral("preview-text"));
    m_text->setAccessibleName(tr("The file as it will be"));
    m_text->setLineWrapMode(QPlainTextEdit::NoWrap);
    QFont font = QFontDatabase::systemFont(QFontDatabase::FixedFont);
    font.setPixelSize(11);
    m_text->setFont(font);
    m_text->setFrameShape(QFrame::NoFrame);
    m_picture->setAccessibleName(tr("The picture as it will be"));
    m_pageWords->setObjectName(QStringLiteral("preview-page"));
    auto* row = new QHBoxLayout(m_turning);
    row->setContentsMargins({});
    row->addStretch();
    row->addWidget(makeButton(tr("Former page"), QStringLiteral("preview-former"), m_turning,
                              [this] { turnTo(m_page - 1); }));
    row->addWidget(m_pageWords);
    row->addWidget(makeButton(tr("Next page"), QStringLiteral("preview-next"), m_turning,
                              [this] { turnTo(m_page + 1); }));
    row->addStretch();
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins({});
    column->setSpacing(6);
    column->addWidget(m_picture, 1);
    column->addWidget(m_text, 1);
    column->addWidget(m_turning);
    clear({});
}

void FilePreview::show(const QString& name, const std::string& bytes) {
    if (name == m_name && m_bytes && bytes == *m_bytes) return;
    if (name != m_name) m_page = 0;
    m_name = name;
    m_bytes = std::make_shared<const std::string>(bytes);
    look();
}

/// What was there stays until the next one is made.
void FilePreview::look() {
    const int round = ++m_round;
    QtConcurrent::run([name = m_name, bytes = m_bytes, page = m_page] {
        return seenOf(name, *bytes, page);
    }).then(this, [this, round](const Seen& seen) {
        if (round == m_round) take(seen);
    });
}

void FilePreview::take(const Seen& seen) {
    m_pages = seen.pages;
    m_page = seen.page;
    m_pageWords->setText(tr("page %1 of %2").arg(m_page + 1).arg(m_pages));
    m_turning->setVisible(m_pages > 1);
    m_text->setVisible(seen.image.isNull());
    m_picture->setVisible(!seen.image.isNull());
    if (seen.image.isNull())
        m_text->setPlainText(seen.text);
    else
        m_picture->take(seen.image);
}

void FilePreview::clear(const QString& why) {
    ++m_round;
    m_name.clear();
    m_bytes.reset();
    take({{}, why, 0, 0});
}

void FilePreview::turnTo(int page) {
    if (page < 0 || page >= m_pages || !m_bytes) return;
    m_page = page;
    look();
}

}  // namespace rook::app
