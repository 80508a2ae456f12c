#pragma once
/// A file as it will be, before it is written: text, a picture, a page of a book, or what a model
/// holds.

#include <QImage>
#include <QWidget>

class QLabel;
class QPlainTextEdit;

namespace rook::app {

class PictureView;

class FilePreview : public QWidget {
    Q_OBJECT

public:
    explicit FilePreview(QWidget* parent);
    /// Shows bytes by the ending of their name. The same ones keep their page.
    void show(const QString& name, const std::string& bytes);
    void clear(const QString& why);
    [[nodiscard]] int pageCount() const { return m_pages; }
    void turnTo(int page);

private:
    void showText(const QString& text);
    void showImage(const QImage& image);
    void showPage();
    /// "3 meshes, 12 nodes": what the JSON of a binary model says.
    [[nodiscard]] static QString modelWords(const std::string& bytes);

    PictureView* m_picture;
    QPlainTextEdit* m_text;
    QWidget* m_turning;
    QLabel* m_pageWords;
    QString m_name;
    std::string m_bytes;
    int m_page = 0, m_pages = 0;
};

}  // namespace rook::app
