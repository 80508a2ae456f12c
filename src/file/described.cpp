#include "file/described_detail.h"

namespace rook::file {

using namespace level;

namespace {

std::string decimalText(std::int64_t thousandths) {
    return compactText(decimalJson({thousandths}));
}

}  // namespace

Decimal readDecimal(ObjectReader& reader, const std::string& key, Decimal fallback,
                    const FieldRule& rule) {
    const Decimal value = readDecimal(reader, key, fallback);
    if (rule.hasRange() && (value.thousandths < rule.low || value.thousandths > rule.high))
        failReading(ErrorKind::OutOfRange,
                    "A number from " + decimalText(rule.low) + " to " + decimalText(rule.high) +
                        " is wanted here",
                    reader.whereOf(key), "Correct it");
    return value;
}

std::vector<int> readIntegers(ObjectReader& reader, const std::string& key, const FieldRule& rule) {
    std::vector<int> numbers;
    reader.forEach(key, 64, [&](const Json& item, const std::string& where) {
        numbers.push_back(
            integerOf(item, static_cast<int>(rule.low), static_cast<int>(rule.high), where));
    });
    return numbers;
}

std::vector<Ability> readAbilities(ObjectReader& reader, const std::string& key) {
    std::vector<Ability> abilities;
    reader.forEach(key, abilityCount, [&](const Json& item, const std::string& where) {
        const auto ability =
            item.is_string() ? fromName<Ability>(item.get<std::string>()) : std::nullopt;
        if (!ability)
            failReading(ErrorKind::BadReference, "There is no ability " + item.dump(), where,
                        "Use one of: " + std::string(allNames<Ability>()));
        if (std::find(abilities.begin(), abilities.end(), *ability) == abilities.end())
            abilities.push_back(*ability);
    });
    return abilities;
}

}  // namespace rook::file
