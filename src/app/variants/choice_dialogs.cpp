#include "app/variants/choice_dialogs.h"

#include "app/theme/theme.h"
#include "paint/words.h"

#include <QCheckBox>
#include <QComboBox>
#include <QDateEdit>
#include <QDialogButtonBox>
#include <QFormLayout>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QPlainTextEdit>
#include <QPushButton>
#include <QRegularExpressionValidator>

namespace vitrail {

namespace {

QListWidget* checked_list(const char* name, const QString& spoken) {
    auto* list = new QListWidget;
    list->setObjectName(QString::fromLatin1(name));
    list->setAccessibleName(spoken);
    list->setFixedHeight(em(8));
    return list;
}

void add_checked(QListWidget* list, const QString& text, int value, bool on) {
    auto* item = new QListWidgetItem(text, list);
    item->setData(Qt::UserRole, value);
    item->setFlags(item->flags() | Qt::ItemIsUserCheckable);
    item->setCheckState(on ? Qt::Checked : Qt::Unchecked);
}

std::vector<int> checked(const QListWidget* list) {
    std::vector<int> out;
    for (int i = 0; i < list->count(); ++i)
        if (list->item(i)->checkState() == Qt::Checked)
            out.push_back(list->item(i)->data(Qt::UserRole).toInt());
    return out;
}

} // namespace

SheetDialog::SheetDialog(const std::vector<PlannedVariant>& variants, bool has_earlier, QWidget* parent)
    : QDialog(parent), title_(new QLineEdit(tr("Which one?"))), whom_(new QLineEdit),
      variants_(checked_list("sheet_variants", tr("Variants on the sheet"))),
      figures_(checked_list("sheet_figures", tr("Figures on the sheet"))),
      since_(new QCheckBox(tr("Say first what has changed &since the last sheet"))) {
    setWindowTitle(tr("A sheet to choose from"));
    title_->setObjectName(QStringLiteral("sheet_title"));
    whom_->setObjectName(QStringLiteral("sheet_whom"));
    whom_->setPlaceholderText(tr("for your own record"));
    for (std::size_t i = 0; i < variants.size(); ++i)
        if (variants[i].plan)
            add_checked(variants_,
                        variants[i].index < 0 ? tr("as it stands") : QString::fromStdString(variants[i].name),
                        static_cast<int>(i), variants[i].index >= 0 || variants.size() == 1);
    for (int f = 0; f < kVariantFigures; ++f)
        add_checked(figures_, words(words_for(static_cast<VariantFigure>(f))), f,
                    static_cast<VariantFigure>(f) == VariantFigure::hours ||
                        static_cast<VariantFigure>(f) == VariantFigure::money);
    since_->setObjectName(QStringLiteral("sheet_since"));
    since_->setVisible(has_earlier);
    since_->setChecked(has_earlier);
    auto* form = new QFormLayout;
    form->addRow(tr("&Heading"), title_);
    form->addRow(tr("&For"), whom_);
    form->addRow(tr("&Variants"), variants_);
    form->addRow(tr("Fi&gures"), figures_);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Cancel);
    write_ = buttons->addButton(tr("&Write it…"), QDialogButtonBox::AcceptRole);
    write_->setObjectName(QStringLiteral("write_sheet"));
    connect(buttons, &QDialogButtonBox::accepted, this, &QDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    auto* note = new QLabel(tr("Only what is chosen here stands on it: pictures, letters to answer by, and "
                               "figures in plain words."));
    note->setObjectName(QStringLiteral("quiet"));
    note->setWordWrap(true);
    auto* all = new QVBoxLayout(this);
    all->addLayout(form);
    all->addWidget(since_);
    all->addWidget(note);
    all->addWidget(buttons);
    resize(em(34), sizeHint().height());
    connect(variants_, &QListWidget::itemChanged, this, &SheetDialog::refresh);
    refresh();
}

void SheetDialog::refresh() {
    write_->setEnabled(!chosen().empty());
}

std::vector<std::size_t> SheetDialog::chosen() const {
    std::vector<std::size_t> out;
    for (const int i : checked(variants_))
        out.push_back(static_cast<std::size_t>(i));
    return out;
}

std::vector<VariantFigure> SheetDialog::figures() const {
    std::vector<VariantFigure> out;
    for (const int f : checked(figures_))
        out.push_back(static_cast<VariantFigure>(f));
    return out;
}

QString SheetDialog::title() const {
    return title_->text();
}

QString SheetDialog::whom() const {
    return whom_->text();
}

bool SheetDialog::since_last() const {
    return since_->isVisibleTo(this) && since_->isChecked();
}

AnswerDialog::AnswerDialog(const std::vector<Asked>& asked, QWidget* parent)
    : QDialog(parent), sheet_(new QComboBox), date_(new QDateEdit(QDate::currentDate())),
      letters_(new QLineEdit), words_(new QPlainTextEdit) {
    setWindowTitle(tr("The answer"));
    sheet_->setObjectName(QStringLiteral("answer_sheet"));
    sheet_->setAccessibleName(tr("Which sheet was answered"));
    for (const Asked& a : asked)
        sheet_->addItem(
            a.whom.empty()
                ? QString::fromStdString(a.date)
                : tr("%1, for %2").arg(QString::fromStdString(a.date), QString::fromStdString(a.whom)));
    sheet_->setCurrentIndex(sheet_->count() - 1);
    date_->setObjectName(QStringLiteral("answer_date"));
    date_->setDisplayFormat(QStringLiteral("yyyy-MM-dd"));
    date_->setCalendarPopup(true);
    letters_->setObjectName(QStringLiteral("answer_letters"));
    letters_->setPlaceholderText(tr("B, or A and C, or none"));
    words_->setObjectName(QStringLiteral("answer_words"));
    words_->setAccessibleName(tr("As it was said"));
    words_->setTabChangesFocus(true);
    words_->setFixedHeight(em(6));
    auto* form = new QFormLayout;
    form->addRow(tr("&Sheet"), sheet_);
    form->addRow(tr("&Answered on"), date_);
    form->addRow(tr("&Letter"), letters_);
    form->addRow(tr("As it was sai&d"), words_);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Ok | QDialogButtonBox::Cancel);
    connect(buttons, &QDialogButtonBox::accepted, this, &QDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    auto* all = new QVBoxLayout(this);
    all->addLayout(form);
    all->addWidget(buttons);
    resize(em(30), sizeHint().height());
}

std::size_t AnswerDialog::sheet() const {
    return static_cast<std::size_t>(std::max(0, sheet_->currentIndex()));
}

QString AnswerDialog::date() const {
    return date_->date().toString(Qt::ISODate);
}

QString AnswerDialog::letters() const {
    return letters_->text().trimmed();
}

QString AnswerDialog::said() const {
    return words_->toPlainText().trimmed();
}

} // namespace vitrail

#include "moc_choice_dialogs.cpp"
