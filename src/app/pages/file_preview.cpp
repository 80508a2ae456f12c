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
#include <QtEndian>

#include "app/ui/controls.h"
#include "app/ui/picture_view.h"
#include "app/ui/theme.h"

namespace rook::app {

namespace {

constexpr qsizetype mostText = 200'000;  // bytes shown of a text
constexpr int pageDpi = 110;
constexpr int mostDrawingPx = 2400;

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
    if (name == m_name && bytes == m_bytes) return;
    const bool isSameName = name == m_name;
    m_name = name;
    m_bytes = bytes;
    m_pages = 0;
    const QByteArray raw = QByteArray::fromRawData(bytes.data(), qsizetype(bytes.size()));
    const QString ending = name.section(u'.', -1).toLower();
    if (ending == QStringLiteral("png")) {
        showImage(QImage::fromData(raw));
    } else if (ending == QStringLiteral("svg")) {
        QSvgRenderer renderer(raw);
        const QSizeF size = renderer.defaultSize();
        const double scale = std::min(2.0, mostDrawingPx / std::max(size.width(), size.height()));
        QImage image((size * scale).toSize(), QImage::Format_RGB32);
        image.fill(Qt::white);
        QPainter painter(&image);
        renderer.render(&painter);
        painter.end();
        showImage(image);
    } else if (ending == QStringLiteral("pdf")) {
        const auto document = Poppler::Document::loadFromData(raw);
        m_pages = document ? document->numPages() : 0;
        if (!isSameName) m_page = 0;
        m_page = std::clamp(m_page, 0, std::max(0, m_pages - 1));
        showPage();
    } else if (ending == QStringLiteral("glb")) {
        showText(modelWords(bytes));
    } else {
        const bool isLong = raw.size() > mostText;
        showText(
            QString::fromUtf8(raw.left(mostText)) +
            (isLong ? tr("\n… and %1 kB more").arg((raw.size() - mostText) / 1000) : QString()));
    }
    m_turning->setVisible(m_pages > 1);
}

void FilePreview::clear(const QString& why) {
    m_name.clear();
    m_bytes.clear();
    m_pages = 0;
    m_turning->hide();
    showText(why);
}

void FilePreview::turnTo(int page) {
    if (page < 0 || page >= m_pages) return;
    m_page = page;
    showPage();
}

void FilePreview::showPage() {
    const QByteArray raw = QByteArray::fromRawData(m_bytes.data(), qsizetype(m_bytes.size()));
    const auto document = Poppler::Document::loadFromData(raw);
    if (!document || m_pages == 0) return showText(tr("This book cannot be shown."));
    document->setRenderHint(Poppler::Document::Antialiasing);
    document->setRenderHint(Poppler::Document::TextAntialiasing);
    const auto page = document->page(m_page);
    showImage(page ? page->renderToImage(pageDpi, pageDpi) : QImage());
    m_pageWords->setText(tr("page %1 of %2").arg(m_page + 1).arg(m_pages));
}

void FilePreview::showText(const QString& text) {
    m_picture->hide();
    m_text->show();
    m_text->setPlainText(text);
}

void FilePreview::showImage(const QImage& image) {
    m_text->hide();
    m_picture->show();
    m_picture->take(image);
}

QString FilePreview::modelWords(const std::string& bytes) {
    // Twelve bytes of head, then the length of the JSON and its sort.
    if (bytes.size() < 20) return {};
    const auto length = qFromLittleEndian<quint32>(bytes.data() + 12);
    if (length > bytes.size() - 20) return {};
    const QJsonObject model =
        QJsonDocument::fromJson(QByteArray(bytes.data() + 20, qsizetype(length))).object();
    QStringList lines{
        tr("A model of %1 kB, glTF 2.0, y up:").arg(bytes.size() / 1000.0, 0, 'f', 1)};
    for (const QJsonValue& mesh : model[QStringLiteral("meshes")].toArray()) {
        qint64 corners = 0;
        for (const QJsonValue& part : mesh[QStringLiteral("primitives")].toArray()) {
            const int at = part[QStringLiteral("indices")].toInt(
                part[QStringLiteral("attributes")][QStringLiteral("POSITION")].toInt());
            corners += model[QStringLiteral("accessors")]
                           .toArray()[at][QStringLiteral("count")]
                           .toInteger();
        }
        lines << tr("mesh %1, %2 triangles")
                     .arg(mesh[QStringLiteral("name")].toString())
                     .arg(corners / 3);
    }
    const auto count = [&](const char* key) { return model[QLatin1String(key)].toArray().size(); };
    lines << tr("%1 nodes, %2 materials, %3 pictures")
                 .arg(count("nodes"))
                 .arg(count("materials"))
                 .arg(count("images"));
    return lines.join(u'\n');
}

}  // namespace rook::app
