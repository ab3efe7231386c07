#include "app/theme/theme.h"

#include "app/theme/desktop.h"
#include "app/theme/manners.h"
#include "paint/filament_paint.h"

#include <QApplication>
#include <QFile>
#include <QFontMetrics>
#include <QIconEngine>
#include <QPainter>
#include <QPalette>
#include <QSettings>
#include <QStyleFactory>
#include <QSvgRenderer>

namespace vitrail {

namespace {

Theme dark_lead() {
    return {true,      "#1a1c20", "#24272d", "#1e2126", "#3b4048", "#0c0d10",
            "#f0eee8", "#b0b4bb", "#e2a64f", "#86c48f", "#f08a78", "#e8b45a"};
}

Theme light_paper() {
    return {false,     "#f4f1ea", "#fbf9f4", "#ffffff", "#cfc9bd", "#24262b",
            "#1c1e22", "#53575f", "#8a5a08", "#1f6b34", "#a62a1c", "#845400"};
}

/// Text 7 : 1 and more on its ground (WCAG 2.1, AAA), borders as clear as text.
Theme with_contrast(Theme t) {
    if (t.dark) {
        t.ground = "#000000", t.panel = "#000000", t.field = "#000000", t.line = "#c8c8c8",
        t.lead = "#000000", t.ink = "#ffffff", t.quiet = "#e4e4e4";
        t.accent = "#ffc861", t.good = "#a9e8b1", t.bad = "#ffb3a7", t.warn = "#ffd98c";
    } else {
        t.ground = "#ffffff", t.panel = "#ffffff", t.field = "#ffffff", t.line = "#3a3a3a",
        t.lead = "#000000", t.ink = "#000000", t.quiet = "#2c2c2c";
        t.accent = "#5a3900", t.good = "#0c4a1d", t.bad = "#7c0f05", t.warn = "#5c3a00";
    }
    return t;
}

/// Asked for in the menu, else by the desktop.
bool contrast_wanted() {
    const QString asked = QSettings().value(QStringLiteral("contrast")).toString();
    return asked.isEmpty() ? DesktopWishes::instance().contrast() : asked == QLatin1String("more");
}

Theme& theme() {
    static Theme t = dark_lead();
    return t;
}

QString style_sheet(const Theme& t) {
    return QStringLiteral(R"(
        QWidget { color: %ink; }
        QMainWindow, QDialog { background: %ground; }
        QMenuBar, QMenu { background: %panel; color: %ink; }
        QMenuBar::item:selected, QMenu::item:selected { background: %line; }
        QMenu::item:disabled { color: %line; }
        QMenu::separator { height: 1px; background: %line; margin: 4px 8px; }
        QFrame#panel { background: %panel; border: 1px solid %line; border-radius: 3px; }
        QLabel { background: transparent; }
        QLabel#quiet { color: %quiet; }
        QLabel#good, QLabel#advice { color: %good; }
        QTreeView, QTableView, QListView, QTextEdit, QScrollArea#pages {
            background: %ground; border: 1px solid %line; selection-background-color: %select;
            selection-color: %ink; outline: 0;
        }
        QTreeView::item, QListView::item, QTableView::item { padding: 2px 4px; }
        QWidget#pages_view { background: %ground; }
        QTreeView:focus, QTableView:focus, QListView:focus { border: 1px solid %accent; }
        QHeaderView { background: %panel; }
        QHeaderView::section {
            background: %panel; color: %quiet; border: 0; border-bottom: 1px solid %line; padding: 4px 6px;
        }
        QTableCornerButton::section { background: %panel; border: 0; }
        QPushButton, QToolButton {
            background: %field; border: 1px solid %line; border-radius: 3px; padding: 4px 10px;
        }
        QFileDialog QToolButton { padding: 2px; }
        QPushButton:hover, QToolButton:hover { border-color: %accent; }
        QPushButton:focus, QToolButton:focus { border: 1px solid %accent; }
        QPushButton:disabled, QToolButton:disabled { color: %quiet; border-style: dotted; }
        QPushButton:default { border: 1px solid %accent; }
        QToolTip { background: %panel; color: %ink; border: 1px solid %accent; padding: 4px; }
        QProgressBar { background: %field; border: 1px solid %line; border-radius: 3px; text-align: center; }
        QProgressBar::chunk { background: %accent; }
        QScrollBar:vertical { background: transparent; width: 10px; margin: 0; }
        QScrollBar:horizontal { background: transparent; height: 10px; margin: 0; }
        QScrollBar::handle { background: %line; border-radius: 4px; min-height: 24px; min-width: 24px; }
        QScrollBar::add-line, QScrollBar::sub-line { width: 0; height: 0; }
        QScrollBar::add-page, QScrollBar::sub-page { background: transparent; }
        QCheckBox::indicator {
            width: 13px; height: 13px; border: 1px solid %quiet; border-radius: 2px; background: %field;
        }
        QCheckBox::indicator:checked {
            background: %accent; border-color: %accent; image: url(:/icons/check.svg);
        }
        QCheckBox::indicator:focus { border-color: %accent; }
        QCheckBox::indicator:disabled { border-style: dotted; }
        QTabWidget::pane { border: 0; }
        QTabBar { background: transparent; }
        QTabBar::tab {
            background: transparent; color: %quiet; padding: 4px 12px 5px 12px; border: 0;
            border-bottom: 2px solid transparent;
        }
        QTabBar::tab:selected { color: %ink; border-bottom: 2px solid %accent; }
        QTabBar::tab:focus { color: %ink; border: 1px dotted %accent; border-bottom: 2px solid %accent; }
        QTabBar::tab:hover { color: %ink; }
        QScrollArea { background: transparent; }
        QScrollArea > QWidget > QWidget { background: transparent; }
        QDialogButtonBox { dialogbuttonbox-buttons-have-icons: 0; }
        QSplitter::handle { background: transparent; }
    )")
        .replace(QLatin1String("%ink"), t.ink.name())
        .replace(QLatin1String("%ground"), t.ground.name())
        .replace(QLatin1String("%panel"), t.panel.name())
        .replace(QLatin1String("%field"), t.field.name())
        .replace(QLatin1String("%line"), t.line.name())
        .replace(QLatin1String("%quiet"), t.quiet.name())
        .replace(QLatin1String("%good"), t.good.name())
        .replace(QLatin1String("%accent"), t.accent.name())
        .replace(QLatin1String("%select"),
                 t.dark ? QStringLiteral("#3d3a34")
                        : QStringLiteral("#ecdcbc")); // ink on either is 9 : 1 and more
}

/// Draws one of our SVGs in the ink of the theme that is current when it is painted.
class SvgIcon : public QIconEngine {
public:
    explicit SvgIcon(QString name) : name_(std::move(name)) {}
    void paint(QPainter* p, const QRect& rect, QIcon::Mode mode, QIcon::State) override {
        QFile file(QStringLiteral(":/icons/%1.svg").arg(name_));
        if (!file.open(QIODevice::ReadOnly))
            return;
        const QColor ink = mode == QIcon::Disabled ? theme().line : theme().ink;
        QSvgRenderer renderer(file.readAll().replace("currentColor", ink.name().toLatin1()));
        p->setRenderHint(QPainter::Antialiasing);
        renderer.render(p, rect);
    }
    QPixmap pixmap(const QSize& size, QIcon::Mode mode, QIcon::State state) override {
        QPixmap pm(size);
        pm.fill(Qt::transparent);
        QPainter p(&pm);
        paint(&p, QRect({0, 0}, size), mode, state);
        return pm;
    }
    QIconEngine* clone() const override { return new SvgIcon(name_); }

private:
    QString name_;
};

} // namespace

