#include "app/ui/core_words.h"

#include <QRegularExpression>
#include <QXmlStreamReader>
#include <algorithm>

namespace rook::app {

namespace {

constexpr int deepest = 4;
constexpr qsizetype mostKnown = 4096;

/// "the gate." is the gate, and a point.
qsizetype endOfWords(QStringView text) {
    qsizetype end = text.size();
    while (end > 0 && QStringView(u".:,; ").contains(text[end - 1]))
        --end;
    return end;
}

}  // namespace

CoreWords::CoreWords(QIODevice& file) {
    QXmlStreamReader reader(&file);
    QString source;
    while (!reader.atEnd()) {
        if (reader.readNext() != QXmlStreamReader::StartElement) continue;
        if (reader.name() == u"source") {
            source = reader.readElementText();
        } else if (reader.name() == u"translation") {
            const QString said = reader.readElementText();
            if (!said.isEmpty()) add(source, said);
        }
    }
    std::stable_sort(m_patterns.begin(), m_patterns.end(),
                     [](const Pattern& a, const Pattern& b) { return a.letters > b.letters; });
}

void CoreWords::add(const QString& source, const QString& said) {
    static const QRegularExpression mark(QStringLiteral("%(\\d)"));
    Pattern pattern;
    qsizetype from = 0;
    for (auto marks = mark.globalMatch(source); marks.hasNext();) {
        const auto match = marks.next();
        const QString before = source.mid(from, match.capturedStart() - from);
        from = match.capturedEnd();
        // Two values side by side cannot be told apart: the first has both.
        if (!pattern.numbers.empty() && before.isEmpty()) continue;
        pattern.around << before;
        pattern.numbers.push_back(match.captured(1).toInt());
    }
    if (pattern.numbers.empty()) {
        m_whole.insert(source, said);
        return;
    }
    pattern.around << source.mid(from);
    pattern.said = said;
    for (const QString& words : pattern.around)
        pattern.letters +=
            std::count_if(words.begin(), words.end(), [](QChar sign) { return sign.isLetter(); });
    if (pattern.letters > 0) m_patterns.push_back(std::move(pattern));
}

QString CoreWords::told(const QString& sentence) {
    if (const auto known = m_known.constFind(sentence); known != m_known.constEnd()) return *known;
    if (m_known.size() >= mostKnown) m_known.clear();
    QString said = translated(sentence, 0);
    m_known.insert(sentence, said);
    return said;
}

QString CoreWords::translated(const QString& sentence, int depth) {
    if (const auto whole = m_whole.constFind(sentence); whole != m_whole.constEnd()) return *whole;
    const bool hasLetter =
        std::any_of(sentence.begin(), sentence.end(), [](QChar sign) { return sign.isLetter(); });
    if (!hasLetter || depth > deepest) return sentence;
    // The name of a choice: one-way, air-jump.
    if (const auto word = m_whole.constFind(QString(sentence).replace(u'-', u' '));
        word != m_whole.constEnd() && !sentence.contains(u' '))
        return *word;
    QStringList values;
    for (const Pattern& pattern : m_patterns)
        if (fits(pattern, sentence, values)) return filled(pattern, values, depth);
    const qsizetype end = endOfWords(sentence);
    if (end == sentence.size() || end == 0) return sentence;
    return translated(sentence.left(end), depth + 1) + sentence.mid(end);
}

QString CoreWords::filled(const Pattern& pattern, const QStringList& values, int depth) {
    static const QRegularExpression mark(QStringLiteral("%(\\d)"));
    QString said;
    qsizetype from = 0;
    for (auto marks = mark.globalMatch(pattern.said); marks.hasNext();) {
        const auto match = marks.next();
        said += pattern.said.mid(from, match.capturedStart() - from);
        from = match.capturedEnd();
        const auto number =
            std::find(pattern.numbers.begin(), pattern.numbers.end(), match.captured(1).toInt());
        if (number == pattern.numbers.end()) continue;
        const auto at = qsizetype(number - pattern.numbers.begin());
        const bool isQuoted = pattern.around[at].endsWith(u'"');
        said += isQuoted ? values[at] : translated(values[at], depth + 1);
    }
    return said + pattern.said.mid(from);
}

bool CoreWords::fits(const Pattern& pattern, QStringView sentence, QStringList& values) {
    const QStringList& around = pattern.around;
    if (!sentence.startsWith(around.front()) || !sentence.endsWith(around.back())) return false;
    const qsizetype end = sentence.size() - around.back().size();
    qsizetype at = around.front().size();
    values.clear();
    for (qsizetype i = 1; i < around.size(); ++i) {
        const bool isLast = i + 1 == around.size();
        const qsizetype next = isLast ? end : sentence.indexOf(around[i], at + 1);
        if (next <= at || next > end) return false;
        values << sentence.mid(at, next - at).toString();
        at = next + around[i].size();
    }
    return true;
}

}  // namespace rook::app
