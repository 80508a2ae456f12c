#pragma once
/// A walk through the window: what stands where, one part after the other, pointed at in the real
/// window.

#include <QFrame>
#include <QLabel>
#include <QPushButton>
#include <functional>
#include <vector>

namespace rook::app {

struct TourStop {
    QString title;
    QString words;
    QWidget* part = nullptr;     ///< that it is about
    std::function<void()> show;  ///< what is done before it is pointed at; may be empty
};

class Tour : public QFrame {
    Q_OBJECT

public:
    Tour(std::vector<TourStop> stops, QWidget* parent);
    ~Tour() override;
    void begin() { go(0); }
    [[nodiscard]] int at() const { return m_at; }
    [[nodiscard]] int count() const { return int(m_stops.size()); }

Q_SIGNALS:
    void ended();

protected:
    void paintEvent(QPaintEvent* event) override;
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    /// Its keys are no shortcuts of the window, and its arrows lead on, whichever button has them.
    bool takeKey(QEvent* event);
    void go(int stop);
    void place();
    void end();

    std::vector<TourStop> m_stops;
    int m_at = 0;
    QWidget* m_frame;  ///< around the part
    QLabel* m_title;
    QLabel* m_words;
    QLabel* m_count;
    QPushButton* m_back;
    QPushButton* m_next;
};

}  // namespace rook::app
