#pragma once
/// A file as it will be, before it is written: text, a picture, a page of a book, or what a model
/// holds.

#include <QImage>
#include <QWidget>
#include <memory>
#include <string>

class QLabel;
class QPlainTextEdit;

namespace rook::app {

class PictureView;

class FilePreview : public QWidget {
    Q_OBJECT

public:
    explicit FilePreview(QWidget* parent);
    /// What is to be seen of a file.
    struct Seen {
        QImage image;  ///< none: the text
        QString text;
        int page = 0, pages = 0;
    };
    /// Shows bytes by the ending of their name, as soon as a worker has made that out. The same
    /// name keeps its page.
    void show(const QString& name, const std::string& bytes);
    void clear(const QString& why);
    [[nodiscard]] int pageCount() const { return m_pages; }
    void turnTo(int page);

private:
    void look();
    void take(const Seen& seen);

    PictureView* m_picture;
    QPlainTextEdit* m_text;
    QWidget* m_turning;
    QLabel* m_pageWords;
    QString m_name;
    std::shared_ptr<const std::string> m_bytes;
    int m_page = 0, m_pages = 0;
    int m_round = 0;  ///< of looking; what comes of a former one is left alone
};

}  // namespace rook::app
