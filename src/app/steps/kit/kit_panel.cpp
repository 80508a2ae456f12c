#include <QComboBox>
#include <QFileDialog>
#include <QLabel>
#include <QLineEdit>
#include <QSpinBox>
#include <cmath>

#include "app/painting/kit_models.h"
#include "app/painting/kit_painter.h"
#include "app/steps/kit/kit_options.h"
#include "app/steps/kit/kit_sections.h"
#include "app/steps/kit/units_box.h"
#include "app/ui/buttons.h"
#include "app/ui/choice_names.h"
#include "app/ui/controls.h"
#include "app/ui/margin_row.h"
#include "app/ui/theme.h"
#include "app/ui/words.h"
#include "kit/pieces.h"
#include "kit/rooms.h"
#include "kit/solid_fill.h"
#include "level/level_edits.h"
#include "level/sketch_edits.h"

namespace rook::app {

namespace {

using level::Kit;
using level::Piece;
using level::PlacedPiece;

/// The margin of Shape on a kit board: storeys, what is selected, what the level costs, what does
/// not fit.
class KitPanel : public MarginPanel {
public:
    KitPanel(Session& session, std::shared_ptr<ModelCosts> costs, QWidget* parent)
        : MarginPanel(parent), m_session(session) {
        m_column = makeColumn(this);
        m_ids = session.workbench.selection().pieces;
        if (!m_ids.empty()) addSelected();
        addStoreys();
        addFit();
        auto* parts = makePartsSection(session, std::move(costs), this);
        m_refreshers << [parts] { parts->refresh(); };
        m_column->addWidget(parts);
        auto* piece = makePieceSection(session, this);
        m_refreshers << [piece] { piece->refresh(); };
        m_column->addWidget(piece);
        addKit();
        m_column->addStretch();
    }

    void refresh() override {
        for (const auto& refresher : m_refreshers)
            refresher();
    }

private:
    [[nodiscard]] const Kit* kit() const {
        return m_session.document.project().kitOf(*m_session.document.level());
    }
    /// Good as long as nothing else is proven.
    [[nodiscard]] const reach::KitAnswer* answer() const {
        const auto proven = m_session.proofs.of(m_session.document.level()->id);
        return proven ? proven->answer.onKit() : nullptr;
    }
    [[nodiscard]] const PlacedPiece* placed(int id) const {
        for (const PlacedPiece& each : m_session.document.level()->pieces)
            if (each.id == id) return &each;
        return nullptr;
    }

    void addSelected() {
        const PlacedPiece* first = placed(m_ids.front());
        if (m_ids.size() == 1 && kit::findSolid(*m_session.document.level(), m_ids.front())) {
            auto* solid = makeSolidSection(m_session, m_ids.front(), this);
            m_refreshers << [solid] { solid->refresh(); };
            m_column->addWidget(solid);
            return;
        }
        const Piece* piece = kit() && first ? kit()->find(first->piece) : nullptr;
        if (!piece && m_ids.size() < 2) return;
        const bool isOne = m_ids.size() == 1;
        auto* section = new MarginSection(
            isOne && piece ? QString::fromStdString(piece->title) : tr("Selection"),
            isOne ? QString::number(first->id)
                  : counted(qsizetype(m_ids.size()), tr("piece"), tr("pieces")),
            this);
        m_column->addWidget(section);
        if (isOne) {
            auto* place = section->addValue(tr("Module, storey"));
            auto* off = section->addValue(tr("Off the module"));
            auto* turn = section->addValue(tr("Turned by"));
            m_refreshers << [this, place, off, turn] {
                const PlacedPiece* now = placed(m_ids.front());
                if (!now) return;
                place->setText(
                    tr("%1, %2 on %3").arg(now->at.x).arg(now->at.y).arg(now->storey + 1));
                const auto text = [](const Rational& value) {
                    return told(kit::lengthText(value));
                };
                off->setText(now->offX.isZero() && now->offY.isZero()
                                 ? tr("not at all")
                                 : tr("%1, %2").arg(text(now->offX), text(now->offY)));
                turn->setText(tr("%1°").arg(now->turn * 90));
            };
        }
        auto* grid = new ButtonGrid;
        const auto apply = [this](const Result<level::LevelEdit>& edit) {
            m_session.document.apply(edit);
        };
        grid->add(tr("Turn left"), "piece-left", section, [this, apply] {
            apply(kit::turn(*kit(), *m_session.document.level(), m_ids, -1));
        });
        grid->add(tr("Turn right"), "piece-right", section, [this, apply] {
            apply(kit::turn(*kit(), *m_session.document.level(), m_ids, 1));
        });
        grid->add(tr("A storey up"), "piece-up", section, [this, apply] {
            apply(kit::move(*kit(), *m_session.document.level(), m_ids, 0, 0, 1));
        });
        grid->add(tr("A storey down"), "piece-down", section, [this, apply] {
            apply(kit::move(*kit(), *m_session.document.level(), m_ids, 0, 0, -1));
        });
        grid->add(tr("Set straight"), "piece-straight", section, [this] {
            m_session.document.apply(kit::setStraight(*kit(), *m_session.document.level(), m_ids));
        });
        grid->add(tr("Close its ports"), "piece-close", section, [this, apply] {
            apply(kit::closePorts(*kit(), *m_session.document.level(), m_ids));
        });
        grid->add(tr("Fill with pieces"), "pieces-fill", section, [this, apply] {
            apply(kit::fillWithPieces(*kit(), *m_session.document.level(), m_ids));
        });
        grid->add(tr("Choose variants"), "piece-variants", section, [this] {
            m_session.document.apply(kit::chooseVariants(*kit(), *m_session.document.level(), m_ids,
                                                         std::uint64_t(++m_seed)));
        });
        section->addWide(grid);
        addCopies(section);
        section->addWide(
            makeWords(tr("Arrows move by a module. Ctrl+D copies beside it."), section));
    }

