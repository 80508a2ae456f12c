/// rookplot-desk: the window.

#include <QApplication>
#include <QCommandLineParser>
#include <QIcon>
#include <QStyleFactory>
#include <cstdio>

#include "app/pages/settings_page.h"
#include "app/shell/life_of_process.h"
#include "app/shell/main_window.h"
#include "app/shell/shots.h"

int main(int argc, char** argv) {
    QCoreApplication::setApplicationName(QStringLiteral("rookplot"));
    QCoreApplication::setOrganizationName(QStringLiteral("rookplot"));
    // What is larger for the eye is larger altogether; it can only be said before there is a
    // window.
    if (const int percent = rook::app::StartSettings::textPercent();
        percent != 100 && !qEnvironmentVariableIsSet("QT_SCALE_FACTOR"))
        qputenv("QT_SCALE_FACTOR", QByteArray::number(percent / 100.0));
    QApplication application(argc, argv);
    QApplication::setApplicationDisplayName(QStringLiteral("Rook Plot"));
    QApplication::setApplicationVersion(QStringLiteral(ROOK_VERSION));
    QGuiApplication::setDesktopFileName(QStringLiteral("org.rookplot.RookPlot"));
    QApplication::setWindowIcon(QIcon(QStringLiteral(":/rookplot.svg")));
    QApplication::setStyle(QStyleFactory::create(QStringLiteral("Fusion")));

    QCommandLineParser parser;
    parser.setApplicationDescription(QCoreApplication::translate(
        "main", "Rook Plot: build levels and prove that they can be played through."));
    parser.addHelpOption();
    parser.addVersionOption();
    parser.addPositionalArgument(
        QStringLiteral("PROJECT"),
        QCoreApplication::translate("main", "The project folder to open, or its rookplot.json."));
    const QCommandLineOption shots(
        QStringLiteral("shots"),
        QCoreApplication::translate("main",
                                    "Write one picture of each main view to this folder and end."),
        QStringLiteral("DIR"));
    parser.addOption(shots);
    const QCommandLineOption only(
        QStringLiteral("only"),
        QCoreApplication::translate("main", "With --shots: only these, apart by commas: %1.")
            .arg(rook::app::shotNames().join(QStringLiteral(", "))),
        QStringLiteral("VIEWS"));
    parser.addOption(only);
    const QCommandLineOption demo(
        QStringLiteral("demo"),
        QCoreApplication::translate("main", "Open a copy of the demo, Lantern Weir."));
    parser.addOption(demo);
    if (!parser.parse(application.arguments())) {
        std::fprintf(stderr, "rookplot-desk: %s. What there is is told by --help.\n",
                     qPrintable(parser.errorText()));
        return 2;
    }
    parser.process(application);

    rook::app::MainWindow window;
    const QStringList arguments = parser.positionalArguments();
    if (parser.isSet(shots)) {
        window.session().guard.switchOff();
        window.session().autosave.switchOff();
        window.show();
        if (arguments.isEmpty() || !window.openProject(arguments[0])) {
            std::fprintf(stderr,
                         "rookplot-desk: The project cannot be opened. Name the demo's folder.\n");
            return 2;
        }
        const QStringList views = parser.value(only).split(u',', Qt::SkipEmptyParts);
        return rook::app::writeShots(window, parser.value(shots), views) ? 0 : 2;
    }
    window.show();
    const rook::app::LifeOfProcess life(window);
    if (!arguments.isEmpty())
        window.openProject(arguments[0]);
    else if (parser.isSet(demo))
        window.openDemo();
    else if (window.session().autosave.offerUnsaved(); !window.session().autosave.offer())
        window.welcome();
    return QApplication::exec();
}
