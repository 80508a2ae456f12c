#include "app/shell/guide.h"

#include <QDesktopServices>
#include <QDir>
#include <QFileInfo>
#include <QHBoxLayout>
#include <QImageReader>
#include <QScrollBar>
#include <QShortcut>
#include <QTextBlock>
#include <QVBoxLayout>
#include <QtConcurrent>

#include "app/ui/margin_section.h"
#include "app/ui/theme.h"

namespace rook::app {

namespace {

constexpr int pageRole = Qt::UserRole;
constexpr int headingRole = Qt::UserRole + 1;

/// Pages whose pictures are as wide as the window at most and are read on a worker, and that have
/// room between their lines.
class PageView : public QTextBrowser {
public:
    using QTextBrowser::QTextBrowser;
    QVariant loadResource(int type, const QUrl& name) override {
        if (type != QTextDocument::ImageResource || !name.isLocalFile())
            return QTextBrowser::loadResource(type, name);
        const QString file = name.toLocalFile();
        QSize size = QImageReader(file).size();
        const int widest =
            std::max(200, viewport()->width() - 2 * int(document()->documentMargin()) - 8);
        if (size.width() > widest) size.scale(widest, size.height(), Qt::KeepAspectRatio);
        if (!size.isValid()) return QTextBrowser::loadResource(type, name);
        QtConcurrent::run(readScaled, file, size).then(this, [this, name](const QImage& image) {
            document()->addResource(QTextDocument::ImageResource, name, image);
            viewport()->update();
        });
        // Its room until it is read.
        QImage room(size, QImage::Format_RGB32);
        room.fill(currentTheme().paper);
        return room;
    }

protected:
    void doSetSource(const QUrl& url, QTextDocument::ResourceType type) override {
        QTextBrowser::doSetSource(url, type);
        dress();
    }

private:
    static QImage readScaled(const QString& file, const QSize& size) {
        return QImage(file).scaled(size, Qt::IgnoreAspectRatio, Qt::SmoothTransformation);
    }
    /// More air than plain text has, and headings in the window's own type.
    void dress() {
        static constexpr int larger[] = {0, 8, 4, 2, 1, 1, 1};
        QTextCursor whole(document());
        whole.beginEditBlock();  // laid out once, at the end
        for (QTextBlock block = document()->begin(); block.isValid(); block = block.next()) {
            QTextCursor cursor(block);
            QTextBlockFormat format = block.blockFormat();
            const int level = std::clamp(format.headingLevel(), 0, 6);
            format.setLineHeight(level > 0 ? 110 : 132, QTextBlockFormat::ProportionalHeight);
            format.setTopMargin(level > 0 ? (level == 1 ? 4 : 18) : format.topMargin());
            format.setBottomMargin(level > 0 ? 6 : 8);
            cursor.mergeBlockFormat(format);
            if (level == 0) continue;
            cursor.select(QTextCursor::BlockUnderCursor);
            QTextCharFormat letters;
            letters.setFont(sizedFont(larger[level], QFont::DemiBold));
            letters.setForeground(currentTheme().ink);
            cursor.mergeCharFormat(letters);
        }
        whole.endEditBlock();
    }
};

}  // namespace

Guide::Guide(const QString& docs, QWidget* parent)
    : QWidget(parent, Qt::Window),
      m_docs(docs),
      m_parts(guideParts(docs)),
      m_search(new QLineEdit(this)),
      m_list(new QListWidget(this)),
      m_text(new PageView(this)),
      m_back(new QPushButton(tr("Back"), this)),
      m_where(new QLabel(this)) {
    setObjectName(QStringLiteral("guide"));
    setWindowTitle(tr("Guide – Rook Plot"));
    m_search->setObjectName(QStringLiteral("guide-search"));
    m_search->setPlaceholderText(tr("Search the guide"));
    m_search->setAccessibleName(tr("Search the guide"));
    m_search->setClearButtonEnabled(true);
    m_list->setObjectName(QStringLiteral("guide-list"));
    m_list->setAccessibleName(tr("Pages"));
    m_list->setFrameShape(QFrame::NoFrame);
    m_list->setWordWrap(true);
    m_list->setSpacing(2);
    m_list->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    m_text->setObjectName(QStringLiteral("guide-text"));
    m_text->setAccessibleName(tr("The page"));
    m_text->setFrameShape(QFrame::NoFrame);
    m_text->setOpenLinks(false);
    m_text->document()->setDocumentMargin(26);
    m_back->setObjectName(QStringLiteral("guide-back"));
    m_back->setEnabled(false);
    auto* side = new QVBoxLayout;
    side->setContentsMargins(12, 12, 12, 12);
    side->setSpacing(8);
    side->addWidget(m_search);
    side->addWidget(m_list, 1);
    auto* head = new QHBoxLayout;
    head->setContentsMargins(14, 10, 14, 8);
    head->setSpacing(14);
    head->addWidget(m_back);
    head->addWidget(m_where, 1);
    auto* page = new QVBoxLayout;
    page->setSpacing(0);
    page->addLayout(head);
    page->addWidget(m_text, 1);
    auto* both = new QHBoxLayout(this);
    both->setContentsMargins(0, 0, 0, 0);
    both->setSpacing(0);
    both->addLayout(side);
    both->addLayout(page, 1);
    m_search->setFixedWidth(240);
    m_list->setFixedWidth(240);
    connect(m_search, &QLineEdit::textChanged, this, &Guide::refill);
    connect(m_list, &QListWidget::itemClicked, this, &Guide::choose);
    connect(m_list, &QListWidget::itemActivated, this, &Guide::choose);
    connect(m_text, &QTextBrowser::anchorClicked, this, &Guide::follow);
    connect(m_text, &QTextBrowser::backwardAvailable, m_back, &QWidget::setEnabled);
    connect(m_text, &QTextBrowser::sourceChanged, this, [this](const QUrl& url) {
        m_shown = url;  // the browser itself knows it a little later
        tellWhere();
    });
    connect(m_back, &QAbstractButton::clicked, m_text, &QTextBrowser::backward);
    auto* find = new QShortcut(QKeySequence::Find, this);
    connect(find, &QShortcut::activated, this, [this] { m_search->setFocus(); });
    auto* leave = new QShortcut(QKeySequence(Qt::Key_Escape), this);
    connect(leave, &QShortcut::activated, this, &QWidget::close);
    resize(980, 720);
    themeChanged();
    refill();
}

void Guide::themeChanged() {
    QPalette palette = m_text->palette();
    palette.setColor(QPalette::Base, currentTheme().paper);
    palette.setColor(QPalette::Text, currentTheme().ink);
    palette.setColor(QPalette::Link, currentTheme().accent);
    m_text->setPalette(palette);
    m_text->setFont(sizedFont(1));
    if (m_text->source().isValid()) m_text->reload();
}

void Guide::refill() {
    m_list->clear();
    const QString typed = m_search->text().trimmed();
    if (typed.isEmpty()) {
        QString group;
        for (const GuidePage& page : guidePages(m_docs)) {
            if (page.group != group) {
                group = page.group;
                auto* head = new QListWidgetItem(group, m_list);
                head->setFlags(Qt::NoItemFlags);
                head->setFont(sizedFont(-1, QFont::DemiBold));
                head->setForeground(currentTheme().quietInk);
            }
            auto* row = new QListWidgetItem(page.title, m_list);
            row->setData(pageRole, page.file);
        }
        return tellWhere();
    }
    for (const GuidePart& part : searchGuide(m_parts, typed)) {
        auto* row = new QListWidgetItem(
            part.heading.isEmpty() ? part.title
                                   : QStringLiteral("%1\n%2").arg(part.heading, part.title),
            m_list);
        row->setData(pageRole, part.page);
        row->setData(headingRole, part.heading);
    }
    if (m_list->count() == 0) {
        auto* row = new QListWidgetItem(tr("Nothing holds all of these words."), m_list);
        row->setFlags(Qt::NoItemFlags);
    }
}

void Guide::choose(QListWidgetItem* row) {
    const QString page = row->data(pageRole).toString();
    if (!page.isEmpty()) open(page, row->data(headingRole).toString());
}

void Guide::openFirst() {
    open(QStringLiteral("guide/README.md"));
    m_search->setFocus();
}

void Guide::open(const QString& page, const QString& heading) {
    show();
    raise();
    activateWindow();
    const QUrl url = QUrl::fromLocalFile(m_docs + u'/' + page);
    if (m_text->source() != url) m_text->setSource(url, QTextDocument::MarkdownResource);
    goTo(heading);
}

void Guide::goTo(const QString& heading) {
    if (heading.isEmpty()) return m_text->verticalScrollBar()->setValue(0);
    for (QTextBlock block = m_text->document()->begin(); block.isValid(); block = block.next()) {
        if (block.blockFormat().headingLevel() == 0 || block.text() != heading) continue;
        const QRectF place = m_text->document()->documentLayout()->blockBoundingRect(block);
        m_text->verticalScrollBar()->setValue(int(place.top()) - 8);
        m_text->setTextCursor(QTextCursor(block));
        m_text->verticalScrollBar()->setValue(int(place.top()) - 8);
        return;
    }
}

/// Pages open here; what is on the web opens where the desktop opens it; other files do not.
void Guide::follow(const QUrl& link) {
    const QUrl target = m_text->source().resolved(link);
    if (target.scheme() == QStringLiteral("https")) {
        QDesktopServices::openUrl(target);
        return;
    }
    const QString path = QFileInfo(target.toLocalFile()).canonicalFilePath();
    const QString docs = QFileInfo(m_docs).canonicalFilePath();
    if (path.startsWith(docs + u'/') && path.endsWith(QStringLiteral(".md")))
        open(QDir(docs).relativeFilePath(path));
}

QString Guide::shownPage() const {
    return QDir(m_docs).relativeFilePath(m_shown.toLocalFile());
}

void Guide::tellWhere() {
    const QString shown = shownPage();
    m_where->clear();
    for (int i = 0; i < m_list->count(); ++i) {
        QListWidgetItem* row = m_list->item(i);
        if (row->data(pageRole).toString() != shown) continue;
        m_where->setText(row->text().section(u'\n', 0, 0));
        if (m_search->text().isEmpty()) m_list->setCurrentItem(row);
        return;
    }
}

}  // namespace rook::app
