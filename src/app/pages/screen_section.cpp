#include <QLineEdit>
#include <QSpinBox>

#include "app/pages/game_page.h"
#include "app/pages/list_section.h"
#include "app/ui/margin_row.h"
#include "app/ui/theme.h"
#include "app/ui/words.h"

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
    void show(const Screen& screen, bool isOnly = false) {
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
class ScreenSection final : public ListSection<Screen, ScreenRow> {
public:
    ScreenSection(Session& session, QWidget* parent)
        : ListSection({tr("Screens"), tr("px; the first is the measure"), tr("Change a screen"),
                       tr("Take a screen away")},
                      session, parent) {
        addButton(tr("Add a screen"), "add-screen", [this] {
            edit(tr("Add a screen"), [](Items& screens) {
                Screen screen = screens.back();
                screen.name = level::freeName(screens, &Screen::name, "screen");
                screens.push_back(screen);
            });
        });
    }

protected:
    const Items& items() const override { return m_session.document.project().game.screens; }
    bool setItems(Items screens, const QString& name) override {
        return changeGame(m_session, name,
                          [&](level::Game& game) { game.screens = std::move(screens); });
    }
    ScreenRow* makeRow(std::size_t place, Change change, std::function<void()> remove,
                       QWidget* parent) override {
        return new ScreenRow(place, std::move(change), std::move(remove), parent);
    }
    void show(ScreenRow& row, std::size_t place) override {
        row.show(items()[place], items().size() == 1);
    }
};

}  // namespace

PanelSection* makeScreenSection(Session& session, QWidget* parent) {
    return new ScreenSection(session, parent);
}

}  // namespace rook::app
