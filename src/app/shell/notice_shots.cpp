#include "app/shell/notice_shots.h"

#include <QApplication>
#include <QElapsedTimer>
#include <QTemporaryDir>

#include "app/shell/main_window.h"
#include "level/level_edits.h"

namespace rook::app {

namespace {

template <typename Condition>
bool waitFor(Condition&& isTrue) {
    QElapsedTimer timer;
    timer.start();
    while (!isTrue() && timer.elapsed() < 10'000)
        QApplication::processEvents(QEventLoop::AllEvents, 20);
    return isTrue();
}

std::unique_ptr<MainWindow> windowOn(const QString& folder) {
    auto window = std::make_unique<MainWindow>();
    window->resize(1280, 800);
    window->show();
    if (!window->openProject(folder)) return nullptr;
    return window;
}

/// A ledge more, as somebody would draw it.
level::LevelEdit ledge(const level::Project& project, const LevelId& id, const CellRect& place) {
    const level::MatterId plank = project.findMatter("plank").value_or(level::MatterId{1});
    return level::layCells(project, *project.findLevel(id), level::CellRegion(place),
                           level::Cell(plank), "Lay");
}

}  // namespace

bool shootNotices(const QString& folder,
                  const std::function<bool(MainWindow&, const QString&)>& shoot) {
    const LevelId intake{"intake"}, hall{"wheel-hall"};
    const QTemporaryDir place;
    const QString copy = place.filePath(QStringLiteral("lantern-weir"));
    std::error_code problem;
    std::filesystem::copy(folder.toStdString(), copy.toStdString(),
                          std::filesystem::copy_options::recursive, problem);
    std::filesystem::remove_all((copy + QStringLiteral("/.rookplot")).toStdString(), problem);
    auto window = windowOn(copy);
    if (problem || !window) return false;
    Document& document = window->session().document;
    document.apply(ledge(document.project(), intake, {56, 14, 8, 1}));
    document.apply(level::renameLevel(*document.project().findLevel(hall), "The wheel hall"));
    if (!waitFor([&] { return window->session().autosave.isKept(); })) return false;
    window.reset();  // not closed: as after a kill
    window = windowOn(copy);
    if (!window || !waitFor([&] { return window->session().autosave.offer(); })) return false;
    return shoot(*window, QStringLiteral("kept"));
}

}  // namespace rook::app
