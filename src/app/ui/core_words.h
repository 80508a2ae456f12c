#pragma once
/// The core's English sentences in another language.
///
/// The core puts its sentences together of words and values: "Exit gate-1 leads nowhere: there is
/// no level 7". A pattern is such a sentence with marks for its values, "Exit %1 leads nowhere:
/// %2"; its values may be sentences themselves. Names that stand in quotes are left alone.

#include <QHash>
#include <QIODevice>
#include <QStringList>
#include <vector>

namespace rook::app {

class CoreWords {
public:
    /// Reads the messages of a .ts file; those without a translation are left out.
    explicit CoreWords(QIODevice& file);
    /// The sentence in the other language, or itself. Patterns with more letters are tried first.
    /// What was asked is kept, up to 4,096 sentences. Cost: a look at each pattern for a new one.
    [[nodiscard]] QString told(const QString& sentence);

private:
    struct Pattern {
        QStringList around;        ///< the words before, between and after its values
        std::vector<int> numbers;  ///< of the values in their order, 1 to 9
        QString said;
        qsizetype letters = 0;
    };
    void add(const QString& source, const QString& said);
    [[nodiscard]] QString translated(const QString& sentence, int depth);
    [[nodiscard]] QString filled(const Pattern& pattern, const QStringList& values, int depth);
    static bool fits(const Pattern& pattern, QStringView sentence, QStringList& values);

    QHash<QString, QString> m_whole;
    std::vector<Pattern> m_patterns;
    QHash<QString, QString> m_known;
};

}  // namespace rook::app
