#include "app/piece/settings_dialog.h"

#include "app/parts/setting_edit.h"
#include "app/theme/theme.h"
#include "paint/words.h"

#include <QCheckBox>
#include <QDialogButtonBox>
#include <QGridLayout>
#include <QHBoxLayout>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QScrollArea>
#include <QVBoxLayout>

#include <algorithm>

namespace vitrail {

namespace {

double default_of(const SettingInfo& info) {
    return info.field.of(Settings{});
}

} // namespace

SettingsDialog::SettingsDialog(const Settings& settings, QWidget* parent)
    : QDialog(parent), search_(new QLineEdit), only_changed_(new QCheckBox(tr("only what is &changed"))),
      none_(new QLabel(tr("No setting has these words."))) {
    setWindowTitle(tr("All settings"));
    setObjectName(QStringLiteral("settings_dialog"));
    search_->setObjectName(QStringLiteral("settings_search"));
    search_->setAccessibleName(tr("Search the settings"));
    search_->setPlaceholderText(tr("Search"));
    search_->setClearButtonEnabled(true);
    only_changed_->setObjectName(QStringLiteral("only_changed"));
    only_changed_->setToolTip(tr("Settings that are not at their defaults"));
    none_->setObjectName(QStringLiteral("quiet"));
    none_->setAlignment(Qt::AlignCenter);
    auto* top = new QHBoxLayout;
    top->addWidget(search_, 1);
    top->addWidget(only_changed_);
    auto* scroll = new QScrollArea;
    scroll->setFocusPolicy(Qt::NoFocus); // what is in it has the focus, and is scrolled to
    scroll->setWidget(make_rows(settings));
    scroll->setWidgetResizable(true);
    scroll->setFrameShape(QFrame::NoFrame);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Ok | QDialogButtonBox::Cancel |
                                         QDialogButtonBox::RestoreDefaults);
    connect(buttons, &QDialogButtonBox::accepted, this, &QDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    connect(buttons->button(QDialogButtonBox::RestoreDefaults), &QPushButton::clicked, this, [this] {
        for (const Group& g : groups_)
            for (const Row& r : g.rows) {
                r.edit->show_value(default_of(r.edit->info()));
                mark(r);
            }
        filter();
    });
    connect(search_, &QLineEdit::textChanged, this, &SettingsDialog::filter);
    connect(only_changed_, &QCheckBox::toggled, this, &SettingsDialog::filter);
    auto* all = new QVBoxLayout(this);
    all->addLayout(top);
    all->addWidget(scroll, 1);
    all->addWidget(none_, 1);
    all->addWidget(buttons);
    resize(em(60), em(42));
    filter();
}

QWidget* SettingsDialog::make_rows(const Settings& settings) {
    auto* inside = new QWidget;
    auto* grid = new QGridLayout(inside);
    grid->setColumnStretch(3, 1);
    grid->setHorizontalSpacing(em(0.8));
    int at = 0;
    for (int s = 0; s < kSubjects; ++s) {
        Group group{new QLabel(words(to_string(static_cast<Subject>(s)))), {}};
        group.heading->setFont(font_of(1.05, true));
        group.heading->setContentsMargins(0, em(0.7), 0, em(0.1));
        grid->addWidget(group.heading, at++, 0, 1, 4);
        for (const SettingInfo& info : all_settings()) {
            if (info.subject() != static_cast<Subject>(s))
                continue;
            Row row{new SettingEdit(info),
                    new QLabel,
                    new QLabel(words(info.why)),
                    new QPushButton(icon(QStringLiteral("undo-2")), QString()),
                    new QWidget,
                    {}};
            row.edit->show_value(default_of(info));
            row.reset->setToolTip(tr("Back to the default: %1").arg(row.edit->text()));
            row.edit->show_value(info.field.of(settings));
            row.words = QStringList{words(info.label), words(info.why), QString::fromUtf8(info.key)}.join(
                QLatin1Char('\n'));
            row.label->setBuddy(row.edit);
            row.label->setWordWrap(true);
            row.label->setMinimumWidth(em(12));
            row.why->setObjectName(QStringLiteral("quiet"));
            row.why->setWordWrap(true);
            row.reset->setObjectName(QStringLiteral("reset.") + QString::fromUtf8(info.key));
            row.reset->setAutoDefault(false);
            row.reset->setAccessibleName(tr("Reset %1").arg(words(info.label)));
            auto* place = new QHBoxLayout(row.beside);
            place->setContentsMargins(0, 0, 0, 0);
            place->addWidget(row.reset);
            row.beside->setFixedWidth(row.reset->sizeHint().width());
            grid->addWidget(row.label, at, 0);
            grid->addWidget(row.edit, at, 1);
            grid->addWidget(row.beside, at, 2, Qt::AlignCenter);
            grid->addWidget(row.why, at++, 3);
            connect(row.edit, &SettingEdit::edited, this, [this, row] { mark(row); });
            connect(row.reset, &QPushButton::clicked, this, [this, row] {
                row.edit->setFocus();
                row.edit->show_value(default_of(row.edit->info()));
                mark(row);
            });
            mark(row);
            group.rows << row;
        }
        groups_ << group;
    }
    grid->setRowStretch(at, 1);
    return inside;
}

void SettingsDialog::mark(const Row& row) {
    const bool changed = row.edit->value() != default_of(row.edit->info());
    row.label->setText((changed ? QStringLiteral("• ") : QString()) + words(row.edit->info().label));
    row.label->setFont(font_of(1, changed));
    row.reset->setVisible(changed);
}

void SettingsDialog::filter() {
    const QStringList asked = search_->text().split(QLatin1Char(' '), Qt::SkipEmptyParts);
    bool any = false;
    for (const Group& g : groups_) {
        bool shown = false;
        for (const Row& r : g.rows) {
            const QString words = r.words + QLatin1Char('\n') + g.heading->text();
            const bool wanted =
                std::all_of(asked.begin(), asked.end(),
                            [&](const QString& word) { return words.contains(word, Qt::CaseInsensitive); }) &&
                (!only_changed_->isChecked() || r.edit->value() != default_of(r.edit->info()));
            for (QWidget* w : std::initializer_list<QWidget*>{r.label, r.edit, r.beside, r.why})
                w->setVisible(wanted);
            mark(r);
            shown |= wanted;
        }
        g.heading->setVisible(shown);
        any |= shown;
    }
    none_->setVisible(!any);
    none_->setText(search_->text().isEmpty() ? tr("Everything is at its default.")
                                             : tr("No setting has these words."));
}

Settings SettingsDialog::settings() const {
    Settings s;
    for (const Group& g : groups_)
        for (const Row& r : g.rows)
            r.edit->info().field.set(s, r.edit->value());
    return s;
}

} // namespace vitrail

#include "moc_settings_dialog.cpp"
