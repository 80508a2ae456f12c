/// Each target of fuzz/ with its corpus, and with what chance makes of it. A target that finds
/// something ends the process; the input that did it lies in the build folder, in fuzz-last/.

#include <QDirIterator>
#include <QElapsedTimer>
#include <array>
#include <random>

#include "data.h"
#include "targets.h"
#include "testing.h"

namespace rook::mutation_test {

namespace {

const QString corpusFolder = QStringLiteral(ROOK_SOURCE_DIR "/fuzz/corpus/");

/// Pieces that readers trip over.
constexpr std::array<std::string_view, 22> pieces{
    "{",        "}",      "[",    "]",       "\"",
    ",",        ":",      "null", "-1",      "99999999999999999999",
    "1e99",     "0.0001", "true", "\\u0000", "\xff\xfe",
    "../..",    "##",     "\n",   "\"id\"",  "\"unknown\"",
    "[[[[[[[[", "\r\n"};

/// Some changes of a text, and now and then a piece of another one.
class Mutator {
public:
    Mutator(std::vector<std::string> corpus, std::uint64_t seed)
        : m_corpus(std::move(corpus)), m_chance(seed) {}

    std::string next() {
        std::string text = any();
        for (std::uint64_t changes = 1 + m_chance() % 6; changes > 0; --changes)
            change(text);
        return text.size() > 200'000 ? text.substr(0, 200'000) : text;
    }

private:
    const std::string& any() { return m_corpus[m_chance() % m_corpus.size()]; }
    std::size_t placeIn(const std::string& text) {
        return text.empty() ? 0 : m_chance() % text.size();
    }
    void change(std::string& text) {
        const std::size_t at = placeIn(text), length = m_chance() % 16;
        switch (m_chance() % 7) {
            case 0:
                if (!text.empty()) text[at] = static_cast<char>(m_chance());
                break;
            case 1:
                text.erase(at, length);
                break;
            case 2:
                text.insert(at, text.substr(at, length));
                break;
            case 3:
                text.insert(at, pieces[m_chance() % pieces.size()]);
                break;
            case 4:
                text.replace(at, std::min(length, text.size() - at),
                             pieces[m_chance() % pieces.size()]);
                break;
            case 5: {
                const std::string& other = any();
                const std::size_t from = placeIn(other);
                text.insert(at, other.substr(from, m_chance() % 200));
                break;
            }
            default:
                if (!text.empty()) text[at] = static_cast<char>(text[at] ^ (1 << m_chance() % 8));
        }
    }

    std::vector<std::string> m_corpus;
    std::mt19937_64 m_chance;
};

}  // namespace

class MutationTest : public QObject {
    Q_OBJECT
private slots:
    void eachTarget_data();
    void eachTarget();
};

void MutationTest::eachTarget_data() {
    QTest::addColumn<int>("target");
    for (std::size_t i = 0; i < fuzz::targets().size(); ++i)
        QTest::newRow(fuzz::targets()[i].name.data()) << int(i);
}

void MutationTest::eachTarget() {
    QFETCH(int, target);
    const fuzz::Target& each = fuzz::targets()[std::size_t(target)];
    const QString name = QString::fromUtf8(each.name.data(), qsizetype(each.name.size()));
    std::vector<std::string> corpus;
    QDirIterator files(corpusFolder + name, QDir::Files);
    while (files.hasNext())
        corpus.push_back(testing::readBytes(files.next()).toStdString());
    QVERIFY2(!corpus.empty(), "the target has a corpus");
    QDir().mkpath((testing::binaryFolder() + "/fuzz-last"));
    QFile last((testing::binaryFolder() + "/fuzz-last/") + name);
    QVERIFY(last.open(QIODevice::WriteOnly | QIODevice::Unbuffered));
    const auto run = [&](const std::string& text) {
        last.seek(0);
        last.write(text.data(), qint64(text.size()));
        last.resize(qint64(text.size()));
        each.run({reinterpret_cast<const std::uint8_t*>(text.data()), text.size()});
    };
    for (const std::string& text : corpus)
        run(text);
    const std::uint64_t seed = testing::seedOr(19);
    Mutator mutator(std::move(corpus), seed + std::uint64_t(target));
    const int wanted = qEnvironmentVariableIsSet("ROOK_FUZZ_MS")
                           ? qEnvironmentVariableIntValue("ROOK_FUZZ_MS")
                           : 700;
    QElapsedTimer timer;
    timer.start();
    qint64 slowest = 0;
    int inputs = 0;
    for (; timer.elapsed() < wanted; ++inputs) {
        const qint64 before = timer.elapsed();
        run(mutator.next());
        slowest = std::max(slowest, timer.elapsed() - before);
    }
    qInfo("%d inputs by seed %llu, the slowest took %lld ms", inputs,
          static_cast<unsigned long long>(seed), static_cast<long long>(slowest));
}

ROOK_TEST(MutationTest)

}  // namespace rook::mutation_test

#include "mutation_test.moc"
