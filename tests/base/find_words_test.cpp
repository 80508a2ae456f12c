/// What somebody wants to do, found by the words that they type.

#include "base/find_words.h"

#include "testing.h"

namespace rook::find_words_test {

class FindWordsTest : public QObject {
    Q_OBJECT
private slots:
    void titles_comeBeforeOtherWords();
    void everyWord_mustBeMet_butSmallOnes();
    void aLetterAmiss_isForgiven_fromFourLettersOn();
    void noWords_giveAll_asTheyStand();
    void lettersBeyondAscii_areLetters();
    void whatIsFound_isFoundByAnyBeginning();
};

namespace {

const std::vector<Findable> things{{"Box", "floor room rectangle wall"},
                                   {"Fill", "bucket flood floor"},
                                   {"Walk from the pointer", "play test try"},
                                   {"Floor plan", ""},
                                   {"Undo", "back revert"}};

std::vector<std::size_t> find(const char* typed) {
    return findByWords(typed, things);
}

}  // namespace

void FindWordsTest::titles_comeBeforeOtherWords() {
    QCOMPARE(find("floor"), (std::vector<std::size_t>{3, 0, 1}));
    QCOMPARE(find("FLO"), (std::vector<std::size_t>{3, 0, 1}));
    QCOMPARE(find("back").front(), std::size_t{4});
}

void FindWordsTest::everyWord_mustBeMet_butSmallOnes() {
    QCOMPARE(find("floor room"), (std::vector<std::size_t>{0}));
    QCOMPARE(find("how do I make a room"), (std::vector<std::size_t>{0}));
    QVERIFY(find("floor elephant").empty());
    QVERIFY(find("how to").empty());
    // A small word is one like others where it is met.
    QCOMPARE(find("walk the").front(), std::size_t{2});
}

void FindWordsTest::aLetterAmiss_isForgiven_fromFourLettersOn() {
    QCOMPARE(find("rectagle"), (std::vector<std::size_t>{0}));
    QCOMPARE(find("buckt"), (std::vector<std::size_t>{1}));
    QCOMPARE(find("ponter"), (std::vector<std::size_t>{2}));
    QVERIFY(find("bax").empty());
}

void FindWordsTest::noWords_giveAll_asTheyStand() {
    QCOMPARE(find(""), (std::vector<std::size_t>{0, 1, 2, 3, 4}));
    QCOMPARE(find(" , "), (std::vector<std::size_t>{0, 1, 2, 3, 4}));
}

void FindWordsTest::lettersBeyondAscii_areLetters() {
    const std::vector<Findable> german{{"Rückgängig", ""}, {"Fläche", ""}};
    QCOMPARE(findByWords("rück", german), (std::vector<std::size_t>{0}));
    QCOMPARE(findByWords("Fläche", german), (std::vector<std::size_t>{1}));
}

void FindWordsTest::whatIsFound_isFoundByAnyBeginning() {
    Random random(testing::seedOr(7));
    for (int round = 0; round < 2000; ++round) {
        const std::size_t place = std::size_t(random.between(0, int(things.size()) - 1));
        const std::string all = things[place].title + " " + things[place].words;
        std::vector<std::string> words(1);
        for (const char c : all)
            if (c == ' ')
                words.emplace_back();
            else
                words.back() += c;
        const std::string& word = words[std::size_t(random.between(0, int(words.size()) - 1))];
        if (word.empty()) continue;
        const std::string typed = word.substr(0, std::size_t(random.between(1, int(word.size()))));
        const auto found = find(typed.c_str());
        QVERIFY2(typed == "t" || std::find(found.begin(), found.end(), place) != found.end(),
                 typed.c_str());
    }
}

ROOK_TEST(FindWordsTest)

}  // namespace rook::find_words_test

#include "find_words_test.moc"
