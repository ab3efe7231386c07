#include "paint/page_paint.h"

#include "formats/files.h"
#include "formats/page_html.h"
#include "paint/words.h"

#include <QAbstractTextDocumentLayout>
#include <QBuffer>
#include <QLocale>
#include <QPainter>
#include <QPdfWriter>
#include <QTextDocument>
#include <QUrl>

#include <cmath>
#include <memory>

namespace vitrail {

namespace {

std::unique_ptr<QTextDocument> document_of(const Page& page, PageLanguage language) {
    auto text = std::make_unique<QTextDocument>();
    text->setDefaultFont(QFont(QStringLiteral("Inter"), 10));
    int n = 0;
    const auto source = [&](const std::string& png) {
        const std::string name = "picture-" + std::to_string(++n);
        QImage image;
        image.loadFromData(QByteArray::fromStdString(png), "PNG");
        text->addResource(QTextDocument::ImageResource, QUrl(QString::fromStdString(name)), image);
        return name;
    };
    // Rich text knows no figures; a row of them is a table.
    QString html = QString::fromStdString(language == PageLanguage::english
                                              ? page_html(page, Language(), source)
                                              : page_html(page, window_language(), source));
    html.replace(QStringLiteral("<figure>"), QStringLiteral("<td valign=\"top\">"))
        .replace(QStringLiteral("</figure>"), QStringLiteral("</td>"))
        .replace(QStringLiteral("<figcaption>"), QStringLiteral("<p>"))
        .replace(QStringLiteral("</figcaption>"), QStringLiteral("</p>"));
    html.replace(QStringLiteral("<div><td"), QStringLiteral("<table cellpadding=\"8\"><tr><td"))
        .replace(QStringLiteral("</td></div>"), QStringLiteral("</td></tr></table>"));
    text->setHtml(html);
    return text;
}

} // namespace

QPageSize usual_paper() {
    return QPageSize(QLocale().measurementSystem() == QLocale::ImperialUSSystem ? QPageSize::Letter
                                                                                : QPageSize::A4);
}

void print_page(const Page& page, QPagedPaintDevice& paper, PageLanguage language) {
    document_of(page, language)->print(&paper);
}

Status write_page_pdf(const Page& page, const std::string& path, PageLanguage language) {
    QByteArray bytes;
    {
        QBuffer buffer(&bytes);
        buffer.open(QIODevice::WriteOnly);
        QPdfWriter writer(&buffer);
        writer.setPageSize(usual_paper());
        writer.setPageMargins(QMarginsF(14, 14, 14, 14), QPageLayout::Millimeter);
        writer.setTitle(language == PageLanguage::english ? QString::fromStdString(english(page.title))
                                                          : words(page.title));
        print_page(page, writer, language);
    }
    return write_file(path, bytes.toStdString());
}

QImage page_image(const Page& page, int width, PageLanguage language) {
    const auto text = document_of(page, language);
    constexpr double kMargin = 24;
    text->setDocumentMargin(kMargin);
    text->setTextWidth(width);
    QImage image(width, static_cast<int>(std::ceil(text->size().height())), QImage::Format_RGB32);
    image.fill(Qt::white);
    QPainter p(&image);
    QAbstractTextDocumentLayout::PaintContext context;
    context.palette.setColor(QPalette::Text, QColor(0x16, 0x18, 0x1c));
    text->documentLayout()->draw(&p, context);
    return image;
}

} // namespace vitrail
