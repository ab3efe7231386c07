#include "app/run/printer_page.h"

#include "app/document/document.h"
#include "app/document/view_state.h"
#include "app/parts/device_link.h"
#include "app/parts/panel.h"
#include "app/parts/tables.h"
#include "app/run/run_store.h"
#include "core/base/numbers.h"
#include "formats/toolpath_file.h"
#include "paint/words.h"

#include <QCheckBox>
#include <QComboBox>
#include <QDateTime>
#include <QFileInfo>
#include <QFormLayout>
#include <QLineEdit>
#include <QListWidget>
#include <QMessageBox>
#include <QProgressBar>
#include <QPushButton>
#include <QSerialPortInfo>
#include <QSettings>
#include <QSplitter>
#include <QTimer>

#include <algorithm>

namespace vitrail {

namespace {

constexpr int kAsk_ms = 1000, kRedial_ms = 3000, kShow_ms = 100;
constexpr int kSilent = 8; ///< asked so often without an answer: what is on its way is sent again
constexpr int kMostLines = 200;

} // namespace

PrinterPage::PrinterPage(Document* document, ViewState* view, RunStore* store, BeginRun begin_run,
                         QWidget* parent)
    : QWidget(parent), document_(document), view_(view), store_(store), begin_run_(std::move(begin_run)),
      link_(new DeviceLink(this)), address_(new QComboBox), connect_(new QPushButton(tr("&Connect"))),
      print_(new QPushButton(tr("&Print the file on it…"))), resume_(new QPushButton(tr("Go &on with it…"))),
      forget_(new QPushButton(tr("For&get it"))), stop_(new QPushButton(tr("&Stop sending"))),
      cold_(new QPushButton(tr("Turn the &heat off"))), swapped_(new QPushButton(tr("Do it (simulated)"))),
      follow_(new QCheckBox(tr("&Report to the run: layers, waits, the end"))), who_(new QLabel),
      heat_(new QLabel), height_(new QLabel), does_(new QLabel), file_says_(new QLabel), job_(new QLabel),
      progress_(new QProgressBar), log_(new QListWidget), ask_(new QTimer(this)), redial_(new QTimer(this)),
      later_(new QTimer(this)), kept_(read_job()) {
    auto* line = new Panel(tr("A printer on a line"));
    line->body()->addWidget(make_line());
    line->body()->addStretch();
    auto* print = new Panel(tr("Print over the line"));
    print->body()->addWidget(make_print());
    print->body()->addStretch();
    auto* talk = new Panel(tr("What was said"));
    log_->setObjectName(QStringLiteral("printer_log"));
    log_->setAccessibleName(tr("What was said"));
    log_->setWordWrap(true);
    talk->body()->addWidget(log_, 1);

    auto* side = new QWidget;
    auto* column = new QVBoxLayout(side);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(em(0.6));
    column->addWidget(print);
    column->addWidget(talk, 1);
    auto* all = new QVBoxLayout(this);
    all->setContentsMargins(0, em(0.5), 0, 0);
    all->addWidget(make_splitter("run.printer", Qt::Horizontal, {line, side}, {480, 630}));

    later_->setInterval(kShow_ms);
    later_->setSingleShot(true);
    connect(later_, &QTimer::timeout, this, &PrinterPage::refresh);
    ask_->setInterval(kAsk_ms);
    connect(ask_, &QTimer::timeout, this, [this] {
        if (!link_->is_open())
            return;
        link_->send(kAskPrinter);
        if (sender_ && ++unanswered_ >= kSilent && !says_.waits) {
            unanswered_ = 0;
            link_->send(sender_->again());
        }
    });
    redial_->setInterval(kRedial_ms);
    connect(redial_, &QTimer::timeout, this, [this] {
        if (!link_->is_open())
            link_->open(link_->address());
    });
    connect(connect_, &QPushButton::clicked, this, [this] {
        link_->is_open() || redial_->isActive() ? hang_up() : connect_to(address_->currentText());
    });
    connect(address_->lineEdit(), &QLineEdit::returnPressed, this,
            [this] { connect_to(address_->currentText()); });
    connect(print_, &QPushButton::clicked, this, &PrinterPage::print);
    connect(resume_, &QPushButton::clicked, this, [this] {
        if (!link_->is_open())
            return Q_EMIT said(tr("Connect to %1 first.").arg(kept_.address));
        if (file_ != kept_.file)
            set_file(kept_.file, nullptr);
        if (confirm(tr("Go on with a print"),
                    tr("The rest of %1 is sent from the line that the printer asks for. %2")
                        .arg(QFileInfo(file_).fileName(), heat_text())))
            start_printing(true);
    });
    connect(forget_, &QPushButton::clicked, this, [this] {
        keep_job({});
        refresh();
    });
    connect(stop_, &QPushButton::clicked, this, [this] {
        sender_.reset();
        keep_job({});
        log(tr("Nothing more is sent. The printer does what it has, and stays hot."));
        refresh();
    });
    connect(cold_, &QPushButton::clicked, this, [this] {
        link_->send("M104 S0\nM140 S0\n");
        log(tr("Heat off."));
    });
    connect(swapped_, &QPushButton::clicked, this, [this] { link_->send("HAND put\n"); });
    connect(follow_, &QCheckBox::toggled, this, [this](bool on) {
        run_id_ = on ? begin_run_() : std::string();
        following_ = {};
        if (on && run_id_.empty()) {
            follow_->setChecked(false);
            Q_EMIT said(tr("There is no plan to follow yet."));
        }
    });
    connect(link_, &DeviceLink::opened, this, [this] {
        const bool back = redial_->isActive();
        redial_->stop();
        says_.started_anew = false;
        log(back ? tr("Connected again to %1.").arg(link_->address())
                 : tr("Connected to %1.").arg(link_->address()));
        link_->send("\n"); // whatever was cut off ends here
        link_->send(kAskName);
        link_->send(kAskPrinter);
        if (sender_)
            link_->send(sender_->again());
        ask_->start();
        refresh();
    });
    connect(link_, &DeviceLink::came, this, &PrinterPage::hear_all);
    connect(link_, &DeviceLink::closed, this, [this](const QString& why) {
        ask_->stop();
        if (sender_ || !run_id_.empty()) { // there is something to lose: it is tried again
            if (!redial_->isActive())
                log(tr("The line is broken (%1); it is tried again every few seconds.")
                        .arg(why.isEmpty() ? tr("the other side hung up") : why));
            redial_->start();
        } else {
            log(why.isEmpty() ? tr("The printer has hung up.")
                              : tr("There is no line to %1: %2").arg(link_->address(), why));
        }
        refresh();
    });
    refresh();
}

PrinterPage::~PrinterPage() = default;

QWidget* PrinterPage::make_line() {
    auto* box = new QWidget;
    auto* form = new QFormLayout(box);
    form->setContentsMargins(0, 0, 0, 0);
    form->setRowWrapPolicy(QFormLayout::WrapLongRows);
    auto* row = new QHBoxLayout;
    address_->setEditable(true);
    address_->setObjectName(QStringLiteral("printer_address"));
    address_->setAccessibleName(tr("Address"));
    address_->setToolTip(
        tr("HOST:PORT, or a serial port, with its baud rate behind a comma where it is not 115200"));
    for (const QString& a : QSettings().value(QStringLiteral("printer/addresses")).toStringList())
        address_->addItem(a);
    for (const QSerialPortInfo& port : QSerialPortInfo::availablePorts())
        address_->addItem(port.systemLocation());
    if (QSettings().value(QStringLiteral("printer/addresses")).toStringList().isEmpty())
        address_->setCurrentIndex(-1); // none of the ports may be it
    address_->lineEdit()->setPlaceholderText(tr("localhost:9100, or /dev/ttyUSB0"));
    connect_->setObjectName(QStringLiteral("printer_connect"));
    row->addWidget(address_, 1);
    row->addWidget(connect_);
    form->addRow(row);
    const auto shown = [&](QLabel* l, const char* name, const QString& label) {
        l->setObjectName(QString::fromLatin1(name));
        l->setWordWrap(true);
        form->addRow(label, l);
    };
    shown(who_, "printer_who", tr("It is"));
    shown(does_, "printer_does", tr("It does"));
    shown(heat_, "printer_heat", tr("Heat"));
    shown(height_, "printer_height", tr("Height"));
    follow_->setObjectName(QStringLiteral("printer_follow"));
    form->addRow(follow_);
    auto* note = new QLabel(tr("Looking on only asks: temperatures, position, what is printed from its card. "
                               "Nothing is heated or moved by it."));
    note->setObjectName(QStringLiteral("quiet"));
    note->setWordWrap(true);
    form->addRow(note);
    return box;
}

QWidget* PrinterPage::make_print() {
    auto* box = new QWidget;
    auto* column = new QVBoxLayout(box);
    column->setContentsMargins(0, 0, 0, 0);
    file_says_->setObjectName(QStringLiteral("printer_file"));
    file_says_->setWordWrap(true);
    column->addWidget(file_says_);
    auto* row = new QHBoxLayout;
    for (auto [b, name] : {std::pair{print_, "printer_print"},
                           {stop_, "printer_stop"},
                           {cold_, "printer_cold"},
                           {swapped_, "printer_swapped"}}) {
        b->setObjectName(QString::fromLatin1(name));
        row->addWidget(b);
    }
    row->addStretch();
    swapped_->setToolTip(tr("The simulated person exchanges the filament; at a real printer you do"));
    column->addLayout(row);
    progress_->setTextVisible(false);
    progress_->setMaximumHeight(em(0.5));
    progress_->setAccessibleName(tr("How much of the file is sent"));
    column->addWidget(progress_);
    job_->setObjectName(QStringLiteral("printer_job"));
    job_->setWordWrap(true);
    column->addWidget(job_);
    auto* again = new QHBoxLayout;
    resume_->setObjectName(QStringLiteral("printer_resume"));
    forget_->setObjectName(QStringLiteral("printer_forget"));
    again->addWidget(resume_);
    again->addWidget(forget_);
    again->addStretch();
    column->addLayout(again);
    auto* caution = new QLabel(
        tr("A printer that prints has a nozzle over 200 °C and parts that move: keep fingers away, the room "
           "aired, nothing that burns near it, and never leave a first use alone."));
    caution->setObjectName(QStringLiteral("quiet"));
    caution->setWordWrap(true);
    column->addWidget(caution);
    return box;
}

bool PrinterPage::is_connected() const {
    return link_->is_open();
}

void PrinterPage::set_file(const QString& path, std::shared_ptr<const ToolpathFile> file) {
    if (!sender_) {
        file_ = path;
        toolpath_ = std::move(file);
    }
    refresh();
}

void PrinterPage::connect_to(const QString& address) {
    if (address.trimmed().isEmpty())
        return;
    hang_up();
    says_ = {};
    lines_.clear();
    address_->setEditText(address.trimmed());
    QStringList known = QSettings().value(QStringLiteral("printer/addresses")).toStringList();
    known.removeAll(address.trimmed());
    known.prepend(address.trimmed());
    QSettings().setValue(QStringLiteral("printer/addresses"), known.mid(0, 5));
    link_->open(address.trimmed());
}

void PrinterPage::hang_up() {
    redial_->stop();
    ask_->stop();
    if (link_->is_open())
        log(tr("Hung up."));
    link_->close();
    sender_.reset();
    refresh();
}

PrinterPage::Job PrinterPage::read_job() {
    QSettings s;
    return {s.value(QStringLiteral("printer/job_file")).toString(),
            s.value(QStringLiteral("printer/job_address")).toString(),
            s.value(QStringLiteral("printer/job_size")).toLongLong()};
}

void PrinterPage::keep_job(const Job& job) {
    kept_ = job;
    QSettings s;
    s.setValue(QStringLiteral("printer/job_file"), job.file);
    s.setValue(QStringLiteral("printer/job_address"), job.address);
    s.setValue(QStringLiteral("printer/job_size"), job.size);
    s.sync();
}

QString PrinterPage::heat_text() const {
    const QString heats = toolpath_ && toolpath_->nozzle_c > 0
                              ? tr("It heats the nozzle to %1 °C and the bed to %2 °C, and moves at once.")
                                    .arg(number(toolpath_->nozzle_c, 0), number(toolpath_->bed_c, 0))
                              : tr("It may heat, and moves at once.");
    return says_.simulated ? tr("This is a simulated printer: nothing gets hot.") + QLatin1Char(' ') + heats
                           : heats;
}

bool PrinterPage::confirm(const QString& title, const QString& what) {
    QMessageBox box(QMessageBox::Warning, title, what, QMessageBox::NoButton, this);
    box.setInformativeText(
        tr("Is the bed clear and seated, the right filament in, and somebody there? Keep fingers away from "
           "what is hot or moves, air the room, and never leave a first use alone."));
    QPushButton* yes = box.addButton(tr("Heat and move"), QMessageBox::AcceptRole);
    yes->setObjectName(QStringLiteral("printer_confirm"));
    box.setDefaultButton(box.addButton(QMessageBox::Cancel));
    box.exec();
    return box.clickedButton() == yes;
}

void PrinterPage::print() {
    if (!link_->is_open() || file_.isEmpty() || sender_)
        return;
    if (confirm(tr("Print on %1").arg(link_->address()),
                tr("%1 is sent to %2. %3").arg(QFileInfo(file_).fileName(), link_->address(), heat_text())))
        start_printing(false);
}

void PrinterPage::start_printing(bool resume) {
    says_.started_anew = says_.card_done = false;
    following_ = {};
    unanswered_ = 0;
    sender_ = std::make_unique<Sender>(toolpath_lines(file_.toStdString()));
    keep_job({file_, link_->address(), QFileInfo(file_).size()});
    log(resume ? tr("Going on with %1.").arg(QFileInfo(file_).fileName())
               : tr("Printing %1.").arg(QFileInfo(file_).fileName()));
    link_->send(resume ? sender_->resume() : sender_->begin());
    refresh();
}

void PrinterPage::hear_all(const QByteArray& bytes) {
    std::string out;
    const bool waited = says_.waits;
    lines_.take({bytes.constData(), static_cast<std::size_t>(bytes.size())}, [&](const std::string& text) {
        hear(says_, text);
        const bool answers_question = heat_of(text) && text.rfind("ok", 0) == 0;
        if (sender_ && !answers_question) {
            const std::int64_t before = sender_->sent();
            out += sender_->take(text);
            unanswered_ = sender_->sent() != before ? 0 : unanswered_;
        }
        if (text.find("busy") != std::string::npos)
            unanswered_ = 0;
        else if (text.rfind("Error", 0) == 0 || text.rfind("// waits", 0) == 0 || text.rfind("echo:", 0) == 0)
            log(QString::fromUtf8(text));
    });
    link_->send(out);
    if (says_.started_anew) {
        says_.started_anew = false;
        log(tr("The printer has started anew."));
    }
    if (says_.waits != waited && says_.waits) {
        log(tr("It waits for somebody."));
        for (int i = 0; i < 2; ++i) // where, settles what for
            link_->send(kAskPrinter);
    }
    if (sender_ && sender_->is() == Sender::Is::done) {
        says_.card_done = true;
        sender_.reset();
        keep_job({});
        log(tr("All of the file is sent and done."));
    } else if (sender_ && sender_->is() == Sender::Is::lost) {
        const auto line = static_cast<qlonglong>(sender_->answered_line());
        sender_.reset();
        keep_job({});
        log(tr("The printer has started anew and lost its position, in line %1 of the file. Do not let it "
               "home through the print: the page “Something went wrong” makes a plan and a file for the "
               "rest.")
                .arg(line));
        Q_EMIT said(tr("The printer has started anew in the middle of the print."));
    }
    report();
    if (!later_->isActive())
        later_->start();
}

/// To the run that is followed, and to the cursor.
void PrinterPage::report() {
    const auto plan = document_->plan();
    if (!plan)
        return;
    const int layer = layer_of(says_, plan->grid);
    if (layer > 0 && layer != following_.layer && (sender_ || says_.card))
        view_->set_layer(layer);
    const Run* run = run_id_.empty() ? nullptr : store_->run(run_id_);
    if (!run) {
        following_.layer = std::max(following_.layer, layer);
        return;
    }
    const RunState state = run_state(*run, store_->now());
    for (const RunEvent& e : follow(following_, says_, *run, state.plate, plan->grid, store_->now()))
        store_->report(run_id_, e);
    if (says_.card_done) {
        run_id_.clear();
        follow_->setChecked(false);
    }
    says_.card_done = false;
}

void PrinterPage::log(const QString& text) {
    log_->addItem(QStringLiteral("%1  %2").arg(
        QDateTime::currentDateTime().toString(QStringLiteral("HH:mm:ss")), text));
    while (log_->count() > kMostLines)
        delete log_->takeItem(0);
    log_->scrollToBottom();
}

void PrinterPage::refresh() {
    const bool open = link_->is_open();
    connect_->setText(open || redial_->isActive() ? tr("&Hang up") : tr("&Connect"));
    who_->setText(!open ? redial_->isActive() ? tr("not answering; tried again") : tr("not connected")
                  : says_.firmware.empty() ? tr("a printer that does not say")
                  : says_.simulated
                      ? tr("%1: simulated, nothing gets hot").arg(QString::fromStdString(says_.firmware))
                      : QString::fromStdString(says_.firmware));
    heat_->setText(open && says_.heat
                       ? tr("nozzle %1 of %2 °C, bed %3 of %4 °C")
                             .arg(number(says_.heat->nozzle_c, 0), number(says_.heat->nozzle_target_c, 0),
                                  number(says_.heat->bed_c, 0), number(says_.heat->bed_target_c, 0))
                       : tr("–"));
    const auto plan = document_->plan();
    const int layer = plan ? layer_of(says_, plan->grid) : 0;
    height_->setText(
        !open || !says_.z_mm ? tr("–")
        : layer > 0 ? tr("%1 mm: layer %2 of %3").arg(number(*says_.z_mm, 2)).arg(layer).arg(plan->grid.count)
                    : tr("%1 mm").arg(number(*says_.z_mm, 2)));
    does_->setText(!open         ? tr("–")
                   : says_.waits ? tr("▲ it waits for somebody")
                   : sender_     ? tr("prints what is sent to it")
                   : says_.card  ? tr("prints from its card, %1 % by now").arg(number(100 * *says_.card, 0))
                                 : tr("nothing that is known here"));
    const bool file = !file_.isEmpty();
    file_says_->setText(file ? tr("The file: %1").arg(QFileInfo(file_).fileName())
                             : tr("No toolpath file: choose one on the page “The toolpath file”, and see "
                                  "there that it stops where the plan says."));
    print_->setEnabled(open && file && !sender_);
    stop_->setEnabled(sender_ != nullptr);
    cold_->setEnabled(open && !sender_);
    swapped_->setVisible(open && says_.simulated && says_.waits);
    progress_->setVisible(sender_ != nullptr);
    if (sender_) {
        progress_->setRange(0, toolpath_ ? static_cast<int>(std::max<std::int64_t>(1, toolpath_->lines)) : 0);
        progress_->setValue(static_cast<int>(sender_->answered_line()));
    }
    const bool broken_off = !sender_ && !kept_.file.isEmpty() && QFileInfo(kept_.file).size() == kept_.size;
    job_->setVisible(broken_off);
    resume_->setVisible(broken_off);
    forget_->setVisible(broken_off);
    if (broken_off)
        job_->setText(tr("A print of %1 over %2 was broken off. A printer that is still on says which line "
                         "it wants next.")
                          .arg(QFileInfo(kept_.file).fileName(), kept_.address));
}

} // namespace vitrail

#include "moc_printer_page.cpp"
