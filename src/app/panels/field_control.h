#pragma once
/// A control for one typed value, as its definition wants it: a number in its range with its unit,
/// a choice, a colour, a place, a reference.

#include <QWidget>
#include <functional>

#include "level/entity.h"

namespace rook::app {

class FieldControl : public QWidget {
    Q_OBJECT

public:
    using Take = std::function<void(const level::FieldValue&)>;
    /// `take` gets each value that somebody gives it; not those that it is set to.
    FieldControl(level::FieldType type, Take take, QWidget* parent);
    /// `references`: the ids that a field for entities or levels may name.
    FieldControl(const level::FieldDefinition& definition, const QStringList& references, Take take,
                 QWidget* parent);
    /// Requires: of that type. A value that is being typed over stays.
    void setValue(const level::FieldValue& value);
    void setWords(const QString& objectName, const QString& accessibleName);

private:
    void makeInteger(const level::FieldDefinition& definition);
    void makeNumber(const level::FieldDefinition& definition);
    void makeBoolean();
    /// One of the texts, or nothing; another value is shown as it is.
    void makeChoice(const QStringList& choices, bool mayBeEmpty);
    /// Text that `read` makes a value of; what it cannot read stays to be corrected.
    using Read = std::function<std::optional<level::FieldValue>(const QString&)>;
    void makeLine(Read read, std::function<QString(const level::FieldValue&)> write,
                  const QString& hint);

    Take m_take;
    QWidget* m_control = nullptr;
    std::function<void(const level::FieldValue&)> m_show;
};

/// A value as one line of text, and back; none if it cannot be read as that type.
[[nodiscard]] QString textOfValue(const level::FieldValue& value);
[[nodiscard]] std::optional<level::FieldValue> valueOfText(const level::FieldDefinition& definition,
                                                           const QString& text);

}  // namespace rook::app
