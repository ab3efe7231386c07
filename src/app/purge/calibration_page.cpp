#include "app/purge/calibration_page.h"

#include "app/document/document.h"
#include "app/parts/panel.h"
#include "app/parts/tables.h"
#include "app/purge/fit_plot.h"
#include "formats/files.h"
#include "formats/readings.h"
#include "formats/strip_files.h"
#include "paint/words.h"

#include <QComboBox>
#include <QDoubleSpinBox>
#include <QFileDialog>
#include <QFileInfo>
#include <QFormLayout>
#include <QHeaderView>
#include <QLineEdit>
#include <QListWidget>
#include <QPushButton>
#include <QSignalBlocker>
#include <QSplitter>
#include <QTableWidget>

namespace vitrail {

namespace {

enum Column { kFrom, kTo, kLevel, kValue, kModel, kOff, kColumnCount };

QString number_text(double v) {
    return number(v, std::abs(v - std::round(v)) < 1e-9 ? 0 : 1);
}

} // namespace

CalibrationPage::CalibrationPage(Document* document, QWidget* parent)
    : QWidget(parent), document_(document), letters_(new QLineEdit), strip_says_(new QLabel),
      problem_(new QLabel), result_(new QLabel),
      export_(new QPushButton(icon(QStringLiteral("upload")), tr("&Write the strip…"))),
      fill_(new QPushButton(tr("&Rows for this strip"))),
      keep_(new QPushButton(icon(QStringLiteral("check")), tr("&Keep it"))),
      forget_(new QPushButton(tr("Forget it"))), table_(new QTableWidget), unit_(new QComboBox),
      nozzle_(new QComboBox), material_(new QComboBox), flow_(new QDoubleSpinBox), plot_(new FitPlot),
      kept_(new QListWidget) {
    auto* left = make_splitter("calibration.left", Qt::Vertical, {make_strip(), make_readings()}, {150, 290});
    auto* all = make_splitter("calibration.all", Qt::Horizontal, {left, make_result()}, {610, 540});
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->addWidget(all);
    connect(document, &Document::project_changed, this, [this] {
        if (!own_letters_)
            letters_->setText(QString::fromStdString(strip_letters(document_->project())));
        show_strip();
        refresh_places();
        show_kept();
        show_sheet();
    });
    letters_->setText(QString::fromStdString(strip_letters(document_->project())));
    show_strip();
    refresh_places();
    show_kept();
    show_sheet();
}

QWidget* CalibrationPage::make_strip() {
    auto* panel = new Panel(tr("1  Print a strip"));
    auto* row = new QHBoxLayout;
    auto* label = new QLabel(tr("&Filaments from below"));
    label->setBuddy(letters_);
    letters_->setObjectName(QStringLiteral("strip_letters"));
    letters_->setMaximumWidth(em(9));
    letters_->setToolTip(tr("Each letter after the first is one change, and one reading"));
    export_->setObjectName(QStringLiteral("write_strip"));
    export_->setToolTip(tr("A folder gets the strip as 3MF and STL, its plan as a page, and a project"));
    row->addWidget(label);
    row->addWidget(letters_);
    row->addWidget(export_);
    row->addStretch();
    panel->body()->addLayout(row);
    strip_says_->setObjectName(QStringLiteral("strip_says"));
    strip_says_->setWordWrap(true);
    panel->body()->addWidget(strip_says_);
    panel->body()->addStretch();
    connect(letters_, &QLineEdit::textEdited, this, [this](const QString& s) {
        own_letters_ = true;
        if (s != s.toUpper()) {
            const int at = letters_->cursorPosition();
            letters_->setText(s.toUpper());
            letters_->setCursorPosition(at);
        }
        show_strip();
    });
    connect(export_, &QPushButton::clicked, this, &CalibrationPage::export_strip);
    return panel;
}

QWidget* CalibrationPage::make_readings() {
    auto* panel = new Panel(tr("2  Enter what you measured"));
    auto* row = new QHBoxLayout;
    unit_->setObjectName(QStringLiteral("reading_unit"));
    unit_->addItems(
        {tr("mm of strip above the change"), tr("mm³ pushed out"), tr("seconds after the change")});
    unit_->setAccessibleName(tr("Unit of the readings"));
    flow_->setObjectName(QStringLiteral("reading_flow"));
    flow_->setRange(0.1, 200);
    flow_->setValue(5);
    flow_->setSuffix(tr(" mm³/s"));
    flow_->setAccessibleName(tr("Flow while the strip was printed"));
    flow_->setToolTip(tr("Line width × layer height × speed"));
    flow_->hide();
    row->addWidget(unit_);
    row->addWidget(flow_);
    row->addStretch();
    const auto button = [&](const char* name, const QString& text, auto act) {
        auto* b = new QPushButton(text);
        b->setObjectName(QString::fromLatin1(name));
        connect(b, &QPushButton::clicked, this, act);
        row->addWidget(b);
        return b;
    };
    button("read_readings", tr("From CSV…"), [this] { read_csv(); });
    button("write_readings", tr("To CSV…"), [this] { write_csv(); });
    panel->body()->addLayout(row);
    table_->setObjectName(QStringLiteral("readings"));
    table_->setAccessibleName(tr("Readings"));
    table_->setColumnCount(kColumnCount);
    table_->setHorizontalHeaderLabels(
        {tr("from"), tr("to"), tr("judged at ΔE"), tr("clean after"), tr("model, mm³"), tr("off by")});
    for (int c = 0; c < kColumnCount; ++c)
        table_->horizontalHeaderItem(c)->setTextAlignment((c >= kLevel ? Qt::AlignRight : Qt::AlignLeft) |
                                                          Qt::AlignVCenter);
    table_->horizontalHeader()->setHighlightSections(false);
    table_->verticalHeader()->hide();
    table_->verticalHeader()->setDefaultSectionSize(em(1.8));
    table_->horizontalHeader()->setSectionResizeMode(QHeaderView::Stretch);
    panel->body()->addWidget(table_, 1);
    problem_->setObjectName(QStringLiteral("readings_problem"));
    problem_->setWordWrap(true);
    panel->body()->addWidget(problem_);
    auto* below = new QHBoxLayout;
    auto* add = new QPushButton(icon(QStringLiteral("plus")), tr("&Add"));
    add->setObjectName(QStringLiteral("add_reading"));
    auto* remove = new QPushButton(icon(QStringLiteral("trash-2")), tr("Remove"));
    remove->setObjectName(QStringLiteral("remove_reading"));
    fill_->setObjectName(QStringLiteral("rows_for_strip"));
    for (QPushButton* b : {fill_, add, remove})
        below->addWidget(b);
    below->addStretch();
    panel->body()->addLayout(below);
    connect(fill_, &QPushButton::clicked, this, &CalibrationPage::fill_from_strip);
    connect(add, &QPushButton::clicked, this, [this] {
        const auto& f = document_->project().filaments;
        add_row(f.empty() ? QString() : QString(QChar::fromLatin1(f.front().letter)),
                f.size() < 2 ? QString() : QString(QChar::fromLatin1(f[1].letter)),
                document_->project().settings.delta_e, {});
        table_->setCurrentCell(table_->rowCount() - 1, kValue);
    });
    connect(remove, &QPushButton::clicked, this, [this] {
        if (table_->currentRow() >= 0)
            table_->removeRow(table_->currentRow());
        keep_sheet(tr("Remove a reading"));
    });
    connect(table_, &QTableWidget::itemChanged, this, [this](QTableWidgetItem* item) {
        if (item->column() <= kValue)
            keep_sheet(tr("Change a reading"));
    });
    connect(unit_, &QComboBox::currentIndexChanged, this,
            [this] { keep_sheet(tr("Change the unit of the readings")); });
    connect(flow_, &QDoubleSpinBox::valueChanged, this,
            [this] { keep_sheet(tr("Change the flow of the readings")); });
    return panel;
}

QWidget* CalibrationPage::make_result() {
    auto* panel = new Panel(tr("3  What it says about the nozzle"));
    result_->setObjectName(QStringLiteral("fit_result"));
    result_->setWordWrap(true);
    result_->setFont(font_of(1.1, true));
    panel->body()->addWidget(result_);
    panel->body()->addWidget(plot_, 1);
    auto* row = new QHBoxLayout;
    nozzle_->setObjectName(QStringLiteral("calibrated_nozzle"));
    nozzle_->setAccessibleName(tr("Nozzle it was measured on"));
    material_->setObjectName(QStringLiteral("calibrated_material"));
    material_->setAccessibleName(tr("Material it was measured with"));
    keep_->setObjectName(QStringLiteral("keep_calibration"));
    keep_->setToolTip(
        tr("Kept with the machine, for nozzles of that toolhead and diameter and for that material class"));
    row->addWidget(new QLabel(tr("measured on")));
    row->addWidget(nozzle_, 1);
    row->addWidget(material_);
    row->addWidget(keep_);
    panel->body()->addLayout(row);
    kept_->setObjectName(QStringLiteral("kept_calibrations"));
    kept_->setAccessibleName(tr("Calibrations of this machine"));
    kept_->setMaximumHeight(em(5.2));
    kept_->setWordWrap(true);
    panel->body()->addWidget(kept_);
    auto* below = new QHBoxLayout;
    forget_->setObjectName(QStringLiteral("forget_calibration"));
    below->addWidget(forget_);
    auto* again = new QPushButton(tr("Show its readings"));
    again->setObjectName(QStringLiteral("show_calibration"));
    below->addWidget(again);
    below->addStretch();
    panel->body()->addLayout(below);
    connect(keep_, &QPushButton::clicked, this, &CalibrationPage::keep);
    connect(forget_, &QPushButton::clicked, this, [this] {
        const auto i = static_cast<std::size_t>(kept_->currentRow());
        if (i < document_->project().machine.calibrations.size())
            document_->edit(tr("Forget a calibration"), [&](Project& p) {
                p.machine.calibrations.erase(p.machine.calibrations.begin() + static_cast<std::ptrdiff_t>(i));
            });
    });
    connect(again, &QPushButton::clicked, this, [this] {
        const auto i = static_cast<std::size_t>(kept_->currentRow());
        if (i >= document_->project().machine.calibrations.size())
            return;
        const std::vector<Reading> readings = document_->project().machine.calibrations[i].readings;
        show_readings(tr("Show the readings of a calibration"), readings);
    });
    connect(kept_, &QListWidget::currentRowChanged, this, [this, again](int row) {
        forget_->setEnabled(row >= 0);
        again->setEnabled(row >= 0);
    });
    return panel;
}

void CalibrationPage::show_strip() {
    strip_.reset();
    const auto made = calibration_strip(document_->project(), letters_->text().toStdString());
    if (made)
        strip_ = *made;
    export_->setEnabled(strip_.has_value());
    fill_->setEnabled(strip_.has_value());
    if (!made) {
        strip_says_->setText(document_->project().filaments.size() < 2
                                 ? tr("A strip needs two filaments in the project.")
                                 : words(made.error().message));
        return;
    }
    const StripChange& last = strip_->changes.back();
    strip_says_->setText(
        tr("A hollow column %1 mm tall that changes filament %n time(s). Print it with no purge at all: one "
           "wall, no infill, no tower, so that %2 mm³ leave the nozzle with every mm of height. "
           "Then measure, above each change, from where on the colour looks clean.",
           nullptr, static_cast<int>(strip_->changes.size()))
            .arg(number(last.z_mm + last.length_mm, 1))
            .arg(number(strip_->mm3_per_mm, 2)));
}

ReadingSheet CalibrationPage::sheet() const {
    ReadingSheet s{unit_->currentIndex(), flow_->value(), {}};
    const auto cell = [this](int r, int c) { return table_->item(r, c)->text().toStdString(); };
    for (int r = 0; r < table_->rowCount(); ++r)
        s.rows.push_back({cell(r, kFrom), cell(r, kTo), cell(r, kLevel), cell(r, kValue)});
    return s;
}

void CalibrationPage::keep_sheet(const QString& label) {
    if (ReadingSheet s = sheet(); !(s == document_->project().readings))
        document_->edit(label, [&](Project& p) { p.readings = std::move(s); });
}

void CalibrationPage::show_sheet() {
    const ReadingSheet& s = document_->project().readings;
    if (!(sheet() == s)) {
        const QSignalBlocker quiet_table(table_), quiet_unit(unit_), quiet_flow(flow_);
        const int row = table_->currentRow(), column = table_->currentColumn();
        unit_->setCurrentIndex(s.unit);
        flow_->setValue(s.flow_mm3_s);
        table_->setRowCount(static_cast<int>(s.rows.size()));
        for (int r = 0; r < table_->rowCount(); ++r) {
            const TypedReading& x = s.rows[static_cast<std::size_t>(r)];
            const std::string* cells[] = {&x.from, &x.to, &x.delta_e, &x.value, nullptr, nullptr};
            for (int c = 0; c < kColumnCount; ++c) {
                auto* item = new QTableWidgetItem(cells[c] ? QString::fromStdString(*cells[c]) : QString());
                if (c >= kLevel)
                    item->setTextAlignment(Qt::AlignRight | Qt::AlignVCenter);
                if (c > kValue)
                    item->setFlags(Qt::ItemIsEnabled | Qt::ItemIsSelectable);
                table_->setItem(r, c, item);
            }
        }
        table_->setCurrentCell(std::min(row, table_->rowCount() - 1), column);
    }
    flow_->setVisible(unit_->currentIndex() == static_cast<int>(ReadingUnit::seconds));
    fit();
}

void CalibrationPage::add_row(const QString& from, const QString& to, double delta_e, const QString& value) {
    document_->edit(tr("Add a reading"), [&](Project& p) {
        p.readings.rows.push_back(
            {from.toStdString(), to.toStdString(), number_text(delta_e).toStdString(), value.toStdString()});
    });
}

void CalibrationPage::show_readings(const QString& label, const std::vector<Reading>& readings) {
    ReadingSheet s{static_cast<int>(ReadingUnit::mm3), flow_->value(), {}};
    for (const Reading& r : readings)
        s.rows.push_back({colour_name(r.from).toStdString(), colour_name(r.to).toStdString(),
                          number_text(r.delta_e).toStdString(), number_text(r.clean_mm3).toStdString()});
    document_->edit(label, [&](Project& p) { p.readings = std::move(s); });
}

/// Its letter where a filament has that colour.
QString CalibrationPage::colour_name(Srgb c) const {
    for (const Filament& f : document_->project().filaments)
        if (f.colour == c)
            return QString(QChar::fromLatin1(f.letter));
    return QString::fromStdString(to_hex(c));
}

void CalibrationPage::fill_from_strip() {
    if (!strip_)
        return;
    ReadingSheet s{static_cast<int>(ReadingUnit::strip_mm), flow_->value(), {}};
    for (const StripChange& c : strip_->changes)
        s.rows.push_back({std::string(1, c.from), std::string(1, c.to),
                          number_text(document_->project().settings.delta_e).toStdString(), ""});
    document_->edit(tr("Rows for the strip"), [&](Project& p) { p.readings = std::move(s); });
    table_->setCurrentCell(0, kValue);
}

void CalibrationPage::fit() {
    const QSignalBlocker quiet(table_);
    const Project& p = document_->project();
    readings_.clear();
    fit_.reset();
    std::vector<QString> names;
    std::vector<int> row_of;
    QString problem;
    const auto colour = [&](const QString& text) -> std::optional<Srgb> {
        if (text.size() == 1)
            if (const int f = find_filament(p, text.toUpper().at(0).toLatin1()); f >= 0)
                return p.filaments[static_cast<std::size_t>(f)].colour;
        return parse_colour(text.toStdString());
    };
    for (int r = 0; r < table_->rowCount(); ++r) {
        for (const int c : {kModel, kOff})
            table_->item(r, c)->setText({});
        const QString from = table_->item(r, kFrom)->text().trimmed(),
                      to = table_->item(r, kTo)->text().trimmed(),
                      value = table_->item(r, kValue)->text().trimmed();
        if (value.isEmpty())
            continue; // not measured yet
        bool good = false, level_good = false;
        const double v = QString(value).replace(QLatin1Char(','), QLatin1Char('.')).toDouble(&good),
                     level = table_->item(r, kLevel)
                                 ->text()
                                 .replace(QLatin1Char(','), QLatin1Char('.'))
                                 .toDouble(&level_good);
        const auto a = colour(from), b = colour(to);
        if (!a || !b)
            problem = tr("Row %1: “%2” is neither a letter of the project nor a colour #rrggbb.")
                          .arg(r + 1)
                          .arg(a ? to : from);
        else if (!level_good || level < 0.2 || level > 30)
            problem = tr("Row %1: the level must be a number from 0.2 to 30.").arg(r + 1);
        else if (!good || v < 0 || v > 100000)
            problem = tr("Row %1: “%2” is no number that can have been measured.").arg(r + 1).arg(value);
        else {
            readings_.push_back({*a, *b, level,
                                 reading_mm3(static_cast<ReadingUnit>(unit_->currentIndex()), v,
                                             strip_mm3_per_mm(p.settings), flow_->value())});
            names.push_back(from + QStringLiteral("→") + to);
            row_of.push_back(r);
        }
    }
    if (problem.isEmpty() && !readings_.empty()) {
        const auto fitted = fit_washout(readings_);
        if (fitted)
            fit_ = *fitted;
        else
            problem = words(fitted.error().message);
    }
    problem_->setText(problem);
    problem_->setVisible(!problem.isEmpty());
    problem_->setStyleSheet(QStringLiteral("color: %1").arg(Theme::current().warn.name()));
    if (fit_) {
        int outliers = 0;
        for (std::size_t i = 0; i < readings_.size(); ++i) {
            const FittedReading& f = fit_->readings[i];
            table_->item(row_of[i], kModel)->setText(number_text(std::round(f.model_mm3)));
            table_->item(row_of[i], kOff)
                ->setText((f.residual_mm3 < 0 ? QStringLiteral("−") : QStringLiteral("+")) +
                          number_text(std::round(std::abs(f.residual_mm3))) +
                          (f.outlier ? tr(" ✗") : QString()));
            table_->item(row_of[i], kOff)
                ->setToolTip(
                    f.outlier ? tr("An outlier: %1 times its own standard deviation off. Measure it again.")
                                    .arg(number(std::abs(f.studentized), 1))
                              : QString());
            outliers += f.outlier;
        }
        result_->setText(
            (fit_->dead_at_most_mm3
                 ? tr("Dead volume V_d 0 mm³, with 95 % no more than %1; mixing volume V_m %2 ± %3 mm³")
                       .arg(number(*fit_->dead_at_most_mm3, 1), number(fit_->mixing_mm3, 1),
                            number(fit_->mixing_sd_mm3, 1))
             : fit_->sd_known() ? tr("Dead volume V_d %1 ± %2 mm³, mixing volume V_m %3 ± %4 mm³")
                                      .arg(number(fit_->dead_mm3, 1), number(fit_->dead_sd_mm3, 1),
                                           number(fit_->mixing_mm3, 1), number(fit_->mixing_sd_mm3, 1))
                                : tr("Dead volume V_d %1 mm³, mixing volume V_m %2 mm³; two readings do not "
                                     "tell how sure that is")
                                      .arg(number(fit_->dead_mm3, 1), number(fit_->mixing_mm3, 1))) +
            (readings_.size() < 3 ? tr(" – a third reading would") : QString()) +
            (outliers ? tr(" – %n outlier(s)", nullptr, outliers) : QString()));
    } else {
        result_->setText(tr("Nothing fitted yet."));
    }
    plot_->show_fit(readings_, fit_, std::move(names));
    keep_->setEnabled(fit_.has_value());
}

void CalibrationPage::refresh_places() {
    const Machine& m = document_->project().machine;
    const QSignalBlocker a(nozzle_), b(material_);
    const QString nozzle = nozzle_->currentText(), material = material_->currentText();
    nozzle_->clear();
    std::vector<std::pair<std::string, double>> seen;
    for (std::size_t n = 0; n < m.nozzles.size(); ++n) {
        const std::pair place{m.toolheads[static_cast<std::size_t>(m.nozzles[n].toolhead)].name,
                              m.nozzles[n].diameter_mm};
        if (std::find(seen.begin(), seen.end(), place) != seen.end())
            continue;
        seen.push_back(place);
        nozzle_->addItem(tr("%1, %2 mm").arg(QString::fromStdString(place.first)).arg(number(place.second)),
                         static_cast<int>(n));
    }
    material_->clear();
    for (const MaterialFacts& f : all_materials())
        material_->addItem(QString::fromUtf8(f.id), static_cast<int>(f.material));
    nozzle_->setCurrentIndex(std::max(0, nozzle_->findText(nozzle)));
    material_->setCurrentIndex(std::max(0, material_->findText(material)));
}

void CalibrationPage::keep() {
    if (!fit_)
        return;
    const Machine& m = document_->project().machine;
    const Nozzle& n = m.nozzles[static_cast<std::size_t>(nozzle_->currentData().toInt())];
    const KeptCalibration kept{m.toolheads[static_cast<std::size_t>(n.toolhead)].name,
                               n.diameter_mm,
                               static_cast<Material>(material_->currentData().toInt()),
                               fit_->dead_mm3,
                               fit_->mixing_mm3,
                               fit_->dead_sd_mm3,
                               fit_->mixing_sd_mm3,
                               fit_->covariance_mm6,
                               readings_};
    document_->edit(tr("Keep a calibration"), [&](Project& p) {
        std::erase_if(p.machine.calibrations, [&](const KeptCalibration& c) {
            return c.toolhead == kept.toolhead && c.nozzle_mm == kept.nozzle_mm &&
                   c.material == kept.material;
        });
        p.machine.calibrations.push_back(kept);
    });
    Q_EMIT said(document_->project().settings.dead_mm3 > 0 || document_->project().settings.mixing_mm3 > 0
                    ? tr("Kept. The project has figures of its own, purge.dead_mm3 or purge.mixing_mm3, and "
                         "goes by them until they are 0.")
                    : tr("Kept with the machine. The plan goes by it now."));
}

void CalibrationPage::show_kept() {
    const QSignalBlocker quiet(kept_);
    kept_->clear();
    for (const KeptCalibration& c : document_->project().machine.calibrations) {
        const auto about = [&](const QString& text) {
            return text.arg(QString::fromStdString(c.toolhead), number(c.nozzle_mm),
                            QString::fromUtf8(facts(c.material).id), number(c.dead_mm3, 1),
                            number(c.mixing_mm3, 1));
        };
        const int n = static_cast<int>(c.readings.size());
        kept_->addItem(n > 2 ? about(tr("%1, %2 mm, %3: dead volume V_d %4 ± %6, mixing volume V_m %5 ± %7 "
                                        "mm³, %n reading(s)",
                                        nullptr, n))
                                   .arg(number(c.dead_sd_mm3, 1), number(c.mixing_sd_mm3, 1))
                             : about(tr("%1, %2 mm, %3: dead volume V_d %4, mixing volume V_m %5 mm³, two "
                                        "readings, uncertainty unknown")));
    }
    if (!kept_->count()) {
        auto* none = new QListWidgetItem(
            tr("No calibration kept yet: the plan goes by the machine's figures."), kept_);
        none->setFlags(Qt::NoItemFlags);
    } else {
        kept_->setCurrentRow(0);
    }
    const bool any = !document_->project().machine.calibrations.empty();
    forget_->setEnabled(any);
    if (auto* again = findChild<QPushButton*>(QStringLiteral("show_calibration")))
        again->setEnabled(any);
}

void CalibrationPage::read_csv() {
    const QString path = QFileDialog::getOpenFileName(this, tr("Open readings"), {}, tr("Readings (*.csv)"));
    if (path.isEmpty())
        return;
    const auto bytes = read_file(path.toStdString());
    const auto readings = bytes ? readings_from_csv(*bytes) : Result<std::vector<Reading>>(bytes.error());
    if (!readings)
        return Q_EMIT said(
            tr("%1 was not read. %2").arg(QFileInfo(path).fileName(), words(readings.error().message)));
    show_readings(tr("Open readings"), *readings);
}

void CalibrationPage::write_csv() {
    const QString path = QFileDialog::getSaveFileName(this, tr("Write readings"),
                                                      QStringLiteral("readings.csv"), tr("Readings (*.csv)"));
    if (path.isEmpty())
        return;
    if (const Status ok = write_file(path.toStdString(), readings_to_csv(readings_)); !ok)
        Q_EMIT said(words(ok.error().message));
}

void CalibrationPage::export_strip() {
    const QString folder =
        strip_ ? QFileDialog::getExistingDirectory(this, tr("Folder for the strip")) : QString();
    if (folder.isEmpty())
        return;
    const Status ok = write_strip(strip_->project, "strip", before_calibration_strip(), folder.toStdString(),
                                  window_language());
    Q_EMIT said(ok ? tr("Written into %1: strip.3mf, one STL for each filament, strip.html with its plan, "
                        "strip.vitrail.")
                         .arg(folder)
                   : words(ok.error().message));
}

} // namespace vitrail

#include "moc_calibration_page.cpp"
