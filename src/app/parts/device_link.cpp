#include "app/parts/device_link.h"

#include <QCoreApplication>
#include <QFileInfo>
#include <QProcess>
#include <QRegularExpression>
#include <QSerialPort>
#include <QTcpSocket>

namespace vitrail {

DeviceLink::DeviceLink(QObject* parent) : QObject(parent) {}

DeviceLink::~DeviceLink() {
    close();
}

void DeviceLink::end(const QString& why) {
    if (!device_)
        return;
    close();
    Q_EMIT closed(why);
}

void DeviceLink::close() {
    open_ = false;
    if (device_) {
        device_->disconnect(this);
        device_->close();
        device_.release()->deleteLater(); // it may be what is telling us
    }
    if (simulated_) {
        simulated_->disconnect(this);
        simulated_->kill();
        simulated_->waitForFinished(200);
        simulated_.reset();
    }
}

void DeviceLink::open(const QString& address) {
    if (device_)
        close();
    address_ = address;
    if (address.startsWith(QLatin1Char('/'))) {
        auto* port = new QSerialPort(address.section(QLatin1Char(','), 0, 0));
        device_.reset(port);
        bool ok = true;
        const int baud =
            address.contains(QLatin1Char(',')) ? address.section(QLatin1Char(','), 1).toInt(&ok) : 115200;
        port->setBaudRate(ok && baud > 0 ? baud : 115200);
        connect(port, &QSerialPort::errorOccurred, this, [this, port](QSerialPort::SerialPortError e) {
            if (e != QSerialPort::NoError && e != QSerialPort::TimeoutError && open_)
                end(port->errorString());
        });
        if (!port->open(QIODevice::ReadWrite))
            return end(port->errorString());
        open_ = true;
    } else {
        auto* socket = new QTcpSocket;
        device_.reset(socket);
        connect(socket, &QTcpSocket::connected, this, [this, socket] {
            socket->setSocketOption(QAbstractSocket::LowDelayOption, 1);
            open_ = true;
            Q_EMIT opened();
        });
        connect(socket, &QTcpSocket::errorOccurred, this, [this, socket](QAbstractSocket::SocketError e) {
            end(e == QAbstractSocket::RemoteHostClosedError ? QString() : socket->errorString());
        });
        const int colon = static_cast<int>(address.lastIndexOf(QLatin1Char(':')));
        const int port = address.mid(colon + 1).toInt();
        if (port < 1 || port > 65535)
            return end(
                tr("an address is HOST:PORT, such as localhost:9100, or a device such as /dev/ttyUSB0"));
        socket->connectToHost(colon > 0 ? address.left(colon) : QStringLiteral("localhost"),
                              static_cast<quint16>(port));
    }
    connect(device_.get(), &QIODevice::readyRead, this, [this] {
        if (device_)
            Q_EMIT came(device_->readAll());
    });
    if (open_)
        Q_EMIT opened();
}

void DeviceLink::open_simulated(const QString& program, const QStringList& arguments) {
    close();
    simulated_ = std::make_unique<QProcess>();
    connect(simulated_.get(), &QProcess::readyReadStandardOutput, this, [this] {
        static const QRegularExpression port(QStringLiteral("port (\\d+)"));
        if (const auto found = port.match(QString::fromUtf8(simulated_->readAllStandardOutput()));
            found.hasMatch() && !device_)
            open(QStringLiteral("localhost:") + found.captured(1));
    });
    connect(simulated_.get(), &QProcess::errorOccurred, this, [this](QProcess::ProcessError e) {
        if (e != QProcess::FailedToStart)
            return;
        const QString why = simulated_->errorString();
        close();
        Q_EMIT closed(why);
    });
    const QString beside = QCoreApplication::applicationDirPath() + QLatin1Char('/') + program;
    simulated_->start(QFileInfo::exists(beside) ? beside : program,
                      arguments + QStringList{QStringLiteral("--no-terminal"), QStringLiteral("--once")});
}

void DeviceLink::send(const std::string& bytes) {
    if (open_ && !bytes.empty())
        device_->write(bytes.data(), static_cast<qint64>(bytes.size()));
}

} // namespace vitrail

#include "moc_device_link.cpp"