    /// Copies so many modules and storeys away.
    void addCopies(MarginSection* section) {
        const auto box = [&](const QString& name, const char* id, int low, int high, int value) {
            auto* number = new QSpinBox(section->rowsHolder());
            number->setObjectName(QLatin1String(id));
            number->setAccessibleName(name);
            number->setRange(low, high);
            number->setValue(value);
            number->setFixedWidth(58);
            return number;
        };
        auto* dx = box(tr("Modules across"), "copy-x", -4096, 4096, 1);
        auto* dy = box(tr("Modules down"), "copy-y", -4096, 4096, 0);
        auto* up = box(tr("Storeys up"), "copy-storeys", -63, 63, 0);
        auto* row = new QHBoxLayout;
        row->setSpacing(4);
        for (QSpinBox* each : {dx, dy, up})
            row->addWidget(each);
        row->addWidget(
            makeButton(tr("Copy there"), QStringLiteral("copy-there"), section, [this, dx, dy, up] {
                m_session.document.apply(kit::duplicate(*kit(), *m_session.document.level(), m_ids,
                                                        dx->value(), dy->value(), up->value()));
            }));
        section->addWide(row);
        section->addWide(makeButton(
            tr("Copy there, joined by a hallway"), QStringLiteral("copy-joined"), section,
            [this, dx, dy] {
                const int width = m_session.workbench.options<KitOptions>().hallWidth;
                const auto floors = kit::piecesFor(*kit(), kit::RoomPart::Floor);
                const Piece* hall = kit::hallOf(*kit());
                if (floors.empty() || !hall)
                    return m_session.say(
                        tr("The kit has no floor of one module, or no piece for paths."));
                m_session.document.apply(kit::duplicateJoined(*kit(), *m_session.document.level(),
                                                              m_ids, dx->value(), dy->value(),
                                                              *hall, *floors.front(), width));
            }));
    }

    void addStoreys() {
        auto* section = new MarginSection(tr("Storeys"), {}, this);
        m_column->addWidget(section);
        auto* list = new QVBoxLayout;
        list->setSpacing(2);
        section->addWide(list);
        auto rows = std::make_shared<QList<MarginRow*>>();
        m_refreshers << [this, section, list, rows] {
            std::vector<int> counts(std::size_t(m_session.workbench.storey()) + 1);
            for (const PlacedPiece& each : m_session.document.level()->pieces) {
                const std::size_t storey = std::size_t(each.storey);
                if (counts.size() <= storey) counts.resize(storey + 1);
                ++counts[storey];
            }
            for (const level::Solid& each : m_session.document.level()->solids)
                counts.resize(std::max(counts.size(), std::size_t(each.storey) + 1));
            section->setNote(counted(qsizetype(counts.size()), tr("storey"), tr("storeys")));
            setRowCount(*rows, list, counts.size(), QStringLiteral("storey"),
                        [this](std::size_t row) {
                            m_session.workbench.setStorey(int(m_storeyCount - 1 - row));
                        });
            m_storeyCount = counts.size();
            // The highest stands on top, as in a section.
            for (std::size_t i = 0; i < counts.size(); ++i) {
                const int storey = int(counts.size() - 1 - i);
                MarginRow* row = (*rows)[int(i)];
                row->setWords(tr("Storey %1").arg(storey + 1),
                              counted(counts[std::size_t(storey)], tr("piece"), tr("pieces")));
                row->setCheckable(true);
                row->setChecked(storey == m_session.workbench.storey());
            }
        };
        section->addWide(
            makeWords(tr("Page up and Page down; the one below shows faintly."), section));
    }

