#include "app/pages/new_project_page.h"

#include <QDir>
#include <QFileDialog>
#include <QFileInfo>
#include <QKeyEvent>
#include <QLineEdit>
#include <QPainter>
#include <QSettings>
#include <QStandardPaths>

#include "app/ui/margin_row.h"
#include "app/ui/theme.h"
#include "app/ui/words.h"
#include "file/starters.h"

namespace rook::app {

namespace {

constexpr QSize pictureSize(166, 94);

struct StarterWords {
    const char* name;
    const char* title;
    const char* words;
};
/// In the order of `file::starters()`.
constexpr StarterWords starterWords[] = {
    {"side", QT_TR_NOOP("From the side"),
     QT_TR_NOOP("Two levels to run and jump in, with foes, a lift and keys")},
    {"above", QT_TR_NOOP("From above"), QT_TR_NOOP("Four rooms, a pit, water and a locked door")},
    {"kit", QT_TR_NOOP("Modular pieces"), QT_TR_NOOP("A yard of two storeys, with its kit")},
    {"blank", QT_TR_NOOP("Blank"),
     QT_TR_NOOP("One empty level; the cast, the matters and the art are there")},
};

const QString whereKey = QStringLiteral("projects/where");

/// A name as a folder: letters, digits and dashes.
QString folderNameOf(const QString& name) {
    QString folder;
    for (const QChar c : name.trimmed().toLower())
        folder += c.isLetterOrNumber() ? c : QLatin1Char('-');
    return folder.isEmpty() ? QStringLiteral("game") : folder;
}

}  // namespace

/// A picture of what one would begin with, its title, and a line about it.
class StarterCard : public QAbstractButton {
public:
    StarterCard(const QString& name, const QString& title, const QString& words, QWidget* parent)
        : QAbstractButton(parent),
          m_picture(QStringLiteral(":/previews/%1.png").arg(name)),
          m_words(words) {
        setObjectName(QStringLiteral("starter-%1").arg(name));
        setText(title);
        setAccessibleName(title);
        setAccessibleDescription(words);
        setCheckable(true);
        setAutoExclusive(true);
        setFixedSize(sizeHint());
    }
    QSize sizeHint() const override {
        return {pictureSize.width() + 20, pictureSize.height() + 88};
    }

protected:
    void paintEvent(QPaintEvent*) override {
        const Theme& theme = currentTheme();
        QPainter painter(this);
        painter.setRenderHint(QPainter::Antialiasing);
        painter.setRenderHint(QPainter::SmoothPixmapTransform);
        const QColor rim = isChecked() || hasFocus() ? theme.accent : theme.rule();
        painter.setPen(QPen(rim, isChecked() ? 2.2 : 1));
        painter.setBrush(theme.panel);
        painter.drawRoundedRect(QRectF(rect()).adjusted(1.5, 1.5, -1.5, -1.5), 3, 3);
        if (isChecked() && hasFocus()) {
            painter.setPen(QPen(theme.accent, 1));
            painter.drawRoundedRect(QRectF(rect()).adjusted(4.5, 4.5, -4.5, -4.5), 2, 2);
        }
        const QRect frame(QPoint(10, 10), pictureSize);
        painter.fillRect(frame, theme.paper);
        if (!m_picture.isNull())
            painter.drawImage(frame, m_picture);
        else
            paintGrid(painter, frame);
        painter.setFont(sizedFont(1, QFont::DemiBold));
        painter.setPen(theme.ink);
        const QString mark = isChecked() ? QStringLiteral("✓ ") : QString();
        painter.drawText(QRect(12, frame.bottom() + 6, frame.width(), 22),
                         Qt::AlignLeft | Qt::AlignVCenter, mark + text());
        painter.setFont(sizedFont(-2));
        painter.setPen(theme.quietInk);
        painter.drawText(QRect(12, frame.bottom() + 28, frame.width() - 2, 48),
                         Qt::AlignLeft | Qt::TextWordWrap, m_words);
    }

private:
    static void paintGrid(QPainter& painter, const QRect& frame) {
        painter.setPen(QPen(currentTheme().rule(), 1));
        for (int x = frame.left(); x <= frame.right(); x += 14)
            painter.drawLine(x, frame.top(), x, frame.bottom());
        for (int y = frame.top(); y <= frame.bottom(); y += 14)
            painter.drawLine(frame.left(), y, frame.right(), y);
    }

