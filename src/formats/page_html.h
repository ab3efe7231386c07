// A page as HTML that stands alone: no scripts, nothing fetched.
#pragma once

#include "core/run_sheet/page.h"

#include <functional>
#include <string>

namespace vitrail {

/// `source` says where a picture is: its PNG as a data URI, or a name that whoever shows the page knows.
/// `language`: of the reader.
std::string page_html(const Page& page, const Language& language = {},
                      const std::function<std::string(const std::string& png)>& source = {});

/// RFC 4648.
std::string base64(std::string_view bytes);
/// What is no base64 is left out.
std::string from_base64(std::string_view text);

} // namespace vitrail
