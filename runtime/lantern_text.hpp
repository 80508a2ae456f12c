#pragma once
/// Words on lantern's screen, by SDL_ttf, in the desktop's own font.

#include <SDL.h>
#include <SDL_ttf.h>
#include <fontconfig/fontconfig.h>

#include <algorithm>
#include <map>
#include <memory>
#include <string>

#include "lantern_png.hpp"

namespace lantern {

/// The file of the desktop's sans serif font; empty if there is none.
inline std::string fontFile() {
    std::string file;
    FcConfig* config = FcInitLoadConfigAndFonts();
    FcPattern* wanted = FcNameParse(reinterpret_cast<const FcChar8*>("Inter,sans:weight=80"));
    FcConfigSubstitute(config, wanted, FcMatchPattern);
    FcDefaultSubstitute(wanted);
    FcResult result = FcResultNoMatch;
    FcPattern* found = FcFontMatch(config, wanted, &result);
    FcChar8* name = nullptr;
    if (found && FcPatternGetString(found, FC_FILE, 0, &name) == FcResultMatch)
        file = reinterpret_cast<const char*>(name);
    if (found) FcPatternDestroy(found);
    FcPatternDestroy(wanted);
    FcConfigDestroy(config);
    return file;
}

/// Draws words; where there is no font it draws none.
class Words {
public:
    Words() {
        if (TTF_Init() != 0) return;
        const std::string file = fontFile();
        for (const int size : {10, 14})
            if (TTF_Font* font = file.empty() ? nullptr : TTF_OpenFont(file.c_str(), size))
                m_fonts.emplace(size, Font(font, &TTF_CloseFont));
    }
    ~Words() {
        m_known.clear();
        m_fonts.clear();
        if (TTF_WasInit() != 0) TTF_Quit();
    }
    Words(const Words&) = delete;
    Words& operator=(const Words&) = delete;

    enum class Align { Left, Middle, Right };
    /// With (x, y) as the upper left corner, the upper middle or the upper right one; wrapped at
    /// `wrap` px, 0 = not. Gives the height, px.
    int draw(SDL_Renderer* renderer, const std::string& text, int x, int y, SDL_Color color,
             Align align = Align::Left, int size = 10, int wrap = 0) {
        if (m_fonts.find(size) == m_fonts.end() || text.empty()) return size;
        const Known& known = picture(renderer, text, color, size, wrap);
        if (!known.texture) return size;
        const int left = align == Align::Middle  ? x - known.width / 2
                         : align == Align::Right ? x - known.width
                                                 : x;
        const SDL_Rect target{left, y, known.width, known.height};
        SDL_RenderCopy(renderer, known.texture.get(), nullptr, &target);
        return known.height;
    }

    /// Of words that are drawn so, px.
    int heightOf(SDL_Renderer* renderer, const std::string& text, SDL_Color color, int size,
                 int wrap) {
        if (m_fonts.find(size) == m_fonts.end() || text.empty()) return size;
        return std::max(size, picture(renderer, text, color, size, wrap).height);
    }

private:
    using Font = std::unique_ptr<TTF_Font, decltype(&TTF_CloseFont)>;
    struct Known {
        Texture texture;
        int width = 0;
        int height = 0;
    };
    const Known& picture(SDL_Renderer* renderer, const std::string& text, SDL_Color color, int size,
                         int wrap) {
        if (m_known.size() > 200) m_known.clear();
        const std::string key = std::to_string(size) + " " + std::to_string(wrap) + " " +
                                std::to_string(color.r * 65536 + color.g * 256 + color.b) + text;
        const auto [slot, isNew] = m_known.try_emplace(key);
        if (!isNew) return slot->second;
        TTF_Font* font = m_fonts.find(size)->second.get();
        TTF_SetFontWrappedAlign(font, TTF_WRAPPED_ALIGN_CENTER);
        SDL_Surface* surface =
            wrap > 0 ? TTF_RenderUTF8_Blended_Wrapped(font, text.c_str(), color, Uint32(wrap))
                     : TTF_RenderUTF8_Blended(font, text.c_str(), color);
        if (!surface) return slot->second;
        slot->second = {Texture(SDL_CreateTextureFromSurface(renderer, surface)), surface->w,
                        surface->h};
        SDL_FreeSurface(surface);
        return slot->second;
    }

    std::map<int, Font> m_fonts;
    std::map<std::string, Known> m_known;
};

}  // namespace lantern
