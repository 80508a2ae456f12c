#pragma once
/// Lists of whole numbers and of spans as a line of text, and back.

#include <QString>
#include <optional>
#include <utility>
#include <vector>

namespace rook::app {

/// "3, 8, 21".
[[nodiscard]] QString textOfNumbers(const std::vector<int>& numbers);
/// The numbers of such a text; what is no number is left out, and what comes after 64.
[[nodiscard]] std::vector<int> numbersOf(const QString& text);

/// From the first to before the second.
using Spans = std::vector<std::pair<int, int>>;
/// "0-60, 90-100".
[[nodiscard]] QString textOfSpans(const Spans& spans);
/// The spans of such a text; none if a part of it is no span.
[[nodiscard]] std::optional<Spans> spansOf(const QString& text);

}  // namespace rook::app
