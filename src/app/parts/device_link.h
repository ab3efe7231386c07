// A line to a printer, a scale, a reader of tags: to what speaks in lines of text, over the network or a
// serial port.
#pragma once

#include <QObject>

#include <memory>
#include <string>

class QIODevice;
class QProcess;

namespace vitrail {

class DeviceLink : public QObject {
    Q_OBJECT
public:
    explicit DeviceLink(QObject* parent = nullptr);
    ~DeviceLink() override;

    /// "host:port", or a device such as /dev/ttyUSB0 (115,200 baud, or what stands behind a comma).
    void open(const QString& address);
    /// Starts a simulated device that comes with the program (vitrail-printer, …), and opens a line to it; it
    /// ends with the link.
    void open_simulated(const QString& program, const QStringList& arguments);
    void close();
    bool is_open() const { return open_; }
    const QString& address() const { return address_; }
    void send(const std::string& bytes);

Q_SIGNALS:
    void opened();
    void came(const QByteArray& bytes);
    void closed(const QString& why); ///< not by close(); empty where the other side hung up

private:
    void end(const QString& why);

    std::unique_ptr<QIODevice> device_;
    std::unique_ptr<QProcess> simulated_;
    QString address_;
    bool open_ = false;
};

} // namespace vitrail