    void addFit() {
        auto* section = new MarginSection(tr("Does it fit?"), {}, this);
        m_column->addWidget(section);
        auto* open = section->addValue(tr("Open ports"));
        auto* misfits = section->addValue(tr("Ports that do not fit"));
        auto* spaces = section->addValue(tr("Gaps and overlaps"));
        auto* off = section->addValue(tr("Off the module"));
        misfits->setObjectName(QStringLiteral("fit-misfits"));
        open->setObjectName(QStringLiteral("fit-open"));
        m_refreshers << [this, section, open, misfits, spaces, off] {
            const auto known = answer();
            if (!known) return section->setNote(tr("being looked at"));
            int counts[4] = {};
            for (const kit::Fault& fault : known->audit.faults) {
                using enum kit::FaultSort;
                if (fault.sort == OpenPort) ++counts[0];
                if (fault.sort == PortHeight || fault.sort == PortProfile) ++counts[1];
                if (fault.sort == Gap || fault.sort == Overlap || fault.sort == Duplicate ||
                    fault.sort == SharedFace)
                    ++counts[2];
                if (fault.sort == OffModule) ++counts[3];
            }
            QLabel* labels[] = {open, misfits, spaces, off};
            const Theme& theme = currentTheme();
            for (int i = 0; i < 4; ++i) {
                labels[i]->setText(counts[i] == 0 ? tr("none") : QString::number(counts[i]));
                setTone(labels[i], counts[i] == 0 ? theme.accent
                                   : i == 0       ? theme.caution
                                                  : theme.alarm);
            }
            section->setNote(known->audit.faults.empty()
                                 ? tr("all of it")
                                 : counted(qsizetype(known->audit.faults.size()), tr("finding"),
                                           tr("findings")));
        };
        auto* grid = new ButtonGrid;
        grid->add(tr("Close all ports"), "close-all", section, [this] {
            m_session.document.apply(kit::closePorts(*kit(), *m_session.document.level(), {}));
        });
        grid->add(tr("Set all straight"), "straight-all", section, [this] {
            m_session.document.apply(kit::setStraight(*kit(), *m_session.document.level(), {}));
        });
        section->addWide(grid);
        section->addWide(
            makeWords(tr("Each stands with its place in Prove; F3 goes through."), section));
    }

