#include "app/pages/text_rows.h"

#include <QKeyEvent>

#include "app/ui/controls.h"
#include "app/ui/margin_row.h"
#include "app/ui/theme.h"
#include "level/level_edits.h"

namespace rook::app {

namespace {

QString wordsFor(level::WordsWhen when) {
    switch (when) {
        case level::WordsWhen::Start:
            return TextRow::tr("at the start");
        case level::WordsWhen::Won:
            return TextRow::tr("when it is won");
        case level::WordsWhen::Lost:
            return TextRow::tr("when it is lost");
        case level::WordsWhen::Said:
            return TextRow::tr("when it is said");
        case level::WordsWhen::Over:
            return TextRow::tr("when the game is over");
        case level::WordsWhen::End:
            return TextRow::tr("at the end");
    }
    return {};
}

}  // namespace

TextBox::TextBox(QWidget* parent) : QPlainTextEdit(parent) {
    setTabChangesFocus(true);
    setFixedHeight(2 * fontMetrics().lineSpacing() + 14);
    setVerticalScrollBarPolicy(Qt::ScrollBarAsNeeded);
}

void TextBox::focusOutEvent(QFocusEvent* event) {
    QPlainTextEdit::focusOutEvent(event);
    Q_EMIT finished();
}

void TextBox::keyPressEvent(QKeyEvent* event) {
    const bool isEnter = event->key() == Qt::Key_Return || event->key() == Qt::Key_Enter;
    if (isEnter && (event->modifiers() & Qt::ControlModifier)) return Q_EMIT finished();
    QPlainTextEdit::keyPressEvent(event);
}

TextRow::TextRow(const QString& name, std::vector<level::WordsWhen> whens, Change change,
                 std::function<void()> remove, QWidget* parent)
    : QWidget(parent), m_whens(std::move(whens)), m_change(std::move(change)) {
    auto* grid = new QGridLayout(this);
    grid->setContentsMargins(0, 0, 0, 4);
    grid->setHorizontalSpacing(6);
    grid->setVerticalSpacing(4);
    m_id = new QLineEdit(this);
    m_id->setObjectName(name + QStringLiteral("-id"));
    m_id->setAccessibleName(tr("Id of the text"));
    m_id->setToolTip(tr("By which goals, triggers and zones name it."));
    m_id->setFixedWidth(110);
    m_id->setMaxLength(64);
    connect(m_id, &QLineEdit::editingFinished, this, [this] {
        if (!m_id->isModified()) return;
        const std::string id = plainNameFrom(m_id->text().toStdString(), "text");
        m_id->setModified(false);
        m_change([&id](level::Words& words) { words.id = id; });
    });
    QStringList choices;
    for (const level::WordsWhen when : m_whens)
        choices << wordsFor(when);
    m_when = makeChoiceBox(name + QStringLiteral("-when"), choices, this, [this](int at) {
        m_change([this, at](level::Words& words) { words.when = m_whens[std::size_t(at)]; });
    });
    m_when->setAccessibleName(tr("When it is shown"));
    m_at = makeChoiceBox(
        name + QStringLiteral("-at"), {tr("at the top"), tr("in the middle"), tr("at the bottom")},
        this, [this](int at) {
            m_change([at](level::Words& words) { words.at = static_cast<level::WordsPlace>(at); });
        });
    m_at->setFixedWidth(120);
    m_at->setAccessibleName(tr("Where it is shown"));
    m_ticks = makeNumberBox(
        name + QStringLiteral("-ticks"), 0, level::maxTicks, this,
        [this](int ticks) { m_change([ticks](level::Words& words) { words.ticks = ticks; }); });
    m_ticks->setFixedWidth(110);
    m_ticks->setSuffix(tr(" ticks"));
    m_ticks->setSpecialValueText(tr("until a key"));
    m_ticks->setAccessibleName(tr("For how long"));
    auto* away = new IconToggle(QStringLiteral("remove"), QStringLiteral("remove"),
                                tr("Take this text away"), this);
    away->setObjectName(name + QStringLiteral("-remove"));
    away->setCheckable(false);
    connect(away, &QAbstractButton::clicked, this, std::move(remove));
    m_text = new TextBox(this);
    m_text->setObjectName(name + QStringLiteral("-text"));
    m_text->setAccessibleName(tr("The words"));
    connect(m_text, &TextBox::finished, this, [this] {
        const std::string text = m_text->toPlainText().toStdString();
        const std::string in = language();
        m_change([&](level::Words& words) { level::setText(words, in, text); });
    });
    m_language =
        makeChoiceBox(name + QStringLiteral("-language"), {}, this, [this](int) { show(m_words); });
    m_language->setFixedWidth(80);
    m_language->setAccessibleName(tr("Language of the words"));
    m_language->hide();
    int column = 0;
    for (QWidget* each : std::initializer_list<QWidget*>{m_id, m_when, m_at, m_ticks, m_language})
        grid->addWidget(each, 0, column++);
    grid->setColumnStretch(column, 1);
    grid->addWidget(away, 0, column + 1);
    grid->addWidget(m_text, 1, 0, 1, column + 2);
}

void TextRow::show(const level::Words& words) {
    if (!m_id->isModified()) m_id->setText(QString::fromStdString(words.id));
    const auto found = std::find(m_whens.begin(), m_whens.end(), words.when);
    m_when->setCurrentIndex(found == m_whens.end() ? -1 : int(found - m_whens.begin()));
    m_at->setCurrentIndex(int(words.at));
    showNumber(m_ticks, words.ticks);
    m_words = words;
    const std::string* translated = language().empty() ? &words.text : words.textIn(language());
    const QString text = translated ? QString::fromStdString(*translated) : QString();
    m_text->setPlaceholderText(language().empty() ? QString() : QString::fromStdString(words.text));
    if (!m_text->hasFocus() && m_text->toPlainText() != text) m_text->setPlainText(text);
}

void TextRow::showLanguages(const std::vector<std::string>& languages) {
    QStringList names;
    for (const std::string& each : languages)
        names << QString::fromStdString(each);
    setChoices(m_language, names);
    m_language->setVisible(languages.size() > 1);
}

std::string TextRow::language() const {
    return m_language->currentIndex() > 0 ? m_language->currentText().toStdString() : std::string();
}

level::Words freshWords(const std::vector<level::Words>& others, level::WordsWhen first,
                        level::WordsWhen then) {
    const bool isFirst = std::none_of(others.begin(), others.end(),
                                      [&](const level::Words& each) { return each.when == first; });
    level::Words words;
    words.when = isFirst ? first : then;
    words.id = level::freeName(others, &level::Words::id, std::string(nameOf(words.when)));
    return words;
}

}  // namespace rook::app
