// A sheet for somebody who has a say, and the answer to it.
#pragma once

#include "core/run_sheet/choice_page.h"

#include <QDialog>

class QCheckBox;
class QComboBox;
class QDateEdit;
class QLineEdit;
class QListWidget;
class QPlainTextEdit;

namespace vitrail {

/// Which variants and which figures the sheet shows, and whom it is for.
class SheetDialog : public QDialog {
    Q_OBJECT
public:
    SheetDialog(const std::vector<PlannedVariant>& variants, bool has_earlier, QWidget* parent = nullptr);
    std::vector<std::size_t> chosen() const; ///< indices into the variants
    std::vector<VariantFigure> figures() const;
    QString title() const;
    QString whom() const;
    bool since_last() const;

private:
    void refresh();

    QLineEdit *title_, *whom_;
    QListWidget *variants_, *figures_;
    QCheckBox* since_;
    class QPushButton* write_;
};

class AnswerDialog : public QDialog {
    Q_OBJECT
public:
    explicit AnswerDialog(const std::vector<Asked>& asked, QWidget* parent = nullptr);
    std::size_t sheet() const; ///< index into the sheets
    QString date() const, letters() const, said() const;

private:
    QComboBox* sheet_;
    QDateEdit* date_;
    QLineEdit* letters_;
    QPlainTextEdit* words_;
};

} // namespace vitrail
