/// Whether the pictures behind a level fit it.

#include <cmath>
#include <tuple>

#include "check/look.h"

namespace rook::check {

namespace {

using level::Picture;
using level::PictureFit;

/// Wider or higher than in the image by more than this, a picture is out of shape.
constexpr double mostStretch = 1.25;

struct Fix {
    PictureFit fit;
    const char* words;
};
/// In the order in which they are tried.
constexpr Fix pictureFits[] = {{PictureFit::Stretch, "Stretch it over the level"},
                               {PictureFit::Across, "Repeat it across only"},
                               {PictureFit::Repeat, "Repeat it both ways"}};

constexpr const char* slower = "Move it less with the level";

/// What a screen sees of the plane of a picture over the whole level, px.
double seenOf(double level, double screen, level::Decimal parallax) {
    return std::min(level, screen) +
           std::max(0.0, level - screen) * double(parallax.thousandths) / 1000;
}

std::string timesOf(double times) {
    const auto whole = static_cast<int>(std::ceil(times - 1e-9));
    return whole == 1 ? "once" : whole == 2 ? "twice" : std::to_string(whole) + " times";
}

/// What does not fit, in words; empty if all does.
std::string misfitOf(PictureFit fit, const Picture& picture, const skin::PictureLights& image,
                     const PxRect& level, bool isFarthest, const level::Screen& screen) {
    const double width = seenOf(level.width, screen.width, picture.parallaxX);
    const double height = seenOf(level.height, screen.height, picture.parallaxY);
    const double across = width / image.width;
    const double down = height / image.height;
    switch (fit) {
        case PictureFit::Repeat:
            // Pictures are made to be seamless to the sides; a sky below a sky is not.
            if (down > 1 && down - std::floor(down) > 0.01)
                return "repeats " + timesOf(across) + " across and " + timesOf(down) +
                       " down, cut at the bottom";
            return {};
        case PictureFit::Across:
            if (isFarthest && down > 1)
                return "repeats " + timesOf(across) + ", and leaves the upper " +
                       std::to_string(std::lround(height - image.height)) + " px bare";
            return {};
        case PictureFit::Stretch:
            if (across > mostStretch * down || down > mostStretch * across)
                return "is stretched out of shape";
            return {};
        case PictureFit::Once:
            if (isFarthest && (across > 1 || down > 1)) return "leaves what is around it bare";
            return {};
    }
    return {};
}

/// The same picture, moved as much with the level as its height and width allow; none if even one
/// that keeps still would not fit.
std::optional<Picture> movedLess(Picture picture, const skin::PictureLights& image,
                                 const PxRect& bounds, bool isFarthest, const level::Screen& on) {
    const auto most = [](int board, int screen, int size, level::Decimal now) {
        const double room = std::max(0, board - screen);
        if (room == 0) return now;
        const double fits = std::floor(1000 * std::max(0, size - screen) / room);
        return level::Decimal{std::min(now.thousandths, static_cast<std::int64_t>(fits))};
    };
    picture.parallaxY = most(bounds.height, on.height, image.height, picture.parallaxY);
    if (picture.fit == PictureFit::Once)
        picture.parallaxX = most(bounds.width, on.width, image.width, picture.parallaxX);
    if (!misfitOf(picture.fit, picture, image, bounds, isFarthest, on).empty()) return std::nullopt;
    return picture;
}

std::string withComma(int number) {
    const std::string text = std::to_string(number);
    return number < 1000 ? text
                         : text.substr(0, text.size() - 3) + "," + text.substr(text.size() - 3);
}

}  // namespace

std::vector<Finding> pictureFindings(const level::Project& project, const level::Level& level,
                                     const skin::Opacity& opacity) {
    std::vector<Finding> findings;
    const level::Backdrop* backdrop = project.findBackdrop(level.backdrop);
    const level::Screen screen = project.game.screen();
    bool isFarthest = true;
    for (std::size_t i = 0; backdrop && i < backdrop->pictures.size(); ++i) {
        const Picture& picture = backdrop->pictures[i];
        const auto image = opacity.pictures.find(picture.path);
        if (picture.isFront || image == opacity.pictures.end()) continue;
        const bool wasFarthest = std::exchange(isFarthest, false);
        const PxRect bounds = level.boundsPx();
        const std::string words =
            misfitOf(picture.fit, picture, image->second, bounds, wasFarthest, screen);
        if (words.empty()) continue;
        Finding finding;
        finding.kind = FindingKind::PictureMisfit;
        finding.severity = Severity::Doubt;
        finding.level = level.id;
        finding.sentence = "The picture " + picture.name + ", " + withComma(image->second.width) +
                           " x " + withComma(image->second.height) + " in a level of " +
                           withComma(bounds.width) + " x " + withComma(bounds.height) + ", " +
                           words;
        finding.picture = static_cast<int>(i);
        for (const Fix& fix : pictureFits)
            if (finding.fix.empty() && fix.fit != picture.fit &&
                misfitOf(fix.fit, picture, image->second, bounds, wasFarthest, screen).empty())
                finding.fix = fix.words;
        if (const auto moved = movedLess(picture, image->second, bounds, wasFarthest, screen);
            finding.fix.empty() && moved) {
            finding.fix = slower;
            finding.parallax = std::pair(moved->parallaxX, moved->parallaxY);
        }
        findings.push_back(std::move(finding));
    }
    return findings;
}

std::optional<level::ProjectEdit> projectFixOf(const level::Project& project,
                                               const level::Level& level, const Finding& finding) {
    const level::Backdrop* backdrop = project.findBackdrop(level.backdrop);
    if (finding.kind != FindingKind::PictureMisfit || !backdrop || finding.picture < 0 ||
        static_cast<std::size_t>(finding.picture) >= backdrop->pictures.size())
        return std::nullopt;
    for (const Fix& fix : pictureFits) {
        if (finding.fix != fix.words) continue;
        level::ProjectEdit edit{project, fix.words};
        edit.project.backdrops.edit([&](auto& list) {
            for (level::Backdrop& each : list)
                if (each.name == level.backdrop)
                    each.pictures[static_cast<std::size_t>(finding.picture)].fit = fix.fit;
        });
        return edit;
    }
    if (!finding.parallax) return std::nullopt;
    level::ProjectEdit edit{project, slower};
    edit.project.backdrops.edit([&](auto& list) {
        for (level::Backdrop& each : list) {
            if (each.name != level.backdrop) continue;
            Picture& picture = each.pictures[static_cast<std::size_t>(finding.picture)];
            std::tie(picture.parallaxX, picture.parallaxY) = *finding.parallax;
        }
    });
    return edit;
}

}  // namespace rook::check
