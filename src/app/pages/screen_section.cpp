#include <QLineEdit>
#include <QSpinBox>

#include "app/pages/game_page.h"
#include "app/ui/margin_row.h"
#include "app/ui/row_list.h"
#include "app/ui/theme.h"

namespace rook::app {

namespace {

using level::Screen;

class ScreenRow : public QWidget {
public:
    using Change = std::function<void(const std::function<void(Screen&)>&)>;

    ScreenRow(std::size_t place, Change change, std::function<void()> remove, QWidget* parent)
        : QWidget(parent), m_change(std::move(change)) {
        auto* line = new QHBoxLayout(this);
        line->setContentsMargins(0, 0, 0, 0);
        line->setSpacing(6);
        m_name = new QLineEdit(this);
        m_name->setObjectName(QStringLiteral("screen-%1-name").arg(place));
        m_name->setAccessibleName(tr("What it is called"));
        m_name->setMaxLength(40);
        connect(m_name, &QLineEdit::editingFinished, this, [this] {
            if (!m_name->isModified()) return;
            const std::string name = plainNameFrom(m_name->text().toStdString(), "screen");
            m_name->setModified(false);
            m_change([&name](Screen& screen) { screen.name = name; });
        });
        line->addWidget(m_name, 1);
        const auto number = [&](const char* name, const QString& words, int Screen::*field) {
            QSpinBox* box =
                makeNumberBox(QStringLiteral("screen-%1-%2").arg(place).arg(QLatin1String(name)),
                              16, 16384, this, [this, field](int value) {
                                  m_change([=](Screen& screen) { screen.*field = value; });
                              });
            box->setAccessibleName(words);
            line->addWidget(box);
            return box;
        };
        m_width = number("width", tr("Width, px"), &Screen::width);
        auto* times = new QLabel(QStringLiteral("×"), this);
        line->addWidget(times);
        m_height = number("height", tr("Height, px"), &Screen::height);
        m_away = new IconToggle(QStringLiteral("remove"), QStringLiteral("remove"),
                                tr("Take this screen away"), this);
        m_away->setCheckable(false);
        connect(m_away, &QAbstractButton::clicked, this, std::move(remove));
        line->addWidget(m_away);
    }
    void show(const Screen& screen, bool isOnly) {
        if (!m_name->isModified()) m_name->setText(QString::fromStdString(screen.name));
        showNumber(m_width, screen.width);
        showNumber(m_height, screen.height);
        m_away->setEnabled(!isOnly);
    }

private:
    Change m_change;
    QLineEdit* m_name;
    QSpinBox* m_width;
    QSpinBox* m_height;
    IconToggle* m_away;
};

/// The screens that the game is played on.
class ScreenSection : public PanelSection {
public:
    ScreenSection(Session& session, QWidget* parent)
        : PanelSection(tr("Screens"), tr("px; the first is the measure"), session, parent) {
        m_rows = new RowList<ScreenRow>(
            [this](std::size_t place) {
                return new ScreenRow(
                    place,
                    [this, place](const std::function<void(Screen&)>& act) {
                        changeGame(m_session, tr("Change a screen"),
                                   [&](level::Game& game) { act(game.screens[place]); });
                    },
                    [this, place] {
                        changeGame(m_session, tr("Take a screen away"), [&](level::Game& game) {
                            game.screens.erase(game.screens.begin() + std::ptrdiff_t(place));
                        });
                    },
                    m_rows);
            },
            this);
        addWide(m_rows);
        auto* line = new QHBoxLayout;
        line->addWidget(makeButton(tr("Add a screen"), QStringLiteral("add-screen"), this, [this] {
            changeGame(m_session, tr("Add a screen"), [](level::Game& game) {
                Screen screen = game.screens.back();
                for (int number = 2;
                     std::any_of(game.screens.begin(), game.screens.end(),
                                 [&](const Screen& s) { return s.name == screen.name; });
                     ++number)
                    screen.name = "screen-" + std::to_string(number);
                game.screens.push_back(screen);
            });
        }));
        line->addStretch();
        addWide(line);
    }

    void refresh() override {
        const auto& screens = m_session.document.project().game.screens;
        m_rows->setCount(screens.size(), [&](ScreenRow& row, std::size_t place) {
            row.show(screens[place], screens.size() == 1);
        });
    }

private:
    RowList<ScreenRow>* m_rows = nullptr;
};

}  // namespace

PanelSection* makeScreenSection(Session& session, QWidget* parent) {
    return new ScreenSection(session, parent);
}

}  // namespace rook::app
