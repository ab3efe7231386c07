#include "app/parts/wedge_dialog.h"

#include "app/parts/tables.h"
#include "app/parts/wedge_photo_view.h"
#include "app/theme/theme.h"
#include "core/picture/make.h"
#include "formats/strip_files.h"
#include "paint/filament_paint.h"
#include "paint/make_picture.h"
#include "paint/read_picture.h"
#include "paint/words.h"

#include <QButtonGroup>
#include <QDialogButtonBox>
#include <QDoubleSpinBox>
#include <QFile>
#include <QFileDialog>
#include <QFormLayout>
#include <QLabel>
#include <QPushButton>
#include <QSpinBox>
#include <QTabWidget>
#include <QTableWidget>
#include <QToolButton>
#include <QVBoxLayout>

#include <cmath>

namespace vitrail {

namespace {

constexpr double kTimes[] = {0.4,  0.55, 0.75, 1,
                             1.35, 1.8,  2.5}; ///< transmission distances that are offered to the eye
constexpr int kLooked[] = {1, 2, 4, 8};        ///< layers over black

} // namespace

WedgeDialog::WedgeDialog(const Filament& filament, QWidget* parent)
    : QDialog(parent), filament_(filament), td_mm_(filament.td_mm), pages_(new QTabWidget),
      steps_(new QSpinBox), layer_(new QDoubleSpinBox), photo_(new WedgePhotoView), written_(new QLabel),
      says_(new QLabel), eye_says_(new QLabel) {
    setWindowTitle(tr("How %1 takes light").arg(QString::fromStdString(filament.name)));
    pages_->setObjectName(QStringLiteral("wedge_pages"));
    pages_->addTab(make_print(), tr("&1 Print the wedge"));
    pages_->addTab(make_photo(), tr("&2 Read its photograph"));
    pages_->addTab(make_eye(), tr("&Or judge by eye"));
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Ok | QDialogButtonBox::Cancel);
    ok_ = buttons->button(QDialogButtonBox::Ok);
    ok_->setText(tr("Take it"));
    ok_->setEnabled(false);
    connect(buttons, &QDialogButtonBox::accepted, this, &QDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    auto* all = new QVBoxLayout(this);
    all->addWidget(pages_, 1);
    all->addWidget(buttons);
    refresh_eye();
    resize(em(64), em(46));
}

WedgePlan WedgeDialog::plan() const {
    WedgePlan p;
    p.steps = steps_->value();
    p.layer_mm = layer_->value();
    return p;
}

std::optional<MeasuredOptics> WedgeDialog::measured() const {
    return fit_ ? std::optional(MeasuredOptics{fit_->optics, fit_->k_sd, fit_->s_sd}) : std::nullopt;
}

QWidget* WedgeDialog::make_print() {
    auto* page = new QWidget;
    auto* column = new QVBoxLayout(page);
    auto* how = new QLabel(tr("A small plate with steps of one layer each, over white and over black. Where "
                              "it is bare white the light on it can be seen. How light falls off from step "
                              "to step says how much the filament absorbs (K) and scatters (S)."));
    how->setWordWrap(true);
    column->addWidget(how);
    steps_->setObjectName(QStringLiteral("wedge_steps"));
    steps_->setRange(2, 30);
    steps_->setValue(8);
    layer_->setObjectName(QStringLiteral("wedge_layer"));
    layer_->setRange(0.04, 0.6);
    layer_->setSingleStep(0.01);
    layer_->setValue(0.08);
    layer_->setSuffix(QLatin1Char(' ') + tr("mm"));
    auto* form = new QFormLayout;
    form->addRow(tr("&Steps"), steps_);
    form->addRow(tr("&Layer height"), layer_);
    column->addLayout(form);
    auto* write = new QPushButton(tr("&Write 3MF, STL and plan…"));
    write->setObjectName(QStringLiteral("write_wedge"));
    column->addWidget(write, 0, Qt::AlignLeft);
    written_->setObjectName(QStringLiteral("wedge_written"));
    written_->setWordWrap(true);
    column->addWidget(written_);
    for (const Message& m : before_wedge()) {
        auto* line = new QLabel(words(m));
        line->setWordWrap(true);
        column->addWidget(line);
    }
    auto* caution = new QLabel(tr("Nozzle and bed are hot: keep fingers out of a moving machine, and let the "
                                  "plate cool before you take it off."));
    caution->setObjectName(QStringLiteral("quiet"));
    caution->setWordWrap(true);
    column->addWidget(caution);
    column->addStretch();
    connect(write, &QPushButton::clicked, this, &WedgeDialog::write_files);
    connect(steps_, &QSpinBox::valueChanged, this, [this] {
        photo_->set_plan(plan());
        read();
    });
    connect(layer_, &QDoubleSpinBox::valueChanged, this, [this] {
        read();
        refresh_eye();
    });
    return page;
}

QWidget* WedgeDialog::make_photo() {
    auto* page = new QWidget;
    auto* column = new QVBoxLayout(page);
    auto* row = new QHBoxLayout;
    auto* open = new QPushButton(icon(QStringLiteral("image")), tr("&Open the photograph…"));
    open->setObjectName(QStringLiteral("open_wedge_photo"));
    says_->setObjectName(QStringLiteral("wedge_says"));
    says_->setWordWrap(true);
    row->addWidget(open);
    row->addWidget(says_, 1);
    column->addLayout(row);
    column->addWidget(photo_, 1);
    result_ = make_table("wedge_result", tr("What was read"),
                         {{tr("channel")}, {tr("K, 1/mm"), 9, true}, {tr("S, 1/mm"), 9, true}});
    result_->horizontalHeaderItem(1)->setToolTip(tr("Absorption, and its standard uncertainty"));
    result_->horizontalHeaderItem(2)->setToolTip(tr("Scattering, and its standard uncertainty"));
    result_->setMaximumHeight(em(9));
    column->addWidget(result_);
    photo_->set_plan(plan());
    connect(open, &QPushButton::clicked, this, [this] {
        const QString path =
            QFileDialog::getOpenFileName(this, tr("The photograph of the wedge"), {},
                                         tr("Pictures (*.png *.jpg *.jpeg *.webp *.tif *.tiff)"));
        if (!path.isEmpty())
            open_photo(path);
    });
    connect(photo_, &WedgePhotoView::marks_changed, this, &WedgeDialog::read);
    return page;
}

void WedgeDialog::open_photo(const QString& path) {
    QFile file(path);
    if (!file.open(QIODevice::ReadOnly)) {
        says_->setText(tr("%1 cannot be read.").arg(path));
        return;
    }
    auto read_photo = read_picture(file.readAll());
    if (!read_photo) {
        says_->setText(words(read_photo.error().message));
        return;
    }
    raster_ = std::make_shared<const Raster>(std::move(*read_photo));
    photo_->set_photo(to_image(*raster_));
    fit_.reset();
    ok_->setEnabled(false);
    says_->setText(tr("Drag the marks onto the wedge's corners, the white and the grey; then it is read."));
}

void WedgeDialog::read() {
    if (!raster_)
        return;
    const auto fit = read_wedge(*raster_, plan(), photo_->marks());
    result_->setRowCount(0);
    fit_.reset();
    ok_->setEnabled(false);
    if (!fit) {
        says_->setText(words(fit.error().message));
        return;
    }
    fit_ = *fit;
    td_mm_ = td_of(fit->optics);
    const QString names[] = {tr("red"), tr("green"), tr("blue")};
    result_->setRowCount(3);
    for (int c = 0; c < 3; ++c) {
        const auto i = static_cast<std::size_t>(c);
        set_row(result_, c,
                {names[c], tr("%1 ± %2").arg(number(fit->optics.k[i], 3), number(fit->k_sd[i], 3)),
                 tr("%1 ± %2").arg(number(fit->optics.s[i], 3), number(fit->s_sd[i], 3))});
    }
    QStringList left_out;
    for (const WedgeField& f : fit->fields)
        if (f.outlier)
            left_out << (f.over_black ? tr("%n layer(s) over black", nullptr, f.layers)
                                      : tr("%n layer(s) over white", nullptr, f.layers));
    QString text = tr("Transmission distance %1 mm. Fields fit within %2 %; the light was uneven by %3 %.")
                       .arg(number(td_mm_, 2), number(100 * fit->rms, 1), number(100 * fit->unevenness, 0));
    if (!left_out.isEmpty())
        text += QLatin1Char(' ') +
                tr("Left out, as they lie far from the others: %1.").arg(left_out.join(QStringLiteral(", ")));
    says_->setText(text);
    ok_->setEnabled(true);
}

QWidget* WedgeDialog::make_eye() {
    auto* page = new QWidget;
    auto* column = new QVBoxLayout(page);
    auto* how =
        new QLabel(tr("Hold the printed steps over black beside the screen, in daylight, and choose in each "
                      "row the patch that looks like that step. Less sure than a photograph, but quick."));
    how->setWordWrap(true);
    column->addWidget(how);
    for (const int layers : kLooked) {
        auto* row = new QHBoxLayout;
        auto* name = new QLabel(tr("%n layer(s)", nullptr, layers));
        name->setMinimumWidth(em(6));
        row->addWidget(name);
        auto* group = new QButtonGroup(this);
        for (int i = 0; i < static_cast<int>(std::size(kTimes)); ++i) {
            auto* b = new QToolButton;
            b->setObjectName(QStringLiteral("eye_%1_%2").arg(layers).arg(i));
            b->setCheckable(true);
            b->setIconSize({em(4), em(3)});
            group->addButton(b, i);
            row->addWidget(b);
        }
        row->addStretch();
        connect(group, &QButtonGroup::idClicked, this, &WedgeDialog::take_eye);
        rows_.push_back(group);
        column->addLayout(row);
    }
    eye_says_->setObjectName(QStringLiteral("eye_says"));
    column->addWidget(eye_says_);
    column->addStretch();
    return page;
}

void WedgeDialog::refresh_eye() {
    for (std::size_t r = 0; r < rows_.size(); ++r)
        for (int i = 0; i < static_cast<int>(std::size(kTimes)); ++i) {
            const double td = filament_.td_mm * kTimes[i];
            const Tint tint = tint_of(filament_.colour, td);
            const StackLayer layer{0, kLooked[r] * layer_->value()};
            Lighting over_black;
            over_black.backing = {0.03, 0.03, 0.03};
            const Srgb c = shown(look_of(std::span(&layer, 1), std::span(&tint, 1), over_black).light);
            QPixmap patch(em(4), em(3));
            patch.fill(to_qcolor(c));
            QAbstractButton* b = rows_[r]->button(i);
            b->setIcon(patch);
            b->setToolTip(tr("as with a transmission distance of %1 mm").arg(number(td, 2)));
            b->setAccessibleName(tr("%1, %2").arg(QString::fromStdString(to_hex(c)), b->toolTip()));
        }
}

void WedgeDialog::take_eye() {
    double logs = 0, squares = 0;
    int n = 0;
    for (const QButtonGroup* g : rows_)
        if (g->checkedId() >= 0) {
            const double l = std::log(filament_.td_mm * kTimes[g->checkedId()]);
            logs += l, squares += l * l, ++n;
        }
    if (!n)
        return;
    const double mean = logs / n;
    td_mm_ = std::exp(mean);
    fit_.reset();
    eye_says_->setText(
        n > 1 ? tr("Transmission distance %1 mm, from %n row(s); they differ by a factor of %2.", nullptr, n)
                    .arg(number(td_mm_, 2),
                         number(std::exp(std::sqrt(std::max(0.0, squares / n - mean * mean))), 2))
              : tr("Transmission distance %1 mm, from one row.").arg(number(td_mm_, 2)));
    ok_->setEnabled(true);
}

void WedgeDialog::write_files() {
    const QString folder = QFileDialog::getExistingDirectory(this, tr("Folder for the wedge"));
    if (folder.isEmpty())
        return;
    Settings s;
    const Machine machine;
    s.first_layer_mm = usual_layers(PictureUse::relief, machine).first_mm;
    const auto wedge = wedge_project(
        plan(), filament_,
        make_filament('A', filament_.material, {0xf2, 0xf2, 0xea}, tr("white").toStdString()),
        make_filament('B', filament_.material, {0x1c, 0x1e, 0x24}, tr("black").toStdString()), s, machine);
    if (!wedge) {
        written_->setText(words(wedge.error().message));
        return;
    }
    const Status ok = write_strip(*wedge, "wedge", before_wedge(), folder.toStdString(), window_language());
    written_->setText(
        ok ? tr("Written to %1: wedge.3mf, STL files, wedge.html with its plan, wedge.vitrail.").arg(folder)
           : words(ok.error().message));
}

} // namespace vitrail

#include "moc_wedge_dialog.cpp"
