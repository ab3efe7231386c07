// Calibration: a strip to print, what was measured on it, and V_d and V_m fitted to that.
#pragma once

#include "core/project/project.h"
#include "core/purge/calibrate.h"
#include "core/purge/strip.h"

#include <QWidget>

#include <optional>

class QComboBox;
class QDoubleSpinBox;
class QLabel;
class QLineEdit;
class QListWidget;
class QPushButton;
class QTableWidget;

namespace vitrail {

class Document;
class FitPlot;

class CalibrationPage : public QWidget {
    Q_OBJECT
public:
    explicit CalibrationPage(Document* document, QWidget* parent = nullptr);
    /// Adds a row of readings, as typed: letters or #rrggbb, level, and the value in the chosen unit.
    void add_row(const QString& from, const QString& to, double delta_e, const QString& value);
    QTableWidget* table() { return table_; }

Q_SIGNALS:
    void said(const QString& text);

private:
    QWidget* make_strip();
    QWidget* make_readings();
    QWidget* make_result();
    QString colour_name(Srgb c) const;
    void show_strip();
    /// The table as it stands, the project's, and one into the other.
    ReadingSheet sheet() const;
    void keep_sheet(const QString& label);
    void show_sheet();
    void show_readings(const QString& label, const std::vector<Reading>& readings);
    void fit();
    void export_strip();
    void fill_from_strip();
    void read_csv();
    void write_csv();
    void keep();
    void show_kept();
    void refresh_places();

    Document* document_;
    QLineEdit* letters_;
    QLabel *strip_says_, *problem_, *result_;
    QPushButton *export_, *fill_, *keep_, *forget_;
    QTableWidget* table_;
    QComboBox *unit_, *nozzle_, *material_;
    QDoubleSpinBox* flow_;
    FitPlot* plot_;
    QListWidget* kept_;
    std::optional<Strip> strip_;
    std::vector<Reading> readings_;
    std::optional<Calibration> fit_;
    bool own_letters_ = false; ///< the user chose them
};

} // namespace vitrail
