#include <QComboBox>
#include <QDoubleSpinBox>
#include <QPainter>
#include <QPushButton>
#include <QSpinBox>

#include "app/steps/prove/prove_sections.h"
#include "app/ui/buttons.h"
#include "app/ui/theme.h"
#include "app/ui/words.h"
#include "level/names.h"
#include "level/profile_edits.h"
#include "motion/jump_guide.h"

namespace rook::app {

namespace {

using level::Ability;
using level::MotionProfile;

/// The jump to scale in cells: one dot a tick, to the height and the width of the farthest jump.
class JumpPicture : public QWidget {
public:
    explicit JumpPicture(QWidget* parent) : QWidget(parent) {
        setFixedHeight(104);
        setObjectName(QStringLiteral("jump-picture"));
        setAccessibleName(tr("The jump, drawn to scale in cells"));
    }
    void show(const motion::StepTables& tables, CellSize cell) {
        const motion::JumpAids none;
        m_arc = motion::farthestJump(tables, none);
        m_hop = tables.body.has(Ability::ShortHop) ? std::optional(motion::leastHop(tables))
                                                   : std::nullopt;
        m_body = QSize(tables.body.bodyWidth, tables.body.bodyHeight);
        m_cell = cell;
        update();
    }

protected:
    void paintEvent(QPaintEvent*) override {
        const Theme& theme = currentTheme();
        QPainter painter(this);
        painter.fillRect(rect(), theme.paper);
        const int widest = std::max(1, m_arc.reach + m_body.width() + 2 * m_cell.width);
        const int highest = std::max(1, m_arc.rise + m_body.height() + m_cell.height);
        const double scale = std::min(double(width()) / widest, double(height() - 6) / highest);
        const double floor = height() - 5;
        painter.setPen(theme.gridMinor);
        for (double x = 0; x < width(); x += m_cell.width * scale)
            painter.drawLine(QPointF(x, 0), QPointF(x, floor));
        for (double y = floor; y > 0; y -= m_cell.height * scale)
            painter.drawLine(QPointF(0, y), QPointF(width(), y));
        painter.setPen(QPen(theme.ink, 1.5));
        painter.drawLine(QPointF(0, floor), QPointF(width(), floor));
        painter.setRenderHint(QPainter::Antialiasing);
        const double left = m_cell.width * scale;
        painter.drawRect(QRectF(left, floor - m_body.height() * scale, m_body.width() * scale,
                                m_body.height() * scale));
        const auto draw = [&](const motion::JumpArc& arc, const QColor& tone) {
            painter.setPen(Qt::NoPen);
            painter.setBrush(tone);
            for (const PxPoint at : arc.path)
                painter.drawEllipse(
                    QPointF(left + (at.x + m_body.width() / 2.0) * scale, floor + at.y * scale),
                    1.6, 1.6);
        };
        if (m_hop) draw(*m_hop, theme.quietInk);
        draw(m_arc, theme.plum);
    }

private:
    motion::JumpArc m_arc;
    std::optional<motion::JumpArc> m_hop;
    QSize m_body{12, 22};
    CellSize m_cell;
};

class MotionSection : public PanelSection {
public:
    MotionSection(Session& session, QWidget* parent)
        : PanelSection(tr("Motion"), {}, session, parent), m_picture(new JumpPicture(this)) {
        makeFoldable(QStringLiteral("motion"), false);
        m_profile = makeChoiceBox(QStringLiteral("motion-profile"), {}, this, [this](int index) {
            if (index < m_profile->count())
                m_session.document.apply(useProfile(m_session.document.project(),
                                                    m_session.document.level()->id,
                                                    m_profile->itemText(index).toStdString()));
        });
        addControl(tr("Profile"), m_profile);
        addWide(m_picture);
        addNumbers();
        addAbilities();
        addSwap();
        m_tables = makeWords({}, this);
        m_tables->setObjectName(QStringLiteral("motion-tables"));
        addWide(m_tables);
        addProfiles();
    }

    void refresh() override {
        const MotionProfile* profile =
            m_session.document.project().profileOf(*m_session.document.level());
        setEnabled(profile);
        if (!profile) return setNote(tr("none"));
        setNote(QString::fromStdString(profile->name));
        const QSignalBlocker blocker(m_profile);
        m_profile->clear();
        for (const MotionProfile& p : m_session.document.project().profiles)
            m_profile->addItem(QString::fromStdString(p.name));
        m_profile->setCurrentText(QString::fromStdString(profile->name));
        showSwap(*profile);
        for (const auto& show : m_shows)
            show(*profile);
        showTables(*profile);
    }

private:
    template <typename Change>
    void change(Change&& make) {
        const MotionProfile* profile =
            m_session.document.project().profileOf(*m_session.document.level());
        if (!profile) return;
        MotionProfile next = *profile;
        make(next);
        if (next == *profile) return;
        // What is out of its range is said and not taken.
        if (const auto tables = motion::makeStepTables(next, m_session.document.level()->cellSize);
            !tables) {
            m_session.say(told(tables.error()));
            return refresh();
        }
        m_session.document.apply(
            changeProfile(m_session.document.project(), profile->name, std::move(next)));
    }

