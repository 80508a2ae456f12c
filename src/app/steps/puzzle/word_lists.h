#pragma once
/// Names in one line of text, as marks and stacks are written.

#include <QString>
#include <QStringList>
#include <string>
#include <vector>

namespace rook::app {

[[nodiscard]] inline std::vector<std::string> wordsIn(const QString& text) {
    std::vector<std::string> words;
    for (const QString& word : text.simplified().split(u' ', Qt::SkipEmptyParts))
        words.push_back(word.toStdString());
    return words;
}

[[nodiscard]] inline QString joined(const std::vector<std::string>& words) {
    QStringList list;
    for (const std::string& word : words)
        list << QString::fromStdString(word);
    return list.join(u' ');
}

}  // namespace rook::app
