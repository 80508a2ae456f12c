#include "app/steps/ship/spelled_section.h"

#include <QSpinBox>

#include "app/ui/buttons.h"
#include "app/ui/controls.h"
#include "app/ui/words.h"
#include "level/level_edits.h"

namespace rook::app {

namespace {

/// How much a bundle spells out.
class SpelledSection : public PanelSection {
public:
    SpelledSection(Session& session, QWidget* parent)
        : PanelSection(tr("Spelled out"), {}, session, parent) {
        m_ways = makeNumberBox(QStringLiteral("ways-up-to"), 0, level::mostWayTicks, this,
                               [this](int ticks) {
                                   auto options = m_session.document.project().bundle;
                                   options.waysUpTo = ticks;
                                   change(options);
                               });
        m_ways->setFixedWidth(150);
        m_ways->setPrefix(tr("up to "));
        m_ways->setSuffix(tr(" ticks"));
        m_ways->setSpecialValueText(tr("none"));
        m_ways->setKeyboardTracking(false);
        m_ways->setAccessibleName(tr("Ways of foes and members that come round within"));
        m_ways->setToolTip(
            tr("Where foes and members are in each tick, for games that do not work it out. Longer "
               "ways are left out, so that files stay small."));
        addControl(tr("Ways of foes"), m_ways);
        m_packed = new Chip(tr("Pack rows of numbers"), rowsHolder());
        m_packed->setObjectName(QStringLiteral("pack-rows"));
        m_packed->setToolTip(tr(
            "For large levels: tiles and cells as zlib streams, a small part of the size, and no "
            "longer to be read by eye"));
        connect(m_packed, &QAbstractButton::clicked, this, [this](bool isOn) {
            auto options = m_session.document.project().bundle;
            options.isPacked = isOn;
            change(options);
        });
        addWide(m_packed);
    }

    void refresh() override {
        const level::BundleOptions& options = m_session.document.project().bundle;
        showNumber(m_ways, options.waysUpTo);
        m_packed->setChecked(options.isPacked);
        setNote(options.isPacked ? tr("packed") : tr("plain numbers"));
    }

private:
    void change(const level::BundleOptions& options) {
        m_session.document.apply(level::setBundleOptions(m_session.document.project(), options));
    }

    QSpinBox* m_ways;
    Chip* m_packed;
};

}  // namespace

PanelSection* makeSpelledSection(Session& session, QWidget* parent) {
    return new SpelledSection(session, parent);
}

}  // namespace rook::app