    void addDecimal(const QString& name, const QString& unit, double most,
                    level::Decimal MotionProfile::*field) {
        auto* box = new QDoubleSpinBox(rowsHolder());
        box->setObjectName(QStringLiteral("motion-") + name);
        box->setAccessibleName(name + u' ' + unit);
        box->setDecimals(3);
        box->setSingleStep(0.1);
        box->setRange(0, most);
        box->setSuffix(u' ' + unit);
        box->setFixedWidth(150);
        box->setKeyboardTracking(false);
        connect(box, &QDoubleSpinBox::valueChanged, this, [this, field](double value) {
            change([&](MotionProfile& p) { (p.*field).thousandths = std::llround(value * 1000); });
        });
        m_shows << [box, field](const MotionProfile& p) {
            const QSignalBlocker blocker(box);
            box->setValue(double((p.*field).thousandths) / 1000);
        };
        addControl(name, box);
    }
    void addWhole(const QString& name, const QString& unit, int low, int high,
                  int MotionProfile::*field) {
        auto* box = makeNumberBox(
            QStringLiteral("motion-") + name, low, high, this,
            [this, field](int value) { change([&](MotionProfile& p) { p.*field = value; }); });
        box->setAccessibleName(name + u' ' + unit);
        box->setSuffix(u' ' + unit);
        box->setFixedWidth(150);
        box->setKeyboardTracking(false);
        m_shows << [box, field](const MotionProfile& p) { showNumber(box, p.*field); };
        addControl(name, box);
    }
    void addNumbers() {
        addWhole(tr("Body width"), tr("px"), 1, 512, &MotionProfile::bodyWidth);
        addWhole(tr("Body height"), tr("px"), 1, 512, &MotionProfile::bodyHeight);
        addDecimal(tr("Run"), tr("cells/s"), 1000, &MotionProfile::run);
        addDecimal(tr("Jump height"), tr("cells"), 1000, &MotionProfile::jumpHeight);
        addDecimal(tr("Time to the top"), tr("s"), 60, &MotionProfile::timeToTop);
        addDecimal(tr("Fall factor"), {}, 1000, &MotionProfile::fallFactor);
        addDecimal(tr("Greatest fall"), tr("cells/s"), 1000, &MotionProfile::greatestFall);
        addDecimal(tr("Climb"), tr("cells/s"), 1000, &MotionProfile::climb);
        addDecimal(tr("Swim"), tr("cells/s"), 1000, &MotionProfile::swim);
        addDecimal(tr("Coyote time"), tr("ms"), 10000, &MotionProfile::coyoteMs);
        addWhole(tr("Air jumps"), {}, 0, 3, &MotionProfile::airJumps);
        addWhole(tr("Wall push"), tr("ticks"), 0, 4096, &MotionProfile::wallPush);
        addWhole(tr("Step up"), tr("px"), 0, 512, &MotionProfile::stepUp);
        addWhole(tr("Margin"), tr("px"), 0, 64, &MotionProfile::marginPx);
    }

    void addAbilities() {
        auto* grid = new QGridLayout;
        grid->setSpacing(4);
        for (int i = 0; i < level::abilityCount; ++i) {
            const auto ability = static_cast<Ability>(i);
            auto* chip = new Chip(told(level::nameOf(ability)).replace(u'-', u' '), rowsHolder());
            chip->setObjectName(QStringLiteral("has-ability-%1").arg(i));
            connect(chip, &QAbstractButton::clicked, this, [this, ability](bool isOn) {
                change([&](MotionProfile& p) {
                    const auto set = isOn ? setOf(ability) : 0u;
                    p = reach::withAbilities(p, set, isOn ? 0u : setOf(ability));
                    if (!p.has(Ability::AirJump)) p.airJumps = 0;
                });
            });
            m_shows << [chip, ability](const MotionProfile& p) {
                static_cast<QAbstractButton*>(chip)->setChecked(p.has(ability));
            };
            grid->addWidget(chip, i / 3, i % 3);
        }
        addWide(grid);
    }

