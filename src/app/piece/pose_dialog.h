// The orientation study: the piece in every pose it can stand in, with what each costs, as pictures side by
// side.
#pragma once

#include "core/study/poses.h"

#include <QDialog>
#include <QImage>

#include <stop_token>

class QComboBox;
class QLabel;
class QListView;
class QProgressBar;
class QPushButton;
class QStandardItemModel;

namespace vitrail {

class Background;

class PoseDialog : public QDialog {
    Q_OBJECT
public:
    /// Poses of one of the pieces.
    PoseDialog(const Project& project, int piece, Background* background, QWidget* parent = nullptr);
    ~PoseDialog() override;

    /// From how the piece stands now.
    Rotation chosen() const;
    bool finished() const { return left_ == 0; }

private:
    struct Studied {
        PoseCost cost;
        QImage picture;
    };
    void arrive(const PoseCost& cost, const QImage& picture);
    void refill();

    Settings settings_;
    std::vector<Studied> studied_;
    int left_ = 0;
    std::stop_source stop_;
    QComboBox* aim_;
    QListView* list_;
    QStandardItemModel* model_;
    QProgressBar* progress_;
    QLabel* words_;
    QPushButton* turn_ = nullptr;
};

} // namespace vitrail
