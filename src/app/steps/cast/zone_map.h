#pragma once
/// The zones of a level as a small map: where they lie, and where bodies cross from one to another.

#include <QWidget>

#include "app/session/session.h"

namespace rook::app {

class ZoneMap : public QWidget {
    Q_OBJECT

public:
    ZoneMap(Session& session, QWidget* parent);
    void refresh();
    QSize sizeHint() const override;

Q_SIGNALS:
    void chosen(const rook::ZoneId& id);

protected:
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;

private:
    /// Widget px a level px.
    [[nodiscard]] double scale() const;
    [[nodiscard]] QRectF placeOf(const PxRect& px) const;

    Session& m_session;
};

/// How long something is on in each period, as a bar; a click chooses nothing.
class TimetableBar : public QWidget {
    Q_OBJECT

public:
    explicit TimetableBar(QWidget* parent);
    void setTimes(const std::optional<runtime::Timetable>& times);
    QSize sizeHint() const override { return {232, 22}; }

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    std::optional<runtime::Timetable> m_times;
};

}  // namespace rook::app