    void addSwap() {
        m_swap = makeChoiceBox(QStringLiteral("motion-swaps-with"), {}, this, [this](int index) {
            const auto* p = m_session.document.project().profileOf(*m_session.document.level());
            if (!p) return;
            const QString with = index <= 0 ? QString() : m_swap->itemText(index);
            if (with.toStdString() == p->swapsWith) return;
            m_session.document.apply(
                swapProfiles(m_session.document.project(), p->name, with.toStdString()));
        });
        m_swap->setToolTip(
            tr("Who stands may swap to it and back (Q in Walk). Its body is as large."));
        addControl(tr("Swaps with"), m_swap);
    }
    void showSwap(const MotionProfile& profile) {
        const QSignalBlocker blocker(m_swap);
        m_swap->clear();
        m_swap->addItem(tr("nobody"));
        for (const MotionProfile& each : m_session.document.project().profiles)
            if (each.name != profile.name &&
                (each.isAsLargeAs(profile) || each.name == profile.swapsWith))
                m_swap->addItem(QString::fromStdString(each.name));
        const int at = m_swap->findText(QString::fromStdString(profile.swapsWith));
        m_swap->setCurrentIndex(profile.swapsWith.empty() ? 0 : at);
    }

    /// What the values come to in whole px and ticks, told as it is.
    void showTables(const MotionProfile& profile) {
        const auto tables = motion::makeStepTables(profile, m_session.document.level()->cellSize);
        if (!tables) return m_tables->setText(told(tables.error()));
        m_picture->show(*tables, m_session.document.level()->cellSize);
        const runtime::MotionTables& body = tables->body;
        QStringList walk;
        int sum = 0;
        for (const int px : body.walk) {
            walk << QString::number(px);
            sum += px;
        }
        const double wanted = double(profile.run.thousandths) / 1000 *
                              m_session.document.level()->cellSize.width / 60;
        const double wantedRise = double(profile.jumpHeight.thousandths) / 1000 *
                                      m_session.document.level()->cellSize.height -
                                  profile.marginPx;
        m_tables->setText(
            tr("In 16 ticks it walks %1 px, %2 a tick (%3 asked): %4. A jump rises %5 px (%6 "
               "asked) in %7 ticks; falling settles at %8 px a tick. %9 phases.")
                .arg(sum)
                .arg(sum / 16.0, 0, 'f', 3)
                .arg(wanted, 0, 'f', 3)
                .arg(walk.join(u' '))
                .arg(body.totalRise())
                .arg(wantedRise, 0, 'f', 2)
                .arg(body.topPhase)
                .arg(settledFall(body), 0, 'f', 2)
                .arg(body.dx.size()));
    }
    static double settledFall(const runtime::MotionTables& body) {
        double sum = 0;
        for (std::size_t p = std::size_t(body.loopFrom); p < body.dy.size(); ++p)
            sum += body.dy[p];
        return sum / double(body.dy.size() - std::size_t(body.loopFrom));
    }

    void addProfiles() {
        QStringList names{tr("Preset …")};
        for (const MotionProfile& preset : level::profilePresets())
            names << QString::fromStdString(preset.name);
        auto* presets =
            makeChoiceBox(QStringLiteral("motion-preset"), names, this, [this](int index) {
                if (index > 0) takePreset(level::profilePresets()[std::size_t(index) - 1]);
                findChild<QComboBox*>(QStringLiteral("motion-preset"))->setCurrentIndex(0);
            });
        addControl(tr("Take over"), presets);
        auto* row = new QHBoxLayout;
        row->setSpacing(6);
        row->addWidget(makeButton(tr("Copy"), QStringLiteral("copy-profile"), this, [this] {
            if (const auto* p = m_session.document.project().profileOf(*m_session.document.level()))
                m_session.document.apply(
                    copyProfile(m_session.document.project(), m_session.document.level()->id, *p));
        }));
        row->addWidget(makeButton(tr("Remove"), QStringLiteral("remove-profile"), this, [this] {
            if (const auto* p = m_session.document.project().profileOf(*m_session.document.level()))
                m_session.document.apply(removeProfile(m_session.document.project(), p->name));
        }));
        row->addStretch();
        addWide(row);
    }

    /// The values of a preset, under the name that the profile has; the body stays.
    void takePreset(const MotionProfile& preset) {
        change([&](MotionProfile& p) {
            MotionProfile next = preset;
            next.name = p.name;
            next.bodyWidth = p.bodyWidth;
            next.bodyHeight = p.bodyHeight;
            next.marginPx = p.marginPx;
            next.swapsWith = p.swapsWith;
            next.unknown = p.unknown;
            p = std::move(next);
        });
    }

    JumpPicture* m_picture;
    QComboBox* m_profile;
    QComboBox* m_swap;
    QLabel* m_tables;
    QList<std::function<void(const MotionProfile&)>> m_shows;
};

}  // namespace

PanelSection* makeMotionSection(Session& session, QWidget* parent) {
    return new MotionSection(session, parent);
}

}  // namespace rook::app
