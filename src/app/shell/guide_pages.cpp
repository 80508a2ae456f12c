#include "app/shell/guide_pages.h"

#include <QDir>
#include <QFile>
#include <QRegularExpression>
#include <algorithm>

namespace rook::app {

namespace {

constexpr qint64 mostBytes = 1 << 20;  // of one page

QStringList linesOf(const QString& path) {
    QFile file(path);
    if (!file.open(QIODevice::ReadOnly)) return {};
    return QString::fromUtf8(file.read(mostBytes)).split(u'\n');
}

/// What is read of a line: no marks of links, code and stress.
QString readText(QString line) {
    static const QRegularExpression link(QStringLiteral("!?\\[([^\\]]*)\\]\\([^)]*\\)"));
    static const QRegularExpression marks(QStringLiteral("[*`|]"));
    return line.replace(link, QStringLiteral("\\1")).remove(marks).trimmed();
}

}  // namespace

std::vector<GuidePage> guidePages(const QString& docs) {
    static const QRegularExpression entry(QStringLiteral("^- \\[([^\\]]+)\\]\\(([^)]+\\.md)\\)"));
    std::vector<GuidePage> pages;
    QString group;
    for (const QString& line : linesOf(docs + QStringLiteral("/guide/README.md"))) {
        if (line.startsWith(QStringLiteral("## "))) group = line.mid(3).trimmed();
        const auto match = entry.match(line);
        if (!match.hasMatch()) continue;
        const QString file = QDir::cleanPath(QStringLiteral("guide/") + match.captured(2));
        if (QFile::exists(docs + u'/' + file)) pages.push_back({file, match.captured(1), group});
    }
    return pages;
}

std::vector<GuidePart> guideParts(const QString& docs) {
    std::vector<GuidePart> parts;
    for (const GuidePage& page : guidePages(docs)) {
        parts.push_back({page.file, page.title, {}, {}});
        bool isCode = false, isFirst = true;
        for (const QString& line : linesOf(docs + u'/' + page.file)) {
            if (line.startsWith(QStringLiteral("```"))) isCode = !isCode;
            if (!isCode && line.startsWith(u'#')) {
                // The first heading is the page's own.
                if (!isFirst)
                    parts.push_back(
                        {page.file, page.title, readText(line.mid(line.indexOf(u' '))), {}});
                isFirst = false;
            } else {
                parts.back().text += readText(line) + u' ';
            }
        }
    }
    return parts;
}

std::vector<GuidePart> searchGuide(const std::vector<GuidePart>& parts, const QString& typed) {
    const QStringList words = typed.split(u' ', Qt::SkipEmptyParts);
    std::vector<GuidePart> found;
    if (words.isEmpty()) return found;
    const auto holds = [&](const QString& text) {
        return std::all_of(words.begin(), words.end(), [&](const QString& word) {
            return text.contains(word, Qt::CaseInsensitive);
        });
    };
    const auto headed = [](const GuidePart& part) {
        return part.heading.isEmpty() ? part.title : part.heading;
    };
    for (const bool inHeading : {true, false})
        for (const GuidePart& part : parts)
            if (holds(headed(part)) == inHeading &&
                (inHeading || holds(headed(part) + u' ' + part.text)))
                found.push_back(part);
    return found;
}

}  // namespace rook::app
