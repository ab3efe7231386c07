#include "app/parts/device_row.h"

#include "app/parts/device_link.h"
#include "app/theme/theme.h"
#include "core/material/scale.h"

#include <QComboBox>
#include <QHBoxLayout>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QSerialPortInfo>
#include <QSettings>
#include <QTimer>
#include <QVBoxLayout>

namespace vitrail {

namespace {

constexpr int kAgain_ms = 250, kPatience = 40; ///< ten seconds

} // namespace

DeviceRow::DeviceRow(Kind kind, QWidget* parent)
    : QWidget(parent), kind_(std::move(kind)), link_(new DeviceLink(this)), address_(new QComboBox),
      button_(new QPushButton(kind_.button)), says_(new QLabel), again_(new QTimer(this)) {
    const QString name = QString::fromLatin1(kind_.name);
    setObjectName(name);
    button_->setObjectName(name + QStringLiteral("_read"));
    button_->setToolTip(kind_.tip);
    button_->setAutoDefault(false);
    address_->setObjectName(name + QStringLiteral("_address"));
    address_->setAccessibleName(tr("Where it is"));
    address_->setToolTip(tr("The simulated one, HOST:PORT, or a serial port with its baud rate behind a "
                            "comma where it is not 115200"));
    address_->setEditable(true);
    address_->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    address_->setMinimumContentsLength(14);
    address_->addItem(tr("simulated"));
    for (const QSerialPortInfo& port : QSerialPortInfo::availablePorts())
        address_->addItem(port.systemLocation());
    if (const QString kept = QSettings().value(QStringLiteral("devices/") + name).toString(); !kept.isEmpty())
        address_->setEditText(kept);
    says_->setObjectName(QStringLiteral("quiet"));
    says_->setWordWrap(true);
    says_->hide();
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    auto* row = new QHBoxLayout;
    row->addWidget(button_);
    row->addWidget(address_, 1);
    column->addLayout(row);
    column->addWidget(says_);

    again_->setInterval(kAgain_ms);
    connect(button_, &QPushButton::clicked, this, [this] { asking() ? stop({}) : ask(); });
    connect(again_, &QTimer::timeout, this, [this] {
        if (++asked_ > kPatience)
            return stop(tr("It does not answer. Is it switched on, and is the address right?"));
        link_->send(kind_.question.toStdString());
    });
    connect(link_, &DeviceLink::opened, this, [this] {
        if (simulated_)
            link_->send(kind_.by_hand.toStdString());
        link_->send(kind_.question.toStdString());
    });
    connect(link_, &DeviceLink::closed, this, [this](const QString& why) {
        stop(why.isEmpty() ? tr("It has hung up.") : tr("There is no line to it: %1").arg(why));
    });
    connect(link_, &DeviceLink::came, this, [this](const QByteArray& bytes) {
        rest_ += bytes;
        while (rest_.contains('\n')) {
            const qsizetype end = rest_.indexOf('\n');
            const QByteArray line = rest_.left(end);
            rest_.remove(0, end + 1);
            QString waits;
            const QString said = kind_.answer(line, waits);
            if (!said.isEmpty()) {
                stop({});
                Q_EMIT answered(said);
                return;
            }
            if (!waits.isEmpty())
                says_->setText(waits);
        }
        rest_ = rest_.right(200);
    });
}

bool DeviceRow::asking() const {
    return again_->isActive();
}

void DeviceRow::ask() {
    const QString address = address_->currentText().trimmed();
    simulated_ = address.isEmpty() || address == address_->itemText(0);
    QSettings().setValue(QStringLiteral("devices/") + objectName(), simulated_ ? QString() : address);
    asked_ = 0;
    rest_.clear();
    again_->start();
    button_->setText(tr("Stop"));
    says_->setText(tr("It is asked…"));
    says_->show();
    simulated_ ? link_->open_simulated(kind_.program, kind_.arguments) : link_->open(address);
}

void DeviceRow::stop(const QString& says) {
    again_->stop();
    link_->close();
    button_->setText(kind_.button);
    says_->setText(says);
    says_->setVisible(!says.isEmpty());
}

DeviceRow* make_scale_row(double simulated_g, QWidget* parent) {
    return new DeviceRow(
        {"scale",
         DeviceRow::tr("&Read the scale"),
         DeviceRow::tr("Takes what a scale on a line shows, once it stands still"),
         QStringLiteral("vitrail-scale"),
         {QStringLiteral("--load"), QString::number(simulated_g, 'f', 2)},
         "P\n",
         {},
         [](const QByteArray& line, QString& waits) {
             const auto r = scale_reading({line.constData(), static_cast<std::size_t>(line.size())});
             if (r && !r->settled)
                 waits = DeviceRow::tr("It has not settled yet.");
             return r && r->settled ? QString::number(r->g, 'f', 3) : QString();
         }},
        parent);
}

DeviceRow* make_tag_row(const QStringList& simulated, QWidget* parent) {
    QStringList arguments;
    for (const QString& tag : simulated)
        arguments << QStringLiteral("--tag") << tag;
    return new DeviceRow(
        {"tags", DeviceRow::tr("&Read a tag"),
         DeviceRow::tr("Takes the number of the spool's tag that is held to a reader on a line"),
         QStringLiteral("vitrail-tags"), arguments, "R\n", "HAND hold\n",
         [](const QByteArray& line, QString& waits) {
             if (line.startsWith("tag "))
                 return QString::fromLatin1(line.mid(4).trimmed().left(64));
             waits = line.startsWith("?") ? DeviceRow::tr("It could not read the tag; hold it still.")
                                          : DeviceRow::tr("Hold the spool's tag to the reader.");
             return QString();
         }},
        parent);
}

} // namespace vitrail

#include "moc_device_row.cpp"
