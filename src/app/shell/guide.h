#pragma once
/// The guide: the documents as pages, in a window of its own so that one reads while one works.

#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QPushButton>
#include <QTextBrowser>

#include "app/shell/guide_pages.h"

namespace rook::app {

class Guide : public QWidget {
    Q_OBJECT

public:
    /// `docs` is the folder of the documents.
    Guide(const QString& docs, QWidget* parent);
    /// Shows a page, such as "guide/words.md"; at a heading, or its beginning.
    void open(const QString& page, const QString& heading = {});
    /// Shows the table of contents.
    void openFirst();
    void themeChanged();

private:
    void refill();
    void choose(QListWidgetItem* row);
    void follow(const QUrl& link);
    void tellWhere();
    /// A page, as the list of pages names it.
    [[nodiscard]] QString shownPage() const;
    void goTo(const QString& heading);

    QString m_docs;
    QUrl m_shown;
    std::vector<GuidePart> m_parts;
    QLineEdit* m_search;
    QListWidget* m_list;
    QTextBrowser* m_text;
    QPushButton* m_back;
    QLabel* m_where;
};

}  // namespace rook::app
