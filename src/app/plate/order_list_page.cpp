#include "app/plate/order_list_page.h"

#include "app/document/background.h"
#include "app/document/document.h"
#include "app/parts/panel.h"
#include "app/parts/tables.h"
#include "app/plate/schedule_view.h"
#include "core/base/civil.h"
#include "core/base/numbers.h"
#include "core/plate/order_items.h"
#include "core/run_sheet/order_page.h"
#include "formats/archive.h"
#include "formats/machine_file.h"
#include "paint/filament_paint.h"
#include "paint/job_files.h"
#include "paint/words.h"

#include <QCheckBox>
#include <QComboBox>
#include <QDateTimeEdit>
#include <QDir>
#include <QFileDialog>
#include <QFileInfo>
#include <QFormLayout>
#include <QHeaderView>
#include <QListWidget>
#include <QMenu>
#include <QPointer>
#include <QProgressBar>
#include <QPushButton>
#include <QSplitter>
#include <QTableWidget>

#include <algorithm>

namespace vitrail {

namespace {

enum Column { kName, kCount, kDue, kPrice, kTogether, kByDay };

QString clock_format() {
    return QStringLiteral("yyyy-MM-ddTHH:mm");
}

} // namespace

OrderListPage::OrderListPage(Document* document, QWidget* parent)
    : QWidget(parent), document_(document), aim_(new QComboBox),
      starts_(new QCheckBox(tr("First plate &at"))), start_(new QDateTimeEdit), machines_(new QListWidget),
      progress_(new QProgressBar), says_(new QLabel), saved_(new QLabel), schedule_(new ScheduleView) {
    auto* left = new QWidget;
    auto* column = new QVBoxLayout(left);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(em(0.6));
    column->addWidget(make_items(), 1);
    column->addWidget(make_wishes());
    auto* all = new QVBoxLayout(this);
    all->setContentsMargins(0, em(0.5), 0, 0);
    all->addWidget(make_splitter("plate.order", Qt::Horizontal, {left, make_result()}, {470, 700}));
    connect(document, &Document::project_changed, this, &OrderListPage::refresh);
    refresh();
}

QWidget* OrderListPage::make_items() {
    auto* panel = new Panel(tr("What is wanted"));
    items_ = make_table("order_items", tr("Items of the order"),
                        {{tr("wanted")},
                         {tr("number"), 4.4, true},
                         {tr("by"), 7.8},
                         {tr("price"), 3.4, true},
                         {tr("with"), 2.8, true},
                         {tr("by day"), 3.4}});
    items_->horizontalHeaderItem(kDue)->setToolTip(
        tr("By when it is wanted, such as 2026-12-05T10:00; empty: whenever"));
    items_->horizontalHeaderItem(kPrice)->setToolTip(tr("What one is sold for; empty: not for sale"));
    items_->horizontalHeaderItem(kTogether)->setToolTip(
        tr("Items of the same number are printed on the same plates; empty: as it comes"));
    items_->horizontalHeaderItem(kByDay)->setToolTip(tr("No plate with it runs at night"));
    items_->setEditTriggers(QAbstractItemView::DoubleClicked | QAbstractItemView::EditKeyPressed |
                            QAbstractItemView::AnyKeyPressed);
    panel->body()->addWidget(items_, 1);
    connect(items_, &QTableWidget::cellChanged, this, &OrderListPage::item_edited);
    connect(items_, &QTableWidget::itemSelectionChanged, this,
            [this] { remove_->setEnabled(items_->currentRow() >= 0); });
    auto* row = new QHBoxLayout;
    const auto button = [&](const char* name, const char* picture, const QString& text, const QString& tip) {
        auto* b = new QPushButton(icon(QString::fromLatin1(picture)), text);
        b->setObjectName(QString::fromLatin1(name));
        b->setToolTip(tip);
        row->addWidget(b);
        return b;
    };
    add_piece_ = button("order_piece", "plus", tr("A &piece"), tr("A piece of this project"));
    auto* project = button("order_project", "folder-open", tr("A pro&ject…"),
                           tr("Everything of another project, once for each"));
    remove_ = button("order_remove", "trash-2", tr("&Take out"), {});
    remove_->setEnabled(false);
    row->addStretch();
    panel->body()->addLayout(row);
    connect(add_piece_, &QPushButton::clicked, this, &OrderListPage::add_piece);
    connect(project, &QPushButton::clicked, this, &OrderListPage::add_project);
    connect(remove_, &QPushButton::clicked, this, [this] {
        const int at = items_->currentRow();
        if (at >= 0)
            edit_order(tr("Take an item out of the order"),
                       [&](Order& o) { o.items.erase(o.items.begin() + at); });
    });
    return panel;
}

QWidget* OrderListPage::make_wishes() {
    auto* panel = new Panel(tr("How to cut it"));
    aim_->setObjectName(QStringLiteral("order_aim"));
    aim_->setAccessibleName(tr("What counts"));
    aim_->addItems({tr("least thrown away"), tr("fewest hours of the machines"), tr("fewest visits"),
                    tr("least money, hours included"), tr("finished as early as can be")});
    connect(aim_, &QComboBox::activated, this, [this](int i) {
        edit_order(tr("Change what the order is cut for"),
                   [&](Order& o) { o.aim = static_cast<OrderAim>(i); });
    });
    starts_->setObjectName(QStringLiteral("order_starts"));
    starts_->setToolTip(tr("Without it the plates count in days, and nothing can be due"));
    start_->setObjectName(QStringLiteral("order_start"));
    start_->setAccessibleName(tr("When the first plate can start"));
    start_->setCalendarPopup(true);
    start_->setDisplayFormat(QStringLiteral("yyyy-MM-dd HH:mm"));
    const auto take_start = [this] {
        if (showing_)
            return;
        const std::string start =
            starts_->isChecked() ? start_->dateTime().toString(clock_format()).toStdString() : std::string();
        if (start != document_->project().order.start)
            edit_order(tr("Change when the order starts"), [&](Order& o) { o.start = start; });
    };
    connect(starts_, &QCheckBox::clicked, this, take_start);
    connect(start_, &QDateTimeEdit::editingFinished, this, take_start);
    machines_->setObjectName(QStringLiteral("order_machines"));
    machines_->setAccessibleName(tr("Machines it may be printed on"));
    machines_->setFixedHeight(em(4.6));
    connect(machines_, &QListWidget::itemChanged, this, [this] {
        if (showing_)
            return;
        std::vector<std::string> ids;
        for (int i = 0; i < machines_->count(); ++i)
            if (machines_->item(i)->checkState() == Qt::Checked &&
                (machines_->item(i)->flags() & Qt::ItemIsUserCheckable))
                ids.push_back(machines_->item(i)->data(Qt::UserRole).toString().toStdString());
        edit_order(tr("Change the machines of the order"), [&](Order& o) { o.machines = ids; });
    });
    auto* when = new QHBoxLayout;
    when->addWidget(starts_);
    when->addWidget(start_, 1);
    auto* form = new QFormLayout;
    form->addRow(tr("&What counts"), aim_);
    form->addRow(when);
    auto* label = new QLabel(tr("Printed on"));
    label->setBuddy(machines_);
    form->addRow(label, machines_);
    panel->body()->addLayout(form);
    auto* row = new QHBoxLayout;
    cut_ = new QPushButton(icon(QStringLiteral("plate")), tr("&Cut into plates"));
    cut_->setObjectName(QStringLiteral("cut_order"));
    progress_->setRange(0, 100);
    progress_->setVisible(false);
    progress_->setAccessibleName(tr("How far the search is"));
    row->addWidget(cut_);
    row->addWidget(progress_, 1);
    row->addStretch();
    panel->body()->addLayout(row);
    connect(cut_, &QPushButton::clicked, this, [this] { planning_ ? stop() : cut(); });
    return panel;
}

QWidget* OrderListPage::make_result() {
    auto* panel = new Panel(tr("Plates"));
    panel->set_aside(tr("night is shaded"));
    panel->body()->addWidget(schedule_);
    plates_ = make_table("order_plates", tr("Plates of the order"),
                         {{QString(), 1.6},
                          {tr("start"), 8.2},
                          {tr("on it")},
                          {tr("put in"), 7},
                          {tr("changes"), 4.6, true},
                          {tr("waste"), 4, true},
                          {tr("takes"), 4.6, true}});
    plates_->horizontalHeaderItem(5)->setToolTip(tr("Thrown away: purge, tower, support"));
    plates_->horizontalHeaderItem(3)->setToolTip(
        tr("Filaments that have to be put into the machine for it; the others stay in from before"));
    panel->body()->addWidget(plates_, 2);
    saved_->setObjectName(QStringLiteral("order_saved"));
    saved_->setWordWrap(true);
    panel->body()->addWidget(saved_);
    spools_ = make_table("order_spools", tr("Spools the order needs"),
                         {{tr("filament")}, {tr("needed"), 6, true}, {tr("left"), 6, true}, {QString(), 12}});
    spools_->setSelectionMode(QAbstractItemView::NoSelection);
    panel->body()->addWidget(spools_, 1);
    says_->setObjectName(QStringLiteral("order_says"));
    says_->setWordWrap(true);
    panel->body()->addWidget(says_);
    write_ = new QPushButton(icon(QStringLiteral("save")), tr("&Write projects and sheets…"));
    write_->setObjectName(QStringLiteral("write_order"));
    write_->setToolTip(tr("A project and a run sheet for each plate, and one sheet for the order"));
    panel->body()->addWidget(write_, 0, Qt::AlignLeft);
    connect(plates_, &QTableWidget::currentCellChanged, this, [this](int row) {
        if (!showing_)
            show_plate(row);
    });
    connect(schedule_, &ScheduleView::chosen_changed, plates_,
            [this](int plate) { plates_->setCurrentCell(plate, 0); });
    connect(write_, &QPushButton::clicked, this, [this] {
        const QString folder = QFileDialog::getExistingDirectory(this, tr("A folder for the order"),
                                                                 QFileInfo(document_->path()).path());
        if (!folder.isEmpty())
            write_into(folder);
    });
    return panel;
}

void OrderListPage::set_owned_machines(std::vector<Machine> owned) {
    owned_ = std::move(owned);
    refresh();
}

void OrderListPage::edit_order(const QString& label, const std::function<void(Order&)>& change) {
    document_->edit(label, [&](Project& p) { change(p.order); });
}

void OrderListPage::fill_item(int row, const OrderItem& x) {
    const QString name = x.file.empty() ? QString::fromStdString(x.piece)
                         : x.piece.empty()
                             ? QFileInfo(QString::fromStdString(x.file)).completeBaseName()
                             : tr("%1 of %2")
                                   .arg(QString::fromStdString(x.piece),
                                        QFileInfo(QString::fromStdString(x.file)).completeBaseName());
    set_row(items_, row,
            {name, QLocale().toString(x.count), QString::fromStdString(x.due),
             x.for_sale ? number(x.price, 2) : QString(),
             x.together ? QString::number(x.together) : QString(), QString()},
            QString::fromStdString(x.file));
    items_->item(row, kName)->setFlags(items_->item(row, kName)->flags() & ~Qt::ItemIsEditable);
    QTableWidgetItem* day = items_->item(row, kByDay);
    day->setFlags((day->flags() | Qt::ItemIsUserCheckable) & ~Qt::ItemIsEditable);
    day->setCheckState(x.by_day ? Qt::Checked : Qt::Unchecked);
}

void OrderListPage::fill_machines() {
    const Project& p = document_->project();
    machines_->clear();
    const auto add = [&](const Machine& m, bool own) {
        for (int i = 0; i < machines_->count(); ++i)
            if (machines_->item(i)->data(Qt::UserRole).toString().toStdString() == m.id)
                return;
        auto* item = new QListWidgetItem(own ? tr("%1 (this project's)").arg(words(machine_text(m.name)))
                                             : words(machine_text(m.name)),
                                         machines_);
        item->setData(Qt::UserRole, QString::fromStdString(m.id));
        item->setFlags(own ? Qt::ItemIsEnabled | Qt::ItemIsSelectable
                           : item->flags() | Qt::ItemIsUserCheckable);
        item->setCheckState(own || std::find(p.order.machines.begin(), p.order.machines.end(), m.id) !=
                                        p.order.machines.end()
                                ? Qt::Checked
                                : Qt::Unchecked);
    };
    add(p.machine, true);
    for (const Machine& m : owned_)
        add(m, false);
    for (const Machine& m : shipped_machines())
        add(m, false);
}

void OrderListPage::refresh() {
    showing_ = true;
    const Project& p = document_->project();
    const int row = items_->currentRow();
    items_->setRowCount(static_cast<int>(p.order.items.size()));
    for (int i = 0; i < items_->rowCount(); ++i)
        fill_item(i, p.order.items[static_cast<std::size_t>(i)]);
    if (row >= 0 && row < items_->rowCount())
        items_->setCurrentCell(row, std::max(0, items_->currentColumn()));
    remove_->setEnabled(items_->currentRow() >= 0);
    add_piece_->setEnabled(has_parts(p));
    aim_->setCurrentIndex(static_cast<int>(p.order.aim));
    starts_->setChecked(!p.order.start.empty());
    if (!start_->hasFocus())
        start_->setDateTime(
            p.order.start.empty()
                ? QDateTime(QDate::currentDate().addDays(1), QTime(8, 0))
                : QDateTime::fromString(QString::fromStdString(p.order.start).left(16), clock_format()));
    start_->setEnabled(starts_->isChecked());
    fill_machines();
    showing_ = false;
    show_result();
}

void OrderListPage::item_edited(int row, int column) {
    if (showing_ || row >= static_cast<int>(document_->project().order.items.size()))
        return;
    OrderItem x = document_->project().order.items[static_cast<std::size_t>(row)];
    const QString text = items_->item(row, column)->text().trimmed();
    bool fits = true;
    const QLocale locale;
    switch (column) {
    case kCount: {
        const int n = locale.toInt(text, &fits);
        fits = fits && n >= 1 && n <= kMostPlaced;
        x.count = fits ? n : x.count;
        break;
    }
    case kDue: {
        const std::string due = QString(text).replace(QLatin1Char(' '), QLatin1Char('T')).toStdString();
        fits = due.empty() || parse_moment(due);
        x.due = fits ? due : x.due;
        break;
    }
    case kPrice: {
        const double v = locale.toDouble(text, &fits);
        fits = text.isEmpty() || (fits && v >= 0 && v <= 1e6);
        if (fits)
            x.for_sale = !text.isEmpty(), x.price = text.isEmpty() ? 0 : v;
        break;
    }
    case kTogether: {
        const int n = locale.toInt(text, &fits);
        fits = text.isEmpty() || (fits && n >= 0 && n <= 1000);
        x.together = fits && !text.isEmpty() ? n : fits ? 0 : x.together;
        break;
    }
    case kByDay:
        x.by_day = items_->item(row, column)->checkState() == Qt::Checked;
        break;
    default:
        return;
    }
    if (!fits) {
        const QString why = column == kDue ? tr("“%1” is no time. Write it as 2026-12-05T10:00.").arg(text)
                            : column == kCount
                                ? tr("“%1” is no number from 1 to %2.").arg(text).arg(kMostPlaced)
                                : tr("“%1” is no number that can stand there.").arg(text);
        Q_EMIT said(why);
        return refresh();
    }
    if (!(x == document_->project().order.items[static_cast<std::size_t>(row)]))
        edit_order(tr("Change an item of the order"),
                   [&](Order& o) { o.items[static_cast<std::size_t>(row)] = x; });
}

void OrderListPage::add_piece() {
    const Project& p = document_->project();
    const auto add = [this](const std::string& name, int count) {
        OrderItem x;
        x.piece = name;
        x.count = count;
        edit_order(tr("Order a piece"), [&](Order& o) { o.items.push_back(x); });
    };
    if (p.pieces.size() == 1)
        return add(p.pieces.front().name, std::min(kMostPlaced, count_of(p, p.pieces.front())));
    QMenu menu(this);
    for (const Piece& piece : p.pieces)
        menu.addAction(menu_text(QString::fromStdString(piece.name)), this,
                       [add, name = piece.name, n = count_of(p, piece)] { add(name, n); });
    menu.exec(add_piece_->mapToGlobal(QPoint(0, add_piece_->height())));
}

void OrderListPage::add_project() {
    const QString folder = QFileInfo(document_->path()).path();
    const QStringList files = QFileDialog::getOpenFileNames(this, tr("Projects that are wanted"), folder,
                                                            tr("Vitrail projects (*.vitrail)"));
    if (files.isEmpty())
        return;
    edit_order(tr("Order a project"), [&](Order& o) {
        for (const QString& file : files) {
            OrderItem x;
            x.file = (document_->path().isEmpty() ? file : QDir(folder).relativeFilePath(file)).toStdString();
            o.items.push_back(x);
        }
    });
}

void OrderListPage::cut() {
    planning_ = true;
    cut_->setText(tr("&Stop"));
    progress_->setValue(0);
    progress_->setVisible(true);
    says_->setText(tr("Looking for the best way to cut it…"));
    const QPointer<OrderListPage> self = this;
    struct Found {
        Message error;
        std::shared_ptr<const OrderTask> task;
        std::shared_ptr<const OrderPlan> plan;
    };
    stop_ = document_->background()->run(
        this,
        [this, self, project = document_->project(), owned = owned_,
         folder = QFileInfo(document_->path()).path()](const std::stop_token& stop) -> Background::Then {
            auto found = std::make_shared<Found>();
            OrderSources sources;
            sources.project = [&](const std::string& file) -> Result<std::shared_ptr<const Project>> {
                auto p =
                    load_project(QDir(folder).absoluteFilePath(QString::fromStdString(file)).toStdString());
                if (!p)
                    return p.error();
                return std::make_shared<const Project>(std::move(*p));
            };
            sources.machine = [&](const std::string& id) -> std::optional<Machine> {
                const auto at =
                    std::find_if(owned.begin(), owned.end(), [&](const Machine& m) { return m.id == id; });
                if (at != owned.end())
                    return *at;
                const Machine* m = find_machine(id);
                return m ? std::optional(*m) : std::nullopt;
            };
            if (auto task = order_task(project, sources)) {
                found->task = std::make_shared<const OrderTask>(std::move(*task));
                const Progress progress{stop, [self](double share) {
                                            QMetaObject::invokeMethod(
                                                qApp,
                                                [self, share] {
                                                    if (self && self->planning_)
                                                        self->progress_->setValue(
                                                            static_cast<int>(100 * share));
                                                },
                                                Qt::QueuedConnection);
                                        }};
                auto plan = plan_order(*found->task, progress);
                if (plan)
                    found->plan = std::make_shared<const OrderPlan>(std::move(*plan));
                else
                    found->error = plan.error().message;
            } else {
                found->error = task.error().message;
            }
            return [this, found, order = project.order] {
                planning_ = false;
                cut_->setText(tr("&Cut into plates"));
                progress_->setVisible(false);
                task_ = found->task;
                plan_ = found->plan;
                planned_ = order;
                show_result();
                if (!found->plan)
                    says_->setText(words(found->error));
            };
        });
}

void OrderListPage::stop() {
    stop_.request_stop();
    planning_ = false;
    cut_->setText(tr("&Cut into plates"));
    progress_->setVisible(false);
    show_result();
    says_->setText(tr("Stopped; what stands here is from before."));
}

void OrderListPage::show_result() {
    const Project& p = document_->project();
    const bool current = plan_ && planned_ == p.order;
    showing_ = true;
    plates_->setRowCount(plan_ ? static_cast<int>(plan_->plates.size()) : 0);
    for (int i = 0; i < plates_->rowCount(); ++i) {
        const OrderPlate& x = plan_->plates[static_cast<std::size_t>(i)];
        QStringList put_in;
        for (const int f : x.when.put_in)
            put_in << QString::fromStdString(plan_->filaments[static_cast<std::size_t>(f)].name);
        set_row(
            plates_, i,
            {QString::number(i + 1), words(clock_text(*task_, x.when.start_h)), words(what_is_on(*task_, x)),
             put_in.isEmpty() ? tr("nothing") : put_in.join(QStringLiteral(", ")),
             QString::number(x.figures.changes), tr("%1 g").arg(number(x.figures.waste_g, 0)),
             QString::fromStdString(duration(x.figures.total_s))},
            tr("On %1 until %2; %n visit(s)", nullptr, x.figures.trips)
                .arg(QString::fromStdString(task_->machines[static_cast<std::size_t>(x.when.machine)].name),
                     words(clock_text(*task_, x.when.end_h))));
    }
    spools_->setRowCount(0);
    if (plan_)
        for (std::size_t f = 0; f < plan_->needs.size(); ++f) {
            const SpoolNeed& n = plan_->needs[f];
            if (n.g <= 0)
                continue;
            const int row = spools_->rowCount();
            spools_->insertRow(row);
            set_row(spools_, row,
                    {QString::fromStdString(plan_->filaments[f].name), tr("%1 g").arg(number(n.g, 0)),
                     n.left_g >= 0 ? tr("%1 g").arg(number(n.left_g, 0)) : tr("not known"),
                     n.short_of() ? tr("runs short by %1 g").arg(number(n.g - n.left_g, 0)) : QString()},
                    {}, n.short_of());
            spools_->item(row, 0)->setIcon(colour_swatch(to_qcolor(plan_->filaments[f].colour)));
        }
    showing_ = false;
    schedule_->show_plan(task_, plan_, -1);
    write_->setEnabled(current && !planning_);
    cut_->setEnabled(planning_ || !p.order.items.empty());
    saved_->clear();
    if (plan_) {
        const Message saving = saving_in_words(*task_, *plan_);
        QStringList text{
            saving.empty()
                ? tr("By what counts nothing is gained over each kind by itself; %1 plates instead of %2.")
                      .arg(plan_->totals.plates)
                      .arg(plan_->apart.plates)
                : words(saving)};
        text << tr("One piece at a time: %1 g thrown away, %2.")
                    .arg(number(plan_->singly.waste_g, 0),
                         QString::fromStdString(duration(plan_->singly.total_s)));
        text << (plan_->proven
                     ? tr("No way to cut it is better: all were looked at.")
                     : tr("However it is cut, at least %1 % of this remain.")
                               .arg(number(100 * plan_->bound / std::max(1e-9, plan_->totals.worth), 0)) +
                           QLatin1Char(' ') +
                           tr("%n plate(s) were planned on the way.", nullptr, plan_->planned));
        if (plan_->income > 0)
            text << tr("Sold for %1, at %2 all in.")
                        .arg(money_text(p.settings, plan_->income),
                             money_text(p.settings, plan_->totals.price));
        saved_->setText(text.join(QLatin1Char(' ')));
    }
    if (planning_)
        return;
    if (p.order.items.empty())
        says_->setText(tr(
            "Nothing is wanted yet. Add pieces of this project, or other projects, and how many of each."));
    else if (!plan_)
        says_->setText(tr("Cut it into plates to see which pieces share one, when each can start, and which "
                          "spools it takes."));
    else if (!current)
        says_->setText(tr("The order has changed since: cut it again."));
    else
        says_->setText(plan_->totals.late > 0
                           ? tr("%n piece(s) will be late.", nullptr, plan_->totals.late)
                           : tr("Done by %1.").arg(words(clock_text(*task_, plan_->totals.finish_h))));
}

void OrderListPage::show_plate(int plate) {
    schedule_->show_plan(task_, plan_, plate);
}

void OrderListPage::write_into(const QString& folder) {
    if (!plan_)
        return;
    write_->setEnabled(false);
    says_->setText(tr("Writing…"));
    document_->background()->run(
        this,
        [this, folder, task = task_, plan = plan_,
         title = document_->title()](const std::stop_token&) -> Background::Then {
            const Status ok = write_order(folder.toStdString(), say("{}: order", title.toStdString()), *task,
                                          *plan, window_language());
            const QString text = ok ? tr("The order was written into %1: one sheet for it, and a project and "
                                         "a sheet for each plate.")
                                          .arg(QDir(folder).dirName())
                                    : words(ok.error().message);
            return [this, text] {
                show_result();
                Q_EMIT said(text);
            };
        });
}

} // namespace vitrail

#include "moc_order_list_page.cpp"