const Theme& Theme::current() {
    return theme();
}

ThemeChoice theme_choice() {
    const QString kept = QSettings().value(QStringLiteral("theme")).toString();
    return kept == QLatin1String("dark")    ? ThemeChoice::dark
           : kept == QLatin1String("light") ? ThemeChoice::light
                                            : ThemeChoice::desktop;
}

void apply_theme(QApplication& app, ThemeChoice choice) {
    static const bool desktop_is_dark = QPalette().color(QPalette::Window).lightness() < 128;
    const bool dark = choice == ThemeChoice::desktop ? desktop_is_dark : choice == ThemeChoice::dark;
    theme() = dark ? dark_lead() : light_paper();
    if (contrast_wanted())
        theme() = with_contrast(theme());
    const Theme& t = theme();
    static bool styled = false;
    if (!styled) {
        app.setStyle(QStyleFactory::create(QStringLiteral("Fusion")));
        QFont f(load_fonts());
        f.setPointSizeF(qMax(9.0, app.font().pointSizeF()));
        app.setFont(f);
        teach_manners(app);
        styled = true;
    }
    QPalette p;
    p.setColor(QPalette::Window, t.ground);
    p.setColor(QPalette::Base, t.field);
    p.setColor(QPalette::AlternateBase, t.panel);
    p.setColor(QPalette::Button, t.panel);
    p.setColor(QPalette::Text, t.ink);
    p.setColor(QPalette::WindowText, t.ink);
    p.setColor(QPalette::ButtonText, t.ink);
    p.setColor(QPalette::PlaceholderText, t.quiet);
    p.setColor(QPalette::Link, t.accent);
    p.setColor(QPalette::LinkVisited, t.accent);
    p.setColor(QPalette::Highlight, t.accent);
    p.setColor(QPalette::HighlightedText, t.dark ? t.lead : QColor(Qt::white));
    p.setColor(QPalette::ToolTipBase, t.panel);
    p.setColor(QPalette::ToolTipText, t.ink);
    p.setColor(QPalette::Disabled, QPalette::Text, t.quiet);
    p.setColor(QPalette::Disabled, QPalette::ButtonText, t.quiet);
    app.setPalette(p);
    for (QWidget* w : QApplication::topLevelWidgets())
        if (!w->styleSheet().isEmpty())
            w->setStyleSheet(theme_sheet());
}

QString theme_sheet() {
    return style_sheet(theme());
}

QIcon icon(const QString& name) {
    return QIcon(new SvgIcon(name));
}

QFont font_of(double scale, bool bold) {
    QFont f = QApplication::font();
    f.setPointSizeF(f.pointSizeF() * scale);
    f.setWeight(bold ? QFont::DemiBold : QFont::Normal);
    return f;
}

QString menu_text(QString name) {
    return name.replace(QLatin1Char('&'), QLatin1String("&&"));
}

int em(double ems) {
    return qRound(QFontMetrics(QApplication::font()).height() * ems);
}

} // namespace vitrail