    QImage m_picture;
    QString m_words;
};

NewProjectPage::NewProjectPage(Session& session, QWidget* parent)
    : Page(session, tr("New project"), parent) {
    setObjectName(QStringLiteral("new-project"));
    setAccessibleName(tr("New project"));
    m_done = addAction(tr("Make the project"), QStringLiteral("make-project"), [this] { make(); });
    m_done->setDefault(true);
    m_done->setToolTip(tr("Enter"));
    auto* cards = new QWidget(body());
    auto* row = new QHBoxLayout(cards);
    row->setContentsMargins(0, 4, 0, 8);
    row->setSpacing(10);
    for (const StarterWords& each : starterWords) {
        auto* card =
            new StarterCard(QLatin1String(each.name), tr(each.title), tr(each.words), cards);
        const int place = int(m_cards.size());
        connect(card, &QAbstractButton::clicked, this, [this, place] { choose(place); });
        row->addWidget(card);
        m_cards << card;
    }
    row->addStretch();
    auto* begins = new MarginSection(tr("It begins with"), {}, body());
    begins->addWide(cards);
    addAbove(begins);

    auto* what = new MarginSection(tr("What and where"), {}, body());
    m_name = new QLineEdit(what);
    m_name->setObjectName(QStringLiteral("project-name"));
    m_name->setMaxLength(80);
    m_name->setFixedWidth(300);
    connect(m_name, &QLineEdit::textChanged, this, [this] { refresh(); });
    what->addControl(tr("Name"), m_name);
    auto* where = new QWidget(what);
    auto* line = new QHBoxLayout(where);
    line->setContentsMargins(0, 0, 0, 0);
    m_where = new QLineEdit(where);
    m_where->setObjectName(QStringLiteral("project-where"));
    m_where->setFixedWidth(300);
    m_where->setAccessibleName(tr("Folder that the project's folder is made in"));
    connect(m_where, &QLineEdit::textChanged, this, [this] { refresh(); });
    auto* other = new QPushButton(tr("Choose …"), where);
    other->setObjectName(QStringLiteral("choose-where"));
    connect(other, &QPushButton::clicked, this, &NewProjectPage::chooseFolder);
    line->addWidget(m_where);
    line->addWidget(other);
    what->addControl(tr("In the folder"), where);
    m_words = makeWords({}, what);
    what->addWide(m_words);
    addColumn()->insertWidget(0, what);
    begin();
}

void NewProjectPage::begin() {
    const QString home = QStandardPaths::writableLocation(QStandardPaths::DocumentsLocation);
    m_where->setText(QSettings().value(whereKey, home).toString());
    QString name = tr("My game");
    for (int i = 2; QFileInfo::exists(QDir(m_where->text()).filePath(folderNameOf(name))); ++i)
        name = tr("My game %1").arg(i);
    m_name->setText(name);
    choose(0);
}

void NewProjectPage::choose(int starter) {
    m_chosen = starter;
    m_cards[starter]->setChecked(true);
    refresh();
}

QString NewProjectPage::folder() const {
    return QDir(m_where->text()).absoluteFilePath(folderNameOf(m_name->text()));
}

void NewProjectPage::refresh() {
    setWords(tr("New project"), tr("a folder of plain files"));
    const bool isThere = QFileInfo::exists(folder());
    m_words->setText(isThere ? tr("%1 is there already: choose another name.").arg(folder())
                             : tr("Will be made: %1").arg(folder()));
    setTone(m_words, isThere ? currentTheme().alarm : currentTheme().quietInk);
    m_done->setEnabled(!isThere && !m_name->text().trimmed().isEmpty());
    Page::refresh();
}

void NewProjectPage::takeFocus() {
    m_name->setFocus(Qt::OtherFocusReason);
    m_name->selectAll();
}

void NewProjectPage::chooseFolder() {
    const QString chosen =
        QFileDialog::getExistingDirectory(this, tr("Folder for the project"), m_where->text());
    if (!chosen.isEmpty()) m_where->setText(chosen);
}

void NewProjectPage::keyPressEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_Return || event->key() == Qt::Key_Enter) return make();
    Page::keyPressEvent(event);
}

void NewProjectPage::make() {
    if (!m_done->isEnabled()) return;
    const QString to = folder();
    const file::Starter* starter = file::findStarter(starterWords[m_chosen].name);
    const auto made = file::makeProject(file::diskStorage(), to.toStdString(), *starter,
                                        m_name->text().trimmed().toStdString());
    if (!made) return m_session.say(told(made.error()));
    QSettings().setValue(whereKey, m_where->text());
    Q_EMIT this->made(to);
}

}  // namespace rook::app
