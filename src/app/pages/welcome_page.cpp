#include "app/pages/welcome_page.h"

#include <QDir>
#include <QFileInfo>
#include <QKeyEvent>
#include <QPainter>

#include "app/ui/theme.h"

namespace rook::app {

namespace {

/// A title and what comes of it, to be clicked.
class ChoiceCard : public QAbstractButton {
public:
    ChoiceCard(const QString& title, const QString& words, const QString& name, QWidget* parent)
        : QAbstractButton(parent), m_words(words) {
        setText(title);
        setObjectName(name);
        setAccessibleName(title);
        setAccessibleDescription(words);
        setFocusPolicy(Qt::StrongFocus);
        setAttribute(Qt::WA_Hover);
        setMinimumWidth(300);
        setCursor(Qt::PointingHandCursor);
    }
    QSize sizeHint() const override {
        return {360, QFontMetrics(titleFont()).height() + QFontMetrics(wordsFont()).height() + 26};
    }

protected:
    /// Enter does what Space does.
    void keyPressEvent(QKeyEvent* event) override {
        if (event->key() == Qt::Key_Return || event->key() == Qt::Key_Enter) return click();
        QAbstractButton::keyPressEvent(event);
    }
    void paintEvent(QPaintEvent*) override {
        const Theme& theme = currentTheme();
        QPainter painter(this);
        const QRect frame = rect().adjusted(0, 3, -1, -4);
        painter.fillRect(frame, theme.panel);
        painter.setPen(
            QPen(hasFocus() || underMouse() ? theme.accent : theme.rule(), hasFocus() ? 2 : 1));
        painter.drawRect(frame);
        painter.fillRect(QRect(frame.topLeft(), QSize(4, frame.height() + 1)), theme.accent);
        const QRect inside = frame.adjusted(18, 8, -10, -8);
        painter.setPen(theme.ink);
        painter.setFont(titleFont());
        painter.drawText(inside, Qt::AlignLeft | Qt::AlignTop, text());
        painter.setPen(theme.quietInk);
        painter.setFont(wordsFont());
        painter.drawText(inside, Qt::AlignLeft | Qt::AlignBottom,
                         painter.fontMetrics().elidedText(m_words, Qt::ElideRight, inside.width()));
    }

private:
    static QFont titleFont() { return sizedFont(1, QFont::DemiBold); }
    static QFont wordsFont() { return sizedFont(-1); }
    QString m_words;
};

class ChoicesSection : public PanelSection {
public:
    ChoicesSection(const QString& title, Session& session, QWidget* parent)
        : PanelSection(title, {}, session, parent) {}
    QAbstractButton* add(const QString& title, const QString& words, const QString& name) {
        auto* card = new ChoiceCard(title, words, name, this);
        addWide(card);
        return card;
    }
    void refresh() override {}
};

}  // namespace

WelcomePage::WelcomePage(Session& session, const QStringList& recent, QWidget* parent)
    : Page(session, tr("Rook Plot"), parent) {
    setObjectName(QStringLiteral("welcome-page"));
    setWords(tr("Rook Plot"), tr("levels that are proven to be playable"));
    auto* begin = new ChoicesSection(tr("Begin"), session, this);
    const auto offer = [&](const QString& title, const QString& words, const char* name,
                           void (WelcomePage::*asked)()) {
        auto* card = begin->add(title, words, QLatin1String(name));
        connect(card, &QAbstractButton::clicked, this, asked);
        if (!m_first) m_first = card;
    };
    offer(tr("A walk through the six steps"), tr("Five minutes in the demo, in the real window"),
          "welcome-tour", &WelcomePage::tourAsked);
    offer(tr("A first game, in half an hour"), tr("From nothing to a game in a browser"),
          "welcome-first-game", &WelcomePage::firstGameAsked);
    offer(tr("The demo, Lantern Weir"), tr("Your own copy: change what you like"), "welcome-demo",
          &WelcomePage::demoAsked);
    offer(tr("A new project"), tr("From the side, from above, pieces, or blank"), "welcome-new",
          &WelcomePage::newAsked);
    offer(tr("Open a project"), tr("A folder with a rookplot.json"), "welcome-open",
          &WelcomePage::openAsked);
    Page::add(addColumn(), begin);
    auto* last = new ChoicesSection(tr("Opened last"), session, this);
    for (const QString& folder : recent)
        connect(last->add(QFileInfo(folder).fileName(), QDir::toNativeSeparators(folder),
                          QStringLiteral("welcome-recent")),
                &QAbstractButton::clicked, this, [this, folder] { Q_EMIT recentAsked(folder); });
    if (recent.isEmpty())
        last->addWide(makeWords(tr("Nothing yet. Ctrl+K finds whatever you look for, by the words "
                                   "that you have for it."),
                                last));
    Page::add(addColumn(), last);
}

}  // namespace rook::app
