/// The plan book: a PDF with contents, the game map, and a page a level (or several, to scale) with
/// its findings, parts and figures.

#include <algorithm>
#include <cmath>

#include "check/report.h"
#include "file/sheet_import.h"
#include "level/parts.h"
#include "level/target_edits.h"
#include "reach/prove.h"
#include "ship/making_detail.h"
#include "ship/pictures_detail.h"
#include "ship/plan_detail.h"
#include "ship/plan_map_detail.h"

namespace rook::ship::detail {

// In plans.cpp.
Result<std::shared_ptr<const reach::Answer>> answerTo(const level::Project& project,
                                                      const level::Level& level);

namespace {

constexpr double margin = 28;
constexpr double columnWidth = 190;
constexpr double notesHeight = 150;  // at least, below a wide level
constexpr double columnGap = 14;

struct Entry {
    std::shared_ptr<const level::Level> level;
    std::shared_ptr<const reach::Answer> answer;
    std::vector<check::Finding> findings;
    int page = 0;
};

class Book {
public:
    Book(const Making& making, const Pictures& pictures)
        : m_making(making),
          m_project(making.project),
          m_pictures(pictures),
          m_legend(charactersFor(making.project, {})),
          m_width((making.target.options.paper == level::Paper::A3 ? 420 : 297) *
                  pointsAMillimetre),
          m_height((making.target.options.paper == level::Paper::A3 ? 297 : 210) *
                   pointsAMillimetre) {}

    Result<void> read() {
        const skin::Opacity opacity = file::opacityOf(m_making.storage, m_making.folder, m_project);
        int page = 3;
        for (const auto& level : level::levelsOf(m_project, m_making.target)) {
            Entry entry;
            entry.level = level;
            auto answer = answerTo(m_project, *level);
            if (!answer) return fail(answer.error());
            entry.answer = std::move(*answer);
            const auto report = check::reportOf(m_project, *level, opacity, {});
            if (!report) return fail(report.error());
            entry.findings = report->findings();
            entry.page = page;
            page += 1 + static_cast<int>(partsOfPages(*level).size());
            m_entries.push_back(std::move(entry));
            if (!m_making.goesOn()) return cancelled();
        }
        m_pages = page - 1;
        return {};
    }

    Result<std::string> draw() {
        PaperDocument document(PaperDocument::Sort::Pdf, m_width, m_height,
                               m_project.name + ": plan book");
        Ink ink = document.ink();
        drawContents(ink);
        document.endPage();
        heading(ink, "The game", 2);
        std::vector<std::shared_ptr<const level::Level>> levels;
        for (const Entry& entry : m_entries)
            levels.push_back(entry.level);
        const Area area{margin, margin + 36, m_width - 2 * margin, m_height - 2 * margin - 40};
        if (const auto done = drawGameMap(ink, area, m_project, levels, m_pictures); !done)
            return fail(done.error());
        document.endPage();
        for (const Entry& entry : m_entries) {
            if (const auto done = drawLevel(ink, entry); !done) return fail(done.error());
            document.endPage();
            const auto parts = partsOfPages(*entry.level);
            for (std::size_t i = 0; i < parts.size(); ++i) {
                drawPart(ink, entry, parts[i], static_cast<int>(i), static_cast<int>(parts.size()));
                document.endPage();
            }
        }
        return document.finish();
    }

private:
    [[nodiscard]] Area body() const {
        return {margin, margin, m_width - 2 * margin, m_height - 2 * margin};
    }
    void heading(Ink& ink, const std::string& words, int page) const {
        ink.color(inkBlack);
        ink.text({margin, margin}, words, 15, TextAlign::Left, m_width - 2 * margin - 120, true);
        ink.color(inkQuiet);
        ink.text({m_width - margin, margin + 4}, pageWords(page), 8, TextAlign::Right);
        ink.color(inkBlack);
        ink.line({margin, margin + 22}, {m_width - margin, margin + 22}, 0.6);
    }
    [[nodiscard]] std::string pageWords(int page) const {
        return "page " + std::to_string(page) + " of " + std::to_string(m_pages);
    }

