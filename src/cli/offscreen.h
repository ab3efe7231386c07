// Paper and text in pictures need fonts, not a display.
#pragma once

#include <QGuiApplication>
#include <QLocale>

#include <optional>

namespace vitrail {

/// A Qt application without a screen, for as long as it lives. Numbers stay as they are in files.
class Offscreen {
public:
    Offscreen() {
        qputenv("QT_QPA_PLATFORM", "offscreen");
        application_.emplace(argc_, argv_);
        QLocale::setDefault(QLocale::c());
    }

private:
    int argc_ = 1;
    char name_[12] = "vitrail-cli";
    char* argv_[2] = {name_, nullptr};
    std::optional<QGuiApplication> application_;
};

} // namespace vitrail
