#pragma once
/// What one part of the window asks of the others, so that none has to find another one.

#include <QObject>
#include <QString>

#include "base/geometry.h"

namespace rook::app {

class Requests : public QObject {
    Q_OBJECT

public:
    /// Something to tell in the status line.
    void say(const QString& text) { Q_EMIT said(text); }
    /// A place of the level on the board, to be looked at; level px.
    void showPlace(const PxRect& place) { Q_EMIT placeAsked(place); }
    /// The cast, as a table.
    void openTable() { Q_EMIT tableAsked(); }
    /// The page of what belongs to the level on the board, and not to a cell.
    void openLevelSheet() { Q_EMIT sheetAsked(); }
    /// The placements of the level's roster, as a table.
    void openPlacements() { Q_EMIT placementsAsked(); }
    /// Other starts of a puzzle level, to choose from.
    void openMix() { Q_EMIT mixAsked(); }
    /// The targets of Ship.
    void openTargets() { Q_EMIT targetsAsked(); }
    /// A file to be brought in; empty = one is asked for.
    void openImport(const QString& file) { Q_EMIT importAsked(file); }
    /// Models to become pieces, told in a table.
    void openModels() { Q_EMIT modelsAsked(); }
    /// A picture file, to lie under the board.
    void choosePicture() { Q_EMIT pictureAsked(); }
    /// The runs that prove the whole game, played on the board.
    void walkProof() { Q_EMIT proofWalkAsked(); }
    /// The keyboard goes back to the board.
    void returnToBoard() { Q_EMIT boardAsked(); }

    /// What can be done, to be found by words.
    void openFind() { Q_EMIT findAsked(); }

Q_SIGNALS:
    void said(const QString& text);
    void placeAsked(const rook::PxRect& place);
    void tableAsked();
    void pictureAsked();
    void sheetAsked();
    void placementsAsked();
    void mixAsked();
    void targetsAsked();
    void importAsked(const QString& file);
    void modelsAsked();
    void boardAsked();
    void findAsked();
    void proofWalkAsked();
};

}  // namespace rook::app
