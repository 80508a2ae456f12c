#include "base/noise.h"

#include <libnoise/module/billow.h>
#include <libnoise/module/perlin.h>
#include <libnoise/module/ridgedmulti.h>
#include <libnoise/module/voronoi.h>

#include <algorithm>

namespace rook {

struct NoiseField::Parts {
    std::unique_ptr<noise::module::Module> source;
    double step = 1;  ///< noise units a cell
};

namespace {

template <typename Module>
std::unique_ptr<noise::module::Module> withOctaves(const NoiseSettings& settings) {
    auto module = std::make_unique<Module>();
    module->SetSeed(settings.seed);
    module->SetOctaveCount(std::clamp(settings.octaves, 1, 8));
    return module;
}

std::unique_ptr<noise::module::Module> makeSource(const NoiseSettings& settings) {
    switch (settings.kind) {
        case NoiseKind::Smooth:
            return withOctaves<noise::module::Perlin>(settings);
        case NoiseKind::Billows:
            return withOctaves<noise::module::Billow>(settings);
        case NoiseKind::Ridges:
            return withOctaves<noise::module::RidgedMulti>(settings);
        case NoiseKind::Pebbles:
            break;
    }
    auto pebbles = std::make_unique<noise::module::Voronoi>();
    pebbles->SetSeed(settings.seed);
    pebbles->EnableDistance(true);
    pebbles->SetDisplacement(0);
    return pebbles;
}

}  // namespace

NoiseField::NoiseField(const NoiseSettings& settings) : m_parts(std::make_unique<Parts>()) {
    m_parts->source = makeSource(settings);
    m_parts->step = 1.0 / std::clamp(settings.scale, 1, 256);
}
NoiseField::~NoiseField() = default;
NoiseField::NoiseField(NoiseField&&) noexcept = default;
NoiseField& NoiseField::operator=(NoiseField&&) noexcept = default;

double NoiseField::at(int x, int y) const {
    // Between the whole places, where gradient noise is zero whatever the seed.
    const double value =
        m_parts->source->GetValue((x + 0.37) * m_parts->step, (y + 0.61) * m_parts->step, 0.5);
    return std::clamp((value + 1) / 2, 0.0, 1.0);
}

}  // namespace rook