    void drawContents(Ink& ink) const {
        heading(ink, m_project.name, 1);
        double y = margin + 32;
        ink.color(inkQuiet);
        const double columns[] = {margin,       margin + 26,   margin + 220,
                                  margin + 400, m_width - 330, m_width - margin - 40};
        const char* heads[] = {"", "level", "size", "findings", "reach", "page"};
        for (std::size_t i = 0; i < 6; ++i)
            ink.text({columns[i], y}, heads[i], 7.5);
        y += 14;
        const double row = std::min(15.0, (m_height - margin - y) / double(m_entries.size() + 1));
        const double size = std::min(9.0, row * 0.68);
        for (std::size_t i = 0; i < m_entries.size(); ++i, y += row) {
            const Entry& entry = m_entries[i];
            ink.color(inkBlack);
            ink.text({columns[0], y}, std::to_string(i + 1), size);
            ink.text({columns[1], y}, entry.level->title, size, TextAlign::Left, 185, true);
            ink.text({columns[2], y},
                     std::string(level::nameOf(entry.level->kind)) + ", " +
                         std::to_string(entry.level->cells.width()) + " x " +
                         std::to_string(entry.level->cells.height()),
                     size);
            const auto open = check::openCount(entry.findings);
            ink.color(open ? inkAlarm : inkVerdigris);
            ink.text({columns[3], y}, open ? std::to_string(open) : "none", size);
            ink.color(inkBlack);
            ink.text({columns[4], y}, entry.answer->verdict.sentence(), size, TextAlign::Left,
                     columns[5] - columns[4] - 10);
            ink.text({columns[5], y}, std::to_string(entry.page), size);
        }
    }

    /// Where the drawing of a level goes, and what is said of it: beside it, or below a wide one.
    struct Layout {
        Area drawing;
        Area notes;
        bool isBelow = false;
    };
    [[nodiscard]] Layout layoutFor(double width, double height) const {
        const Area whole = body();
        const double ruler = Plan::rulerWidth;
        const double room = whole.height - titleBlockHeight - columnGap - ruler;
        const double beside =
            std::min((whole.width - columnWidth - columnGap - ruler) / width, room / height);
        const double below =
            std::min((whole.width - ruler) / width, (room - notesHeight - columnGap) / height);
        const bool isBelow = below > beside;
        const double scale = isBelow ? below : beside;
        const Area drawing{whole.x + ruler, whole.y + ruler, width * scale, height * scale};
        const double bottom = whole.bottom() - titleBlockHeight - columnGap;
        if (!isBelow)
            return {drawing,
                    {whole.right() - columnWidth, whole.y, columnWidth, bottom - whole.y},
                    false};
        const double top = drawing.bottom() + columnGap;
        return {drawing, {whole.x, top, whole.width, bottom - top}, true};
    }

    Result<void> drawLevel(Ink& ink, const Entry& entry) const {
        const level::Level& level = *entry.level;
        Layout layout;
        if (hasCells(level)) {
            const PxRect all = level.boundsPx();
            layout = layoutFor(all.width, all.height);
            planOf(entry).draw(ink, all, layout.drawing);
        } else {
            const auto picture = m_pictures.art(level);
            if (!picture) return fail(picture.error());
            layout = layoutFor(picture->width, picture->height);
            ink.image(layout.drawing, picture->rgba.data(), picture->width, picture->height);
        }
        drawNotes(ink, entry, layout);
        block(ink, entry, sizeWords(level), entry.page);
        return {};
    }
    [[nodiscard]] Plan planOf(const Entry& entry) const {
        Plan plan(m_project, *entry.level, m_legend);
        plan.showsZones = m_making.target.options.showsZones;
        if (m_making.target.options.showsReach) plan.reach = entry.answer;
        for (std::size_t i = 0; i < entry.findings.size(); ++i)
            plan.pins.push_back({static_cast<int>(i) + 1, entry.findings[i].place});
        return plan;
    }
    void block(Ink& ink, const Entry& entry, const std::string& line, int page) const {
        const Area whole = body();
        drawTitleBlock(ink,
                       {whole.right() - columnWidth - 120, whole.bottom() - titleBlockHeight,
                        columnWidth + 120, titleBlockHeight},
                       {m_project.name, entry.level->title, line,
                        std::to_string(page) + " / " + std::to_string(m_pages)});
    }

    /// Words down a column, as far as there is room.
    struct Column {
        Ink& ink;
        Area area;
        double y;
        bool mayGoOn = false;  ///< beside itself, where there is room
        double right = 0;      ///< of all columns

        /// The next column, if there is one.
        bool goOn() {
            if (!mayGoOn || area.right() + columnGap + area.width > right + 1) return false;
            area.x += area.width + columnGap;
            y = area.y - 6;
            return true;
        }
        bool head(const std::string& words) {
            if (y + 36 > area.bottom() && !goOn()) return false;
            ink.color(inkBlack);
            ink.line({area.x, y + 5}, {area.right(), y + 5}, 0.4);
            y += 9;
            y += ink.text({area.x, y}, words, 8.5, TextAlign::Left, area.width, true) + 2;
            return true;
        }
        bool row(const std::string& left, const std::string& words, const InkColor& color) {
            const double indent = left.empty() ? 0 : 18;
            const double height = ink.paragraphHeight(area.width - indent, words, 7.5);
            if (y + height > area.bottom() - 10 && !goOn()) return false;
            ink.color(color);
            if (!left.empty()) ink.text({area.x, y}, left, 7.5, TextAlign::Left, indent, true);
            ink.color(inkBlack);
            ink.paragraph({area.x + indent, y, area.width - indent, height}, words, 7.5);
            y += height + 2;
            return true;
        }
        void more(std::size_t count) {
            ink.color(inkQuiet);
            y += ink.text({area.x, y}, "and " + std::to_string(count) + " more", 7.5) + 2;
        }
    };

