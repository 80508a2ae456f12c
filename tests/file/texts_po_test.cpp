/// Texts for translators, and back.

#include "file/texts_po.h"

#include <map>

#include "base/random.h"
#include "check/game_findings.h"
#include "testing.h"

namespace rook::texts_po_test {

using namespace rook::level;

class TextsPoTest : public QObject {
    Q_OBJECT
private slots:
    void init();
    void everyText_comesBackTranslated();
    void signsOfEverySort_areKept();
    void textThatChanged_isNotTaken();
    void badFiles_areOneSentence_data();
    void badFiles_areOneSentence();
    void missingTranslation_andTooLongOnes_areFound();

private:
    [[nodiscard]] std::string filled(const std::string& words) const {
        std::string text = file::poText(m_project, "de");
        const std::string empty = "\nmsgstr \"\"\n";
        for (std::size_t at = text.find(empty, 40); at != std::string::npos;
             at = text.find(empty, at + 1))
            text.replace(at, empty.size(), "\nmsgstr \"" + words + "\"\n");
        return text;
    }
    Project m_project;
};

void TextsPoTest::init() {
    m_project =
        testing::gameOf({{"S..........X", "############"}, {"S..........X", "############"}});
    m_project.game.languages = {"en", "de"};
    m_project.game.texts = {{"end", WordsWhen::End, "The end", WordsPlace::Middle, 0, {}, {}}};
    testing::editLevel(m_project, "level-1", [](Level& level) {
        level.texts = std::vector<Words>{
            {"start", WordsWhen::Start, "Go.", WordsPlace::Middle, 0, {}, {}},
            {"hint", WordsWhen::Said, "Say \"ah\".\nTwice\\.", WordsPlace::Top, 60, {}, {}}};
    });
}

void TextsPoTest::everyText_comesBackTranslated() {
    const auto reading = file::readPo(m_project, "de", filled("Da"), "de.po");
    QVERIFY2(reading, reading ? "" : reading.error().sentence().c_str());
    QCOMPARE(reading->taken, 3);
    QVERIFY(reading->unknown.empty() && reading->stale.empty());
    QCOMPARE(*reading->project.game.texts[0].textIn("de"), std::string("Da"));
    QCOMPARE(*reading->project.findLevel({"level-1"})->texts[1].textIn("de"), std::string("Da"));
    // Written again it holds them; read again nothing is new. Other levels are shared.
    const std::string again = file::poText(reading->project, "de");
    QCOMPARE(file::readPo(reading->project, "de", again, "de.po")->taken, 0);
    QCOMPARE(reading->project.levels[1], m_project.levels[1]);
    QVERIFY(!m_project.game.texts[0].textIn("de"));
}

void TextsPoTest::signsOfEverySort_areKept() {
    Random random(testing::seedOr(99));
    for (int round = 0; round < 200; ++round) {
        std::string text;
        for (int i = random.between(1, 20); i > 0; --i)
            text += std::string("a\"\\\n\t# ;m\xc2\xb7")[std::size_t(random.between(0, 9))];
        testing::editLevel(m_project, "level-1", [&](Level& level) {
            level.texts.edit([&](auto& list) {
                list[0].text = text;
                list[0].in = {{"de", text + "!"}};
            });
        });
        const auto reading = file::readPo(m_project, "de", file::poText(m_project, "de"), "de.po");
        QVERIFY(reading);
        QVERIFY(reading->stale.empty());
        QCOMPARE(*reading->project.findLevel({"level-1"})->texts[0].textIn("de"), text + "!");
    }
}

void TextsPoTest::textThatChanged_isNotTaken() {
    const std::string po = filled("Da");
    testing::editLevel(m_project, "level-1", [](Level& level) {
        level.texts.edit([](auto& list) {
            list[0].text = "Go on.";
            list.pop_back();
        });
    });
    const auto reading = file::readPo(m_project, "de", po, "de.po");
    QCOMPARE(reading->taken, 1);
    QCOMPARE(reading->stale, std::vector<std::string>{"level-1/start"});
    QCOMPARE(reading->unknown, std::vector<std::string>{"level-1/hint"});
    // One that its translator was not sure of counts as none.
    std::string fuzzy = filled("Da");
    fuzzy.replace(fuzzy.find("#: rookplot.json"), 16, "#, fuzzy");
    QVERIFY(!file::readPo(m_project, "de", fuzzy, "de.po")->project.game.texts[0].textIn("de"));
}

void TextsPoTest::badFiles_areOneSentence_data() {
    QTest::addColumn<QString>("text");
    QTest::addColumn<QString>("where");
    QTest::newRow("no quote") << "msgid hello\n"
                              << "de.po:1";
    QTest::newRow("not closed") << "msgid \"\"\nmsgstr \"x\n"
                                << "de.po:2";
    QTest::newRow("more behind") << "msgid \"a\" b\n"
                                 << "de.po:1";
    QTest::newRow("nothing before") << "\"a\"\n"
                                    << "de.po:1";
    QTest::newRow("plural") << "msgid \"a\"\nmsgstr[0] \"b\"\n"
                            << "de.po:2";
    QTest::newRow("other word") << "translation \"a\"\n"
                                << "de.po:1";
}

void TextsPoTest::badFiles_areOneSentence() {
    QFETCH(QString, text);
    QFETCH(QString, where);
    const auto reading = file::readPo(m_project, "de", text.toStdString(), "de.po");
    QVERIFY(!reading);
    const QString sentence = QString::fromStdString(reading.error().sentence());
    QVERIFY2(sentence.contains(where), qPrintable(sentence));
}

void TextsPoTest::missingTranslation_andTooLongOnes_areFound() {
    const auto names = [&] {
        std::map<std::string, int> counts;
        for (const check::ProjectFinding& finding : check::gameFindings(m_project))
            ++counts[finding.name];
        return counts;
    };
    QCOMPARE(names()["text-not-translated"], 2);  // of the level, and of the game
    m_project = file::readPo(m_project, "de", filled("Da"), "de.po")->project;
    QCOMPARE(names()["text-not-translated"], 0);
    QCOMPARE(names()["text-too-long"], 0);
    init();
    m_project = file::readPo(m_project, "de", filled(std::string(900, 'x')), "de.po")->project;
    QCOMPARE(names()["text-too-long"], 3);
    m_project.game.screens[0].height = 2000;
    QCOMPARE(names()["text-too-long"], 0);
}

ROOK_TEST(TextsPoTest)

}  // namespace rook::texts_po_test

#include "texts_po_test.moc"
