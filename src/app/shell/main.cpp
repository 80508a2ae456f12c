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
#include "app/ui/words.h"

namespace {

using namespace rook::app;

/// What may be said at the command line.
struct CommandLine {
    QCommandLineParser parser;
    QCommandLineOption shots{QStringLiteral("shots"),
                             tr("Write one picture of each main view to this folder and end."),
                             QStringLiteral("DIR")};
    QCommandLineOption only{QStringLiteral("only"),
                            tr("With --shots: only these, apart by commas: %1.")
                                .arg(shotNames().join(QStringLiteral(", "))),
                            QStringLiteral("VIEWS")};
    QCommandLineOption guide{QStringLiteral("guide-shots"),
                             tr("Write the pictures of the guide to this folder and end."),
                             QStringLiteral("DIR")};
    QCommandLineOption demo{QStringLiteral("demo"), tr("Open a copy of the demo, Lantern Weir.")};

    CommandLine() {
        parser.setApplicationDescription(
            tr("Rook Plot: build levels and prove that they can be played through."));
        parser.addHelpOption();
        parser.addVersionOption();
        parser.addPositionalArgument(QStringLiteral("PROJECT"),
                                     tr("The project folder to open, or its rookplot.json."));
        parser.addOptions({shots, only, guide, demo});
    }
    [[nodiscard]] QString project() const { return parser.positionalArguments().value(0); }
};

/// What is larger for the eye is larger altogether; it can only be said before there is a window.
void takeTextSize() {
    const int percent = StartSettings::textPercent();
    if (percent != 100 && !qEnvironmentVariableIsSet("QT_SCALE_FACTOR"))
        qputenv("QT_SCALE_FACTOR", QByteArray::number(percent / 100.0));
}

/// Gives the exit code.
int writePictures(MainWindow& window, const CommandLine& line) {
    window.session().guard.switchOff();
    window.session().autosave.switchOff();
    window.show();
    if (line.parser.isSet(line.guide))
        return writeGuideShots(window, line.parser.value(line.guide)) ? 0 : 2;
    if (line.project().isEmpty() || !window.openProject(line.project())) {
        std::fprintf(stderr,
                     "rookplot-desk: The project cannot be opened. Name the demo's folder.\n");
        return 2;
    }
    const QStringList views = line.parser.value(line.only).split(u',', Qt::SkipEmptyParts);
    return writeShots(window, line.parser.value(line.shots), views) ? 0 : 2;
}

}  // namespace

int main(int argc, char** argv) {
    QCoreApplication::setApplicationName(QStringLiteral("rookplot"));
    QCoreApplication::setOrganizationName(QStringLiteral("rookplot"));
    takeTextSize();
    QApplication application(argc, argv);
    QApplication::setApplicationDisplayName(QStringLiteral("Rook Plot"));
    QApplication::setApplicationVersion(QStringLiteral(ROOK_VERSION));
    QGuiApplication::setDesktopFileName(QStringLiteral("org.rookplot.RookPlot"));
    QApplication::setWindowIcon(QIcon(QStringLiteral(":/rookplot.svg")));
    QApplication::setStyle(QStyleFactory::create(QStringLiteral("Fusion")));

    QLocale::setDefault(StartSettings::locale());
    speak(StartSettings::locale());
    CommandLine line;
    if (!line.parser.parse(QApplication::arguments())) {
        std::fprintf(stderr, "rookplot-desk: %s. What there is is told by --help.\n",
                     qPrintable(line.parser.errorText()));
        return 2;
    }
    line.parser.process(application);

    MainWindow window;
    if (line.parser.isSet(line.guide) || line.parser.isSet(line.shots))
        return writePictures(window, line);
    window.show();
    const LifeOfProcess life(window);
    if (!line.project().isEmpty())
        window.openProject(line.project());
    else if (line.parser.isSet(line.demo))
        window.openDemo();
    else if (window.session().autosave.offerUnsaved(); !window.session().autosave.offer())
        window.welcome();
    return QApplication::exec();
}
