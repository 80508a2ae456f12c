#pragma once
/// A control for one typed value: a number, text, or yes and no.

#include <QWidget>
#include <functional>

#include "level/fields.h"

namespace rook::app {

class FieldControl : public QWidget {
    Q_OBJECT

public:
    using Take = std::function<void(const level::FieldValue&)>;
    /// `take` gets each value that somebody gives it; not those that it is set to.
    FieldControl(level::FieldType type, Take take, QWidget* parent);
    /// Requires: of that type. A value that is being typed over stays.
    void setValue(const level::FieldValue& value);
    void setWords(const QString& objectName, const QString& accessibleName);

private:
    QWidget* m_control = nullptr;
    std::function<void(const level::FieldValue&)> m_show;
};

}  // namespace rook::app
