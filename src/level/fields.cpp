#include "level/fields.h"

namespace rook::level {

FieldType typeOf(const FieldValue& value) {
    constexpr FieldType types[] = {FieldType::WholeNumber, FieldType::Text, FieldType::YesNo,
                                   FieldType::Number};
    return types[value.index()];
}

FieldValue standardOf(FieldType type) {
    switch (type) {
        case FieldType::WholeNumber:
            return std::int64_t{0};
        case FieldType::Text:
            return std::string();
        case FieldType::YesNo:
            return false;
        case FieldType::Number:
            return Decimal{};
    }
    return std::int64_t{0};
}

}  // namespace rook::level
