/// What of a text may be shown.

#include "base/printable.h"

#include "base/result.h"
#include "registry.h"

namespace rook::printable_test {

class PrintableTest : public QObject {
    Q_OBJECT
private slots:
    void textsOfPeople_stay() {
        for (const char* text : {"", "Rad und Wehr", "Mühle, 水車, 🏮", "a\"b\"c"})
            QCOMPARE(printable(text), std::string(text));
    }
    void whatATerminalWouldObey_isWrittenOut() {
        QCOMPARE(printable("\x1b[2J"), std::string("\\x1b[2J"));
        QCOMPARE(printable("a\nb\tc"), std::string("a\\x0ab\\x09c"));
        QCOMPARE(printable("\xc2\x9b"), std::string("\\xc2\\x9b"));  // a control of its own
        QCOMPARE(printable(std::string_view("a\0b", 3)), std::string("a\\x00b"));
        QCOMPARE(printable("\x7f"), std::string("\\x7f"));
    }
    void whatIsNoUtf8_isWrittenOut() {
        QCOMPARE(printable("\xff"), std::string("\\xff"));
        QCOMPARE(printable("m\xc3"), std::string("m\\xc3"));
        QCOMPARE(printable("\xc0\xaf"), std::string("\\xc0\\xaf"));  // too long for a slash
        QCOMPARE(printable("\xed\xa0\x80"), std::string("\\xed\\xa0\\x80"));  // half of a pair
    }
    void longValues_areCut() {
        const std::string line =
            printableLine("There is no kind \"" + std::string(5000, 'x') + "\" here");
        QCOMPARE(line, "There is no kind \"" + std::string(80, 'x') + "…\" here");
        QVERIFY(printableLine(std::string(5000, 'y')).size() < 410);
        // No half character at the end.
        std::string umlauts;
        while (umlauts.size() < 200)
            umlauts += "ü";
        const std::string cut = printableLine("\"x" + umlauts + "\"");
        QCOMPARE(printable(cut), cut);
    }
    void sentences_areSafe() {
        const Error error{ErrorKind::BadReference, "There is no \"\x1b]0;mine\x07\"", "a\nb.json",
                          "Add it"};
        QCOMPARE(error.sentence(),
                 std::string("There is no \"\\x1b]0;mine\\x07\" (a\\x0ab.json). Add it."));
    }
};

ROOK_TEST(PrintableTest)

}  // namespace rook::printable_test

#include "printable_test.moc"
