// What the project takes of each filament, against the spools there are.
#pragma once

#include <QAbstractListModel>
#include <QListView>

namespace vitrail {

class Document;

class NeedsModel : public QAbstractListModel {
    Q_OBJECT
public:
    enum Role { LetterRole = Qt::UserRole, ColourRole, NeedRole, LeftRole, MarginRole, StateRole, WordsRole };
    enum State { kUnknown, kEnough, kTight, kShort };
    explicit NeedsModel(Document* document, QObject* parent = nullptr);
    int rowCount(const QModelIndex& parent = {}) const override;
    QVariant data(const QModelIndex& index, int role) const override;

private:
    Document* document_;
};

class NeedsView : public QListView {
    Q_OBJECT
public:
    explicit NeedsView(Document* document, QWidget* parent = nullptr);
};

} // namespace vitrail