    void addKit() {
        const Kit* now = kit();
        auto* section = new MarginSection(now ? QString::fromStdString(now->title) : tr("Kit"),
                                          tr("kit"), this);
        section->makeFoldable(QStringLiteral("kit"), false);
        m_column->addWidget(section);
        if (!now) {
            section->addWide(makeWords(tr("This level has no kit yet."), section));
            return;
        }
        addKits(section);
        addNumber(
            section, tr("Module across"), "kit-width", [](Kit & k) -> auto& { return k.width; });
        addNumber(
            section, tr("Module down"), "kit-depth", [](Kit & k) -> auto& { return k.depth; });
        addNumber(
            section, tr("Storey"), "kit-storey", [](Kit & k) -> auto& { return k.storey; });
        addNumber(
            section, tr("Floors are thick"), "kit-slab", [](Kit & k) -> auto& { return k.slab; });
        addNumber(
            section, tr("Body is high"), "kit-body",
            [](Kit & k) -> auto& { return k.body.height; });
        addNumber(
            section, tr("It steps up"), "kit-step", [](Kit & k) -> auto& { return k.body.stepUp; });
        addNumber(
            section, tr("It drops"), "kit-drop", [](Kit & k) -> auto& { return k.body.drop; });
        auto* fraction =
            makeNumberBox(QStringLiteral("kit-fraction"), 1, level::maxKitFraction, section,
                          [this](int value) { changeKit([&](Kit& k) { k.fraction = value; }); });
        fraction->setPrefix(QStringLiteral("1/"));
        fraction->setFixedWidth(110);
        section->addControl(tr("Finest part of a module"), fraction);
        addProfiles(section);
        m_refreshers << [this, fraction] {
            if (kit()) showNumber(fraction, kit()->fraction);
        };
        addReplacing(section);
    }
    template <typename Change>
    void changeKit(Change&& change) {
        if (!kit()) return;
        Kit next = *kit();
        change(next);
        if (next == *kit()) return;
        m_session.document.apply(kit::changeKit(
            m_session.document.project(), next,
            tr("Change the kit %1").arg(QString::fromStdString(next.title)).toStdString()));
        refresh();
    }
    void addNumber(MarginSection* section, const QString& name, const char* id,
                   level::Decimal& (*field)(Kit&)) {
        auto* box = makeUnitsBox(QLatin1String(id), 0, 1000, section, [this, field](auto value) {
            changeKit([&](Kit& k) { field(k) = value; });
        });
        m_refreshers << [this, box, field] {
            if (!kit()) return;
            Kit copy = *kit();
            showUnits(box, field(copy));
        };
        section->addControl(name, box);
    }
    /// The kit that the level is of.
    void addKits(MarginSection* section) {
        auto* box = new ChoiceBox(section->rowsHolder());
        box->setObjectName(QStringLiteral("kit-of-level"));
        box->setFixedWidth(150);
        for (const Kit& each : m_session.document.project().kits)
            box->addItem(QString::fromStdString(each.title), QString::fromStdString(each.name));
        box->setCurrentIndex(
            box->findData(QString::fromStdString(m_session.document.level()->kit)));
        connect(box, &QComboBox::activated, this, [this, box](int index) {
            m_session.document.apply(level::setKit(*m_session.document.level(),
                                                   box->itemData(index).toString().toStdString()));
        });
        section->addControl(tr("Kit of this level"), box);
        section->addWide(makeButton(tr("New kit"), QStringLiteral("kit-new"), section, [this] {
            m_session.document.apply(
                kit::addKit(m_session.document.project(), tr("Kit").toStdString()));
        }));
    }
    /// "hall: hall; latch: latch*".
    void addProfiles(MarginSection* section) {
        auto* line = new QLineEdit(section->rowsHolder());
        line->setObjectName(QStringLiteral("kit-profiles"));
        line->setAccessibleName(tr("Profiles and what they fit"));
        connect(line, &QLineEdit::editingFinished, this, [this, line] {
            if (!line->isModified()) return;
            line->setModified(false);
            auto profiles = kit::profilesOf(line->text().toStdString());
            if (!profiles) return m_session.say(told(profiles.error()));
            changeKit([&](Kit& k) { k.profiles = std::move(*profiles); });
        });
        m_refreshers << [this, line] {
            if (kit() && !line->isModified())
                line->setText(QString::fromStdString(kit::profilesText(*kit())));
        };
        section->addWide(makeWords(
            tr("Profiles of ports and what each fits; a star: only its mirror image."), section));
        section->addWide(line);
    }

    /// One piece in the place of another one, in all levels.
    void addReplacing(MarginSection* section) {
        QStringList titles;
        for (const Piece& piece : kit()->pieces)
            titles << QString::fromStdString(piece.title);
        auto* former = new ChoiceBox(section->rowsHolder());
        auto* next = new ChoiceBox(section->rowsHolder());
        former->setObjectName(QStringLiteral("piece-former"));
        next->setObjectName(QStringLiteral("piece-next"));
        former->addItems(titles);
        next->addItems(titles);
        for (QComboBox* each : {former, next})
            each->setFixedWidth(150);
        section->addControl(tr("Replace"), former);
        section->addControl(tr("by"), next);
        section->addWide(
            makeButton(tr("Replace in all levels"), QStringLiteral("piece-replace"), section,
                       [this, former, next] {
                           const auto& pieces = kit()->pieces;
                           m_session.document.apply(kit::replaceAll(
                               m_session.document.project(), kit()->name,
                               pieces[std::size_t(std::max(0, former->currentIndex()))].name,
                               pieces[std::size_t(std::max(0, next->currentIndex()))].name));
                       }));
    }

    Session& m_session;
    QVBoxLayout* m_column = nullptr;
    std::vector<int> m_ids;
    std::size_t m_storeyCount = 1;
    int m_seed = 0;
    QList<std::function<void()>> m_refreshers;
};

}  // namespace

std::function<MarginPanel*(Session&, QWidget*)> kitPanelMaker() {
    // Panels come and go; what models cost is read once.
    return [costs = std::make_shared<ModelCosts>()](Session& session, QWidget* parent) {
        return new KitPanel(session, costs, parent);
    };
}

}  // namespace rook::app
