// What the Piece bench does to regions: assigning letters, splitting, joining, bands, poses.
#include "app/piece/piece_bench.h"

#include "app/document/document.h"
#include "app/document/view_state.h"
#include "app/paint/painter.h"
#include "app/piece/band_dialogs.h"
#include "app/piece/pose_dialog.h"
#include "app/piece/regions_model.h"
#include "app/piece/scale_dialog.h"
#include "app/view3d/view3d.h"
#include "core/project/regions.h"
#include "paint/words.h"

#include <QTreeView>

namespace vitrail {

void PieceBench::assign(char letter) {
    const Project& project = document_->project();
    const Piece& piece = view_->piece_of(project);
    if (piece.parts.empty())
        return;
    if (find_filament(project, letter) < 0) {
        Q_EMIT said(tr("There is no filament %1. Add one first.").arg(QChar::fromLatin1(letter)));
        return;
    }
    std::vector<int> bands;
    std::vector<std::pair<int, int>> patches;
    for (const QModelIndex& i : tree_->selectionModel()->selectedRows())
        if (const int n = i.data(RegionsModel::PatchRole).toInt(); n > 0)
            patches.emplace_back(i.data(RegionsModel::PartRole).toInt(), n);
    if (patches.empty() && view_->patch().second > 0)
        patches.push_back(view_->patch());
    if (!patches.empty()) {
        document_->edit(
            tr("Give %n patch(es) filament %1", nullptr, static_cast<int>(patches.size()))
                .arg(QChar::fromLatin1(letter)),
            [&](Project& p) {
                for (const auto& [part, n] : patches)
                    view_->piece_of(p).parts[part].patches[static_cast<std::size_t>(n) - 1].filament = letter;
            });
        return;
    }
    for (const QModelIndex& i : tree_->selectionModel()->selectedRows())
        if (const int b = i.data(RegionsModel::BandRole).toInt();
            i.data(RegionsModel::BandRole).isValid() && b >= 0)
            bands.push_back(b);
    std::set<int> parts = view_->parts();
    if (parts.empty() && piece.parts.size() == 1)
        parts = {0};
    if (parts.empty()) {
        Q_EMIT said(tr("Select a part or a band first, then press its letter."));
        return;
    }
    const QChar l = QChar::fromLatin1(letter);
    const auto plan = document_->plan();
    if (const auto [from, to] = view_->range(); from && plan) {
        const double z0 = plan->grid.bottom_mm(from), z1 = plan->grid.top_mm(to);
        document_->edit(tr("Give layers %1 to %2 filament %3").arg(from).arg(to).arg(l), [&](Project& p) {
            for (const int part : parts)
                assign_band(view_->piece_of(p), part, z0, z1, letter);
        });
        view_->set_range(0, 0);
        tree_->expandAll();
        return;
    }
    if (!bands.empty()) {
        document_->edit(tr("Give a band filament %1").arg(l), [&](Project& p) {
            for (const int b : bands)
                view_->piece_of(p).bands[static_cast<std::size_t>(b)].filament = letter;
        });
        return;
    }
    document_->edit(tr("Give %n part(s) filament %1", nullptr, static_cast<int>(parts.size())).arg(l),
                    [&](Project& p) {
                        for (const int part : parts)
                            view_->piece_of(p).parts[static_cast<std::size_t>(part)].filament = letter;
                    });
}

void PieceBench::remove_regions() {
    std::set<int, std::greater<>> bands;
    std::set<std::pair<int, int>, std::greater<>> patches;
    for (const QModelIndex& i : tree_->selectionModel()->selectedRows()) {
        if (const int b = i.data(RegionsModel::BandRole).toInt(); b >= 0)
            bands.insert(b);
        if (const int n = i.data(RegionsModel::PatchRole).toInt(); n > 0)
            patches.insert({i.data(RegionsModel::PartRole).toInt(), n});
    }
    if (bands.empty() && patches.empty() && view_->patch().second > 0)
        patches.insert(view_->patch());
    if (bands.empty() && patches.empty())
        return;
    document_->edit(
        tr("Remove %n region(s)", nullptr, static_cast<int>(bands.size() + patches.size())), [&](Project& p) {
            Piece& piece = view_->piece_of(p);
            for (const int b : bands)
                piece.bands.erase(piece.bands.begin() + b);
            for (const auto& [part, n] : patches) // from the last, so that the numbers before it hold
                remove_patch(piece.parts[part], static_cast<PatchNumber>(n));
        });
    view_->select_patch(-1, 0);
}

void PieceBench::split_selected() {
    const std::set<int> chosen = view_->parts();
    Project after = document_->project();
    int made = 0;
    for (auto i = chosen.rbegin(); i != chosen.rend(); ++i)
        if (const int n = split_part(after, static_cast<int>(view_->piece_in(after)), *i); n > 1)
            made += n;
    if (!made) {
        Q_EMIT said(tr("Each of these parts is one body: there is nothing to split."));
        return;
    }
    document_->edit(tr("Split into %n part(s)", nullptr, made), [&](Project& p) { p = after; });
    view_->select({});
}

void PieceBench::join_selected() {
    const std::vector<int> chosen(view_->parts().begin(), view_->parts().end());
    if (chosen.size() < 2)
        return;
    document_->edit(tr("Join %n part(s)", nullptr, static_cast<int>(chosen.size())),
                    [&](Project& p) { join_parts(view_->piece_of(p), chosen); });
    view_->select({chosen.front()});
}

/// Heights of a band, typed; they snap to layer tops and to level faces of the part.
void PieceBench::edit_band() {
    const QModelIndex i = tree_->currentIndex();
    const int b = i.isValid() ? i.data(RegionsModel::BandRole).toInt() : -1;
    if (b < 0 || b >= static_cast<int>(view_->piece_of(document_->project()).bands.size()))
        return;
    const auto plan = document_->plan();
    const Band band = view_->piece_of(document_->project()).bands[b];
    BandDialog dialog(band, plan ? plan->grid : LayerGrid{},
                      painter_->level_faces(i.data(RegionsModel::PartRole).toInt()), this);
    if (dialog.exec() != QDialog::Accepted || dialog.band() == band)
        return;
    document_->edit(tr("Move a band"), [&](Project& p) { view_->piece_of(p).bands[b] = dialog.band(); });
}

void PieceBench::study_poses() {
    if (view_->piece_of(document_->project()).parts.empty())
        return;
    PoseDialog dialog(document_->project(), static_cast<int>(view_->piece_in(document_->project())),
                      document_->background(), this);
    if (dialog.exec() != QDialog::Accepted)
        return;
    const Rotation r = dialog.chosen();
    document_->edit(tr("Turn the piece"),
                    [&](Project& p) { turn(p, static_cast<int>(view_->piece_in(p)), r); });
    view_->select({});
    if (view3d_)
        view3d_->fit();
}

void PieceBench::scale_file() {
    const Project& now = document_->project();
    if (!has_parts(now) || now.models.empty())
        return;
    ScaleDialog dialog(now, this);
    if (dialog.exec() != QDialog::Accepted || dialog.factor() == 1)
        return;
    document_->edit(
        tr("Scale %1").arg(QString::fromStdString(now.models[static_cast<std::size_t>(dialog.model())].name)),
        [&](Project& p) { scale_model(p, dialog.model(), dialog.factor()); });
    if (view3d_)
        view3d_->fit();
}

void PieceBench::thicken_base() {
    if (view_->piece_of(document_->project()).parts.empty())
        return;
    BaseDialog dialog(document_->project().settings, this);
    if (dialog.exec() == QDialog::Accepted && dialog.delta_mm() != 0)
        document_->edit(tr("Thicken the base by %1 mm").arg(number(dialog.delta_mm())),
                        [&](Project& p) { vitrail::thicken_base(view_->piece_of(p), dialog.delta_mm()); });
}

} // namespace vitrail
