// Colours of a model file to filaments: which becomes which, how far off, and how many are left.
#pragma once

#include "core/colour/merge.h"
#include "formats/import.h"

#include <QDialog>

#include <map>

class QLabel;
class QSlider;
class QTableWidget;

namespace vitrail {

class ColourDialog : public QDialog {
    Q_OBJECT
public:
    ColourDialog(const Project& project, std::vector<ColourUse> colours, QWidget* parent = nullptr);

    /// Adds the filaments that are new to `project` and says what each file colour becomes.
    std::vector<ColourMatch> apply(Project& project) const;

private:
    void refill();

    Project project_;
    std::vector<ColourUse> colours_;
    std::vector<ColourMerge> order_;
    /// Chosen by hand, by place in colours_: a letter, or 0 for a filament of its own.
    std::map<int, char> by_hand_;
    char proposal(int colour) const;
    QSlider* left_;
    QLabel *count_, *merged_;
    QTableWidget* table_;
};

} // namespace vitrail
