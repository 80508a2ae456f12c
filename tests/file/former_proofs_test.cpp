/// The proofs that the demo had before other profiles, beaten foes and doors that are used came in:
/// they replay as they did, to the px and the tick.

#include "file/project_file.h"
#include "reach/prove.h"
#include "registry.h"

namespace rook::former_proofs_test {

class FormerProofsTest : public QObject {
    Q_OBJECT
private slots:
    void runs_areTheSame_tickByTick_data() {
        QTest::addColumn<QString>("id");
        QTest::addColumn<int>("ticks");
        QTest::addColumn<quint64>("print");
        // Of every place and stance of the run, taken when these parts were not there yet.
        QTest::newRow("intake") << "intake" << 962 << quint64{2985586125353721643u};
        QTest::newRow("wheel-hall") << "wheel-hall" << 3792 << quint64{8543550708141524527u};
        QTest::newRow("grain-loft") << "grain-loft" << 1356 << quint64{9907913759130253780u};
    }
    void runs_areTheSame_tickByTick() {
        QFETCH(QString, id);
        QFETCH(int, ticks);
        QFETCH(quint64, print);
        const auto project =
            file::openProject(file::diskStorage(), ROOK_SOURCE_DIR "/tests/data/former-demo");
        QVERIFY2(project, project ? "" : project.error().sentence().c_str());
        const auto level = project->findLevel({id.toStdString()});
        QVERIFY(level && level->proof);
        auto query = reach::queryOf(*project, *level);
        QVERIFY(query);
        query->problem.parts.foes = reach::foesOf(*project, *level, query->problem.tables);
        const auto inputs = reach::inputsOf(level->proof->spans);
        const reach::Run run = reach::replayed(query->problem, inputs);
        QCOMPARE(run.bodies.size(), inputs.size() + 1);
        quint64 seen = 14695981039346656037u;
        for (const runtime::Body& body : run.bodies)
            for (const int number : {body.x, body.y, int(body.stance), body.phase})
                seen = (seen ^ quint64(quint32(number))) * 1099511628211u;
        QCOMPARE(run.ticks(), ticks);
        QCOMPARE(seen, print);
        for (const reach::Goal& goal : query->goals)
            if (goal.id == level->proof->goal.text)
                QVERIFY(reach::replays(query->problem, run, goal.box));
    }
};

ROOK_TEST(FormerProofsTest)

}  // namespace rook::former_proofs_test

#include "former_proofs_test.moc"
