// The loader of examples/python, which was written by the documents alone, draws each level of the
// demo as lantern does, px for px.

#include <QImage>
#include <QProcess>

#include "data.h"
#include "testing.h"

namespace rook::python_test {

class PythonTest : public QObject {
    Q_OBJECT
private slots:
    void initTestCase();
    void eachLevel_isDrawnAsLanternDoes_data();
    void eachLevel_isDrawnAsLanternDoes();
    void aPackedBundle_isDrawnAlike();
    void badBundles_areOneSentence_data();
    void badBundles_areOneSentence();

private:
    QTemporaryDir m_folder;
    QString m_bundle;
};

namespace {

int run(const QString& program, const QStringList& arguments, QString* said = nullptr) {
    QProcess process;
    QProcessEnvironment environment = QProcessEnvironment::systemEnvironment();
    environment.insert("SDL_VIDEODRIVER", "dummy");
    environment.insert("PYTHONDONTWRITEBYTECODE", "1");
    process.setProcessEnvironment(environment);
    process.start(program, arguments);
    if (!process.waitForFinished(120000)) return -1;
    if (said) *said = QString::fromUtf8(process.readAllStandardError());
    return process.exitCode();
}

QString bin() {
    return testing::binaryFolder() + "/bin/";
}

int exportTo(const QString& project, const QString& bundle) {
    return run(bin() + "rookplot", {"export", project, "--to", bundle, "--no-findings"});
}

int draw(const QString& bundle, const QString& level, const QString& to, QString* said = nullptr) {
    return run("/usr/bin/python3",
               {ROOK_SOURCE_DIR "/examples/python/draw_level.py", bundle, level, to}, said);
}

/// Where both pictures differ first; empty if nowhere.
QString differenceOf(const QImage& a, const QImage& b) {
    if (a.isNull() || a.size() != b.size())
        return QStringLiteral("sizes: %1 x %2 and %3 x %4")
            .arg(a.width())
            .arg(a.height())
            .arg(b.width())
            .arg(b.height());
    for (int y = 0; y < a.height(); ++y)
        for (int x = 0; x < a.width(); ++x)
            if (a.pixel(x, y) != b.pixel(x, y))
                return QStringLiteral("px %1, %2: %3 and %4")
                    .arg(x)
                    .arg(y)
                    .arg(a.pixel(x, y), 0, 16)
                    .arg(b.pixel(x, y), 0, 16);
    return {};
}

}  // namespace

void PythonTest::initTestCase() {
    m_bundle = m_folder.filePath("bundle");
    QCOMPARE(exportTo(QStringLiteral(ROOK_SOURCE_DIR "/demo/lantern-weir"), m_bundle), 0);
}

void PythonTest::eachLevel_isDrawnAsLanternDoes_data() {
    QTest::addColumn<QString>("level");
    const QJsonObject campaign =
        QJsonDocument::fromJson(testing::readBytes(m_bundle + "/campaign.json")).object();
    for (const QJsonValue& level : campaign["levels"].toArray())
        QTest::newRow(qPrintable(level["id"].toString())) << level["id"].toString();
}

void PythonTest::eachLevel_isDrawnAsLanternDoes() {
    QFETCH(QString, level);
    const QString png = m_folder.filePath(level + ".png"), ppm = m_folder.filePath(level + ".ppm");
    QCOMPARE(run(bin() + "lantern", {m_bundle, "--level", level, "--whole", "--png", png}), 0);
    QString said;
    QVERIFY2(draw(m_bundle, level, ppm, &said) == 0, qPrintable(said));
    const QImage ours = QImage(png).convertToFormat(QImage::Format_RGB32);
    QCOMPARE(differenceOf(ours, QImage(ppm).convertToFormat(QImage::Format_RGB32)), QString());
    // The comparison can fail: one px makes a difference.
    QImage other = ours;
    other.setPixel(other.width() / 2, 3, other.pixel(other.width() / 2, 3) ^ 1u);
    QVERIFY(!differenceOf(ours, other).isEmpty());
}

void PythonTest::aPackedBundle_isDrawnAlike() {
    const QString project = testing::copyDemo(m_folder);
    QByteArray text = testing::readBytes(project + "/rookplot.json");
    text.replace(text.lastIndexOf('}'), 1, ", \"bundle\": {\"waysUpTo\": 3600, \"packed\": true}}");
    testing::writeBytes(project + "/rookplot.json", text);
    const QString packed = m_folder.filePath("packed");
    QCOMPARE(exportTo(project, packed), 0);
    QVERIFY(testing::readBytes(packed + "/levels/grain-loft.level.json").contains("\"zlib\""));
    const QString a = m_folder.filePath("a.ppm"), b = m_folder.filePath("b.ppm");
    QCOMPARE(draw(m_bundle, "grain-loft", a), 0);
    QCOMPARE(draw(packed, "grain-loft", b), 0);
    QCOMPARE(testing::readBytes(a), testing::readBytes(b));
}

void PythonTest::badBundles_areOneSentence_data() {
    QTest::addColumn<QString>("file");
    QTest::addColumn<QByteArray>("from");
    QTest::addColumn<QByteArray>("to");
    QTest::newRow("path") << "campaign.json" << QByteArray("levels/sluice-table.level.json")
                          << QByteArray("../sluice-table.level.json");
    QTest::newRow("version") << "levels/sluice-table.level.json" << QByteArray("\"version\": 1")
                             << QByteArray("\"version\": 2");
    QTest::newRow("no json") << "levels/sluice-table.level.json" << QByteArray("{")
                             << QByteArray("[");
}

void PythonTest::badBundles_areOneSentence() {
    QFETCH(QString, file);
    QFETCH(QByteArray, from);
    QFETCH(QByteArray, to);
    const QTemporaryDir folder;
    const QString bundle = folder.filePath("bundle");
    std::filesystem::copy(m_bundle.toStdString(), bundle.toStdString(),
                          std::filesystem::copy_options::recursive);
    QByteArray text = testing::readBytes(bundle + "/" + file);
    QVERIFY(text.contains(from));
    testing::writeBytes(bundle + "/" + file, text.replace(text.indexOf(from), from.size(), to));
    QString said;
    QCOMPARE(draw(bundle, "sluice-table", folder.filePath("x.ppm"), &said), 2);
    QVERIFY2(said.startsWith("draw_level: ") && said.count('\n') == 1, qPrintable(said));
}

ROOK_TEST(PythonTest)

}  // namespace rook::python_test

#include "python_test.moc"
