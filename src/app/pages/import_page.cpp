#include "app/pages/import_page.h"

#include <QComboBox>
#include <QFileDialog>
#include <QFileInfo>
#include <QHeaderView>
#include <QKeyEvent>
#include <QPainter>
#include <QTableWidget>
#include <QtConcurrent>

#include "app/ui/picture_view.h"
#include "app/ui/theme.h"
#include "app/ui/words.h"
#include "base/printable.h"
#include "file/matter_text.h"
#include "file/model_file.h"
#include "ship/level_picture.h"

namespace rook::app {

namespace {

constexpr int mostSigns = 200;  // rows
constexpr std::size_t mostLines = 14;
const char* const sortWords[] = {
    QT_TR_NOOP("a text grid"),
    QT_TR_NOOP("an image map, a px a cell"),
    QT_TR_NOOP("placements of the cast"),
    QT_TR_NOOP("a level of a bundle"),
    QT_TR_NOOP("kinds"),
    QT_TR_NOOP("a sheet of tiles"),
    QT_TR_NOOP("a piece of the kit"),
    QT_TR_NOOP("a picture under the board"),
};
constexpr int underlaySort = 7;

QString joined(const std::vector<std::string>& lines) {
    QStringList list;
    for (std::size_t i = 0; i < lines.size() && i < mostLines; ++i)
        list << told(printableLine(lines[i]));
    if (lines.size() > mostLines)
        list << ImportPage::tr("And %1 more.").arg(lines.size() - mostLines);
    return list.join(u'\n');
}

/// What a sign may stand for: open, each matter whole, each kind in the open; and what it is now.
std::vector<ship::Meaning> choicesFor(const level::Project& project, const ship::MetSign& sign) {
    std::vector<ship::Meaning> list;
    for (std::size_t i = 0; i < project.matters.size(); ++i)
        list.push_back({level::Cell({static_cast<std::uint16_t>(i)}), {}});
    for (const level::Kind& kind : project.kinds)
        list.push_back({level::Cell(), kind.id});
    if (sign.meaning && std::find(list.begin(), list.end(), *sign.meaning) == list.end())
        list.push_back(*sign.meaning);
    return list;
}

QString wordsOf(const level::Project& project, const ship::Meaning& meaning) {
    QString words = QString::fromStdString(project.matterOf(meaning.cell).title);
    if (meaning.cell.form() != level::Form::Full)
        words +=
            QStringLiteral(", ") + told(level::nameOf(meaning.cell.form())).replace(u'-', u' ');
    const level::Kind* kind = meaning.kind.isEmpty() ? nullptr : project.findKind(meaning.kind);
    if (!kind) return words;
    const QString title = QString::fromStdString(kind->title);
    return meaning.cell.isOpen() ? title : ImportPage::tr("%1 in %2").arg(title, words);
}

/// The level as it will be: masses in their colours, the cast as boxes.
QImage pictureOf(const ship::ImportPreview& preview) {
    if (!preview.edit || preview.shown.isEmpty()) return {};
    const level::Project& project = preview.edit->project;
    const auto level = project.findLevel(preview.shown);
    constexpr std::int64_t mostPx = 4'000'000;
    if (!level || std::int64_t{level->boundsPx().width} * level->boundsPx().height > mostPx)
        return {};
    auto picture = ship::blankOf(*level);
    ship::addMasses(picture, project, *level, 255);
    QImage image =
        QImage(picture.rgba.data(), picture.width, picture.height, QImage::Format_RGBA8888)
            .convertToFormat(QImage::Format_RGB32);
    QPainter painter(&image);
    for (const level::Entity& entity : level->entities) {
        const level::Kind* kind = project.findKind(entity.kind);
        const QRect box(entity.box.x, entity.box.y, entity.box.width, entity.box.height);
        painter.fillRect(box, QColor(QString::fromStdString(kind ? kind->color : "#e0a63a")));
        painter.setPen(Qt::white);
        painter.drawRect(box);
    }
    return image;
}

}  // namespace

ImportPage::ImportPage(Session& session, QWidget* parent)
    : Page(session, tr("Bring a file in"), parent),
      m_sort(nullptr),
      m_into(nullptr),
      m_signs(new QTableWidget(0, 3, body())),
      m_lost(makeWords({}, body())),
      m_changes(makeWords({}, body())),
      m_picture(new PictureView(PictureView::Fit::Fills, body())),
      m_take(nullptr) {
    setObjectName(QStringLiteral("import"));
    setAccessibleName(tr("Bring a file in"));
    m_take = addAction(tr("Take it in"), QStringLiteral("import-take"), [this] { take(); });
    m_take->setToolTip(tr("Enter; one undo takes it back"));
    QStringList sorts;
    for (const char* words : sortWords)
        sorts << tr(words);
    m_sort = makeChoiceBox(QStringLiteral("import-sort"), sorts, body(), [this](int sort) {
        m_wish.as.reset();
        if (sort != underlaySort) m_wish.as = static_cast<ship::ImportSort>(sort);
        m_wish.choices.clear();
        look();
    });
    m_sort->setAccessibleName(tr("What the file is"));
    m_sort->setFixedWidth(220);
    m_into = makeChoiceBox(QStringLiteral("import-into"), {}, body(), [this](int place) {
        m_wish.into = place == 0 ? LevelId()
                                 : m_session.document.project().levels[std::size_t(place - 1)]->id;
        look();
    });
    m_into->setAccessibleName(tr("Where it goes"));
    m_into->setFixedWidth(220);
    auto* choices = new QWidget(body());
    auto* line = new QHBoxLayout(choices);
    line->setContentsMargins(0, 0, 0, 8);
    line->addWidget(new QLabel(tr("It is"), choices));
    line->addWidget(m_sort);
    line->addSpacing(16);
    line->addWidget(new QLabel(tr("and goes into"), choices));
    line->addWidget(m_into);
    line->addStretch();
    m_signs->setObjectName(QStringLiteral("import-signs"));
    m_signs->setAccessibleName(tr("Signs of the file, and what they stand for"));
    m_signs->setHorizontalHeaderLabels({tr("Sign"), tr("Cells"), tr("Stands for")});
    m_signs->verticalHeader()->hide();
    m_signs->horizontalHeader()->setStretchLastSection(true);
    m_signs->setColumnWidth(0, 70);
    m_signs->setColumnWidth(1, 64);
    m_signs->setSelectionMode(QAbstractItemView::NoSelection);
    m_signs->setFixedWidth(372);
    m_signs->setMinimumHeight(340);
    m_signs->verticalHeader()->setDefaultSectionSize(30);
    m_lost->setObjectName(QStringLiteral("import-lost"));
    m_changes->setObjectName(QStringLiteral("import-changes"));
    auto* both = new QWidget(body());
    auto* row = new QHBoxLayout(both);
    row->setContentsMargins({});
    row->setSpacing(18);
    row->addWidget(m_signs);
    auto* right = new QVBoxLayout;
    right->addWidget(m_lost);
    right->addWidget(m_changes);
    right->addWidget(m_picture, 1);
    row->addLayout(right, 1);
    addAbove(both);
    addAbove(choices);
    fillHeight(both);
}

ImportPage::~ImportPage() {
    ++m_round;
}

void ImportPage::begin(const QStringList& files) {
    m_files = files;
    if (m_files.isEmpty()) {
        m_files = QFileDialog::getOpenFileNames(
            this, tr("Bring a file in"), {},
            tr("Levels, tables, pictures, models (*.txt *.png *.csv *.json *.glb *.gltf *.obj "
               "*.svg *.jpg *.jpeg);;All files (*)"));
    }
    next();
}

void ImportPage::next() {
    if (m_files.isEmpty()) return Q_EMIT left();
    m_file = m_files.takeFirst();
    m_wish = {};
    m_preview.reset();
    read();
}

/// The file, and the legend that an export writes beside it, on a worker.
void ImportPage::read() {
    m_bytes.clear();
    m_legend.clear();
    m_take->setEnabled(false);
    const int round = ++m_round;
    QtConcurrent::run([path = file::Path(m_file.toStdString())] {
        Result<ReadFile> read;
        const auto bytes = file::diskStorage().read(path, file::maxModelBytes);
        if (!bytes) return Result<ReadFile>(fail(bytes.error()));
        read->bytes = *bytes;
        // Of a sort that is not known nothing lies beside it.
        const auto sort = ship::sortOfFile(path.filename().string(), *bytes);
        const bool isGrid = sort && *sort == ship::ImportSort::TextGrid;
        if (!isGrid && !(sort && *sort == ship::ImportSort::ImageMap)) return read;
        const auto legend = file::diskStorage().read(
            path.parent_path() / (isGrid ? "legend.json" : "palette.json"), std::size_t{1} << 24);
        if (legend) read->legend = *legend;
        return read;
    }).then(this, [this, round](const Result<ReadFile>& read) {
        if (round == m_round) begin(read);
    });
}

void ImportPage::begin(const Result<ReadFile>& read) {
    if (!read) return show(fail(read.error()));
    m_bytes = read->bytes;
    m_legend = read->legend;
    const QFileInfo info(m_file);
    const QString ending = info.suffix().toLower();
    if (ending == QStringLiteral("svg") || ending.startsWith(QStringLiteral("jp"))) {
        m_sort->setCurrentIndex(underlaySort);
        return look();
    }
    const auto sort = ship::sortOfFile(info.fileName().toStdString(), m_bytes);
    if (!sort) return show(fail(sort.error()));
    m_wish.as = *sort;
    const QSignalBlocker blocker(m_sort);
    m_sort->setCurrentIndex(static_cast<int>(*sort));
    look();
}

bool ImportPage::isUnderlay() const {
    return m_sort->currentIndex() == underlaySort;
}

void ImportPage::look() {
    const int round = ++m_round;
    m_of = m_session.document.project();
    m_wish.legend = m_legend;
    m_take->setEnabled(false);
    setWords(tr("Bring a file in"), QFileInfo(m_file).fileName());
    if (isUnderlay()) {
        m_preview.reset();
        m_signs->hide();
        m_lost->clear();
        m_changes->setText(tr("The picture lies under the board of %1, to be traced.")
                               .arg(QString::fromStdString(m_session.document.level()->title)));
        setTone(m_changes, currentTheme().ink);
        QtConcurrent::run([file = m_file] {
            return QImage(file);
        }).then(this, [this, round](const QImage& image) {
            if (round == m_round) m_picture->take(image);
        });
        m_take->setEnabled(true);
        return;
    }
    m_changes->setText(tr("Looking at the file …"));
    QtConcurrent::run([project = m_of, name = QFileInfo(m_file).fileName().toStdString(),
                       bytes = m_bytes, wish = m_wish] {
        auto preview = ship::previewImport(project, name, bytes, wish);
        const QImage picture = preview ? pictureOf(*preview) : QImage();
        return std::pair(std::move(preview), picture);
    }).then(this, [this, round](const std::pair<Outcome, QImage>& found) {
        if (round != m_round) return;
        show(found.first);
        m_picture->take(found.second);
    });
}

void ImportPage::show(const Outcome& outcome) {
    m_preview.reset();
    m_lost->clear();
    m_take->setEnabled(outcome.has_value());
    if (!outcome) {
        m_signs->hide();
        m_picture->take({});
        m_changes->setText(told(outcome.error()));
        setTone(m_changes, currentTheme().alarm);
        return;
    }
    m_preview = *outcome;
    m_lost->setText(m_preview->notKept.empty()
                        ? QString()
                        : tr("Not kept:") + u'\n' + joined(m_preview->notKept));
    setTone(m_lost, currentTheme().caution);
    m_lost->setVisible(!m_preview->notKept.empty());
    m_changes->setText(joined(m_preview->changes));
    setTone(m_changes, currentTheme().ink);
    showSigns();
}

void ImportPage::showSigns() {
    m_signs->setVisible(m_preview->reading.has_value());
    if (!m_preview->reading) return;
    const auto& reading = *m_preview->reading;
    const int rows = std::min(mostSigns, int(reading.signs.size()));
    m_signs->setRowCount(rows);
    for (int i = 0; i < rows; ++i) {
        const ship::MetSign& sign = reading.signs[std::size_t(i)];
        auto* name = new QTableWidgetItem(QString::fromStdString(sign.sign));
        if (reading.areColors) name->setBackground(QColor(QString::fromStdString(sign.sign)));
        if (reading.areColors) {
            const bool isDark = QColor(QString::fromStdString(sign.sign)).lightness() < 128;
            name->setForeground(isDark ? Qt::white : Qt::black);
        }
        name->setTextAlignment(Qt::AlignCenter);
        name->setFlags(Qt::ItemIsEnabled);
        auto* count = new QTableWidgetItem(QString::number(sign.count));
        count->setTextAlignment(Qt::AlignRight | Qt::AlignVCenter);
        count->setFlags(Qt::ItemIsEnabled);
        m_signs->setItem(i, 0, name);
        m_signs->setItem(i, 1, count);
        const auto choices = choicesFor(m_of, sign);
        QStringList words;
        int chosen = -1;
        for (const ship::Meaning& meaning : choices) {
            if (sign.meaning && *sign.meaning == meaning) chosen = int(words.size());
            words << wordsOf(m_of, meaning);
        }
        if (chosen < 0) words.prepend(tr("nothing that is known: open"));
        auto* box = makeChoiceBox(QStringLiteral("import-sign-%1").arg(i), words, m_signs,
                                  [this, choices, sign = sign.sign, isKnown = chosen >= 0](int at) {
                                      if (!isKnown && at == 0) return;
                                      m_wish.choices[sign] =
                                          choices[std::size_t(isKnown ? at : at - 1)];
                                      look();
                                  });
        box->setAccessibleName(tr("What %1 stands for").arg(QString::fromStdString(sign.sign)));
        box->setMinimumWidth(0);
        box->setMaximumWidth(QWIDGETSIZE_MAX);
        {
            const QSignalBlocker blocker(box);
            box->setCurrentIndex(std::max(0, chosen));
        }
        if (sign.distance)
            box->setToolTip(
                tr("The nearest colour that is known, %1 away").arg(*sign.distance, 0, 'f', 1));
        m_signs->setCellWidget(i, 2, box);
    }
}

void ImportPage::take() {
    if (!m_take->isEnabled()) return;
    if (isUnderlay()) {
        Q_EMIT underlayAsked(m_file);
        return next();
    }
    if (!m_preview) return;
    // It is of another value by now: look once more.
    if (!m_of.sharesAllWith(m_session.document.project())) return look();
    const bool isCopied =
        m_preview->sort == ship::ImportSort::Sheet || m_preview->sort == ship::ImportSort::Piece;
    if (isCopied && m_session.document.folder().isEmpty())
        return m_session.say(tr("Save the project first: the file is copied into its folder."));
    const auto edit =
        ship::takeImport(file::diskStorage(), m_session.document.folder().toStdString(), m_of,
                         *m_preview, m_file.toStdString(), m_wish);
    const LevelId shown = m_preview->shown;
    if (!m_session.document.apply(edit)) return;
    if (!shown.isEmpty()) m_session.document.chooseLevel(shown);
    m_session.say(tr("%1 is taken in; undo takes it back.").arg(QFileInfo(m_file).fileName()));
    next();
}

void ImportPage::refresh() {
    QStringList levels{tr("a new level")};
    int chosen = 0;
    for (const auto& level : m_session.document.project().levels) {
        if (level->id == m_wish.into) chosen = int(levels.size());
        levels << QString::fromStdString(level->title);
    }
    const QSignalBlocker blocker(m_into);
    setChoices(m_into, levels);
    m_into->setCurrentIndex(chosen);
    Page::refresh();
}

void ImportPage::takeFocus() {
    m_take->setFocus(Qt::OtherFocusReason);
}

void ImportPage::keyPressEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_Return || event->key() == Qt::Key_Enter) return take();
    Page::keyPressEvent(event);
}

}  // namespace rook::app
