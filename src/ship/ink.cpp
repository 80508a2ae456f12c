#include <cairo-pdf.h>
#include <cairo-svg.h>
#include <pango/pangocairo.h>

#include <algorithm>
#include <cmath>
#include <cstdint>
#include <cstring>
#include <map>

#include "ship/ink_detail.h"

namespace rook::ship::detail {

namespace {

constexpr const char* family = "Inter, Sans";

struct LayoutRelease {
    void operator()(PangoLayout* layout) const { g_object_unref(layout); }
};
using Layout = std::unique_ptr<PangoLayout, LayoutRelease>;

Layout layoutOf(cairo_t* context, const std::string& words, double size, bool isBold) {
    Layout layout(pango_cairo_create_layout(context));
    PangoFontDescription* font = pango_font_description_from_string(family);
    pango_font_description_set_absolute_size(font, size * PANGO_SCALE);
    if (isBold) pango_font_description_set_weight(font, PANGO_WEIGHT_SEMIBOLD);
    pango_layout_set_font_description(layout.get(), font);
    pango_font_description_free(font);
    pango_layout_set_text(layout.get(), words.data(), static_cast<int>(words.size()));
    return layout;
}

std::pair<double, double> sizeOf(const Layout& layout) {
    int width = 0, height = 0;
    pango_layout_get_size(layout.get(), &width, &height);
    return {double(width) / PANGO_SCALE, double(height) / PANGO_SCALE};
}

}  // namespace

void Ink::color(const InkColor& color, double opacity) {
    cairo_set_source_rgba(m_context, color.red, color.green, color.blue, opacity);
}

void Ink::line(Place from, Place to, double width) {
    cairo_set_line_width(m_context, width);
    cairo_move_to(m_context, from.x, from.y);
    cairo_line_to(m_context, to.x, to.y);
    cairo_stroke(m_context);
}

void Ink::curve(Place from, Place by, Place to, double width) {
    // A quadratic one, said as a cubic.
    const auto towards = [&](Place end) {
        return Place{end.x + (by.x - end.x) * 2 / 3, end.y + (by.y - end.y) * 2 / 3};
    };
    const Place first = towards(from), second = towards(to);
    cairo_set_line_width(m_context, width);
    cairo_move_to(m_context, from.x, from.y);
    cairo_curve_to(m_context, first.x, first.y, second.x, second.y, to.x, to.y);
    cairo_stroke(m_context);
}

void Ink::rectangle(const Area& area, double width) {
    cairo_set_line_width(m_context, width);
    addRectangle(area);
    cairo_stroke(m_context);
}

void Ink::fillRectangle(const Area& area) {
    addRectangle(area);
    cairo_fill(m_context);
}

void Ink::addRectangle(const Area& area) {
    cairo_rectangle(m_context, area.x, area.y, area.width, area.height);
}

void Ink::addPolygon(const std::vector<Place>& points) {
    for (std::size_t i = 0; i < points.size(); ++i)
        (i ? cairo_line_to : cairo_move_to)(m_context, points[i].x, points[i].y);
    cairo_close_path(m_context);
}

void Ink::polygon(const std::vector<Place>& points, double width) {
    cairo_set_line_width(m_context, width);
    cairo_set_line_join(m_context, CAIRO_LINE_JOIN_MITER);
    addPolygon(points);
    cairo_stroke(m_context);
}

void Ink::within(const std::function<void()>& outline, const std::function<void()>& draw) {
    cairo_save(m_context);
    cairo_new_path(m_context);
    outline();
    cairo_set_fill_rule(m_context, CAIRO_FILL_RULE_EVEN_ODD);
    cairo_clip(m_context);
    draw();
    cairo_restore(m_context);
}

void Ink::hatch(const Area& area, double apart, double width, bool isRising) {
    cairo_set_line_width(m_context, width);
    // On one grid for the whole page, so that neighbours meet.
    const double step = apart * std::sqrt(2.0);
    const double first = isRising ? area.x + area.y : area.x - area.bottom();
    const double last = isRising ? area.right() + area.bottom() : area.right() - area.y;
    for (double at = std::ceil(first / step) * step; at < last; at += step) {
        if (isRising) {
            cairo_move_to(m_context, at - area.y, area.y);
            cairo_line_to(m_context, at - area.bottom(), area.bottom());
        } else {
            cairo_move_to(m_context, at + area.y, area.y);
            cairo_line_to(m_context, at + area.bottom(), area.bottom());
        }
    }
    cairo_stroke(m_context);
}

double Ink::text(Place at, const std::string& words, double size, TextAlign align, double most,
                 bool isBold) {
    const Layout layout = layoutOf(m_context, words, size, isBold);
    pango_layout_set_single_paragraph_mode(layout.get(), TRUE);
    if (most > 0 && sizeOf(layout).first > most) {
        pango_layout_set_width(layout.get(), static_cast<int>(most * PANGO_SCALE));
        pango_layout_set_ellipsize(layout.get(), PANGO_ELLIPSIZE_END);
    }
    const auto [width, height] = sizeOf(layout);
    if (align == TextAlign::Middle) at.x -= width / 2;
    if (align == TextAlign::Right) at.x -= width;
    cairo_move_to(m_context, at.x, at.y);
    pango_cairo_show_layout(m_context, layout.get());
    cairo_new_path(m_context);
    return height;
}

double Ink::textWidth(const std::string& words, double size, bool isBold) {
    return sizeOf(layoutOf(m_context, words, size, isBold)).first;
}

double Ink::paragraph(const Area& area, const std::string& words, double size, bool isBold) {
    const Layout layout = layoutOf(m_context, words, size, isBold);
    pango_layout_set_width(layout.get(), static_cast<int>(area.width * PANGO_SCALE));
    pango_layout_set_wrap(layout.get(), PANGO_WRAP_WORD_CHAR);
    cairo_move_to(m_context, area.x, area.y);
    pango_cairo_show_layout(m_context, layout.get());
    cairo_new_path(m_context);
    return sizeOf(layout).second;
}

double Ink::paragraphHeight(double width, const std::string& words, double size) {
    const Layout layout = layoutOf(m_context, words, size, false);
    pango_layout_set_width(layout.get(), static_cast<int>(width * PANGO_SCALE));
    pango_layout_set_wrap(layout.get(), PANGO_WRAP_WORD_CHAR);
    return sizeOf(layout).second;
}

void Ink::image(const Area& area, const unsigned char* rgba, int width, int height) {
    cairo_surface_t* surface = cairo_image_surface_create(CAIRO_FORMAT_RGB24, width, height);
    unsigned char* bytes = cairo_image_surface_get_data(surface);
    const int stride = cairo_image_surface_get_stride(surface);
    for (int y = 0; y < height; ++y)
        for (int x = 0; x < width; ++x, rgba += 4) {
            const std::uint32_t px =
                std::uint32_t{rgba[0]} << 16 | std::uint32_t{rgba[1]} << 8 | std::uint32_t{rgba[2]};
            std::memcpy(bytes + y * stride + x * 4, &px, 4);
        }
    cairo_surface_mark_dirty(surface);
    cairo_save(m_context);
    cairo_translate(m_context, area.x, area.y);
    cairo_scale(m_context, area.width / width, area.height / height);
    cairo_set_source_surface(m_context, surface, 0, 0);
    cairo_pattern_set_filter(cairo_get_source(m_context), CAIRO_FILTER_NEAREST);
    cairo_paint(m_context);
    cairo_restore(m_context);
    cairo_surface_destroy(surface);
}

namespace {

/// Cairo counts the surfaces of the whole process; here they count from the first of this drawing,
/// so that the same project makes the same bytes.
std::string withOwnNumbers(const std::string& svg) {
    constexpr std::string_view word = "surface";
    std::map<std::string, std::size_t> numbers;
    std::string text;
    std::size_t at = 0;
    while (true) {
        const std::size_t found = svg.find(word, at);
        if (found == std::string::npos) return text + svg.substr(at);
        std::size_t end = found + word.size();
        while (end < svg.size() && svg[end] >= '0' && svg[end] <= '9')
            ++end;
        text.append(svg, at, found + word.size() - at);
        if (end > found + word.size()) {
            const std::string number = svg.substr(found + word.size(), end - found - word.size());
            text += std::to_string(numbers.try_emplace(number, numbers.size() + 1).first->second);
        }
        at = end;
    }
}

}  // namespace

PaperDocument::PaperDocument(Sort sort, double width, double height, const std::string& title)
    : m_isSvg(sort == Sort::Svg) {
    const cairo_write_func_t write = [](void* to, const unsigned char* bytes, unsigned count) {
        static_cast<std::string*>(to)->append(reinterpret_cast<const char*>(bytes), count);
        return CAIRO_STATUS_SUCCESS;
    };
    if (sort == Sort::Pdf) {
        m_surface = cairo_pdf_surface_create_for_stream(write, &m_bytes, width, height);
        cairo_pdf_surface_set_metadata(m_surface, CAIRO_PDF_METADATA_TITLE, title.c_str());
        cairo_pdf_surface_set_metadata(m_surface, CAIRO_PDF_METADATA_CREATOR, "Rook Plot");
        // The same project makes the same bytes: no time stands in them.
        cairo_pdf_surface_set_metadata(m_surface, CAIRO_PDF_METADATA_CREATE_DATE,
                                       "2000-01-01T00:00:00Z");
    } else {
        m_surface = cairo_svg_surface_create_for_stream(write, &m_bytes, width, height);
        cairo_svg_surface_set_document_unit(m_surface, CAIRO_SVG_UNIT_PT);
    }
    m_context = cairo_create(m_surface);
}

PaperDocument::~PaperDocument() {
    if (m_context) cairo_destroy(m_context);
    if (m_surface) cairo_surface_destroy(m_surface);
}

void PaperDocument::endPage() {
    cairo_show_page(m_context);
}

std::string PaperDocument::finish() {
    cairo_destroy(m_context);
    m_context = nullptr;
    cairo_surface_finish(m_surface);
    cairo_surface_destroy(m_surface);
    m_surface = nullptr;
    return m_isSvg ? withOwnNumbers(m_bytes) : std::move(m_bytes);
}

}  // namespace rook::ship::detail
