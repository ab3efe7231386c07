// Which of a project's pieces is looked at; not there where it has one.
#pragma once

#include "app/document/document.h"
#include "app/document/view_state.h"

#include <QComboBox>
#include <QSignalBlocker>

namespace vitrail {

class PieceChooser : public QComboBox {
    Q_OBJECT
public:
    PieceChooser(Document* document, ViewState* view, QWidget* parent = nullptr)
        : QComboBox(parent), document_(document), view_(view) {
        setObjectName(QStringLiteral("piece"));
        setAccessibleName(tr("Piece"));
        setToolTip(tr("Which piece is shown here"));
        connect(this, &QComboBox::activated, this,
                [this](int i) { view_->show_piece(static_cast<std::size_t>(i)); });
        connect(document, &Document::project_changed, this, &PieceChooser::refresh);
        connect(view, &ViewState::piece_changed, this, &PieceChooser::refresh);
        refresh();
    }

private:
    void refresh() {
        const QSignalBlocker quiet(this);
        const Project& p = document_->project();
        clear();
        for (const Piece& piece : p.pieces)
            addItem(tr("%1 × %L2").arg(QString::fromStdString(piece.name)).arg(count_of(p, piece)));
        setCurrentIndex(static_cast<int>(view_->piece_in(p)));
        setVisible(p.pieces.size() > 1);
    }

    Document* document_;
    ViewState* view_;
};

} // namespace vitrail
