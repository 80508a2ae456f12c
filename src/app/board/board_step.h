#pragma once
/// What a step does on the board: its overlay, what its tools are told and lead to, its keys, and
/// what becomes of copy, paste and the like. What is not said otherwise is as in most steps.

#include <QKeyEvent>
#include <QPainter>

#include "app/play/playtest.h"
#include "app/tools/tool.h"

namespace rook::app {

class BoardStep {
public:
    explicit BoardStep(Board& board);
    virtual ~BoardStep() = default;
    BoardStep(const BoardStep&) = delete;
    BoardStep& operator=(const BoardStep&) = delete;

    // The overlay, from below to above. Coordinates are the widget's.
    virtual void dress(MatterScene&) {}
    /// Under entities. False if some of it was not made in time, and another round is wanted.
    virtual bool paintUnder(QPainter&, double /*budgetMs*/) { return true; }
    /// Over entities, while nobody walks.
    virtual void paintOver(QPainter&) {}
    /// Over the selection of cells, while nobody walks.
    virtual void paintTop(QPainter&) {}
    /// Pictures are on their way.
    [[nodiscard]] virtual bool isBusy() const { return false; }
    /// Selected cells have handles at their edges.
    [[nodiscard]] virtual bool showsStretching() const { return false; }
    /// Another theme, or the step is entered again.
    virtual void forgetPictures() {}
    /// Another value of the level, or another level.
    virtual void followDocument() {}

    // Pointer and keys.
    virtual void fillInput(ToolInput&) const {}
    /// What of an outcome is the step's own.
    virtual void follow(const ToolOutcome&) {}
    virtual void pointerMoved() {}
    [[nodiscard]] virtual Qt::CursorShape cursor() const { return Qt::CrossCursor; }
    /// A gesture that is no tool's; `at`: widget. True if it is taken.
    virtual bool press(QPointF /*at*/) { return false; }
    virtual bool drag(QPointF /*at*/) { return false; }
    virtual bool release() { return false; }
    /// A card is dropped there, widget px, with what it carries. True if it is taken.
    virtual bool drop(const QString& /*text*/, QPointF /*at*/) { return false; }
    /// A key goes down or up, before shortcuts. True: it belongs to the step alone.
    virtual bool takeKey(const QKeyEvent&, bool /*isDown*/) { return false; }
    /// Keys that are let go elsewhere are not told.
    virtual void loseKeys() {}
    /// Alt and the wheel: the next thing under the pointer, or the one before; false if there is
    /// none.
    virtual bool turnThrough(int /*by*/) { return false; }
    /// Escape took no gesture back: what else may be taken back first; true if there was something.
    virtual bool cancel() { return false; }
    /// Its tools stay at hand while one walks.
    [[nodiscard]] virtual bool drawsDuringWalk() const { return false; }
    [[nodiscard]] virtual PlayWish playWish() const { return {}; }

    // What is done to the selection.
    virtual void copy();
    virtual void cut();
    virtual void paste();
    virtual void removeSelected();
    virtual void duplicate();
    /// False if there is nothing selected to move.
    virtual bool nudge(int dx, int dy, bool byPx);
    virtual void selectAll() {}
    virtual void turn(level::Turning) {}
    virtual void group() {}

    // Words.
    /// More of what is under the pointer, rich text.
    [[nodiscard]] virtual QString wordsAt(CellPoint) const { return {}; }
    /// Said in the place of the reach verdict; empty = that is told.
    [[nodiscard]] virtual QString verdictAt(PxPoint) const { return {}; }

protected:
    [[nodiscard]] const level::Project& project() const;
    [[nodiscard]] const level::Level& level() const;
    [[nodiscard]] const Selection& selection() const;
    [[nodiscard]] const View& view() const;
    [[nodiscard]] std::shared_ptr<const ProvenLevel> proven() const;
    [[nodiscard]] QRect area() const;
    void update();

    Board& m_board;
    Session& m_session;
};

}  // namespace rook::app
