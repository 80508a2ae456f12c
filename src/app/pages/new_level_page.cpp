#include "app/pages/new_level_page.h"

#include <QComboBox>
#include <QFileDialog>
#include <QKeyEvent>
#include <QLineEdit>
#include <QPainter>
#include <QPlainTextEdit>
#include <QSpinBox>

#include "app/board/level_kind_face.h"
#include "app/ui/buttons.h"
#include "app/ui/theme.h"
#include "app/ui/words.h"
#include "base/limits.h"
#include "level/level_kinds.h"

namespace rook::app {

namespace {

using With = file::Beginning::With;
constexpr level::LevelKind kinds[] = {level::LevelKind::Side, level::LevelKind::Above,
                                      level::LevelKind::Kit, level::LevelKind::Puzzle};
constexpr With withs[] = {With::Nothing, With::Room,  With::Copy, With::Block,
                          With::Text,    With::Image, With::Caves};

/// A row of chips of which one is chosen.
QHBoxLayout* rowOf(const QList<Chip*>& chips) {
    auto* row = new QHBoxLayout;
    row->setSpacing(6);
    for (Chip* chip : chips)
        row->addWidget(chip);
    row->addStretch();
    return row;
}

/// Cells of that size that a screen shows, the last one perhaps in part.
int cellsOn(int screenPx, int cellPx) {
    return (screenPx + cellPx - 1) / cellPx;
}

}  // namespace

NewLevelPage::NewLevelPage(Session& session, QWidget* parent)
    : Page(session, tr("New level"), parent) {
    setObjectName(QStringLiteral("new-level"));
    setAccessibleName(tr("New level"));
    auto* done = addAction(tr("Make the level"), QStringLiteral("make-level"), [this] { make(); });
    done->setDefault(true);
    done->setToolTip(tr("Enter"));
    addWhat();
    addSize();
    addBeginning();
    begin(level::LevelKind::Side);
}

void NewLevelPage::addWhat() {
    QVBoxLayout* column = addColumn();
    auto* section = new MarginSection(tr("What it is"), {}, body());
    m_title = new QLineEdit(section->rowsHolder());
    m_title->setObjectName(QStringLiteral("new-title"));
    m_title->setMaxLength(80);
    m_title->setFixedWidth(190);
    section->addControl(tr("Title"), m_title);
    const QString names[] = {tr("from the side"), tr("from above"), tr("of pieces"),
                             tr("a puzzle")};
    for (int i = 0; i < int(std::size(kinds)); ++i) {
        auto* chip = new Chip(names[i], section->rowsHolder());
        chip->setObjectName(QStringLiteral("new-kind-%1").arg(i));
        connect(chip, &QAbstractButton::clicked, this, [this, i] { chooseKind(kinds[i]); });
        m_kinds << chip;
    }
    section->addWide(rowOf(m_kinds));
    column->insertWidget(0, section);
}

void NewLevelPage::addSize() {
    QVBoxLayout* column = addColumn();
    m_size = new MarginSection(tr("Size"), {}, body());
    const auto number = [&](const QString& words, const char* name, int most, int* of) {
        QSpinBox* box = makeNumberBox(QLatin1String(name), 1, most, this, [this, of](int value) {
            *of = value;
            refresh();
        });
        m_size->addControl(words, box);
        return box;
    };
    m_columns = number(tr("Columns"), "new-columns", limits::maxBoardCells, &m_wish.columns);
    m_rows = number(tr("Rows"), "new-rows", limits::maxBoardCells, &m_wish.rows);
    m_cellWidth =
        number(tr("Cell width, px"), "new-cell-width", limits::maxCellPx, &m_wish.cellSize.width);
    m_cellHeight = number(tr("Cell height, px"), "new-cell-height", limits::maxCellPx,
                          &m_wish.cellSize.height);
    QList<Chip*> screens;
    for (const auto& [across, down] : {std::pair(1, 1), {2, 1}, {4, 1}, {1, 2}, {3, 3}}) {
        auto* chip = new Chip(tr("%1 × %2").arg(across).arg(down), m_size);
        chip->setCheckable(false);
        chip->setObjectName(QStringLiteral("new-screens-%1-%2").arg(across).arg(down));
        chip->setAccessibleName(tr("%1 by %2 screens").arg(across).arg(down));
        connect(chip, &QAbstractButton::clicked, this,
                [this, across = across, down = down] { chooseScreens(across, down); });
        screens << chip;
    }
    auto* row = rowOf(screens);
    auto* words = new QLabel(tr("Screens"), m_size);
    words->setFont(sizedFont(-1));
    row->insertWidget(0, words);
    m_size->addWide(row);
    m_sizeWords = makeWords({}, m_size);
    m_size->addWide(m_sizeWords);
    column->insertWidget(0, m_size);
}

void NewLevelPage::addBeginning() {
    auto* section = m_begins = new MarginSection(tr("It begins with"), {}, body());
    const QString names[] = {tr("nothing"),     tr("floor and walls"), tr("a copy of a level"),
                             tr("a block"),     tr("a text grid"),     tr("a picture"),
                             tr("grown masses")};
    for (int i = 0; i < 7; ++i) {
        auto* chip = new Chip(names[i], section->rowsHolder());
        chip->setObjectName(QStringLiteral("new-with-%1").arg(i));
        connect(chip, &QAbstractButton::clicked, this, [this, i] { chooseWith(withs[i]); });
        m_withs << chip;
    }
    section->addWide(rowOf(m_withs));
    m_withWords = makeWords({}, section);
    section->addWide(m_withWords);
    m_copied = makeChoiceBox(QStringLiteral("new-copied"), {}, this, [this](int at) {
        m_beginning.copied = m_session.document.project().levels[std::size_t(at)]->id;
        showPreview();
    });
    m_copied->setFixedWidth(220);
    section->addControl(tr("Copy of"), m_copied);
    m_block = makeChoiceBox(QStringLiteral("new-block"), {}, this, [this](int at) {
        m_beginning.block = m_session.document.project().blocks[std::size_t(at)].name;
        showPreview();
    });
    m_block->setFixedWidth(220);
    section->addControl(tr("Block"), m_block);
    m_text = new QPlainTextEdit(section->rowsHolder());
    m_text->setObjectName(QStringLiteral("new-text"));
    m_text->setAccessibleName(tr("Rows of characters"));
    m_text->setTabChangesFocus(true);
    m_text->setLineWrapMode(QPlainTextEdit::NoWrap);
    QFont fixed(QStringLiteral("monospace"));
    fixed.setStyleHint(QFont::Monospace);
    m_text->setFont(fixed);
    m_text->setFixedHeight(150);
    connect(m_text, &QPlainTextEdit::textChanged, this, [this] {
        m_beginning.text = m_text->toPlainText().toStdString();
        showPreview();
    });
    section->addWide(m_text);
    m_picture = new QWidget(section->rowsHolder());
    auto* line = new QHBoxLayout(m_picture);
    line->setContentsMargins(0, 0, 0, 0);
    line->addWidget(makeButton(tr("Choose a picture …"), QStringLiteral("new-picture"), m_picture,
                               [this] { choosePicture(); }));
    m_pictureName = new QLabel(m_picture);
    line->addWidget(m_pictureName);
    line->addStretch();
    m_nearest = new Chip(tr("Colours of no matter take the nearest"), m_picture);
    connect(m_nearest, &QAbstractButton::clicked, this, [this](bool isOn) {
        m_beginning.takesNearest = isOn;
        showPreview();
    });
    line->addWidget(m_nearest);
    section->addWide(m_picture);
    m_seed = makeNumberBox(QStringLiteral("new-seed"), 1, 1000000, this, [this](int seed) {
        m_beginning.caves.noise.seed = seed;
        showPreview();
    });
    section->addControl(tr("Seed"), m_seed);
    addBelow(section);
    m_preview = new QLabel(body());
    m_preview->setObjectName(QStringLiteral("new-preview"));
    m_preview->setAlignment(Qt::AlignHCenter | Qt::AlignTop);
    m_preview->setContentsMargins(0, 14, 0, 0);
    m_preview->setWordWrap(true);
    addBelow(m_preview);
}

/// The level as it would be; or why it cannot be made.
void NewLevelPage::showPreview() {
    constexpr QSize room(460, 190);
    constexpr std::int64_t mostCells = 1000000;  // above, it would hold the typing up
    m_preview->setPixmap({});
    if ((m_beginning.with == With::Text && m_beginning.text.empty()) ||
        (m_beginning.with == With::Image && m_beginning.image.empty()) ||
        std::int64_t(m_wish.columns) * m_wish.rows > mostCells)
        return m_preview->setText({});
    const auto made = file::makeLevel(m_session.document.project(), m_wish, m_beginning);
    if (!made) {
        setTone(m_preview, currentTheme().alarm);
        return m_preview->setText(told(made.error()));
    }
    const auto level = made->edit.project.findLevel(made->level);
    const double ratio = devicePixelRatioF();
    const QSize whole(level->boundsPx().width, level->boundsPx().height);
    const LevelKindFace& face = faceOf(level->kind);
    QImage image = face.picture(made->edit.project, *level,
                                (QSizeF(whole.scaled(room, Qt::KeepAspectRatio)) * ratio).toSize(),
                                currentTheme(), face.sheetsFor(m_session));
    image.setDevicePixelRatio(ratio);
    // A screen beside its lower left corner, to see how large the level is.
    const QSizeF shown = QSizeF(image.size()) / ratio;
    const level::Screen& screen = made->edit.project.game.screens[0];
    const double scale = shown.width() / whole.width();
    QPainter painter(&image);
    painter.setPen(QPen(currentTheme().quietInk, 1));
    painter.drawRect(QRectF({0.5, 0.5}, shown - QSizeF(1, 1)));
    painter.setPen(QPen(currentTheme().plum, 1.4, Qt::DashLine));
    const QSizeF frame(screen.width * scale, screen.height * scale);
    painter.drawRect(QRectF({0.5, shown.height() - frame.height() - 0.5}, frame));
    painter.end();
    m_preview->setPixmap(QPixmap::fromImage(image));
}

void NewLevelPage::begin(level::LevelKind kind) {
    m_beginning = {};
    m_beginning.with = With::Nothing;
    m_beginning.copied = m_session.document.level()->id;
    if (const auto& blocks = m_session.document.project().blocks; !blocks.empty())
        m_beginning.block = blocks[0].name;
    m_title->clear();
    m_text->clear();
    m_pictureName->clear();
    chooseKind(kind);
}

void NewLevelPage::chooseKind(level::LevelKind kind) {
    const LevelId after = m_session.document.isOnSwatch() ? m_session.document.lastLevel()
                                                          : m_session.document.level()->id;
    m_wish = level::usualLevel(m_session.document.project(), kind, after);
    const level::LevelKindTraits& traits = level::traitsOf(kind);
    if ((traits.isOfPieces || traits.isOfSlots) && m_beginning.with != With::Copy)
        m_beginning.with = With::Nothing;
    refresh();
}

void NewLevelPage::chooseWith(With with) {
    m_beginning.with = with;
    refresh();
}

void NewLevelPage::chooseScreens(int across, int down) {
    const level::Screen& screen = m_session.document.project().game.screens[0];
    m_wish.columns = cellsOn(across * screen.width, m_wish.cellSize.width);
    m_wish.rows = cellsOn(down * screen.height, m_wish.cellSize.height);
    refresh();
}

void NewLevelPage::choosePicture() {
    const QString path = QFileDialog::getOpenFileName(this, tr("A picture, one px a cell"), {},
                                                      tr("Pictures (*.png)"));
    if (path.isEmpty()) return;
    auto bytes = file::diskStorage().read(path.toStdString(), limits::maxImageBytes);
    if (!bytes) return m_session.say(told(bytes.error()));
    m_beginning.image = std::move(*bytes);
    m_beginning.imageName = path.toStdString();
    m_pictureName->setText(path.section(u'/', -1));
    refresh();
}

void NewLevelPage::refresh() {
    const level::Project& project = m_session.document.project();
    for (int i = 0; i < m_kinds.size(); ++i)
        m_kinds[i]->setChecked(kinds[i] == m_wish.kind);
    showNumber(m_columns, m_wish.columns);
    showNumber(m_rows, m_wish.rows);
    showNumber(m_cellWidth, m_wish.cellSize.width);
    showNumber(m_cellHeight, m_wish.cellSize.height);
    const bool isRead = m_beginning.with == With::Text || m_beginning.with == With::Image;
    const bool isCopy = m_beginning.with == With::Copy;
    m_size->setEnabled(!isCopy);
    m_columns->setEnabled(!isRead);
    m_rows->setEnabled(!isRead);
    const level::Screen& screen = project.game.screens[0];
    m_sizeWords->setText(isCopy   ? tr("As the level that it is a copy of.")
                         : isRead ? tr("As many cells as there are characters or px.")
                                  : tr("%1 × %2 px; a screen, dashed below, is %3 × %4 px.")
                                        .arg(m_wish.columns * m_wish.cellSize.width)
                                        .arg(m_wish.rows * m_wish.cellSize.height)
                                        .arg(screen.width)
                                        .arg(screen.height));
    const level::LevelKindTraits& traits = level::traitsOf(m_wish.kind);
    const bool isOfMatter = !traits.isOfPieces && !traits.isOfSlots;
    for (int i = 0; i < m_withs.size(); ++i) {
        m_withs[i]->setChecked(withs[i] == m_beginning.with);
        const bool canBe = withs[i] == With::Nothing || withs[i] == With::Copy || isOfMatter;
        m_withs[i]->setEnabled(canBe && (withs[i] != With::Block || !project.blocks.empty()));
    }
    m_begins->showRow(m_copied, isCopy);
    m_begins->showRow(m_block, m_beginning.with == With::Block);
    m_text->setVisible(m_beginning.with == With::Text);
    m_picture->setVisible(m_beginning.with == With::Image);
    m_begins->showRow(m_seed, m_beginning.with == With::Caves);
    m_nearest->setChecked(m_beginning.takesNearest);
    showNumber(m_seed, m_beginning.caves.noise.seed);
    QStringList titles;
    int at = 0;
    for (const auto& level : project.levels) {
        if (level->id == m_beginning.copied) at = int(titles.size());
        titles << QString::fromStdString(level->title);
    }
    setChoices(m_copied, titles);
    m_copied->setCurrentIndex(at);
    titles.clear();
    for (const level::Block& block : project.blocks)
        titles << QString::fromStdString(block.title);
    setChoices(m_block, titles);
    m_withWords->setText(m_beginning.with == With::Text
                             ? tr("One character a cell, as the matters' glyphs; spaces are open.")
                         : m_beginning.with == With::Image
                             ? tr("One px a cell, in the colours of the matters.")
                         : m_beginning.with == With::Room ? tr("Of the first solid matter.")
                                                          : QString());
    m_withWords->setVisible(!m_withWords->text().isEmpty());
    m_title->setPlaceholderText(tr("Level %1").arg(project.levels.size() + 1));
    showPreview();
    Page::refresh();
}

void NewLevelPage::make() {
    m_wish.title = m_title->text().trimmed().toStdString();
    const auto added = file::makeLevel(m_session.document.project(), m_wish, m_beginning);
    if (!added) return m_session.say(told(added.error()));
    m_session.document.apply(added->edit);
    m_session.document.chooseLevel(added->level);
    Q_EMIT made();
}

void NewLevelPage::keyPressEvent(QKeyEvent* event) {
    const bool isEnter = event->key() == Qt::Key_Return || event->key() == Qt::Key_Enter;
    if (isEnter) return make();
    Page::keyPressEvent(event);
}

void NewLevelPage::takeFocus() {
    m_title->setFocus(Qt::TabFocusReason);
}

}  // namespace rook::app
