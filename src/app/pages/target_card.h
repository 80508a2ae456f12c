#pragma once
/// A target as a card: what it is, where it is written, how that differs from what lies there.

#include <QWidget>

#include "app/session/session.h"
#include "level/target.h"

class QPushButton;

namespace rook::app {

class TargetCard : public QWidget {
    Q_OBJECT

public:
    TargetCard(Session& session, QWidget* parent);
    void take(const level::Target& target, bool isChosen);
    [[nodiscard]] const std::string& target() const { return m_name; }
    QSize sizeHint() const override { return {330, 104}; }
    QSize minimumSizeHint() const override { return {300, 104}; }

Q_SIGNALS:
    void chosen();
    /// The next card, or the former one.
    void stepAsked(int by);

protected:
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void focusInEvent(QFocusEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;

private:
    void write();

    Session& m_session;
    std::string m_name;
    QString m_format, m_folder, m_state, m_more;
    QColor m_tone;
    double m_share = -1;  ///< of what is under way; below 0 nothing is
    bool m_isChosen = false;
    bool m_isInTheWay = false;
    QPushButton* m_write;
};

/// What an outlook comes to, in words: "3 new, 2 changed, 7 as they are".
[[nodiscard]] QString outlookWords(const Shipping::Outlook& outlook);

}  // namespace rook::app
