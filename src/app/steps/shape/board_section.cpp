#include <QPushButton>
#include <QSpinBox>

#include "app/steps/shape/shape_options.h"
#include "app/steps/shape/shape_sections.h"
#include "app/ui/theme.h"
#include "level/board_size.h"

namespace rook::app {

namespace {

/// Grows and shrinks the board on any side; says first what would be cut off.
class BoardSection : public PanelSection {
public:
    BoardSection(Session& session, QWidget* parent);
    void refresh() override {}

private:
    [[nodiscard]] CellRect frame() const;
    void consider();
    void resizeNow();

    QSpinBox* m_left = nullptr;
    QSpinBox* m_right = nullptr;
    QSpinBox* m_top = nullptr;
    QSpinBox* m_bottom = nullptr;
    QLabel* m_words;
    QPushButton* m_apply;
};

BoardSection::BoardSection(Session& session, QWidget* parent)
    : PanelSection(tr("Board size"), tr("cells added on each side"), session, parent),
      m_words(makeWords({}, this)),
      m_apply(new QPushButton(tr("Change the size"), this)) {
    makeFoldable(QStringLiteral("board"), false);
    const std::pair<QString, QSpinBox**> sides[] = {{tr("Left"), &m_left},
                                                    {tr("Right"), &m_right},
                                                    {tr("Top"), &m_top},
                                                    {tr("Bottom"), &m_bottom}};
    auto* grid = new QGridLayout;
    grid->setSpacing(6);
    int place = 0;
    for (const auto& [name, box] : sides) {
        *box = new QSpinBox(this);
        (*box)->setRange(-16384, 16384);
        (*box)->setFixedWidth(70);
        (*box)->setObjectName(QStringLiteral("grow-") + name.toLower());
        (*box)->setAccessibleName(tr("Columns or rows added: %1").arg(name));
        connect(*box, &QSpinBox::valueChanged, this, [this] { consider(); });
        auto* label = new QLabel(name, this);
        label->setFont(sizedFont(-1));
        label->setBuddy(*box);
        grid->addWidget(label, place / 2, 2 * (place % 2));
        grid->addWidget(*box, place / 2, 2 * (place % 2) + 1);
        ++place;
    }
    addWide(grid);
    addWide(m_words);
    m_words->setObjectName(QStringLiteral("board-size-words"));
    m_apply->setObjectName(QStringLiteral("apply-board-size"));
    connect(m_apply, &QAbstractButton::clicked, this, [this] { resizeNow(); });
    addWide(m_apply);
    consider();
}

CellRect BoardSection::frame() const {
    const CellRect now = m_session.document.level()->cells.bounds();
    return {-m_left->value(), -m_top->value(), now.width + m_left->value() + m_right->value(),
            now.height + m_top->value() + m_bottom->value()};
}

void BoardSection::consider() {
    const CellRect wanted = frame();
    const bool isSame = wanted == m_session.document.level()->cells.bounds();
    const auto shown = isSame ? std::nullopt : std::optional(wanted);
    if (shown != m_session.workbench.options<ShapeOptions>().boardFrame)
        change<ShapeOptions>([&](auto& o) { o.boardFrame = shown; });
    m_apply->setEnabled(!isSame);
    if (isSame) {
        setTone(m_words, currentTheme().quietInk);
        return m_words->setText(tr("Less than 0 takes away. The frame on the board shows it."));
    }
    const level::CutOff cut = cutOffBy(*m_session.document.level(), wanted);
    QString words = tr("%1 × %2 cells.").arg(wanted.width).arg(wanted.height);
    if (cut.cells > 0)
        words +=
            QLatin1Char(' ') + tr("Cuts off %1 of matter.")
                                   .arg(QString::fromStdString(level::cellCountText(cut.cells)));
    if (!cut.entities.empty()) {
        QStringList names;
        for (std::size_t i = 0; i < cut.entities.size() && i < 4; ++i)
            names << QString::fromStdString(cut.entities[i].text);
        if (cut.entities.size() > 4) names << tr("%1 more").arg(cut.entities.size() - 4);
        words += QLatin1Char(' ') + tr("Takes away %1.").arg(names.join(QStringLiteral(", ")));
    }
    setTone(m_words, cut.isNothing() ? currentTheme().quietInk : currentTheme().caution);
    m_words->setText(words);
}

void BoardSection::resizeNow() {
    const auto edit = resizeBoard(*m_session.document.level(), frame());
    if (!edit) return m_session.say(QString::fromStdString(edit.error().sentence()));
    for (QSpinBox* box : {m_left, m_right, m_top, m_bottom}) {
        const QSignalBlocker blocker(box);
        box->setValue(0);
    }
    change<ShapeOptions>([](auto& o) { o.boardFrame.reset(); });
    m_session.document.apply(*edit);
}

}  // namespace

PanelSection* makeBoardSection(Session& session, QWidget* parent) {
    return new BoardSection(session, parent);
}

}  // namespace rook::app
