#include <QColor>
#include <QPlainTextEdit>

#include "app/steps/puzzle/puzzle_sections.h"
#include "app/ui/theme.h"
#include "puzzle/edits.h"

namespace rook::app {

namespace {

/// The colours that stacks are made of, a line each: a name and a colour.
class ColorsSection : public PanelSection {
public:
    ColorsSection(Session& session, QWidget* parent)
        : PanelSection(tr("Colours of stacks"), {}, session, parent) {
        makeFoldable(QStringLiteral("stack-colors"), false);
        addWide(makeWords(tr("A line each, as Ochre #c9962f; changed in its line, a name changes "
                             "everywhere."),
                          this));
        m_text = new QPlainTextEdit(rowsHolder());
        m_text->setObjectName(QStringLiteral("stack-colors"));
        m_text->setAccessibleName(tr("Colours of stacks"));
        m_text->setFixedHeight(96);
        addWide(m_text);
        addWide(makeButton(tr("Take the colours as written"), QStringLiteral("stack-colors-take"),
                           this, [this] { take(); }));
    }

    void refresh() override {
        const level::Project& project = m_session.document.project();
        const auto rule = m_session.document.level()->puzzle.rule.name;
        setVisible(rule == level::PuzzleRuleName::Pour || rule == level::PuzzleRuleName::Gather ||
                   !project.stackColors.empty());
        setNote(QString::number(project.stackColors.size()));
        if (m_text->hasFocus() || (m_shown && *m_shown == project.stackColors)) return;
        QStringList lines;
        for (const level::StackColor& color : project.stackColors)
            lines << QString::fromStdString(color.title + " " + color.color);
        m_text->setPlainText(lines.join(u'\n'));
        m_shown = project.stackColors;
    }

private:
    void take() {
        std::vector<level::StackColor> colors;
        const auto& former = m_session.document.project().stackColors;
        for (const QString& line : m_text->toPlainText().split(u'\n')) {
            const QString words = line.simplified();
            if (words.isEmpty()) continue;
            level::StackColor color;
            // What is said of it besides stays with its line.
            if (colors.size() < former.size()) color.unknown = former[colors.size()].unknown;
            const QString last = words.section(u' ', -1);
            const bool hasColor =
                last.startsWith(u'#') && QColor::isValidColor(last) && last.size() == 7;
            const QString title = hasColor ? words.section(u' ', 0, -2) : words;
            if (hasColor) color.color = last.toLower().toStdString();
            color.title = title.toStdString();
            color.name = QString(title).toLower().replace(u' ', u'-').toStdString();
            colors.push_back(std::move(color));
        }
        m_session.document.apply(puzzle::setStackColors(m_session.document.project(), colors));
    }

    QPlainTextEdit* m_text;
    std::optional<SharedVector<level::StackColor>> m_shown;
};

}  // namespace

PanelSection* makeColorsSection(Session& session, QWidget* parent) {
    return new ColorsSection(session, parent);
}

}  // namespace rook::app
