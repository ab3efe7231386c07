#include "app/shell/welcome.h"

#include "app/document/background.h"
#include "app/document/document.h"
#include "app/parts/panel.h"
#include "formats/archive.h"
#include "paint/shipped.h"
#include "paint/words.h"

#include <QCoreApplication>
#include <QDir>
#include <QFileInfo>
#include <QListWidget>
#include <QPushButton>

#include <memory>

namespace vitrail {

namespace {

constexpr int kPath = Qt::UserRole;

/// The demo's projects, and what each is for, in the order in which they teach.
struct Demo {
    const char *file, *name, *what;
};
constexpr Demo kDemos[] = {
    {"badge", QT_TRANSLATE_NOOP("vitrail::Welcome", "Badge"),
     QT_TRANSLATE_NOOP(
         "vitrail::Welcome",
         "Two colours, one swap by hand: the shortest way from a model to a sheet for the printer")},
    {"lighthouse", QT_TRANSLATE_NOOP("vitrail::Welcome", "Lighthouse"),
     QT_TRANSLATE_NOOP("vitrail::Welcome",
                       "Four colours through one nozzle: bands, a tower, purge, and what each change costs")},
    {"dusk", QT_TRANSLATE_NOOP("vitrail::Welcome", "Dusk"),
     QT_TRANSLATE_NOOP("vitrail::Welcome",
                       "A picture in thin layers: where bands are cut, and how colours come about")},
    {"rose-window", QT_TRANSLATE_NOOP("vitrail::Welcome", "Rose window"),
     QT_TRANSLATE_NOOP("vitrail::Welcome", "A panel to be lit from behind, every dot a stack of films")},
    {"lamp-bracket", QT_TRANSLATE_NOOP("vitrail::Welcome", "Bracket"),
     QT_TRANSLATE_NOOP("vitrail::Welcome",
                       "Support that comes off: schools, interfaces, what bonds to what")},
    {"signal-flags", QT_TRANSLATE_NOOP("vitrail::Welcome", "Signal flags"),
     QT_TRANSLATE_NOOP("vitrail::Welcome", "Several nozzles: which filament goes on which")},
    {"open-day", QT_TRANSLATE_NOOP("vitrail::Welcome", "Open day"),
     QT_TRANSLATE_NOOP("vitrail::Welcome", "An order of many pieces, on plates, by day and by night")},
    {"painted", QT_TRANSLATE_NOOP("vitrail::Welcome", "Painted"),
     QT_TRANSLATE_NOOP("vitrail::Welcome", "Colours painted on the surface of a single body")},
};

} // namespace

QString demo_folder() {
    return shipped_folder(QStringLiteral("demo"), QStringLiteral("demo"));
}

Welcome::Welcome(Document* document, QWidget* parent)
    : QWidget(parent), document_(document), demos_(make_list("welcome_demos", tr("Demo projects"))),
      recent_(make_list("welcome_recent", tr("Projects you had open"))) {
    setObjectName(QStringLiteral("welcome_page"));
    auto* title = new QLabel(tr("What would you like to print?"));
    title->setFont(font_of(1.5, true));
    auto* sentence = new QLabel(
        tr("Vitrail works out where colours change, what that costs in filament and hours, and how it costs "
           "less. It writes no toolpaths: your own program does, and follows the sheet."));
    sentence->setWordWrap(true);
    sentence->setObjectName(QStringLiteral("quiet"));

    auto* begin = new Panel(tr("Begin"));
    const auto button = [&](const char* name, const char* picture, const QString& text, const QString& tip,
                            void (Welcome::*wants)()) {
        auto* b = new QPushButton(icon(QString::fromLatin1(picture)), text);
        b->setObjectName(QString::fromLatin1(name));
        b->setToolTip(tip);
        connect(b, &QPushButton::clicked, this, wants);
        begin->body()->addWidget(b);
        return b;
    };
    auto* tour = button("begin_tour", "compass", tr("&Show me round: a badge in six steps"),
                        tr("Does the work on this window, step by step; can be left at any time"),
                        &Welcome::wants_tour);
    tour->setDefault(true);
    button("begin_model", "box", tr("Open a &model…"),
           tr("3MF, STL or OBJ; its bodies become parts, each in a filament"), &Welcome::wants_model);
    button("begin_picture", "image", tr("Make something of a &picture…"),
           tr("A relief in thin layers, or a panel to be lit from behind"), &Welcome::wants_picture);
    button("begin_order", "clipboard-list", tr("Start an &order…"),
           tr("Many pieces by a day: what goes on which plate, and when"), &Welcome::wants_order);
    button("begin_project", "folder-open", tr("Open a pro&ject…"), tr("A Vitrail project, *.vitrail"),
           &Welcome::wants_project);
    button("begin_machine", "wrench", tr("&Describe my printer…"),
           tr("By questions that anybody who has it can answer"), &Welcome::wants_machine);
    begin->body()->addStretch();
    auto* drop = new QLabel(tr("Or drop a file anywhere on this window."));
    drop->setObjectName(QStringLiteral("quiet"));
    drop->setWordWrap(true);
    begin->body()->addWidget(drop);
    auto* letters = new QLabel(tr("Filaments have letters: select a region of a piece and press a letter, "
                                  "and it is printed in that filament."));
    letters->setWordWrap(true);
    begin->body()->addWidget(letters);

    auto* try_it = new Panel(tr("Try it on a demo"));
    try_it->body()->addWidget(demos_, 1);
    auto* go_on = new Panel(tr("Go on with"));
    go_on->body()->addWidget(recent_, 1);
    auto* nothing = new QLabel(tr("Projects you open or save are found here."));
    nothing->setObjectName(QStringLiteral("quiet"));
    nothing->setWordWrap(true);
    nothing_recent_ = nothing;
    go_on->body()->addWidget(nothing);
    go_on->body()->addStretch();
    auto* right = new QVBoxLayout;
    right->setSpacing(em(0.6));
    right->addWidget(try_it, 3);
    right->addWidget(go_on, 2);
    auto* row = new QHBoxLayout;
    row->setSpacing(em(0.6));
    begin->setFixedWidth(em(23));
    row->addWidget(begin);
    row->addLayout(right, 1);
    auto* all = new QVBoxLayout(this);
    all->setContentsMargins(em(1.2), em(1), em(1.2), em(1));
    all->setSpacing(em(0.6));
    all->addWidget(title);
    all->addWidget(sentence);
    all->addLayout(row, 1);
    connect(demos_, &QListWidget::itemActivated, this,
            [this](QListWidgetItem* i) { Q_EMIT wants_demo(i->data(kPath).toString()); });
    connect(recent_, &QListWidget::itemActivated, this,
            [this](QListWidgetItem* i) { Q_EMIT wants_recent(i->data(kPath).toString()); });
    for (QListWidget* list : {demos_, recent_}) // a click is enough
        connect(list, &QListWidget::itemClicked, list, &QListWidget::itemActivated);
}

QListWidget* Welcome::make_list(const char* name, const QString& spoken) {
    auto* list = new QListWidget;
    list->setObjectName(QString::fromLatin1(name));
    list->setAccessibleName(spoken);
    list->setViewMode(QListView::IconMode);
    list->setMovement(QListView::Static);
    list->setResizeMode(QListView::Adjust);
    list->setIconSize({em(4.8), em(4.8)});
    list->setGridSize({em(9), em(7.2)});
    list->setWordWrap(true);
    return list;
}

void Welcome::show_projects(const QStringList& recent) {
    QStringList demos;
    const QString folder = demo_folder();
    for (const Demo& d : kDemos)
        demos << folder + QLatin1Char('/') + QLatin1String(d.file) + QStringLiteral(".vitrail");
    fill(demos_, folder.isEmpty() ? QStringList() : demos);
    for (int i = 0; i < demos_->count(); ++i) {
        const QString file = QFileInfo(demos_->item(i)->data(kPath).toString()).completeBaseName();
        for (const Demo& d : kDemos)
            if (file == QLatin1String(d.file)) {
                demos_->item(i)->setText(tr(d.name));
                demos_->item(i)->setToolTip(tr(d.what));
                demos_->item(i)->setData(Qt::AccessibleDescriptionRole, tr(d.what));
            }
    }
    fill(recent_, recent);
    recent_->setVisible(recent_->count() > 0);
    nothing_recent_->setVisible(recent_->count() == 0);
}

void Welcome::fill(QListWidget* list, const QStringList& paths) {
    list->clear();
    for (const QString& path : paths)
        if (QFileInfo::exists(path)) {
            auto* item = new QListWidgetItem(QFileInfo(path).completeBaseName(), list);
            item->setData(kPath, path);
            item->setToolTip(QDir::toNativeSeparators(path));
        }
    QStringList shown;
    for (int i = 0; i < list->count(); ++i)
        shown << list->item(i)->data(kPath).toString();
    document_->background()->run(this, [list, shown](const std::stop_token& stop) -> Background::Then {
        auto pictures = std::make_shared<std::vector<QImage>>();
        for (const QString& path : shown) {
            if (stop.stop_requested())
                break;
            pictures->push_back(
                QImage::fromData(QByteArray::fromStdString(read_thumbnail(path.toStdString()))));
        }
        return [list, shown, pictures] {
            for (int i = 0; i < list->count() && i < static_cast<int>(pictures->size()); ++i)
                if (list->item(i)->data(kPath).toString() == shown[i] &&
                    !(*pictures)[static_cast<std::size_t>(i)].isNull())
                    list->item(i)->setIcon(QPixmap::fromImage((*pictures)[static_cast<std::size_t>(i)]));
        };
    });
}

} // namespace vitrail

#include "moc_welcome.cpp"