    void drawNotes(Ink& ink, const Entry& entry, const Layout& layout) const {
        const level::Level& level = *entry.level;
        Area area = layout.notes;
        area.width = columnWidth;
        Column column{ink, area, area.y - 6, layout.isBelow, layout.notes.right()};
        column.head("Figures");
        const reach::Verdict& verdict = entry.answer->verdict;
        column.row("", verdict.sentence(), inkBlack);
        if (level.proof) {
            const long long ticks = level.proof->ticks();
            char seconds[32];
            std::snprintf(seconds, sizeof seconds, "%.1f s", double(ticks) / 60);
            column.row("",
                       "The proof run takes " + std::to_string(ticks) + " ticks (" + seconds + ").",
                       inkBlack);
        }
        if (!level.zones.empty())
            column.row("", std::to_string(level.zones.size()) + " zones", inkBlack);
        const auto cast = castRowsOf(m_project, level, m_legend);
        if (!cast.empty() && column.head("Cast"))
            rows(column, cast.size(), [&](std::size_t i) {
                return column.row(cast[i].sign,
                                  cast[i].title + "  " + std::to_string(cast[i].count), inkBlack);
            });
        if (column.head(entry.findings.empty() ? "Findings: none" : "Findings"))
            rows(column, entry.findings.size(), [&](std::size_t i) {
                const check::Finding& finding = entry.findings[i];
                const bool isError = finding.severity == check::Severity::Error;
                return column.row(std::to_string(i + 1), finding.sentence,
                                  isError ? inkAlarm : inkCaution);
            });
        const auto parts = level::partsOf(m_project, level);
        if (!parts.empty() && column.head("Parts"))
            rows(column, parts.size(), [&](std::size_t i) {
                const std::string state =
                    parts[i].match ? level::matchText(m_project, *parts[i].match) : "still to make";
                return column.row(std::to_string(parts[i].instances), parts[i].name + ": " + state,
                                  inkBlack);
            });
    }
    template <typename Row>
    static void rows(Column& column, std::size_t count, Row&& row) {
        for (std::size_t i = 0; i < count; ++i)
            if (!row(i)) return column.more(count - i);
    }

    /// The parts of a level that each take a page at the scale asked for; none if it fits pages.
    [[nodiscard]] std::vector<PxRect> partsOfPages(const level::Level& level) const {
        std::vector<PxRect> parts;
        const int tenths = m_making.target.options.cellTenths;
        if (tenths == 0 || !hasCells(level)) return parts;
        const double cellWide = tenths / 10.0 * pointsAMillimetre;
        const double cellHigh = cellWide * level.cellSize.height / level.cellSize.width;
        const Area whole = body();
        const int columns =
            std::max(1, static_cast<int>((whole.width - Plan::rulerWidth) / cellWide));
        const int rows = std::max(
            1, static_cast<int>((whole.height - Plan::rulerWidth - titleBlockHeight - columnGap) /
                                cellHigh));
        for (int y = 0; y < level.cells.height(); y += rows)
            for (int x = 0; x < level.cells.width(); x += columns)
                parts.push_back(toPx(CellRect{x, y, std::min(columns, level.cells.width() - x),
                                              std::min(rows, level.cells.height() - y)},
                                     level.cellSize));
        return parts;
    }
    void drawPart(Ink& ink, const Entry& entry, const PxRect& part, int number, int of) const {
        const level::Level& level = *entry.level;
        const double scale =
            m_making.target.options.cellTenths / 10.0 * pointsAMillimetre / level.cellSize.width;
        const Area whole = body();
        planOf(entry).draw(ink, part,
                           {whole.x + Plan::rulerWidth, whole.y + Plan::rulerWidth,
                            part.width * scale, part.height * scale});
        const CellRect cells = toCells(part, level.cellSize);
        block(ink, entry,
              "part " + std::to_string(number + 1) + " of " + std::to_string(of) + ", from cell " +
                  std::to_string(cells.x) + ", " + std::to_string(cells.y),
              entry.page + 1 + number);
    }

    const Making& m_making;
    const level::Project& m_project;
    const Pictures& m_pictures;
    Signs m_legend;
    double m_width, m_height;
    std::vector<Entry> m_entries;
    int m_pages = 0;
};

}  // namespace

Result<Made> makePlanBook(const Making& making) {
    Made made;
    const auto pictures = Pictures::of(making);
    if (!pictures) return fail(pictures.error());
    Book book(making, *pictures);
    if (const auto read = book.read(); !read) return fail(read.error());
    auto bytes = book.draw();
    if (!bytes) return fail(bytes.error());
    made.files["plan-book.pdf"] = std::move(*bytes);
    return made;
}

}  // namespace rook::ship::detail
