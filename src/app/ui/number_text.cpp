#include "app/ui/number_text.h"

#include <QRegularExpression>
#include <QStringList>

namespace rook::app {

QString textOfNumbers(const std::vector<int>& numbers) {
    QStringList parts;
    for (const int number : numbers)
        parts << QString::number(number);
    return parts.join(QStringLiteral(", "));
}
std::vector<int> numbersOf(const QString& text) {
    std::vector<int> numbers;
    for (const QString& part : text.split(u',', Qt::SkipEmptyParts)) {
        bool isNumber = false;
        const int number = part.trimmed().toInt(&isNumber);
        if (isNumber && numbers.size() < 64) numbers.push_back(number);
    }
    return numbers;
}

QString textOfSpans(const Spans& spans) {
    QStringList parts;
    for (const auto& [from, to] : spans)
        parts << QStringLiteral("%1-%2").arg(from).arg(to);
    return parts.join(QStringLiteral(", "));
}
std::optional<Spans> spansOf(const QString& text) {
    static const QRegularExpression form(QStringLiteral("^\\s*(\\d{1,9})\\s*-\\s*(\\d{1,9})\\s*$"));
    Spans spans;
    for (const QString& part : text.split(u',', Qt::SkipEmptyParts)) {
        const auto match = form.match(part);
        if (!match.hasMatch()) return std::nullopt;
        spans.emplace_back(match.captured(1).toInt(), match.captured(2).toInt());
    }
    return spans;
}

}  // namespace rook::app
