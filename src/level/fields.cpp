#include "level/fields.h"

#include <algorithm>

namespace rook::level {

FieldType typeOf(const FieldValue& value) {
    constexpr FieldType types[] = {FieldType::Integer, FieldType::Text,  FieldType::Boolean,
                                   FieldType::Number,  FieldType::Point, FieldType::Path,
                                   FieldType::List};
    return types[value.index()];
}

bool holds(FieldType type, const FieldValue& value) {
    return typeOf(value) == typeOf(defaultOf(type));
}

FieldValue defaultOf(FieldType type) {
    switch (type) {
        case FieldType::Integer:
            return std::int64_t{0};
        case FieldType::Text:
        case FieldType::Choice:
        case FieldType::Entity:
        case FieldType::Level:
            return std::string();
        case FieldType::Color:
            return std::string("#000000");
        case FieldType::Boolean:
            return false;
        case FieldType::Number:
            return Decimal{};
        case FieldType::Point:
            return PxPoint{};
        case FieldType::Path:
            return std::vector<PxPoint>();
        case FieldType::List:
            return FieldList{};
    }
    return std::int64_t{0};
}

bool isColor(std::string_view text) {
    return text.size() == 7 && text[0] == '#' &&
           std::all_of(text.begin() + 1, text.end(), [](char c) {
               return (c >= '0' && c <= '9') || (c >= 'a' && c <= 'f') || (c >= 'A' && c <= 'F');
           });
}

}  // namespace rook::level
