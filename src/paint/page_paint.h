// A page on paper and as a picture.
#pragma once

#include "core/base/result.h"
#include "core/run_sheet/page.h"

#include <QImage>
#include <QPageSize>

class QPagedPaintDevice;

namespace vitrail {

/// In the window's language, or in English. Needs a QGuiApplication.
enum class PageLanguage { english, window };

/// What the country prints on: A4, or letter where lengths are in inches.
QPageSize usual_paper();
/// On the usual paper, whole or not at all.
Status write_page_pdf(const Page& page, const std::string& path, PageLanguage language);
/// On whatever it is that has pages: a printer, a PDF.
void print_page(const Page& page, QPagedPaintDevice& paper, PageLanguage language);
/// As wide as that, as tall as it takes.
QImage page_image(const Page& page, int width, PageLanguage language);

} // namespace vitrail
