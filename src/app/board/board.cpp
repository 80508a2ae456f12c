#include "app/board/board.h"

#include <QGuiApplication>
#include <QLineEdit>
#include <cmath>
#include "app/ui/words.h"

namespace rook::app {

Board::Board(Session& session, QWidget* parent)
    : QWidget(parent), m_session(session), m_words(new QLineEdit(this)) {
    setObjectName(QStringLiteral("board"));
    setAccessibleName(tr("Board"));
    setAccessibleDescription(tr("The level. Draw and place here; the wheel zooms."));
    setFocusPolicy(Qt::StrongFocus);
    setMouseTracking(true);
    setAcceptDrops(true);
    setMinimumSize(200, 150);
    setAttribute(Qt::WA_OpaquePaintEvent);
    connectSession();
    m_motionTimer.setInterval(33);
    m_motionClock.start();
    connect(&m_motionTimer, &QTimer::timeout, this, &Board::advanceMotion);
    m_words->hide();
    m_words->setObjectName(QStringLiteral("board-words"));
    m_words->setMaxLength(200);
    m_words->installEventFilter(this);
    connect(m_words, &QLineEdit::editingFinished, this, &Board::takeWords);
    takeLevel();
}

Board::~Board() = default;

void Board::connectSession() {
    Document& document = m_session.document;
    Workbench& workbench = m_session.workbench;
    connect(&document, &Document::changed, this, [this](const CellRect& touched) {
        takePainter();
        // What a swatch teaches changes every cell that it dresses.
        if (m_tilingRules != m_session.dressing.tilingRules())
            m_painter->clear();
        else
            m_painter->invalidate(touched, m_session.document.level()->cellSize);
        step().followDocument();
        update();
    });
    connect(&document, &Document::levelSwitched, this, &Board::takeLevel);
    connect(&document, &Document::guardsChanged, this, [this] {
        m_painter->clear();
        update();
    });
    connect(&document, &Document::listsChanged, this, [this] {
        m_painter->clear();
        m_sheets = loadSheets(m_session.document.project(), m_session.document.folder());
    });
    connect(&workbench, &Workbench::selectionChanged, this, [this] {
        step().followDocument();
        update();
    });
    connect(&m_session.proofs, &Proofs::changed, this, &Board::followStrewn);
    connect(&workbench, &Workbench::stepChanged, this, [this] {
        m_painter->clear();
        step().forgetPictures();
        step().followDocument();
        m_words->hide();
        update();
    });
    connect(&workbench, &Workbench::toolChanged, this, &Board::takeTool);
    for (auto signal : {&RunPlayer::whatIfChanged, &RunPlayer::runChanged, &RunPlayer::tickChanged})
        connect(&m_session.runs, signal, this, qOverload<>(&QWidget::update));
}

BoardStep& Board::step() const {
    const StepDefinition& definition = m_session.workbench.definition();
    auto& made = m_steps[&definition];
    if (!made) made = definition.makeOnBoard(const_cast<Board&>(*this));
    return *made;
}

bool Board::isComplete() const {
    return m_isComplete && !step().isBusy();
}

void Board::followStrewn(const LevelId& id) {
    update();
    const auto proven = m_session.proofs.of(id);
    if (id != m_session.document.level()->id || !proven || proven->strewn == m_strewn) return;
    if (proven->strewnBefore == m_strewn)
        m_painter->invalidate(proven->strewnChange, m_session.document.level()->cellSize);
    else
        m_painter->clear();
}

void Board::setShowsGrid(bool shows) {
    m_showsGrid = shows;
    m_painter->clear();
    update();
}

void Board::takePainter() {
    const level::LevelKind kind = m_session.document.level()->kind;
    if (m_painterOf == kind) return;
    m_painterOf = kind;
    m_painter = faceOf(kind).makePainter(m_session);
}

void Board::takeLevel() {
    stopWalk();
    m_lastTrail.clear();
    takePainter();
    m_painter->clear();
    m_words->hide();
    step().forgetPictures();
    step().followDocument();
    m_sheets = loadSheets(m_session.document.project(), m_session.document.folder());
    takeTool();
    if (m_shownLevel != m_session.document.level()->id) fitLevel();
    m_shownLevel = m_session.document.level()->id;
    update();
}

void Board::takeTool() {
    // Options may change in the middle of a gesture, which goes on; another tool ends it.
    const StepDefinition& definition = m_session.workbench.definition();
    const auto inHand = std::pair(&definition, m_session.workbench.toolPlace());
    if (!m_tool || m_toolInHand != inHand) {
        if (isInGesture()) cancel();
        m_toolInHand = inHand;
        m_tool = definition.tools.empty() ? makeQuietTool()
                                          : definition.tools[std::size_t(inHand.second)].make();
    }
    if (m_hasPointer && !isInGesture())
        m_tool->hover(inputAt(QGuiApplication::keyboardModifiers()));
    showCursor();
    update();
}

void Board::showCursor() {
    const Qt::CursorShape wanted = m_tool->preview().cursor.value_or(step().cursor());
    if (cursor().shape() != wanted) setCursor(wanted);
}

void Board::themeChanged() {
    m_painter->clear();
    step().forgetPictures();
    update();
}

void Board::setView(const View& view) {
    if (view == m_view) return;
    m_view = view;
    m_isFitted = false;
    if (m_hasPointer && m_tool && !isInGesture() && !isWalking()) {
        m_pointerPx = m_view.toLevelPx(m_pointer);
        m_tool->hover(inputAt(QGuiApplication::keyboardModifiers()));
    }
    update();
    Q_EMIT viewChanged();
}

void Board::fitLevel() {
    View view = m_view;
    view.fit(m_session.document.level()->boundsPx(), size());
    setView(view);
    m_isFitted = true;
}

void Board::bringIntoView(const PxRect& place) {
    const QRectF shown = m_view.toWidget(place);
    if (QRectF(rect()).adjusted(40, 40, -40, -40).contains(shown)) return;
    View view = m_view;
    if (view.scale() < 0.75) view.zoomAt({}, 1.25 / view.scale());
    view.centre({place.x + place.width / 2.0, place.y + place.height / 2.0}, size());
    setView(view);
}

ToolInput Board::inputAt(Qt::KeyboardModifiers modifiers) const {
    ToolInput input;
    input.project = &m_session.document.project();
    input.level = &m_session.document.levelBeforeGesture();
    input.options = &m_session.workbench.options();
    input.selection = &m_session.workbench.selection();
    input.storey = m_session.workbench.storey();
    input.px = m_view.toLevelPx(m_pointer);
    input.cell = toCell(input.px, input.level->cellSize);
    input.isStraight = modifiers & Qt::ShiftModifier;
    input.isPicking = modifiers & Qt::ControlModifier;
    input.isBehind = modifiers & Qt::AltModifier;
    input.isErasing = m_gestureButton == Qt::RightButton;
    m_toolPlaces.follow(input.level->entities);
    input.places = &m_toolPlaces;
    input.scale = m_view.scale();
    step().fillInput(input);
    return input;
}

void Board::follow(const ToolOutcome& outcome) {
    if (outcome.edit) m_session.document.showGesture(*outcome.edit);
    if (outcome.options) m_session.workbench.setOptions(*outcome.options);
    if (outcome.isDone) m_session.document.commitGesture();
    if (outcome.selection) m_session.workbench.select(*outcome.selection);
    if (outcome.storey) m_session.workbench.setStorey(*outcome.storey);
    if (outcome.error) m_session.say(told(*outcome.error));
    if (outcome.words) ask(*outcome.words);
    step().follow(outcome);
    if (outcome.walkFrom && !isWalking()) {
        m_gestureButton = Qt::NoButton;
        startWalk(true);
    }
    update();
}

bool Board::mayDraw() const {
    return !m_playtest || (m_playtest->takesEdits() && step().drawsDuringWalk());
}

void Board::pressAt(QPointF px, Qt::MouseButton button, Qt::KeyboardModifiers modifiers) {
    m_pointer = m_view.toWidget(px);
    const bool isToolButton = button == Qt::LeftButton || button == Qt::RightButton;
    if (m_playtest && button == Qt::LeftButton && m_playtest->pressAt(px)) return update();
    if (!mayDraw() || !isToolButton || isInGesture()) return;
    if (button == Qt::LeftButton && !isWalking() && step().press(m_pointer)) {
        m_isStepGesture = true;
        return;
    }
    m_gestureButton = button;
    follow(m_tool->press(inputAt(modifiers)));
}

void Board::moveTo(QPointF px, Qt::KeyboardModifiers modifiers) {
    m_pointer = m_view.toWidget(px);
    m_hasPointer = true;
    m_pointerPx = m_view.toLevelPx(m_pointer);
    if (m_playtest && m_playtest->moveTo(px)) {
        // The walk is led by it.
    } else if (m_isStepGesture) {
        step().drag(m_pointer);
    } else if (mayDraw()) {
        const ToolInput input = inputAt(modifiers);
        if (isInGesture())
            follow(m_tool->drag(input));
        else
            m_tool->hover(input);
        if (!isInGesture()) showCursor();
        step().pointerMoved();
    }
    update();
    Q_EMIT pointerMoved();
}

void Board::releaseAt(QPointF px, Qt::MouseButton button, Qt::KeyboardModifiers modifiers) {
    m_pointer = m_view.toWidget(px);
    if (m_playtest && button == Qt::LeftButton && m_playtest->releaseAt(px)) return update();
    if (std::exchange(m_isStepGesture, false)) {
        step().release();
        return;
    }
    if (button != m_gestureButton) return;
    const ToolOutcome outcome = m_tool->release(inputAt(modifiers));
    m_gestureButton = Qt::NoButton;
    follow(outcome);
    m_tool->hover(inputAt(modifiers));
}

void Board::nudge(int dx, int dy, bool byPx) {
    if (step().nudge(dx, dy, byPx)) return;
    View view = m_view;
    view.pan({-dx * 64.0, -dy * 64.0});
    setView(view);
}

void Board::cancel() {
    m_gestureButton = Qt::NoButton;
    m_isStepGesture = false;
    const bool wasInGesture = m_session.document.isInGesture();
    m_keyCursor.forgetPress();
    if (m_tool) m_tool->cancel();
    m_session.document.cancelGesture();
    if (!wasInGesture && m_keyCursor.isShown())
        m_keyCursor.hide();
    else if (!wasInGesture && !step().cancel())
        m_session.workbench.select({});
    update();
}

void Board::startWalk(bool atPointer) {
    if (isWalking()) return;
    cancel();
    PlayWish wish = step().playWish();
    if (atPointer && m_hasPointer) wish.at = m_pointerPx;
    m_viewBeforeWalk = m_view;
    begin(wish);
}

void Board::walkProof(const game::GameProof& proof) {
    if (proof.chain.empty()) return;
    stopWalk();
    cancel();
    const game::Node& first = proof.nodes[proof.chain.front().node];
    if (first.level != m_session.document.level()->id) m_session.document.chooseLevel(first.level);
    PlayWish wish;
    wish.entry = first.entry;
    wish.isArrival = true;
    wish.looksLikeTheGame = step().playWish().looksLikeTheGame;
    wish.game = std::make_shared<PlayedGame>(m_session.document.project());
    wish.game->followProof(proof);
    m_viewBeforeWalk = m_view;
    begin(wish);
}

/// Goes on in another level, or begins the game again.
void Board::playOn(const LevelId& level, const EntityId& entry, bool isNewGame) {
    if (!isWalking()) return;  // a key was faster
    PlayWish wish = step().playWish();
    wish.at.reset();
    wish.entry = entry;
    wish.isArrival = true;
    if (!isNewGame) wish.game = m_playtest->game();
    const level::Transition transition = m_playtest->wayOut();
    QPixmap former = transition.sort == level::TransitionSort::Cut ? QPixmap() : grab();
    auto controller = std::move(m_controller);
    stopWalk();
    m_controller = std::move(controller);
    if (level != m_session.document.level()->id) m_session.document.chooseLevel(level);
    m_viewBeforeWalk = m_view;
    begin(wish);
    if (isWalking()) m_screenChange.begin(std::move(former), transition);
}

void Board::begin(const PlayWish& wish) {
    auto playtest = faceOf(m_session.document.level()->kind).startPlaytest(m_session, *this, wish);
    if (!playtest) return m_session.say(told(playtest.error()));
    m_playtest = std::move(*playtest);
    if (!m_controller) m_controller = std::make_unique<GameController>();
    connect(m_playtest.get(), &Playtest::changed, this, &Board::walkChanged);
    // Queued: both end the playtest that tells of them.
    connect(m_playtest.get(), &Playtest::ended, this, &Board::stopWalk, Qt::QueuedConnection);
    connect(m_playtest.get(), &Playtest::leadsTo, this, &Board::playOn, Qt::QueuedConnection);
    connect(m_playtest.get(), &Playtest::crosses, this, [this](const level::Transition& way) {
        if (way.sort != level::TransitionSort::Cut) m_screenChange.begin(grab(), way);
    });
    connect(m_playtest.get(), &Playtest::moved, this, [this] {
        update();
        Q_EMIT pointerMoved();
    });
    m_lastTrail.clear();
    m_painter->clear();  // walking has a look of its own
    setFocus();
    setCursor(m_playtest->isLedByPointer() ? Qt::PointingHandCursor
              : mayDraw()                  ? Qt::CrossCursor
                                           : Qt::BlankCursor);
    Q_EMIT walkChanged();
    update();
}

void Board::stopWalk() {
    if (!isWalking()) return;
    m_lastTrail = m_playtest->trailToKeep();
    const bool keptView = m_playtest->keepsStepInSight();
    m_playtest.reset();
    m_screenChange.stop();
    m_controller.reset();
    m_painter->clear();
    if (!keptView) setView(m_viewBeforeWalk);
    takeTool();
    update();
    Q_EMIT walkChanged();
}

const level::EntityPlaces& Board::places() const {
    m_places.follow(m_session.document.level()->entities);
    return m_places;
}

QString Board::wordsAt(CellPoint cell, const level::Entity* entity) const {
    const QString there = m_painter->wordsAt(cell, entity), more = step().wordsAt(cell);
    // What the step adds goes on after a comma.
    return there.isEmpty() && more.startsWith(QLatin1String(", ")) ? more.mid(2) : there + more;
}

PxPoint Board::cellCornerAt(QPointF widget) const {
    const CellSize cell = m_session.document.level()->cellSize;
    const PxPoint px = m_view.toLevelPx(widget);
    const CellPoint at = toCell({px.x + cell.width / 2, px.y + cell.height / 2}, cell);
    return {at.x * cell.width, at.y * cell.height};
}

PxPoint Board::placeForPaste() const {
    return m_view.toLevelPx(m_hasPointer ? m_pointer : QPointF(width() / 2.0, height() / 2.0));
}

CellRect Board::placeForCells(int width, int height) const {
    const level::Level& level = *m_session.document.level();
    const CellRect bounds = level.cells.bounds();
    const CellPoint at = toCell(placeForPaste(), level.cellSize);
    return {std::clamp(at.x, 0, std::max(0, bounds.width - width)),
            std::clamp(at.y, 0, std::max(0, bounds.height - height)), width, height};
}

void Board::ask(const WordsRequest& request) {
    m_words->setText(request.text);
    m_words->setPlaceholderText(request.hint);
    m_words->setAccessibleName(request.hint);
    m_words->resize(230, 28);
    const QPointF at = m_view.toWidget(request.at) + QPointF(8, -14);
    m_words->move(QPointF(std::clamp(at.x(), 4.0, std::max(4.0, width() - 234.0)),
                          std::clamp(at.y(), 4.0, std::max(4.0, height() - 32.0)))
                      .toPoint());
    m_isAsking = true;
    m_words->show();
    m_words->setFocus();
    m_words->selectAll();
}

void Board::takeWords() {
    if (!std::exchange(m_isAsking, false)) return;
    const bool hadFocus = m_words->hasFocus();
    m_words->hide();
    if (hadFocus) setFocus();
    follow(m_tool->write(inputAt({}), m_words->text()));
}

}  // namespace rook::app
