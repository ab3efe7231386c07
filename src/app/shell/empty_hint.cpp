#include "app/shell/empty_hint.h"

#include "app/document/document.h"
#include "app/shell/bench_rail.h"
#include "app/shell/main_window.h"
#include "app/theme/theme.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>

namespace vitrail {

EmptyHint::EmptyHint(Document* document, BenchRail* rail, QWidget* parent)
    : QFrame(parent), document_(document), rail_(rail), says_(new QLabel) {
    setObjectName(QStringLiteral("empty_hint"));
    says_->setObjectName(QStringLiteral("empty_hint_says"));
    says_->setWordWrap(true);
    auto* model = new QPushButton(icon(QStringLiteral("plus")), tr("Add model files…"));
    model->setObjectName(QStringLiteral("empty_hint_model"));
    auto* demos = new QPushButton(icon(QStringLiteral("compass")), tr("Demo projects"));
    demos->setObjectName(QStringLiteral("empty_hint_demos"));
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(em(1), em(0.5), em(1), 0);
    row->setSpacing(em(0.6));
    row->addWidget(says_, 1);
    row->addWidget(model);
    row->addWidget(demos);
    connect(model, &QPushButton::clicked, this, &EmptyHint::wants_model);
    connect(demos, &QPushButton::clicked, this, &EmptyHint::wants_welcome);
    connect(document, &Document::project_changed, this, &EmptyHint::refresh);
    hide();
}

/// Picture, Piece, Palette and Logbook have something to begin with themselves.
void EmptyHint::refresh() {
    const int bench = rail_->chosen();
    const bool own = bench < 0 || bench == MainWindow::kPicture || bench == MainWindow::kPiece ||
                     bench == MainWindow::kPalette || bench == MainWindow::kLogbook;
    setVisible(!own && !has_parts(document_->project()));
    if (!own)
        says_->setText(
            tr("%1 There is nothing to plan yet: add a model, or look at a demo.").arg(rail_->says(bench)));
}

} // namespace vitrail

#include "moc_empty_hint.cpp"
