#pragma once
/// Drawing to paper: Cairo and Pango behind a few words, in points (1/72 inch). Private to ship/.

#include <cairo.h>

#include <functional>
#include <memory>
#include <string>
#include <vector>

namespace rook::ship::detail {

inline constexpr double pointsAMillimetre = 72 / 25.4;

struct Place {
    double x = 0, y = 0;
};
struct Area {
    double x = 0, y = 0, width = 0, height = 0;
    [[nodiscard]] double right() const { return x + width; }
    [[nodiscard]] double bottom() const { return y + height; }
};
struct InkColor {
    double red = 0, green = 0, blue = 0;
};
inline constexpr InkColor inkBlack{0.133, 0.188, 0.227};
inline constexpr InkColor inkQuiet{0.373, 0.42, 0.451};
inline constexpr InkColor inkFaint{0.79, 0.78, 0.73};
inline constexpr InkColor inkAlarm{0.784, 0.251, 0.165};
inline constexpr InkColor inkCaution{0.6, 0.38, 0.03};
inline constexpr InkColor inkVerdigris{0.118, 0.498, 0.443};
inline constexpr InkColor inkPlum{0.478, 0.231, 0.447};

enum class TextAlign : unsigned char { Left, Middle, Right };

class Ink {
public:
    explicit Ink(cairo_t* context) : m_context(context) {}

    void color(const InkColor& color, double opacity = 1);
    void line(Place from, Place to, double width);
    /// Towards `by` and back.
    void curve(Place from, Place by, Place to, double width);
    void rectangle(const Area& area, double width);
    void fillRectangle(const Area& area);
    void polygon(const std::vector<Place>& points, double width);
    /// Runs `draw` with what it draws cut to the path that `outline` makes.
    void within(const std::function<void()>& outline, const std::function<void()>& draw);
    /// For `within`.
    void addPolygon(const std::vector<Place>& points);
    void addRectangle(const Area& area);
    /// Lines at 45 degrees over an area, so far apart; rising to the right, or falling.
    void hatch(const Area& area, double apart, double width, bool isRising);
    /// Upright, or cut with "…" where it is longer than `most` points (0 = never). Its height.
    double text(Place at, const std::string& words, double size, TextAlign align = TextAlign::Left,
                double most = 0, bool isBold = false);
    /// Broken into lines. Its height.
    double paragraph(const Area& area, const std::string& words, double size, bool isBold = false);
    [[nodiscard]] double paragraphHeight(double width, const std::string& words, double size);
    [[nodiscard]] double textWidth(const std::string& words, double size, bool isBold = false);
    /// RGBA, a px as a square, in an area.
    void image(const Area& area, const unsigned char* rgba, int width, int height);

private:
    cairo_t* m_context;
};

/// A document that is drawn page by page into memory.
class PaperDocument {
public:
    enum class Sort : unsigned char { Pdf, Svg };
    PaperDocument(Sort sort, double width, double height, const std::string& title);
    ~PaperDocument();
    PaperDocument(const PaperDocument&) = delete;
    PaperDocument& operator=(const PaperDocument&) = delete;

    [[nodiscard]] Ink ink() const { return Ink(m_context); }
    void endPage();
    /// The bytes; nothing can be drawn then.
    [[nodiscard]] std::string finish();

private:
    bool m_isSvg;
    std::string m_bytes;
    cairo_surface_t* m_surface = nullptr;
    cairo_t* m_context = nullptr;
};

}  // namespace rook::ship::detail
