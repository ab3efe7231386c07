// Purge: how much for each pair, where it goes, and what the nozzle really needs.
#pragma once

#include <QWidget>

namespace vitrail {

class BenchPages;
class CalibrationPage;
class Document;
class StripsPage;
class ViewState;

class PurgeBench : public QWidget {
    Q_OBJECT
public:
    enum Page { kStrips, kWhere, kCalibration };
    PurgeBench(Document* document, ViewState* view, QWidget* parent = nullptr);
    void show_page(Page page);
    StripsPage* strips_page() { return strips_; }
    CalibrationPage* calibration_page() { return calibration_; }

Q_SIGNALS:
    void said(const QString& text);

private:
    BenchPages* pages_;
    StripsPage* strips_;
    CalibrationPage* calibration_;
};

} // namespace vitrail
